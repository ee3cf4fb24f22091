import { balances } from './carrying.js';
import { expect, test } from './emptyHousehold.js';
import { Stranger } from './stranger.js';

/** A box of stingless bees from an empty household to the book, on a phone. */
test.use({ now: '2026-11-10T12:00:00Z', viewport: { width: 390, height: 844 } });

test('pots drawn off at the yearly look: pollen on the lot, the path cut before', async ({
  page,
  server,
}) => {
  test.slow();
  const person = new Stranger(page);
  await person.makesHive(server.base, 'Stingless-bee box', 'Terreiro', 'Juçara');
  await person.touch(/super 2, place 1,/);
  await person.touch('Ten sealed pots more');
  await person.touch('Ten sealed pots more');
  await person.touch('Ten pollen pots more');
  await person.sees(/At most 10 of 20 sealed pots are drawn/);
  await person.touch('Write down super 2, pots 1');
  await person.sees('The yearly look');
  await person.touch('Something to do here…');
  await person.fill('What is to be done there', 'Cut the path to the box');
  await person.touch('Put it on the list');
  await person.sees('before the next visit');
  await person.touch('Go on to Choose');
  await person.touch('No');
  await person.touch(/super 2, place 1,/);
  await person.touch(/^Cut the pots out/);
  await person.sees(/By your rule pots are emptied by suction/);
  await person.touch('Close');
  await person.touch(/^Draw off the pots/);
  await person.sees(/10 of 20 sealed pots out/);
  await person.touch('Go on to Ready');
  // The day's plan has it, and Today too, where it is done.
  // On a phone the timetable opens by a touch.
  await page.getByText('From washing the gear').click();
  await person.sees('Cut the path to the box');
  await page.goto(server.base);
  await person.touch('Terreiro: Cut the path to the box: done');
  await expect(page.getByText('Cut the path to the box').filter({ visible: true })).toHaveCount(1);
  await person.touch('Plan the day for Juçara');
  await person.touch(/go to Take/);
  await person.at('Before you open');
  await person.touch('All here');
  await person.touch('Super is open');
  await person.touch('In the bottle');
  await person.addsVessel(/^In which vessel/, 'Suction bottle', '1', '0,2');
  await person.fill('Gross weight, vessel and honey', '0,31');
  await person.fill('Pots emptied', '10');
  await person.check(/Some pollen pots came with it/);
  await person.sees('110 g net');
  await person.touch('Write it down');
  await person.ticks(2);
  await person.touch('Clean and dry');
  await person.touch('Hive is closed');
  await person.touch('Done, on to the bench');
  await expect(page).toHaveURL(/\/jar\//);
  await person.sees(/honey, with pollen: it ferments sooner/);
  await person.addsJar('Small vented jar', '100', '60', '4');
  // On a slow line what was filled a moment ago does not stand in the way of the next touch.
  await page.route('**/api/v1/harvests/*', async (route) => {
    await new Promise((r) => setTimeout(r, 600));
    await route.continue();
  });
  await person.touch(/^Filled 1( |$)/);
  await person.sees('Small vented jar');
  await person.touch(/^Go on to Book/);
  await person.touch('Eaten at home');
  await person.sees('Balanced to the gram');
  const detail = await balances(server);
  expect(detail.takes).toMatchObject([{ netG: 110, potsEmptied: 10, withPollen: true }]);
  await page.goto(`${server.base}/look`);
  await person.touch(/super 2, place 1,/);
  await person.sees(/10 pots emptied/);
});
