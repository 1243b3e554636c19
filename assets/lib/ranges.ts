type Span = { from: number; to: number };

/** The first range that holds the value, as the core decides it. */
export function rangeAt<T extends Span>(ranges: readonly T[], value: number): T | undefined {
  return ranges.find((one) => one.from <= value && value <= one.to);
}

const FLASHING = ['strobe', 'pulse', 'random-strobe'];

export function flashes(range: { function: string }): boolean {
  return FLASHING.includes(range.function);
}

/** Share of a ladder from 0 to 255 at which a value begins. */
export function percentAt(value: number): number {
  return (Math.min(256, Math.max(0, value)) / 256) * 100;
}

/** Screen colours for the usual emitters; any other is drawn as plain light. */
const EMITTER_HEX: Record<string, string> = {
  red: '#e0242c',
  green: '#1c9c46',
  blue: '#2c58e0',
  amber: '#e08a00',
  white: '#e6e2da',
  'warm-white': '#f2d3a2',
  'cool-white': '#dce6f4',
  lime: '#a9cf2f',
  cyan: '#12b5c4',
  uv: '#6a35d8',
};

export function emitterHex(key: string | null | undefined, otherwise?: string | null): string {
  return (key && EMITTER_HEX[key]) || otherwise || '#cfc3ad';
}
