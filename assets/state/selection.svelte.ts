/** What is selected, kept from stage to stage. */
class Selection {
  fixture = $state<string | null>(null);
  look = $state<string | null>(null);
}

export const selection = new Selection();
