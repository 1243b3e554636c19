import type { Desk, Rig, RigChange } from '../api/types';
import { withUnits } from '../api/findings';

type Laid<T> = { gone?: readonly string[]; at: readonly number[]; put: readonly T[] };

/** What an answer says that differs, laid over the rig that the window has; the rest stays the very same object. */
export function merged(rig: Rig, change: RigChange): Rig {
  const { version, name, types, universes, undo = null, redo = null } = change;
  const walk = change.walk ?? rig.walk;
  const links = change.links ?? rig.links;
  const supports = change.supports ?? rig.supports;
  const holds = change.holds ?? rig.holds;
  const van = change.van ?? rig.van;
  const house = change.house ?? rig.house;
  const power = change.power ?? rig.power;
  const runs = laid(rig.runs, change.runs, (one) => one.id);
  const units = laid(rig.units, change.units, (one) => one.id);
  const looks = laid(rig.looks, change.looks, (one) => one.id);
  // Charts belong to the library: what is said of them comes anew with every answer.
  const ofRig = rig.findings.filter((one) => one.stage !== 'fixtures');
  const put = withUnits(change.findings.put, units);
  const findings = laid(ofRig, { ...change.findings, put }, (one) => one.key);
  const desk = change.desk ? (change.desk.desk ?? null) : withStrips(rig.desk ?? null, change.strips);
  return {
    ...rig,
    version,
    name,
    walk,
    types,
    universes,
    undo,
    redo,
    links,
    supports,
    holds,
    van,
    house,
    power,
    runs,
    units,
    looks,
    findings,
    desk,
  };
}

function laid<T>(list: readonly T[], { gone = [], at, put }: Laid<T>, keyOf: (one: T) => string): T[] {
  const leaving = new Set([...gone, ...put.map(keyOf)]);
  const result = list.filter((one) => !leaving.has(keyOf(one)));
  put.forEach((one, nth) => result.splice(at[nth] ?? result.length, 0, one));
  return result;
}

function withStrips(desk: Desk | null, strips: RigChange['strips']): Desk | null {
  if (!desk || strips.at.length === 0) return desk;
  const all = [...desk.strips];
  strips.put.forEach((one, nth) => (all[strips.at[nth] ?? 0] = one));
  return { ...desk, strips: all };
}
