import { answered, api } from '../api/client';
import { ApiError, wordsOf } from '../api/errors';
import type { AddPreview, Unit } from '../api/types';
import { baseOf } from '../lib/words';
import { KeptAnswers } from './keptAnswers';
import type { RigSession } from './rig.svelte';
import { selection } from './selection.svelte';

type Answers = Pick<
  Adding,
  'search' | 'typeId' | 'modeKey' | 'count' | 'name' | 'twinOf' | 'at' | 'spacing' | 'step' | 'first' | 'together'
>;
export type AddSpacing = 'packed' | 'buttons' | 'round' | 'stride';
/** What hangs: a type in a mode. */
export type What = { typeId: string; mode: string; name: string };

/** Units about to be hung: asked of the server with each wish and laid on the tape; nothing changes until they are taken. */
export class Adding {
  readonly #session: RigSession;
  readonly #kept: KeptAnswers<Answers>;
  /** How the library is searched, and the type and mode that are chosen there; the first of the list where none is. */
  search = $state('');
  typeId = $state('');
  modeKey = $state('');
  count = $state('1');
  /** As typed; null while it follows the type. */
  name = $state<string | null>(null);
  twinOf = $state('');
  /** Where the first shall go, as typed; empty for wherever is room. */
  at = $state('');
  spacing = $state<AddSpacing>('packed');
  step = $state('10');
  first = $state('1');
  together = $state('1');
  /** What hangs, as the form has it. */
  what = $state.raw<What | null>(null);
  preview = $state.raw<AddPreview | null>(null);
  problem = $state.raw<ApiError | null>(null);
  #turn = 0;

  readonly twin = $derived.by<Unit | undefined>(() => this.#session.rig.units.find((one) => one.id === this.twinOf));
  readonly base = $derived(this.name ?? (this.twin ? baseOf(this.twin.name) : undefined) ?? this.what?.name ?? '');

  constructor(session: RigSession) {
    this.#session = session;
    if ((session.rig.desk?.starts.length ?? 0) > 0) this.spacing = 'buttons';
    if (selection.chart) [this.typeId, this.modeKey] = [selection.chart.typeId, selection.chart.mode];
    this.#kept = new KeptAnswers(
      () => `adding.${session.id}`,
      'Units to hang',
      () => {
        const { search, typeId, modeKey, count, name, twinOf, at, spacing, step, first, together } = this;
        return { search, typeId, modeKey, count, name, twinOf, at, spacing, step, first, together };
      },
      (answers) => Object.assign(this, answers),
    );
    this.#kept.begin();
  }

  /** What is answered survives a reload. */
  keep(): void {
    this.#kept.keep(`${this.count} × ${this.base}`);
  }

  letGo(): void {
    this.#kept.letGo();
  }

  get wish() {
    const { what, twin } = this;
    if (!what && !twin) return null;
    return {
      do: 'add-units' as const,
      type: twin?.typeId ?? what?.typeId ?? '',
      mode: twin?.mode ?? what?.mode ?? '',
      count: Number(this.count) || 0,
      name: this.base,
      spacing: this.spacing,
      step: Number(this.step) || 0,
      first: Number(this.first) || 0,
      together: Number(this.together) || 0,
      twinOf: twin?.id ?? null,
      at: twin || this.at.trim() === '' ? null : this.at,
    };
  }

  async ask(): Promise<void> {
    const turn = ++this.#turn;
    const { id } = this.#session;
    const wish = this.wish;
    if (!wish) return;
    try {
      const call = { params: { path: { rig: id } }, body: wish };
      const preview = await answered(api.POST('/api/rigs/{rig}/units/preview', call));
      if (turn === this.#turn) [this.preview, this.problem] = [preview, null];
    } catch (error) {
      const problem = error instanceof ApiError ? error : new ApiError(0, { detail: wordsOf(error) });
      if (turn === this.#turn) [this.preview, this.problem] = [null, problem];
    }
  }

  /** @returns the first of the new units, or null when nothing was hung */
  async take(): Promise<Unit | null> {
    const wish = this.wish;
    if (!wish) return null;
    this.problem = await this.#session.change(wish, true);
    if (this.problem) return null;
    this.letGo();
    if (this.what) selection.chart = { typeId: this.what.typeId, name: this.what.name, mode: this.what.mode };
    return this.#session.rig.units.find((one) => one.id === this.#session.made[0]) ?? null;
  }
}
