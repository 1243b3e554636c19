/** Each of them once, in the order in which they come first. */
export function unique<T>(items: readonly T[]): T[] {
  return [...new Set(items)];
}
