import { balances } from './carrying.js';
import { expect, test } from './emptyHousehold.js';
import { KeyboardStranger } from './keyboard.js';
import { chooserIsDone } from './lift.js';

/**
 * One harvest without a pointer, from an empty household to the book: Tab, Enter, Space, arrows and
 * letters.
 */
test.use({ now: '2026-01-20T12:30:00Z' });

test('one harvest by the keyboard alone', async ({ page, server }) => {
  test.slow();
  const person = new KeyboardStranger(page);
  // Nothing is ever clicked: a pointer that moves fails the test.
  await page.addInitScript(() =>
    window.addEventListener('pointerdown', () => document.documentElement.classList.add('clicked')),
  );
  await page.goto(server.base);
  await person.touch('Horizontal top-bar hive');
  await person.fill('Name of the site', 'Hedge end');
  await person.fill('Name of the hive', 'Mallow');
  await person.touch('Make this hive');
  await person.at('Mallow');
  await person.touch('Read, go on');
  await person.reads('All capped');
  await person.touch(/^Write down comb/);
  await person.fill('Winter need', '0');
  await person.touch('Write down 0 kg');
  await person.touch('Go on to Choose');
  await page.waitForURL(/\/choose/);
  await chooserIsDone(page);
  await person.touchComb(17);
  await person.touch(/^Crush and strain/);
  await person.touch('Go on to Ready');
  await page.waitForURL(/\/ready/);
  await person.touch(/go to Take/);
  await person.at('Before you open');
  for (const key of [
    'All here',
    'Opened without smoke',
    'Go on',
    'Go on all the same',
    'Board is out',
    'In the tub',
  ])
    await person.touch(key);
  await person.addsVessel(/^In which vessel/, 'Comb tub', '12', '0,8');
  await person.fill('Gross weight, vessel and comb', '2,9');
  await person.touch('Write it down');
  for (const key of ['All bars in', 'Hive is closed', 'Done, on to the bench'])
    await person.touch(key);
  await person.addsVessel(/^Upper vessel/, 'Pierced bucket', '12', '0,9', '4');
  await person.addsVessel(/^Lower vessel/, 'Pail', '12', '1');
  await person.touch('Crushed: start the clock');
  await person.sees(/draining since/);
  await server.jump('2026-01-21T13:00:00Z');
  await page.goto(`${server.base}/drain`);
  await person.touch('Stop draining…');
  await person.fill('Gross, lower vessel and honey', '1,6');
  await person.fill('Tare, lower vessel empty', '0');
  await person.fill('Gross, wet wax and its bowl', '0,48');
  await person.fill('Tare, its bowl empty', '0');
  await person.touch('Close this drain');
  await person.at(/settles$/);
  await person.touch('Go on to Jar');
  await person.touch(/^Go on to Book/);
  await person.touch('Given');
  await person.sees('Balanced to the gram');
  await balances(server, 'Mallow');
  await expect(page.locator('html')).not.toHaveClass(/clicked/);
});
