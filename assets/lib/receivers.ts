import type { Link, Unit } from '../api/types';
import { baseOf } from './words';

/** What listens to a sender: a receiver that several units share, or one of a unit's own. */
export type Receiver = { id: string; name: string; setting: string | null; units: readonly Unit[] };

/** Those of a sender: of their own first, in the order of the patch list, then shared ones with somebody behind them. */
export function receiversOf(link: Link, units: readonly Unit[]): Receiver[] {
  const own = units.filter((one) => one.linkId === link.id && !one.receiverId);
  return [
    ...own.map((one) => ({ id: one.id, name: one.name, setting: one.receiver ?? null, units: [one] })),
    ...link.receivers
      .map((one) => ({
        id: one.id,
        name: one.label,
        setting: one.setting ?? null,
        units: units.filter((unit) => unit.receiverId === one.id),
      }))
      .filter((one) => one.units.length > 0),
  ];
}

/** Units whose channels are given to outputs by hand; one with more channels has the receiver built in. */
export const onOutputs = (link: Link, receiver: Receiver): Unit[] =>
  link.isAssigned ? receiver.units.filter((one) => one.labels.length <= link.outputs) : [];

/** What each output of a receiver drives, by its number: "Green", or "Flame" of several units. */
export function drivenBy(link: Link, receiver: Receiver): Map<number, string> {
  const driven = new Map<number, string>();
  for (const unit of onOutputs(link, receiver))
    unit.labels.forEach((label, nth) => {
      const name = receiver.units.length === 1 ? label : unit.labels.length === 1 ? unit.name : `${unit.name} ${label}`;
      driven.set(unit.outputs?.[nth] ?? nth + 1, name);
    });
  return driven;
}

/** Three units or more that are named alike, by that name with their number. */
export function namedAlike(units: readonly Unit[]): [string, number][] {
  const counts = new Map<string, number>();
  for (const { name } of units) counts.set(baseOf(name), (counts.get(baseOf(name)) ?? 0) + 1);
  return [...counts].filter(([, count]) => count > 2);
}
