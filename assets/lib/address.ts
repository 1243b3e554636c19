/** 037, as an address is written everywhere; the universe stands before it where a rig has several. */
export function threeDigits(address: number): string {
  return String(address).padStart(3, '0');
}
