import { expect } from '@playwright/test';
import { evening } from './evening';

/** As the venue sends it: nine units with their places, three of them on the floor. */
const LIST = `number,name,maker,model,mode,universe,address,position,x,y,height
1,Drum 1,Marram,Drum 6,nine,1,1,front beam,-2.4,-1,4.1
2,Drum 2,Marram,Drum 6,nine,1,10,front beam,2.4,-1,4.1
3,Drum 3,Marram,Drum 6,nine,1,19,mid beam,-2.6,2.5,3.6
4,Drum 4,Marram,Drum 6,nine,1,28,mid beam,2.6,2.5,3.6
5,Spin L,Skerry,Spin 40,eleven,1,37,mid beam,-1.4,2.5,3.6
6,Spin R,Skerry,Spin 40,eleven,1,48,mid beam,1.4,2.5,3.6
7,Line 1,Tolland,Line 3,three,1,59,floor,-2,4,0
8,Line 2,Tolland,Line 3,three,1,62,floor,0,4,0
9,Line 3,Tolland,Line 3,three,1,65,floor,2,4,0
`;

evening(15, 'one chain or two', 35, async (tonight) => {
  const { page } = tonight;
  await tonight.newRig('One chain or two', 'The Boathouse Studio');
  await tonight.press(tonight.stage('Patch'));
  await tonight.press(tonight.button('List'));
  const chooser = page.waitForEvent('filechooser');
  await tonight.press(tonight.button('Bring a list…'));
  await (await chooser).setFiles({ name: 'nine.csv', mimeType: 'text/csv', buffer: Buffer.from(LIST) });
  await tonight.press(page.getByRole('dialog').getByRole('button', { name: /^Hang|^Take/ }));

  // One chain or two: what each takes, and what a pulled plug leaves dark.
  await tonight.press(tonight.stage('Lines'));
  await tonight.press(tonight.button('Lay the cable for me'));
  const offers = page.getByRole('region', { name: 'Lay the cable for me' });
  await expect(offers.getByText(/^\d+ m of cable\. A first plug that comes out leaves 9 units dark\./)).toBeVisible();
  await expect(offers.getByText(/leaves 5 units dark at most, and the others play on\./)).toBeVisible();
  await tonight.press(tonight.button('Leave it'));

  // A splitter at the stage's left, and both chains from it.
  await tonight.press(tonight.button('Add a data run'));
  await tonight.press(tonight.button('End it in a splitter'));
  await tonight.press(tonight.button('Splitter A on Run 1'));
  await tonight.type(page.getByLabel('right of centre', { exact: true }), '-4');
  await tonight.type(page.getByLabel('upstage', { exact: true }), '1');
  await tonight.press(tonight.button('Put it there'));
  await tonight.type(page.getByLabel('Metres of cable to Splitter A'), '15', 'with Enter');
  await tonight.press(tonight.button('Lay the cable for me'));
  await tonight.choose(offers.getByLabel('From'), 'Splitter A');
  await tonight.press(tonight.button('Lay the 9 on 2 runs'));
  const first = page.getByRole('group', { name: 'Run 2, in the order of the cable' });
  await expect(first.getByText('terminator')).toBeVisible();

  // The heads have five pins: both of the type at once, and the adapters follow.
  await tonight.press(tonight.button(/^Spin L on Run/));
  await tonight.choose(page.getByLabel('Sockets of Spin L'), '5-pin');
  await tonight.press(tonight.button('All Spin 40: 5-pin'));
  await tonight.sees(/^1 adapter: 3-pin male to 5-pin female\.$/);

  // The third plug of the first chain is pulled: who is dark, and who only flickers.
  await tonight.press(first.getByRole('button', { name: /pull the plug$/ }).nth(2));
  const stage = page.getByRole('region', { name: 'Stage' });
  await expect(stage.getByText(/No data reaches /)).toBeVisible();
  await expect(stage.getByText(/ may flicker: the cable ends open now\.$/)).toBeVisible();
  await expect(stage.getByRole('button', { name: /no data reaches/ })).toHaveCount(
    (await first.getByRole('button', { name: /on Run 2$/ }).count()) - 2,
  );

  // What goes into the van.
  await tonight.press(tonight.button('Lists'));
  await tonight.press(page.getByRole('link', { name: 'Cable list for the van' }));
  await expect(page.getByRole('heading', { name: /^Cable list/ })).toBeVisible();
  const list = await page.request.get(
    page
      .url()
      .replace('/rigs/', '/api/rigs/')
      .replace(/\/sheets.*/, '/load-list'),
  );
  const lines = ((await list.json()) as { lines: { what: string; count: number }[] }).lines;
  const count = (what: RegExp) => lines.filter((one) => what.test(one.what)).reduce((sum, one) => sum + one.count, 0);
  expect([count(/cable/), count(/^Terminator/), count(/^Splitter/)]).toEqual([10, 2, 1]);
  expect(count(/^Adapter/)).toBe(4);
});
