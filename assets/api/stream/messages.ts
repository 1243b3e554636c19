/** What a window asks of the hub in the shared worker. */
export type Ask =
  | { do: 'listen'; sitting: string; rig: string; seat: string; window: string | null }
  | { do: 'leave'; sitting: string }
  | { do: 'wake' };

/** What the hub tells a window. */
export type Told = { sitting: string } & ({ up: string } | { away: true } | { json: string });
