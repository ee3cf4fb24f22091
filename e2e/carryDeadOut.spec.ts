import { setsRules } from './carrying.js';
import { answersSign, answersTheRest } from './deadColony.js';
import { expect, test } from './emptyHousehold.js';
import { Stranger } from './stranger.js';
import { weighLowerHoney, weighWetWax } from './weigh.js';

/**
 * A colony that died, harvested whole, in a cold room; at the bench its comb is cut apart by
 * colour.
 */
test.use({ now: '2026-08-11T12:00:00Z' });

test('a hive that died: lots by colour, waste by items, mashed until it ends', async ({
  page,
  server,
}) => {
  test.slow();
  const person = new Stranger(page);
  await setsRules(person, server.base, ['Until it ends'], { 'Stir every': '26' });
  await person.makesHive(server.base, 'Framed super, for crushing', 'North wall', 'Cambará');
  for (const frame of [1, 2]) {
    await person.touch(new RegExp(`super 2, place ${frame},`));
    await person.reads('All capped');
    await person.touch(`Write down super 2, frame ${frame}`);
  }
  await person.touch('The colony is gone…');
  await person.check('The hive is closed against robbers');
  await answersSign(page, /Heads in empty cells/, 'Yes');
  await answersTheRest(page);
  await person.touch('Write it down');
  await person.sees(/capped apart/);
  await person.touch('Go on to Choose');
  for (const frame of [1, 2]) {
    await person.touch(new RegExp(`super 2, place ${frame},`));
    await person.touch(/^Crush and strain/);
  }
  await person.touch('Go on to Ready');
  await person.touch(/go to Take/);
  await person.at('Before you open');
  await person.sees(/The colony is gone: no smoke/);
  await person.touch('All here');
  await person.touch('Open');
  const instruction = page.locator('h2.instruction');
  for (const [i, grossKg] of ['3,6', '6,0'].entries()) {
    await expect(instruction).toHaveText(/^Take frame/);
    const frame = await instruction.textContent();
    await person.touch('In the tub');
    if (i === 0) await person.addsVessel(/^In which vessel/, 'Old crate', '40', '1,4');
    await person.fill('Gross weight, vessel and comb', grossKg);
    await person.touch('Write it down');
    await expect(instruction).not.toHaveText(frame!);
  }
  await person.ticks(1);
  await person.touch('No gap');
  await person.touch('Hive is closed');
  await person.touch('Done, on to the bench');
  await person.sees('4.60 kg of comb to crush.');
  // Mixed frames: the dark part of both is cut away and becomes a lot with its own name.
  await person.touch('Part of it into a lot of its own…');
  await person.fill('Name of the lot', 'dark, last autumn');
  await person.fill('Gross, vessel and the part cut apart', '2,5');
  await person.fill(/^Tare, the vessel empty/, '0,9');
  await person.touch('Cut apart');
  await person.sees('3.00 kg of comb to crush.');
  await person.touch('Name this lot…');
  await person.fill('Name of the lot', 'light');
  await person.touch('Call it so');
  await person.fill('At the bench', '16');
  await person.fill('At night', '12');
  await person.addsVessel(/^Upper vessel/, 'Colander', '8', '0,5', '5');
  await person.addsVessel(/^Lower vessel/, 'Steel bowl', '8', '0,6');
  await person.touch('Crushed: start the clock');
  await person.sees(/draining since/);
  // First looked at the next day; it is mashed on, however often, until it ends.
  await server.jump('2026-08-12T14:00:00Z');
  await page.goto(server.base);
  await person.touch('Stir Cambará (light): stirred');
  await person.touch(/^Harvest of Cambará, .* light/);
  await person.touch('Weigh…');
  await person.fill('Gross, lower vessel and honey', '2,05');
  await person.touch(/^Write/);
  await person.sees(/weighed 1\.45 kg/);
  // It still runs: stopping now is said to cost what would still come.
  await person.touch('Stop draining…');
  await person.sees(/It still flows about .* would still come/);
  await person.touch('Close');
  await server.jump('2026-08-17T15:00:00Z');
  await page.goto(server.base);
  await person.sees(/Stir Cambará \(light\)/);
  await person.touch(/^Harvest of Cambará, .* light/);
  await person.touch('Stop draining…');
  await person.sees(/It flows under 20 g an hour\./);
  await weighLowerHoney(page.getByRole('dialog'), '1,86');
  await weighWetWax(page.getByRole('dialog'), '0,95');
  await person.touch('+ dead bees');
  await person.fill('Weight, 1', '60');
  await person.touch('+ pollen comb');
  await person.fill('Weight, 2', '110');
  await person.touch('Close this drain');
  await person.at(/settles$/);
  const { items } = await server.read('/harvests');
  const light = await server.read('/harvests/{id}', items.find((h) => h.lotName === 'light')!.id);
  // 4600 g came in, 1600 went into the dark lot; what was left is honey, wax, waste and 20 g on the
  // tools.
  expect(light.balanced).toBe(true);
  expect(light.lots.find((l) => l.kind === 'honey')!.nowG).toBe(4600 - 1600 - 950 - 60 - 110 - 20);
  expect(light.flows.filter((f) => f.to === 'loss').map((f) => f.g)).toEqual([60, 110, 20]);
  const dark = items.find((h) => h.lotName === 'dark, last autumn')!;
  await page.goto(`${server.base}/drain/${dark.id}`);
  await person.sees('1.60 kg of comb to crush.');
  await page.goto(`${server.base}/book/${light.batch.id}`);
  await person.sees('Balanced to the gram');
  await person.sees('Cambará light, honey');
});
