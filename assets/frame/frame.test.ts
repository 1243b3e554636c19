import { fireEvent, screen, waitFor } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import { cutInTheMiddle, lampWords, tallyWords } from '../lib/lamps';
import { answer, changes, demo, eachAlone, rigWith, show } from '../testing/stage';
import HistoryPanel from './HistoryPanel.svelte';
import StageStrip from './StageStrip.svelte';
import TopBar from './TopBar.svelte';

eachAlone();
const live = demo.live as { lamps: { unitId: string; name: string; state: string; why: string | null }[] };
const withLamps = (change: (lamps: typeof live.lamps) => unknown) =>
  answer({
    [`POST /api/rigs/${demo.rig.id}/live`]: () => {
      const other = structuredClone(live);
      change(other.lamps);
      return other;
    },
  });

describe('the stage strip', () => {
  it('shows every unit, and counts responding, lit and dark apart', async () => {
    show(StageStrip);
    expect(await screen.findByRole('button', { name: /^Drum 1: / })).toBeTruthy();
    expect(screen.getAllByRole('button', { name: /: / })).toHaveLength(demo.rig.units.length);
    expect(screen.getByText(/^All 14 respond: .*lit.*1 without a lamp/)).toBeTruthy();
  });

  it('does not call a hazer lit', async () => {
    show(StageStrip);
    expect(await screen.findByRole('button', { name: 'Haar: responds; it has no lamp' })).toBeTruthy();
  });

  it('says why the lamp that is pressed is dark', async () => {
    withLamps((lamps) =>
      Object.assign(lamps[0] ?? {}, { state: 'dark', why: 'Dimmer (1) at 0 is down. Full is 255.' }),
    );
    show(StageStrip);
    await fireEvent.click(await screen.findByRole('button', { name: /^Drum 1: Dimmer/ }));
    expect(screen.getByText('Dark, because')).toBeTruthy();
    expect(screen.getByText(/Drum 1: Dimmer \(1\) at 0 is down/)).toBeTruthy();
  });

  it('names those that hear nothing first', async () => {
    withLamps((lamps) => Object.assign(lamps[3] ?? {}, { state: 'silent', why: 'Drum 4 is in universe 2.' }));
    show(StageStrip);
    expect(await screen.findByText(/^13 of 14 respond: /)).toBeTruthy();
    expect(screen.getByText('Drum 4 is in universe 2.')).toBeTruthy();
  });

  it('can be folded to one line', async () => {
    show(StageStrip);
    await fireEvent.click(await screen.findByRole('button', { name: /Fold/ }));
    expect(screen.queryByRole('button', { name: /^Drum 1: / })).toBeNull();
  });

  it('has a row for each universe, the desk’s own open and the others folded to dots', async () => {
    const units = demo.rig.units.map((one) => (one.name.startsWith('Drum') ? { ...one, universe: 2 } : one));
    show(StageStrip, {}, rigWith({ units }));
    const other = await screen.findByRole('button', { name: /^Universe 2 · 6/ });
    expect(screen.getByRole('button', { name: /^Universe 1/ }).getAttribute('aria-expanded')).toBe('true');
    expect(other.getAttribute('aria-expanded')).toBe('false');
    expect(screen.getAllByRole('button', { name: /: / })).toHaveLength(8);
    expect(screen.getByRole('img', { name: '6 units of universe 2' }).children).toHaveLength(6);
    await fireEvent.click(other);
    expect(screen.getAllByRole('button', { name: /: / })).toHaveLength(14);
    await fireEvent.click(screen.getByRole('button', { name: /^Universe 1/ }));
    expect(screen.getAllByRole('button', { name: /: / })).toHaveLength(6);
  });

  it('says what comes first when nothing hangs', async () => {
    answer({ [`POST /api/rigs/${demo.rig.id}/live`]: () => ({ ...live, lamps: [] }) });
    show(StageStrip, {}, rigWith({ units: [] }));
    expect(await screen.findByText(/No unit hangs yet/)).toBeTruthy();
  });
});

describe('words for lamps', () => {
  it('say each state', () => {
    expect(lampWords({ state: 'lit', why: null })).toBe('lit');
    expect(lampWords({ state: 'partly', why: 'Socket 2 (2) at 0 is down.' })).toBe(
      'partly lit. Socket 2 (2) at 0 is down.',
    );
    expect(lampWords({ state: 'dark', why: null })).toBe('dark');
  });

  it('count what there is, and nothing else', () => {
    const of = (...states: string[]) => tallyWords(states.map((state) => ({ state }) as never));
    expect(of('lit', 'lit', 'dark')).toBe('All 3 respond: 2 lit, 1 dark');
    expect(of('silent', 'busy')).toBe('1 of 2 respond: 1 by itself');
    expect(of('silent')).toBe('It does not respond');
    expect(of('dark')).toBe('It responds: 1 dark');
    expect(of('lit', 'dark', 'out')).toBe('All 2 respond (1 out of action): 1 lit, 1 dark');
  });

  it('cut a long name before its number', () => {
    expect(cutInTheMiddle('Drum 1')).toEqual(['Drum 1', '']);
    expect(cutInTheMiddle('Tolland Batten 8 no. 112')).toEqual(['Tolland Batten 8 no.', ' 112']);
    expect(cutInTheMiddle('Puppeteers’ table left')).toEqual(['Puppeteers’ table', ' left']);
    expect(cutInTheMiddle('Verylongnameofonewordalone').join('')).toBe('Verylongnameofonewordalone');
  });
});

describe('the bar at the top', () => {
  const bar = { onFind: vi.fn(), onKeys: vi.fn(), onPanel: vi.fn(), panel: null };

  it('counts in each stage what is wrong there', () => {
    show(TopBar, bar);
    const count = (stage: string, severity: string) =>
      demo.rig.findings.filter((one) => one.stage === stage && one.severity === severity).length;
    const patch = screen.getByRole('link', { name: /^Patch/ });
    expect(patch.textContent).toContain(String(count('patch', 'error')));
    expect(screen.getByRole('link', { name: /^Desk/ }).textContent).toContain(String(count('desk', 'warning')));
  });

  it('undoes and redoes when there is something', async () => {
    show(TopBar, bar, rigWith({ undo: 'Moved Haar', redo: null }));
    await fireEvent.click(screen.getByRole('button', { name: /Undo/ }));
    await waitFor(() => expect(changes()).toEqual([{ do: 'undo' }]));
    expect(screen.getByRole<HTMLButtonElement>('button', { name: /Redo/ }).disabled).toBe(true);
  });

  it('opens finding and the keys of the page', async () => {
    show(TopBar, bar);
    await fireEvent.click(screen.getByRole('button', { name: /^Find/ }));
    await fireEvent.click(screen.getByRole('button', { name: 'Keys of this page' }));
    expect(bar.onFind).toHaveBeenCalledOnce();
    expect(bar.onKeys).toHaveBeenCalledOnce();
  });
});

describe('the history', () => {
  it('tells what was done, in sentences, newest first', async () => {
    answer({
      [`GET /api/rigs/${demo.rig.id}/changes`]: () => ({
        changes: [
          { id: 'b', sentence: 'Moved Pack A to 1.099', at: '2026-11-27T20:00:00Z', isUndone: false, number: 2 },
          { id: 'a', sentence: 'Renamed Tape to Edge', at: '2026-11-27T19:00:00Z', isUndone: false, number: 1 },
        ],
        total: 2,
      }),
    });
    show(HistoryPanel, { onClose: vi.fn() });
    const items = await screen.findAllByText(/Moved Pack A|Renamed Tape/);
    expect(items.map((one) => one.textContent)).toEqual(['Moved Pack A to 1.099', 'Renamed Tape to Edge']);
  });
});
