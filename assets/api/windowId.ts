const KEY = 'rigger.window';
const lockName = (id: string) => `rigger.window.${id}`;

/**
 * Names this window, the same after a reload. A window holds a lock of its name for as long as it lives, so that others can tell
 * whether what it left behind is anybody's.
 */
export async function claimWindow(): Promise<string> {
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
      void navigator.locks.request(lockName(id), { ifAvailable: true }, (lock) => {
        done(lock !== null);
        return lock === null ? undefined : new Promise<void>(() => {});
      });
    });
    if (isHeld) return true;
    await new Promise((done) => setTimeout(done, 50));
  }
  return false;
}
