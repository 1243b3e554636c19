import { expect } from '@playwright/test';
import { evening } from './evening';

evening(11, 'what is an address?', 15, async (tonight) => {
  const { page } = tonight;
  await tonight.newRig('First steps', 'The Boathouse Studio');

  // The first at 1: the tool says which slots it takes before anything hangs.
  await tonight.press(tonight.button('Hang from the shelf'));
  await tonight.choose(page.getByRole('combobox', { name: 'Fixture', exact: true }), 'Pellow Quad Pack');
  await tonight.sees('Quad Pack takes 001 to 004.');
  await tonight.press(tonight.button('Hang them'));
  await expect(page.getByLabel('Address of Quad Pack', { exact: true })).toHaveValue('001');

  // The second at the next free one: after the last slot of the first.
  await tonight.press(tonight.button('Add units'));
  await tonight.sees(/takes 005 to 008\./);
  await tonight.press(tonight.button('Hang them'));
  const second = page.getByLabel('Address of Quad Pack 2');
  await expect(second).toHaveValue('005');

  // Both the same: they are twins, and one fader moves them together.
  await tonight.type(second, '1', 'with Enter');
  await tonight.sees(
    /Both listen to 001–004 in the same mode: 001 is the .* of both, so one fader moves them together\./,
  );

  // Switches for 93: the sum is drawn; what somebody finds on the unit is read back.
  await tonight.type(second, '93', 'with Enter');
  await tonight.sees('Switches 1 3 4 5 7 up: 1 + 4 + 8 + 16 + 64 = 93');
  await tonight.press(page.getByRole('button', { name: 'Switch 1', exact: true }));
  await tonight.sees('Switches that stand so spell address 92.');
  await tonight.press(tonight.button('As it must stand'));
  await tonight.sees('Switches 1 3 4 5 7 up: 1 + 4 + 8 + 16 + 64 = 93');
});
