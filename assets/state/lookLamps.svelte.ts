import { answered, api } from '../api/client';
import type { Lamp, Rig } from '../api/types';
import { slotsOf } from '../lib/slots';

/** What every lamp does in every look, as the server works it out; asked again when the rig changes. */
export function lookLamps(rig: () => Rig) {
  let byLook = $state.raw<Readonly<Record<string, readonly Lamp[]>>>({});

  $effect(() => {
    const shown = rig();
    let wanted = true;
    void (async () => {
      for (const look of shown.looks) {
        const call = { params: { path: { rig: shown.id } }, body: { slots: slotsOf(look, shown) } };
        const answer = await answered(api.POST('/api/rigs/{rig}/live', call));
        if (!wanted) return;
        byLook = { ...byLook, [look.id]: answer.lamps };
      }
    })().catch(() => (byLook = {})); // The rig is gone; its frame says so.
    return () => (wanted = false);
  });

  return { of: (lookId: string, unitId: string) => byLook[lookId]?.find((one) => one.unitId === unitId) };
}
