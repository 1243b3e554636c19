import type { Command, Taken } from '../api/playback';

/** These set one thing: of several for the same the last counts, and one that arrives twice does no harm. */
const SETTING = ['move-faders', 'set-master', 'set-cross', 'set-blackout', 'send-instead'];

/** Requests that are on their way at a time: on a slow network the second goes before the first is back. */
const MOST_ON_THE_WAY = 2;

const isSetting = (command: Command) => SETTING.includes(command.do);
const thing = (command: Command) =>
  'row' in command ? `faders ${command.row ?? 'first'}` : 'fader' in command ? command.fader : command.do;

/** What a hand has done and nobody has confirmed yet. The newest of each fader goes; what is on its way goes along again. */
export class Hand {
  readonly #say: (number: number, commands: Command[]) => Promise<Taken>;
  readonly #onTrouble: (taken: Taken) => void;
  #waiting: Command[] = [];
  #onTheWay = new Map<number, Command[]>();
  #number = 0;
  #isHeld = true;

  /**
   * @param say       sends commands under a number; a later number holds all that an earlier one had
   * @param onTrouble nobody took them: they are kept, except where they were refused
   */
  constructor(say: (number: number, commands: Command[]) => Promise<Taken>, onTrouble: (taken: Taken) => void) {
    this.#say = say;
    this.#onTrouble = onTrouble;
  }

  /** Number of the request in which what is done now goes at the earliest. */
  get next(): number {
    return this.#number + 1;
  }

  do(command: Command): void {
    this.#waiting = merged(this.#waiting, command);
    this.#go();
  }

  /** Nobody is there: what is done waits. */
  hold(): void {
    this.#isHeld = true;
  }

  release(): void {
    this.#isHeld = false;
    this.#go();
  }

  /** Everything that is not confirmed, for somebody else to take it. */
  takeAll(): Command[] {
    const all = this.#unconfirmed();
    this.#waiting = [];
    this.#onTheWay = new Map();
    return all;
  }

  #unconfirmed(): Command[] {
    return [...this.#onTheWay.values(), this.#waiting].flat().reduce(merged, []);
  }

  #go(): void {
    if (this.#isHeld || this.#waiting.length === 0 || this.#onTheWay.size >= MOST_ON_THE_WAY) return;
    // What must not happen twice goes when nothing else is on its way, and nothing overtakes it.
    const isAlone = [...this.#onTheWay.values(), this.#waiting].flat().some((one) => !isSetting(one));
    if (isAlone && this.#onTheWay.size > 0) return;
    const number = ++this.#number;
    const commands = this.#unconfirmed();
    const before = [...this.#onTheWay.keys()];
    this.#onTheWay.set(number, this.#waiting);
    this.#waiting = [];
    void this.#say(number, commands).then((taken) => this.#answered(number, before, taken));
  }

  #answered(number: number, before: number[], taken: Taken): void {
    const mine = this.#onTheWay.get(number);
    this.#onTheWay.delete(number);
    if (taken === 'taken') {
      for (const one of before) this.#onTheWay.delete(one);
    } else {
      if (taken !== 'refused' && mine) {
        this.#waiting = [...mine, ...this.#waiting].reduce(merged, []);
        this.#isHeld = true;
      }
      this.#onTrouble(taken);
    }
    this.#go();
  }
}

/** With one more: it takes the place of what it makes void, as long as nothing stands between them. */
function merged(commands: Command[], more: Command): Command[] {
  if (!isSetting(more)) return [...commands, more];
  const from = commands.findLastIndex((one) => !isSetting(one)) + 1;
  const at = commands.findIndex((one, index) => index >= from && one.do === more.do && thing(one) === thing(more));
  const before = commands[at];
  if (!before) return [...commands, more];
  const both =
    before.do === 'move-faders' && more.do === 'move-faders'
      ? { ...more, slots: { ...before.slots, ...more.slots } }
      : more;
  return commands.with(at, both);
}
