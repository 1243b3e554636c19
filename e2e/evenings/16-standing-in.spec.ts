import { expect } from '@playwright/test';
import { demoRig } from '../rigs';
import { evening } from './evening';

/** The demo, never seen before. The page that explains tonight, and the check of each unit, wait for Check. */
evening(16, 'standing in', 25, async (tonight) => {
  const { page } = tonight;
  const demo = await demoRig(page.request);
  await page.goto('/rigs');
  await tonight.press(page.locator(`a[aria-label='Open The Tidekeeper'][href*='${demo}']`));
  await tonight.press(tonight.stage('Patch'));

  // One starts inside another: both functions are named, with the way out.
  await tonight.sees('Pack A sits on Batten.');
  await tonight.sees(/085 is Batten's Blue 4 \(15\) and Pack A's Socket 1 \(1\)/);
  await expect(tonight.button('Move Pack A to 099')).toBeVisible();

  // Two the same are meant.
  await tonight.press(tonight.button('Select Drum 2'));
  await tonight.sees('Drum 1 and Drum 2 are twins.');

  // Round with the phone: one whose mode went back tells itself by its letter, one runs by itself.
  await tonight.press(tonight.button('List'));
  await tonight.press(page.getByRole('link', { name: 'Walk round' }));
  await tonight.type(page.getByLabel('What Drum 5 shows now'), 'C029');
  await tonight.sees(/C029: that is the 2-channel mode\. For the 9-channel mode: Menu › DMX › 9CH/);
  await tonight.type(page.getByLabel('What Drum 3 shows now'), 'FoL');
  await tonight.sees(/FoL: it follows a leader, and hears no desk\. To listen to a desk: Menu › run › dMx\./);
  await tonight.type(page.getByLabel('What Drum 1 shows now'), 'd001');
  await tonight.sees('It stands right.');

  // On paper: who is where, with what is to be fixed marked.
  await tonight.press(tonight.stage('Sheets'));
  await tonight.press(tonight.button(/^Patch list/));
  await expect(page.getByRole('heading', { name: /Patch list/ })).toContainText('297 × 210 mm');
});
