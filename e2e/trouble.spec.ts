import { expect, test } from '@playwright/test';
import { demoRig, openStage, OWN_PAGE } from './rigs';

const bad: [string, RegExp][] = [
  ['0', /before the first slot/],
  ['513', /past the last slot/],
  ['1.5', /is no address/],
  ['12a', /is no address/],
];

test('a bad address stays in its field with the reason, and Esc puts the old one back', async ({ page, request }) => {
  await openStage(page, await demoRig(request), 'patch');
  const field = page.getByRole('textbox', { name: 'Address of Drum 5' });
  for (const [typed, reason] of bad) {
    await field.fill(typed);
    await field.press('Enter');
    await expect(page.getByRole('alert').getByText(reason)).toBeVisible();
    await expect(field).toHaveValue(typed);
  }
  await field.press('Escape');
  await expect(field).toHaveValue('029');
});

test('a later write of somebody else is refused with what happened, and their window follows', async ({
  page,
  browser,
  request,
}) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'patch');
  const somebody = await browser.newContext();
  const other = await somebody.newPage();
  // The other's window does not hear of the first one's change before it writes.
  await other.route('**/version', (route) => route.fulfill({ json: { version: 1 } }));
  await openStage(other, rig, 'patch');
  const field = page.getByRole('textbox', { name: 'Address of Haar' });
  await field.fill('140');
  await field.press('Enter');
  await expect(page.getByRole('button', { name: 'Undo' })).toHaveAttribute('title', 'Undo: Moved Haar from 130 to 140');

  const late = other.getByRole('textbox', { name: 'Address of Panel' });
  await late.fill('300');
  await late.press('Enter');
  await expect(other.getByRole('alert').first()).toContainText('Moved Haar from 130 to 140');
  await expect(late).toHaveValue('300');
  await expect(other.getByRole('textbox', { name: 'Address of Haar' })).toHaveValue('140');
  await late.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Address of Panel' })).toHaveValue('300', { timeout: 15_000 });
  await somebody.close();
});

test('nobody is refused because of their own other window', async ({ page, context, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'patch');
  const other = await context.newPage();
  await other.route('**/version', (route) => route.fulfill({ json: { version: 1 } }));
  await openStage(other, rig, 'patch');
  await page.getByRole('textbox', { name: 'Address of Haar' }).fill('140');
  await page.getByRole('textbox', { name: 'Address of Haar' }).press('Enter');
  await expect(page.getByRole('textbox', { name: 'Address of Haar' })).toHaveValue('140');
  const late = other.getByRole('textbox', { name: 'Address of Panel' });
  await late.fill('300');
  await late.press('Enter');
  await expect(late).toHaveValue('300');
  await expect(other.getByRole('textbox', { name: 'Address of Haar' })).toHaveValue('140');
  await expect(other.getByRole('alert')).toHaveCount(0);
});

test('a rig that is thrown away in another window is said to be in the wastebasket, and comes back', async ({
  page,
  request,
}) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'desk');
  await request.delete(`/api/rigs/${rig}`, { headers: OWN_PAGE });
  await expect(page.getByRole('heading', { name: 'This rig is in the wastebasket' })).toBeVisible({ timeout: 15_000 });
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible();
});

test('files that are no documents of Rigger are refused plainly', async ({ page }) => {
  test.setTimeout(120_000);
  await page.goto('/rigs');
  const picker = page.getByLabel('Documents to import');
  const files: [string, string | Buffer, RegExp][] = [
    ['cut.json', '{"format":"rigger-rig","ver', /cut off/],
    ['other.json', '{"format":"other"}', /no document of Rigger/],
    ['large.json', Buffer.alloc(20 * 1024 * 1024, 32), /20 MB; at most 5 MB/],
  ];
  for (const [name, content, reason] of files) {
    // One of them is large: it may take the browser a while to take it up.
    await picker.setInputFiles(
      { name, mimeType: 'application/json', buffer: Buffer.from(content) },
      { timeout: 45_000 },
    );
    await expect(page.getByRole('heading', { name: 'Nothing was imported' })).toBeVisible();
    await expect(page.getByRole('alert').getByText(reason)).toBeVisible();
    await page.getByRole('button', { name: 'Close', exact: true }).first().click();
  }
});

test('names in any script, and markup as a name, are only names', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'patch');
  await page.getByRole('button', { name: 'Select Panel' }).click();
  await page.getByRole('tab', { name: 'In order' }).click();
  const name = page.getByRole('textbox', { name: 'Name on the tape' });
  await name.fill('x'.repeat(10_000));
  await name.press('Enter');
  await expect(page.getByRole('alert').getByText(/at most 80 fit on the tape/)).toBeVisible();
  for (const odd of ['لوحة 🌊', '<img src=x onerror=alert(1)>']) {
    await name.fill(odd);
    await name.press('Enter');
    await expect(page.getByRole('button', { name: `Select ${odd}` })).toBeVisible();
  }
});
