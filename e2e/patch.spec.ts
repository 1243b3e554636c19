import { expect, test } from '@playwright/test';
import { demoRig, openStage } from './rigs';

test('the rig is numbered with the fewest trips, looked at before it is taken', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'patch');
  // Twelve buttons are wanted of a desk that has ten: who shares one is meant to, and then it can be put right.
  await expect(
    page.getByText(/it needs 2 buttons in a row, and of the 10 of Tenfold 10 too few are left/),
  ).toBeVisible();
  for (const sharing of ['Pack B and Panel', 'Tape and Haar']) {
    await page.getByRole('button', { name: `I know: ${sharing} share` }).click();
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByRole('button', { name: `Look again: ${sharing} share` })).toBeVisible();
  }
  await page.getByRole('button', { name: 'Number them for me' }).click();
  const panel = page.getByRole('region', { name: 'Number them for me' });
  await expect(panel.getByRole('status')).toHaveText('One ladder trip; 13 stay where they are.');
  await expect(panel.getByText('085 → 099')).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Address of Pack A' })).toHaveValue('085');
  // Pack A is out of reach tonight: it stays, and the plan is another one.
  await panel.getByRole('button', { name: 'keep it there' }).click();
  await expect(panel.getByText('Locked:')).toBeVisible();
  await expect(panel.getByRole('status')).not.toHaveText('One ladder trip; 13 stay where they are.');
  await panel.getByRole('button', { name: 'Pack A ×' }).click();
  await panel.getByRole('button', { name: 'Take these addresses' }).click();
  await expect(page.getByRole('textbox', { name: 'Address of Pack A' })).toHaveValue('099');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('textbox', { name: 'Address of Pack A' })).toHaveValue('085');
});

test('twelve are added in pairs, seen on the tape first; several faults are put right with one button', async ({
  page,
  request,
}) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'patch');
  await page.getByRole('button', { name: 'Add units' }).click();
  await page.getByRole('combobox', { name: 'Fixture' }).selectOption({ label: 'Ferrow Twin White' });
  await page.getByLabel('How many', { exact: true }).fill('12');
  await page.getByLabel('How many share an address').selectOption('pairs');
  await page.getByRole('combobox', { name: 'Spacing' }).selectOption('packed');
  await page.getByLabel('Name on the tape').fill('Gleam');
  await expect(page.getByText('12 Twin White of 2 channels at 6 addresses, from 010 to 041.')).toBeVisible();
  await expect(page.locator('.ghost').first()).toBeVisible();
  await page.getByRole('button', { name: 'Hang them' }).click();
  await expect(page.getByRole('textbox', { name: 'Address of Gleam 12' })).toHaveValue('040');
  await expect(page.getByText('twin of Gleam 11')).toBeVisible();
  // Two faults: Pack A on Batten, and now a panel on Spin R.
  const address = page.getByRole('textbox', { name: 'Address of Gleam 11' });
  await address.fill('060');
  await address.press('Enter');
  await page.getByRole('button', { name: 'Add units' }).focus();
  await page.reload();
  // Not all of them get a button, and the clashes alone can go.
  const all = page.getByRole('button', { name: 'Fix the clashes: 2 ladder trips' });
  await all.click();
  await expect(page.getByText('belong to both', { exact: false })).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(all).toBeVisible();
});

test('a piece of tape is dragged and nudged, and says first what it would share', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'patch');
  const tape = page.locator('[data-piece]', { hasText: 'Haar' });
  const from = await tape.boundingBox();
  const row = await page.locator('[data-start="113"]').boundingBox();
  if (!from || !row) throw new Error('The tape is not there.');
  await page.mouse.move(from.x + 6, from.y + 8);
  await page.mouse.down();
  await page.mouse.move(row.x + (row.width * 3.4) / 14, row.y + 10, { steps: 8 });
  await expect(page.getByText('shares 116 with Pack B, shares 117 with Panel')).toBeVisible();
  await page.mouse.move(row.x + (row.width * 6.4) / 14, row.y + 10, { steps: 4 });
  await expect(page.getByText('free there')).toBeVisible();
  await page.mouse.up();
  await expect(page.getByRole('textbox', { name: 'Address of Haar' })).toHaveValue('119');

  // Twins go together, with keys: a row down, then one to the right.
  await page.locator('[data-piece]', { hasText: 'Drum 5 + 6' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText('free there')).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByText(/shares 044–052 with Spin L/)).toBeVisible();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Address of Drum 5' })).toHaveValue('030');
  await expect(page.getByRole('textbox', { name: 'Address of Drum 6' })).toHaveValue('030');
  await page.locator('[data-piece]', { hasText: 'Drum 5 + 6' }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('textbox', { name: 'Address of Drum 5' })).toHaveValue('030');
});

test('the walk-round is ticked on a phone, and what is left stays in sight', async ({ page, request }) => {
  const rig = await demoRig(request);
  await page.setViewportSize({ width: 390, height: 844 });
  await openStage(page, rig, 'walk');
  await expect(page.getByRole('status').first()).toHaveText('14 units of 14 still to set.');
  const drum = page.getByRole('listitem', { name: 'Drum 1' });
  await expect(drum.getByText('d001')).toBeVisible();
  await drum.getByRole('button', { name: 'It is set' }).click();
  await expect(drum.getByText(/, set /)).toBeVisible();
  await expect(page.getByRole('status').first()).toHaveText(
    '13 units of 14 still to set. 1 setting not yet proved by off and on.',
  );
  await drum.getByRole('button', { name: 'Switched off and on: it kept it' }).click();
  await expect(drum.getByText(/kept it through off and on/)).toBeVisible();
  await expect(page.getByRole('status').first()).toHaveText('13 units of 14 still to set.');
  const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(over).toBeLessThanOrEqual(0);
  await page.getByLabel('Only what is left').check();
  await expect(drum).toHaveCount(0);
  await page.getByLabel('Only what is left').uncheck();
  // As Pack A is found: switches 1, 3, 4, 5 and 7 are up.
  const pack = page.getByRole('listitem', { name: 'Pack A' });
  await pack.getByRole('button', { name: 'Switch 4' }).click();
  await expect(pack.getByText('Switches that stand so spell address 93.')).toBeVisible();
  // How often to press, counted from what the display shows.
  await page.getByRole('textbox', { name: 'What Drum 3 shows now' }).fill('12');
  await expect(page.getByRole('listitem', { name: 'Drum 3' }).getByText(/3 times/)).toBeVisible();
  await drum.getByRole('button', { name: 'Set ✓' }).click();
  await expect(page.getByRole('status').first()).toHaveText('14 units of 14 still to set.');
});
