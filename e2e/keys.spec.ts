import { expect, test, type Page } from '@playwright/test';
import { demoRig, lamp, openStage } from './rigs';

/** Presses Tab until the named control has the focus, as a hand without a mouse does. */
async function tabTo(page: Page, role: string, name: string | RegExp, most = 160): Promise<void> {
  const wanted = page.getByRole(role as 'button', { name, exact: typeof name === 'string' }).first();
  for (let press = 0; press < most; press += 1) {
    await page.keyboard.press('Tab');
    if (await wanted.evaluate((element) => element === document.activeElement).catch(() => false)) return;
  }
  throw new Error(`${String(name)} cannot be reached with Tab.`);
}

test('the same work with keys only', async ({ page, request }) => {
  const model = `Wisp ${Date.now()}`;
  const rig = await demoRig(request);
  await openStage(page, rig, 'fixtures');

  // Fixtures, typed: the focus goes from line to line by itself.
  await tabTo(page, 'button', 'New fixture');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Maker, as on the plate')).toBeFocused();
  await page.keyboard.type('Ousel');
  await page.keyboard.press('Tab');
  await page.keyboard.type(model);
  await page.keyboard.press('Enter');
  await tabTo(page, 'textbox', 'Mode, as the unit says it');
  await page.keyboard.type('2-channel');
  await page.keyboard.press('Tab');
  await page.keyboard.type('2');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel("Next channel's name")).toBeFocused();
  await page.keyboard.type('Dimmer');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('A range of channel 1')).toBeFocused();
  await page.keyboard.type('0-255 dimer');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').getByText('dimmer', { exact: false })).toBeVisible();
  await expect(page.getByLabel('A range of channel 1')).toHaveValue('0-255 dimer');
  for (let press = 0; press < 5; press += 1) await page.keyboard.press('Backspace');
  await page.keyboard.type('dimmer');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('A range of channel 1')).toHaveValue('');
  await page.keyboard.type('+ Shutter');
  await page.keyboard.press('Enter');
  const second = page.getByLabel('A range of channel 2');
  await expect(second).toBeFocused();
  for (const line of ['0-99 closed', '100-255 open']) {
    await page.keyboard.type(line);
    await page.keyboard.press('Enter');
    await expect(second).toHaveValue('');
  }
  await tabTo(page, 'slider', 'Channel 1, Dimmer');
  await page.keyboard.press('End');
  await tabTo(page, 'slider', 'Channel 2, Shutter');
  await page.keyboard.press('End');
  await expect(page.getByRole('region', { name: 'Stage' }).getByText('Brightness 100 %.')).toBeVisible();

  // Find, then patch: the clash is repaired from the keyboard, undone and done again.
  await page.keyboard.press('/');
  await page.keyboard.type('Pack A');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('tab', { name: 'Set on the unit' })).toBeVisible();
  await tabTo(page, 'button', 'Move Pack A to 099 (button 8): one ladder trip');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Address of Pack A' })).toHaveValue('099');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('textbox', { name: 'Address of Pack A' })).toHaveValue('085');
  await page.keyboard.press('Control+Shift+z');
  await expect(page.getByRole('textbox', { name: 'Address of Pack A' })).toHaveValue('099');
  await tabTo(page, 'button', 'Add units');
  await page.keyboard.press('Enter');
  await tabTo(page, 'combobox', 'Fixture');
  await page.keyboard.type(`Ousel ${model}`);
  await expect(page.getByRole('alert').getByText('No free button is left', { exact: false })).toBeVisible();
  await tabTo(page, 'combobox', 'Spacing');
  await page.keyboard.type('packed');
  await tabTo(page, 'button', 'Hang them');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Address of Wisp' })).toBeVisible();

  // Lines, desk, looks.
  await tabTo(page, 'link', /^Lines/);
  await page.keyboard.press('Enter');
  await tabTo(page, 'combobox', 'Receiver of Tape');
  await page.keyboard.type('Cedar');
  await expect(lamp(page, 'Tape')).toHaveAccessibleName(/set to Cedar/);
  await page.keyboard.press('Control+z');
  await tabTo(page, 'link', /^Desk/);
  await page.keyboard.press('Enter');
  await tabTo(page, 'button', 'All faders to 0');
  await page.keyboard.press('Enter');
  await tabTo(page, 'textbox', /^Fader inner 1, Dimmer/);
  await page.keyboard.type('50%');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: /^Fader inner 1, Dimmer/ })).toHaveValue('128');
  await tabTo(page, 'slider', /^Fader inner 2: Red/);
  await page.keyboard.press('End');
  await tabTo(page, 'textbox', /^Fader inner 7, Shutter/);
  await page.keyboard.type('open');
  await page.keyboard.press('Enter');
  await expect(lamp(page, 'Drum 1')).toHaveAccessibleName('Drum 1: lit');
  await expect(lamp(page, 'Drum 2')).toHaveAccessibleName('Drum 2: lit');
  await tabTo(page, 'button', 'Record a look');
  await page.keyboard.press('Enter');
  await page.keyboard.type('Ember');
  await page.keyboard.press('Tab');
  await page.keyboard.type('4');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await tabTo(page, 'link', /^Looks/);
  await page.keyboard.press('Enter');
  await tabTo(page, 'button', /Ember/);
  await page.keyboard.press('Enter');
  await expect(page.getByText('Button 1, inner: fader 1 Dimmer at 128, 2 Red at 255, 7 Shutter at 233')).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('heading', { name: 'Keys of this page' })).toBeVisible();
  await page.keyboard.press('Escape');
  await tabTo(page, 'link', /^Sheets/);
  await page.keyboard.press('Enter');
  const download = page.waitForEvent('download');
  await tabTo(page, 'link', 'Save the PDF');
  await page.keyboard.press('Enter');
  expect((await download).suggestedFilename()).toBe('The-Tidekeeper.pdf');
});
