import { expect } from '@playwright/test';
import { evening } from './evening';

evening(21, 'forty-eight channels of bulbs', 50, async (tonight) => {
  const { page } = tonight;
  await tonight.newRig('Forty-eight channels', 'Mill Lane Hall');
  await tonight.press(tonight.stage('Patch'));
  await tonight.press(tonight.button('Hang from the shelf'));
  await tonight.choose(page.getByRole('combobox', { name: 'Fixture', exact: true }), 'Ousel Bulb');
  await tonight.type(page.getByLabel('How many', { exact: true }), '12');
  await tonight.press(tonight.button('Hang them'));
  await expect(page.getByLabel('Address of Bulb 12')).toHaveValue('045');

  // Twelve groups of four colours behind one sender, each with a receiver of its own.
  await tonight.press(tonight.stage('Lines'));
  await tonight.press(tonight.button('Add a radio link'));
  await tonight.choose(page.getByRole('combobox', { name: 'Kit', exact: true }), 'Loon Pair');
  await tonight.press(tonight.button('Add the sender'));
  await tonight.choose(page.getByLabel('Put a unit behind Sender'), 'all 12 Bulb');
  await expect(page.getByText('not set alike')).toHaveCount(12);
  await tonight.press(tonight.button('Pair Bulb 12'));
  await tonight.sees('Press Number twice: its lamp is flickering blue.');
  await tonight.sees('0 to 5 s after switching on');

  // Practised: twice within five seconds of switching on pairs it, eight times forgets it again.
  await tonight.press(page.getByRole('link', { name: 'Practise it on the bench' }));
  await tonight.press(tonight.button('Half speed'));
  await tonight.press(page.getByLabel('Sender: switch'));
  const bulb = page.getByLabel('Bulb 12: switch');
  const number = tonight.button('Bulb 12: Number');
  await tonight.press(bulb);
  await tonight.press(number);
  await tonight.press(number);
  await tonight.sees('Bulb 12 listens to Sender on 1-1 now.');
  await tonight.press(bulb);
  await tonight.press(bulb);
  for (let nth = 0; nth < 8; nth += 1) await tonight.press(number);
  await tonight.sees('Bulb 12 has forgotten its sender.');
  await tonight.press(bulb);
  await tonight.press(bulb);
  for (let nth = 0; nth < 3; nth += 1) await tonight.press(number);
  await tonight.sees('3 presses of Number: to pair it takes 2, to clear it takes 8.');

  // Then done for all of them, and kept.
  await tonight.press(page.getByRole('link', { name: 'Back to Lines' }));
  await tonight.press(tonight.button(/^Set the receivers of Bulb 1, Bulb 2, /));
  await expect(page.getByText('not set alike')).toHaveCount(0);
  await tonight.press(tonight.stage('Sheets'));
  await tonight.press(page.getByRole('button', { name: /^Pairing cards/ }));
  await expect(page.getByRole('heading', { name: 'Pairing cards' })).toBeVisible();
});
