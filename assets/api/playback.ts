import type { components } from './generated/schema';
import type { Lamp } from './types';

type Schemas = components['schemas'];
/** One thing that a hand does at a seat. */
export type Command = Schemas['Command'];
/** Something that is tried: a fader held or blinked, or a walk. */
export type Trial = Schemas['Trial'];
export type Slots = Readonly<Record<string, number>>;

/** Where everything at a seat stands. */
export type Standing = {
  slots: Slots;
  secondRow: Slots;
  master: number;
  blackout: boolean;
  crossA: number;
  crossB: number;
  recalled: string | null;
  trial: Trial | null;
  instead: Slots | null;
};

/** Of a desk that nobody has touched. */
export const AT_REST: Standing = {
  slots: {},
  secondRow: {},
  master: 255,
  blackout: false,
  crossA: 255,
  crossB: 0,
  recalled: null,
  trial: null,
  instead: null,
};

/** A lamp as it goes over the wire: place in the patch, state, cells, pan, tilt, program. */
export type LampRow = [
  place: number,
  state: Lamp['state'],
  cells: [cell: number, hex: string | null, brightness: number, flash: number][],
  pan: number | null,
  tilt: number | null,
  program: string | null,
];

/** One moment at a seat: what differs from the one before, or the whole. */
export type Moment = {
  seat: string;
  n: number;
  lamps: LampRow[];
  standing?: Partial<Standing>;
  sent?: Slots;
  /** Number of the last commands that are in it, by who sent them. */
  taken?: Readonly<Record<string, number>>;
  whole?: true;
  version?: number;
  /** Ids by place, in a whole one. */
  units?: string[];
};

/** What a seat says: a moment, whether it drives the output, or that its rig is gone. */
export type Said = Moment | { seat: string; output: boolean } | { seat: string; gone: true };

export const seatPath = (rig: string, seat: string, act?: string): string =>
  `/play/seats/${rig}/${seat}${act ? `/${act}` : ''}`;

/** Why each dark lamp is dark, by unit, and of which moment that is said; null when nobody answers. */
export async function askWords(path: string): Promise<{ n: number; words: Readonly<Record<string, string>> } | null> {
  try {
    const response = await fetch(path);
    return response.ok ? ((await response.json()) as { n: number; words: Readonly<Record<string, string>> }) : null;
  } catch {
    return null;
  }
}

/** Whether it was taken, was refused for good, or nobody is there to take it now. */
export type Taken = 'taken' | 'refused' | 'no_seat' | 'away';

/** Says something to the playback process. It keeps nothing and asks nothing twice: whoever says it knows what to do then. */
export async function say(path: string, body: unknown): Promise<Taken> {
  try {
    const response = await fetch(path, {
      method: 'POST',
      body: JSON.stringify(body),
      headers: { 'Content-Type': 'application/json' },
      keepalive: path.endsWith('/leave'),
    });
    if (response.ok) return 'taken';
    if (response.status === 404 || response.status === 409) return 'no_seat';
    return response.status >= 500 ? 'away' : 'refused';
  } catch {
    return 'away';
  }
}
