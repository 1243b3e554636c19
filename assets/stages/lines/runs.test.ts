import { fireEvent, screen, waitFor, within } from '@testing-library/svelte';
import { beforeEach, describe, expect, it } from 'vitest';
import { answer, changes, demo, eachAlone, rigWith, show, unit } from '../../testing/stage';
import { asTree, lengthWords } from '../../lib/runs';
import { cabling } from '../../state/cabling.svelte';
import LinesStage from './LinesStage.svelte';

eachAlone();
beforeEach(() => {
  cabling.look({});
  cabling.putBack();
});

const run = (name: string) => {
  const found = demo.rig.runs.find((one) => one.name === name);
  if (!found) throw new Error(`No run is called ${name}.`);
  return found;
};
const chain = (name: string) => screen.getByRole('group', { name: `${name}, in the order of the cable` });

describe('data runs', () => {
  it('stand in lanes, those of a splitter below the run that ends in it', () => {
    expect(asTree(demo.rig.runs).map((one) => [one.run.name, one.depth])).toEqual([
      ['Booth', 0],
      ['Front', 1],
      ['Mid', 1],
      ['Floor', 1],
    ]);
    expect(asTree([...demo.rig.runs].reverse()).map((one) => one.run.name)).toEqual(['Booth', 'Front', 'Mid', 'Floor']);
    show(LinesStage);
    expect(within(chain('Floor')).getByText('open end')).toBeTruthy();
    expect(within(chain('Front')).getByText('terminator')).toBeTruthy();
  });

  it('say how long each cable is, joined or not known', () => {
    expect(lengthWords({ metres: 22.5, pieces: [20, 3] })).toBe('20+3');
    expect(lengthWords({ metres: null, pieces: [] })).toBe('?');
    show(LinesStage);
    expect(within(chain('Mid')).getByLabelText(/^Cable to Spin L, 3 m, 1 adapter: pull the plug/)).toBeTruthy();
    expect(within(chain('Floor')).getByLabelText(/^Cable to Drum 5, 9 m, microphone cable/)).toBeTruthy();
  });

  it('show who goes dark when a plug is pulled, and put it back', async () => {
    const item = run('Mid').items[3];
    answer({
      [`GET /api/rigs/${demo.rig.id}/pulled/${item?.id}`]: () => ({
        dark: [unit('Batten').id],
        flickers: [unit('Drum 3').id],
        words: 'No data reaches Batten. Drum 3 may flicker: the cable ends open now.',
      }),
    });
    show(LinesStage);
    const plug = within(chain('Mid')).getByLabelText(/^Cable to Batten/);
    await fireEvent.click(plug);
    await waitFor(() => expect(plug.getAttribute('aria-pressed')).toBe('true'));
    expect(cabling.pulled?.dark.has(unit('Batten').id)).toBe(true);
    await fireEvent.click(plug);
    expect(plug.getAttribute('aria-pressed')).toBe('false');
  });

  it('take a length as it is typed', async () => {
    show(LinesStage);
    await fireEvent.click(screen.getByLabelText('Batten on Mid'));
    const field = screen.getByLabelText('Metres of cable to Batten');
    await fireEvent.input(field, { target: { value: '7,5 m' } });
    await fireEvent.keyDown(field, { key: 'Enter' });
    await waitFor(() =>
      expect(changes()).toEqual([{ do: 'change-items', items: [run('Mid').items[3]?.id], metres: '7,5 m' }]),
    );
  });

  it('keep a length that cannot be one, with the reason', async () => {
    answer({ [`POST /api/rigs/${demo.rig.id}/changes`]: () => new Error('Type metres, such as 12 or 7.5.') });
    show(LinesStage);
    await fireEvent.click(screen.getByLabelText('Batten on Mid'));
    const field = screen.getByLabelText('Metres of cable to Batten');
    await fireEvent.input(field, { target: { value: 'long' } });
    await fireEvent.keyDown(field, { key: 'Enter' });
    expect((await screen.findByRole('alert')).textContent).toContain('Type metres');
    expect((field as HTMLInputElement).value).toBe('long');
  });

  it('move a unit along the cable by keys, never past a splitter', async () => {
    show(LinesStage);
    const ids = run('Front').items.map((one) => one.id);
    await fireEvent.keyDown(screen.getByLabelText('Drum 1 on Front'), { key: 'ArrowLeft', altKey: true });
    await waitFor(() =>
      expect(changes()).toEqual([{ do: 'order-run', run: run('Front').id, items: [ids[1], ids[0], ids[2]] }]),
    );
    await fireEvent.keyDown(screen.getByLabelText('Splitter A on Booth'), { key: 'ArrowLeft', altKey: true });
    expect(changes()).toHaveLength(1);
  });

  it('put units on a run in the order in which they are pressed', async () => {
    const bare = { ...run('Front'), id: 'bare', name: 'Bare', items: [], end: '' };
    show(LinesStage, {}, rigWith({ runs: [bare] }));
    await fireEvent.click(screen.getByRole('button', { name: 'Put units on it' }));
    await fireEvent.click(screen.getByRole('button', { name: 'Put Drum 3 on Bare' }));
    await waitFor(() => expect(changes()).toEqual([{ do: 'put-on-run', run: 'bare', units: [unit('Drum 3').id] }]));
  });

  it('plug a run into another output', async () => {
    show(LinesStage);
    await fireEvent.click(screen.getByLabelText(/^Floor, from/));
    await fireEvent.change(screen.getByLabelText('Begins at'), { target: { value: 'desk/2' } });
    await waitFor(() => expect(changes()).toEqual([{ do: 'change-run', run: run('Floor').id, at: 'desk', output: 2 }]));
  });

  it('offer cable that is laid for them, and take one offer as one change', async () => {
    const take = {
      label: 'Lay the 2 on one run',
      changes: [{ do: 'add-run', units: ['a', 'b'] }],
      trips: 0,
      givesUp: [],
    };
    const laid = { units: [unit('Drum 1').id, unit('Drum 2').id], cables: [10, 5], metres: 15 };
    answer({
      [`POST /api/rigs/${demo.rig.id}/cable-plan`]: () => ({
        offers: [{ runs: [laid], metres: 15, mostAtOnce: 2, words: '15 m of cable.', unplaced: [], take }],
        offThePlan: [unit('Haar').id],
      }),
    });
    show(LinesStage);
    await fireEvent.click(screen.getByRole('button', { name: 'Lay the cable for me' }));
    const form = screen.getByRole('region', { name: 'Lay the cable for me' });
    expect(await within(form).findByText(/Not on the stage plan yet, and left out: Haar/)).toBeTruthy();
    await fireEvent.click(within(form).getByRole('button', { name: 'Lay the 2 on one run' }));
    await waitFor(() => expect(changes().map((one) => one.do)).toEqual(['add-run']));
    await waitFor(() => expect(screen.queryByRole('region', { name: 'Lay the cable for me' })).toBeNull());
  });
});
