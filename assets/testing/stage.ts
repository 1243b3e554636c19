import { cleanup, render } from '@testing-library/svelte';
import type { Component } from 'svelte';
import { afterEach, beforeEach, vi } from 'vitest';
import type { Change, Finding, Rig } from '../api/types';
import { drafts } from '../state/drafts.svelte';
import { selection } from '../state/selection.svelte';
import answers from './demo.json';
import Stage from './Stage.svelte';

/** What the application answers of the demo, as a test of the application compares it. */
export const demo = answers as unknown as {
  rig: Rig;
  live: unknown;
  lookLamps: unknown;
  types: { types: unknown[] };
  chart: unknown;
  plan: unknown;
  wishes: unknown;
};

type Asked = { method: string; path: string; body: unknown };
type Answers = Record<string, (asked: Asked) => unknown>;

/** Every request that the component made, in their order. */
export const asked: Asked[] = [];
/** The changes that it sent to the door. */
export const changes = (): Change[] =>
  asked
    .filter((one) => one.path.endsWith('/changes') && one.method === 'POST')
    .flatMap((one) => (one.body as { changes: Change[] }).changes);

let answering: Answers = {};

/** Answers by "METHOD /path"; what is not named is answered from the demo. An Error is a refusal in its words. */
export function answer(more: Answers): void {
  answering = { ...answering, ...more };
}

const nothing = { gone: [], at: [], put: [] };

const usual = (rig: Rig): Answers => ({
  [`GET /api/rigs/${rig.id}`]: () => rig,
  [`POST /api/rigs/${rig.id}/live`]: () => demo.live,
  [`GET /api/rigs/${rig.id}/looks/lamps`]: () => demo.lookLamps,
  [`POST /api/rigs/${rig.id}/plan/preview`]: () => demo.plan,
  [`GET /api/rigs/${rig.id}/desk/wishes`]: () => demo.wishes,
  'GET /api/types': () => demo.types,
  [`POST /api/rigs/${rig.id}/changes`]: () => ({
    version: rig.version + 1,
    said: 'Done',
    made: [],
    changed: {
      ...rig,
      base: rig.version,
      version: rig.version + 1,
      desk: null,
      strips: { at: [], put: [] },
      walk: null,
      links: null,
      supports: null,
      holds: null,
      van: null,
      house: null,
      power: null,
      runs: nothing,
      units: nothing,
      looks: nothing,
      findings: { ...nothing, at: rig.findings.map((_, nth) => nth), put: rig.findings },
    },
  }),
});

const said = (problem: Error) => ({
  type: 'invalid',
  title: problem.message,
  status: 422,
  detail: problem.message,
  violations: [{ path: 'changes[0]', code: 'refused', message: problem.message }],
});

/** The demo's rig, otherwise in these members. */
export const rigWith = (other: Partial<Rig>): Rig => ({ ...structuredClone(demo.rig), ...other });

export const unit = (name: string, rig: Rig = demo.rig) => {
  const found = rig.units.find((one) => one.name === name);
  if (!found) throw new Error(`Nobody is called ${name}.`);
  return found;
};

export const finding = (code: string, rig: Rig = demo.rig): Finding => {
  const found = rig.findings.find((one) => one.code === code);
  if (!found) throw new Error(`Nothing is said of ${code}.`);
  return found;
};

/** Renders a component of a stage. `with` makes props of the session, the faders and the bench around it. */
// eslint-disable-next-line @typescript-eslint/no-explicit-any -- whatever is being tested
export function show(component: Component<any>, props: Record<string, unknown> = {}, rig: Rig = demo.rig) {
  answering = { ...usual(rig), ...answering };
  return render(Stage, { props: { component, props, rig } });
}

/** In a file of component tests: nothing is left of one for the next. */
export function eachAlone(): void {
  beforeEach(() => {
    asked.length = 0;
    answering = {};
    Object.assign(selection, { unit: null, look: null, chart: null, group: null, universe: null, arrangement: 'desk' });
    vi.stubGlobal('fetch', async (input: Request | string, init?: RequestInit) => {
      const request = input instanceof Request ? input : new Request(new URL(input, location.origin), init);
      const path = new URL(request.url).pathname;
      const text = request.method === 'GET' ? '' : await request.clone().text();
      const one: Asked = { method: request.method, path, body: text === '' ? null : JSON.parse(text) };
      asked.push(one);
      const made = answering[`${one.method} ${path}`];
      if (!made) return new Response(JSON.stringify(said(new Error(`No answer to ${path}`))), { status: 404 });
      const given = made(one);
      return given instanceof Error
        ? new Response(JSON.stringify(said(given)), { status: 422 })
        : new Response(JSON.stringify(given), { status: 200, headers: { 'Content-Type': 'application/json' } });
    });
  });
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
    localStorage.clear();
    for (const one of drafts.list) drafts.drop(one.key);
  });
}
