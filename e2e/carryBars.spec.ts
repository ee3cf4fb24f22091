import { balances } from './carrying.js';
import { expect, test } from './emptyHousehold.js';
import { chooserIsDone } from './lift.js';
import { Stranger } from './stranger.js';
import { weighLowerHoney, weighWetWax } from './weigh.js';

/** Combs on bars from an empty household to the book, through visible labels; the grams are summed here anew. */
test.use({ now: '2026-01-20T20:30:00Z' });

test('two hives, combs cut into one bucket: opened without smoke, strips by their height, strained overnight, each hive its share', async ({
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
  await person.touch('Stop draining…');
  await weighLowerHoney(page.getByRole('dialog'), '3,4');
  await weighWetWax(page.getByRole('dialog'), '1,0');
  await person.touch('Close this drain');
  await person.at('Manacá settles');
  await person.touch('Go on to Jar');
  await person.sees('3.40 kg honey to fill');
  await person.touch(/^Go on to Book/);
  await person.touch('Given');
  await person.sees('Balanced to the gram');
  await person.sees(/4450 g came in = 1000 g here/);
  await person.sees(/Opened without smoke. Comb 15 mm high was left/);
  const detail = await balances(server, 'Manacá');
  expect(detail.lossG).toBe(50);
  // 2.10 of the 4.45 kg of comb were Manacá's, the rest Sibipiruna's; both have their share of the honey.
  const { harvests } = await server.get<{ harvests: { hiveName: string; honeyG: number }[] }>(
    '/seasons',
  );
  expect(Object.fromEntries(harvests.map((h) => [h.hiveName, h.honeyG]))).toEqual({
    Manacá: 3400 - Math.round((3400 * 2350) / 4450),
    Sibipiruna: Math.round((3400 * 2350) / 4450),
  });
});
