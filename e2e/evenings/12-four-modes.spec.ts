import { expect } from '@playwright/test';
import { evening } from './evening';

evening(12, 'four modes, seven faders', 30, async (tonight) => {
  const { page } = tonight;
  await tonight.newRig('Four modes', 'The Boathouse Studio');
  await tonight.press(page.getByRole('link', { name: 'Choose the desk' }).first());
  await tonight.press(tonight.button('Tenfold 10'));
  await tonight.press(page.getByRole('link', { name: 'Hang from the shelf' }));
  await tonight.choose(page.getByRole('combobox', { name: 'Fixture', exact: true }), 'Ferrow Broad 7');
  await tonight.press(tonight.button('Hang them'));

  // What each mode costs and gives, on this desk.
  await tonight.press(tonight.stage('Fixtures'));
  await tonight.press(page.getByRole('button', { name: 'Modes side by side' }));
  for (const words of ['5-channel', '12-channel', '30-channel', '41-channel']) await tonight.sees(words);

  // Both halves are wanted apart: the adviser takes the shortest mode that has them and fits a button.
  await tonight.press(tonight.stage('Desk'));
  await tonight.press(page.getByRole('link', { name: 'Plan it for me' }));
  await tonight.press(page.getByRole('group', { name: /Wanted of/ }).getByRole('button', { name: 'each cell' }));
  await expect(page.getByRole('table').getByText('12-channel').first()).toBeVisible();
  await tonight.press(tonight.button('Take this plan over'));

  // Two dimmers in one unit, and the window three values wide is typed by its name.
  await tonight.press(page.getByRole('link', { name: 'Play' }));
  await tonight.press(page.getByRole('button', { name: 'Button 1, Broad' }));
  await expect(page.getByRole('slider', { name: /Dimmer left/ })).toBeVisible();
  await expect(page.getByRole('slider', { name: /Dimmer right/ })).toBeVisible();
  await tonight.press(page.getByRole('group', { name: 'Page' }).getByRole('button').nth(1));
  await tonight.sees('Candle');
  await tonight.type(page.getByRole('textbox', { name: /Programs, value/ }), 'candle', 'with Enter');
  await expect(page.getByRole('slider', { name: /Programs/ })).toHaveValue('121');
});
