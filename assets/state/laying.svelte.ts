import { answered, api } from '../api/client';
import { wordsOf } from '../api/errors';
import type { CablePlan } from '../api/types';
import { KeptAnswers } from './keptAnswers';
import type { RigSession } from './rig.svelte';

type Answers = Pick<Laying, 'x' | 'y' | 'height' | 'runs' | 'perRun' | 'splitter'>;

/** Cable laid by the tool: asked anew with each wish; nothing changes until one of the offers is taken. */
export class Laying {
  readonly #session: RigSession;
  readonly #kept: KeptAnswers<Answers>;
  x = $state('0');
  y = $state('-6');
  height = $state('1');
  runs = $state('2');
  perRun = $state('32');
  /** Item that the runs begin at; empty for the desk. */
  splitter = $state('');
  plan = $state.raw<CablePlan | null>(null);
  problem = $state<string | null>(null);
  /** What the offers that are shown were made for. */
  #madeFor = $state('');
  #turn = 0;

  /** Whether the offers are of this wish and of the rig as it is: what is taken is what is seen. */
  readonly isCurrent = $derived(this.#madeFor === this.#key);

  constructor(session: RigSession) {
    this.#session = session;
    const desk = session.rig.van.desk;
    if (desk) [this.x, this.y, this.height] = [String(desk.x), String(desk.y), String(desk.height ?? 0)];
    this.#kept = new KeptAnswers(
      () => `laying.${session.id}`,
      'Wishes for cable',
      () => {
        const { x, y, height, runs, perRun, splitter } = this;
        return { x, y, height, runs, perRun, splitter };
      },
      (answers) => Object.assign(this, answers),
    );
  }

  begin(): void {
    this.#kept.begin();
  }

  keep(): void {
    this.#kept.keep(this.#session.rig.name);
  }

  letGo(): void {
    this.#kept.letGo();
  }

  /** The wish as the server takes it; a number that is none is told there. */
  get wish() {
    const metres = (text: string) => (text.trim() === '' ? null : Number(text.replace(',', '.')));
    return {
      units: [],
      splitter: this.splitter || null,
      runs: Number(this.runs) || 0,
      perRun: Number(this.perRun) || 0,
      ...(this.splitter ? {} : { x: metres(this.x), y: metres(this.y), height: metres(this.height) }),
    };
  }

  async ask(): Promise<void> {
    const turn = ++this.#turn;
    const madeFor = this.#key;
    try {
      const path = { rig: this.#session.id };
      const plan = await answered(
        api.POST('/api/rigs/{rig}/cable-plan', { params: { path }, body: this.wish as never }),
      );
      if (turn !== this.#turn) return;
      [this.plan, this.problem, this.#madeFor] = [plan, null, madeFor];
    } catch (error) {
      if (turn !== this.#turn) return;
      [this.plan, this.problem] = [null, wordsOf(error)];
    }
  }

  get #key(): string {
    return JSON.stringify([this.#session.rig.version, this.wish]);
  }

  async take(offer: CablePlan['offers'][number]): Promise<boolean> {
    const problem = await this.#session.change(offer.take.changes, true);
    this.problem = problem?.message ?? null;
    return problem === null;
  }
}
