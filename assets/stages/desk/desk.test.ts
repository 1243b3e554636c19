import { fireEvent, screen, waitFor, within } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import type { Faders } from '../../state/faders.svelte';
import { answer, changes, demo, eachAlone, finding, rigWith, show } from '../../testing/stage';
import DeskFaults from './DeskFaults.svelte';
import DeskStage from './DeskStage.svelte';
import FaderStrip from './FaderStrip.svelte';
import PreflightStage from './PreflightStage.svelte';
import StoreSteps from './StoreSteps.svelte';

eachAlone();
const strips = demo.rig.desk?.strips ?? [];
const shutter = strips.find((one) => one.label === 'Shutter');
if (!shutter) throw new Error('The demo has a shutter on a fader.');

describe('a fader', () => {
  const shown = () => {
    let faders: Faders | undefined;
    show(FaderStrip, {
      with: (around: { faders: Faders }) => {
        faders = around.faders;
        return { strip: shutter, place: 'inner 7' };
      },
    });
    return faders as unknown as Faders;
  };

  it('is called by its place and what it does, of whom', () => {
    shown();
    expect(screen.getByRole('slider', { name: /^Fader inner 7: Shutter of Drum 1, Drum 2/ })).toBeTruthy();
  });

  it('goes to what is typed, as the server reads it', async () => {
    answer({
      'POST /api/typed-value': ({ body }) => ({ value: (body as { text: string }).text === 'closed' ? 11 : 140 }),
    });
    const faders = shown();
    const field = screen.getByRole('textbox', { name: /^Fader inner 7, Shutter/ });
    await fireEvent.input(field, { target: { value: '140' } });
    await fireEvent.keyDown(field, { key: 'Enter' });
    await waitFor(() => expect(faders.value(shutter.address)).toBe(140));
    await fireEvent.input(field, { target: { value: 'closed' } });
    await fireEvent.keyDown(field, { key: 'Enter' });
    await waitFor(() => expect(faders.value(shutter.address)).toBe(11));
  });

  it('says which range it stands in', async () => {
    const faders = shown();
    faders.setAll([shutter.address], 140, 'first');
    expect(await screen.findByText(/Flash/)).toBeTruthy();
  });
});

describe('what is told at the desk', () => {
  it('tells a cause once, with its repairs', async () => {
    show(DeskFaults);
    const spills = finding('spills');
    expect(screen.getByText(`${spills.title}.`)).toBeTruthy();
    await fireEvent.click(screen.getByRole('button', { name: spills.repair?.label ?? '' }));
    await waitFor(() => expect(changes().map((one) => one.do)).toEqual(['set-mode']));
  });

  it('keeps what is meant apart from what is to be put right', () => {
    show(DeskFaults);
    expect(screen.getByText('As it is meant')).toBeTruthy();
    expect(screen.getByText('Drum 1 and Drum 2 are twins.')).toBeTruthy();
  });

  it('says that every channel is on a fader when it is so', () => {
    show(DeskFaults, {}, rigWith({ findings: [] }));
    expect(screen.getByText('Every channel of every unit is on a fader.')).toBeTruthy();
  });
});

describe('the steps to store a look at the desk', () => {
  it('are those of the look that is chosen', async () => {
    show(StoreSteps);
    const tide = demo.rig.looks.find((one) => one.name === 'Tide in');
    await fireEvent.change(screen.getByRole('combobox'), { target: { value: tide?.id } });
    await waitFor(() => {
      const steps = within(screen.getByRole('list', { name: 'Steps' })).getAllByRole('listitem');
      expect(steps.map((one) => one.textContent.trim())).toEqual(tide?.lines);
    });
  });

  it('say that a look comes first', () => {
    show(StoreSteps, {}, rigWith({ looks: [] }));
    expect(screen.getByText(/Record a look first/)).toBeTruthy();
  });
});

describe('the desk', () => {
  it('says what a desk is for when none is chosen', () => {
    show(DeskStage, {}, rigWith({ desk: null }));
    expect(screen.getByText(/Choose the desk you play on/)).toBeTruthy();
  });

  it('shows a key for each button and the faders of the one that is pressed', async () => {
    show(DeskStage);
    const keys = within(screen.getByRole('group', { name: 'Fixture buttons' })).getAllByRole('button');
    expect(keys).toHaveLength(10);
    await fireEvent.click(keys[8] as HTMLElement);
    expect(await screen.findByRole('slider', { name: /Socket 1 of Pack B/ })).toBeTruthy();
  });
});

describe('the check before doors', () => {
  it('names the keys of this desk', () => {
    show(PreflightStage);
    expect(screen.getByText('Blackout is off (Lift)')).toBeTruthy();
    expect(screen.getByText('Drawer 1 is chosen')).toBeTruthy();
  });
});
