import { describe, expect, it, vi } from 'vitest';
import type { Chart, ChartAnswer, ChartEdit } from '../api/chart';
import type { RigSession } from './rig.svelte';

type Asked = { chart: Chart; edit: ChartEdit & { label?: string; line?: string } };
const asked: Asked[] = [];
let give: (() => void)[] = [];
vi.mock('../api/client', () => ({
  api: {
    POST: (_path: string, { body }: { body: Asked }) => {
      asked.push(body);
      return new Promise((done) =>
        give.push(() => {
          const [mode] = body.chart.modes;
          const channels = [...(mode?.channels ?? []), { offset: (mode?.channels.length ?? 0) + 1, ...body.edit }];
          done({ chart: { ...body.chart, modes: [{ ...mode, channels }] } });
        }),
      );
    },
  },
  answered: (call: Promise<unknown>) => call,
  calc: vi.fn(),
}));
const { ChartEditor } = await import('./chartEditor.svelte');

function editor() {
  let answer = $state.raw({
    id: 't',
    revision: 1,
    chart: { modes: [{ key: 'm', channels: [] }] } as unknown as Chart,
  } as unknown as ChartAnswer);
  const change = vi.fn(async (what: { chart: Chart }) => {
    answer = { ...answer, chart: what.chart };
    return null;
  });
  const session = { change } as unknown as RigSession;
  return { work: new ChartEditor(session, () => answer), change, chart: () => answer.chart };
}
const settle = () => new Promise((done) => setTimeout(done));
/** Lets every question that is asked be answered, the ones that follow too. */
async function answerAll() {
  for (let turn = 0; turn < 6; turn += 1) {
    for (const one of give.splice(0)) one();
    await settle();
  }
}

describe('a chart that is edited', () => {
  it('keeps an edit that is made while another is under way', async () => {
    asked.length = 0;
    give = [];
    const { work, chart } = editor();
    const both = [work.addChannel('Red'), work.addChannel('Blue')];
    await settle();
    expect(asked).toHaveLength(1);
    await answerAll();
    expect(await Promise.all(both)).toEqual([null, null]);
    expect(asked[1]?.chart.modes[0]?.channels).toHaveLength(1);
    expect(chart().modes[0]?.channels.map((one) => one.label)).toEqual(['Red', 'Blue']);
    expect(work.offset).toBe(2);
  });

  it('says that a channel is being added, until it is there', async () => {
    give = [];
    const { work } = editor();
    const adding = work.addChannel('Red');
    expect(work.isAdding).toBe(true);
    await settle();
    await answerAll();
    await adding;
    expect(work.isAdding).toBe(false);
  });

  it('goes on after an edit that was refused', async () => {
    give = [];
    const { work, change, chart } = editor();
    change.mockRejectedValueOnce(new Error('The chart was changed meanwhile.'));
    const both = [work.addChannel('Red'), work.addChannel('Blue')];
    await settle();
    await answerAll();
    expect(await Promise.all(both)).toEqual(['The chart was changed meanwhile.', null]);
    expect(chart().modes[0]?.channels.map((one) => one.label)).toEqual(['Blue']);
  });
});
