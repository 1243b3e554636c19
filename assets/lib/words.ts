export function plural(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}

/** "Sat 19:04". */
export const dayAndTime = (text: string): string =>
  new Date(text).toLocaleString(undefined, { weekday: 'short', hour: '2-digit', minute: '2-digit' });

/** At most two decimals, none that say nothing. */
export function figure(number: number): string {
  return String(Math.round(number * 100) / 100);
}

/** "Bulb" of "Bulb 12": a name without the number that tells it from others. */
export const baseOf = (name: string): string => name.replace(/\s+\d+$/, '');
