import { expect } from '@playwright/test';
import { evening } from './evening';

evening(9, 'a lamp in a lantern', 30, async (tonight) => {
  const { page } = tonight;
  await tonight.newRig('A lamp in a lantern', 'The Boathouse Studio');
  await tonight.press(tonight.stage('Patch'));
  await tonight.press(tonight.button('Hang from the shelf'));
  await tonight.choose(page.getByRole('combobox', { name: 'Fixture', exact: true }), 'Ousel Ember');
  await tonight.type(page.getByLabel('How many', { exact: true }), '2');
  await tonight.choose(page.getByLabel('How many share an address'), /pairs|two/);
  await tonight.press(tonight.button('Hang them'));
  await expect(page.getByLabel('Address of Ember 2')).toHaveValue('001');

  // One receiver in the lantern, a lamp on each of two outputs, both on one fader at first.
  await tonight.press(tonight.stage('Lines'));
  await tonight.press(tonight.button('Add a radio link'));
  await tonight.choose(page.getByRole('combobox', { name: 'Kit', exact: true }), 'Reed Link');
  await tonight.press(tonight.button('Add the sender'));
  await tonight.press(tonight.button('Add a shared receiver to Sender'));
  for (const lamp of ['Ember 1', 'Ember 2'])
    await tonight.choose(page.getByLabel('Put a unit behind Receiver 1'), lamp);
  await expect(page.getByLabel('Output of Ember 2')).toHaveValue('2');
  await tonight.press(tonight.button('Pair Receiver 1'));
  await tonight.sees('2 to 10 s after switching on');
  await expect(page.getByRole('img', { name: 'flickering green' })).toBeVisible();
  await tonight.sees('Raise address 001 alone: only Ember 1 and Ember 2 change.');
  await tonight.press(tonight.button('It is paired and proved'));
  await tonight.sees(/^paired /);

  // Then apart: a fader each, and its output is given anew. It stands upstage.
  await tonight.press(tonight.stage('Patch'));
  await tonight.type(page.getByLabel('Address of Ember 2'), '2', 'with Enter');
  await expect(page.getByLabel('Address of Ember 1')).toHaveValue('001');
  await tonight.press(tonight.button('Stage plan'));
  await tonight.type(page.getByLabel('Metres upstage of the edge'), '9', 'with Enter');
  await tonight.press(tonight.stage('Lines'));
  await tonight.press(tonight.button('Pair Receiver 1'));
  await tonight.sees('Raise address 002, and press the button of output 2 once: it listens at 002, for Ember 2.');
  await tonight.sees('Raise address 001 alone: only Ember 1 changes.');

  // Does it reach through the house? And how long does the battery last that feeds both?
  await tonight.press(page.getByText(/^In the air: /));
  await tonight.type(page.getByRole('textbox', { name: 'upstage' }), '-12', 'with Enter');
  // 21 m over seats: 10 dBm and 2 dB of aerial, less 40.05 + 27·log10(21) = 75.75, against -88 dBm.
  await expect(page.getByRole('img', { name: '21 m: strong, 24.3 dB more than needed' })).toBeVisible();
  await tonight.choose(page.getByLabel('Power of a unit'), 'Ember 1');
  await tonight.press(page.getByRole('region', { name: 'Power of Ember 1' }).getByText('Battery', { exact: true }));
  await tonight.press(tonight.button('Fit this battery'));
  // 8 W of two lamps at 12 V, 7 Ah of lead of which half may be taken out.
  await expect(page.getByLabel('How long it lasts')).toHaveText(/4\.62 h/);
  await tonight.sees('It lasts, with the reserve left.');
});
