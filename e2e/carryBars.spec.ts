import { balances, closesDrain, setsRules } from './carrying.js';
import { expect, test } from './emptyHousehold.js';
import { chooserIsDone, openTopBar } from './lift.js';
import { Stranger } from './stranger.js';
import { weighDrawnOff } from './weigh.js';

/**
 * Combs on bars from an empty household to the book, through visible labels; the grams are summed
 * here anew.
 */
test.use({ now: '2026-01-20T20:30:00Z' });

test('two hives in one bucket: unsmoked, strips by height, overnight, each its share', async ({
  page,
  server,
}) => {
  test.slow();
  const person = new Stranger(page);
  const seesComb = async (): Promise<void> => {
    await person.touch(/^Comb 17,/);
    await person.reads('All capped');
    await person.touch('Write down comb 17');
  };
  await person.makesHive(server.base, 'Horizontal top-bar hive', 'Under the limes', 'Manacá');
  await seesComb();
  await person.fill('Winter need', '0');
  await person.touch('Write down 0 kg');
  await person.touch('New hive');
  await person.fill('Name of the hive', 'Sibipiruna');
  await person.touch('Make this hive');
  await person.at('Sibipiruna');
  await seesComb();
  await person.notes(/^Temper not known/, () => person.touch('nervous'));
  await person.touch('Go on to Choose');
  await person.touch('What you want…');
  await person.check('Manacá');
  await person.touch('That is it');
  await person.sees('Together with Manacá.');
  await chooserIsDone(page);
  for (const hive of ['Sibipiruna', 'Manacá']) {
    await person.at(hive);
    await person.touch(/^Comb 17,/);
    await person.touch(/^Crush and strain/);
    if (hive === 'Sibipiruna') await person.touch('Manacá');
  }
  await person.touch('One lot or more…');
  await person.check('Each hive in its own vessel');
  await person.sees(/No jar can say any more whether it came from/);
  await person.touch('That is it');
  await person.touch('Go on to Ready');
  await person.sees(/Into one vessel with/);
  await person.touch(/go to Take/);
  const takes = async (grossKg: string, smoked: boolean): Promise<void> => {
    await person.at('Before you open');
    await person.touch('All here');
    if (!smoked) {
      await person.touch('Opened without smoke');
      await person.sees(/Nobody warned them/);
      await person.touch('Go on');
    } else {
      // They were nervous: smoked a second time, each with the household's own minutes.
      for (const key of ['Smoked', 'Go on', 'Smoked again', 'Go on']) await person.touch(key);
    }
    await person.touch('Board is out');
    await person.touch('In the tub');
    if (!smoked) await person.addsVessel(/^In which vessel/, 'Comb bucket', '12', '0,8');
    await person.fill('Gross weight, vessel and comb', grossKg);
    await person.touch('Write it down');
    await person.fill('Comb left on the bars as guide, high', '15');
    await person.touch('All bars in');
    await person.touch('Hive is closed');
    await person.touch('Done, on to the bench');
  };
  await takes('2,9', false);
  await person.sees(/Chosen as one lot with Sibipiruna, which is not here yet/);
  await page.goto(server.base);
  await person.touch('Take 1 comb from Sibipiruna');
  await takes('3,15', true);
  await person.touch('Put it into one vessel with Manacá');
  await person.sees('4.45 kg of comb to crush.');
  await person.addsVessel(/^Upper vessel/, 'Bucket, 4 mm holes', '12', '0,9', '4');
  await person.addsVessel(/^Lower vessel/, 'Steel pail', '12', '1');
  await page.getByText('Begun earlier, honey in the pot').click();
  await person.fill('Your minutes to break it up', '18');
  await person.touch('Crushed: start the clock');
  await person.sees(/draining since/);
  // Nobody is called at night: the stir that was left waits for the end of the quiet hours.
  await server.jump('2026-01-21T01:30:00Z');
  await page.goto(server.base);
  await person.sees(/^Wed 07:00/);
  await server.jump('2026-01-21T13:00:00Z');
  await page.goto(server.base);
  await person.sees(/Stir Manacá now/);
  await person.touch('Stir Manacá: done');
  await page.goto(`${server.base}/drain`);
  await closesDrain(person, { honeyKg: '3,4', wetWaxKg: '1,0' });
  await person.touch('Go on to Jar');
  await person.sees('3.40 kg honey to fill');
  await person.touch(/^Go on to Book/);
  await person.touch('Given');
  await person.sees('Balanced to the gram');
  await person.sees(/4450 g came in = 1000 g here/);
  await person.sees(/Opened without smoke. Comb 15 mm high was left/);
  const detail = await balances(server, 'Manacá');
  expect(detail.lossG).toBe(50);
  // 2.10 of the 4.45 kg of comb were Manacá's, the rest Sibipiruna's; both have their share of the
  // honey.
  const { harvests } = await server.read('/seasons');
  expect(Object.fromEntries(harvests.map((h) => [h.hiveName, h.honeyG]))).toEqual({
    Manacá: 3400 - Math.round((3400 * 2350) / 4450),
    Sibipiruna: Math.round((3400 * 2350) / 4450),
  });
});

test.describe('chopped and left to drip', () => {
  test.use({ now: '2026-01-20T11:30:00Z' });
  test('earlier honey in the pot, two lots in one visit, a broken bar, warmth, rinse', async ({
    page,
    server,
  }) => {
    test.slow();
    const person = new Stranger(page);
    await setsRules(person, server.base, ['Chop fine', 'Until it ends'], { 'Stir every': '6' });
    await person.makesHive(server.base, 'Horizontal top-bar hive', 'Orchard wall', 'Araçá');
    for (const comb of [17, 16]) {
      await person.touch(new RegExp(`^Comb ${comb},`));
      await person.reads('All capped');
      await person.touch(`Write down comb ${comb}`);
    }
    // The third is sealed on a bit more than half of it: under the share of the rules.
    await person.touch(/^Comb 15,/);
    for (const side of ['A', 'B']) {
      await person.touch(`Side ${side}`);
      await person.touch('All capped');
      await person.fill(`Capped, side ${side}`, '60');
      await person.fill(`Open, side ${side}`, '40');
    }
    await person.touch('Write down comb 15');
    await person.fill('Winter need', '0');
    await person.touch('Write down 0 kg');
    await person.touch('Go on to Choose');
    for (const comb of [17, 16]) {
      await person.touch(new RegExp(`^Comb ${comb},`));
      await person.touch(/^Crush and strain/);
    }
    await person.touch(/^Comb 15,/);
    await person.fill('Why take it all the same?', 'Eaten at home within weeks');
    await person.touch('Take comb 15 anyway');
    await person.touch(/^Crush and strain/);
    await person.touch('One lot or more…');
    await person.check('Fully capped comb apart from comb with open honey');
    await person.touch('That is it');
    await person.sees('2 lots');
    await person.touch('Go on to Ready');
    await person.sees(/then 1 of another lot, close the hive/);
    await person.touch(/go to Take/);
    await openTopBar(page);
    // In the order they are reached from the back: the sealed lot, then the open comb behind it.
    const instruction = page.locator('h2.instruction');
    await expect(instruction).toHaveText('Lift bar 17');
    await person.touch('In the tub');
    await person.addsVessel(/^In which vessel/, 'Tub', '15', '1,1');
    await person.fill('Gross weight, vessel and comb', '3,2');
    await person.fill(/^Tare, before this comb/, '1,1');
    await person.touch('Write it down');
    await expect(instruction).toHaveText('Lift bar 16');
    await person.touch('Something went otherwise…');
    await person.touch(/bar broke/i);
    await person.touch('Done, go on');
    // The tub and what stands in it already are known.
    await expect(page.getByLabel(/^Tare, before this comb/)).toHaveValue('3.2 kg');
    await person.fill('Gross weight, vessel and comb', '5,15');
    await person.touch('Write it down');
    // The hive stays open between the two lots.
    await person.touch('Next lot');
    await expect(instruction).toHaveText('Lift bar 15');
    await person.touch('In the tub');
    // One tub for both would make them one lot: it is asked before they meet.
    await person.sees('The other lot of this hive is in this vessel. One lot, or two?');
    await person.addsVessel(/^In which vessel/, 'Second tub', '15', '1,1');
    await person.fill('Gross weight, vessel and comb', '2,75');
    await person.fill(/^Tare, before this comb/, '1,1');
    await person.touch('Write it down');
    await person.touch('All bars in');
    await person.touch('Hive is closed');
    await person.touch('Done, on to the bench');
    await expect(page).toHaveURL(/\/drain\//);
    // Which lot comes to the bench first is the person's choice: here the sealed one.
    await page.goto(server.base);
    for (const lot of ['A', 'B']) await person.sees(`Crush Araçá (crush and strain ${lot})'s comb`);
    const { items } = await server.read('/harvests');
    const sealed = items.find((h) => h.combIds.length === 2)!;
    await page.goto(`${server.base}/drain/${sealed.id}`);
    await person.sees('4.05 kg of comb to crush.');
    await person.addsVessel(/^Upper vessel/, 'Sieve bucket', '12', '0,9', '3');
    await person.addsVessel(/^Lower vessel/, 'Pail with gate', '12', '1,2');
    await page.getByText('Begun earlier, honey in the pot').click();
    await person.fill('Honey already in the lower vessel, net', '0,8');
    await person.sees('Which honey stands in the lower vessel already? It becomes one with this.');
    await person.touch('It is from before Furrow…');
    await person.fill('Taken on, as well as you know', '2025-10-04');
    await person.fill('Gross, pot and honey', '2,0');
    await person.fill(/^Tare, the vessel empty/, '1,2');
    await person.fill('What is known of it', 'spring honey, strained');
    await person.touch('Put it into the book');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await person.touch('Crushed: start the clock');
    await person.sees(/draining since/);
    // Stirs stand on Today at people's hours, every six as the rule says, until it ends.
    await server.jump('2026-01-21T10:30:00Z');
    await page.goto(server.base);
    await person.touch(/^Stir Araçá .*: done/);
    await page.goto(`${server.base}/drain/${sealed.id}`);
    await person.touch('Warm…');
    await person.touch('Warming begins');
    await person.touch('Warming ended');
    await person.touch('Close');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await person.touch('Draw off…');
    // The first that is drawn off takes the earlier honey along.
    await weighDrawnOff(page, '1,9');
    await page.getByRole('dialog').getByRole('button', { name: 'Write it down' }).click();
    await person.sees('drew off 1.90 kg');
    await closesDrain(person, { honeyKg: '1,1', wetWaxKg: '1,75' });
    await person.touch('Go on to Jar');
    await person.sees('3.00 kg honey to fill');
    await person.touch('Wax and rinse');
    await person.fill('Rinse water', '1,5');
    await person.fill('Sugar reading', '6');
    await person.touch('Write the rinse down');
    await person.sees('1.5 L at 6 °Brix');
    await page.goto(`${server.base}/book/${sealed.id}`);
    await person.sees('Balanced to the gram');
    await person.sees(/Bar broke/);
    const detail = await server.read('/harvests/{id}', sealed.id);
    const honey = detail.lots.find((l) => l.kind === 'honey')!;
    expect([honey.nowG, detail.balanced]).toEqual([3000, true]);
    // What was crushed, 4050 g, is honey of these combs, wax, what is in the rinse and what stuck
    // to the tools.
    const fromBeforeG = 800;
    expect(honey.nowG - fromBeforeG + 1750 + 100).toBe(4050);
  });
});
