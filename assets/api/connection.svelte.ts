/** Whether the server and its database answer. */
class Connection {
  /** What to tell while they do not; null when all is well. */
  away = $state<string | null>(null);

  lose(words: string): void {
    this.away = words;
  }

  back(): void {
    this.away = null;
  }
}

export const connection = new Connection();
