/** The open format `rigger-fixture`, version 1, as far as the interface handles it. */
export type ChartRange = {
  from: number;
  to: number;
  label: string;
  function: string;
  start?: number | null;
  end?: number | null;
  emitter?: string;
  hex?: string | null;
  slot?: number;
};
export type ChartChannel = {
  offset: number;
  label: string;
  cell: number | null;
  fineOf: number | null;
  default: number;
  ranges: ChartRange[];
};
export type ChartMode = {
  key: string;
  name: string;
  count: number;
  display?: string;
  setup?: string;
  channels: ChartChannel[];
};
export type ChartEmitter = { key: string; x: number; y: number; flux: number; typical?: boolean };
export type Chart = {
  format: 'rigger-fixture';
  version: 1;
  maker: string;
  model: string;
  kind: string;
  watts?: number;
  emitters?: ChartEmitter[];
  movement?: { pan?: number; tilt?: number };
  switches?: { count: number; base: number };
  modes: ChartMode[];
};
export type ChartAnswer = { id: string; revision: number; isUsed: boolean; chart: Chart; lines: string[][][] };

export type ChartFinding = {
  code: string;
  severity: 'error' | 'warning' | 'caution' | 'note';
  mode: string;
  channel: number | null;
  from: number | null;
  to: number | null;
  message: string;
};

/** What `light.evaluate` answers. */
export type Evaluation = {
  cells: {
    cell: number;
    intensity: number;
    x: number | null;
    y: number | null;
    hex: string | null;
    brightness: number;
    flash: number;
    dark: { channel: number | null; value: number | null; reason: string; message: string }[];
  }[];
  pan: number | null;
  tilt: number | null;
  active: { channel: number; range: number | null }[];
  selfRunning: string | null;
};
