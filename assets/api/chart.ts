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
  unit?: UnitSetting;
  record?: ChartRecord;
  modes: ChartMode[];
};
export type Legend = { sign: string; meaning: string };
export type UnitSetting = {
  buttons?: string[];
  letters?: Legend[];
  save?: 'enter' | 'hold' | 'wait' | 'at-once';
  saveSeconds?: number;
  revertsAfter?: number;
  remote?: string;
  byItself?: string;
  leader?: string;
  follower?: string;
  tenthSwitch?: string;
  lamps?: Legend[];
  curveByLevel?: string;
  powerOn?: string;
  /** How its address is stepped. */
  keys?: 'up' | 'up-down' | 'digits';
  /** The address after which it begins again at 1. */
  keysTop?: number;
};
export type FaderNote = { value: number; what: string };
export type ChartRecord = {
  accepted?: {
    code: string;
    mode: string;
    channel: number | null;
    from: number | null;
    to: number | null;
    note: string;
  }[];
  observed?: { mode: string; channel: number; notes: FaderNote[] }[];
  untried?: { mode: string; channel: number }[];
};
/** An edit as the server takes it. */
export type ChartEdit = { op: string; [member: string]: unknown };
/** What `chart.read` answers. */
export type Reading = {
  modes: { name: string; count: number; channels: ChartChannel[] }[];
  emitters: string[];
  remarks: { line: number; code: string; message: string }[];
};
export type ChartAnswer = { id: string; revision: number; isUsed: boolean; chart: Chart; lines: string[][][] };

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
