import { expect, test } from '@playwright/test';
import { demoHousehold } from './demoHousehold.js';

const demo = demoHousehold();
test.describe.configure({ mode: 'serial' });
test.use({ viewport: { width: 390, height: 844 } });

/** A browser whose listener hears these sentences, one after the other. */
const HEARS = ['mind the pail', 'two kilos and 40 grams'];
test.beforeEach(async ({ page }) => {
  await page.addInitScript((sentences) => {
    const left = [...sentences];
    class Ear {
      lang = '';
      onresult: ((event: object) => void) | null = null;
      start(): void {
        setTimeout(() => this.onresult?.({ results: [[{ transcript: left.shift() }]] }), 50);
      }
      abort(): void {}
    }
    Object.assign(window, { SpeechRecognition: Ear, webkitSpeechRecognition: Ear });
  }, HEARS);
});

test('nothing listens before somebody says that it may, and whose service it is', async ({
  page,
}) => {
  await page.goto(`${demo.base}/drain`);
  await page.getByRole('button', { name: /^Weigh/ }).click();
  await expect(page.getByLabel('Gross, lower vessel and honey')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Say the weight' })).toHaveCount(0);
  await page.goto(`${demo.base}/rules?at=jar`);
  await expect(page.getByText(/by a service of the browser itself, which may send/)).toBeVisible();
  const choice = page.getByRole('group', { name: 'Weights and counts, on this device' });
  await expect(choice.getByRole('button', { name: 'Typed only' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
});

test('a spoken weight is read back, counts when it is right, and is written as any other', async ({
  page,
}) => {
  await page.goto(`${demo.base}/rules?at=jar`);
  await page
    .getByRole('group', { name: 'Weights and counts, on this device' })
    .getByRole('button', { name: 'May be spoken' })
    .click();
  await page.goto(`${demo.base}/drain`);
  await page.getByRole('button', { name: /^Weigh/ }).click();
  const gross = page.getByLabel('Gross, lower vessel and honey');
  await page.getByRole('button', { name: 'Say the weight' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'mind the pail' })).toBeVisible();
  await expect(gross).toHaveValue('');
  await page.getByRole('button', { name: 'Say the weight' }).click();
  await expect(page.getByText('2.04 kg: is it?')).toBeVisible();
  await expect(gross).toHaveValue('');
  await page.getByRole('button', { name: 'Yes, take it' }).click();
  await expect(gross).toHaveValue('2 kg 40 g');
  await page.getByRole('button', { name: /Write down 1\.73 kg/ }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'weighed 1.73 kg' })).toBeVisible();
});
