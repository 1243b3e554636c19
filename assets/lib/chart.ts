import type { Chart, ChartChannel, ChartEmitter, ChartMode, ChartRange } from '../api/chart';

/** Edits of a chart: each gives a new one and leaves the old as it was. */

export function withMode(chart: Chart, key: string, edit: (mode: ChartMode) => ChartMode): Chart {
  return { ...chart, modes: chart.modes.map((one) => (one.key === key ? edit(one) : one)) };
}

export function withChannel(
  chart: Chart,
  modeKey: string,
  offset: number,
  edit: (channel: ChartChannel) => ChartChannel,
): Chart {
  return withMode(chart, modeKey, (mode) => ({
    ...mode,
    channels: mode.channels.map((one) => (one.offset === offset ? edit(one) : one)),
  }));
}

/** A key for a new mode: the first word of its name, made different from the others. */
export function modeKey(chart: Chart, name: string): string {
  const base =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'mode';
  let key = base;
  for (let nth = 2; chart.modes.some((one) => one.key === key); nth += 1) key = `${base}-${nth}`;
  return key;
}

export function addMode(chart: Chart, name: string, count: number, display: string, setup: string): Chart {
  const mode: ChartMode = {
    key: modeKey(chart, name),
    name,
    count,
    ...(display ? { display } : {}),
    ...(setup ? { setup } : {}),
    channels: [],
  };
  return { ...chart, modes: [...chart.modes, mode] };
}

export function removeMode(chart: Chart, key: string): Chart {
  return { ...chart, modes: chart.modes.filter((one) => one.key !== key) };
}

export function addChannel(chart: Chart, modeKey: string, label: string): Chart {
  return withMode(chart, modeKey, (mode) => ({
    ...mode,
    channels: [
      ...mode.channels,
      { offset: mode.channels.length + 1, label, cell: null, fineOf: null, default: 0, ranges: [] },
    ],
  }));
}

/** The channels after it move up, and fine channels keep the coarse one they belong to. */
export function removeChannel(chart: Chart, modeKey: string, offset: number): Chart {
  return withMode(chart, modeKey, (mode) =>
    renumbered(
      mode,
      mode.channels.filter((one) => one.offset !== offset),
    ),
  );
}

export function moveChannel(chart: Chart, modeKey: string, offset: number, by: 1 | -1): Chart {
  return withMode(chart, modeKey, (mode) => {
    const at = mode.channels.findIndex((one) => one.offset === offset);
    const order = [...mode.channels];
    const [moved] = order.splice(at, 1);
    if (!moved || at + by < 0 || at + by > order.length) return mode;
    order.splice(at + by, 0, moved);
    return renumbered(mode, order);
  });
}

/** A typed range takes the place of the one it was opened from, or of one with the same values; else it joins them in order. */
export function putRange(chart: Chart, modeKey: string, offset: number, range: ChartRange, at: number | null): Chart {
  return withChannel(chart, modeKey, offset, (channel) => {
    const place = at ?? channel.ranges.findIndex((one) => one.from === range.from && one.to === range.to);
    const ranges =
      place >= 0 && place < channel.ranges.length
        ? channel.ranges.map((one, index) => (index === place ? range : one))
        : [...channel.ranges, range];
    return { ...channel, ranges: ranges.toSorted((one, other) => one.from - other.from) };
  });
}

export function removeRange(chart: Chart, modeKey: string, offset: number, at: number): Chart {
  return withChannel(chart, modeKey, offset, (channel) => ({
    ...channel,
    ranges: channel.ranges.filter((_, index) => index !== at),
  }));
}

export function addEmitter(chart: Chart, emitter: ChartEmitter): Chart {
  return { ...chart, emitters: [...(chart.emitters ?? []).filter((one) => one.key !== emitter.key), emitter] };
}

export function removeEmitter(chart: Chart, key: string): Chart {
  const { emitters = [], ...rest } = chart;
  const left = emitters.filter((one) => one.key !== key);
  return left.length ? { ...rest, emitters: left } : rest;
}

function renumbered(mode: ChartMode, order: ChartChannel[]): ChartMode {
  const moved = new Map(order.map((one, index) => [one.offset, index + 1]));
  return {
    ...mode,
    channels: order.map((one, index) => ({
      ...one,
      offset: index + 1,
      fineOf: one.fineOf === null ? null : (moved.get(one.fineOf) ?? one.fineOf),
    })),
  };
}
