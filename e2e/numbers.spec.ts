import { randomUUID } from 'node:crypto';
import { HIVE_KINDS } from '../packages/core/src/hive/kinds.js';
import { expect, test } from './emptyHousehold.js';
import { look, makeHive, takeOne } from './household.js';

/** Numbers that were wrong once, from an empty household, on the screen. */
/** The same afternoon, so many hours after the drain began. */
const later = (hours: number): string =>
  new Date(Date.parse('2026-01-20T04:00:00Z') + hours * 3_600_000).toISOString();

test.describe('true numbers, from an empty household', () => {
  test.slow();
  test('a full drain frame holds 2 to 3.2 kg and wax in its caps alone', async ({
    page,
    server,
  }) => {
    const { defaults } = HIVE_KINDS['drain-frame'];
    const hive = await makeHive(server, 'Taboca', 'drain-frame', { ...defaults });
    await page.goto(`${server.base}/look/${hive.id}`);
    await page.getByRole('button', { name: 'Read, go on' }).click();
    await page.getByRole('button', { name: 'All capped' }).click();
    await page.getByRole('button', { name: 'Side B' }).click();
    await page.getByRole('button', { name: 'All capped' }).click();
    const verdict = page.locator('aside.verdict');
    await expect(verdict.getByText('2.6 kg', { exact: true })).toBeVisible();
    await expect(verdict.getByText('honey, 2.0–3.2 kg')).toBeVisible();
    await expect(verdict.getByText('wax, 20–70 g')).toBeVisible();
  });

  test('the room wets open honey; a drain that stands still says so and goes on after a stir', async ({
    page,
    server,
  }) => {
    const { defaults } = HIVE_KINDS['top-bar'];
    const hive = await makeHive(server, 'Canjerana', 'top-bar', { ...defaults });
    const combId = hive.bars.find((b) => b.slot === 9)!.comb!.id;
    await look(server, combId);
    const batchId = await takeOne(server, hive.id, combId, 'crush', later(-1));

    await page.goto(`${server.base}/drain/${batchId}`);
    await page.getByLabel("The room's humidity").fill('45');
    await expect(page.getByText(/Below 50 and above 80 % nothing is published/)).toBeVisible();
    await page.getByLabel("The room's humidity").fill('75');
    await expect(page.getByText(/it takes on about \d+–\d+ g of water/)).toBeVisible();
    await page.getByText('How this was got').first().click();
    await expect(page.getByText(/at balance with 28\.3 % water \(Martin 1958/)).toBeVisible();

    const drainId = randomUUID();
    await server.post(
      '/drains',
      {
        id: drainId,
        batchId,
        upperVesselId: null,
        lowerVesselId: null,
        method: 'mash',
        moisturePercent: 18,
        temperatureC: 25,
      },
      { at: later(0) },
    );
    const weigh = (hours: number, netG: number) =>
      server.post(
        '/weighings',
        {
          id: randomUUID(),
          drainId,
          of: 'lower',
          grossG: netG + 300,
          tareG: 300,
          source: 'hand',
        },
        { at: later(hours) },
      );
    await weigh(1, 280);
    await weigh(3, 690);
    await page.goto(`${server.base}/drain/${batchId}`);
    await expect(
      page.getByText(/^Nine tenths out about|^Nine tenths (are likely|should be) out/),
    ).toBeVisible();
    await expect(page.getByText(/^A starting range, narrowed by 2 weighings/)).toBeVisible();

    await weigh(6, 695);
    await weigh(8, 692);
    await page.reload();
    const stopped = page.getByText('It has stopped: strainer blocked or stuck.');
    await expect(stopped).toBeVisible();
    await expect(page.getByText(/still to come/)).toHaveCount(0);
    await expect(page.getByRole('table', { name: /an act now/ })).toHaveCount(0);
    await page.goto(server.base);
    await expect(page.getByText(/Canjerana has stopped draining/).first()).toBeVisible();

    // Stirred, it is expected to run again.
    await page.goto(`${server.base}/drain/${batchId}`);
    await page.getByRole('button', { name: /^Stir/ }).click();
    await expect(stopped).toHaveCount(0);
    await expect(page.getByText(/^Nine tenths/)).toBeVisible();
  });

  test('a whole box takes a day and more in the freezer, combs apart some hours', async ({
    page,
    server,
  }) => {
    const { defaults } = HIVE_KINDS.framed;
    const hive = await makeHive(server, 'Peroba', 'framed', { ...defaults });
    const combId = hive.bars.find((b) => b.comb)!.comb!.id;
    await look(server, combId, { depthMm: 126, thicknessMm: 32 });
    const batchId = await takeOne(server, hive.id, combId, 'cut');
    await page.goto(`${server.base}/cut/${batchId}?at=cold`);
    await page.getByRole('button', { name: 'Freeze whole, then cut' }).click();
    await expect(page.getByText(/in the freezer: core at −12 °C after at most 6 h/)).toBeVisible();
    await page.getByText('The box goes in as it is, its combs in it').click();
    await expect(
      page.getByText(/in the freezer: core at −12 °C after at most 1 d( 1?\d h)?,/),
    ).toBeVisible();
    await page.getByRole('textbox', { name: 'The freezer' }).fill('-10');
    await page.getByLabel('Against').selectOption({ label: 'wax moth and small hive beetle' });
    await expect(
      page.getByText(/does not get the core to −12 °C.*It ends wax moth alone/),
    ).toBeVisible();
  });

  test('pounds are typed and said on every screen, and a harvest that went on is not taken again', async ({
    page,
    server,
  }) => {
    await page.goto(`${server.base}/rules?at=all`);
    await page.getByRole('button', { name: 'lb, °F, in, US gal' }).click();
    const need = page.getByLabel(/Winter need, top-bar hive/);
    await need.fill('20');
    await page.getByRole('button', { name: 'Write these rules down' }).click();
    // What is typed while it is on its way is not lost to it.
    await need.fill('22');
    await expect(page.getByText('House rules written down.')).toBeVisible();
    await expect(page.getByText('Version 2;')).toBeVisible();
    await expect(need).toHaveValue('22');
    await page.getByRole('button', { name: 'Write these rules down' }).click();
    await expect(page.getByText('Version 3;')).toBeVisible();
    await page.reload();
    await expect(need).toHaveValue('22');
    const { defaults } = HIVE_KINDS['top-bar'];
    const hive = await makeHive(server, 'Canjerana', 'top-bar', { ...defaults });
    const combId = hive.bars.find((b) => b.slot === 9)!.comb!.id;
    await look(server, combId);
    await page.goto(`${server.base}/look/${hive.id}?comb=9`);
    const verdict = page.locator('aside.verdict');
    await expect(verdict).toContainText('the winter needs 22.0 lb');
    await expect(page.locator('main')).not.toContainText(/\d (kg|°C)/);
    const batchId = await takeOne(server, hive.id, combId, 'crush', later(-1));
    await page.goto(`${server.base}/drain/${batchId}`);
    await page.getByRole('button', { name: 'Crushed: start the clock' }).click();
    await expect(page.getByRole('main')).toContainText('lb at the start');
    await page
      .getByRole('navigation', { name: 'The row' })
      .getByRole('link', { name: /^Take/ })
      .click();
    await expect(page.getByRole('heading', { name: /^Canjerana was taken on/ })).toBeVisible();
    await expect(page.getByText(/^1 comb came out, .* lb by weight/)).toBeVisible();
    await page.getByRole('link', { name: 'Go on to Drain' }).click();
    await expect(page).toHaveURL(new RegExp(`/drain/${batchId}$`));
  });
});
