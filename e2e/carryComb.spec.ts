import { balances, closesDrain, goesOnUntil, setsRules } from './carrying.js';
import { expect, test } from './emptyHousehold.js';
import { Stranger } from './stranger.js';

/**
 * Cut comb from an empty household to the book: boxes and freezer said first, pieces cut, the rest
 * crushed.
 */
test.use({ now: '2026-01-20T12:00:00Z' });

test('a finished comb frame cut into boxes: its trimmings crushed, pieces and samples in one book', async ({
  page,
  server,
}) => {
  test.slow();
  const person = new Stranger(page);
  await setsRules(person, server.base, [['Registered to sell', 'Yes']], {
    'Free room in the freezer': '40',
    'Registered where, for what': 'Clover county, comb from the door',
  });
  await person.makesHive(server.base, 'Cut-comb super', 'Clover slope', 'Vassoura');
  await person.touch(/super 2, place 4,/);
  await person.reads('All capped');
  await person.touch('Write down super 2, frame 4');
  await person.fill('Winter need', '0');
  await person.touch('Write down 0 kg');
  await person.notes(/^Forage not known/, () => person.touch('Strong flow'));
  await person.touch('Go on to Choose');
  await person.touch(/super 2, place 4,/);
  // No box for pieces is in the kit yet: it is said at the comb, and put into it there.
  await person.touch(/^Cut comb/);
  await person.sees(/No boxes for pieces in the kit/);
  await person.touch('Another kind of box…');
  await person.fill('Its name', 'Clear box');
  await person.fill('Comb in one, net', '200');
  await person.fill('Empty it weighs, with lid', '25');
  await person.fill('How many there are', '12');
  await person.touch('Put it into the kit');
  await person.touch(/^Cut comb.* pieces/);
  await person.touch('Go on to Ready');
  await person.sees('Freeze to the core');
  await person.touch(/go to Take/);
  await person.at('Before you open');
  await goesOnUntil(page, /^Take|^Lift/);
  await page.locator('aside .p-button.main').first().click();
  await person.addsVessel(/^In which vessel/, 'Crate with racks', '30', '2');
  await person.touch('Guess it first…');
  await person.fill('I guess', '2,5');
  await person.touch('Now the scale');
  await person.fill('Gross weight, vessel and comb', '4,0');
  await person.sees(/you guessed 2\.50 kg, 25 % too much/);
  await person.touch(/^Write it down/);
  await expect(page.getByLabel('Gross weight, vessel and comb')).toHaveCount(0);
  await goesOnUntil(page, 'done');
  await person.touch('Done, on to the bench');
  await expect(page).toHaveURL(/\/cut\//);
  await person.sees('2.00 kg comb uncut and uncrushed.');
  await person.touch('Weigh and pack');
  await person.fill('Pieces cut', '6');
  await person.fill('Their weight together', '1240 g');
  await person.touch('Write the pieces down');
  await person.sees(/6 pieces, the lightest/);
  await person.touch('What came of it');
  await person.sees(
    /^By the looks \d+ to \d+ pieces were possible; 6 were made, 6 of them without the board\.$/,
  );
  await person.touch('Weigh and pack');
  await person.touch('Crush the rest');
  await person.sees('0.76 kg of comb to crush.');
  await person.touch('Crushed: start the clock');
  await person.sees('Stop draining…');
  await server.jump('2026-01-21T16:00:00Z');
  await page.reload();
  await closesDrain(person, { honeyKg: '0,6', wetWaxKg: '0,15' });
  await person.touch('Go on to Jar');
  await person.sees('600 g honey to fill');
  // Four are sold at ten percent off, then two go as samples; the discount asked both ways is
  // stopped.
  await person.touch('Shelf');
  await person.touch(/left the shelf…$/);
  await person.fill('How many', '4');
  await person.fill('Price of one', '9');
  await person.touch('A discount…');
  await person.fill('Discount, percent', '10');
  await person.fill('or in money', '2');
  await person.sees('Either an amount or percent, not both.');
  await expect(page.getByRole('button', { name: 'Write it down' })).toBeDisabled();
  await person.fill('or in money', '');
  await person.sees(/32\.40 for all/);
  await person.touch('Write it down');
  await person.touch(/left the shelf…$/);
  await page.getByLabel('They were').selectOption('given');
  await person.fill('How many', '2');
  await person.touch('Write it down');
  await page.getByText('What left it, 2 entries').click();
  await person.sees(/10 % off: .* 32\.40 for all/);
  await person.touch(/^Go on to Book/);
  await person.touch('Eaten at home');
  await person.sees('Balanced to the gram');
  const detail = await balances(server);
  expect(detail.lots.find((l) => l.kind === 'pieces')).toMatchObject({ count: 6, inG: 1240 });
  // 2000 g came in: 1240 in pieces, 600 honey, 150 wet wax, 10 on the tools.
  expect(detail.lossG).toBe(2000 - 1240 - 600 - 150);
});
