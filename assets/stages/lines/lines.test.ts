import { fireEvent, screen, waitFor, within } from '@testing-library/svelte';
import { afterEach, describe, expect, it } from 'vitest';
import type { Link } from '../../api/types';
import { cabling } from '../../state/cabling.svelte';
import { answer, changes, demo, eachAlone, finding, rigWith, show, unit } from '../../testing/stage';
import LinesStage from './LinesStage.svelte';

eachAlone();
afterEach(() => cabling.look({}));

describe('the lines', () => {
  it('say which unit hears which sender', () => {
    show(LinesStage);
    expect(screen.getByText('linked')).toBeTruthy();
    const field = screen.getByLabelText<HTMLSelectElement>('Receiver of Tape');
    expect(field.selectedOptions[0]?.text).toBe(unit('Tape').receiver);
  });

  it('set a receiver by a change', async () => {
    show(LinesStage);
    await fireEvent.change(screen.getByLabelText('Receiver of Tape'), { target: { value: '1' } });
    await waitFor(() =>
      expect(changes()).toEqual([
        { do: 'connect-unit', unit: unit('Tape').id, link: unit('Tape').linkId, receiver: 'Birch' },
      ]),
    );
  });

  it('put a unit on cable', async () => {
    show(LinesStage);
    await fireEvent.click(screen.getByRole('button', { name: 'Put on cable' }));
    await waitFor(() =>
      expect(changes()).toEqual([{ do: 'connect-unit', unit: unit('Tape').id, link: null, receiver: null }]),
    );
  });

  it('offer what answers a sender that nobody hears', async () => {
    show(LinesStage);
    await fireEvent.click(screen.getByRole('button', { name: finding('no_receiver').repair?.label ?? '' }));
    await waitFor(() => expect(changes().map((one) => one.do)).toEqual(['remove-link']));
  });

  it('add a sender, and keep the form with the reason when it is refused', async () => {
    answer({
      [`POST /api/rigs/${demo.rig.id}/changes`]: () => new Error('Say what the sender is called.'),
      'GET /api/kits': () => ({ kits: [{ id: 'reed', name: 'Reed Link', words: '8 × name' }] }),
    });
    show(LinesStage);
    await fireEvent.click(screen.getByRole('button', { name: 'Add a radio link' }));
    await screen.findByRole('option', { name: 'Reed Link' });
    const field = screen.getByRole('textbox', { name: /What you call the sender/ });
    await fireEvent.input(field, { target: { value: '' } });
    await fireEvent.click(screen.getByRole('button', { name: 'Add the sender' }));
    expect((await screen.findByRole('alert')).textContent).toContain('Say what the sender is called');
    expect(screen.getByRole('button', { name: 'Add the sender' })).toBeTruthy();
  });

  it('set a receiver of two parts, one at a time, and say which part is wrong', async () => {
    const parts = [
      { label: 'number', values: ['1', '2'] },
      { label: 'sub-number', values: ['1', '2', '3'] },
    ];
    const link = { ...demo.rig.links[0], kit: 'Loon Pair', parts, name: '2-1' };
    const names = ['1-1', '1-2', '1-3', '2-1', '2-2', '2-3'];
    const tape = { ...unit('Tape'), receiver: '2-3' };
    const units = demo.rig.units.map((one) => (one.id === tape.id ? tape : one));
    show(LinesStage, {}, rigWith({ links: [{ ...link, names } as Link], units }));
    const [number, sub] = ['number', 'sub-number'].map((part) =>
      screen.getByLabelText<HTMLSelectElement>(`Receiver of Tape, ${part}`),
    );
    expect([number?.selectedOptions[0]?.text, sub?.selectedOptions[0]?.text]).toEqual(['2', '3']);
    await fireEvent.change(sub as Element, { target: { value: '0' } });
    await waitFor(() => expect(changes()).toMatchObject([{ do: 'connect-unit', receiver: '2-1' }]));
    await fireEvent.change(sub as Element, { target: { value: '-1' } });
    await waitFor(() => expect(changes()[1]).toMatchObject({ do: 'connect-unit', receiver: null }));
  });

  it('let one lead and others follow, and one alone hear the remote', async () => {
    const units = demo.rig.units.map((one) =>
      one.name === 'Spin L'
        ? { ...one, runState: 'leader' }
        : one.name === 'Spin R'
          ? { ...one, runState: 'follower' }
          : one,
    );
    show(LinesStage, {}, rigWith({ units }));
    await fireEvent.click(screen.getByLabelText('Spin L hears the hand remote'));
    await fireEvent.change(screen.getByLabelText('Spin R: crossing'), { target: { value: 'unit' } });
    await fireEvent.change(screen.getByLabelText('A unit that follows'), { target: { value: unit('Drum 1').id } });
    await waitFor(() =>
      expect(changes()).toEqual([
        { do: 'hear-remote', units: [unit('Spin L').id], hears: true },
        { do: 'turn-unit', unit: unit('Spin R').id, direction: 'pan', reversed: 'unit' },
        { do: 'run-units', units: [unit('Drum 1').id], state: 'follower' },
      ]),
    );
  });

  it('pair a receiver by its card, and keep that it was done', async () => {
    const steps = [
      { words: 'Switch Booth left on.', from: null, to: null, pattern: null, lamp: null },
      { words: 'Hold Name for 3 s.', from: 2, to: 10, pattern: '10', lamp: 'flickering green' },
    ];
    answer({
      [`GET /api/rigs/${demo.rig.id}/units/${unit('Tape').id}/pairing`]: () => ({
        kit: 'Reed Link',
        sender: 'Booth left',
        setting: 'Alder',
        steps,
        proof: ['Raise fader 1 alone: only Red changes.'],
        undo: ['Press Name 5 times.'],
        note: null,
        name: 'Tape',
      }),
    });
    show(LinesStage);
    await fireEvent.click(screen.getByRole('button', { name: 'Pair Tape' }));
    expect(await screen.findByText('2 to 10 s after switching on')).toBeTruthy();
    expect(screen.getByRole('img', { name: 'flickering green' })).toBeTruthy();
    await fireEvent.click(screen.getByRole('button', { name: 'It is paired and proved' }));
    await waitFor(() => expect(changes()).toEqual([{ do: 'pair-unit', unit: unit('Tape').id }]));
    await waitFor(() => expect(screen.queryByRole('region', { name: 'Pair Tape' })).toBeNull());
  });

  it('put colours right that come in the wrong order', async () => {
    answer({
      [`GET /api/rigs/${demo.rig.id}/units/${unit('Tape').id}/pairing`]: () => ({
        kit: 'Reed Link',
        sender: 'Booth left',
        setting: 'Alder',
        steps: [],
        proof: [],
        undo: [],
        note: null,
        name: 'Tape',
      }),
    });
    show(LinesStage);
    await fireEvent.click(screen.getByRole('button', { name: 'Pair Tape' }));
    await fireEvent.click(await screen.findByText('Another colour answered?'));
    expect(screen.queryByRole('button', { name: 'Put the colours right' })).toBeNull();
    for (const [label, value] of [
      ['Green', '3'],
      ['Blue', '2'],
    ] as const)
      await fireEvent.change(screen.getByLabelText(`What came with ${label} of Tape`), { target: { value } });
    await fireEvent.click(screen.getByRole('button', { name: 'Put the colours right' }));
    await waitFor(() => expect(changes()).toEqual([{ do: 'correct-outputs', unit: unit('Tape').id, seen: [1, 3, 2] }]));
  });

  it('let units share a receiver, each on outputs of its own', async () => {
    const [link] = demo.rig.links;
    const box = { id: 'box', label: 'Prop box', setting: 'Alder', pairedAt: null };
    const lamp = { ...unit('Haar'), linkId: link?.id ?? null, receiver: 'Alder', receiverId: 'box', outputs: [2] };
    const units = demo.rig.units.map((one) => (one.name === 'Haar' ? { ...lamp, labels: ['Flame'] } : one));
    show(
      LinesStage,
      {},
      rigWith({ units, links: demo.rig.links.map((one) => (one === link ? { ...one, receivers: [box] } : one)) }),
    );
    const shared = within(screen.getByRole('region', { name: 'Receiver Prop box' }));
    await fireEvent.change(shared.getByLabelText('Output of Haar'), { target: { value: '3' } });
    await fireEvent.change(shared.getByLabelText('Put a unit behind Prop box'), { target: { value: unit('Tape').id } });
    await fireEvent.click(shared.getByRole('button', { name: 'Take Haar from Prop box' }));
    await fireEvent.click(screen.getByRole('button', { name: 'Add a shared receiver to Booth left' }));
    await fireEvent.click(screen.getByRole('button', { name: 'Share what Tape hears by' }));
    await waitFor(() =>
      expect(changes()).toEqual([
        { do: 'put-behind', unit: lamp.id, receiver: 'box', outputs: [3] },
        { do: 'put-behind', unit: unit('Tape').id, receiver: 'box' },
        { do: 'connect-unit', unit: lamp.id, link: null },
        { do: 'add-receiver', link: link?.id, label: 'Receiver 1' },
        { do: 'add-receiver', link: link?.id, label: 'Tape box', setting: 'Alder', units: [unit('Tape').id] },
      ]),
    );
  });

  it('say how well a receiver hears, and take what stands in the way as it is typed', async () => {
    show(LinesStage);
    expect(screen.getByRole('img', { name: /^7\.2 m: strong, 36\.8 dB more than needed$/ })).toBeTruthy();
    const field = screen.getByLabelText('What stands in the way of Booth left, dB');
    await fireEvent.input(field, { target: { value: '3 6' } });
    await fireEvent.keyDown(field, { key: 'Enter' });
    await waitFor(() =>
      expect(changes()).toEqual([{ do: 'place-link', link: demo.rig.links[0]?.id, obstacles: '3 6' }]),
    );
  });

  it('keep channels that the house cannot have, with the reason', async () => {
    answer({ [`POST /api/rigs/${demo.rig.id}/changes`]: () => new Error('Channels of a house network are 1 to 13.') });
    show(LinesStage);
    const field = screen.getByLabelText<HTMLInputElement>('Channels of the house network');
    await fireEvent.input(field, { target: { value: '99' } });
    await fireEvent.keyDown(field, { key: 'Enter' });
    expect((await screen.findByRole('alert')).textContent).toContain('1 to 13');
    expect(field.value).toBe('99');
  });

  it('say that every receiver hears its sender when it is so', () => {
    show(LinesStage, {}, rigWith({ findings: [] }));
    expect(screen.getByText('Every run ends as it should, and every receiver hears its sender.')).toBeTruthy();
  });
});
