import { fireEvent, screen, waitFor } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import type { Link } from '../../api/types';
import { answer, changes, demo, eachAlone, finding, rigWith, show, unit } from '../../testing/stage';
import LinesStage from './LinesStage.svelte';

eachAlone();

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

  it('say that every receiver hears its sender when it is so', () => {
    show(LinesStage, {}, rigWith({ findings: [] }));
    expect(screen.getByText('Every run ends as it should, and every receiver hears its sender.')).toBeTruthy();
  });
});
