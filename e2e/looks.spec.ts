import { expect, test, type Page } from '@playwright/test';
import { demoRig, lamp, openStage } from './rigs';

const cell = (page: Page, unit: string, look: string) =>
  page.getByRole('button', { name: `${unit} in ${look}`, exact: true });
const field = (page: Page, name: string) => page.getByRole('textbox', { name, exact: true });

test('a colour is picked inside what a unit can mix, and the stage shows it', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'looks');
  await cell(page, 'Drum 1 + 2', 'Lantern').click();
  await expect(page.getByText('As the faders were set', { exact: false })).toBeVisible();
  await field(page, 'Level').fill('full');
  await field(page, 'Level').press('Enter');
  await expect(field(page, 'Level')).toHaveValue('100 %');
  const drawing = page.getByRole('img', { name: 'What they can mix' });
  const box = await drawing.boundingBox();
  if (!box) throw new Error('The drawing is not there.');
  await page.mouse.move(box.x + box.width * 0.4, box.y + box.height * 0.3);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * 0.28, box.y + box.height * 0.5, { steps: 5 });
  await page.mouse.up();
  await expect(field(page, 'Colour')).toHaveValue(/^x 0\.\d+, y 0\.\d+$/);
  await expect(page.getByText(/^the same, off by/)).toBeVisible();
  // Both of the twins, in a blue.
  await expect(lamp(page, 'Drum 1')).toHaveAccessibleName(/: (?!dark)/);
  await expect(page.getByRole('region', { name: 'Stage' })).toContainText('Stage, in Lantern');

  // Another way to the same colour, and back by undo.
  await page.getByRole('button', { name: /^Red, green, blue/ }).click();
  await expect(page.getByRole('button', { name: /^Red, green, blue/ })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^Brightest/ })).toHaveAttribute('aria-pressed', 'true');
  await page.reload();
  await cell(page, 'Drum 1 + 2', 'Lantern').click();
  await expect(field(page, 'Level')).toHaveValue('100 %');
});

test('a look is made by keys alone', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'looks');
  await page.getByRole('button', { name: 'New look' }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Name of the look' })).toHaveValue('Look 9');
  // To the last column, and three units down it.
  await cell(page, 'Drum 1 + 2', 'House').focus();
  for (let look = 0; look < 8; look += 1) await page.keyboard.press('ArrowRight');
  await expect(cell(page, 'Drum 1 + 2', 'Look 9')).toBeFocused();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Shift+ArrowDown');
  await expect(cell(page, 'Drum 5 + 6', 'Look 9')).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.type('80');
  await page.keyboard.press('Enter');
  await expect(field(page, 'Level')).toHaveValue('80 %');
  await cell(page, 'Drum 5 + 6', 'Look 9').focus();
  await page.keyboard.type('amber');
  await page.keyboard.press('Enter');
  await expect(field(page, 'Colour')).toHaveValue('#ff9a00');
  for (const one of ['Drum 1 + 2', 'Drum 3 + 4', 'Drum 5 + 6'])
    await expect(cell(page, one, 'Look 9')).toHaveAttribute('title', /lit/);
  await expect(cell(page, 'Spin L', 'Look 9')).toHaveAttribute('title', /left alone/);
  // What is no colour is said, and stays.
  await field(page, 'Colour').fill('somewhat blue');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Type a colour: amber', { exact: false })).toBeVisible();
  await expect(field(page, 'Colour')).toHaveValue('somewhat blue');
});

test('what is meant outlives another mode, and units are left out', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'looks');
  await cell(page, 'Spin L', 'Tide in').click();
  await cell(page, 'Spin R', 'Tide in').click({ modifiers: ['Control'] });
  await field(page, 'Colour').fill('#ff0000');
  await field(page, 'Colour').press('Enter');
  await expect(page.getByText('It cannot mix colours: this is the nearest of its own.').first()).toBeVisible();
  await openStage(page, rig, 'patch');
  await page.getByRole('button', { name: 'Select Spin L' }).click();
  await page.getByRole('tab', { name: 'Mode and type' }).click();
  await page.getByRole('combobox', { name: 'Mode of Spin L' }).selectOption({ label: '16-channel, 16 ch' });
  await page.getByRole('button', { name: /^(Take it|Set it and move .*)$/ }).click();
  await expect(page.getByRole('row', { name: /Spin L/ })).toContainText('16-channel');
  await openStage(page, rig, 'looks');
  await expect(cell(page, 'Spin L', 'Tide in')).toHaveAttribute('title', /lit/);
  await cell(page, 'Spin L', 'Tide in').click();
  await expect(field(page, 'Colour')).toHaveValue('#ff0000');
  await page.getByRole('button', { name: 'Leave 1 unit out' }).click();
  await expect(page.getByText('This look leaves it alone', { exact: false })).toBeVisible();
  await expect(cell(page, 'Spin L', 'Tide in')).toHaveAttribute('title', /left alone/);
});

test('looks that every rig needs are made with one press, and marked until somebody changes them', async ({
  page,
  request,
}) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'looks');
  for (const what of ['Working light', 'Blackout', 'All in red', 'All at a tenth']) {
    await page.getByRole('button', { name: 'New look' }).click();
    await page.getByRole('button', { name: new RegExp(`^${what} `) }).click();
    await expect(page.getByRole('textbox', { name: 'Name of the look' })).toHaveValue(what);
  }
  await expect(cell(page, 'Pack A', 'Working light')).toHaveAttribute('title', /lit/);
  await expect(cell(page, 'Drum 1 + 2', 'Blackout')).toHaveAttribute('title', /down|No colour/);
  await expect(cell(page, 'Spin L', 'All in red')).toHaveAttribute('title', /lit/);
  await expect(page.getByText(/^Made for this rig/)).toBeVisible();
  await cell(page, 'Drum 1 + 2', 'All at a tenth').click();
  await expect(field(page, 'Level')).toHaveValue('10 %');
  await field(page, 'Level').fill('20');
  await field(page, 'Level').press('Enter');
  await expect(field(page, 'Level')).toHaveValue('20 %');
  await page.getByRole('button', { name: 'Back to the look' }).click();
  await expect(page.getByText(/^Made for this rig/)).toHaveCount(0);
});
