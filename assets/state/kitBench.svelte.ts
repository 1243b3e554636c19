import { answered, api } from '../api/client';
import { wordsOf } from '../api/errors';
import type { Bench, Link } from '../api/types';
import type { Receiver } from '../lib/receivers';

export type Fault = 'far' | 'flat' | 'second' | 'wrong';
type Move = {
  at: number;
  device: string;
  do: 'on' | 'off' | 'press' | 'let-go' | 'raise';
  button?: string;
  address?: number;
  level?: number;
};
type Device = {
  id: string;
  name: string;
  is: 'sender' | 'receiver';
  setting: string;
  far?: boolean;
  flat?: boolean;
  new?: boolean;
};

/**
 * A kit on the bench: what hands do goes to the server with its time, and how everything stands then comes back. It is asked again when
 * something changes by itself.
 */
export class KitBench {
  readonly #kitId: string;
  readonly link: Link;
  /** The one whose pairing is practised. */
  readonly mine: Receiver;
  /** Whoever else listens to the sender, set as the rig says. */
  readonly others: readonly Receiver[];
  #moves: Move[] = [];
  /** Seconds on the bench's clock when it was started or stopped last, and when that was in the window. */
  #seconds = 0;
  #since = performance.now();
  #timer: ReturnType<typeof setTimeout> | undefined;
  #turn = 0;
  speed = $state(1);
  faults = $state<Record<Fault, boolean>>({ far: false, flat: false, second: false, wrong: false });
  /** Levels of the desk's faders, by address. */
  faders = $state.raw<Readonly<Record<number, number>>>({});
  state = $state.raw<Bench | null>(null);
  problem = $state<string | null>(null);
  now = $state(0);

  constructor(link: Link, mine: Receiver, others: readonly Receiver[] = []) {
    [this.#kitId, this.link, this.mine, this.others] = [link.kitId, link, mine, others];
  }

  get devices(): Device[] {
    const { name, label, names } = this.link;
    const at = names.indexOf(name);
    const last = this.link.parts.at(-1)?.values.length ?? 1;
    // Another last part, and for kits of one part another name: what a receiver is found at.
    const other = names[Math.floor(at / last) * last + ((at + 1) % last)] ?? name;
    const set = this.faults.wrong ? other : (this.mine.setting ?? names[0] ?? name);
    return [
      { id: 'sender', name: label, is: 'sender', setting: name },
      ...(this.faults.second ? [{ id: 'second', name: 'Another sender', is: 'sender' as const, setting: name }] : []),
      {
        id: 'receiver',
        name: this.mine.name,
        is: 'receiver',
        setting: set,
        far: this.faults.far,
        flat: this.faults.flat,
        new: true,
      },
      ...this.others
        .filter((one) => one.setting)
        .map((one) => ({
          id: one.id,
          name: one.name,
          is: 'receiver' as const,
          setting: one.setting ?? name,
        })),
    ];
  }

  get clock(): number {
    return this.#seconds + ((performance.now() - this.#since) / 1000) * this.speed;
  }

  /** Now, and never before what was done last: the clock of the window may be a little behind. */
  get #moment(): number {
    return Math.max(this.clock, this.#moves.at(-1)?.at ?? 0);
  }

  /** 1 as it is, 0.5 at half speed, 0 stopped. */
  run(speed: number): void {
    [this.#seconds, this.#since] = [this.clock, performance.now()];
    this.speed = speed;
    void this.ask();
  }

  begin(): void {
    [this.#moves, this.#seconds, this.#since] = [[], 0, performance.now()];
    this.faders = {};
    void this.ask();
  }

  put(fault: Fault, isIn: boolean): void {
    this.faults = { ...this.faults, [fault]: isIn };
    this.begin();
  }

  do(device: string, what: Move['do'], button?: string): void {
    const at = this.#moment;
    this.#moves.push({ at, device, do: what, ...(button === undefined ? {} : { button }) });
    void this.ask();
  }

  /** A fader of the desk that the sender passes on. */
  raise(address: number, level: number): void {
    this.faders = { ...this.faders, [address]: level };
    this.#moves.push({ at: this.#moment, device: 'sender', do: 'raise', address, level });
    void this.ask();
  }

  /** Switches on whatever is off. */
  allOn(): void {
    const at = this.#moment;
    const on = (this.state?.devices ?? []).filter((one) => one.isOn).map((one) => one.id);
    for (const one of this.devices) if (!on.includes(one.id)) this.#moves.push({ at, device: one.id, do: 'on' });
    void this.ask();
  }

  async ask(): Promise<void> {
    clearTimeout(this.#timer);
    const turn = ++this.#turn;
    const now = this.#moment;
    const body = { devices: this.devices, moves: this.#moves, now };
    try {
      const call = api.POST('/api/kits/{id}/bench', {
        params: { path: { id: this.#kitId } },
        body: body as unknown as Record<string, never>,
      });
      const state = await answered(call);
      if (turn !== this.#turn) return;
      [this.state, this.problem, this.now] = [state, null, now];
      if (typeof state.next === 'number' && this.speed > 0)
        this.#timer = setTimeout(
          () => void this.ask(),
          Math.max(20, ((state.next - this.clock) / this.speed) * 1000 + 10),
        );
    } catch (error) {
      if (turn === this.#turn) this.problem = wordsOf(error);
    }
  }

  leave(): void {
    clearTimeout(this.#timer);
    this.#turn += 1;
  }
}
