export function plural(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}

/** At most two decimals, none that say nothing. */
export function figure(number: number): string {
  return String(Math.round(number * 100) / 100);
}
