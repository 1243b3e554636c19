import { expect, test } from '@playwright/test';
import { demoRig, openStage } from './rigs';

const PAGE = `Marram Drum 6, page 7
9-channel
1  Dimmer    000-255  0-100 %
2  Red       000-255
3  Green     000-255
4  Blue      000-255
5  Amber     000-255
6  White     000-255
7  Shutter   000-039  Closed
             040-210  Flash, slow to fast
             211-255  Open
8  Programs  000-068  No function
             069-147  Tide
             148-255  Reset
9  Speed     000-255  slow to fast`;

/** From a manual's page to a revision that the rig follows: paste, correct, save, compare, take. */
test('a manual’s page becomes the chart that the rig follows', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'fixtures');
  await page.getByRole('button', { name: /^Drum 6 .*ch/ }).click();
  await page.getByRole('button', { name: 'Paste a chart' }).click();
  const text = page.getByLabel("The page's text");
  await text.fill(PAGE.replace('211-255  Open', '255-211  Opening tide'));
  await expect(page.getByRole('status')).toHaveText(
    /13 lines read, 1 guessed, 2 not understood: 9 channels in 1 mode|9 channels in 1 mode/,
  );
  await expect(page.getByRole('img', { name: 'Shutter' })).toBeVisible();

  // Correct what was turned round: the chart follows the text.
  await page.getByRole('button', { name: 'Next to look at' }).click();
  await text.fill(PAGE);
  await expect(page.getByRole('status')).toHaveText(/1 not understood: 9 channels in 1 mode/);
  await page.getByLabel('Name of mode 1').fill('9-channel');
  await page.getByRole('button', { name: 'Take it into the chart' }).click();

  // The unit follows revision 1, so a revision was made, and the rig is told.
  await expect(page.getByRole('heading', { level: 2, name: /Drum 6 revision \d+, open/ })).toBeVisible();
  await expect(page.getByRole('slider', { name: 'Channel 7, Shutter' })).toBeVisible();
  await page.getByRole('button', { name: /see what differs/ }).click();
  const taking = page.getByRole('region', { name: /^Taking revision/ });
  await expect(taking.getByText(/Closed: 0–39 instead of 0–23\./)).toBeVisible();
  await expect(taking.getByText('On its faders')).toBeVisible();
  await taking.getByRole('button', { name: /^Use revision/ }).click();
  await expect(taking).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('region', { name: /^Taking revision/ })).toBeVisible();
  await page.keyboard.press('Control+Shift+z');
  await expect(page.getByRole('region', { name: /^Taking revision/ })).toHaveCount(0);
});

test('ladders are edited, copied, repaired and found by fader', async ({ page, request }) => {
  const rig = await demoRig(request);
  const model = `Ebb ${Date.now()}`;
  await openStage(page, rig, 'fixtures');
  await page.getByRole('button', { name: 'New fixture' }).click();
  await page.getByLabel('Maker, as on the plate').fill('Sedge');
  await page.getByLabel('Model').fill(model);
  await page.getByRole('button', { name: 'Begin its chart' }).click();
  await page.getByRole('button', { name: 'Paste a chart' }).click();
  await page
    .getByLabel("The page's text")
    .fill('2-channel mode\nCH1 Dimmer 1 0-100\nCH2 Shutter\n0-9 closed\n20-255 open');
  await page.getByRole('button', { name: 'Take it into the chart' }).click();

  // Percent taken for values: the finding mends it.
  const findings = page.getByLabel('Findings');
  await findings.getByRole('button', { name: 'Turn this channel from percent into 0–255' }).click();
  await expect(page.getByLabel('Last value of Dimmer 1')).toHaveValue('255');
  // A gap is closed, an edge nudged with its neighbour, the word completed.
  await page
    .getByRole('button', { name: /^Shutter/ })
    .first()
    .click();
  await findings.getByRole('button', { name: 'Let "open" reach down' }).click();
  await expect(page.getByLabel('First value of open')).toHaveValue('10');
  const edge = page.getByLabel('Last value of closed');
  await edge.press('ArrowUp');
  await edge.press('Enter');
  await expect(page.getByLabel('First value of open')).toHaveValue('11');
  const line = page.getByRole('combobox', { name: 'A range of channel 2' });
  await line.pressSequentially('200-255 str');
  await expect(page.getByRole('option', { name: 'strobe' })).toBeVisible();
  await line.press('Tab');
  await expect(line).toHaveValue('200-255 strobe ');
  await line.press('Escape');
  await page.getByRole('slider', { name: 'Channel 2, Shutter' }).fill('100');
  await page.getByRole('button', { name: 'Split at 100' }).click();
  await expect(page.getByLabel('First value of open').nth(1)).toHaveValue('100');
  await page
    .getByRole('button', { name: 'Join 100–255' })
    .or(page.getByRole('button', { name: /^Join/ }))
    .first()
    .isVisible();
  // A caution is accepted with a note, and stays in sight.
  await findings.getByText('I know').first().click();
  await page.getByLabel('Note').fill('page 7');
  await page.getByLabel('Note').press('Enter');
  await expect(page.getByLabel('Accepted', { exact: true }).getByText('“page 7”')).toBeVisible();
  // The dimmer is copied for three more cells.
  await page.getByRole('button', { name: /^Dimmer 1/ }).click();
  await page.getByRole('button', { name: 'Copy on' }).click();
  await page.getByLabel('Times').fill('3');
  await page.getByRole('button', { name: 'Copy', exact: true }).click();
  await expect(page.getByRole('slider', { name: 'Channel 5, Dimmer 4' })).toBeVisible();

  // Found by fader, with keys alone: the value is tried, the light described, the same again is one key.
  await page
    .getByRole('button', { name: /^Shutter/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Find out by fader' }).click();
  const what = page.getByLabel('What does the light do?');
  const tried = page.getByLabel('Value to try');
  for (let tries = 0; tries < 20 && (await tried.isVisible()); tries += 1) {
    const value = Number(await tried.textContent());
    await what.fill(value < 16 ? 'closed' : 'open');
    await what.press('Enter');
    await expect(async () => {
      expect((await tried.isVisible()) ? Number(await tried.textContent()) : -1).not.toBe(value);
    }).toPass();
  }
  await expect(page.getByText('Every edge is found')).toBeVisible();
  await expect(page.getByText(/was seen at 0–15; the manual says/)).toBeVisible();
  await page.getByRole('button', { name: "Keep it beside the manual's" }).click();
  await expect(page.getByRole('region', { name: 'Observed' })).toBeVisible();
});

test('many files come in with a report, and a chart goes out and comes back', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'fixtures');
  const chart = (model: string) =>
    Buffer.from(
      JSON.stringify({ format: 'rigger-fixture', version: 1, maker: 'Sedge', model, kind: 'spot', modes: [] }),
    );
  const stamp = Date.now();
  await page.getByLabel('Documents to import').setInputFiles([
    ...Array.from({ length: 45 }, (_, nth) => ({
      name: `${nth}.json`,
      mimeType: 'application/json',
      buffer: chart(`Float ${stamp}-${nth}`),
    })),
    { name: 'broken.json', mimeType: 'application/json', buffer: Buffer.from('{"format":') },
  ]);
  const report = page.getByRole('dialog', { name: 'Imported in part' });
  await expect(report.getByRole('status')).toHaveText('46 of 46 files: 45 brought in, 1 refused.');
  await expect(report.getByText('broken.json')).toBeVisible();
  await report.getByRole('button', { name: 'Close', exact: true }).first().click();
  await page.getByLabel('Find a fixture').fill(`Float ${stamp}-44`);
  await expect(page.getByRole('button', { name: new RegExp(`Float ${stamp}-44`) })).toBeVisible();
});
