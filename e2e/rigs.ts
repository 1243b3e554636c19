import { expect, type APIRequestContext, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';

/** A fresh copy of the demo rig, brought in through the importer. */
export async function demoRig(request: APIRequestContext): Promise<string> {
  const document = readFileSync('demo/rigs/the-tidekeeper.json', 'utf8');
  const answer = await request.post('/api/import', { data: document, headers: { 'Content-Type': 'application/json' } });
  expect(answer.ok()).toBe(true);
  return ((await answer.json()) as { id: string }).id;
}

/** What the stage strip says of a lamp. */
export const lamp = (page: Page, name: string) =>
  page.getByRole('region', { name: 'Stage' }).getByRole('button', { name: new RegExp(`^${name}: `) });

export async function openStage(page: Page, rig: string, stage: string): Promise<void> {
  await page.goto(`/rigs/${rig}/${stage}`);
  await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible();
}
