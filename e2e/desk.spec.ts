import { expect, test, type Locator, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { demoRig, lamp, openStage } from './rigs';

const choose = (page: Page, desk: string) =>
  page.getByRole('combobox', { name: 'Desk', exact: true }).selectOption({ label: desk });

/** Takes a fader by its cap and moves it to a share of its travel. */
async function drag(page: Page, slider: Locator, from: number, to: number): Promise<void> {
  const box = await slider.boundingBox();
  if (!box) throw new Error('This fader is not on screen.');
  const at = (share: number) => [box.x + box.width / 2, box.y + box.height * (1 - share)] as const;
  await page.mouse.move(...at(from));
  await page.mouse.down();
  await page.mouse.move(...at((from + to) / 2));
  await page.mouse.move(...at(to));
  await page.mouse.up();
}

test('a desk is chosen, played by hand and printed as tape', async ({ page, request }) => {
  test.setTimeout(120_000);
  const rig = await demoRig(request);
  await openStage(page, rig, 'desk');
  const board = page.getByRole('main');
  const value = (name: RegExp) => board.getByRole('textbox', { name });

  // Drag, wheel, the name of a range, a percent.
  await page.getByRole('button', { name: 'All faders to 0' }).click();
  await drag(page, board.getByRole('slider', { name: /^Fader inner 1: Dimmer/ }), 0, 1);
  await expect(value(/^Fader inner 1, Dimmer/)).toHaveValue('255');
  const red = board.getByRole('slider', { name: /^Fader inner 2: Red/ });
  await red.hover({ force: true });
  await page.mouse.wheel(0, -100);
  await page.mouse.wheel(0, -100);
  await expect(value(/^Fader inner 2, Red/)).toHaveValue('10');
  await page.keyboard.down('Shift');
  await page.mouse.wheel(0, -100);
  await page.keyboard.up('Shift');
  await expect(value(/^Fader inner 2, Red/)).toHaveValue('11');
  await value(/^Fader inner 7, Shutter/).fill('open');
  await value(/^Fader inner 7, Shutter/).press('Enter');
  await expect(lamp(page, 'Drum 1')).toHaveAccessibleName('Drum 1: lit');

  // The ranges of the fader under the hand, each one press away.
  await board.getByRole('slider', { name: /^Fader inner 7/ }).focus();
  await page
    .getByRole('region', { name: 'The fader you touch' })
    .getByRole('button', { name: /Closed/ })
    .click();
  await expect(lamp(page, 'Drum 1')).toHaveAccessibleName(/Shutter \(7\) at 11 is in Closed/);
  await page.getByRole('region', { name: 'The fader you touch' }).getByRole('button', { name: /Open/ }).click();

  // The page, then two buttons at once.
  await page.getByRole('button', { name: /^Page outer/ }).click();
  await expect(board.getByRole('slider', { name: /^Fader outer 1: Programs/ })).toBeAttached();
  await page.getByRole('button', { name: /^Page inner/ }).click();
  await page.getByRole('button', { name: /^Button 2/ }).click({ modifiers: ['Shift'] });
  await value(/^Fader inner 1, Dimmer/).fill('50%');
  await value(/^Fader inner 1, Dimmer/).press('Enter');
  await page.getByRole('button', { name: /^Button 2/ }).click();
  await expect(value(/^Fader inner 1, Dimmer/)).toHaveValue('128');
  await expect(page.getByRole('button', { name: /^Button 1,/ })).toHaveAttribute('aria-pressed', 'false');

  // Blackout and master stand over all of it, and the strip says so.
  await page.getByRole('button', { name: 'Lift', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Stage' }).getByText(/Blackout is on \(Lift\)/)).toBeVisible();
  await page.getByRole('button', { name: 'Lift', exact: true }).click();
  await expect(lamp(page, 'Drum 1')).toHaveAccessibleName('Drum 1: lit');
  await page.getByRole('textbox', { name: /^Master/ }).fill('0');
  await page.getByRole('textbox', { name: /^Master/ }).press('Enter');
  await expect(page.getByRole('region', { name: 'Stage' }).getByText(/Master is at 0/)).toBeVisible();
  await page.getByRole('slider', { name: 'Master' }).fill('255');

  // Told, with its repair as one button, and back.
  await page.getByRole('button', { name: /^Let it take 2 buttons/ }).click();
  await expect(page.getByText('Batten takes 2 buttons')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Button 7, Batten$/ })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^Button 7, Batten \+ Pack A$/ })).toBeVisible();

  // Printed.
  await page.getByRole('link', { name: 'Print the tape' }).click();
  await expect(page.getByRole('img', { name: /^Page 1 of 4/ })).toBeVisible();
  await page.getByLabel('Paper').selectOption('letter');
  await expect(page.getByText('279 × 216 mm')).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Save the PDF' }).click();
  const file = await download;
  expect(file.suggestedFilename()).toBe('The-Tidekeeper-tape.pdf');
  expect(readFileSync(await file.path(), 'latin1').slice(0, 5)).toBe('%PDF-');
  const drawing = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Save page 1 as SVG' }).click();
  expect((await drawing).suggestedFilename()).toBe('The-Tidekeeper-tape-1.svg');
});

test('plain faders, two presets and zones each play as their kind', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'desk');
  await choose(page, 'Skiff 24');
  await page.getByRole('button', { name: /^Page 2/ }).click();
  await expect(page.getByRole('slider', { name: /^Fader 2\/5: Dimmer/ })).toBeAttached({ timeout: 15_000 });

  await choose(page, 'Rowlock 12');
  await page.getByLabel('One wide row').setChecked(false);
  const second = page.getByRole('group', { name: 'Lower row' });
  await page.getByRole('button', { name: 'All faders to 0' }).click();
  await second.getByRole('slider', { name: /^Fader 1: Dimmer/ }).fill('255');
  await second.getByRole('slider', { name: /^Fader 2: Red/ }).fill('255');
  await second.getByRole('slider', { name: /^Fader 7: Shutter/ }).fill('255');
  await expect(lamp(page, 'Drum 1')).not.toHaveAccessibleName('Drum 1: lit');
  await page.getByRole('slider', { name: 'Lower' }).fill('255');
  await expect(lamp(page, 'Drum 1')).toHaveAccessibleName('Drum 1: lit');
  await page.getByRole('slider', { name: 'Upper' }).fill('0');
  await expect(lamp(page, 'Drum 1')).toHaveAccessibleName('Drum 1: lit');
  await page.getByRole('slider', { name: 'Lower' }).fill('0');
  await expect(page.getByText('Upper and Lower are both at 0', { exact: false })).toBeVisible();

  await choose(page, 'Capstan 4');
  const zone = page.getByRole('group', { name: 'Zone 2' });
  await expect(zone.getByRole('slider')).toHaveCount(4);
  await expect(page.getByText('Drum 3 and Drum 4 have hidden channels', { exact: false })).toBeVisible();
});

test('another window follows the desk, and a walk shows who answers', async ({ page, context, request }) => {
  test.setTimeout(120_000);
  const rig = await demoRig(request);
  await openStage(page, rig, 'desk');
  await page.getByRole('button', { name: 'All faders to 0' }).click();
  await page.getByRole('button', { name: 'Try it' }).click();
  const opened = context.waitForEvent('page');
  await page.getByRole('link', { name: 'Open the stage in a window' }).click();
  const stage = await opened;
  await expect(stage.getByText(/Playing along with the desk of another window/)).toBeVisible({ timeout: 15_000 });
  const there = (name: string) => stage.getByRole('figure', { name: new RegExp(`^${name}: `) });
  await expect(there('Spin L')).toHaveAccessibleName(/Dimmer \(6\) at 0 is down/);

  await page.getByRole('button', { name: 'Units', exact: true }).click();
  await page.getByRole('button', { name: 'Pause' }).click();
  const walk = page.getByRole('region', { name: 'The walk' });
  while (!(await walk.getByText('Batten', { exact: true }).first().isVisible()))
    await walk.getByRole('button', { name: 'Next', exact: true }).click();
  await expect(walk.getByText('Pack A answers too, and should not.')).toBeVisible();
  await expect(there('Batten')).toHaveAccessibleName('Batten: lit');
  await expect(there('Pack A')).toHaveAccessibleName('Pack A: lit');
  await expect(there('Drum 1')).not.toHaveAccessibleName('Drum 1: lit');
  await walk.getByRole('button', { name: 'Stop' }).click();
  await expect(there('Batten')).not.toHaveAccessibleName('Batten: lit');

  // Held, it stays up whatever the hand does.
  const socket = page.getByRole('button', { name: /^Button 9/ });
  await socket.click();
  await page.getByRole('slider', { name: /^Fader inner 1: Socket 1/ }).focus();
  await page.getByRole('button', { name: 'Hold it at full' }).click();
  await expect(there('Pack B')).toHaveAccessibleName(/^Pack B: partly lit\. Socket 2/);
  await page.getByRole('button', { name: 'Let go' }).click();
  await expect(there('Pack B')).not.toHaveAccessibleName(/partly lit/);
});

test('a desk is described by keys alone, contradictions said with their numbers', async ({ page, request }) => {
  test.setTimeout(120_000);
  const rig = await demoRig(request);
  await openStage(page, rig, 'desk/describe');
  await expect(page.getByLabel('What is it called?')).toHaveValue('Tenfold 10');
  const named = `Coracle ${Date.now() % 100000}`;
  await page.getByRole('button', { name: 'A new desk' }).focus();
  await page.keyboard.press('Enter');
  await page.getByLabel('What is it called?').focus();
  await page.keyboard.type(named);
  await page.keyboard.press('Tab');
  const answers: [string, string][] = [
    ['Fixture buttons', '8'],
    ['Faders', '8'],
    ['Pages of faders', '2'],
    ['Addresses from button to button', '12'],
  ];
  for (const [label, text] of answers) {
    const field = page.getByRole('textbox', { name: new RegExp(`^${label}`) });
    await field.focus();
    await page.keyboard.press('Control+a');
    await page.keyboard.type(text);
  }
  const stride = page.getByRole('textbox', { name: /^Addresses from button to button/ });
  await expect(page.getByRole('alert')).toContainText('drive 16 channels, and the next button begins after 12');
  await expect(page.getByRole('button', { name: 'Keep it and play on it' })).toBeDisabled();
  await stride.focus();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('16');
  await expect(page.getByText('Button 8 drives 113 to 128.', { exact: false })).toBeVisible();
  await page.getByRole('textbox', { name: /^Fader to fader/ }).focus();
  await page.keyboard.type('0');
  await expect(page.getByRole('alert')).toContainText('8 faders 0 mm apart');
  await page.keyboard.press('Backspace');
  await page.keyboard.type('20');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.getByRole('button', { name: 'Keep it and play on it' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('combobox', { name: 'Desk', exact: true })).toHaveValue(/.+/);
  await expect(page.getByRole('button', { name: /^Button 8/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Button 9/ })).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /^Button 10/ })).toBeVisible();
});

test('a plan is asked for, compared and taken over as one change', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'desk');
  await page.getByRole('link', { name: 'Plan it for me' }).click();
  const row = page.getByRole('row', { name: /Batten/ });
  await expect(row.getByText('no place')).toBeVisible({ timeout: 15_000 });
  await row.getByRole('button', { name: 'each cell' }).click();
  await row.getByRole('button', { name: 'flash' }).click();
  await expect(row.getByText('4-channel')).toBeVisible();
  await expect(row.getByText('gives up flash; gives up each cell', { exact: false })).toBeVisible();
  await page.getByRole('row', { name: /Haar/ }).getByLabel('leave it').check();
  await page.getByRole('button', { name: 'Take this plan over' }).click();
  await expect(page.getByText('Taken over as one change', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row.getByText('27-channel')).toBeVisible();
});

test('the pre-flight list is ticked on a phone', async ({ page, request }) => {
  const rig = await demoRig(request);
  await page.setViewportSize({ width: 390, height: 844 });
  await openStage(page, rig, 'preflight');
  await expect(page.getByText('9 things of 9 still to look at.')).toBeVisible();
  const dark = page.getByRole('button', { name: /^✓?\s*Blackout is off/ });
  await dark.click();
  await expect(dark).toHaveAttribute('aria-pressed', 'true');
  expect((await dark.boundingBox())?.height).toBeGreaterThanOrEqual(44);
  await page.reload();
  await expect(page.getByText('8 things of 9 still to look at.')).toBeVisible();
  await page.getByRole('button', { name: 'Begin again' }).click();
  await expect(page.getByText('9 things of 9 still to look at.')).toBeVisible();
  const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(over).toBeLessThanOrEqual(0);
});
