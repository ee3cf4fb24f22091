import { balances } from './carrying.js';
import { expect, test } from './emptyHousehold.js';
import { Stranger } from './stranger.js';
import { weighDrawnOff, weighLowerHoney, weighPressed, weighWetWax } from './weigh.js';

/**
 * Pile boxes from an empty household to the book, by both schools: cut out first, or dripped in the
 * box.
 */
test.use({ now: '2026-01-20T12:00:00Z' });

test('a pile box read in under twelve touches, cut free at the bench, dripped and pressed: two lots, a disc for the house', async ({
  page,
  server,
}) => {
  test.slow();
  const person = new Stranger(page);
  // A native bee lives in it: its honey has a limit of its own, and pressed wax is frozen three
  // weeks.
  await page.goto(`${server.base}/rules?at=all`);
  await page.getByText('Another limit of water for a kind of hive').click();
  await person.fill('Its limit, Crossbar pile box', '19,5');
  await person.fill('Frozen comb and wax stay in the cold', '3');
  await person.touch('Write these rules down');
  await person.sees('House rules written down.');
  await person.makesHive(server.base, 'Crossbar pile box', 'Behind the barn', 'Angico');
  person.touches = 0;
  await person.touch(/^box 4, place 1,/);
  await person.reads('All capped');
  await person.touch('All 8 of this box look like this');
  await expect(page.getByRole('button', { name: 'All 8 of this box look like this' })).toHaveCount(
    0,
  );
  expect(person.touches).toBeLessThan(12);
  await person.fill('Winter need', '0');
  await person.touch('Write down 0 kg');
  await person.touch('Go on to Choose');
  await person.touch(/^box 4, place 1,/);
  await person.touch(/^Drip, then press/);
  await person.sees(/Box \d out/);
  await person.touch('Go on to Ready');
  await person.sees('Cut the combs open');
  await person.touch(/go to Take/);
  await person.at('Before you open');
  for (const key of ['All here', 'Smoked', 'Go on', 'They are down', 'Parted'])
    await person.touch(key);
  await person.check(/No brood, no queen/);
  await person.touch('Nothing but honey');
  await person.fill('Box with its combs', '15,4');
  await person.touch('Weighed full');
  // The hive is closed before anything is cut.
  await person.touch('Hive is closed');
  await person.touch('It stands at the bench');
  await person.touch('Four walls free');
  await person.touch('Combs are out');
  await person.fill('Box without comb', '14,9');
  await person.sees(/Far from the .* of comb and wax that the looks say/);
  await person.fill('Box without comb', '3,9');
  await person.sees('11.50 kg of comb');
  await person.touch('Write it down');
  // By the row, without this harvest in the address: it is the last one in Take, and goes on all
  // the same.
  await page.goto(`${server.base}/take`);
  await person.sees('Box 4 is empty. Where is it now?');
  await person.touch('In below the others');
  await person.sees('Box 4 set in below: the others count one more.');
  await expect(page.getByText('Where is it now?')).toHaveCount(0);
  await person.touch('Done, on to the bench');
  await person.addsVessel(/^Lower vessel/, 'Large pail', '20', '0,9');
  await expect(page.getByRole('button', { name: 'Slice', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await person.touch('Crushed: start the clock');
  await person.sees(/^Cut-open comb,/);
  await person.touch(/^Press…/);
  await person.touch('Draw off what dripped first…');
  await weighDrawnOff(page, '12');
  await person.sees(/More than can have come: of what was crushed 11\.50 kg are not drawn off yet/);
  await weighDrawnOff(page, '6,2');
  await page.getByRole('dialog').getByRole('button', { name: 'Write it down' }).click();
  await person.sees('drew off 6.20 kg');
  await person.touch(/^Press…/);
  await person.touch('First turn');
  await person.sees(/1 turn\./);
  await weighPressed(page, '2,35');
  await person.touch('Turned, written down');
  await person.sees(/2 turns, the last brought/);
  await expect(page.getByLabel('Gross, pressed honey and its vessel')).toHaveValue('');
  await weighPressed(page, '2,38');
  await person.touch('Turned, written down');
  await person.sees('Enough');
  await person.touch('Put the press away');
  await person.touch('Stop draining…');
  const dialog = page.getByRole('dialog');
  await weighLowerHoney(dialog, '0');
  await expect(dialog.getByLabel('Gross, pressed honey and its vessel')).toHaveValue('2.38 kg');
  await dialog.getByLabel(/^Tare, the vessel of the pressed honey/).fill('0');
  await weighWetWax(dialog, '2,8');
  await person.touch('Close this drain');
  await person.touch('Go on to Jar');
  await person.sees('8.58 kg honey to fill');
  await person.touch(/^Angico, pressed honey, 2\.38 kg/);
  await person.touch('Wax and rinse');
  await person.fill(/^Pressed disc with its honey, eaten at home/, '3000');
  await person.touch('Keep it for the house');
  await person.sees('Only 2.80 kg of it are there.');
  await person.fill(/^Pressed disc with its honey, eaten at home/, '900');
  await person.touch('Keep it for the house');
  await person.sees('1900 g wet wax');
  await person.touch('Into the freezer');
  await person.sees(/By your rule until/);
  await person.touch(/^Go on to Book/);
  await person.touch('It stays here, to be filled later');
  await person.sees('Balanced to the gram');
  await person.sees(
    /^The press brought .* of it, 28 %: more than the tenth that people speak of\.$/,
  );
  const detail = await balances(server);
  expect(detail.batch.closedAt).toBeNull();
  expect(detail.lots.filter((l) => l.kind === 'honey').map((l) => l.nowG)).toEqual([6200, 2380]);
  expect(detail.takes.map((t) => t.netG!).reduce((a, b) => a + b, 0)).toBe(11_500);
  expect(detail.lots.find((l) => l.kind === 'wet-wax')!.nowG).toBe(2800 - 900);
  await person.touch('Today');
  await person.sees("Angico's wax may come out of the freezer");
  const [lowest, ...others] = detail.hive.boxes;
  expect(detail.hive.bars.filter((b) => b.boxId === lowest.carrierId && b.comb)).toEqual([]);
  expect(others).toHaveLength(3);
});

test('a box that drips as it stands: by its estimate, weighed empty afterwards, pressed the next day', async ({
  page,
  server,
}) => {
  test.slow();
  await page.setViewportSize({ width: 390, height: 844 });
  const person = new Stranger(page);
  await person.makesHive(server.base, 'Crossbar pile box', 'Orchard', 'Guapuruvu');
  await person.touch(/^box 4, place 1,/);
  await person.reads('All capped');
  await person.touch('All 8 of this box look like this');
  await expect(page.getByRole('button', { name: 'All 8 of this box look like this' })).toHaveCount(
    0,
  );
  await person.fill('Winter need', '0');
  await person.touch('Write down 0 kg');
  await person.touch('Go on to Choose');
  await person.touch(/^box 4, place 1,/);
  await person.touch(/^Drip, then press/);
  await person.sees(/Box \d out/);
  await person.plansAndGoes();
  for (const key of ['All here', 'Smoked', 'Go on', 'They are down', 'Parted'])
    await person.touch(key);
  await person.check(/No brood, no queen/);
  await person.touch('Nothing but honey');
  await person.fill('Box with its combs', '16,2');
  await person.touch('Weighed full');
  await person.touch('Hive is closed');
  await person.touch('It stands at the bench');
  await person.touch(/^It drips in its box first: [\d.]+–[\d.]+ kg by estimate/);
  await person.sees('Done at the bench');
  await person.touch('Done, on to the bench');
  await person.sees('Its comb is in the book by estimate.');
  await expect(page.getByRole('radio', { name: 'Box over a tray' })).toBeChecked();
  await person.addsVessel(/^Lower vessel/, 'Drip tray', '16', '1,2');
  await person.touch('Crushed: start the clock');
  await person.sees(/^Cut-open comb,/);

  // The next day it is pressed, and the box stands empty: now its comb has a weight.
  await person.touch('Weigh it instead');
  await expect(page.getByLabel(/^Gross, vessel and comb/)).toHaveValue('16.2 kg');
  await person.fill(/^Tare/, '4,1');
  await person.touch('Write it down');
  await person.sees('All of it is weighed.');
  await person.touch('Go on with Guapuruvu');
  await person.touch(/^Press…/);
  await person.touch('Draw off what dripped first…');
  await weighDrawnOff(page, '7,1');
  await page.getByRole('dialog').getByRole('button', { name: 'Write it down' }).click();
  await person.sees('drew off 7.10 kg');
  await person.touch(/^Press…/);
  await person.touch('First turn');
  await person.sees(/1 turn\./);
  await weighPressed(page, '2,1');
  await person.touch('Turned, written down');
  await person.sees(/2 turns/);
  await person.touch('Put the press away');
  await person.touch('Stop draining…');
  const dialog = page.getByRole('dialog');
  await weighLowerHoney(dialog, '0');
  await dialog.getByLabel(/^Tare, the vessel of the pressed honey/).fill('0');
  await weighWetWax(dialog, '2,65');
  await person.touch('Close this drain');
  await person.touch('Go on to Jar');
  await person.sees('9.20 kg honey to fill');
  await person.touch(/^Go on to Book/);
  await person.touch('It stays here, to be filled later');
  await person.sees('Balanced to the gram');
  const detail = await balances(server);
  expect(detail.takes.map((t) => t.netG!).reduce((a, b) => a + b, 0)).toBe(12_100);
  expect(detail.lots.filter((l) => l.kind === 'honey').map((l) => l.nowG)).toEqual([7100, 2100]);
  expect(detail.lossG).toBe(12_100 - 7100 - 2100 - 2650);
});
