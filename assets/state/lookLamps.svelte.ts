import { answered, api } from '../api/client';
import type { Lamp, Rig } from '../api/types';

/** What every lamp does in every look, as the server works it out; asked again when the rig changes. */
export function lookLamps(rig: () => Rig) {
  let byLook = $state.raw<Readonly<Record<string, readonly Lamp[]>>>({});

  $effect(() => {
    const { id, looks, fixtures, desk } = rig();
    const universe = desk?.universe ?? 1;
    let wanted = true;
    void (async () => {
      for (const look of looks) {
        const slots: Record<string, number> = {};
        for (const cell of look.cells) {
          const fixture = fixtures.find((one) => one.id === cell.fixtureId);
          if (fixture?.universe === universe)
            cell.values.forEach((value, index) => (slots[String(fixture.address + index)] = value));
        }
        const answer = await answered(
          api.POST('/api/rigs/{rig}/live', { params: { path: { rig: id } }, body: { slots } }),
        );
        if (!wanted) return;
        byLook = { ...byLook, [look.id]: answer.lamps };
      }
    })();
    return () => (wanted = false);
  });

  return { of: (lookId: string, fixtureId: string) => byLook[lookId]?.find((one) => one.fixtureId === fixtureId) };
}
