type Slots = Readonly<Record<string, number>>;

/** A value of a slot, whole and from 0 to 255. */
export const whole = (value: number): number => Math.min(255, Math.max(0, Math.round(value)));

/** Without those at 0. */
export const above0 = (slots: Slots): Slots =>
  Object.fromEntries(Object.entries(slots).filter(([, value]) => value > 0));
