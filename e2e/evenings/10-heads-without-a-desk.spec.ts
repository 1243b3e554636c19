import { expect } from '@playwright/test';
import { evening } from './evening';

evening(10, 'heads that dance without a desk', 35, async (tonight) => {
  const { page } = tonight;
  await tonight.newRig('Heads without a desk', 'Mill Lane Hall');
  await tonight.press(tonight.stage('Patch'));
  await tonight.press(tonight.button('Hang from the shelf'));
  await tonight.choose(page.getByRole('combobox', { name: 'Fixture', exact: true }), 'Skerry Spin 40');
  await tonight.type(page.getByLabel('How many', { exact: true }), '4');
  await tonight.press(tonight.button('Hang them'));
  await expect(page.getByLabel('Address of Spin 4')).toBeVisible();

  // One leads, three follow; who follows nobody is told until somebody leads.
  await tonight.press(tonight.stage('Lines'));
  await expect(page.getByLabel('A unit that follows')).toBeVisible();
  for (const follower of ['Spin 2', 'Spin 3', 'Spin 4'])
    await tonight.choose(page.getByLabel('A unit that follows'), follower);
  await tonight.sees(/wait for a leader, and none is set to lead/);
  await tonight.choose(page.getByLabel('A unit that leads'), 'Spin 1');
  await expect(page.getByText(/wait for a leader/)).toHaveCount(0);
  await tonight.press(page.getByLabel('Spin 1 hears the hand remote'));

  // Two cross: turned round in the unit, for nobody else is there to turn it.
  for (const crossing of ['Spin 2', 'Spin 4'])
    await tonight.choose(page.getByLabel(`${crossing}: crossing`), 'crosses: pan turned in the unit');

  // The leader's sender, and three receivers: a number and a sub-number, and one has the second wrong.
  await tonight.press(tonight.button('Add a radio link'));
  await tonight.choose(page.getByRole('combobox', { name: 'Kit', exact: true }), 'Loon Pair');
  await tonight.type(page.getByLabel('What you call the sender'), 'At Spin 1');
  await tonight.press(tonight.button('Add the sender'));
  for (const behind of ['Spin 2', 'Spin 3', 'Spin 4']) {
    await tonight.choose(page.getByLabel('Put a unit behind At Spin 1'), behind);
    await tonight.choose(page.getByLabel(`Receiver of ${behind}, number`), '1');
  }
  await tonight.choose(page.getByLabel('Receiver of Spin 4, sub-number'), '2');

  // The simulated kit leaves that one out, and says what it is set to.
  await tonight.press(tonight.button('Pair Spin 4'));
  await tonight.press(page.getByRole('link', { name: 'Practise it on the bench' }));
  await tonight.press(tonight.button('Half speed'));
  await tonight.press(tonight.button('All on'));
  const stage = page.getByRole('region', { name: 'Stage' });
  await expect(stage.getByText(/hears no sender/)).toHaveText(
    /^On the bench\s*Spin 4 is set to 1-2, and hears no sender\.$/,
  );
  await tonight.press(tonight.button('Spin 4: Number'));
  await tonight.press(tonight.button('Spin 4: Number'));
  await tonight.sees('Spin 4 listens to At Spin 1 on 1-1 now.');

  // What was practised is done, and the paper says so too.
  await tonight.press(page.getByRole('link', { name: 'Back to Lines' }));
  await tonight.press(tonight.button(/^Set the receiver of Spin 4 to 1-1/));
  await expect(page.getByText('not set alike')).toHaveCount(0);
});
