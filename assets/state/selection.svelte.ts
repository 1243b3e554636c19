/** How the patch is laid out: rows are the desk's buttons, rows of 32, or from above. */
export type Arrangement = 'desk' | 'rows' | 'plan';

/** What is selected, kept from stage to stage. */
class Selection {
  unit = $state<string | null>(null);
  look = $state<string | null>(null);
  /** The chart that was looked at, made or hung last: what is hung next is most likely of it. */
  chart = $state.raw<{ typeId: string; name: string; mode: string } | null>(null);
  arrangement = $state<Arrangement>('desk');
  /** The universe that somebody chose to look at. */
  universe = $state<number | null>(null);
  /** Only units of this group are listed. */
  group = $state<string | null>(null);
}

export const selection = new Selection();
