import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { demoRig, openStage, OWN_PAGE, service } from './rigs';

/** What is made stays made once, and what is typed stays, whatever happens to server, answer, tab or window. */

test('what is typed survives a reload and another stage, and is offered where it was typed', async ({
  page,
  request,
}) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'patch');
  await page.getByRole('textbox', { name: 'Address of Haar' }).fill('14');
  await page.reload();
  const field = page.getByRole('textbox', { name: 'Address of Haar' });
  await expect(field).toHaveValue('14');
  await expect(page.getByText('Not taken yet.')).toBeVisible();
  await page.getByRole('link', { name: /^Looks/ }).click();
  await expect(page).toHaveURL(/looks$/);
  await page.getByRole('button', { name: /Kept/ }).click();
  const kept = page.getByRole('complementary', { name: 'Kept here' });
  await expect(kept).toContainText('Address of Haar');
  await kept.getByRole('link', { name: 'Go there (Patch)' }).click();
  await expect(field).toHaveValue('14');
  await page.getByRole('button', { name: 'Back to 130' }).click();
  await expect(field).toHaveValue('130');
  await expect(page.getByRole('button', { name: /Kept/ })).toHaveCount(0);
});

test('a pasted page survives a reload until it is taken', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'fixtures');
  await page
    .getByRole('complementary', { name: 'Library' })
    .getByRole('button', { name: /Drum 6/ })
    .click();
  await page.getByRole('button', { name: 'Paste a chart' }).click();
  const text = page.getByRole('textbox', { name: "The page's text" });
  await text.fill('CH1 Dimmer 0-255\nCH2 Red 0-255');
  await page.reload();
  await page.getByRole('button', { name: 'Paste a chart' }).click();
  await expect(text).toHaveValue('CH1 Dimmer 0-255\nCH2 Red 0-255');
  await expect(page.getByText('Pasted before, not taken yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Begin anew' }).click();
  await expect(text).toHaveValue('');
});

test('answers of a form survive a reload: units to hang, numbering, a curve, wants at the desk', async ({
  page,
  request,
}) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'patch');
  await page.getByRole('button', { name: 'Add units' }).click();
  await page.getByRole('textbox', { name: 'How many' }).fill('3');
  await page.getByRole('textbox', { name: 'Name on the tape' }).fill('Lantern');
  await page.reload();
  await page.getByRole('button', { name: 'Add units' }).click();
  await expect(page.getByRole('textbox', { name: 'How many' })).toHaveValue('3');
  await expect(page.getByRole('textbox', { name: 'Name on the tape' })).toHaveValue('Lantern');
  await page.getByRole('button', { name: /Kept/ }).click();
  await expect(page.getByRole('complementary', { name: 'Kept here' })).toContainText('3 × Lantern');
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('button', { name: /Kept/ })).toHaveCount(0);

  await page.getByRole('button', { name: 'Number them for me' }).click();
  await page.getByRole('radio', { name: /Afresh/ }).check();
  await page.reload();
  await page.getByRole('button', { name: 'Number them for me' }).click();
  await expect(page.getByRole('radio', { name: /Afresh/ })).toBeChecked();
  await page.getByRole('button', { name: 'Leave it' }).click();
  await expect(page.getByRole('button', { name: /Kept/ })).toHaveCount(0);

  await page.getByRole('button', { name: 'Select Pack B' }).click();
  await page.getByRole('tab', { name: /^Curves and limits/ }).click();
  const curve = page.getByRole('form', { name: 'Curve and limits' });
  await curve.getByLabel('Channel').selectOption({ index: 1 });
  await curve.getByLabel('Lowest value').fill('26');
  await page.reload();
  await page.getByRole('button', { name: 'Select Pack B' }).click();
  await page.getByRole('tab', { name: /^Curves and limits/ }).click();
  await expect(curve.getByLabel('Channel')).toHaveValue('2');
  await expect(curve.getByLabel('Lowest value')).toHaveValue('26');
  await curve.getByRole('button', { name: 'Take this curve' }).click();
  await expect(page.getByRole('tab', { name: 'Curves and limits (1)' })).toBeVisible();
  await expect(page.getByRole('button', { name: /Kept/ })).toHaveCount(0);

  await openStage(page, rig, 'desk/plan');
  const wants = page.getByRole('group', { name: 'Wanted of Drum 1' }).getByRole('button');
  const before = await wants.first().getAttribute('aria-pressed');
  await wants.first().click();
  const after = before === 'true' ? 'false' : 'true';
  await expect(wants.first()).toHaveAttribute('aria-pressed', after);
  await page.reload();
  await expect(wants.first()).toHaveAttribute('aria-pressed', after);
  await wants.first().click();
  await expect(page.getByRole('button', { name: /Kept/ })).toHaveCount(0);
});

test('changes made while the database is away wait, survive a reload, and go out in order', async ({
  page,
  request,
}) => {
  test.skip(!process.env.RIGGER_DATA, 'Only with a Rigger of its own');
  const rig = await demoRig(request);
  await openStage(page, rig, 'patch');
  service('database', 'down');
  try {
    const field = page.getByRole('textbox', { name: 'Address of Haar' });
    await field.fill('200');
    await field.press('Enter');
    await expect(page.getByRole('alert').first()).toContainText('1 change kept here, goes out when the server is back');
    await expect(field).toHaveValue('200');
    await page.getByRole('textbox', { name: 'Address of Panel' }).fill('210');
    await page.getByRole('textbox', { name: 'Address of Panel' }).press('Enter');
    await expect(page.getByRole('alert').first()).toContainText('2 changes kept here');
    // Leaving with something unsent asks; the answer here is to leave.
    let asked = false;
    page.on('dialog', (dialog) => {
      asked = true;
      void dialog.accept();
    });
    await page.reload();
    expect(asked).toBe(true);
  } finally {
    service('database', 'up');
    await expect.poll(async () => (await request.get('/api/rigs')).status(), { timeout: 20_000 }).toBe(200);
  }
  await expect(page.getByText('2 changes that were kept here have gone out.')).toBeVisible({ timeout: 30_000 });
  await expect(page.getByRole('textbox', { name: 'Address of Haar' })).toHaveValue('200');
  await expect(page.getByRole('textbox', { name: 'Address of Panel' })).toHaveValue('210');
  const { changes } = (await (await request.get(`/api/rigs/${rig}/changes`)).json()) as {
    changes: { sentence: string }[];
  };
  expect(changes.map((one) => one.sentence)).toEqual(['Moved Panel from 117 to 210', 'Moved Haar from 130 to 200']);
});

test('a change whose answer is lost is made once, and is not said to be lost', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'patch');
  let lost = 0;
  await page.route('**/changes', async (route) => {
    if (route.request().method() === 'POST' && lost < 2) {
      lost += 1;
      await route.fetch();
      await route.abort('connectionreset');
    } else await route.continue();
  });
  const field = page.getByRole('textbox', { name: 'Address of Haar' });
  await field.fill('140');
  await field.press('Enter');
  await expect.poll(() => lost, { timeout: 15_000 }).toBe(2);
  await expect(page.getByRole('button', { name: /^Undo/ })).toBeEnabled({ timeout: 15_000 });
  await expect(field).toHaveValue('140');
  await expect(page.getByRole('alert')).toHaveCount(0);
  const history = (await (await request.get(`/api/rigs/${rig}/changes`)).json()) as { total: number };
  expect(history.total).toBe(1);
});

test('several changes at once go one after the other, each on the one before', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'patch');
  await page.route('**/changes', async (route) => {
    await new Promise((done) => setTimeout(done, 400));
    await route.continue();
  });
  for (const [name, address] of [
    ['Haar', '200'],
    ['Panel', '210'],
    ['Tape', '220'],
  ]) {
    await page.getByRole('textbox', { name: `Address of ${name}` }).fill(address ?? '');
    await page.getByRole('textbox', { name: `Address of ${name}` }).press('Enter');
  }
  for (const [name, address] of [
    ['Haar', '200'],
    ['Panel', '210'],
    ['Tape', '220'],
  ])
    await expect(page.getByRole('textbox', { name: `Address of ${name}` })).toHaveValue(address ?? '');
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('what is thrown away comes back from the wastebasket', async ({ page, request }) => {
  const hire = `Ceilidh hire ${Date.now()}`;
  const made = await request.post('/api/rigs', { data: { name: hire, venue: 'Quay' }, headers: OWN_PAGE });
  expect(made.ok()).toBe(true);
  await page.goto('/rigs');
  await page.getByRole('button', { name: `Throw ${hire} away` }).click();
  await expect(page.getByRole('status')).toContainText(`${hire} is in the wastebasket, whole, with its history.`);
  await page.getByRole('link', { name: 'Wastebasket' }).click();
  await page.getByRole('button', { name: `Bring ${hire} back` }).click();
  await expect(page.getByRole('listitem').filter({ hasText: hire })).toHaveCount(0);
  await page.getByRole('link', { name: 'Rigs', exact: true }).click();
  await expect(page.getByRole('link', { name: `Open ${hire}` })).toBeVisible();
});

test('a chart that hangs somewhere stays, and one on the shelf comes back from the wastebasket', async ({
  page,
  request,
}) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'fixtures');
  const library = page.getByRole('complementary', { name: 'Library' });
  const throwAway = async (model: RegExp) => {
    await library.getByRole('button', { name: model }).click();
    await expect(page.getByRole('heading', { name: model })).toBeVisible();
    await page.getByRole('button', { name: 'Export' }).click();
    await page.getByRole('button', { name: 'Throw the chart away' }).click();
  };
  await throwAway(/Haar/);
  await expect(page.getByRole('alert')).toContainText('so its chart stays');
  await throwAway(/Pail 7/);
  await expect(page.getByRole('alert')).toContainText('Pail 7 is in the wastebasket, with all its revisions.');
  await expect(library.getByRole('button', { name: /Pail 7/ })).toHaveCount(0);
  await page.goto('/wastebasket');
  await page.getByRole('button', { name: /Bring .*Pail 7 back/ }).click();
  await openStage(page, rig, 'fixtures');
  await expect(library.getByRole('button', { name: /Pail 7/ })).toBeVisible();
});

test('a venue goes out as one document and comes back', async ({ page, request }) => {
  await demoRig(request);
  await page.goto('/rigs');
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'The Boathouse Studio' }).first().click();
  const text = readFileSync(await (await download).path(), 'utf8').replaceAll('The Boathouse Studio', 'Mill Lane Hall');
  await page
    .getByLabel('Documents to import')
    .setInputFiles({ name: 'hall.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await expect(page.getByText('Brought in the venue')).toContainText('Mill Lane Hall');
  await page.getByRole('button', { name: 'Close' }).first().click();
  await expect(page.getByText(/Mill Lane Hall · 14 units/).first()).toBeVisible();
});

test('a backup is made, shown, brought back, and what was there before is set aside', async ({ page, request }) => {
  test.skip(!process.env.RIGGER_DATA, 'Only with a Rigger of its own');
  await demoRig(request);
  await page.goto('/backups');
  await page.getByRole('button', { name: 'Back up now' }).click();
  await expect(page.getByRole('status')).toContainText('Backed up, read back and found whole.');
  const made = await request.post('/api/rigs', {
    data: { name: 'After the backup', venue: 'Quay' },
    headers: OWN_PAGE,
  });
  const { id } = (await made.json()) as { id: string };
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Download' }).first().click();
  const file = await (await download).path();
  expect(readFileSync(file).subarray(0, 2).toString()).toBe('PK');

  await page.getByRole('button', { name: 'See what it holds' }).first().click();
  await expect(page.getByRole('list', { name: 'Backups' })).toContainText('14 units, 8 looks');
  await page.getByRole('button', { name: 'Bring it back' }).first().click();
  await expect(page.getByRole('status')).toContainText('What was there before is set aside', { timeout: 30_000 });
  await expect.poll(async () => (await request.get(`/api/rigs/${id}`)).status()).toBe(404);
  await page.getByRole('listitem').filter({ hasText: 'Until' }).first().getByRole('button').click();
  await expect(page.getByRole('status')).toContainText('What was set aside is back', { timeout: 30_000 });
  await expect.poll(async () => (await request.get(`/api/rigs/${id}`)).status()).toBe(200);

  // What is no backup is refused, and what comes from elsewhere is looked over first.
  const picker = page.getByLabel('Backup file');
  await picker.setInputFiles({ name: 'x.rigger', mimeType: 'application/zip', buffer: Buffer.from('PK nothing') });
  await expect(page.getByRole('alert')).toContainText('no backup of Rigger');
  await picker.setInputFiles({ name: 'y.rigger', mimeType: 'application/zip', buffer: readFileSync(file) });
  await expect(page.getByRole('status')).toContainText('Read and found whole');
});

test('a disk that is nearly full is told on every page', async ({ page, request }) => {
  const rig = await demoRig(request);
  const words = 'The disk is nearly full: 12 MB are left where the rigs are kept. Make room before the next show.';
  await page.route('**/api/disk', (route) => route.fulfill({ json: { free: 12, total: 100, warning: words } }));
  await openStage(page, rig, 'patch');
  await expect(page.getByRole('alert')).toContainText(words);
  await page.goto('/backups');
  await expect(page.getByRole('alert')).toContainText(words);
});

test('every answer carries its protections, and another name is not answered', async ({ request }) => {
  const rig = await demoRig(request);
  for (const path of [
    '/',
    '/api/rigs',
    '/theme.js',
    '/build/nothing',
    '/api/nothing',
    `/stream/none`,
    `/api/rigs/${rig}`,
  ]) {
    const { 'cross-origin-opener-policy': coop, ...headers } = (await request.get(path)).headers();
    expect(headers['x-content-type-options'], path).toBe('nosniff');
    expect(headers['content-security-policy'], path).toContain("default-src 'self'");
    expect(headers['referrer-policy'], path).toBe('same-origin');
    expect(headers['permissions-policy'], path).toContain('midi=(self), microphone=(self), screen-wake-lock=(self)');
    expect([coop, headers['cross-origin-resource-policy']], path).toEqual(['same-origin', 'same-origin']);
  }
  for (const path of ['/', '/api/rigs', '/build/nothing', `/stream/${rig}`])
    expect((await request.get(path, { headers: { Host: 'elsewhere.example' } })).status(), path).toBe(421);
  expect((await request.get('/index.php')).status()).toBe(404);
});
