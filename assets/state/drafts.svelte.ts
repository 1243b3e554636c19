const PREFIX = 'rigger.draft.';

/** Something that was typed and not taken yet. */
export type Draft = {
  key: string;
  text: string;
  /** What the field is called. */
  label: string;
  /** What is shown of it, where the text itself is not for reading. */
  words?: string;
  /** The page on which it was typed. */
  path: string;
  at: number;
  /** When it was sent to be taken, without an answer yet. */
  takingAt?: number;
};

/**
 * What is typed and not taken yet, kept in this browser: it survives a reload, a crash of the tab and going to another stage, and is
 * offered again where it was typed.
 */
export class Drafts {
  list = $state.raw<readonly Draft[]>([]);
  /** Those that nobody has sent yet. */
  readonly open = $derived(this.list.filter((one) => one.takingAt === undefined));

  constructor() {
    this.list = Object.keys(localStorage)
      .filter((name) => name.startsWith(PREFIX))
      .flatMap((name) => parse(localStorage.getItem(name)))
      .sort((one, other) => other.at - one.at);
  }

  isTaking(key: string): boolean {
    return this.list.find((one) => one.key === key)?.takingAt !== undefined;
  }

  text(key: string): string | null {
    return this.list.find((one) => one.key === key)?.text ?? null;
  }

  keep(key: string, text: string, label: string, words?: string): void {
    this.#store({
      key,
      text,
      label,
      ...(words === undefined ? {} : { words }),
      path: location.pathname,
      at: Date.now(),
    });
  }

  /** It is on its way: when the write goes out only after a reload, it is done with. */
  taking(key: string): void {
    const draft = this.list.find((one) => one.key === key);
    if (draft) this.#store({ ...draft, takingAt: Date.now() });
  }

  /** A write of that time has been answered when nobody was there any more to hear it: made, or listed with its reason. */
  answered(at: number): void {
    const sent = this.list
      .filter((one) => one.takingAt !== undefined && one.takingAt <= at && at - one.takingAt < 2000)
      .sort((one, other) => (other.takingAt ?? 0) - (one.takingAt ?? 0))[0];
    if (sent) this.drop(sent.key);
  }

  drop(key: string): void {
    if (!this.list.some((one) => one.key === key)) return;
    this.list = this.list.filter((one) => one.key !== key);
    localStorage.removeItem(PREFIX + key);
  }

  /** Everything that was typed in one form, once it is taken. */
  dropAll(start: string): void {
    for (const one of this.list) if (one.key.startsWith(start)) this.drop(one.key);
  }

  #store(draft: Draft): void {
    this.list = [draft, ...this.list.filter((one) => one.key !== draft.key)];
    try {
      localStorage.setItem(PREFIX + draft.key, JSON.stringify(draft));
    } catch {
      // The browser keeps no more: what is typed still stands in its field.
    }
  }
}

function parse(text: string | null): Draft[] {
  try {
    const draft = JSON.parse(text ?? '') as Draft;
    return typeof draft.key === 'string' && typeof draft.text === 'string' ? [draft] : [];
  } catch {
    return [];
  }
}

export const drafts = new Drafts();
