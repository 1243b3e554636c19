import { expect } from '@playwright/test';
import { evening } from './evening';

evening(19, 'two whites', 25, async (tonight) => {
  const { page } = tonight;
  await tonight.newRig('Two whites', 'The Boathouse Studio');
  await tonight.press(tonight.button('Hang from the shelf'));
  await tonight.choose(page.getByRole('combobox', { name: 'Fixture', exact: true }), 'Ferrow Twin White');
  await tonight.type(page.getByLabel('How many', { exact: true }), '2');
  // Why the next start is two on: two lamps of two channels take four slots.
  await tonight.sees('2 Twin White of 2 channels at 2 addresses, from 001 to 004.');
  await tonight.press(tonight.button('Hang them'));
  await expect(page.getByLabel('Address of Twin White 1')).toHaveValue('001');
  const second = page.getByLabel('Address of Twin White 2');
  await expect(second).toHaveValue('003');
  await tonight.sees('003–004');

  // Side by side each has its own faders; both at one address move together.
  await tonight.type(second, '1', 'with Enter');
  await tonight.sees('twin of Twin White 1');

  // The run state stands on the card, apart from address and mode.
  await tonight.press(page.getByRole('button', { name: 'Select Twin White 2' }));
  await tonight.sees(/[Nn]ine switches, counted from zero/);
  await tonight.sees('Listens to a desk');
  await tonight.sees(/Warm \(1\) of both/);

  // From kelvins to what stands on the faders.
  await tonight.press(tonight.stage('Looks'));
  await tonight.press(tonight.button('New look'));
  await tonight.press(tonight.button(/^Empty look/));
  await tonight.press(page.getByRole('button', { name: /^Twin White 1 .*in Look 1$/ }));
  const colour = page.getByRole('textbox', { name: 'Colour', exact: true });
  for (const [kelvin, warmer] of [
    ['3000', true],
    ['6000', false],
    ['4000', true],
  ] as const) {
    await tonight.type(colour, `${kelvin} K`, 'with Enter');
    await expect(colour).toHaveValue(`${kelvin} K`);
    const values = page.getByRole('list').filter({ hasText: 'off by' });
    await expect(values).toContainText(warmer ? 'Warm (1) 255' : 'Cool (2) 255');
  }
});
