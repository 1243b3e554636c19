import { answered, api } from '../api/client';
import { wordsOf } from '../api/errors';
import type { Plan } from '../api/types';
import { KeptAnswers } from './keptAnswers';
import type { RigSession } from './rig.svelte';

type Answers = Pick<Numbering, 'goal' | 'spacing' | 'step' | 'first' | 'universes' | 'spare'>;
export type Goal = 'fewest' | 'fresh';
export type Spacing = 'packed' | 'buttons' | 'round' | 'stride' | 'blocks';

/** A plan for the whole rig's addresses, asked anew with each wish; nothing changes until it is taken over. */
export class Numbering {
  readonly #session: RigSession;
  readonly #kept: KeptAnswers<Answers>;
  goal = $state<Goal>('fewest');
  spacing = $state<Spacing>('packed');
  step = $state('10');
  first = $state('1');
  universes = $state('1');
  /** Slots left free behind each block of a type. */
  spare = $state('10');
  plan = $state.raw<Plan | null>(null);
  problem = $state<string | null>(null);
  /** What the plan that is shown was made for. */
  #madeFor = $state('');
  #turn = 0;

  /** Whether the plan that is shown is of this wish and of the rig as it is: what is taken over is what is seen. */
  readonly isCurrent = $derived(this.#madeFor === this.#key);
  /** Where each unit that moves would stand. */
  readonly places = $derived(
    Object.fromEntries(
      (this.plan?.trips ?? []).map((one) => [one.unitId, { universe: one.universe, address: one.address }]),
    ),
  );

  constructor(session: RigSession) {
    this.#session = session;
    // Where the desk has buttons, what moves goes to one of them.
    if ((session.rig.desk?.starts.length ?? 0) > 0) this.spacing = 'buttons';
    this.#kept = new KeptAnswers(
      () => `numbering.${session.id}`,
      'Wishes for numbering',
      () => {
        const { goal, spacing, step, first, universes, spare } = this;
        return { goal, spacing, step, first, universes, spare };
      },
      (answers) => Object.assign(this, answers),
    );
  }

  /** What was wished before, and not taken, is wished again. */
  begin(): void {
    this.#kept.begin();
  }

  /** What is wished survives a reload. */
  keep(): void {
    this.#kept.keep(this.#session.rig.name);
  }

  letGo(): void {
    this.#kept.letGo();
  }

  /** A unit that stays where it is, whatever a plan says. It is noted in the rig. */
  async lock(id: string, isLocked: boolean): Promise<void> {
    const problem = await this.#session.change({ do: 'lock-unit', unit: id, isLocked }, true);
    this.problem = problem?.message ?? null;
  }

  /** The wish as the server takes it; a number that is none stays out of it and is told there. */
  get wish() {
    return {
      goal: this.goal,
      // Blocks number the whole rig anew.
      spacing: this.goal === 'fewest' && this.spacing === 'blocks' ? ('packed' as const) : this.spacing,
      step: Number(this.step) || 0,
      first: Number(this.first) || 0,
      universes: Number(this.universes) || 0,
      spare: Number(this.spare) || 0,
    };
  }

  async ask(): Promise<void> {
    const turn = ++this.#turn;
    const madeFor = this.#key;
    const { id } = this.#session;
    try {
      const body = this.wish;
      const plan = await answered(api.POST('/api/rigs/{rig}/plan/preview', { params: { path: { rig: id } }, body }));
      if (turn !== this.#turn) return;
      this.plan = plan;
      this.#madeFor = madeFor;
      this.problem = null;
    } catch (error) {
      if (turn !== this.#turn) return;
      this.plan = null;
      this.problem = wordsOf(error);
    }
  }

  get #key(): string {
    return JSON.stringify([this.#session.rig.version, this.wish]);
  }

  async take(): Promise<boolean> {
    const take = this.plan?.take;
    if (!take) return false;
    const problem = await this.#session.change(take.changes, true);
    this.problem = problem?.message ?? null;
    return problem === null;
  }
}
