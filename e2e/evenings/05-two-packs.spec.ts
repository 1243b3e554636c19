import { expect } from '@playwright/test';
import { evening } from './evening';

evening(5, 'two packs and a small desk', 35, async (tonight) => {
  const { page } = tonight;
  await tonight.newRig('Two packs', 'The Boathouse Studio');
  await tonight.press(page.getByRole('link', { name: 'Choose the desk' }).first());
  await tonight.press(tonight.button('Coracle 8'));
  await tonight.press(page.getByRole('link', { name: 'Hang from the shelf' }));
  await tonight.choose(page.getByRole('combobox', { name: 'Fixture', exact: true }), 'Pellow Quad Pack');
  await tonight.type(page.getByLabel('How many', { exact: true }), '2');
  await tonight.type(page.getByLabel('Address of the first'), '9');
  await tonight.press(tonight.button('Hang them'));
  await expect(page.getByLabel('Address of Quad Pack 2')).toHaveValue('013');

  // The house lights keep their slots, and the switches spell 9 and 13.
  await tonight.press(tonight.button('List'));
  await tonight.press(page.getByRole('button', { name: 'Hold slots for others…' }));
  const holding = page.getByRole('dialog', { name: 'Slots held for others' });
  await tonight.type(holding.getByLabel('Whose they are'), 'House lights');
  await tonight.type(holding.getByRole('textbox', { name: 'Slots' }), '1-8');
  await tonight.press(holding.getByRole('button', { name: 'Hold them' }));
  await page.keyboard.press('Escape');
  await tonight.press(page.getByRole('button', { name: /Quad Pack 1/ }).first());
  await tonight.sees('Switches 1 4 up: 1 + 8 = 9');
  await tonight.press(page.getByRole('button', { name: /Quad Pack 2/ }).first());
  await tonight.sees('Switches 1 3 4 up: 1 + 4 + 8 = 13');

  // Each pack on a breaker of its own, four lamps on each: under its limit, with the numbers.
  await tonight.press(tonight.stage('Lines'));
  await tonight.press(tonight.button('Add a breaker'));
  await tonight.press(tonight.button('Add a breaker'));
  await tonight.press(tonight.button('Plug them into Circuit 1 and Circuit 2'));
  for (const pack of ['Quad Pack 1', 'Quad Pack 2']) {
    await tonight.press(tonight.button(`Power of ${pack}`));
    await tonight.type(page.getByLabel('Watts on all sockets'), '500', 'with Enter');
    await tonight.type(page.getByLabel(`${pack} stands in all`), '10', 'with Enter');
    await expect(page.getByRole('region', { name: `Power of ${pack}` })).toContainText('2000 W8.7 A');
  }
  await expect(page.getByRole('img', { name: 'Circuit 1: 8.7 of 12.8 A, has room' })).toBeVisible();
  await expect(page.getByText(/Too much on/)).toHaveCount(0);

  // Every lamp answers its own fader, in the order of the sockets.
  await tonight.press(tonight.stage('Desk'));
  await tonight.press(page.getByRole('button', { name: 'Try it', exact: true }));
  await tonight.choose(page.getByLabel('every'), '1 s');
  await tonight.press(page.getByRole('button', { name: 'Faders', exact: true }));
  // It walks by itself, a fader every second: nobody has to press.
  const walk = page.getByRole('region', { name: 'The walk' });
  for (let nth = 1; nth <= 8; nth += 1) {
    await expect(walk).toContainText(`${nth} of 8`);
    await expect(walk).toContainText(`Quad Pack ${nth <= 4 ? 1 : 2} answers`);
  }
});
