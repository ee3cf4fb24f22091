import { balances, closesDrain } from './carrying.js';
import {
  beforeFrames,
  notesTiltAndForage,
  opensFrame,
  runsOut,
  shutsFrames,
  weighsVessel,
} from './drainFrames.js';
import { expect, test } from './emptyHousehold.js';
import { openTopBar } from './lift.js';
import { Stranger } from './stranger.js';

/**
 * Each kind of harvest from an empty household to the book, through visible labels; the grams are
 * summed here anew.
 */
test.use({ now: '2026-01-20T12:00:00Z' });

test('three of six drain frames into one pail: weighed as one, shared, the frames not full said so', async ({
  page,
  server,
}) => {
  test.slow();
  const person = new Stranger(page);
  await person.makesHive(server.base, 'Split-cell drain-frame super', 'Flat roof', 'Taboca');
  await person.reads('All capped');
  await person.touch('All 6 of this box look like this');
  await expect(page.getByRole('button', { name: 'All 6 of this box look like this' })).toHaveCount(
    0,
  );
  // One of them is only half full: touched and read again.
  await person.touch(/^super 2, place 3,/);
  await person.fill('Capped, side A', '50');
  await person.touch('Side B');
  await person.touch('Half capped');
  await person.touch('Write down super 2, frame 3');
  await person.fill('Winter need', '0');
  await person.touch('Write down 0 kg');
  await notesTiltAndForage(person, 'Some');
  await person.touch('Go on to Choose');
  for (const place of [1, 2, 4]) {
    await person.touch(new RegExp(`^super 2, place ${place},`));
    await person.touch(/^Drain in the hive/);
  }
  for (const place of [5, 6]) {
    await person.touch(new RegExp(`^super 2, place ${place},`));
    await person.touch(/^Stays with the bees/);
  }
  await person.sees(/3 frames out/);
  await person.plansAndGoes();
  await person.touch('All here');
  await beforeFrames(person);
  await person.addsVessel(/^Frame 2·1/, 'Honey pail', '15', '0,6');
  for (const frame of [/^Frame 2·2/, /^Frame 2·4/])
    await page.getByLabel(frame).selectOption({ index: 1 });
  await person.touch('All of it is so');
  const opens = (frame: string): Promise<void> => opensFrame(person, frame);
  const weighs = (grossKg: string): Promise<void> => weighsVessel(person, grossKg, '0.6 kg');
  await opens('2·1');
  await opens('2·2');
  await person.sees('2·1, 2·2 run into it together; it is weighed as one and shared out.');
  await person.touch('Weigh vessel…');
  await person.fill('Gross, vessel and honey', '4,1');
  await person.sees('3.50 kg came from 2 frames together. Their shares, by estimate:');
  await weighs('4,1');
  // The third waits by the house rule, two at once, until the first is closed.
  await person.touch(/^Frame 2·4/);
  await person.sees('2 frames run already, your rule is 2 at once.');
  await runsOut(person, '2·1');
  // Its last honey has come since: it is weighed again before the frame is closed.
  await person.touch('Weigh Honey pail first');
  await person.sees('At its last weighing it held 3.50 kg.');
  await weighs('5,2');
  await person.touch('The plug is in');
  await opens('2·4');
  await runsOut(person, '2·2');
  await runsOut(person, '2·4');
  await person.touch('Weigh Honey pail first');
  await weighs('6,93');
  for (const frame of ['2·2', '2·4']) {
    await person.touch(new RegExp(`^Frame ${frame}`));
    await person.touch('The plug is in');
  }
  await person.touch('All frames closed');
  await shutsFrames(person);
  await person.sees(/Back to these frames by/);
  await person.touch('Done, on to the bench');
  await expect(page).toHaveURL(/\/jar\//);
  await person.sees('6.33 kg honey to fill');
  await person.touch('Measure water…');
  await person.fill('Reading', '17,6');
  await person.touch('Keep this sample');
  await person.sees(/17\.6 % water: one drop, at the bench/);
  await person.touch(/^Go on to Book/);
  await person.touch('Eaten at home');
  await person.sees('Balanced to the gram');
  const detail = await balances(server);
  expect(detail.takes.map((t) => t.netG).reduce((a, b) => a! + b!, 0)).toBe(6330);
  expect(detail.takes).toHaveLength(3);
  expect(detail.batch.closedAt).not.toBeNull();
});

test('one comb from the back, no scale at the hive: weighed at home as a debt, crushed, its water on the label', async ({
  page,
  server,
}) => {
  test.slow();
  await page.setViewportSize({ width: 390, height: 844 });
  const person = new Stranger(page);
  await person.makesHive(server.base, 'Horizontal top-bar hive', 'Garden', 'Jerivá');
  await person.touch(/^Comb 17,/);
  // Through the window first: a guess, which makes no comb ripe; then in the hand.
  await person.touch('From outside');
  await person.touch('Broad');
  await person.sees(/^Guess: honey/);
  await person.touch('Bands');
  await person.reads('All capped');
  await person.touch('Write down comb 17');
  await person.fill('Winter need', '0');
  await person.touch('Write down 0 kg');
  await person.sees(/^Take/);
  await person.touch('Go on to Choose');
  await person.touch(/^Comb 17,/);
  await person.touch(/^Crush and strain/);
  await person.sees('1 comb out');
  await person.plansAndGoes();
  await openTopBar(page);
  await person.touch('In the tub');
  // The scale stands at home: the comb is out all the same, and its weight is owed.
  await person.touch('Weigh it later');
  await person.sees(
    /Bars with comb in their old order, without a gap to the nest; the empty bars last/,
  );
  await person.touch('All bars in');
  await person.touch('Hive is closed');
  await person.touch('Done, on to the bench');
  await person.sees(/One weighing is still open/);
  await page.goto(server.base);
  await person.touch('Weigh comb 17 of Jerivá');
  await person.fill('Gross, vessel and comb', '3,06');
  await person.sees('What does the vessel weigh empty?');
  await person.fill('Tare, the vessel empty', '1,1');
  await person.sees('1.96 kg net');
  await person.touch('Write it down');
  await person.touch('Go on with Jerivá');
  await person.addsVessel(/^Lower vessel/, 'Wide bowl', '6', '0,5');
  // The key stands on the first screen, though the vessels are drawn below it.
  await person.touch('Crushed: start the clock');
  await closesDrain(person, { honeyKg: '1,5', wetWaxKg: '0,42' });
  for (const drop of ['17,2', '17,4']) {
    await person.touch('Measure water…');
    await person.fill('Reading', drop);
    await person.touch('Keep this sample');
    await expect(page.getByRole('dialog')).toHaveCount(0);
  }
  await person.touch('Go on to Jar');
  await person.sees(/17\.4 % water/);
  await person.touch(/^Go on to Book/);
  await person.touch('Eaten at home');
  await person.sees('Balanced to the gram');
  const detail = await balances(server);
  expect(detail.takes).toMatchObject([{ netG: 1960, netBy: 'scale' }]);
  expect(detail.lossG).toBe(40);
  expect(detail.lots.find((l) => l.kind === 'wet-wax')!.nowG).toBe(420);
});

test('one full drain frame by quarters into a jar that is too small: said before, swapped, both weighed', async ({
  page,
  server,
}) => {
  test.slow();
  await page.setViewportSize({ width: 390, height: 844 });
  const person = new Stranger(page);
  await person.makesHive(server.base, 'Split-cell drain-frame super', 'Yard', 'Cambuci');
  await person.touch(/^super 2, place 1,/);
  await person.reads('All capped');
  await person.touch('Write down super 2, frame 1');
  await person.fill('Winter need', '0');
  await person.touch('Write down 0 kg');
  await notesTiltAndForage(person, 'Some');
  await person.touch('Go on to Choose');
  await person.touch(/^super 2, place 1,/);
  await person.touch(/^Drain in the hive/);
  await person.sees('1 frame out');
  await person.plansAndGoes();
  await person.touch('All here');
  await beforeFrames(person);
  await person.addsVessel(/^Frame 2·1/, 'Jar one', '1', '0,4');
  await person.sees(/Jar one holds 1\.3 kg to its mark; frame 2·1 may give 3\.2 kg/);
  await person.touch('All of it is so');
  for (let part = 1; part <= 2; part++) {
    await person.touch(`Open part ${part} of 4`);
    await person.touch('No leak');
  }
  await person.touch('Swap vessel…');
  await person.addsVessel(/^Under it now/, 'Jar two', '2', '0,7');
  await person.touch('Swapped');
  await person.at('Weigh Jar one');
  // The scale is in the house: the full jar is weighed later.
  await person.touch('Back');
  for (let part = 3; part <= 4; part++) {
    await person.touch(`Open part ${part} of 4`);
    await person.touch('No leak');
  }
  await person.touch('Only drops come now');
  await person.touch('Reset: cells back in line');
  await person.touch('Plug in, weigh later');
  await person.sees('closed, not weighed yet');
  await person.touch('All frames closed');
  await shutsFrames(person);
  await person.touch('Done, on to the bench');
  await person.sees(/2 weighings are still open/);
  await person.touch('Weigh it');
  await person.fill('Gross, vessel and honey', '1,68');
  await person.touch('Write it down');
  await expect(page.getByRole('heading', { name: 'Weigh Jar one' })).toHaveCount(0);
  await person.fill('Gross, vessel and honey', '2,05');
  await person.touch('Write it down');
  await person.touch('Go on with Cambuci');
  await person.sees('2.63 kg honey to fill');
  const detail = await balances(server);
  expect(detail.takes).toMatchObject([{ netG: 2630 }]);
});
