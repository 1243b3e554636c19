import { fireEvent, screen, waitFor, within } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import { selection } from '../../state/selection.svelte';
import { ticks } from '../../state/ticks.svelte';
import { asked, changes, demo, eachAlone, finding, rigWith, show, unit } from '../../testing/stage';
import LookCard from './LookCard.svelte';
import LooksStage from './LooksStage.svelte';
import LookTable from './LookTable.svelte';
import { LookPick } from './lookPick.svelte';

eachAlone();
const [house] = demo.rig.looks;
if (!house) throw new Error('The demo has looks.');

describe('the table of looks', () => {
  it('has a column for each look and a row for each unit, twins together', () => {
    show(LookTable, { pick: new LookPick() });
    const [head, ...rows] = screen.getAllByRole('row');
    expect(within(head as HTMLElement).getAllByRole('button')).toHaveLength(demo.rig.looks.length);
    expect(rows).toHaveLength(demo.rig.units.filter((one) => !one.twinOf).length);
  });

  it('asks what each lamp does in each look, and says so in its cell', async () => {
    show(LookTable, { pick: new LookPick() });
    await waitFor(() => expect(asked.filter((one) => one.path.endsWith('/looks/lamps'))).toHaveLength(1));
    await waitFor(() => expect(document.querySelector('[title*="in House: lit"]')).toBeTruthy());
    expect(document.querySelector('[title="Haar in House: responds; it has no lamp"]')).toBeTruthy();
  });

  it('tells one that a look leaves alone from one that it holds at nothing', async () => {
    const haar = unit('Haar').id;
    const looks = demo.rig.looks.map((look) => ({ ...look, cells: look.cells.filter((one) => one.unitId !== haar) }));
    show(LookTable, { pick: new LookPick() }, rigWith({ looks }));
    await waitFor(() => expect(document.querySelector('[title="Haar in House: left alone"]')).toBeTruthy());
  });

  it('chooses and recalls the look that is pressed', async () => {
    show(LookTable, { pick: new LookPick() });
    await fireEvent.click(screen.getByRole('button', { name: /^1\.3 Tide in/ }));
    expect(selection.look).toBe(demo.rig.looks.find((one) => one.name === 'Tide in')?.id);
  });
});

describe('a look', () => {
  it('shows the recipe of the desk, in the desk’s own words', () => {
    show(LookCard, { look: house });
    const steps = within(screen.getByRole('list', { name: 'Steps' })).getAllByRole('listitem');
    expect(steps.map((one) => one.textContent.trim())).toEqual(house.lines);
    expect(steps[0]?.textContent).toContain('Turn the key switch to Write');
    expect(screen.getByText(/Drawer 1, memory 1/)).toBeTruthy();
  });

  it('ticks a step, counts what is done, and begins again', async () => {
    ticks.clear(house.id);
    show(LookCard, { look: house });
    await fireEvent.click(screen.getAllByRole('checkbox')[0] as HTMLElement);
    expect(await screen.findByText(/^1 of \d+ steps done/)).toBeTruthy();
    await fireEvent.click(screen.getByRole('button', { name: 'Begin again' }));
    await waitFor(() => expect(screen.queryByText(/steps done/)).toBeNull());
  });

  it('keeps a tick while the window is open', async () => {
    ticks.set(house.id, house.lines[1] ?? '', true);
    show(LookCard, { look: house });
    expect((screen.getAllByRole('checkbox')[1] as HTMLInputElement).checked).toBe(true);
    ticks.clear(house.id);
  });

  it('says why it cannot be stored, in the place of the steps', () => {
    show(LookCard, { look: { ...house, lines: [], problem: 'Drum 1 and Drum 2 want different values.' } });
    expect(screen.getByRole('alert').textContent).toContain('different values');
    expect(screen.queryByRole('list', { name: 'Steps' })).toBeNull();
  });

  it('names what no fader reaches', () => {
    const lost = { unitId: 'x', unit: 'Batten', channel: 20, label: 'Red 7', value: 90 };
    show(LookCard, { look: { ...house, unreachable: [lost] } });
    expect(screen.getByText('Batten').parentElement?.textContent).toContain('Red 7 (20) at 90');
  });

  it('is renamed, moved to another place and deleted by changes', async () => {
    show(LookCard, { look: house });
    const name = screen.getByLabelText('Name of the look');
    await fireEvent.input(name, { target: { value: 'Doors' } });
    await fireEvent.keyDown(name, { key: 'Enter' });
    await waitFor(() => expect(changes()).toContainEqual({ do: 'rename-look', look: house.id, name: 'Doors' }));
    await fireEvent.click(screen.getByRole('button', { name: 'Delete' }));
    await waitFor(() => expect(changes()).toContainEqual({ do: 'remove-look', look: house.id }));
  });
});

describe('the stage of looks', () => {
  it('tells what flashes, with the button that makes it steady', async () => {
    show(LooksStage);
    const flash = finding('fast_flash');
    expect(screen.getByText(`${flash.title}.`)).toBeTruthy();
    await fireEvent.click(screen.getByRole('button', { name: flash.repair?.label ?? '' }));
    await waitFor(() => expect(changes()).toHaveLength(1));
  });

  it('says how many places of the desk are used', () => {
    show(LooksStage);
    expect(screen.getByText(`${demo.rig.looks.length} of 120 scenes used`)).toBeTruthy();
  });

  it('says how a look is made when there is none', () => {
    show(LooksStage, {}, rigWith({ looks: [], findings: [] }));
    expect(screen.getByText(/No look yet/)).toBeTruthy();
  });
});
