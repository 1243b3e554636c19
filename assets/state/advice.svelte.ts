import { answered, api } from '../api/client';
import { wordsOf } from '../api/errors';
import type { Advice, Wish } from '../api/types';
import { unique } from '../lib/unique';
import { KeptAnswers } from './keptAnswers';
import type { RigSession } from './rig.svelte';

/** A unit's wish as the operator is changing it. */
export type OpenWish = Wish & { isLeft: boolean };

/** `fixtureId` is what the browser kept until units were called so. */
type Answer = Pick<OpenWish, 'unitId' | 'wants' | 'with' | 'isLeft'> & { fixtureId?: string };

/** What is wanted of each unit at the desk, and the plan that follows; nothing changes until it is taken over. */
export class Advising {
  readonly #session: RigSession;
  readonly #kept: KeptAnswers<Answer[]>;
  /** Whether the units stand here yet. */
  #hasBegun = false;
  units = $state<OpenWish[]>([]);
  words = $state.raw<Readonly<Record<string, string>>>({});
  advice = $state.raw<Advice | null>(null);
  problem = $state<string | null>(null);
  isTaken = $state(false);
  /** What the advice that is shown was given for. */
  #givenFor = $state('');
  #turn = 0;

  constructor(session: RigSession) {
    this.#session = session;
    this.#kept = new KeptAnswers<Answer[]>(
      () => `advice.${session.id}`,
      'Wants for the desk’s plan',
      () =>
        this.units.map(({ unitId, wants, with: partner, isLeft }) => ({
          unitId,
          wants: [...wants].sort(),
          with: partner ?? null,
          isLeft,
        })),
      (answers) => this.#putBack(answers),
    );
  }

  /** Begins with what every unit does now, in the order of the addresses. */
  async begin(): Promise<void> {
    try {
      const { units: wishes, words } = await answered(
        api.GET('/api/rigs/{rig}/desk/wishes', { params: { path: { rig: this.#session.id } } }),
      );
      const units = this.#session.rig.units;
      const place = (id: string) => {
        const one = units.find((unit) => unit.id === id);
        return one ? one.universe * 1000 + one.address : 0;
      };
      this.words = Object.fromEntries(words.map((one) => [one.want, one.words]));
      this.units = wishes
        .map((one) => ({
          ...one,
          isLeft: units.some((unit) => unit.id === one.unitId && (unit.isLocked || unit.isOut)),
        }))
        .sort((one, other) => place(one.unitId) - place(other.unitId));
      this.#kept.begin();
      this.#hasBegun = true;
      this.problem = null;
    } catch (error) {
      this.problem = wordsOf(error);
    }
  }

  /** What is wanted survives a reload. */
  keep(): void {
    const { name } = this.#session.rig;
    if (this.units.length > 0 && this.#hasBegun) this.#kept.keep(name);
  }

  /** Answers of before, in their order; units that hang since then stand behind, those that came down are gone. */
  #putBack(kept: readonly Answer[]): void {
    const answers = kept.map(({ fixtureId, ...one }) => ({ ...one, unitId: one.unitId ?? fixtureId }));
    const rest = this.units.filter((unit) => !answers.some((one) => one.unitId === unit.unitId));
    const again = answers.flatMap((one) => {
      const unit = this.units.find((other) => other.unitId === one.unitId);
      return unit ? [{ ...unit, ...one }] : [];
    });
    this.units = [...again, ...rest];
  }

  /** Units that this one can go together with: earlier ones of its type. */
  partners(unit: OpenWish): OpenWish[] {
    const index = this.units.indexOf(unit);
    return this.units.slice(0, index).filter((one) => one.model === unit.model && !one.isLeft && !one.with);
  }

  toggle(unit: OpenWish, want: string, isForType: boolean): void {
    const isOn = !unit.wants.includes(want);
    for (const one of this.units) {
      if (one !== unit && !(isForType && one.model === unit.model)) continue;
      one.wants = isOn ? unique([...one.wants, want]) : one.wants.filter((other) => other !== want);
    }
  }

  move(unit: OpenWish, by: number): void {
    const index = this.units.indexOf(unit);
    const to = Math.min(this.units.length - 1, Math.max(0, index + by));
    const rest = this.units.filter((one) => one !== unit);
    this.units = [...rest.slice(0, to), unit, ...rest.slice(to)];
  }

  get wishes() {
    const asked = this.units.filter((one) => !one.isLeft);
    const named: string[] = [];
    return asked.map(({ unitId, wants, with: partner }) => {
      // A partner that is left out, or stands later by now, is none.
      const together = partner && named.includes(partner) ? partner : null;
      named.push(unitId);
      return { unitId, wants: [...wants], with: together };
    });
  }

  /** Whether the advice that is shown is of these wishes and of the rig as it is: what is taken over is what is seen. */
  get isCurrent(): boolean {
    return this.#givenFor === this.#key;
  }

  get #key(): string {
    return JSON.stringify([this.#session.rig.version, this.wishes]);
  }

  async ask(): Promise<void> {
    const turn = ++this.#turn;
    const givenFor = this.#key;
    if (this.wishes.length === 0) {
      this.advice = null;
      return;
    }
    try {
      const body = { wishes: this.wishes };
      const path = { rig: this.#session.id };
      const advice = await answered(api.POST('/api/rigs/{rig}/desk/plan/preview', { params: { path }, body }));
      if (turn !== this.#turn) return;
      this.advice = advice;
      this.#givenFor = givenFor;
      this.problem = null;
    } catch (error) {
      if (turn !== this.#turn) return;
      this.advice = null;
      this.problem = wordsOf(error);
    }
  }

  async take(): Promise<void> {
    const take = this.advice?.take;
    if (!take) return;
    const problem = await this.#session.change(take.changes, true);
    this.problem = problem?.message ?? null;
    this.isTaken = problem === null;
    if (problem === null) this.#kept.letGo();
  }
}
