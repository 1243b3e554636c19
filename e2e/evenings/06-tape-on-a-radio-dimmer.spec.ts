import { expect } from '@playwright/test';
import { evening } from './evening';

evening(6, 'tape on a radio dimmer', 40, async (tonight) => {
  const { page } = tonight;
  await tonight.newRig('Tape on a radio dimmer', 'The Boathouse Studio');
  await tonight.press(tonight.stage('Patch'));
  await tonight.press(tonight.button('Hang from the shelf'));
  await tonight.choose(page.getByRole('combobox', { name: 'Fixture', exact: true }), 'Ousel Tape Driver');
  await tonight.type(page.getByLabel('Address of the first'), '37');
  await tonight.press(tonight.button('Hang them'));
  await expect(page.getByLabel('Address of Tape Driver')).toHaveValue('037');

  // A sender, and the receiver in the driver: how it is paired, with the curve that the fader's level chooses.
  await tonight.press(tonight.stage('Lines'));
  await tonight.press(tonight.button('Add a radio link'));
  await tonight.choose(page.getByRole('combobox', { name: 'Kit', exact: true }), 'Reed Link');
  await tonight.press(tonight.button('Add the sender'));
  await tonight.choose(page.getByLabel('Put a unit behind Sender'), 'Tape Driver');
  await tonight.press(tonight.button('Pair Tape Driver'));
  await tonight.sees(/chooses the curve: 0–127 linear, 128–255 slow/);
  await tonight.sees('2 to 10 s after switching on');
  await tonight.sees('Raise address 038, and press the button of output 2 once: it listens at 038, for Green.');

  // Green brings blue: put right in the assignment, and the steps are others.
  await tonight.press(page.getByText('Another colour answered?'));
  await tonight.choose(page.getByLabel('What came with Green of Tape Driver'), 'Blue');
  await tonight.choose(page.getByLabel('What came with Blue of Tape Driver'), 'Green');
  await tonight.press(tonight.button('Put the colours right'));
  await tonight.sees('Raise address 039, and press the button of output 2 once: it listens at 039, for Blue.');
  await tonight.sees('Raise address 038, and press the button of output 3 once: it listens at 038, for Green.');
  await tonight.press(tonight.button('It is paired and proved'));
  await tonight.sees(/^paired /);

  // Five metres of tape on five metres of wire: too thin, and which would do.
  await tonight.choose(page.getByLabel('Power of a unit'), 'Tape Driver');
  const power = page.getByRole('region', { name: 'Power of Tape Driver' });
  await tonight.press(power.getByText('LED tape', { exact: true }));
  await tonight.press(tonight.button('Wire this tape'));
  await expect(power.getByLabel('What flows to the tape')).toHaveText(
    /72 W, 6 A[\s\S]*0\.69 V, 5\.7 %[\s\S]*7\.5 A[\s\S]*up to 16 A/,
  );
  await tonight.press(tonight.button('Take wire of 4 mm²'));
  await expect(power.getByLabel('What flows to the tape')).toHaveText(/0\.26 V, 2\.2 %/);
  await expect(
    power.getByRole('img', {
      name: 'Wiring of Tape Driver: Common plus to Common plus of the tape; Output 1 to Red of the tape; Output 2 to Blue of the tape; Output 3 to Green of the tape',
    }),
  ).toBeVisible();

  // Two hours with an interval: the first battery ends early, the second lasts with its reserve.
  await tonight.press(power.getByText('Battery', { exact: true }));
  await tonight.press(tonight.button('Fit this battery'));
  await tonight.sees('It ends before the evening does.');
  await tonight.press(tonight.button('How long the evening is'));
  await tonight.type(page.getByLabel('The interval, minutes'), '20');
  await tonight.choose(page.getByLabel('Batteries in the interval'), 'stay lit');
  await tonight.press(page.getByRole('form', { name: 'The evening and the mains' }).getByRole('button'));
  await tonight.sees('7 Ah last 0.33 h with everything up; 2.33 h are to be lit. 43 Ah would do.');
  await tonight.press(tonight.button('Battery of Tape Driver'));
  await tonight.choose(page.getByLabel('Kind'), 'lithium');
  await tonight.type(page.getByLabel('Ampere hours'), '24');
  await tonight.type(page.getByLabel('May be taken out, %'), '90', 'with Enter');
  await tonight.sees('It lasts, with the reserve left.');
  await tonight.press(power.getByRole('link', { name: 'Print the wiring card' }));
  await expect(page.getByRole('heading', { name: 'Wiring cards' })).toBeVisible();
});
