import { answered, api } from '../api/client';
import { wordsOf } from '../api/errors';
import type { Curve, Unit, Travel } from '../api/types';
import { drafts } from './drafts.svelte';
import { KeptAnswers } from './keptAnswers';
import type { RigSession } from './rig.svelte';

type Answers = Pick<CurveEdit, 'isForType' | 'shape' | 'min' | 'max' | 'bound' | 'points'>;
export type Shape = 'linear' | 'square' | 'root' | 's' | 'table';

/** A curve being drawn for one channel of a unit: every change is worked out by the server, and nothing is kept until it is taken. */
export class CurveEdit {
  readonly #session: RigSession;
  readonly #unit: () => Unit;
  readonly #kept: KeptAnswers<Answers>;
  channel = $state(1);
  isForType = $state(false);
  shape = $state<Shape>('linear');
  min = $state('0');
  max = $state('255');
  bound = $state<'scale' | 'clamp'>('scale');
  /** Pairs of level in and level out, "0 0, 0.5 0.2, 1 1". */
  points = $state('0 0, 0.5 0.5, 1 1');
  travel = $state.raw<Travel | null>(null);
  problem = $state<string | null>(null);
  #turn = 0;

  /** The curve that stands on the channel now: the unit's own comes before its type's. */
  readonly there = $derived.by<Curve | null>(() => {
    const on = this.#unit().curves.filter((one) => one.channel === this.channel);
    return on.find((one) => !one.isForType) ?? on[0] ?? null;
  });

  readonly wish = $derived({
    channel: this.channel,
    shape: this.shape,
    min: whole(this.min),
    max: whole(this.max),
    bound: this.bound,
    ...(this.shape === 'table' ? { points: pairs(this.points) } : {}),
  });

  constructor(session: RigSession, unit: () => Unit) {
    this.#session = session;
    this.#unit = unit;
    this.#kept = new KeptAnswers(
      () => `${draftsOf(unit())}${this.channel}`,
      'A curve and its limits',
      () => {
        const { isForType, shape, min, max, bound, points } = this;
        return { isForType, shape, min, max, bound, points };
      },
      (answers) => Object.assign(this, answers),
    );
    this.begin(begunOn(unit()) ?? unit().curves[0]?.channel ?? 1);
  }

  /** Takes up what stands on a channel. */
  begin(channel: number): void {
    this.channel = channel;
    const now = this.there;
    this.isForType = now?.isForType ?? false;
    this.shape = (now?.shape as Shape | undefined) ?? 'linear';
    this.min = String(now?.min ?? 0);
    this.max = String(now?.max ?? 255);
    this.bound = (now?.bound as 'scale' | 'clamp' | undefined) ?? 'scale';
    this.points = now?.points.length ? now.points.map((pair) => pair.join(' ')).join(', ') : '0 0, 0.5 0.5, 1 1';
    this.problem = null;
    this.#kept.begin();
  }

  /** What is being drawn survives a reload. */
  keep(): void {
    const { name, labels } = this.#unit();
    this.#kept.keep(`${name}, channel ${this.channel} ${labels[this.channel - 1] ?? ''}`);
  }

  async ask(): Promise<void> {
    const turn = ++this.#turn;
    const path = { rig: this.#session.id, id: this.#unit().id };
    try {
      const travel = await answered(
        api.POST('/api/rigs/{rig}/units/{id}/curve/preview', {
          params: { path },
          body: { curve: this.wish as Record<string, unknown> as Record<string, never> },
        }),
      );
      if (turn !== this.#turn) return;
      this.travel = travel;
      this.problem = null;
    } catch (error) {
      if (turn === this.#turn) this.problem = wordsOf(error);
    }
  }

  /** What was typed as a percent or a word is a value then. */
  take(): Promise<void> {
    const { min, max } = this.travel ?? this.wish;
    [this.min, this.max] = [String(min), String(max)];
    return this.#put(this.wish);
  }

  /** How limits that are no plain numbers are understood. */
  readonly understood = $derived.by(() => {
    const { travel } = this;
    if (!travel || this.problem || [this.min, this.max].every((one) => typeof whole(one) === 'number')) return null;
    return `Values ${travel.min} to ${travel.max}.`;
  });

  /** The fader's own value again. */
  async straighten(): Promise<void> {
    await this.#put(null);
    if (!this.problem) this.begin(this.channel);
  }

  async #put(curve: Record<string, unknown> | null): Promise<void> {
    const { channel, isForType: forType } = this;
    const what = { unit: this.#unit().id, channel, forType, curve: curve as Record<string, never> | null };
    const problem = await this.#session.change({ do: 'bend-channel', ...what }, true);
    this.problem = problem?.firstWords ?? null;
    if (problem === null) this.#kept.letGo();
  }
}

function draftsOf(unit: Unit): string {
  return `curve.${unit.id}.`;
}

/** The channel on which a curve was begun and not taken. */
function begunOn(unit: Unit): number | null {
  const draft = drafts.list.find((one) => one.key.startsWith(draftsOf(unit)));
  return draft ? Number(draft.key.slice(draftsOf(unit).length)) : null;
}

/** What is no whole number goes as it was typed: a percent or a word is understood by the server, or refused there. */
function whole(text: string): number | string {
  return /^\s*\d+\s*$/.test(text) ? Number(text) : text;
}

function pairs(text: string): (number | string)[][] {
  return text
    .split(/[,;]/)
    .map((pair) => pair.trim())
    .filter((pair) => pair !== '')
    .map((pair) => pair.split(/\s+/).map((one) => (Number.isFinite(Number(one)) ? Number(one) : one)));
}
