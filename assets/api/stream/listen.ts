import { Hub, type SeatListener } from './hub';
import type { Ask, Told } from './messages';

/** Who listens in this window. */
const listeners = new Map<string, SeatListener>();
let shared: SharedWorker | null | undefined;
let own: Hub | undefined;

/**
 * Listens to a seat, together with all other windows of this browser where it can do that, alone where it cannot.
 *
 * @param window its name, for whose lock the others wait; null where it has none
 * @returns ends it
 */
export function listen(
  sitting: string,
  rig: string,
  seat: string,
  window: string | null,
  listener: SeatListener,
): () => void {
  if (typeof EventSource === 'undefined') return () => {};
  const worker = sharedWorker();
  if (!worker) {
    own ??= new Hub();
    own.add(sitting, rig, seat, listener);
    return () => own?.remove(sitting);
  }
  listeners.set(sitting, listener);
  const ask = (asked: Ask) => worker.port.postMessage(asked);
  ask({ do: 'listen', sitting, rig, seat, window });
  return () => {
    listeners.delete(sitting);
    ask({ do: 'leave', sitting });
  };
}

/** Opens the stream before anybody listens: what takes longest is done by then. */
export function wake(): void {
  if (typeof EventSource === 'undefined') return;
  const ask: Ask = { do: 'wake' };
  const worker = sharedWorker();
  if (worker) worker.port.postMessage(ask);
  else (own ??= new Hub()).wake();
}

function sharedWorker(): SharedWorker | null {
  if (shared !== undefined) return shared;
  if (typeof SharedWorker === 'undefined') return (shared = null);
  shared = new SharedWorker(new URL('./worker.ts', import.meta.url), { type: 'module', name: 'rigger' });
  shared.port.onmessage = ({ data }: MessageEvent<Told>) => {
    const listener = listeners.get(data.sitting);
    if (!listener) return;
    if ('json' in data) listener.said(data.json);
    else if ('up' in data) listener.up(data.up);
    else listener.away();
  };
  return shared;
}
