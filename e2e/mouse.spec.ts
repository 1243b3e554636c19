import { expect, test } from '@playwright/test';
import { lamp } from './rigs';

/** From a paper chart to a lit fader and its sheet, with the mouse. */
test('a new rig, from its chart to its sheet', async ({ page }) => {
  const model = `Mote ${Date.now()}`;
  await page.goto('/rigs');
  await page.getByLabel('Show').fill('Ceilidh');
  await page.getByLabel('Venue').fill('Mill Lane Hall');
  await page.getByRole('button', { name: 'Make the rig' }).click();

  // Fixtures: a mode from its paper chart.
  await page.getByRole('link', { name: 'Write or paste a chart' }).click();
  await page.getByLabel('Maker, as on the plate').fill('Skerry');
  await page.getByLabel('Model').fill(model);
  await page.getByRole('button', { name: 'Begin its chart' }).click();
  await page.getByRole('button', { name: 'The unit' }).click();
  await page
    .getByRole('group', { name: 'Typical emitters' })
    .getByRole('button', { name: 'blue', exact: true })
    .click();
  await expect(page.getByRole('textbox', { name: 'blue x' })).toHaveValue('0.135');
  await page.getByRole('button', { name: 'Chart', exact: true }).click();
  await page.getByLabel('Mode, as the unit says it').fill('3-channel');
  await page.getByLabel('Channels', { exact: true }).fill('3');
  await page.getByLabel('Shows').fill('A001');
  await page.getByRole('button', { name: 'Add the mode' }).click();
  const typed: [string, string[]][] = [
    ['Dimmer', ['0-255 dimmer']],
    ['Blue', ['0-255 blue']],
    ['Shutter', ['0-23 closed Shut', '24-210 strobe 0.8-16', '211-255 open Open']],
  ];
  for (const [name, ranges] of typed) {
    await page.getByLabel("Next channel's name").fill(name);
    await page.getByRole('button', { name: 'Add the channel' }).click();
    for (const range of ranges) {
      const line = page.getByLabel(/^A range of channel/);
      await line.fill(range);
      await page.getByRole('button', { name: 'Add ↵' }).click();
      await expect(line).toHaveValue('');
    }
  }
  await expect(
    page.getByLabel('Findings').getByText('Shutter (3) is closed at 0–23, so a cleared desk leaves this fixture dark.'),
  ).toBeVisible();
  // Findings follow the line while it is typed, before it is taken.
  await page.getByLabel(/^A range of channel/).fill('200-230 open Twice');
  await expect(
    page
      .getByLabel('Findings')
      .getByText(/both claim 200–210|both claim 211–230/)
      .first(),
  ).toBeVisible();
  await page.getByLabel(/^A range of channel/).press('Escape');
  await expect(page.getByLabel('Findings').getByText(/both claim/)).toHaveCount(0);
  // The ladder is the test fader.
  const stage = page.getByRole('region', { name: 'Stage' });
  await expect(stage.getByText('Dark, because')).toBeVisible();
  const ladder = page.getByRole('slider', { name: 'Channel 3, Shutter' });
  const box = await ladder.boundingBox();
  if (!box) throw new Error('The ladder is not there.');
  await page.getByRole('slider', { name: 'Channel 1, Dimmer' }).fill('255');
  await page.getByRole('slider', { name: 'Channel 2, Blue' }).fill('255');
  await expect(stage.getByText('Shutter (3) at 0 is in Shut, 0–23. Raise it to 211 or more.')).toBeVisible();
  await page.mouse.move(box.x + 4, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * 0.95, box.y + box.height / 2, { steps: 8 });
  await page.mouse.up();
  await expect(stage.getByText('Brightness 100 %.')).toBeVisible();

  // Patch: three, and a twin of the first.
  await page.getByRole('link', { name: /^Patch/ }).click();
  await page.getByRole('button', { name: 'Add units' }).click();
  await page.getByRole('combobox', { name: 'Fixture' }).selectOption({ label: `Skerry ${model}` });
  await page.getByLabel('How many', { exact: true }).fill('3');
  await page.getByLabel('Name on the tape').fill('Mote');
  await page.getByRole('button', { name: 'Hang them' }).click();
  await expect(page.getByRole('textbox', { name: 'Address of Mote 3' })).toHaveValue('007');
  await page.getByRole('button', { name: 'Add units' }).click();
  await page.getByRole('combobox', { name: 'Address', exact: true }).selectOption({ label: 'Twin of Mote 1, 001' });
  await page.getByRole('button', { name: 'Hang as twin' }).click();
  await expect(page.getByText('twin of Mote 1', { exact: true })).toBeVisible();
  await expect(page.getByText('A001', { exact: true })).toBeVisible();

  // A clash, told with its numbers and repaired with one button.
  const address = page.getByRole('textbox', { name: 'Address of Mote 3' });
  await address.fill('5');
  await address.press('Enter');
  await expect(page.getByText('005–006 belong to both', { exact: false })).toBeVisible();
  await page
    .getByRole('button', { name: /^Move Mote \d to \d+, the next place that is free: one ladder trip$/ })
    .click();
  await expect(page.getByText('belong to both', { exact: false })).toHaveCount(0);

  // Lines: behind radio, first on another name, then on the same.
  await page.getByRole('link', { name: /^Lines/ }).click();
  await page.getByRole('button', { name: 'Add a radio link' }).click();
  await page.getByLabel('Kit').selectOption({ label: 'Reed Link' });
  await page.getByRole('button', { name: 'Add the sender' }).click();
  await page.getByLabel('Put a unit behind Sender').selectOption({ label: 'Mote 2' });
  await page.getByLabel('Receiver of Mote 2').selectOption('Birch');
  await expect(lamp(page, 'Mote 2')).toHaveAccessibleName(/its receiver is set to Birch, and Sender sends on Alder/);
  await page.getByRole('button', { name: 'Set the receiver of Mote 2 to Alder' }).click();
  await expect(page.getByText('linked', { exact: true })).toBeVisible();

  // Desk: faders named, twins together, the range beside the fader.
  await page.getByRole('link', { name: /^Desk/ }).click();
  await page.getByRole('combobox', { name: 'Desk' }).selectOption({ label: 'Tenfold 10' });
  const faders = page.getByRole('group', { name: 'Faders' });
  await faders.getByRole('slider', { name: 'Fader inner 1: Dimmer of Mote 1, Mote 4' }).fill('255');
  await faders.getByRole('slider', { name: /^Fader inner 2: Blue/ }).fill('255');
  await expect(lamp(page, 'Mote 1')).toHaveAccessibleName(/in Shut, 0–23/);
  const value = faders.getByRole('textbox', { name: /^Fader inner 3, Shutter/ });
  await value.fill('open');
  await value.press('Enter');
  await expect(faders.getByText('Open', { exact: true }).last()).toBeVisible();
  await expect(lamp(page, 'Mote 1')).toHaveAccessibleName('Mote 1: lit');
  await expect(lamp(page, 'Mote 4')).toHaveAccessibleName('Mote 4: lit');

  // Looks: record, clear, recall, read the steps.
  await page.getByRole('button', { name: 'Record a look' }).click();
  await page.getByLabel('Look', { exact: true }).fill('Slack water');
  await page.getByRole('button', { name: 'Record the look' }).click();
  await page.getByRole('button', { name: 'All faders to 0' }).click();
  await expect(lamp(page, 'Mote 1')).toHaveAccessibleName(/is down/);
  await page.getByRole('button', { name: 'Recall Slack water' }).click();
  await expect(lamp(page, 'Mote 1')).toHaveAccessibleName('Mote 1: lit');
  await page.getByRole('link', { name: /^Looks/ }).click();
  await page.getByRole('button', { name: /^1\.1 Slack water/ }).click();
  await expect(page.getByText('Button 1, inner: fader 1 Dimmer at 255, 2 Blue at 255, 3 Shutter at 233')).toBeVisible();

  // Sheets.
  await page.getByRole('link', { name: /^Sheets/ }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Save the PDF' }).click();
  expect((await download).suggestedFilename()).toBe('Ceilidh.pdf');

  // Every change is in the history in words, and undo takes the last ones back.
  await page.getByRole('button', { name: 'History' }).click();
  const history = page.getByRole('complementary', { name: 'History' });
  await expect(history.getByText('Recorded Slack water at bank 1, scene 1')).toBeVisible();
  await expect(history.getByText('Patched Mote 4 as twin of Mote 1 at 001')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(history.getByText(/undone/)).toBeVisible();
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(history.getByText(/undone/)).toHaveCount(0);
});
