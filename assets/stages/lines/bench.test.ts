import { fireEvent, screen, waitFor } from '@testing-library/svelte';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { cabling } from '../../state/cabling.svelte';
import { answer, asked, demo, eachAlone, rigWith, show } from '../../testing/stage';
import KitBenchPage from './KitBenchPage.svelte';

eachAlone();

const kitId = demo.rig.links[0]?.kitId;
type Body = {
  devices: Record<string, unknown>[];
  moves: { device: string; do: string; button?: string; at: number; address?: number; level?: number }[];
  now: number;
};
const bodies = () => asked.filter((one) => one.path.endsWith('/bench')).map((one) => one.body as Body);
const hands = () =>
  bodies()
    .at(-1)
    ?.moves.map((one) => [one.device, one.do, one.button].filter(Boolean).join(' '));

/** Each output that was pressed has the address of the fader that was up. */
function outputsAfter(moves: Body['moves']) {
  let up: number | undefined;
  const given = new Map<string, number | undefined>();
  for (const one of moves) {
    if (one.do === 'raise') up = one.level ? one.address : undefined;
    if (one.do === 'press' && one.button) given.set(one.button, up);
  }
  return [1, 2, 3].map((output) => ({
    output,
    address: given.get(`Output ${output}`) ?? null,
    curve: given.has(`Output ${output}`) ? 'linear' : null,
    level: given.get(`Output ${output}`) === up && up ? 200 : 0,
  }));
}

/** A bench on which everything that was switched on hears what is on. */
function lay() {
  answer({
    [`GET /api/kits/${kitId}/export`]: () => JSON.parse(readFileSync('demo/kits/reed-link.json', 'utf8')) as unknown,
    [`POST /api/kits/${kitId}/bench`]: ({ body }) => {
      const { devices, moves } = body as Body;
      const isOn = (id: unknown) => moves.filter((one) => one.device === id).some((one) => one.do === 'on');
      return {
        devices: devices.map((one) => ({
          ...one,
          isOn: isOn(one.id),
          onAt: isOn(one.id) ? 0 : null,
          held: null,
          state: 'linked',
          means: isOn(one.id) ? 'linked' : 'switched off',
          colour: null,
          pattern: isOn(one.id) ? '1' : null,
          lamp: isOn(one.id) ? 'steady green' : null,
          hears: one.id === 'receiver' && isOn(one.id) ? ['sender'] : [],
          outputs: one.id === 'receiver' ? outputsAfter(moves) : [],
        })),
        said: moves.length ? ['Something was done.'] : [],
        next: null,
      };
    },
  });
  show(KitBenchPage);
}

describe('a kit on the bench', () => {
  it('is worked by switch and by held button, with its times, and the stage follows', async () => {
    lay();
    const toggle = await screen.findByLabelText('Tape: switch');
    await waitFor(() => expect(cabling.pulled?.words).toBe('Tape is switched off.'));
    await fireEvent.click(screen.getByLabelText('Booth left: switch'));
    await fireEvent.click(toggle);
    const name = await screen.findByRole('button', { name: 'Tape: Name' });
    await fireEvent.keyDown(name, { key: ' ' });
    await fireEvent.keyUp(name, { key: ' ' });
    await waitFor(() =>
      expect(hands()).toEqual(['sender on', 'receiver on', 'receiver press Name', 'receiver let-go Name']),
    );
    const times = bodies()
      .at(-1)
      ?.moves.map((one) => one.at);
    expect(times).toEqual([...(times ?? [])].sort((a, b) => a - b));
    expect(await screen.findAllByRole('img', { name: 'steady green' })).toHaveLength(2);
    expect(screen.getByRole('status', { name: 'What happened' }).textContent).toContain('Something was done.');
    await waitFor(() =>
      expect(cabling.pulled?.words).toBe('Tape hears its sender; outputs 1, 2, 3 have no address yet.'),
    );
  });

  it('gives each output the fader that is up, and the stage is whole when all of them have one', async () => {
    lay();
    await fireEvent.click(await screen.findByRole('button', { name: 'All on' }));
    const first = demo.rig.units.find((one) => one.name === 'Tape')?.address ?? 0;
    for (const output of [1, 2, 3]) {
      const fader = screen.getByLabelText(new RegExp(`^Fader ${first + output - 1}, `));
      await fireEvent.change(fader, { target: { value: '200' } });
      await fireEvent.click(await screen.findByRole('button', { name: `Tape: Output ${output}` }));
    }
    await waitFor(() => expect(cabling.pulled).toBeNull());
    expect(screen.getByRole('list', { name: 'Outputs of Tape' }).textContent).toMatch(/Blue lit/);
    expect(hands()?.filter((one) => one.includes('Output'))).toEqual(
      [1, 2, 3].flatMap((one) => [`receiver press Output ${one}`, `receiver let-go Output ${one}`]),
    );
  });

  it('begins anew with a fault that is put in', async () => {
    lay();
    await fireEvent.click(await screen.findByLabelText('Booth left: switch'));
    await fireEvent.click(screen.getByLabelText('Another sender on the same'));
    await waitFor(() =>
      expect(
        bodies()
          .at(-1)
          ?.devices.map((one) => one.id),
      ).toEqual(['sender', 'second', 'receiver']),
    );
    expect(hands()).toEqual([]);
    await fireEvent.click(screen.getByLabelText('Receiver set to something else'));
    await waitFor(() => expect(bodies().at(-1)?.devices.at(-1)?.setting).toBe('Birch'));
  });

  it('says what is missing while nothing listens by radio', () => {
    show(KitBenchPage, {}, rigWith({ units: demo.rig.units.map((one) => ({ ...one, linkId: null })) }));
    expect(screen.getByText(/^No unit listens by radio yet/)).toBeTruthy();
  });
});
