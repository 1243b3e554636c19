import { expect } from '@playwright/test';
import { evening } from './evening';

evening(7, 'budget pars', 45, async (tonight) => {
  const { page } = tonight;
  await tonight.newRig('Budget pars', 'Mill Lane Hall');

  // How many cover the wall, and they hang.
  await tonight.press(tonight.stage('Lines'));
  await tonight.press(tonight.button('Lists'));
  await tonight.press(page.getByRole('link', { name: 'How many cover a wall' }));
  await tonight.type(page.getByLabel('Beam angle, °'), '36');
  await tonight.type(page.getByLabel('Throw to it, m'), '2.2');
  await tonight.type(page.getByLabel('Overlap, %'), '0');
  await expect(page.getByRole('status').filter({ hasText: 'cover it' })).toHaveText(
    '5 units cover it, 1.14 m from one to the next: a beam is 1.43 m wide there.',
  );
  await tonight.choose(page.getByRole('combobox', { name: 'Fixture', exact: true }), 'Sedge Pail 3');
  await tonight.choose(page.getByRole('combobox', { name: 'Mode', exact: true }), '7-channel');
  await tonight.press(tonight.button('Hang 5 units'));
  await expect(page.getByLabel('Address of Pail 5')).toHaveValue('029');

  // What the small mode leaves out, and the seven windows of the rich one.
  await tonight.press(tonight.stage('Fixtures'));
  await tonight.press(page.getByRole('button', { name: /^Programs/ }));
  await expect(page.getByText(/Colour fade/).first()).toBeVisible();
  await tonight.press(page.getByRole('button', { name: 'Modes side by side', exact: true }));
  await tonight.sees('3-channel');

  // Two receivers that plug in; the others hang on cables behind the second.
  await tonight.press(tonight.stage('Lines'));
  await tonight.press(tonight.button('Add a radio link'));
  await tonight.choose(page.getByRole('combobox', { name: 'Kit', exact: true }), 'Loon Pair');
  await tonight.press(tonight.button('Add the sender'));
  for (const plugged of ['Pail 1', 'Pail 2'])
    await tonight.choose(page.getByLabel('Put a unit behind Sender'), plugged);
  await tonight.press(tonight.button('Share what Pail 2 hears by'));
  for (const chained of ['Pail 3', 'Pail 4', 'Pail 5'])
    await tonight.choose(page.getByLabel('Put a unit behind Pail 2 box'), chained);
  await tonight.press(tonight.button('Set the receivers of Pail 1 and Pail 2 box to 1-1'));
  await expect(page.getByText('not set alike')).toHaveCount(0);
  await tonight.press(tonight.stage('Sheets'));
  await tonight.press(page.getByRole('button', { name: /^Pairing cards/ }));
  await expect(page.getByRole('heading', { name: 'Pairing cards' })).toBeVisible();

  // The desk stays at home: one leads, the others follow it.
  await tonight.press(tonight.stage('Lines'));
  await tonight.choose(page.getByLabel('A unit that leads'), 'Pail 1');
  for (const follower of ['Pail 2', 'Pail 3', 'Pail 4', 'Pail 5'])
    await tonight.choose(page.getByLabel('A unit that follows'), follower);
  await tonight.press(tonight.stage('Sheets'));
  await tonight.press(page.getByRole('button', { name: /^Setting cards/ }));
  await expect(page.getByRole('heading', { name: 'Setting cards' })).toBeVisible();
});
