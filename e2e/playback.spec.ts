import { expect, test, type Page } from '@playwright/test';
import { demoRig, kill, lamp, openStage, OWN_PAGE, service } from './rigs';

const dimmer = (page: Page) => page.getByRole('main').getByRole('slider', { name: /^Fader inner 1: Dimmer/ });
const value = (page: Page) => page.getByRole('main').getByRole('textbox', { name: /^Fader inner 1, Dimmer/ });
const strip = (page: Page) => page.getByRole('region', { name: 'Stage' });

/** Opens what a link of "Try it" opens. */
async function along(page: Page, link: string): Promise<Page> {
  const opened = page.context().waitForEvent('page');
  await page.getByRole('link', { name: link }).click();
  const other = await opened;
  await other.waitForLoadState();
  return other;
}

test('a second window plays along at the same desk, and one of its own does not', async ({
  page,
  context,
  request,
}) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'desk');
  await expect(lamp(page, 'Drum 1')).toHaveAccessibleName('Drum 1: lit');
  await page.getByRole('button', { name: 'Try it' }).click();
  const other = await along(page, 'Open this desk again');
  await expect(value(other)).toHaveValue('180');
  const alone = await context.newPage();
  await openStage(alone, rig, 'desk');
  await expect(value(alone)).toHaveValue('180');

  await dimmer(other).fill('0');
  await expect(lamp(page, 'Drum 1')).toHaveAccessibleName(/^Drum 1: Dimmer \(1\) at 0 is down/);
  await expect(value(page)).toHaveValue('0');
  await page.getByRole('button', { name: 'Lift', exact: true }).click();
  await expect(strip(other).getByText(/Blackout is on \(Lift\)/)).toBeVisible();
  await expect(value(alone)).toHaveValue('180');
  await expect(lamp(alone, 'Drum 1')).toHaveAccessibleName('Drum 1: lit');

  // It stays with that desk after a reload and in other stages, until it is given one of its own.
  await other.getByRole('link', { name: 'Patch' }).click();
  await other.reload();
  await expect(strip(other).getByText(/Blackout is on \(Lift\)/)).toBeVisible();
  await other.getByRole('link', { name: 'Desk' }).click();
  await other.getByRole('button', { name: 'Try it' }).click();
  await other.getByRole('link', { name: 'Give it a desk of its own' }).click();
  await page.getByRole('button', { name: 'Lift', exact: true }).click();
  await other.getByRole('button', { name: /^Button 2,/ }).click();
  await other.getByRole('button', { name: 'All faders to 0' }).click();
  await expect(lamp(other, 'Pack B')).toHaveAccessibleName(/is down|are down/);
  await expect(lamp(page, 'Pack B')).toHaveAccessibleName(/lit/);
});

test('a reload finds everything as it was, and what goes by itself still goes', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'desk');
  await page.getByRole('button', { name: 'Try it' }).click();
  await dimmer(page).fill('77');
  await page.getByRole('textbox', { name: /^Master/ }).fill('200');
  await page.getByRole('textbox', { name: /^Master/ }).press('Enter');
  await dimmer(page).focus();
  await page.getByRole('button', { name: 'Blink it' }).click();
  const seen = async () => (await lamp(page, 'Drum 1').getAttribute('aria-label')) === 'Drum 1: lit';
  await expect.poll(seen).toBe(false);
  await expect.poll(seen).toBe(true);
  await page.reload();
  await expect(value(page)).toHaveValue('77');
  await expect(page.getByRole('textbox', { name: /^Master/ })).toHaveValue('200');
  await expect.poll(seen).toBe(false);
  await expect.poll(seen).toBe(true);
});

test('ten windows of one browser share one stream', async ({ context, request }) => {
  test.setTimeout(180_000);
  const rig = await demoRig(request);
  const pages: Page[] = [];
  for (let nth = 0; nth < 10; nth++) {
    const page = await context.newPage();
    await openStage(page, rig, 'desk');
    await expect(lamp(page, 'Drum 1')).toHaveAccessibleName('Drum 1: lit');
    pages.push(page);
  }
  const { seats } = (await (await request.get(`/play/seats/${rig}`)).json()) as { seats: { windows: number }[] };
  expect(seats.map((one) => one.windows)).toEqual(Array(10).fill(1));
  for (const page of [pages[9], pages[0]] as Page[]) {
    await dimmer(page).fill('0');
    await expect(lamp(page, 'Drum 1')).toHaveAccessibleName(/^Drum 1: Dimmer \(1\) at 0 is down/);
  }
  await expect(lamp(pages[5] as Page, 'Drum 1')).toHaveAccessibleName('Drum 1: lit');
  // Closed windows are noticed, whether they say goodbye or not.
  for (const page of pages.slice(1)) await page.close();
  const left = async () =>
    ((await (await request.get(`/play/seats/${rig}`)).json()) as { seats: unknown[] }).seats.length;
  await expect.poll(left, { timeout: 15_000 }).toBe(1);
});

test('a rig that changes under a seat is taken over between two frames', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'desk');
  await expect(lamp(page, 'Drum 1')).toHaveAccessibleName('Drum 1: lit');
  const { units } = (await (await request.get(`/api/rigs/${rig}`)).json()) as { units: { id: string; name: string }[] };
  const drum = units.find((one) => one.name === 'Drum 1')?.id;
  const change = { base: 1, changes: [{ do: 'move-units', units: [drum], to: '300' }] };
  await request.post(`/api/rigs/${rig}/changes`, { data: change, headers: OWN_PAGE });
  await expect(lamp(page, 'Drum 1')).toHaveAccessibleName(/^Drum 1: Dimmer \(1\) at 0 is down/);
  await expect(lamp(page, 'Drum 2')).toHaveAccessibleName('Drum 2: lit');
  await expect(value(page)).toHaveValue('180');
});

test('units of another universe stand in a row of their own', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'patch');
  const { units } = (await (await request.get(`/api/rigs/${rig}`)).json()) as {
    units: { id: string; typeId: string; name: string }[];
  };
  const spin = units.find((one) => one.name === 'Spin R');
  const change = { base: 1, changes: [{ do: 'move-units', units: [spin?.id], to: 'u2 1' }] };
  await request.post(`/api/rigs/${rig}/changes`, { data: change, headers: OWN_PAGE });
  const row = strip(page).getByRole('button', { name: /^Universe 2/ });
  await expect(row).toHaveAttribute('aria-expanded', 'false');
  await expect(lamp(page, 'Spin R')).toHaveCount(0);
  await row.click();
  await expect(lamp(page, 'Spin R')).toHaveAccessibleName(/is in universe 2, and the desk sends universe 1/);
  await row.press('Enter');
  await expect(lamp(page, 'Spin R')).toHaveCount(0);
});

test('a finger moves a fader on a phone that plays along, and the laptop shows it', async ({
  page,
  browser,
  request,
}) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'desk');
  await page.getByRole('button', { name: 'Try it' }).click();
  const along = await page.getByRole('link', { name: 'Open this desk again' }).getAttribute('href');
  const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const small = await phone.newPage();
  await small.goto(new URL(String(along), page.url()).href);
  await expect(value(small)).toHaveValue('180');
  const travel = dimmer(small);
  await travel.scrollIntoViewIfNeeded();
  const box = await travel.boundingBox();
  if (!box) throw new Error('This fader is not on screen.');
  const finger = await phone.newCDPSession(small);
  const at = (share: number) => [{ x: box.x + box.width / 2, y: box.y + box.height * (1 - share) }];
  await finger.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(180 / 255) });
  for (const share of [0.5, 0.3, 0.1, 0])
    await finger.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: at(share) });
  await finger.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
  await expect(value(small)).toHaveValue('0');
  await expect(value(page)).toHaveValue('0');
  await expect(lamp(page, 'Drum 1')).toHaveAccessibleName(/^Drum 1: Dimmer \(1\) at 0 is down/);
  await phone.close();
});

test('when playback dies it is back by itself; meanwhile lamps stay and a hand is answered', async ({
  page,
  request,
}) => {
  test.skip(!process.env.RIGGER_DATA, 'Only with a Rigger of its own');
  const rig = await demoRig(request);
  await openStage(page, rig, 'desk');
  await dimmer(page).fill('90');
  await expect(lamp(page, 'Drum 1')).toHaveAccessibleName('Drum 1: lit');

  // Killed outright: back within two seconds, everything where it stood.
  kill('play');
  await expect(lamp(page, 'Drum 1')).toHaveAccessibleName('Drum 1: lit');
  const windows = async () =>
    ((await (await request.get(`/play/seats/${rig}`)).json().catch(() => ({ seats: [] }))) as { seats: unknown[] })
      .seats?.length;
  await expect.poll(windows, { timeout: 8_000 }).toBe(1);
  await dimmer(page).fill('0');
  await expect(lamp(page, 'Drum 1')).toHaveAccessibleName(/^Drum 1: Dimmer \(1\) at 0 is down/);

  // Away for longer: it says so, and the hand is answered all the same.
  service('play', 'down');
  try {
    await expect(strip(page).getByText(/Playback is away/)).toBeVisible();
    await dimmer(page).fill('120');
    await expect(lamp(page, 'Drum 1')).toHaveAccessibleName('Drum 1: lit');
    await page.getByRole('button', { name: 'Lift', exact: true }).click();
    await expect(strip(page).getByText(/Blackout is on \(Lift\)/)).toBeVisible();
  } finally {
    service('play', 'up');
  }
  await expect(strip(page).getByText(/Playback is away/)).toBeHidden({ timeout: 10_000 });
  await expect(strip(page).getByText(/Blackout is on \(Lift\)/)).toBeVisible();
  await page.getByRole('button', { name: 'Lift', exact: true }).click();
  await expect(lamp(page, 'Drum 1')).toHaveAccessibleName('Drum 1: lit');
  await expect(value(page)).toHaveValue('120');
});

test('the stand-in desk repeats what one window sends', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'desk');
  await page.getByRole('button', { name: 'Try it' }).click();
  await page.getByLabel('Send to the stand-in desk').setChecked(true);
  const stage = await along(page, 'See what it sends');
  await expect(stage.getByText(/Following the stand-in desk/)).toBeVisible({ timeout: 15_000 });
  const there = (name: string) => stage.getByRole('figure', { name: new RegExp(`^${name}: `) });
  await expect(there('Drum 1')).toHaveAccessibleName('Drum 1: lit');
  await page.getByRole('button', { name: 'All faders to 0' }).click();
  await expect(there('Drum 1')).toHaveAccessibleName(/Dimmer \(1\) at 0 is down/);
});
