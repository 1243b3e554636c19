import { expect, type APIRequestContext, type Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';

/** What a browser says of a request from Rigger's own page. */
export const OWN_PAGE = { 'Sec-Fetch-Site': 'same-origin' };

/** A fresh copy of the demo rig, brought in through the importer. */
export async function demoRig(request: APIRequestContext): Promise<string> {
  const document = readFileSync('demo/rigs/the-tidekeeper.json', 'utf8');
  const answer = await request.post('/api/import', {
    data: document,
    headers: { 'Content-Type': 'application/json', ...OWN_PAGE },
  });
  expect(answer.ok()).toBe(true);
  return ((await answer.json()) as { id: string }).id;
}

/** The processes of this Rigger, taken down and up again as its own watchers do. */
export function service(name: string, what: 'down' | 'up'): void {
  execFileSync('sv', ['-w', '30', what, `${process.env.RIGGER_DATA}/run/services/${name}`]);
}

/** Ends a process outright; its watcher starts it again by itself. */
export function kill(name: string): void {
  execFileSync('sv', ['kill', `${process.env.RIGGER_DATA}/run/services/${name}`]);
}

/** What the stage strip says of a lamp. */
export const lamp = (page: Page, name: string) =>
  page.getByRole('region', { name: 'Stage' }).getByRole('button', { name: new RegExp(`^${name}: `) });

export async function openStage(page: Page, rig: string, stage: string): Promise<void> {
  await page.goto(`/rigs/${rig}/${stage}`);
  await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible();
}
