import { expect } from '@playwright/test';
import { evening } from './evening';

evening(2, 'wall washers on a wall panel', 30, async (tonight) => {
  const { page } = tonight;
  await tonight.newRig('Wall washers', 'Mill Lane Hall');

  // The panel first; its zone 1 is the house lights', and no plan touches it.
  await tonight.press(page.getByRole('link', { name: 'Choose the desk' }).first());
  await tonight.press(tonight.button('Capstan 4'));
  await tonight.press(tonight.stage('Patch'));
  await tonight.press(tonight.button('List'));
  await tonight.press(tonight.button('Hold slots for others'));
  await tonight.type(page.getByLabel('Whose they are'), 'House lights');
  await tonight.type(page.getByLabel('Slots', { exact: true }), '1-4');
  await tonight.press(tonight.button('Hold them'));
  await tonight.sees('universe 1, 001–004');
  await page.keyboard.press('Escape');

  // Three of them, in the rich mode as they come.
  await tonight.press(tonight.button('Hang from the shelf'));
  await tonight.choose(page.getByRole('combobox', { name: 'Fixture', exact: true }), 'Tolland Line 3');
  await tonight.type(page.getByLabel('How many', { exact: true }), '3');
  await tonight.choose(page.getByRole('combobox', { name: 'Spacing' }), 'packed, the next free ones');
  await tonight.press(tonight.button('Hang them'));
  await tonight.sees('Line 1 spills over its zone.');

  // The adviser picks the small mode, and a zone for each.
  await tonight.press(tonight.stage('Desk'));
  await tonight.press(page.getByRole('link', { name: 'Plan it for me' }));
  const plan = page.getByRole('table').first();
  await expect(plan.getByText('no place').first()).toBeVisible();
  // With Shift a want is every unit's of that type: colour alone is wanted of a wall.
  for (const want of ['dimmer', 'flash'])
    await tonight.press(
      page.getByRole('group', { name: 'Wanted of Line 1' }).getByRole('button', { name: want }),
      'Shift',
    );
  await expect(plan.getByText('3-channel').first()).toBeVisible();
  for (const address of ['005', '009', '013'])
    await expect(plan.getByText(address, { exact: false }).first()).toBeVisible();
  await tonight.press(tonight.button('Take this plan over'));
  await tonight.press(tonight.stage('Patch'));
  for (const [name, address] of [
    ['Line 1', '005'],
    ['Line 2', '009'],
    ['Line 3', '013'],
  ] as const)
    await expect(page.getByLabel(`Address of ${name}`)).toHaveValue(address);
  await tonight.sees('It shares no address with another and fits its universe.');
  await expect(page.getByText('spills', { exact: true })).toHaveCount(0);

  // Up the ladder: the dot says the mode, and one is set two too high.
  await tonight.press(tonight.button('List'));
  await tonight.press(page.getByRole('link', { name: 'Walk round' }));
  await tonight.sees('Hold Mode until the dot lights, Up or Down to the address, wait 4 s');
  await tonight.type(page.getByLabel('What Line 1 shows now'), '005');
  await tonight.sees(/005: that is the 7-channel mode\. For the 3-channel mode: Hold Mode until the dot lights/);
  await tonight.type(page.getByLabel('What Line 2 shows now'), '011.');
  await tonight.sees('From 011 press Down 2 times.');
  await tonight.type(page.getByLabel('What Line 3 shows now'), '013.');
  await tonight.sees('It stands right.');

  // Bare ends at the panel: by signal, never by the colour of a wire.
  await tonight.press(tonight.stage('Lines'));
  await tonight.press(tonight.button('Lists'));
  await tonight.press(tonight.button('Which pin carries what'));
  const bare = page.getByRole('region', { name: 'Bare ends' });
  await expect(bare.getByRole('row')).toHaveText([/^screen\s*common/, /^one wire\s*data −/, /^its twin\s*data \+/]);
  await tonight.sees('By signal. The colour of a wire says nothing: trace it with a meter.');
});
