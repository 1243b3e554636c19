import { expect, test } from '@playwright/test';
import { demoRig, openStage } from './rigs';

test('units are placed on the stage plan by hand, by arrows and by typing', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'patch');
  await page.getByRole('button', { name: 'Stage plan' }).click();
  const stage = page.getByRole('group', { name: 'Stage from above, the audience at the foot' });
  const unit = (name: string) => stage.getByRole('button', { name: new RegExp(`^${name},`) });
  await expect(unit('Spin L')).toHaveAccessibleName('Spin L, 1.4 m left of centre, 2.5 m upstage, 3.6 m up');

  // By hand, near the front beam: it hangs from it.
  const beam = await stage.getByRole('button', { name: /^front beam/ }).boundingBox();
  const haar = await unit('Haar').boundingBox();
  if (!beam || !haar) throw new Error('The plan is not there.');
  await page.mouse.move(haar.x + haar.width / 2, haar.y + 6);
  await page.mouse.down();
  await page.mouse.move(haar.x, beam.y, { steps: 4 });
  await page.mouse.move(haar.x + haar.width / 2, beam.y + beam.height / 2 + 4, { steps: 6 });
  await page.mouse.up();
  await expect(unit('Haar')).toHaveAccessibleName(/1 m out in the house, 4\.1 m up$/);

  // By arrows: two steps, dropped with Enter; the next two are put back.
  await unit('Panel').focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await expect(unit('Panel')).toHaveAccessibleName(/^Panel, 0\.8 m left of centre/);
  await unit('Panel').focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Escape');
  await expect(unit('Panel')).toHaveAccessibleName(/4\.2 m upstage/);

  // By typing; what is no number stays in its field with the reason.
  const x = page.getByRole('textbox', { name: 'Metres right of centre' });
  await x.fill('left a bit');
  await x.press('Enter');
  await expect(page.getByRole('alert').getByText(/Type metres/)).toBeVisible();
  await x.fill('2,25');
  await x.press('Enter');
  await expect(unit('Panel')).toHaveAccessibleName(/^Panel, 2\.3 m right of centre/);
  await page.getByRole('button', { name: 'Off the plan' }).click();
  await expect(page.getByRole('group', { name: 'Not on the plan yet' }).getByText('Panel')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(unit('Panel')).toBeVisible();
});

test('several units are lined up, and a beam takes along what hangs from it', async ({ page, request }) => {
  const rig = await demoRig(request);
  await openStage(page, rig, 'patch');
  await page.getByRole('button', { name: 'Stage plan' }).click();
  const stage = page.getByRole('group', { name: 'Stage from above, the audience at the foot' });
  const unit = (name: string) => stage.getByRole('button', { name: new RegExp(`^${name},`) });
  await unit('Drum 3').click();
  await unit('Spin L').click({ modifiers: ['Shift'] });
  await unit('Spin R').focus();
  await page.keyboard.press(' ');
  await unit('Drum 4').click({ modifiers: ['Shift'] });
  await expect(page.getByText('4 units selected')).toBeVisible();
  await page.getByRole('button', { name: 'Spread evenly' }).click();
  await expect(unit('Spin L')).toHaveAccessibleName(/^Spin L, 0\.9 m left of centre/);

  await stage.getByRole('button', { name: /^mid beam/ }).click();
  const form = page.getByRole('form', { name: 'The beam mid beam' });
  await form.getByRole('textbox', { name: 'height, metres' }).fill('sky');
  await form.getByRole('button', { name: 'Change it' }).click();
  await expect(form.getByRole('alert')).toBeVisible();
  await form.getByRole('textbox', { name: 'height, metres' }).fill('3.4');
  await form.getByRole('button', { name: 'Change it' }).click();
  await expect(unit('Spin L')).toHaveAccessibleName(/3\.4 m up$/);

  await page.getByRole('button', { name: 'Add a stand' }).click();
  const stand = page.getByRole('form', { name: 'A new stand' });
  await stand.getByRole('textbox', { name: 'Name' }).fill('stand, bar');
  await stand.getByRole('button', { name: 'Add it' }).click();
  await expect(stage.getByRole('button', { name: /^stand, bar/ })).toBeVisible();
  await stage.getByRole('button', { name: /^stand, bar/ }).click();
  await page.getByRole('form', { name: 'The stand stand, bar' }).getByRole('button', { name: 'Take it down' }).click();
  await expect(stage.getByRole('button', { name: /^stand, bar/ })).toHaveCount(0);
});
