import { fireEvent, screen, waitFor, within } from '@testing-library/svelte';
import { afterEach, describe, expect, it } from 'vitest';
import { cabling } from '../../state/cabling.svelte';
import { answer, changes, demo, eachAlone, rigWith, show, unit } from '../../testing/stage';
import CoverPage from './CoverPage.svelte';
import LinesStage from './LinesStage.svelte';

eachAlone();
afterEach(() => cabling.look({}));

const circuit = (name: string) => demo.rig.power.circuits.find((one) => one.name === name);

describe('power', () => {
  it('shows each circuit with what hangs on it and how full it is', () => {
    show(LinesStage);
    const first = within(screen.getByRole('region', { name: 'Circuit C1' }));
    expect(first.getByRole('button', { name: 'Power of Pack A' }).textContent).toContain('2600 W');
    expect(first.getByRole('img', { name: 'C1: 11.3 of 12.8 A, has room' })).toBeTruthy();
    // The outlet stands below the breaker that feeds it.
    const names = screen.getAllByRole('region', { name: /^(Circuit|Outlet) / }).map((one) => one.ariaLabel);
    expect(names).toEqual(['Circuit C1', 'Circuit C2', 'Circuit C3', 'Outlet Mid bar']);
    expect(screen.getByRole('list', { name: 'On batteries' }).textContent).toMatch(/Tape.*h wanted/);
  });

  it('takes a rating, a plug and an outlet as changes', async () => {
    show(LinesStage);
    const amps = screen.getByLabelText('Amperes of C1');
    await fireEvent.input(amps, { target: { value: '20 A' } });
    await fireEvent.keyDown(amps, { key: 'Enter' });
    await fireEvent.change(screen.getByLabelText('Plug a unit into C2'), { target: { value: unit('Haar').id } });
    await fireEvent.click(screen.getByRole('button', { name: 'Add an outlet to C2' }));
    await fireEvent.click(screen.getByRole('button', { name: 'Remove Mid bar' }));
    await waitFor(() =>
      expect(changes()).toEqual([
        { do: 'change-circuit', circuit: circuit('C1')?.id, amps: 20 },
        { do: 'plug-units', units: [unit('Haar').id], circuit: circuit('C2')?.id },
        { do: 'add-circuit', amps: 10, fedBy: circuit('C2')?.id },
        { do: 'remove-circuit', circuit: circuit('Mid bar')?.id },
      ]),
    );
  });

  it('loads the sockets of a pack one by one, or all alike', async () => {
    show(LinesStage);
    await fireEvent.click(screen.getByRole('button', { name: 'Power of Pack A' }));
    const panel = within(screen.getByRole('region', { name: 'Power of Pack A' }));
    const one = panel.getByLabelText<HTMLInputElement>('Watts on Socket 2');
    expect(one.value).toBe('650 W');
    await fireEvent.input(one, { target: { value: '500' } });
    await fireEvent.keyDown(one, { key: 'Enter' });
    const all = panel.getByLabelText('Watts on all sockets');
    await fireEvent.input(all, { target: { value: '300' } });
    await fireEvent.keyDown(all, { key: 'Enter' });
    await waitFor(() =>
      expect(changes()).toEqual(
        [
          [2, '500'],
          [1, '300'],
          [2, '300'],
          [3, '300'],
          [4, '300'],
        ].map(([cell, watts]) => ({ do: 'load-socket', unit: unit('Pack A').id, cell, watts })),
      ),
    );
  });

  it('holds a battery against the evening, and keeps what is typed when it is refused', async () => {
    show(LinesStage);
    await fireEvent.click(screen.getByRole('button', { name: 'Battery of Tape' }));
    const panel = within(screen.getByRole('region', { name: 'Power of Tape' }));
    expect(panel.getByLabelText('How long it lasts').textContent).toMatch(/At the levels of the looks [\d.]+ h/);
    answer({
      [`POST /api/rigs/${demo.rig.id}/changes`]: () => new Error('Ampere hours are 0.01 to 10,000.'),
    });
    const hours = panel.getByLabelText<HTMLInputElement>('Ampere hours');
    await fireEvent.input(hours, { target: { value: '0' } });
    await fireEvent.submit(panel.getByRole('form', { name: 'Battery of Tape' }));
    expect((await panel.findByRole('alert')).textContent).toContain('Ampere hours are 0.01 to 10,000.');
    expect(hours.value).toBe('0');
    expect(changes()[0]).toMatchObject({ do: 'fit-battery', chemistry: 'lead', ampHours: 0, usable: 0.5 });
  });

  it('draws the wiring of tape terminal by terminal, with fuse and drop', async () => {
    show(LinesStage);
    await fireEvent.click(screen.getByRole('button', { name: 'Battery of Tape' }));
    const panel = within(screen.getByRole('region', { name: 'Power of Tape' }));
    expect(
      panel.getByRole('img', { name: /^Wiring of Tape: Common plus to Common plus of the tape; Output 1 to Red/ }),
    ).toBeTruthy();
    expect(panel.getByLabelText('What flows to the tape').textContent).toMatch(/72 W, 6 A.*0\.25 V, 2\.1 %.*7\.5 A/);
    await fireEvent.change(panel.getByLabelText('Wire, mm²'), { target: { value: '1.5' } });
    await fireEvent.submit(panel.getByRole('form', { name: 'Tape of Tape' }));
    await waitFor(() =>
      expect(changes()).toEqual([
        { do: 'wire-tape', unit: unit('Tape').id, volts: 12, wattsPerMetre: 14.4, metres: 5, wireMetres: 3, mm2: 1.5 },
      ]),
    );
  });

  it('says what to do while no circuit is set down', () => {
    show(LinesStage, {}, rigWith({ power: { ...demo.rig.power, circuits: [], supplies: [] } }));
    expect(screen.getByText(/^No circuit is set down/)).toBeTruthy();
  });
});

describe('covering a width', () => {
  it('says how many, and hangs them', async () => {
    answer({
      'POST /api/cover': () => ({ diameter: 1.43, count: 5, spacing: 1.14, places: [-2, -1, 0, 1, 2] }),
    });
    show(CoverPage);
    await screen.findByText('5 units');
    expect(screen.getByRole('img', { name: '5 beams of 1.43 m over 6 m' })).toBeTruthy();
    await fireEvent.input(screen.getByLabelText('Beam angle, °'), { target: { value: '36' } });
    await fireEvent.input(screen.getByLabelText('Called'), { target: { value: 'Wall' } });
    await fireEvent.click(await screen.findByRole('button', { name: 'Hang 5 units' }));
    await waitFor(() =>
      expect(changes()).toMatchObject([
        { do: 'cover-width', name: 'Wall', beam: 36, throw: 3, width: 6, overlap: 0.2, centre: 0, y: 0, height: 3 },
      ]),
    );
  });
});
