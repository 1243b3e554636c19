import { expect, test, type Locator, type Page } from '@playwright/test';

/**
 * An evening as somebody spends it: each press and each entry is an action, and their number is kept. A typed field counts as one, and
 * so does a drag. What is only read is no action.
 */
export class Evening {
  #actions = 0;

  constructor(
    readonly page: Page,
    private readonly number: number,
    private readonly most: number,
  ) {}

  async press(what: Locator, held?: 'Shift'): Promise<void> {
    this.#actions += 1;
    await what.click(held ? { modifiers: [held] } : {});
  }

  /** Types into a field, and takes it with Enter where that is how it is taken. */
  async type(field: Locator, text: string, taken: 'with Enter' | 'as it stands' = 'as it stands'): Promise<void> {
    this.#actions += 1;
    await field.fill(text);
    if (taken === 'with Enter') await field.press('Enter');
  }

  async choose(field: Locator, label: string | RegExp): Promise<void> {
    this.#actions += 1;
    const isMeant = (one: string) => (typeof label === 'string' ? one.trim() === label : label.test(one));
    const options = field.locator('option');
    await expect
      .poll(async () => (await options.allTextContents()).some(isMeant), `${String(label)} is offered`)
      .toBe(true);
    const found = (await options.allTextContents()).find(isMeant) ?? '';
    await field.selectOption({ label: found.trim() });
  }

  button = (name: string | RegExp) => this.page.getByRole('button', { name }).first();
  stage = (name: string) =>
    this.page.getByRole('navigation', { name: 'Stages' }).getByRole('link', { name: new RegExp(`^${name}`) });
  sees = (words: string | RegExp) => expect(this.page.getByText(words).first()).toBeVisible();

  /** A new rig, at its first step. */
  async newRig(show: string, venue: string): Promise<void> {
    await this.page.goto('/rigs');
    await this.type(this.page.getByLabel('Show'), `${show} ${Date.now() % 100_000}`);
    await this.type(this.page.getByLabel('Venue'), venue);
    await this.press(this.button('Make the rig'));
  }

  /** Says how many actions it took, and that they were few enough. */
  ends(): void {
    console.log(`evening ${this.number}: ${this.#actions} of ${this.most} actions`);
    expect(this.#actions).toBeLessThanOrEqual(this.most);
  }
}

/** One evening of the list, from an empty rig unless it says otherwise. */
export function evening(number: number, name: string, most: number, walk: (evening: Evening) => Promise<void>): void {
  test(`evening ${number}: ${name}`, async ({ page }) => {
    const one = new Evening(page, number, most);
    await walk(one);
    one.ends();
  });
}
