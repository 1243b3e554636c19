import type { Unit } from '../api/types';

/** What a unit needs to be laid on the tape: one that hangs, or one that would. */
export type Laid = Pick<Unit, 'id' | 'name' | 'universe' | 'address' | 'last' | 'twinOf' | 'tape'>;

/** A piece of tape on one row of a universe: a unit, or twins together. */
export type TapePiece = {
  ids: string[];
  name: string;
  roll: string;
  /** First and last place in the row, from 0. */
  from: number;
  to: number;
  /** It goes on in the next row, or comes from the one before. */
  goesOn: boolean;
  comesOn: boolean;
  clash: boolean;
  spills: boolean;
};

/** Slots of a row that somebody else plays. */
export type HeldPiece = { id: string; name: string; from: number; to: number };

export type TapeRow = { label: string; start: number; width: number; pieces: TapePiece[]; held: HeldPiece[] };

type Marks = { clash: Set<string>; spills: Set<string> };

/** Cuts the units of a universe into the rows in which they are drawn; twins share one piece. */
export function tapeRows(
  units: readonly Laid[],
  universe: number,
  starts: readonly { label: string; start: number; width: number }[],
  marks: Marks,
  holds: readonly { id: string; name: string; universe: number; from: number; to: number }[] = [],
): TapeRow[] {
  const here = units.filter((one) => one.universe === universe);
  return starts.map(({ label, start, width }) => {
    const end = start + width - 1;
    const pieces: TapePiece[] = [];
    for (const unit of here) {
      const last = Math.min(unit.last, 512);
      if (unit.address > end || last < start) continue;
      const twin = pieces.find((one) => unit.twinOf && one.ids.includes(unit.twinOf));
      if (twin) {
        twin.ids.push(unit.id);
        twin.name = joined(twin.name, unit.name);
        continue;
      }
      pieces.push({
        ids: [unit.id],
        name: unit.name,
        roll: unit.tape,
        from: Math.max(unit.address, start) - start,
        to: Math.min(last, end) - start,
        goesOn: last > end,
        comesOn: unit.address < start,
        clash: marks.clash.has(unit.id),
        spills: marks.spills.has(unit.id),
      });
    }
    const held = holds
      .filter((one) => one.universe === universe && one.from <= end && one.to >= start)
      .map((one) => ({
        id: one.id,
        name: one.name,
        from: Math.max(one.from, start) - start,
        to: Math.min(one.to, end) - start,
      }));
    return { label, start, width, pieces, held };
  });
}

/** "Drum 1" and "Drum 2" are "Drum 1 + 2" on one piece of tape. */
export function joined(first: string, second: string): string {
  const stem = /^(.*\s)\d+$/.exec(second)?.[1];
  return stem && first.startsWith(stem) ? `${first} + ${second.slice(stem.length)}` : `${first} + ${second}`;
}
