import { balances, closesDrain } from './carrying.js';
import { expect, test } from './emptyHousehold.js';
import { Stranger } from './stranger.js';

/** First-season colonies on a roof: taken against the rules, with the reason said once. */
test.use({ now: '2026-01-20T12:00:00Z' });

const IN_THE_TUB: Record<string, string[]> = {
  Camará: ['3,001', '4,702', '6,803'],
  Aroeira: ['3,2', '4,1'],
};

test('scraped frames of two first-season hives on a roof: named, one reason each, true averages', async ({
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
  const readsFrames = async (frames: number): Promise<void> => {
    for (let frame = 1; frame <= frames; frame++) {
      await person.touch(new RegExp(`super 2, place ${frame},`));
      await person.reads('All capped');
      await person.touch(`Write down super 2, frame ${frame}`);
    }
  };
  /** Each frame against the rules, with the reason said once, to be crushed. */
  const choosesFrames = async (frames: number, why: string): Promise<void> => {
    await person.touch('Choose');
    await page.waitForURL(/\/choose/);
    await person.touch(/super 2, place 1,/);
    await person.fill('Why take it all the same?', why);
    await person.touch('Take frame 2·1 anyway');
    for (let frame = 2; frame <= frames; frame++) {
      await person.touch(new RegExp(`super 2, place ${frame},`));
      await person.sees(new RegExp(`Frame 2·${frame}: taken for the reason you gave before`));
    }
    for (let frame = 1; frame <= frames; frame++) {
      await person.touch(new RegExp(`super 2, place ${frame},`));
      await person.touch(/^Crush and strain/);
    }
    await person.touch('Go on to Ready');
  };
  const takesFrames = async (hive: string): Promise<void> => {
    for (const key of ['All here', 'Smoked', 'Go on', 'Open']) await person.touch(key);
    const instruction = page.locator('h2.instruction');
    for (const [i, grossKg] of IN_THE_TUB[hive].entries()) {
      await expect(instruction).toHaveText(/^Take frame/);
      const frame = await instruction.textContent();
      await person.touch('In the tub');
      if (i === 0 && hive === 'Camará')
        await person.addsVessel(/^In which vessel/, 'Crate on a rope', '30', '1,2');
      await person.fill('Gross weight, vessel and comb', grossKg);
      await person.touch(/^Write it down/);
      await expect(instruction).not.toHaveText(frame!);
    }
    await person.ticks(1);
    await person.touch('No gap');
    await person.touch('Hive is closed');
    await person.touch('Done, on to the bench');
  };

  await page.goto(server.base);
  await person.touch('Make your first hive');
  await page.getByRole('radio', { name: 'Framed super, for crushing' }).click();
  await person.fill('Name of the site', 'Tar roof');
  await person.fill('Name of the hive', 'Camará');
  await person.fill('This colony lives here since', '2025-10-15');
  await person.touch('Make this hive');
  await person.at('Camará');
  await person.touch('New hive');
  await person.fill('Name of the hive', 'Aroeira');
  await person.fill('This colony lives here since', '2025-11-02');
  await person.touch('Make this hive');
  await person.at('Aroeira');
  await readsFrames(2);
  await opens('Camará');
  await readsFrames(3);
  await person.fill('Winter need', '0');
  await person.touch('Write down 0 kg');
  await person.sees(/A colony in its first season keeps what it has/);

  // Each hive is a harvest of its own, by its name.
  await choosesFrames(3, 'They are moved to the garden');
  await person.check('Stands on a roof');
  await person.check('Children play near');
  await person.touch('Write these down');
  await person.sees('Secure yourself on the roof');
  await person.sees('Children indoors');
  await person.touch(/go to Take/);
  await person.at('Before you open');
  await person.sees(/Secured on the roof, nothing carried while climbing/);
  await person.sees(/Stings can kill/);
  await takesFrames('Camará');
  await person.sees('5.60 kg of comb to crush.');
  await person.touch('Crushed: start the clock');
  await opens('Aroeira');
  await choosesFrames(2, 'They are moved to the garden');
  await person.touch(/go to Take/);
  await person.at('Before you open');
  await takesFrames('Aroeira');
  await person.sees('2.90 kg of comb to crush.');
  await person.addsVessel(/^Upper vessel/, 'Second sieve pail', '15', '0,8', '3');
  await person.touch('Crushed: start the clock');
  await person.sees('Stop draining…');
  await server.jump('2026-01-22T14:00:00Z');

  await page.goto(server.base);
  await person.touch(/^Harvest of Camará/);
  await closesDrain(person, { honeyKg: '4,4', wetWaxKg: '1,1' });
  await person.touch('Go on to Jar');
  // The tray of wet wax is not set out in the open for the bees.
  await person.touch('Wax and rinse');
  await page.getByLabel('What you do').selectOption({ label: 'Out in the open' });
  await person.sees(/In the open it calls robbers and spreads disease; many places forbid it/);
  await expect(page.getByRole('button', { name: 'Done with the wet gear' })).toBeDisabled();
  await page.getByLabel('What you do').selectOption({ label: 'Wash it' });
  await person.touch('Done with the wet gear');
  await person.touch(/^Go on to Book/);
  await person.touch('Given');
  await person.sees('Balanced to the gram');
  // 5603 g on three frames: 1867.67 g each.
  await person.sees('3 frames weighed, 1.87 kg each on the average.');

  await page.goto(server.base);
  await person.touch(/^Harvest of Aroeira/);
  await closesDrain(person, { honeyKg: '2,3', wetWaxKg: '0,55' });
  await person.touch('Go on to Jar');
  await person.touch(/^Go on to Book/);
  await person.touch('Eaten at home');
  await person.sees('Balanced to the gram');
  await person.sees('2 frames weighed, 1.45 kg each on the average.');

  const camara = await balances(server, 'Camará');
  expect(camara.takes.reduce((sum, t) => sum + t.netG!, 0)).toBe(5603);
  expect(camara.batch.anyway).toHaveLength(3);
  const aroeira = await balances(server, 'Aroeira');
  expect(aroeira.takes.reduce((sum, t) => sum + t.netG!, 0)).toBe(2900);
  expect(aroeira.lossG).toBe(2900 - 2300 - 550);
});
