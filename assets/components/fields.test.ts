import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';

const asked: { text: string; ranges: unknown[] }[] = [];
vi.mock('../api/client', () => ({
  api: {
    POST: async (_path: string, { body }: { body: { text: string; ranges: unknown[] } }) => {
      asked.push(body);
      const value = { '77': 77, '50%': 59, full: 118, open: 246, strobe: 177 }[body.text];
      if (value === undefined) throw new Error(`${body.text} is no value: they run from 0 to 255.`);
      return { value };
    },
  },
  answered: (call: Promise<unknown>) => call,
}));

const { drafts } = await import('../state/drafts.svelte');
const { default: EditText } = await import('./EditText.svelte');
const { default: ValueField } = await import('./ValueField.svelte');
const { default: Ladder } = await import('./Ladder.svelte');

afterEach(() => {
  cleanup();
  localStorage.clear();
  for (const one of drafts.list) drafts.drop(one.key);
});
const type = async (field: HTMLElement, text: string, key = 'Enter') => {
  await fireEvent.input(field, { target: { value: text } });
  await fireEvent.keyDown(field, { key });
};

describe('a text that is changed in place', () => {
  it('is taken with Enter, once', async () => {
    const onCommit = vi.fn(async () => null);
    render(EditText, { value: 'Tape', label: 'Name', onCommit });
    await type(screen.getByLabelText('Name'), 'Edge');
    expect(onCommit).toHaveBeenCalledExactlyOnceWith('Edge');
  });
  it('stays with its reason when it cannot be taken, and Esc puts the old one back', async () => {
    render(EditText, { value: '1.029', label: 'Address', onCommit: async () => 'Address 513 is past the last slot.' });
    const field = screen.getByLabelText<HTMLInputElement>('Address');
    await type(field, '513');
    expect((await screen.findByRole('alert')).textContent).toContain('513');
    expect(field.value).toBe('513');
    expect(field.getAttribute('aria-invalid')).toBe('true');
    await fireEvent.keyDown(field, { key: 'Escape' });
    expect(field.value).toBe('1.029');
    expect(screen.queryByRole('alert')).toBeNull();
  });
  it('stays put back with Esc, though the refusal comes after it', async () => {
    let resolve = (_: string | null) => {};
    const promise = new Promise<string | null>((done) => (resolve = done));
    render(EditText, { value: '1.029', label: 'Address', onCommit: () => promise });
    const field = screen.getByLabelText<HTMLInputElement>('Address');
    await type(field, '513');
    await fireEvent.keyDown(field, { key: 'Escape' });
    resolve('Address 513 is past the last slot.');
    await promise;
    await waitFor(() => expect(drafts.list).toEqual([]));
    expect(field.value).toBe('1.029');
    expect(screen.queryByRole('alert')).toBeNull();
  });
  it('is kept while it is typed, and offered again to the same thing alone', async () => {
    const props = { value: 'Tape', label: 'Name', onCommit: async () => null };
    const first = render(EditText, { ...props, about: 'tape' });
    await fireEvent.input(screen.getByLabelText('Name'), { target: { value: 'Edge' } });
    first.unmount();
    const other = render(EditText, { ...props, about: 'haar' });
    expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Tape');
    other.unmount();
    const onCommit = vi.fn(async () => null);
    render(EditText, { ...props, about: 'tape', onCommit });
    expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Edge');
    await fireEvent.click(screen.getByRole('button', { name: 'Take it' }));
    expect(onCommit).toHaveBeenCalledExactlyOnceWith('Edge');
    expect(drafts.list).toEqual([]);
  });
  it('typed for one thing does not follow to another', async () => {
    const props = { value: 'Tape', label: 'Name', about: 'tape', onCommit: async () => null };
    const { rerender } = render(EditText, props);
    await fireEvent.input(screen.getByLabelText('Name'), { target: { value: 'Edge' } });
    await rerender({ ...props, value: 'Haar', about: 'haar' });
    expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Haar');
    await rerender(props);
    expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Edge');
  });
  it('is one wish, though Enter is followed by leaving the field', async () => {
    let give: (words: string | null) => void = () => {};
    const onCommit = vi.fn(() => new Promise<string | null>((done) => (give = done)));
    render(EditText, { value: 'Tape', label: 'Name', onCommit });
    const field = screen.getByLabelText('Name');
    await type(field, 'Edge');
    await fireEvent.blur(field);
    give(null);
    expect(onCommit).toHaveBeenCalledOnce();
  });
  it('asks nobody when nothing was changed', async () => {
    const onCommit = vi.fn(async () => null);
    render(EditText, { value: 'Tape', label: 'Name', onCommit });
    await type(screen.getByLabelText('Name'), 'Tape');
    await fireEvent.blur(screen.getByLabelText('Name'));
    expect(onCommit).not.toHaveBeenCalled();
  });
});

describe('a value as it is typed at a desk', () => {
  const ranges = [
    { from: 0, to: 118, label: 'Dark to full', function: 'intensity', start: 0, end: 1 },
    { from: 119, to: 236, label: 'Flash', function: 'strobe' },
    { from: 237, to: 255, label: 'Open', function: 'open' },
  ];
  const typed: [string, number][] = [
    ['77', 77],
    ['50%', 59],
    ['full', 118],
    ['open', 246],
    ['strobe', 177],
  ];
  it.each(typed)('%s is %i', async (text, value) => {
    const onCommit = vi.fn();
    render(ValueField, { value: 0, label: 'Fader A6, Dimmer', ranges, onCommit });
    await type(screen.getByRole('textbox'), text);
    await waitFor(() => expect(onCommit).toHaveBeenCalledWith(value));
    expect(asked.at(-1)?.ranges[0]).toEqual({ ...ranges[0] });
    expect(asked.at(-1)?.ranges[1]).toEqual({ ...ranges[1], start: null, end: null });
  });
  it('tells what it cannot read and keeps it', async () => {
    const onCommit = vi.fn();
    render(ValueField, { value: 9, label: 'Fader', ranges, onCommit });
    const field = screen.getByRole<HTMLInputElement>('textbox');
    for (const text of ['wide', '300']) {
      await type(field, text);
      await screen.findByRole('alert');
      expect(field.value).toBe(text);
    }
    expect(onCommit).not.toHaveBeenCalled();
  });
  it('moves by one with the arrows and stops at the ends', async () => {
    const onCommit = vi.fn();
    render(ValueField, { value: 255, label: 'Fader', ranges, onCommit });
    await fireEvent.keyDown(screen.getByRole('textbox'), { key: 'ArrowUp' });
    await fireEvent.keyDown(screen.getByRole('textbox'), { key: 'ArrowDown' });
    expect(onCommit.mock.calls).toEqual([[255], [254]]);
  });
  it('is named with the range it stands in', () => {
    render(ValueField, { value: 200, label: 'Fader A6, Dimmer', ranges, onCommit: vi.fn() });
    expect(screen.getByRole('textbox').getAttribute('aria-label')).toBe('Fader A6, Dimmer, value, Flash');
  });
});

describe('a ladder', () => {
  it('is a slider that tries its channel, with every range on it', async () => {
    const onInput = vi.fn();
    const ranges = [
      { from: 0, to: 23, label: 'Closed', function: 'closed' },
      { from: 24, to: 255, label: 'Open', function: 'open' },
    ];
    render(Ladder, { ranges, value: 9, label: 'Channel 7, Shutter', onInput });
    const slider = screen.getByRole<HTMLInputElement>('slider', { name: 'Channel 7, Shutter' });
    expect([slider.min, slider.max, slider.value]).toEqual(['0', '255', '9']);
    await fireEvent.input(slider, { target: { value: '230' } });
    expect(onInput).toHaveBeenCalledExactlyOnceWith(230);
    expect(screen.getByText('Closed')).toBeTruthy();
    expect(screen.getByText('Open')).toBeTruthy();
  });
});
