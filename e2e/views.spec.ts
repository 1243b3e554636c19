import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { demoRig, openStage, OWN_PAGE } from './rigs';

const STAGES = ['fixtures', 'patch', 'lines', 'lines/kits', 'lines/bench', 'lines/cover', 'desk', 'looks', 'sheets'];

/** Nothing serious stands between a view and somebody who cannot see it, or not well. */
async function inspect(page: Page, what: string): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).analyze();
  const serious = violations.filter((one) => one.impact === 'serious' || one.impact === 'critical');
  expect(
    serious.map(
      (one) =>
        `${what}: ${one.id} ${one.nodes.map((node) => `${node.target.join(' ')} ${node.any[0]?.message ?? ''}`).join(' | ')}`,
    ),
  ).toEqual([]);
}

for (const theme of ['booth', 'daylight']) {
  test(`every view is accessible in ${theme}`, async ({ page, request }) => {
    test.setTimeout(420_000);
    await page.addInitScript((name) => localStorage.setItem('rigger.theme', name), theme);
    const rig = await demoRig(request);
    const look = (what: string) => inspect(page, what);
    await page.goto('/rigs');
    await expect(page.getByRole('heading', { name: 'Rigs', exact: true })).toBeVisible();
    await look('rigs');
    for (const stage of STAGES) {
      await openStage(page, rig, stage);
      await expect(page.getByRole('heading', { level: 2 }).first()).toBeVisible();
      await expect(
        page.getByRole('region', { name: 'Stage' }).getByText(/respond|Lit|Dark|On the bench/),
      ).toBeVisible();
      await look(stage);
    }
    await openStage(page, rig, 'fixtures');
    await page.getByRole('button', { name: /^Spin 40/ }).click();
    for (const view of ['Modes side by side', 'The unit', 'Revisions', 'Look-alikes', 'Paste a chart', 'Export']) {
      await page.getByRole('button', { name: view, exact: true }).click();
      await expect(page.getByRole('heading', { level: 2 }).first()).toBeVisible();
      await look(view);
    }
    await page
      .getByLabel("The page's text")
      .fill('CH1 Dimmer 000-255\nthe tide is out\nCH2 Colour 0-9 white, 10-19 red');
    await expect(page.getByRole('img', { name: 'Colour' })).toBeVisible();
    await look('paste sheet with a page');
    await page.getByRole('button', { name: 'Chart', exact: true }).click();
    await page.getByRole('button', { name: /^Colour wheel/ }).click();
    await look('a wheel');
    await page.getByRole('button', { name: 'How it is typed' }).click();
    await page.getByRole('button', { name: 'Find out by fader' }).click();
    await look('finding by fader');
    await openStage(page, rig, 'walk');
    await expect(page.getByRole('heading', { level: 2, name: 'Walk round' })).toBeVisible();
    await look('walk-round');
    await openStage(page, rig, 'sheets');
    await page.getByRole('button', { name: /^Labels/ }).click();
    await expect(page.getByRole('img', { name: /^Page 1 of/ })).toBeVisible();
    await look('labels');
    await openStage(page, rig, 'patch');
    await page.getByRole('button', { name: 'Select Pack A' }).click();
    await page.getByRole('button', { name: 'Add units' }).click();
    await page.getByRole('button', { name: 'Stage plan' }).click();
    for (const tab of ['In order', 'Curves and limits', 'Mode and type']) {
      await page.getByRole('tab', { name: tab }).click();
      await look(`plan, ${tab}`);
    }
    await page.getByRole('button', { name: 'History' }).click();
    await look('patch with its forms');
    await page.keyboard.press('?');
    await look('keys');
  });

  test(`what keeps things safe is accessible in ${theme}`, async ({ page, request }) => {
    test.setTimeout(240_000);
    await page.addInitScript((name) => localStorage.setItem('rigger.theme', name), theme);
    const rig = await demoRig(request);
    await request.delete(`/api/rigs/${await demoRig(request)}`, { headers: OWN_PAGE });
    await page.goto('/wastebasket');
    await expect(page.getByRole('button', { name: 'Bring The Tidekeeper back' }).first()).toBeVisible();
    await inspect(page, 'wastebasket');
    await request.post('/api/backups', { headers: OWN_PAGE });
    await page.goto('/backups');
    await page.getByRole('button', { name: 'See what it holds' }).first().click();
    await inspect(page, 'backups');
    // A change that waits, one that was typed and not taken, and what is said of both.
    await openStage(page, rig, 'patch');
    await page.getByRole('textbox', { name: 'Address of Haar' }).fill('14');
    await page.reload();
    await page.route('**/changes', (route) => route.abort('connectionrefused'));
    await page.getByRole('textbox', { name: 'Address of Panel' }).fill('121');
    await page.getByRole('textbox', { name: 'Address of Panel' }).press('Enter');
    await expect(page.getByRole('alert')).toContainText('1 change kept here');
    await page.getByRole('button', { name: /Kept/ }).click();
    await inspect(page, 'kept and waiting');
    await page.unroute('**/changes');
    await expect(page.getByRole('textbox', { name: 'Address of Panel' })).toHaveValue('121', { timeout: 15_000 });
    await openStage(page, rig, 'fixtures');
    await page
      .getByRole('complementary', { name: 'Library' })
      .getByRole('button', { name: /Quad Pack/ })
      .click();
    await page.getByRole('button', { name: 'Export' }).click();
    await page.getByRole('button', { name: /Device description/ }).click();
    await expect(page.getByText('Its address switches.')).toBeVisible();
    await inspect(page, 'what a device description leaves out');
  });

  test(`every view of the desk is accessible in ${theme}`, async ({ page, request }) => {
    test.setTimeout(420_000);
    await page.addInitScript((name) => localStorage.setItem('rigger.theme', name), theme);
    const rig = await demoRig(request);
    const look = (what: string) => inspect(page, what);
    for (const view of ['desk/plan', 'desk/describe', 'preflight', 'stage']) {
      await openStage(page, rig, view);
      await expect(page.getByRole('status').first()).toBeVisible();
      await look(view);
    }
    await openStage(page, rig, 'desk');
    await page.getByRole('button', { name: 'Try it' }).click();
    await page.getByRole('button', { name: 'Units', exact: true }).click();
    await page.getByRole('button', { name: 'Pause' }).click();
    await look('one by one');
    await page.getByRole('button', { name: 'Store a look' }).click();
    await look('storing a look');
    for (const desk of ['Skiff 24', 'Rowlock 12', 'Capstan 4']) {
      await page.getByRole('combobox', { name: 'Desk', exact: true }).selectOption({ label: desk });
      await expect(page.getByRole('slider').first()).toBeAttached();
      await look(desk);
    }
  });
}

test('everything is still there at 1024, and readable on a phone', async ({ page, request }) => {
  const rig = await demoRig(request);
  await page.setViewportSize({ width: 1024, height: 700 });
  for (const stage of STAGES) {
    await openStage(page, rig, stage);
    await expect(page.getByRole('heading', { level: 2 }).first()).toBeVisible();
    const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(over, stage).toBeLessThanOrEqual(0);
    await expect(page.getByRole('button', { name: 'Undo' })).toBeInViewport();
  }
  for (const view of ['desk/plan', 'desk/describe', 'stage']) {
    await openStage(page, rig, view);
    const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(over, view).toBeLessThanOrEqual(0);
  }
  await page.setViewportSize({ width: 390, height: 844 });
  await openStage(page, rig, 'patch');
  await expect(page.getByRole('button', { name: 'Select Pack A' })).toBeVisible();
  await page.getByRole('button', { name: 'Select Pack A' }).click();
  await page.getByText('Switches 1 3 5 7 up', { exact: false }).scrollIntoViewIfNeeded();
  await expect(page.getByText('Switches 1 3 5 7 up', { exact: false })).toBeInViewport();
});
