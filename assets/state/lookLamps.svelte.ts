import { answered, api } from '../api/client';
import type { Lamp, Rig } from '../api/types';

/** What every lamp does in every look, as the server works it out; asked again when the rig changes. */
export function lookLamps(rig: () => Rig) {
  let byLook = $state.raw<Readonly<Record<string, Readonly<Record<string, Lamp>>>>>({});

  $effect(() => {
    const { id, version } = rig();
    let wanted = true;
    void (async () => {
      const answer = await answered(api.GET('/api/rigs/{rig}/looks/lamps', { params: { path: { rig: id } } }));
      if (!wanted || answer.version < version) return;
      const byUnit = (lamps: readonly Lamp[]) => Object.fromEntries(lamps.map((one) => [one.unitId, one]));
      byLook = Object.fromEntries(answer.looks.map((one) => [one.lookId, byUnit(one.lamps)]));
    })().catch(() => (byLook = {})); // The rig is gone; its frame says so.
    return () => (wanted = false);
  });

  return { of: (lookId: string, unitId: string): Lamp | undefined => byLook[lookId]?.[unitId] };
}
