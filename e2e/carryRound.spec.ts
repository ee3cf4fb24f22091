import { balances, closesDrain, goesOnUntil, setsRules } from './carrying.js';
import { expect, test } from './emptyHousehold.js';
import { Stranger } from './stranger.js';

/**
 * A round of cut-comb hives in a strong flow and great heat: read from below and by the box, a
 * refused super given away, a turned one remembered, the finished one cut before the heat.
 */
test.use({ now: '2026-06-20T07:00:00Z', timezoneId: 'Europe/Berlin' });

test('three cut-comb hives in a flow: refused, turned, finished; the frames cut and frozen', async ({
  page,
  server,
}) => {
  test.slow();
  const person = new Stranger(page);
  const opens = async (hive: string): Promise<void> => {
    await page.goto(server.base);
    await person.touch(new RegExp(`^${hive} from the side`));
    await person.at(hive);
  };
  const sides = async (capped: string, open: string): Promise<void> => {
    await person.touch('Side A');
    await person.fill('Capped, side A', capped);
    await person.fill('Open, side A', open);
    await person.touch('Side B');
    await person.touch('Like side A');
  };
  const boxAlike = async (): Promise<void> => {
    const key = /^All \d+ of this box look like this/;
    await person.touch(key);
    await expect(page.getByRole('button', { name: key })).toHaveCount(0);
  };
  await setsRules(person, server.base, [], { 'Free room in the freezer': '60' });
  await person.makesHive(server.base, 'Cut-comb super', 'Chalk hill', 'Marjoram');
  for (const hive of ['Burnet', 'Vetch']) {
    await person.touch('New hive');
    await person.fill('Name of the hive', hive);
    await person.touch('Make this hive');
    await person.at(hive);
  }
  // Burnet has drawn nothing yet; Vetch is light at one end and is turned round.
  await opens('Burnet');
  await person.touch(/super 2, place 1,/);
  await person.touch('I see it: set the bands');
  await person.touch('Side B');
  await person.touch('I see it: set the bands');
  await boxAlike();
  await opens('Vetch');
  await person.reads('Half capped');
  await boxAlike();
  await person.touch(/super 2, place 1,/);
  await sides('20', '10');
  await person.touch(/^Write down super 2/);
  await person.sees(/Turn the super round: the light end comes over the nest/);
  await person.touch('Turn box 2 round');
  await person.sees(/Turned round on 20 Jun 2026: look again a week after/);
  // Marjoram is strong, in a strong flow, over an excluder.
  await opens('Marjoram');
  await person.notes(/^Strength not known/, () => person.touch('strong'));
  await person.notes(/^Forage not known/, () => person.touch('Strong flow'));
  await person.notes(/^Excluder not known/, () => person.touch('Fitted'));
  await person.reads('Half capped');
  await boxAlike();
  await person.sees(/Strong colony, strong flow: a second super now/);
  await person.sees('Set an empty super between brood and comb super');
  await person.sees(/The excluder keeps the queen down, not the pollen/);
  await person.touch('Set an empty super between');
  await person.sees('An empty super set between brood and super.');

  // Twelve days on.
  await server.jump('2026-07-02T07:00:00Z');
  await opens('Burnet');
  await person.touch(/super 2, place 1,/);
  await person.touch('Seen again, as at the last look');
  await boxAlike();
  await person.sees(/Refused: nothing drawn in 12 days/);
  await person.touch('Give box 2 to…');
  await page.getByLabel('The colony that gets it').selectOption({ label: 'Marjoram' });
  await page.getByLabel('How the brood looked').selectOption({ label: 'Looks healthy' });
  await person.touch('Give it');
  await person.sees('Box 2 given to Marjoram.');
  await opens('Vetch');
  await person.sees(/Box 2 turned round, 20 Jun 2026/);
  await opens('Marjoram');
  await person.sees(/Box \d had from Burnet, 2 Jul 2026/);
  // Two frames are finished; the second is like the first.
  await person.touch(/super 3, place 1,/);
  await sides('100', '0');
  await person.touch('Write it down, the comb after is like it');
  await person.touch('Write down super 3, frame 2');
  await person.fill('Winter need', '0');
  await person.touch('Write down 0 kg');
  await person.touch('Go on to Choose');
  for (const place of [1, 2]) {
    await person.touch(new RegExp(`super 3, place ${place},`));
    await person.touch(/^Cut comb/);
    if (place === 1) {
      await person.touch('Another kind of box…');
      await person.fill('Its name', 'Clear box');
      await person.fill('Comb in one, net', '200');
      await person.fill('Empty it weighs, with lid', '25');
      await person.fill('How many there are', '24');
      await person.touch('Put it into the kit');
      await person.touch(/^Cut comb.* pieces/);
    }
  }
  await person.touch('Go on to Ready');
  await person.sees('Freeze to the core');
  await person.touch('Chalk hill: weather, notes, forage…');
  await person.fill('Warmth', '39');
  await person.fill('Humid', '45');
  await person.touch('Write the weather down');
  await person.sees(/Feels like \d+ °C .*your limit in a suit is/);
  // In the cool of the next morning.
  await server.jump('2026-07-03T04:30:00Z');
  await page.reload();
  await person.touch(/go to Take/);
  await person.at('Before you open');
  const grossKg = ['4,05', '6,03'];
  for (const gross of grossKg) {
    await goesOnUntil(page, /^Take|^Lift/);
    await page.locator('aside .p-button.main').first().click();
    if (gross === grossKg[0])
      await person.addsVessel(/^In which vessel/, 'Crate with racks', '30', '2');
    await person.fill('Gross weight, vessel and comb', gross);
    await person.touch(/^Write it down/);
    await expect(page.getByLabel('Gross weight, vessel and comb')).toHaveCount(0);
  }
  await goesOnUntil(page, 'done');
  await person.touch('Done, on to the bench');
  await expect(page).toHaveURL(/\/cut\//);
  await person.sees('4.03 kg comb uncut and uncrushed.');
  await person.touch('Weigh and pack');
  await person.fill('Pieces cut', '12');
  await person.fill('Their weight together', '2480 g');
  await person.touch('Write the pieces down');
  await person.sees(/12 pieces, the lightest/);
  await person.touch('Rack and cold');
  await person.touch('Into the freezer now');
  await person.sees(/may come out of the freezer in \d+ h/);
  await server.jump('2026-07-05T08:00:00Z');
  await page.reload();
  await person.touch('Rack and cold');
  await person.touch('Out of the freezer, closed');
  await person.touch('Crush the rest');
  await person.sees('1.55 kg of comb to crush.');
  await person.touch('Crushed: start the clock');
  // The house is asked for another time only when the clock stands.
  await person.sees('Stop draining…');
  await server.jump('2026-07-06T16:00:00Z');
  await page.reload();
  await closesDrain(person, { honeyKg: '1,25', wetWaxKg: '0,27' });
  await person.touch('Go on to Jar');
  await person.sees('1.25 kg honey to fill');
  await person.touch(/^Go on to Book/);
  await person.touch('Eaten at home');
  await person.sees('Balanced to the gram');
  const detail = await balances(server, 'Marjoram');
  expect(detail.lots.find((l) => l.kind === 'pieces')).toMatchObject({ count: 12, inG: 2480 });
  // 2050 and 1980 g came in: 2480 in pieces, 1250 honey, 270 wet wax, the rest on the tools.
  expect(detail.lossG).toBe(2050 + 1980 - 2480 - 1250 - 270);
});
