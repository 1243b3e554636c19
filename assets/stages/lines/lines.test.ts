import { fireEvent, screen, waitFor } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import { answer, changes, demo, eachAlone, finding, rigWith, show, unit } from '../../testing/stage';
import LinesStage from './LinesStage.svelte';

eachAlone();

describe('the lines', () => {
  it('say which unit hears which sender', () => {
    show(LinesStage);
    expect(screen.getByText('linked')).toBeTruthy();
    expect(screen.getByLabelText<HTMLSelectElement>('Receiver of Tape').value).toBe(unit('Tape').receiver);
  });

  it('set a receiver by a change', async () => {
    show(LinesStage);
    await fireEvent.change(screen.getByLabelText('Receiver of Tape'), { target: { value: 'Birch' } });
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
    answer({ [`POST /api/rigs/${demo.rig.id}/changes`]: () => new Error('Say what the sender is called.') });
    show(LinesStage);
    await fireEvent.click(screen.getByRole('button', { name: 'Add a radio link' }));
    const field = screen.getByRole('textbox', { name: /What you call the sender/ });
    await fireEvent.input(field, { target: { value: '' } });
    await fireEvent.click(screen.getByRole('button', { name: 'Add the sender' }));
    expect((await screen.findByRole('alert')).textContent).toContain('Say what the sender is called');
    expect(screen.getByRole('button', { name: 'Add the sender' })).toBeTruthy();
  });

  it('say that every receiver hears its sender when it is so', () => {
    show(LinesStage, {}, rigWith({ findings: [] }));
    expect(screen.getByText('Every run ends as it should, and every receiver hears its sender.')).toBeTruthy();
  });
});
