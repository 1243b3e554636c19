import { rebased, withMove, type Moves } from './moves';
import { firstChange, rigOf, wordsOfWrite } from './writes';
import { connection } from './connection.svelte';
import { claimWindow, liveWindows } from './windowId';

const AGAIN_AFTER_MS = 1000;
/** So long another window of one's own is waited for, and so often it is looked at. */
const OTHERS_MS = 1500;
const LOOK_MS = 50;
const AWAY = [502, 503, 504];
const PREFIX = 'rigger.outbox.';
const MOVES = 'rigger.moves.';

/** A write as it is kept in this browser until the server has answered it. */
export type Kept = {
  key: string;
  method: string;
  url: string;
  /** JSON, or null for none. */
  body: string | null;
  words: string;
  at: number;
  /** Once it has been sent it stays as it is: the server knows it by its key. */
  isSent: boolean;
  /** Why the server did not make it; null while it waits. */
  refused: string | null;
};
type Pending = { kept: Kept; request: Request | null; done: ((answer: Response) => void) | null };

/**
 * Writes on their way to the server, one after the other. Each is kept in the browser's storage from the moment it is made until it
 * is answered, so that neither an absent server nor a reload loses it, and carries a key, so that it is made once however often it is
 * sent.
 */
export class Outbox {
  /** What waits, and what was refused after a reload, when nobody was there to be told. */
  entries = $state.raw<readonly Kept[]>([]);
  /** How many writes of before a reload have gone out, for a word about it. */
  sentLater = $state(0);
  /** Called when a write that nobody waits for any more has been answered. */
  onLate: (kept: Kept) => void = () => {};
  /** What units, looks and senders are called, by id: a waiting change says whom it is about. */
  names: Readonly<Record<string, string>> = {};
  readonly waiting = $derived(this.entries.filter((one) => one.refused === null));
  readonly refused = $derived(this.entries.filter((one) => one.refused !== null));
  #queue: Pending[] = [];
  #isRunning = false;
  /** By rig, what this window itself has made. */
  #own: Record<string, Moves> = {};
  #window: string | null = null;

  /** Takes up what a window that is gone has left behind, this one before its reload first. */
  async begin(): Promise<void> {
    this.#window = await claimWindow();
    const live = await liveWindows();
    const left = Object.keys(localStorage).filter(
      (name) => name.startsWith(PREFIX) && (name === this.#name || !live.has(name.slice(PREFIX.length))),
    );
    const found = left.flatMap((name) => read<Kept[]>(name) ?? []).sort((one, other) => one.at - other.at);
    const older = found.filter((one) => !this.entries.some((here) => here.key === one.key));
    this.#queue.unshift(...older.filter((one) => !one.refused).map((kept) => ({ kept, request: null, done: null })));
    this.#keep([...older, ...this.entries]);
    for (const name of left) if (name !== this.#name) localStorage.removeItem(name);
    void this.#run();
  }

  /** Sends a write when its turn comes. @returns the server's answer, however long that takes */
  async send(request: Request): Promise<Response> {
    const url = request.url.replace(location.origin, '');
    const path = url.split('?')[0] ?? url;
    const type = request.headers.get('Content-Type') ?? '';
    const isForm = type.startsWith('multipart/form-data');
    const body = isForm || request.body === null ? null : await request.clone().text();
    const kept: Kept = {
      key: crypto.randomUUID(),
      method: request.method,
      url,
      body: body === '' ? null : body,
      words: wordsOfWrite(request.method, path, json(body), this.names),
      at: Date.now(),
      isSent: false,
      refused: null,
    };
    return new Promise((done) => {
      this.#queue.push({ kept, request: isForm ? request : null, done });
      this.#keep([...this.entries, kept]);
      void this.#run();
    });
  }

  /** Makes a refused write anew, on the rig as it is now. */
  again(kept: Kept, version: number | null): void {
    const body = json(kept.body);
    const fresh = version !== null && isBased(body) ? JSON.stringify({ ...body, base: version }) : kept.body;
    const next: Kept = { ...kept, key: crypto.randomUUID(), body: fresh, isSent: false, refused: null, at: Date.now() };
    this.#keep(this.entries.map((one) => (one.key === kept.key ? next : one)));
    this.#queue.push({ kept: next, request: null, done: null });
    void this.#run();
  }

  /** A backup was brought back: what led to which version is of no use any more. */
  forgetMoves(): void {
    this.#own = {};
    for (const name of Object.keys(localStorage)) if (name.startsWith(MOVES)) localStorage.removeItem(name);
  }

  drop(kept: Kept): void {
    this.#keep(this.entries.filter((one) => one.key !== kept.key));
  }

  async #run(): Promise<void> {
    if (this.#isRunning) return;
    this.#isRunning = true;
    for (let next = this.#queue[0]; next; next = this.#queue[0]) {
      const answer = await this.#deliver(next);
      this.#queue.shift();
      if (next.done) this.drop(next.kept);
      else await this.#late(next.kept, answer);
      next.done?.(answer);
    }
    this.#isRunning = false;
  }

  /** Sends until there is an answer. */
  async #deliver(pending: Pending): Promise<Response> {
    for (;;) {
      this.#prepare(pending);
      const answer = await this.#try(pending);
      if (answer === null) {
        await new Promise((done) => setTimeout(done, AGAIN_AFTER_MS));
        continue;
      }
      // Refused because of a change of one's own, made from another window meanwhile: then it fits the rig as that left it.
      if (answer.status === 409 && (await this.#isOvertaken(pending.kept))) {
        this.#replace(pending, { ...pending.kept, key: crypto.randomUUID(), isSent: false });
        continue;
      }
      await this.#learn(pending.kept, answer);
      return answer;
    }
  }

  async #try({ kept, request }: Pending): Promise<Response | null> {
    try {
      const answer = request
        ? await fetch(withKey(request.clone(), kept.key))
        : await fetch(kept.url, {
            method: kept.method,
            headers: {
              Accept: 'application/json',
              'Idempotency-Key': kept.key,
              ...(kept.body === null ? {} : { 'Content-Type': 'application/json' }),
            },
            ...(kept.body === null ? {} : { body: kept.body }),
          });
      if (!AWAY.includes(answer.status)) {
        connection.back();
        return answer;
      }
    } catch {
      // No answer at all: the same as one that says so.
    }
    connection.lose('Rigger does not answer. Your change is kept here and goes out when it is back.');
    return null;
  }

  /** Before it is sent for the first time, a change is put on the version that this window's own changes have led to. */
  #prepare(pending: Pending): void {
    const { kept } = pending;
    if (kept.isSent) return;
    const body = json(kept.body);
    const version = isBased(body) ? this.#newest(kept, body.base) : null;
    const fresh = version === null ? kept.body : JSON.stringify({ ...(body as object), base: version });
    this.#replace(pending, { ...kept, body: fresh, isSent: true });
  }

  /** Another window of one's own that has sent something, and has not heard yet what came of it, soon says so. */
  async #isOvertaken(kept: Kept): Promise<boolean> {
    for (let waited = 0; waited < OTHERS_MS && !this.#isOutdated(kept) && this.#othersSend(kept); waited += LOOK_MS)
      await new Promise((done) => setTimeout(done, LOOK_MS));
    return this.#isOutdated(kept);
  }

  #othersSend(kept: Kept): boolean {
    return Object.keys(localStorage).some(
      (name) =>
        name.startsWith(PREFIX) &&
        name !== this.#name &&
        (read<Kept[]>(name) ?? []).some((one) => one.isSent && !one.refused && rigOf(one.url) === rigOf(kept.url)),
    );
  }

  #isOutdated(kept: Kept): boolean {
    const body = json(kept.body);
    return isBased(body) && this.#newest(kept, body.base) > body.base;
  }

  #newest(kept: Kept, version: number): number {
    const rig = rigOf(kept.url);
    if (rig === null) return version;
    // What undo takes back is what this window has seen last.
    const isStep = ['undo', 'redo'].includes(firstChange(json(kept.body))?.do ?? '');
    return rebased(isStep ? (this.#own[rig] ?? {}) : (read<Moves>(movesOf(rig)) ?? {}), version, Date.now());
  }

  async #learn(kept: Kept, answer: Response): Promise<void> {
    const rig = rigOf(kept.url);
    const body = json(kept.body);
    if (!answer.ok || rig === null || !isBased(body) || answer.status === 204) return;
    // A rig says its version near its head; the whole of it is read once, by whoever asked.
    const made = Number(/"version":(\d+)/.exec((await answer.clone().text()).slice(0, 4000))?.[1] ?? 0);
    if (made <= body.base) return;
    const now = Date.now();
    this.#own[rig] = withMove(this.#own[rig] ?? {}, body.base, made, now);
    write(movesOf(rig), withMove(read<Moves>(movesOf(rig)) ?? {}, body.base, made, now));
  }

  async #late(kept: Kept, answer: Response): Promise<void> {
    if (answer.ok) {
      this.drop(kept);
      this.sentLater += 1;
    } else {
      const problem = json(await answer.clone().text());
      const why = isRecord(problem) && typeof problem.detail === 'string' ? problem.detail : 'Rigger did not take it.';
      this.#keep(this.entries.map((one) => (one.key === kept.key ? { ...one, refused: why } : one)));
    }
    this.onLate(kept);
  }

  #replace(pending: Pending, kept: Kept): void {
    this.#keep(this.entries.map((one) => (one.key === pending.kept.key ? kept : one)));
    pending.kept = kept;
  }

  /** What is uploaded is left out of what is stored: its file cannot be kept, so leaving asks. */
  #keep(entries: readonly Kept[]): void {
    this.entries = entries;
    const uploads = this.#queue.filter((one) => one.request).map((one) => one.kept.key);
    const stored = entries.filter((one) => !uploads.includes(one.key));
    if (stored.length) write(this.#name, stored);
    else localStorage.removeItem(this.#name);
  }

  get #name(): string {
    return PREFIX + (this.#window ?? sessionStorage.getItem('rigger.window') ?? 'first');
  }
}

const movesOf = (rig: string) => MOVES + rig;

function withKey(request: Request, key: string): Request {
  request.headers.set('Idempotency-Key', key);
  return request;
}

function json(text: string | null): unknown {
  try {
    return text === null ? null : (JSON.parse(text) as unknown);
  } catch {
    return null;
  }
}

const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null;
const isBased = (value: unknown): value is { base: number } => isRecord(value) && typeof value.base === 'number';

function read<T>(name: string): T | null {
  return json(localStorage.getItem(name)) as T | null;
}

function write(name: string, value: unknown): void {
  try {
    localStorage.setItem(name, JSON.stringify(value));
  } catch {
    // The browser's storage is full or shut: the write still goes out from here, it is only not kept over a reload.
  }
}

export const outbox = new Outbox();
