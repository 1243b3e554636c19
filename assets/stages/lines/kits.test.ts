import { fireEvent, screen, waitFor } from '@testing-library/svelte';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { answer, asked, demo, eachAlone, show } from '../../testing/stage';
import { valuesOf } from '../../state/describingKit.svelte';
import DescribeKit from './DescribeKit.svelte';

eachAlone();

const document = (kit: string) => JSON.parse(readFileSync(`demo/kits/${kit}.json`, 'utf8')) as Record<string, unknown>;
const checked = () => asked.filter((one) => one.path === '/api/kits/check').map((one) => one.body);
const shelf = (kit: string) => ({
  'GET /api/kits': () => ({ kits: [{ id: 'reed', name: String(document(kit).name), words: '8 × name' }] }),
  [`GET /api/kits/${demo.rig.links[0]?.kitId}/export`]: () => document(kit),
  'POST /api/kits/check': () => ({ facts: ['8 links can be told apart, each by its name.'], problems: [] }),
});

describe('a radio kit', () => {
  it('takes runs of numbers as they are typed', () => {
    expect(valuesOf('1-4')).toEqual(['1', '2', '3', '4']);
    expect(valuesOf('Alder, Birch,, Cedar ')).toEqual(['Alder', 'Birch', 'Cedar']);
    expect(valuesOf('A, 7–9')).toEqual(['A', '7', '8', '9']);
  });

  it.each(['reed-link', 'loon-pair', 'osier-air'])('%s is shown in answers that say the same again', async (kit) => {
    answer(shelf(kit));
    show(DescribeKit);
    await screen.findByDisplayValue(String(document(kit).name));
    await waitFor(() => expect(checked().at(-1)).toEqual(document(kit)));
  });

  it('is checked with every answer, and kept when it holds together', async () => {
    answer({ ...shelf('reed-link'), 'POST /api/kits': () => ({ id: 'new', name: 'Reed Link', words: '' }) });
    show(DescribeKit);
    await screen.findByDisplayValue('Reed Link');
    await fireEvent.input(screen.getByLabelText('To pair: within seconds'), { target: { value: '12' } });
    await waitFor(() => expect(checked().at(-1)).toMatchObject({ pair: { button: 'Name', hold: 3, within: 12 } }));
    await screen.findByText('8 links can be told apart, each by its name.');
    await fireEvent.click(screen.getByRole('button', { name: 'Keep it on the shelf' }));
    await waitFor(() => expect(asked.some((one) => one.method === 'POST' && one.path === '/api/kits')).toBe(true));
  });

  it('tells a contradiction at its answer, and keeps nothing then', async () => {
    const message = 'To hold Name for 3 s takes 3 s, and of the 2 s after switching on the first 2 are hands-off.';
    const problems = [{ path: 'pair.within', code: 'contradiction', message }];
    answer({ ...shelf('reed-link'), 'POST /api/kits/check': () => ({ facts: [], problems }) });
    show(DescribeKit);
    expect(await screen.findAllByText(message)).toHaveLength(2);
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Keep it on the shelf' }).disabled).toBe(true);
  });

  it('says of a curve without levels that it says none', async () => {
    answer(shelf('reed-link'));
    show(DescribeKit);
    await screen.findByDisplayValue('Reed Link');
    const field = screen.getByLabelText(/^Curves by the fader's level/);
    await fireEvent.input(field, { target: { value: '0-127 linear\nthe rest' } });
    expect(await screen.findByText(/“the rest” says no levels/)).toBeTruthy();
  });
});
