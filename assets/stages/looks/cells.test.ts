import { fireEvent, screen, waitFor } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import type { Look, Mix } from '../../api/types';
import { farOff, saidColour } from '../../lib/colourWords';
import { answer, asked, changes, demo, eachAlone, rigWith, show, unit } from '../../testing/stage';
import CellCard from './CellCard.svelte';
import LooksStage from './LooksStage.svelte';
import { LookPick } from './lookPick.svelte';

eachAlone();
const house = demo.rig.looks[0] as Look;
const drum = unit('Drum 1').id;
const spot = (label: string, u: number, v: number) => ({ label, x: 0.3, y: 0.3, u, v, hex: '#eae2ff' });
const mix: Mix = {
  colour: spot('x 0.300, y 0.300', 0.2, 0.45),
  meet: null,
  units: [
    {
      unitId: drum,
      emitters: [spot('red', 0.54, 0.52), spot('green', 0.06, 0.57), spot('blue', 0.16, 0.16)],
      corners: [
        { u: 0.06, v: 0.57 },
        { u: 0.16, v: 0.16 },
        { u: 0.54, v: 0.52 },
      ],
      ways: ['brightest', 'three'].map((recipe) => ({
        recipe,
        brightness: recipe === 'three' ? 0.4 : 0.75,
        deltaUv: 0.0123,
        reached: spot(recipe, 0.2, 0.44),
        channels: [{ label: 'Red (2)', value: 195, emitter: 'red' }],
        notes: ['It has no dimmer for this.'],
      })),
    },
  ],
};
const mixed = () => answer({ [`POST /api/rigs/${demo.rig.id}/looks/mix`]: () => mix });

/** The card of some units in the first look. */
function card(units: string[], rig = demo.rig) {
  mixed();
  const pick = new LookPick();
  for (const one of units) pick.pick(house.id, one, 'too', units);
  show(CellCard, { look: rig.looks[0], pick }, rig);
  return pick;
}
const meant = (level: number) =>
  rigWith({
    looks: demo.rig.looks.map((look) => ({
      ...look,
      cells: look.cells.map((cell) => ({
        ...cell,
        intent:
          cell.unitId === drum
            ? { level, colour: 'amber', hex: '#ff9a00', x: 0.5, y: 0.4, recipe: 'brightest', flash: 0 }
            : null,
      })),
    })),
  });

describe('a colour that is typed', () => {
  it.each([
    ['amber', { hex: '#ff9a00' }],
    ['FF8600', { hex: '#ff8600' }],
    ['#ff8600', { hex: '#ff8600' }],
    ['3200 K', { kelvin: 3200 }],
    ['3200', { kelvin: 3200 }],
    ['x 0.31, y 0.33', { x: 0.31, y: 0.33 }],
    ['.31 .33', { x: 0.31, y: 0.33 }],
    ['somewhat blue', null],
    ['#f80', null],
  ])('%s', (text, said) => expect(saidColour(text)).toEqual(said));

  it('is told apart in words when it is missed', () => {
    expect([0.004, 0.0041, 0.03].map(farOff)).toEqual(['the same', 'seen side by side', 'plainly another colour']);
  });
});

describe('picking cells', () => {
  const rows = ['a', 'b', 'c', 'd'];
  it('takes one, adds and takes away one, or takes all from the last one to it', () => {
    const pick = new LookPick();
    pick.pick('x', 'b', 'only', rows);
    pick.pick('x', 'd', 'through', rows);
    expect(pick.units).toEqual(['b', 'c', 'd']);
    pick.pick('x', 'a', 'through', rows);
    expect(pick.units).toEqual(['a', 'b']);
    pick.pick('x', 'd', 'too', rows);
    pick.pick('x', 'a', 'too', rows);
    expect(pick.units).toEqual(['b', 'd']);
  });

  it('begins anew in another look', () => {
    const pick = new LookPick();
    pick.pick('x', 'a', 'only', rows);
    pick.pick('y', 'c', 'too', rows);
    expect([pick.look, pick.units]).toEqual(['y', ['c']]);
    expect([pick.has('x', 'a'), pick.has('y', 'c')]).toEqual([false, true]);
  });
});

describe('the card of picked cells', () => {
  it('says what is only on the faders, and takes a level, a colour and a flash as they are typed', async () => {
    card([drum]);
    expect(screen.getByText(/As the faders were set/)).toBeTruthy();
    for (const [label, text] of [
      ['Level', '80'],
      ['Colour', 'amber'],
      ['Flash', '4'],
    ] as const) {
      const field = screen.getByLabelText(label);
      await fireEvent.input(field, { target: { value: text } });
      await fireEvent.keyDown(field, { key: 'Enter' });
    }
    await waitFor(() => expect(changes()).toHaveLength(3));
    const mine = { do: 'light-units', look: house.id, units: [drum] };
    expect(changes()).toEqual([
      { ...mine, level: 0.8 },
      { ...mine, colour: { hex: '#ff9a00' } },
      { ...mine, flash: 4 },
    ]);
  });

  it('keeps what it does not understand in the field, with the reason', async () => {
    card([drum]);
    const field = screen.getByLabelText('Colour');
    await fireEvent.input(field, { target: { value: 'somewhat blue' } });
    await fireEvent.keyDown(field, { key: 'Enter' });
    expect(await screen.findByText(/Type a colour: amber/)).toBeTruthy();
    expect((field as HTMLInputElement).value).toBe('somewhat blue');
    expect(changes()).toHaveLength(0);
  });

  it('shows what is meant, each way to the colour with its light, and how far off it is', async () => {
    card([drum], meant(0.8));
    expect((screen.getByLabelText('Level') as HTMLInputElement).value).toBe('80 %');
    expect((screen.getByLabelText('Colour') as HTMLInputElement).value).toBe('amber');
    const way = await screen.findByRole('button', { name: /Red, green, blue/ });
    expect(way.textContent).toContain('40 %');
    expect(screen.getByRole('button', { name: /Brightest/ }).getAttribute('aria-pressed')).toBe('true');
    expect(screen.getByText('0.0123')).toBeTruthy();
    expect(screen.getByText('It has no dimmer for this.')).toBeTruthy();
    await fireEvent.click(way);
    await waitFor(() => expect(changes()[0]).toMatchObject({ recipe: 'three' }));
  });

  it('leaves a level that differs open, and says who is left alone', () => {
    const spin = unit('Spin L').id;
    const rig = meant(0.8);
    const looks = rig.looks.map((look) => ({ ...look, cells: look.cells.filter((one) => one.unitId !== spin) }));
    card([drum, spin], { ...rig, looks });
    expect((screen.getByLabelText('Level') as HTMLInputElement).value).toBe('');
    expect(screen.getByText(/Some of these are left alone/)).toBeTruthy();
  });

  it.each([
    ['Level', '20-80', { level: 0.2, levelTo: 0.8 }],
    ['Level', '20 % to full', { level: 0.2, levelTo: 1 }],
    ['Colour', 'red to 3200 K', { colour: { hex: '#ff0000' }, colourTo: { kelvin: 3200 } }],
    ['Colour', '', { plain: true }],
  ])('takes %s %s, over all that are picked', async (label, text, said) => {
    card([drum], meant(0.8));
    const field = screen.getByLabelText(label);
    await fireEvent.input(field, { target: { value: text } });
    await fireEvent.keyDown(field, { key: 'Enter' });
    await waitFor(() => expect(changes()).toEqual([{ do: 'light-units', look: house.id, units: [drum], ...said }]));
  });

  it.each([
    ['Level', '20 to 80 to 90'],
    ['Level', '120'],
    ['Colour', 'red to nowhere'],
  ])('refuses %s %s with what it would take', async (label, text) => {
    card([drum]);
    const field = screen.getByLabelText(label);
    await fireEvent.input(field, { target: { value: text } });
    await fireEvent.keyDown(field, { key: 'Enter' });
    expect(await screen.findByText(/over all that are picked/)).toBeTruthy();
    expect(changes()).toHaveLength(0);
  });

  it('carries what one does to another, and all looks of the first to the others', async () => {
    card([drum, unit('Spin L').id], meant(0.8));
    await fireEvent.click(screen.getByRole('button', { name: 'Copy' }));
    await fireEvent.click(screen.getByRole('button', { name: 'Paste' }));
    await waitFor(() =>
      expect(changes()[0]).toMatchObject({ level: 0.8, colour: { x: 0.5, y: 0.4 }, recipe: 'brightest', flash: 0 }),
    );
    await fireEvent.click(screen.getByRole('button', { name: /^Give all looks of Drum 1/ }));
    await waitFor(() => expect(changes()[1]).toEqual({ do: 'give-looks', from: drum, units: [unit('Spin L').id] }));
  });

  it('offers the colour at which units that differ are alike', async () => {
    answer({
      [`POST /api/rigs/${demo.rig.id}/looks/mix`]: () => ({
        ...mix,
        meet: { colour: spot('meet', 0.21, 0.46), worst: 0.0039, away: 0.03 },
      }),
    });
    const pick = new LookPick();
    pick.pick(house.id, drum, 'only', [drum]);
    show(CellCard, { look: meant(0.8).looks[0], pick }, meant(0.8));
    await fireEvent.click(await screen.findByRole('button', { name: /Meet here: all within 0.0039/ }));
    await waitFor(() => expect(changes()[0]).toMatchObject({ colour: { x: 0.3, y: 0.3 } }));
  });

  it('leaves units out', async () => {
    card([drum]);
    await fireEvent.click(screen.getByRole('button', { name: 'Leave 1 unit out' }));
    await waitFor(() => expect(changes()).toEqual([{ do: 'leave-out', look: house.id, units: [drum] }]));
  });
});

describe('the stage of looks', () => {
  it('shows the card of a cell that is pressed, asks how it mixes, and goes back to the look', async () => {
    mixed();
    show(LooksStage);
    await fireEvent.click(screen.getByRole('button', { name: `Spin L in ${house.name}` }));
    expect(screen.getByLabelText('Level')).toBeTruthy();
    await waitFor(() => expect(asked.some((one) => one.path.endsWith('/looks/mix'))).toBe(true));
    await fireEvent.click(screen.getByRole('button', { name: 'Back to the look' }));
    expect(screen.queryByLabelText('Level')).toBeNull();
    expect(screen.getByLabelText('Name of the look')).toBeTruthy();
  });

  it('begins a look that says nothing yet, at the next free place', async () => {
    show(LooksStage);
    await fireEvent.click(screen.getByRole('button', { name: 'New look' }));
    await fireEvent.click(screen.getByRole('button', { name: /^Empty look/ }));
    await waitFor(() => expect(changes()[0]).toMatchObject({ do: 'begin-look', bank: 2, number: 3 }));
  });

  it('makes one that every rig needs, under a name that is free', async () => {
    const looks = demo.rig.looks.map((look, nth) => (nth === 0 ? { ...look, name: 'All in red' } : look));
    show(LooksStage, {}, rigWith({ looks }));
    await fireEvent.click(screen.getByRole('button', { name: 'New look' }));
    await fireEvent.click(screen.getByRole('button', { name: /^All in red/ }));
    await waitFor(() =>
      expect(changes()[0]).toMatchObject({
        do: 'make-look',
        what: 'colour',
        name: 'All in red 2',
        colour: { hex: '#ff0000' },
      }),
    );
  });
});
