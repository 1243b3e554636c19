import { lockOf } from '../windowId';
import { Hub } from './hub';
import type { Ask, Told } from './messages';

/** The hub of all windows of this browser. */
const hub = new Hub();

self.addEventListener('connect', (event) => {
  const port = (event as MessageEvent).ports[0] as MessagePort;
  const tell = (told: Told) => port.postMessage(told);
  port.onmessage = ({ data }: MessageEvent<Ask>) => {
    if (data.do === 'wake') return hub.wake();
    const { sitting } = data;
    if (data.do === 'leave') return hub.remove(sitting);
    hub.add(sitting, data.rig, data.seat, {
      up: (stream) => tell({ sitting, up: stream }),
      away: () => tell({ sitting, away: true }),
      said: (json) => tell({ sitting, json }),
    });
    // A window that is gone without a word lets go of its lock.
    if (data.window) void navigator.locks?.request(lockOf(data.window), () => hub.remove(sitting));
  };
});
