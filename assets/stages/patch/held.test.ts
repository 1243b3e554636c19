import { fireEvent, screen, waitFor, within } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import FindingList from '../../components/FindingList.svelte';
import FirstSteps from '../../components/FirstSteps.svelte';
import Presses from '../../components/Presses.svelte';
import { selection } from '../../state/selection.svelte';
import { answer, asked, changes, demo, eachAlone, finding, rigWith, show, unit } from '../../testing/stage';
import AllRight from './AllRight.svelte';
import CellNames from './CellNames.svelte';
import HoldsView from './HoldsView.svelte';
import OrderCard from './OrderCard.svelte';
import PatchStage from './PatchStage.svelte';
import UnitCard from './UnitCard.svelte';

eachAlone();
const type = (field: HTMLElement, value: string) => fireEvent.input(field, { target: { value } });

describe('what somebody knows', () => {
  const sharing = finding('shared_button');

  it('is said with a word why, about those units alone', async () => {
    show(FindingList, { findings: [sharing] });
    await fireEvent.click(screen.getByRole('button', { name: `I know: ${sharing.title}` }));
    await type(screen.getByLabelText('Note'), 'both white');
    await fireEvent.submit(screen.getByLabelText('Note').closest('form') as HTMLFormElement);
    await waitFor(() =>
      expect(changes()).toEqual([
        {
          do: 'accept-finding',
          stage: 'desk',
          code: 'shared_button',
          units: sharing.unitIds,
          link: null,
          look: null,
          note: 'both white',
        },
      ]),
    );
  });

  it('is no offer for an error', () => {
    show(FindingList, { findings: [finding('clash')] });
    expect(screen.queryByRole('button', { name: /^I know/ })).toBeNull();
  });

  it('stays in sight with its note, and is looked at again', async () => {
    show(FindingList, {
      findings: [{ ...sharing, severity: 'note', repair: null, knownId: 'known-1', knownNote: 'both white' }],
      empty: 'Nothing else.',
    });
    expect(screen.getByText('Nothing else.')).toBeTruthy();
    const known = screen.getByRole('list', { name: 'Known' });
    expect(known.textContent).toContain('“both white”');
    await fireEvent.click(within(known).getByRole('button', { name: /^Look again/ }));
    await waitFor(() => expect(changes()).toEqual([{ do: 'look-again', known: 'known-1' }]));
  });

  it('is clear in Patch too', () => {
    const findings = demo.rig.findings
      .filter((one) => one.stage === 'desk' && one.code === 'shared_button')
      .map((one) => ({ ...one, severity: 'note', knownId: one.key }));
    show(PatchStage, {}, rigWith({ findings }));
    expect(screen.getByText('All clear')).toBeTruthy();
    expect(screen.getByRole('list', { name: 'Known' }).children.length).toBeGreaterThan(0);
  });
});

describe('slots held for others', () => {
  const holds = [{ id: 'held-1', name: 'House lights', universe: 1, from: 201, to: 208 }];

  it('are read as they are typed, and said back', async () => {
    show(HoldsView);
    expect(screen.getByText('Nothing is held.')).toBeTruthy();
    await type(screen.getByLabelText('Whose they are'), 'House lights');
    await type(screen.getByLabelText('Slots'), 'u2 1-8');
    expect(screen.getByText('Read as universe 2, 001–008.')).toBeTruthy();
    await fireEvent.submit(screen.getByLabelText('Slots').closest('form') as HTMLFormElement);
    await waitFor(() =>
      expect(changes()).toEqual([{ do: 'hold-slots', universe: 2, from: 1, to: 8, name: 'House lights' }]),
    );
  });

  it('say how to type them when they are not understood', async () => {
    show(HoldsView);
    await type(screen.getByLabelText('Slots'), 'the first ones');
    expect(screen.getByText(/^Type slots such as 1-8/)).toBeTruthy();
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Hold them' }).disabled).toBe(true);
  });

  it('stand on the tape', () => {
    selection.arrangement = 'rows';
    show(PatchStage, {}, rigWith({ holds }));
    expect(screen.getByTitle('Held for House lights: 201–208')).toBeTruthy();
  });

  it('are released with one press', async () => {
    show(HoldsView, {}, rigWith({ holds }));
    await fireEvent.click(screen.getByRole('button', { name: 'Release the slots of House lights' }));
    await waitFor(() => expect(changes()).toEqual([{ do: 'release-slots', hold: 'held-1' }]));
  });
});

describe('a unit', () => {
  it('is put out of action for tonight', async () => {
    show(OrderCard, { unit: unit('Spin L') });
    await fireEvent.click(screen.getByLabelText('Out of action tonight'));
    await waitFor(() => expect(changes()).toEqual([{ do: 'put-out', unit: unit('Spin L').id, isOut: true }]));
  });

  it('has names for its sockets, where it has sockets', async () => {
    show(CellNames, { unit: unit('Pack B') });
    const field = screen.getByLabelText('Name of Socket 2 of Pack B');
    await type(field, 'Lamp over the table');
    await fireEvent.keyDown(field, { key: 'Enter' });
    await waitFor(() =>
      expect(changes()).toEqual([{ do: 'name-cell', unit: unit('Pack B').id, cell: 2, name: 'Lamp over the table' }]),
    );
  });

  it('has cells where each is more than a socket, and no such page where it has none', () => {
    show(UnitCard, { unit: unit('Batten') });
    expect(screen.getByRole('tab', { name: 'Cells' })).toBeTruthy();
    show(UnitCard, { unit: unit('Haar') });
    expect(
      within(screen.getByRole('tablist', { name: 'About Haar' })).queryByRole('tab', { name: /Cells|Sockets/ }),
    ).toBeNull();
  });

  it('tells its mode by the letter that it shows', async () => {
    const path = `/api/rigs/${demo.rig.id}/units/${unit('Drum 3').id}/presses`;
    answer({ [`POST ${path}`]: () => ({ kind: 'mode', words: 'C015: that is the 2-channel mode.' }) });
    show(Presses, { rig: demo.rig.id, unit: unit('Drum 3') });
    await type(screen.getByLabelText('What Drum 3 shows now'), 'C015');
    expect((await screen.findByText('C015: that is the 2-channel mode.')).className).toContain('warning');
    expect(asked.find((one) => one.path === path)?.body).toEqual({ shown: 'C015' });
  });
});

describe('everything at once', () => {
  const plan = (unplaced: unknown[], trips = 1) => ({
    sentence: '',
    trips: Array.from({ length: trips }, (_, nth) => ({ unitId: demo.rig.units[nth]?.id })),
    unplaced,
    take: { changes: [{ do: 'take-plan', goal: 'fewest', units: [] }] },
  });

  it('is offered where every unit gets its own', async () => {
    answer({ [`POST /api/rigs/${demo.rig.id}/plan/preview`]: () => plan([]) });
    show(AllRight);
    expect(await screen.findByRole('button', { name: 'Fix all: 1 ladder trip' })).toBeTruthy();
  });

  it('says what stands against it', async () => {
    answer({
      [`POST /api/rigs/${demo.rig.id}/plan/preview`]: () =>
        plan([{ unitId: 'x', name: 'Batten', why: 'it needs 2 buttons in a row.' }]),
    });
    show(AllRight);
    expect(await screen.findByText(/Not all of it can be put right at once\. Batten: it needs 2 buttons/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Fix all/ })).toBeNull();
  });
});

describe('first steps', () => {
  const empty = { units: [], findings: [], looks: [], desk: null };

  it('begin with hanging, with a button for each way', async () => {
    const onHang = { called: 0 };
    show(FirstSteps, { here: 'patch', onHang: () => (onHang.called += 1) }, rigWith(empty));
    await fireEvent.click(screen.getByRole('button', { name: 'Hang from the shelf' }));
    expect(onHang.called).toBe(1);
    expect(screen.getByRole('link', { name: 'Write or paste a chart' }).getAttribute('href')).toMatch(/fixtures\?new$/);
  });

  it('tick what is done, and the next one stands out', () => {
    show(FirstSteps, { here: 'looks' }, rigWith({ ...empty, units: demo.rig.units }));
    const [hang, desk] = screen.getAllByRole('listitem');
    expect(hang?.textContent).toContain('✓');
    expect(within(desk as HTMLElement).getByRole('link', { name: 'Choose the desk' }).className).toContain(
      'btn-primary',
    );
  });

  it('lead nowhere where one is', () => {
    show(FirstSteps, { here: 'desk' }, rigWith({ ...empty, units: demo.rig.units }));
    expect(screen.queryByRole('link', { name: 'Choose the desk' })).toBeNull();
  });

  it('stand in an empty Patch, where nothing is called clear', () => {
    show(PatchStage, {}, rigWith(empty));
    expect(screen.getByRole('region', { name: 'First steps' })).toBeTruthy();
    expect(screen.queryByText('All clear')).toBeNull();
  });
});
