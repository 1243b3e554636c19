/** Colours that people say in a dark room. A palette of one's own may say more. */
const WORDS: Readonly<Record<string, string>> = {
  red: '#ff0000',
  orange: '#ff7a00',
  amber: '#ff9a00',
  yellow: '#ffe000',
  lime: '#a8ff00',
  green: '#00ff00',
  turquoise: '#00ffb0',
  cyan: '#00e0ff',
  sky: '#70c8ff',
  blue: '#0030ff',
  indigo: '#4000ff',
  violet: '#8000ff',
  lavender: '#b090ff',
  magenta: '#ff00c0',
  pink: '#ff70b0',
  rose: '#ff3070',
};

export type SaidColour = { hex: string } | { kelvin: number } | { x: number; y: number };

/** "amber", "#ff8600", "3200 K", "white", "0.31, 0.33"; null where that is no colour. */
export function saidColour(text: string): SaidColour | null {
  const said = text.trim().toLowerCase();
  if (said === 'white') return { kelvin: 6000 };
  const word = WORDS[said];
  if (word) return { hex: word };
  if (/^#?[0-9a-f]{6}$/.test(said)) return { hex: said.startsWith('#') ? said : `#${said}` };
  const kelvin = /^(\d{4,5})\s*k?$/.exec(said);
  if (kelvin) return { kelvin: Number(kelvin[1]) };
  const xy = /^(?:x\s*)?(0?\.\d+)\s*[,;\s]\s*(?:y\s*)?(0?\.\d+)$/.exec(said);
  return xy ? { x: Number(xy[1]), y: Number(xy[2]) } : null;
}

/** How far off a colour is, in words: steps of 0.004 are hardly seen side by side. */
export function farOff(deltaUv: number): string {
  if (deltaUv <= 0.004) return 'the same';
  return deltaUv <= 0.02 ? 'seen side by side' : 'plainly another colour';
}

/** "80", "80 %", "full", "half" as 0 to 1; null where that is no level. */
export function saidLevel(text: string): number | null {
  const said = text.trim().toLowerCase();
  if (said === 'full') return 1;
  if (said === 'half') return 0.5;
  const percent = Number(/^(\d+(?:\.\d+)?)\s*%?$/.exec(said)?.[1] ?? NaN);
  return percent <= 100 ? percent / 100 : null;
}
