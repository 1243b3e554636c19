const KEY = 'rigger.window';
/** The lock that a window holds for as long as it lives. */
export const lockOf = (id: string): string => `rigger.window.${id}`;

let claimed: Promise<string> | undefined;

/**
 * Names this window, the same after a reload, and the same for everybody who asks in it. A window holds a lock of its name for as long as it lives, so that others can tell
 * whether what it left behind is anybody's.
 */
export function claimWindow(): Promise<string> {
  return (claimed ??= claim());
}

async function claim(): Promise<string> {
  const before = sessionStorage.getItem(KEY);
  const id = before && (await hold(before)) ? before : crypto.randomUUID();
  if (id !== before) await hold(id);
  sessionStorage.setItem(KEY, id);
  return id;
}

/** Names of the windows of this browser that are open now. */
export async function liveWindows(): Promise<Set<string>> {
  const { held } = await navigator.locks.query();
  return new Set((held ?? []).map((one) => (one.name ?? '').replace('rigger.window.', '')));
}

/** @returns whether the name was free; then it is held until the window goes. A reload frees it in a moment. */
async function hold(id: string): Promise<boolean> {
  for (let turn = 0; turn < 10; turn++) {
    const isHeld = await new Promise<boolean>((done) => {
      void navigator.locks.request(lockOf(id), { ifAvailable: true }, (lock) => {
        done(lock !== null);
        return lock === null ? undefined : new Promise<void>(() => {});
      });
    });
    if (isHeld) return true;
    await new Promise((done) => setTimeout(done, 50));
  }
  return false;
}
