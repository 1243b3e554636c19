import type { QueryClient } from '@tanstack/svelte-query';
import { answered, api } from '../api/client';
import { ApiError, wordsOf } from '../api/errors';
import { keys } from '../api/queries';
import type { DeskCheck } from '../api/types';
import { drafts } from './drafts.svelte';
import type { RigSession } from './rig.svelte';

export type LayoutKey = 'buttons' | 'flat' | 'preset' | 'zones';
type Document = Record<string, unknown>;
const DRAFT = 'describe-desk';

/** Numbers that an operator counts or measures; they are kept as typed until the description is sent. */
const NUMBERS = [
  'universe',
  'first',
  'buttons',
  'stride',
  'faders',
  'pages',
  'banks',
  'scenesPerBank',
  'chases',
  'stepsPerChase',
  'pitch',
  'buttonPitch',
  'scenePitch',
  'tapeHeight',
  'fadeFrom',
  'fadeTo',
  'holdFrom',
  'holdTo',
] as const;
export type NumberField = (typeof NUMBERS)[number];

/** Which questions a kind of desk does not ask. */
const NOT_ASKED: Record<LayoutKey, readonly string[]> = {
  buttons: ['wide'],
  flat: ['buttons', 'stride', 'buttonPitch', 'wide'],
  preset: ['buttons', 'stride', 'pages', 'buttonPitch'],
  zones: ['pages', 'wide'],
};

/** A description of a desk while it is answered: checked with every answer, kept when it holds together. */
export class Describing {
  readonly #client: QueryClient;
  readonly #session: RigSession;
  name = $state('');
  layout = $state<LayoutKey>('buttons');
  typed = $state<Record<NumberField, string>>(blank());
  wide = $state(false);
  master = $state<'' | 'all' | 'dimmers' | 'none'>('');
  afterProgram = $state<'' | 'faders' | 'dark' | 'scene' | 'chase'>('');
  radio = $state<'' | 'yes' | 'no'>('');
  /** Names of keys by key; blank ones are called as usual. */
  keyNames = $state<Record<string, string>>({});
  pageNames = $state('');
  /** How a scene is stored, a line a step. */
  store = $state('');
  check = $state.raw<DeskCheck | null>(null);
  problem = $state<string | null>(null);
  #turn = 0;
  /** What it began with, to tell whether anything was answered since. */
  #begun = '';

  constructor(client: QueryClient, session: RigSession) {
    this.#client = client;
    this.#session = session;
    this.startBlank();
  }

  startBlank(): void {
    this.#read({ name: '', layout: 'buttons', universe: 1, first: 1 });
  }

  /** Begins with a description from the shelf. */
  async startFrom(deskId: string, name?: string): Promise<void> {
    try {
      const call = api.GET('/api/desks/{id}/export', { params: { path: { id: deskId } } });
      const document = (await answered(call)) as unknown as Document;
      this.#read(name === undefined ? document : { ...document, name });
    } catch (error) {
      this.problem = wordsOf(error);
    }
  }

  asks(field: string): boolean {
    return !NOT_ASKED[this.layout].includes(field);
  }

  get wrong() {
    return (this.check?.problems ?? []).filter((one) => one.code !== 'missing');
  }

  /** What is still to be answered. */
  get open() {
    return (this.check?.problems ?? []).filter((one) => one.code === 'missing');
  }

  /** What is wrong with a field, in words. */
  at(...paths: string[]): string | null {
    return (
      // What is only not answered yet is no fault: a new form begins calm.
      this.wrong.find((one) => paths.some((path) => one.path === path || one.path.startsWith(`${path}[`)))?.message ??
      null
    );
  }

  get document(): Document {
    const number = (field: NumberField): Document => {
      const text = this.typed[field].trim().replace(',', '.');
      // What is no number is sent as it is, and told at its field.
      return text === '' || !this.asks(field) ? {} : { [field]: Number.isNaN(Number(text)) ? text : Number(text) };
    };
    const pair = (name: string, from: NumberField, to: NumberField): Document => {
      const ends = [number(from)[from], number(to)[to]];
      return ends.every((one) => one === undefined) ? {} : { [name]: ends.map((one) => one ?? 0) };
    };
    const single = NUMBERS.filter((one) => !/From$|To$/.test(one));
    const names = Object.fromEntries(Object.entries(this.keyNames).filter(([, one]) => one.trim() !== ''));
    const pages = this.pageNames
      .split(',')
      .map((one) => one.trim())
      .filter((one) => one !== '');
    const keyNames = { ...names, ...(pages.length && this.asks('pages') ? { pages } : {}) };
    const lines = this.store
      .split('\n')
      .map((one) => one.trim())
      .filter((one) => one !== '');
    return {
      format: 'rigger-desk',
      version: 1,
      name: this.name,
      layout: this.layout,
      ...Object.assign({}, ...single.map(number)),
      ...(this.asks('wide') && this.wide ? { wide: true } : {}),
      ...pair('fade', 'fadeFrom', 'fadeTo'),
      ...pair('hold', 'holdFrom', 'holdTo'),
      ...(this.master ? { master: this.master } : {}),
      ...(Object.keys(keyNames).length ? { keys: keyNames } : {}),
      ...(lines.length ? { store: lines } : {}),
      ...(this.afterProgram ? { afterProgram: this.afterProgram } : {}),
      ...(this.radio ? { radio: this.radio === 'yes' } : {}),
    };
  }

  async ask(): Promise<void> {
    const turn = ++this.#turn;
    try {
      const check = await answered(api.POST('/api/desks/check', { body: this.document as Record<string, never> }));
      if (turn === this.#turn) [this.check, this.problem] = [check, null];
    } catch (error) {
      if (turn === this.#turn) this.problem = wordsOf(error);
    }
  }

  /** A description of before, that was not kept on the shelf. */
  get unkept(): string | null {
    const name = (JSON.parse(drafts.text(DRAFT) ?? '{}') as { name?: string }).name;
    return name === undefined || drafts.text(DRAFT) === JSON.stringify(this.document) ? null : name;
  }

  /** Keeps the answers in this browser as they are given. */
  keepDraft(): void {
    const now = JSON.stringify(this.document);
    if (now !== this.#begun) drafts.keep(DRAFT, now, 'A description of a desk', this.name || 'a desk without a name');
  }

  goOn(): void {
    this.#read(JSON.parse(drafts.text(DRAFT) ?? '{}') as Document);
  }

  letGo(): void {
    drafts.drop(DRAFT);
  }

  /** Keeps it on the shelf, and plays this rig on it where that is wanted. */
  async keep(isPlayed: boolean): Promise<boolean> {
    try {
      const kept = await answered(api.POST('/api/desks', { body: this.document as Record<string, never> }));
      this.letGo();
      await this.#client.invalidateQueries({ queryKey: keys.desks });
      this.problem = null;
      if (!isPlayed) return true;
      const problem = await this.#session.change({ do: 'choose-desk', desk: kept.id });
      return problem === null;
    } catch (error) {
      this.problem = error instanceof ApiError ? error.message : wordsOf(error);
      return false;
    }
  }

  #read(document: Document): void {
    const ends = (name: string) => (Array.isArray(document[name]) ? (document[name] as number[]) : []);
    const [fadeFrom, fadeTo] = ends('fade');
    const [holdFrom, holdTo] = ends('hold');
    const flat: Document = { ...document, fadeFrom, fadeTo, holdFrom, holdTo };
    const names = (document.keys ?? {}) as Record<string, unknown>;
    this.name = String(document.name ?? '');
    this.layout = document.layout as LayoutKey;
    this.typed = Object.fromEntries(
      NUMBERS.map((one) => [one, flat[one] === undefined ? '' : String(flat[one])]),
    ) as Record<NumberField, string>;
    this.wide = document.wide === true;
    this.master = (document.master ?? '') as typeof this.master;
    this.afterProgram = (document.afterProgram ?? '') as typeof this.afterProgram;
    this.radio = document.radio === undefined ? '' : document.radio ? 'yes' : 'no';
    this.pageNames = Array.isArray(names.pages) ? (names.pages as string[]).join(', ') : '';
    this.keyNames = Object.fromEntries(
      Object.entries(names).filter((one): one is [string, string] => typeof one[1] === 'string'),
    );
    this.store = ((document.store ?? []) as string[]).join('\n');
    this.#begun = JSON.stringify(this.document);
  }
}

function blank(): Record<NumberField, string> {
  return Object.fromEntries(NUMBERS.map((one) => [one, ''])) as Record<NumberField, string>;
}
