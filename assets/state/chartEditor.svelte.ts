import { answered, api, calc } from '../api/client';
import type { Chart, ChartAnswer, ChartEdit, ChartMode, Evaluation } from '../api/chart';
import { ApiError, wordsOf } from '../api/errors';
import type { ChartFinding } from '../api/types';
import type { RigSession } from './rig.svelte';

export type WorkView = 'chart' | 'paste' | 'modes' | 'unit' | 'revisions' | 'alikes' | 'learn';

/** A chart being written: every edit goes to the server as one change of the rig, so that undo knows it. */
export class ChartEditor {
  readonly #session: RigSession;
  readonly #answer: () => ChartAnswer;
  /** Counts previews: only the newest one counts. */
  #turn = 0;
  /** Edits that are under way: the next is made of the chart that the one before it leaves. */
  #last: Promise<unknown> = Promise.resolve();
  /** A channel is being added; what is typed next belongs to it. */
  isAdding = $state(false);
  modeKey = $state<string | null>(null);
  offset = $state(1);
  /** What the working area shows of the chart. */
  view = $state<WorkView>('chart');
  findings = $state.raw<readonly ChartFinding[]>([]);
  problem = $state<string | null>(null);
  rest = $state.raw<{ pan: number | null; tilt: number | null } | null>(null);

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

  get typeId(): string {
    return this.#answer().id;
  }

  get isUsed(): boolean {
    return this.#answer().isUsed;
  }

  /** @returns null when it was taken, else why not */
  async save(chart: Chart): Promise<string | null> {
    const what = { type: this.#answer().id, revision: this.revision, chart: chart as unknown as Record<string, never> };
    const problem = await this.#session.change({ do: 'write-chart', ...what }, true);
    this.problem = problem instanceof ApiError ? problem.message : null;
    return this.problem;
  }

  /**
   * Asks the server for the chart after an edit, and saves that.
   *
   * @returns null when it was taken, else why not
   */
  async edit(edit: ChartEdit): Promise<string | null> {
    this.problem = await this.#make(edit);
    return this.problem;
  }

  /** A mode more, which is then the one that is written. */
  addMode(mode: { name: string; count: number; display: string; setup: string }): Promise<string | null> {
    return this.#make({ op: 'add-mode', ...mode }, (chart) => (this.modeKey = chart.modes.at(-1)?.key ?? null));
  }

  /** A typed range onto the selected channel, over the one it was opened from if any. */
  async putRange(line: string, at: number | null): Promise<string | null> {
    const edit = this.#rangeEdit(line, at);
    return edit ? this.#make(edit) : null;
  }

  /** An edit of the selected channel. */
  editChannel(edit: ChartEdit): Promise<string | null> {
    if (!this.mode || !this.channel) return Promise.resolve(null);
    return this.edit({ mode: this.mode.key, channel: this.channel.offset, ...edit });
  }

  /** Whether the selected channel was taken over from a look-alike and not tried yet. */
  isUntried(offset: number): boolean {
    return (this.chart.record?.untried ?? []).some((one) => one.mode === this.mode?.key && one.channel === offset);
  }

  observed(offset: number) {
    return (this.chart.record?.observed ?? []).find((one) => one.mode === this.mode?.key && one.channel === offset);
  }

  /** What would be said of the chart with the line that is being typed; of the stored one while it says nothing yet. */
  async preview(line: string, at: number | null): Promise<void> {
    const turn = ++this.#turn;
    const edit = line.trim() === '' || line.trim().startsWith('+') ? null : this.#rangeEdit(line, at);
    // A line that cannot be read yet changes nothing; what is wrong with it is told when it is taken.
    const chart = edit ? await this.#after(edit).catch(() => this.chart) : this.chart;
    if (turn === this.#turn) await this.check(chart);
  }

  /** Where pan and tilt point at the mode's resting values. */
  async findRest(): Promise<void> {
    const [chart, mode] = [this.chart, this.mode];
    if (
      !mode?.channels.some((one) => one.ranges.some((range) => range.function === 'pan' || range.function === 'tilt'))
    ) {
      this.rest = null;
      return;
    }
    const values = mode.channels.toSorted((one, other) => one.offset - other.offset).map((one) => one.default);
    try {
      this.rest = await calc<Evaluation>('light.evaluate', { profile: chart, mode: mode.key, values });
    } catch {
      // A chart with errors points nowhere; its findings say why.
      this.rest = null;
    }
  }

  /** Asks what is to be said of a chart, stored or not yet. */
  async check(chart: Chart): Promise<void> {
    try {
      const body = { chart: chart as unknown as Record<string, never> };
      this.findings = (await answered(api.POST('/api/charts/check', { body }))).findings;
    } catch (error) {
      this.problem = wordsOf(error);
    }
  }

  /** A channel more, behind the last, which is then the one that is written. */
  async addChannel(label: string): Promise<string | null> {
    if (!this.mode) return null;
    const mode = this.mode.key;
    this.isAdding = true;
    this.problem = await this.#make({ op: 'add-channel', mode, label }, (chart) => {
      this.offset = chart.modes.find((one) => one.key === mode)?.channels.length ?? this.offset;
    });
    this.isAdding = false;
    return this.problem;
  }

  /** @returns null when it was taken, else why not */
  #make(edit: ChartEdit, whenTaken?: (chart: Chart) => void): Promise<string | null> {
    const made = this.#last.then(() => this.#makeNow(edit, whenTaken));
    this.#last = made;
    return made;
  }

  async #makeNow(edit: ChartEdit, whenTaken: (chart: Chart) => void = () => {}): Promise<string | null> {
    try {
      const chart = await this.#after(edit);
      const problem = await this.save(chart);
      if (problem === null) whenTaken(chart);
      return problem;
    } catch (error) {
      return wordsOf(error);
    }
  }

  async #after(edit: ChartEdit): Promise<Chart> {
    const body = { chart: this.chart, edit } as unknown as {
      chart: Record<string, never>;
      edit: Record<string, never>;
    };
    return (await answered(api.POST('/api/charts/edit', { body }))).chart as unknown as Chart;
  }

  #rangeEdit(line: string, at: number | null): ChartEdit | null {
    return this.mode && this.channel
      ? { op: 'put-range', mode: this.mode.key, channel: this.channel.offset, line, range: at }
      : null;
  }
}
