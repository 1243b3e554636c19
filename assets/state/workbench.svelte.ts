import { answered, api, calc } from '../api/client';
import type { Chart, ChartAnswer, ChartFinding, ChartMode, ChartRange } from '../api/chart';
import { ApiError, wordsOf } from '../api/errors';
import type { Rig } from '../api/types';
import { putRange } from '../lib/chart';
import type { RigSession } from './rig.svelte';

/** A chart being written: every edit goes to the server as one change of the rig, so that undo knows it. */
export class Workbench {
  readonly #session: RigSession;
  readonly #answer: () => ChartAnswer;
  /** Counts previews: only the newest one counts. */
  #turn = 0;
  modeKey = $state<string | null>(null);
  offset = $state(1);
  findings = $state.raw<readonly ChartFinding[]>([]);
  problem = $state<string | null>(null);

  readonly chart = $derived.by(() => this.#answer().chart);
  readonly lines = $derived.by(() => this.#answer().lines);
  readonly mode = $derived<ChartMode | null>(
    this.chart.modes.find((one) => one.key === this.modeKey) ?? this.chart.modes[0] ?? null,
  );
  readonly channel = $derived(
    this.mode?.channels.find((one) => one.offset === this.offset) ?? this.mode?.channels[0] ?? null,
  );

  constructor(session: RigSession, answer: () => ChartAnswer) {
    this.#session = session;
    this.#answer = answer;
  }

  get revision(): number {
    return this.#answer().revision;
  }

  get isUsed(): boolean {
    return this.#answer().isUsed;
  }

  /** @returns null when it was taken, else why not */
  async save(chart: Chart): Promise<string | null> {
    const problem = await this.#session.write(
      (version) =>
        answered(
          api.PUT('/api/rigs/{rig}/types/{id}/chart', {
            params: { path: { rig: this.#session.id, id: this.#answer().id } },
            body: { version, revision: this.revision, chart: chart as unknown as Record<string, never> },
          }),
        ) as Promise<Rig>,
      true,
    );
    this.problem = problem instanceof ApiError ? problem.message : null;
    return this.problem;
  }

  /** Reads a typed line in the language of ranges. */
  async read(text: string): Promise<{ range: ChartRange } | { problem: string }> {
    try {
      const body = { text, emitters: (this.chart.emitters ?? []) as unknown as Record<string, never>[] };
      const answer = await answered(api.POST('/api/range-line', { body }));
      return { range: answer.range as unknown as ChartRange };
    } catch (error) {
      return { problem: wordsOf(error) };
    }
  }

  /** What would be said of the chart with the line that is being typed; back to the stored chart when it says nothing yet. */
  async preview(text: string, at: number | null): Promise<void> {
    const turn = ++this.#turn;
    const [mode, channel] = [this.mode, this.channel];
    const read = text.trim() === '' || text.trim().startsWith('+') ? null : await this.read(text);
    if (turn !== this.#turn) return;
    await this.check(
      read && 'range' in read && mode && channel
        ? putRange(this.chart, mode.key, channel.offset, read.range, at)
        : this.chart,
    );
  }

  /** Asks what is to be said of a chart, stored or not yet. */
  async check(chart: Chart): Promise<void> {
    try {
      this.findings = (await calc<{ findings: ChartFinding[] }>('profile.check', { profile: chart })).findings;
    } catch (error) {
      this.problem = wordsOf(error);
    }
  }
}
