import { closesDrain, setsRules } from './carrying.js';
import { expect, test } from './emptyHousehold.js';
import { Stranger } from './stranger.js';

/** Stray comb under a roof, found at an overdue look, on a phone. */
test.use({ now: '2026-01-05T12:00:00Z', viewport: { width: 390, height: 844 } });

test('stray comb under a roof: queen and swarm cells asked, open comb used first', async ({
  page,
  server,
}) => {
  test.slow();
  const person = new Stranger(page);
  await setsRules(person, server.base, ['Through cloth']);
  await person.makesHive(server.base, 'Framed super, for crushing', 'Hedge', 'Murta');
  await person.touch(/super 2, place 1,/);
  await person.reads('Half capped');
  await person.touch('Write down super 2, frame 1');
  await expect(page.getByText(/written down\./)).toBeVisible();
  // Nobody looked for two weeks: the look is overdue, and the days are said.
  await server.jump('2026-01-20T12:00:00Z');
  await page.goto(`${server.base}/look`);
  await person.sees('8 days over');
  await person.touch('Stray comb…');
  await person.touch('Under the roof');
  await person.check('I looked for the queen on it');
  await person.touch('No brood');
  await person.touch('Write it down');
  await person.sees('Look for swarm cells too.');
  await person.touch('Swarm cells');
  await person.fill(/^Capped, weighed/, '900 g');
  await person.fill(/^Open, weighed/, '420 g');
  await person.touch('Write it down');
  await expect(page).toHaveURL(/\/drain\//);
  await page.goto(server.base);
  await person.sees(/Hedge: Murta: swarm cells seen/);
  await person.sees(/Murta: fit the missing frame or bar/);
  await person.touch("Crush Murta (open stray comb)'s comb");
  await person.sees('0.42 kg of comb to crush.');
  await page.getByRole('radio', { name: 'Cloth over a bucket' }).click();
  await person.sees(/Cover/i);
  await person.addsVessel(/^Lower vessel/, 'Bowl', '3', '0,4');
  await person.touch('Crushed: start the clock');
  await person.sees('Stop draining…');
  await server.jump('2026-01-21T15:00:00Z');
  await page.reload();
  await closesDrain(person, { honeyKg: '0,33', wetWaxKg: '0,08' });
  await person.touch('Go on to Jar');
  await person.sees(/Use first, by 2026-/);
  await person.addsJar('Small jar', '150', '90', '3');
  await person.touch(/^Filled 2( |$)/);
  await person.touch('Shelf');
  await person.touch(/left the shelf…$/);
  await page.getByLabel('They were').selectOption('sold');
  await person.sees(/No sale/);
  await page.getByLabel('They were').selectOption('eaten');
  await person.fill('How many', '2');
  await person.touch('Write it down');
  const { items } = await server.read('/harvests');
  const open = await server.read(
    '/harvests/{id}',
    items.find((h) => h.lotName === 'open stray comb')!.id,
  );
  expect(open.balanced).toBe(true);
  const nowG = open.lots.reduce((sum, l) => sum + l.nowG, 0);
  // 420 g came in: 80 wax, 30 honey left in the pail, 300 eaten, 10 on the cloth.
  expect([nowG, open.lossG]).toEqual([80 + 330 - 300, 10]);
  await page.goto(`${server.base}/book/${open.batch.id}`);
  await person.sees('Balanced to the gram');
});
