import type { QueryClient } from '@tanstack/svelte-query';
import { answered, api } from '../api/client';
import { wordsOf } from '../api/errors';
import { keys } from '../api/queries';
import type { KitCheck } from '../api/types';
import { drafts } from './drafts.svelte';

type Document = Record<string, unknown>;
type Act = { how: 'none' | 'presses' | 'hold'; button: string; count: string; within: string };
/** One row of a lamp: which state, its colour, and its pattern of tenths of a second. */
export type LampRow = { state: string; colour: string; pattern: string };
const DRAFT = 'describe-kit';
export const SENDER_STATES = ['linked', 'alone', 'pairing'] as const;
export const RECEIVER_STATES = ['linked', 'searching', 'pairing', 'cleared', 'low-battery'] as const;

/** "Alder, Birch" or "1-6": what a part can be. */
export function valuesOf(text: string): string[] {
  return text
    .split(/[,\n]/)
    .map((one) => one.trim())
    .filter((one) => one !== '')
    .flatMap((one) => {
      const run = /^(\d{1,3})\s*[-–]\s*(\d{1,3})$/.exec(one);
      const [from, to] = [Number(run?.[1]), Number(run?.[2])];
      return run && from <= to && to - from < 64
        ? Array.from({ length: to - from + 1 }, (_, nth) => String(from + nth))
        : [one];
    });
}

/** A description of a radio kit while it is answered: checked with every answer, kept when it holds together. */
export class DescribingKit {
  readonly #client: QueryClient;
  name = $state('');
  parts = $state<{ label: string; values: string; sender: string; receiver: string }[]>([]);
  joint = $state('-');
  /** Buttons of a receiver that step nothing. */
  others = $state('');
  senderLamps = $state<LampRow[]>([]);
  receiverLamps = $state<LampRow[]>([]);
  pair = $state<Act>(act(null));
  clear = $state<Act>(act(null));
  handsOff = $state('');
  outputs = $state('');
  assign = $state('');
  /** A line a curve: "0-127 linear". */
  curves = $state('');
  alone = $state('dark');
  power = $state('');
  gains = $state('');
  sensitivity = $state('');
  /** Index of the part with frequencies of its own; empty where all share the band. */
  airPart = $state('');
  mhz = $state('');
  width = $state('');
  note = $state('');
  check = $state.raw<KitCheck | null>(null);
  problem = $state<string | null>(null);
  #turn = 0;
  #begun = '';

  constructor(client: QueryClient) {
    this.#client = client;
    this.startBlank();
  }

  startBlank(): void {
    this.#read({ name: '', parts: [{ label: 'name', values: [] }] });
  }

  async startFrom(id: string, name?: string): Promise<void> {
    try {
      const document = (await answered(
        api.GET('/api/kits/{id}/export', { params: { path: { id } } }),
      )) as unknown as Document;
      this.#read(name === undefined ? document : { ...document, name });
    } catch (error) {
      this.problem = wordsOf(error);
    }
  }

  addPart(): void {
    this.parts = [...this.parts, { label: '', values: '', sender: '', receiver: '' }];
  }

  removePart(nth: number): void {
    this.parts = this.parts.filter((_, one) => one !== nth);
  }

  get wrong() {
    return (this.check?.problems ?? []).filter((one) => one.code !== 'missing');
  }

  at(...paths: string[]): string | null {
    const found = this.wrong.find((one) =>
      paths.some((path) => one.path === path || one.path.startsWith(`${path}.`) || one.path.startsWith(`${path}[`)),
    );
    return found?.message ?? null;
  }

  get document(): Document {
    const buttons = (of: 'sender' | 'receiver') => {
      const labels = this.parts.map((part) => part[of].trim());
      return labels.flatMap((label, steps) => (label === '' ? [] : [{ label, steps }]));
    };
    const lamps = (rows: readonly LampRow[]) =>
      rows
        .filter((row) => row.colour.trim() !== '' && row.pattern !== '')
        .map((row) => ({ ...row, colour: row.colour.trim() }));
    const others = valuesOf(this.others).map((label) => ({ label, steps: null }));
    const air = {
      powerDbm: number(this.power) ?? null,
      gains:
        this.gains.trim() === ''
          ? [0, 0]
          : this.gains
              .split(/[;,\s]+/)
              .filter(Boolean)
              .map((one) => number(one)),
      sensitivityDbm: number(this.sensitivity) ?? null,
      part: this.airPart === '' ? null : Number(this.airPart),
      mhz:
        this.airPart === ''
          ? []
          : this.mhz
              .split(/[;,\s]+/)
              .filter(Boolean)
              .map((one) => number(one)),
      width: number(this.width) ?? 5,
    };
    const hasAir = this.power.trim() !== '' || this.sensitivity.trim() !== '' || this.airPart !== '';
    return {
      format: 'rigger-kit',
      version: 1,
      name: this.name,
      parts: this.parts.map((part) => ({ label: part.label, values: valuesOf(part.values) })),
      joint: this.joint,
      sender: { buttons: buttons('sender'), lamps: lamps(this.senderLamps) },
      receiver: { buttons: [...others, ...buttons('receiver')], lamps: lamps(this.receiverLamps) },
      pair: written(this.pair),
      clear: written(this.clear),
      handsOff: number(this.handsOff) ?? 0,
      outputs: number(this.outputs) ?? 0,
      assign: number(this.assign) ?? null,
      curves: this.curves
        .split('\n')
        .map((line) => /^\s*(\d+)\s*[-–]\s*(\d+)\s+(.+?)\s*$/.exec(line))
        .flatMap((found) => (found ? [{ from: Number(found[1]), to: Number(found[2]), curve: found[3] ?? '' }] : [])),
      alone: this.alone,
      air: hasAir ? air : null,
      note: this.note.trim() === '' ? null : this.note.trim(),
    };
  }

  /** Lines of curves that say no levels. */
  get unread(): string[] {
    return this.curves.split('\n').filter((line) => line.trim() !== '' && !/^\s*\d+\s*[-–]\s*\d+\s+\S/.test(line));
  }

  async ask(): Promise<void> {
    const turn = ++this.#turn;
    try {
      const check = await answered(api.POST('/api/kits/check', { body: this.document as Record<string, never> }));
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

  keepDraft(): void {
    const now = JSON.stringify(this.document);
    if (now !== this.#begun)
      drafts.keep(DRAFT, now, 'A description of a radio kit', this.name || 'a kit without a name');
  }

  goOn(): void {
    this.#read(JSON.parse(drafts.text(DRAFT) ?? '{}') as Document);
  }

  letGo(): void {
    drafts.drop(DRAFT);
  }

  async keep(): Promise<boolean> {
    try {
      await answered(api.POST('/api/kits', { body: this.document as Record<string, never> }));
      this.letGo();
      this.#begun = JSON.stringify(this.document);
      await this.#client.invalidateQueries({ queryKey: keys.kits });
      this.problem = null;
      return true;
    } catch (error) {
      this.problem = wordsOf(error);
      return false;
    }
  }

  #read(document: Document): void {
    const list = (value: unknown) => (Array.isArray(value) ? (value as Document[]) : []);
    const text = (value: unknown) => (value === null || value === undefined ? '' : String(value));
    const device = (of: string) => (document[of] ?? {}) as Document;
    const buttons = (of: string) => list(device(of).buttons);
    const stepper = (of: string, part: number) => text(buttons(of).find((one) => one.steps === part)?.label);
    const rows = (of: string, states: readonly string[]) =>
      states.map((state) => {
        const lamp = list(device(of).lamps).find((one) => one.state === state);
        return { state, colour: text(lamp?.colour), pattern: text(lamp?.pattern) || '1' };
      });
    const air = (document.air ?? {}) as Document;
    this.name = text(document.name);
    this.parts = list(document.parts).map((part, nth) => ({
      label: text(part.label),
      values: (part.values as string[]).join(', '),
      sender: stepper('sender', nth),
      receiver: stepper('receiver', nth),
    }));
    this.joint = text(document.joint ?? '-');
    this.others = buttons('receiver')
      .filter((one) => one.steps === null || one.steps === undefined)
      .map((one) => text(one.label))
      .join(', ');
    this.senderLamps = rows('sender', SENDER_STATES);
    this.receiverLamps = rows('receiver', RECEIVER_STATES);
    this.pair = act(document.pair as Document | null);
    this.clear = act(document.clear as Document | null);
    this.handsOff = document.handsOff ? text(document.handsOff) : '';
    this.outputs = document.outputs ? text(document.outputs) : '';
    this.assign = text(document.assign);
    this.curves = list(document.curves)
      .map((one) => `${text(one.from)}-${text(one.to)} ${text(one.curve)}`)
      .join('\n');
    this.alone = text(document.alone ?? 'dark');
    this.power = text(air.powerDbm);
    this.gains = Array.isArray(air.gains) ? air.gains.join(', ') : '';
    this.sensitivity = text(air.sensitivityDbm);
    this.airPart = text(air.part);
    this.mhz = Array.isArray(air.mhz) ? air.mhz.join(', ') : '';
    this.width = text(air.width);
    this.note = text(document.note);
    this.#begun = JSON.stringify(this.document);
  }
}

/** A number, or what was typed as it is, which is told at its field; nothing where nothing was typed. */
function number(text: string): number | string | undefined {
  const plain = text.trim().replace(',', '.');
  if (plain === '') return undefined;
  return Number.isNaN(Number(plain)) ? text : Number(plain);
}

function act(document: Document | null | undefined): Act {
  if (!document) return { how: 'none', button: '', count: '', within: '' };
  const how = document.hold !== undefined ? 'hold' : 'presses';
  const within = document.within === null || document.within === undefined ? '' : String(document.within);
  return { how, button: String(document.button), count: String(document[how]), within };
}

function written({ how, button, count, within }: Act): Document | null {
  if (how === 'none') return null;
  const time = number(within);
  return { button, [how]: number(count) ?? 0, ...(time === undefined ? {} : { within: time }) };
}
