import { fireEvent, screen, waitFor, within } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import { selection } from '../../state/selection.svelte';
import { answer, asked, changes, demo, eachAlone, rigWith, show, unit } from '../../testing/stage';
import OrderCard from './OrderCard.svelte';
import PatchList from './PatchList.svelte';
import PatchStage from './PatchStage.svelte';
import SetCard from './SetCard.svelte';
import WalkStage from './WalkStage.svelte';

eachAlone();
const type = async (field: HTMLElement, text: string, key = 'Enter') => {
  await fireEvent.input(field, { target: { value: text } });
  await fireEvent.keyDown(field, { key });
};

describe('the patch list', () => {
  it('shows every unit with its tape, type, address and the worst that is said of it', () => {
    show(PatchList);
    const rows = screen.getAllByRole('row').slice(1);
    expect(rows).toHaveLength(demo.rig.units.length);
    const pack = rows.find((row) => row.textContent.includes('Pack A'));
    expect(pack?.textContent).toContain('Quad Pack');
    expect(pack?.textContent).toContain('clash');
    const drum = rows.find((row) => row.textContent.includes('Drum 2'));
    expect(drum?.textContent).toContain('twin of Drum 1');
  });

  it('of a long list draws what is in sight alone', () => {
    const like = unit('Haar');
    const units = Array.from({ length: 300 }, (_, nth) => ({ ...like, id: `u${nth}`, name: `Mote ${nth}` }));
    show(PatchList, {}, rigWith({ units, findings: [] }));
    expect(screen.queryAllByLabelText(/^Address of Mote/).length).toBeLessThan(60);
  });

  it('moves a unit to the address that is typed', async () => {
    show(PatchList);
    await type(screen.getByLabelText('Address of Haar'), '150');
    await waitFor(() => expect(changes()).toEqual([{ do: 'move-units', units: [unit('Haar').id], to: '150' }]));
  });

  it('keeps what was typed and says why an address is refused', async () => {
    answer({ [`POST /api/rigs/${demo.rig.id}/changes`]: () => new Error('Address 600 is past the last slot, 512.') });
    show(PatchList);
    const field = screen.getByLabelText<HTMLInputElement>('Address of Haar');
    await type(field, '600');
    expect((await screen.findByRole('alert')).textContent).toContain('past the last slot');
    expect(field.value).toBe('600');
  });

  it('lists the units of a group alone, and all again', async () => {
    show(
      PatchList,
      {},
      rigWith({ units: demo.rig.units.map((one, nth) => ({ ...one, groups: nth < 2 ? ['Front'] : [] })) }),
    );
    await fireEvent.click(screen.getByRole('button', { name: 'Front' }));
    expect(screen.getAllByRole('row')).toHaveLength(3);
    await fireEvent.click(screen.getByRole('button', { name: 'All' }));
    expect(screen.getAllByRole('row')).toHaveLength(demo.rig.units.length + 1);
  });

  it('says where units come from when none hang', () => {
    show(PatchList, {}, rigWith({ units: [], findings: [] }));
    expect(screen.getByText(/Nothing hangs yet/)).toBeTruthy();
  });
});

describe('the patch stage', () => {
  it('tells what is to be put right, with its repair as one button', async () => {
    show(PatchStage);
    await fireEvent.click(screen.getByRole('button', { name: /^Move Pack A to 099/ }));
    await waitFor(() => expect(changes().map((one) => one.do)).toEqual(['move-units']));
  });

  it('shows what is said of the unit that is chosen, and its card', async () => {
    show(PatchStage);
    selection.unit = unit('Drum 2').id;
    expect(await screen.findByText('About this unit')).toBeTruthy();
    expect(screen.getByText(/Drum 1 and Drum 2 are twins/)).toBeTruthy();
    expect(screen.getByRole('tablist', { name: 'About Drum 2' })).toBeTruthy();
  });

  it('takes a unit down', async () => {
    selection.unit = unit('Haar').id;
    show(PatchStage);
    await fireEvent.click(screen.getByRole('button', { name: 'Take it down' }));
    await waitFor(() => expect(changes()).toEqual([{ do: 'remove-unit', unit: unit('Haar').id }]));
  });

  it('numbers them all: what would move is shown first', async () => {
    show(PatchStage);
    await fireEvent.click(screen.getByRole('button', { name: 'Number them for me' }));
    await waitFor(() => expect(asked.some((one) => one.path.endsWith('/plan/preview'))).toBe(true));
    expect(changes()).toEqual([]);
  });
});

describe('what to set on a unit', () => {
  it('draws the switches of one that has them, with their sum', () => {
    show(SetCard, { rig: demo.rig.id, unit: unit('Pack A') });
    expect(screen.getByText(/Switches 1 3 5 7 up/)).toBeTruthy();
  });

  it('shows the display of one that has a display', () => {
    show(SetCard, { rig: demo.rig.id, unit: unit('Drum 3') });
    expect(document.body.textContent).toContain(unit('Drum 3').display);
  });
});

describe('the order of a unit', () => {
  it('takes a number, groups, a note and a roll of tape, each as a change of its own', async () => {
    const id = unit('Haar').id;
    show(OrderCard, { unit: unit('Haar') });
    await type(screen.getByLabelText('Number of Haar'), '95');
    await waitFor(() => expect(changes()).toContainEqual({ do: 'number-unit', unit: id, number: '95' }));
    await type(screen.getByLabelText('Groups of Haar'), 'Air, Up');
    await waitFor(() => expect(changes()).toContainEqual({ do: 'group-unit', unit: id, groups: 'Air, Up' }));
    await fireEvent.click(screen.getByLabelText(/[Ll]ock/));
    await waitFor(() => expect(changes()).toContainEqual({ do: 'lock-unit', unit: id, isLocked: true }));
  });
});

describe('the walk round', () => {
  it('shows one unit after the other in the order of a foot, and ticks it', async () => {
    show(WalkStage);
    const first = demo.rig.units[demo.rig.walk[0] ?? 0];
    const items = screen.getAllByRole('listitem').filter((one) => one.hasAttribute('aria-label'));
    expect(items[0]?.getAttribute('aria-label')).toBe(first?.name);
    await fireEvent.click(within(items[0] as HTMLElement).getByRole('button', { name: 'It is set' }));
    await waitFor(() => expect(changes()[0]).toMatchObject({ do: 'tick-unit', unit: first?.id }));
  });
});
