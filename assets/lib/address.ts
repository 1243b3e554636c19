/** 1.037: universe, then three digits, as it is written everywhere in the interface. */
export function addressText(universe: number, address: number): string {
  return `${universe}.${threeDigits(address)}`;
}

export function threeDigits(address: number): string {
  return String(address).padStart(3, '0');
}
