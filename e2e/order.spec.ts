import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { demoRig, openStage } from './rigs';

test('a unit is kept in order: number, groups, tape, direction, curve', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'patch');
  await page.getByRole('button', { name: 'Select Spin R' }).click();
  await page.getByRole('tab', { name: 'In order' }).click();
  const number = page.getByRole('textbox', { name: 'Number of Spin R' });
  await number.fill('eleven');
  await number.press('Enter');
  await expect(page.getByRole('alert').getByText(/no unit number/)).toBeVisible();
  await number.fill('11');
  await number.press('Enter');
  await expect(page.getByText(/Spin L and Spin R/)).toBeVisible();
  const groups = page.getByRole('textbox', { name: 'Groups of Spin R' });
  await groups.fill('Movers, Storm');
  await groups.press('Enter');
  await page.getByRole('button', { name: 'Storm', exact: true }).click();
  await expect(page.getByRole('textbox', { name: /^Address of/ })).toHaveCount(1);
  await page.getByRole('button', { name: 'All', exact: true }).click();
  await page.getByRole('button', { name: 'sage', exact: true }).click();
  await expect(page.getByRole('button', { name: 'sage', exact: true })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('combobox', { name: 'pan reversed' }).selectOption('in the unit');
  await page.getByRole('tab', { name: 'Set on the unit' }).click();
  await expect(page.getByText('Turn round in its menu: pan.')).toBeVisible();

  // A floor under a dimmer leaves light in a blackout, and says so before it is taken.
  await page.getByRole('button', { name: 'Select Pack B' }).click();
  await page.getByRole('tab', { name: /^Curves and limits/ }).click();
  const form = page.getByRole('form', { name: 'Curve and limits' });
  await form.getByLabel('Lowest value').fill('26');
  await form.getByLabel('How the limits hold').selectOption('clamped');
  await expect(form.getByText('Dead travel: 0–26 all give 26 (10 % of the fader).')).toBeVisible();
  await expect(form.getByText(/still glows in a blackout/)).toBeVisible();
  await form.getByLabel('Lowest value').fill('270');
  await expect(form.getByRole('alert')).toBeVisible();
  await form.getByLabel('Lowest value').fill('26');
  await form.getByRole('button', { name: 'Take this curve' }).click();
  await expect(page.getByRole('tab', { name: 'Curves and limits (1)' })).toBeVisible();
  await expect(
    page
      .getByText('Pack B glows', { exact: false })
      .or(page.getByText(/Pack B still glows/))
      .first(),
  ).toBeVisible();
  await form.getByRole('button', { name: 'Straight again' }).click();
  await expect(page.getByRole('tab', { name: 'Curves and limits', exact: true })).toBeVisible();
});

test('another type in a unit’s place is offered room', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'patch');
  await page.getByRole('button', { name: 'Select Panel' }).click();
  await page.getByRole('tab', { name: 'Mode and type' }).click();
  await page.getByRole('combobox', { name: 'Type of Panel' }).selectOption({ label: 'Tolland Batten 8' });
  await page.getByRole('combobox', { name: 'Mode of Panel' }).selectOption({ label: '27-channel, 27 ch' });
  await expect(page.getByText('27 channels at 117 would share 127–129 with Tape.')).toBeVisible();
  await page.getByRole('button', { name: /^Set it and move Panel to \d+: one ladder trip$/ }).click();
  await expect(page.getByRole('textbox', { name: 'Address of Panel' })).not.toHaveValue('117');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('textbox', { name: 'Address of Panel' })).toHaveValue('117');
});

test('the patch goes out as a list and comes back; every row is reported first', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'patch');
  await page.getByRole('button', { name: 'List', exact: true }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Save the list (.csv)' }).click();
  const text = await readFile(await (await download).path(), 'utf8');
  expect(text.split('\n')[0]).toContain('name');
  const changed = text
    .replace(/^(.*"Pack A".*),85,/m, '$1,99,')
    .concat('\n,Nobody,,Nothing 3,,1,200\n,Glint,,Twin White,2-channel,1,"u1-300"\n');
  await page.getByLabel('Patch list to bring').setInputFiles({
    name: 'patch.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(changed),
  });
  const dialog = page.getByRole('dialog', { name: 'Bring a patch list' });
  await expect(dialog.getByRole('status')).toHaveText(
    '1 unit would hang, 1 unit would change, 13 stay as they are, 1 row left out.',
  );
  await expect(dialog.getByText('The library has no Nothing 3.')).toBeVisible();
  await expect(dialog.getByText('085 → 099')).toBeVisible();
  // A column is said to hold nothing, and the rows are read anew.
  await dialog.getByRole('combobox', { name: 'Column address holds' }).selectOption('nothing for Rigger');
  await expect(dialog.getByText(/says no address/).first()).toBeVisible();
  await dialog.getByRole('combobox', { name: 'Column address holds' }).selectOption('address');
  await dialog.getByRole('button', { name: 'Take 2 rows' }).click();
  await expect(page.getByRole('textbox', { name: 'Address of Pack A' })).toHaveValue('099');
  await expect(page.getByRole('textbox', { name: 'Address of Glint' })).toHaveValue('300');

  await page.getByRole('button', { name: 'List', exact: true }).click();
  await page.getByRole('button', { name: 'Work out a large set…' }).click();
  const set = page.getByRole('dialog', { name: 'A large set' });
  await set.getByLabel('Units', { exact: true }).fill('400');
  await set.getByLabel('Where is unit').fill('171');
  await expect(set.getByText('Unit 171: u2 001 to 003.')).toBeVisible();
});

test('every sheet is shown as it prints', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'sheets');
  for (const [name, pages] of [
    ['The whole rig', '7 pages, 210 × 297 mm'],
    ['Patch list', '1 page, 297 × 210 mm'],
    ['Squares of 512', '1 page, 297 × 210 mm'],
    ['Labels', '1 page, 210 × 297 mm'],
    ['Setting cards', '4 pages, 210 × 297 mm'],
    ['Cable list', '1 page, 210 × 297 mm'],
    ['Data runs', '1 page, 210 × 297 mm'],
    ['Pin tables', '1 page, 210 × 297 mm'],
    ['Link cards', '1 page, 210 × 297 mm'],
    ['Pairing cards', '1 page, 210 × 297 mm'],
  ] as const) {
    await page.getByRole('button', { name: new RegExp(`^${name}`) }).click();
    await expect(page.getByRole('heading', { level: 2, name })).toContainText(pages);
    await expect(page.getByRole('img', { name: /^Page 1 of/ })).toBeVisible();
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Save the PDF' }).click();
    expect((await readFile(await (await download).path())).subarray(0, 5).toString()).toBe('%PDF-');
  }
});
