import { demoHousehold } from './demoHousehold.js';
import { expect, test, type Page } from '@playwright/test';
import { picturePath, setCorners, showExamples } from './comb.js';
import { opensColony } from './colony.js';
import { boxAtRest } from './boxAtRest.js';

// One household, one test after the other: a bar shifted in one would change the combs of another.
test.describe.configure({ mode: 'default' });
const demo = demoHousehold();
const open = async (page: Page, hive: string): Promise<void> => {
  await page.goto(`${demo.base}/look`);
  if (hive !== 'Ipê') await page.getByRole('link', { name: hive, exact: true }).click();
  await expect(page.getByRole('heading', { name: hive, level: 1 })).toBeVisible();
};
const verdict = (page: Page, word: string) =>
  expect(page.locator('.verdict .head')).toContainText(word);
const undo = async (page: Page, sentence: RegExp): Promise<void> => {
  await page.keyboard.press('?');
  await page.getByRole('button', { name: sentence }).first().click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
};

test('a face is painted cell by cell: the verdict follows, a stroke is undone, the other side mirrored', async ({
  page,
}) => {
  await open(page, 'Guabiroba');
  await page.getByRole('button', { name: /super 2, place 5/ }).click();
  await verdict(page, 'Take');
  await page.getByRole('button', { name: 'Paint cells' }).click();
  const canvas = page.getByRole('img', { name: /Super 2, frame 5, side A: .*capped/ });
  const box = await boxAtRest(canvas);
  await page.keyboard.press('4');
  await expect(page.getByRole('radio', { name: /Brood/ })).toHaveAttribute('aria-checked', 'true');
  await page.mouse.move(box.x + box.width / 2 - 40, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 40, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  await verdict(page, 'Leave');
  await expect(page.locator('.verdict')).toContainText('Brood on side A');
  await page.getByRole('button', { name: 'Undo stroke' }).click();
  await verdict(page, 'Test first');
  await page.getByRole('button', { name: 'Mirror to the other side' }).click();
  await expect(page.getByText(/Mirrored to side B/)).toBeVisible();
  await verdict(page, 'Take');
  await page.keyboard.press('2');
  await page.getByRole('button', { name: 'Fill a patch' }).click();
  await page.mouse.click(box.x + box.width / 2 - 60, box.y + box.height / 2);
  await verdict(page, 'Leave');
  await page.getByRole('button', { name: 'Undo stroke' }).click();
  await page.getByRole('button', { name: 'Bands' }).click();
  await page.getByLabel('Open, side A').fill('40');
  await expect(page.getByText(/painted cells of side A were put aside/)).toBeVisible();
  await page.getByRole('button', { name: 'Put down, keep the last look' }).click();
  await verdict(page, 'Take');
});

test('the keyboard alone paints a cell', async ({ page }) => {
  await open(page, 'Pitanga');
  await page.getByRole('button', { name: /super 2, place 4/ }).click();
  await page.getByRole('button', { name: 'Paint cells' }).click();
  const canvas = page.getByRole('img', { name: /arrow keys move/i });
  await canvas.focus();
  await page.keyboard.press('3');
  for (const key of ['ArrowDown', 'ArrowRight', 'Space']) await page.keyboard.press(key);
  await expect(canvas).toHaveAttribute('aria-label', /[1-9] % pollen/);
  await page.getByRole('button', { name: 'Put down, keep the last look' }).click();
});

test('a comb is read from a photo: corners, a few examples, the rest found; it stays with the look', async ({
  page,
}) => {
  await open(page, 'Ipê');
  await page.getByRole('button', { name: /^Comb 13/ }).click();
  await verdict(page, 'Leave');
  await page.getByRole('button', { name: 'From a photo…' }).click();
  await page.getByLabel('Photo of the comb').setInputFiles(picturePath('first-12'));
  await expect(page.getByText('Drag the four corners')).toBeVisible();
  await setCorners(page, 'first-12');
  await expect(page.getByRole('button', { name: 'Read the cells' })).toBeDisabled();
  for (const [word, content] of [
    ['Capped', 'capped'],
    ['Open', 'open'],
    ['Empty', 'empty'],
    ['Pollen', 'pollen'],
  ])
    await showExamples(page, 'first-12', word, content, (x, y) => page.mouse.click(x, y));
  await page.getByRole('button', { name: 'Read the cells' }).click();
  await expect(page.getByText(/\d+ cells: \d+ % capped/)).toBeVisible({ timeout: 20_000 });
  await page.getByRole('button', { name: 'Keep this reading' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  const capped = Number(await page.getByLabel('Capped, side A').inputValue());
  expect(capped).toBeGreaterThan(30);
  await page.getByRole('button', { name: 'Write down comb 13' }).click();
  await expect(page.getByText('Comb 13 written down.')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Capped, side A')).toHaveValue(String(capped));
  await undo(page, /Undo: Look written down/);
});

test('a file that is no picture is refused in a sentence, and another can be chosen', async ({
  page,
}) => {
  await open(page, 'Ipê');
  await page.getByRole('button', { name: 'From a photo…' }).click();
  await page
    .getByLabel('Photo of the comb')
    .setInputFiles({ name: 'comb.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('only words') });
  await expect(page.getByRole('alert')).toContainText('no picture that can be read');
  await page.getByLabel('Photo of the comb').setInputFiles(picturePath('first-3'));
  await expect(page.getByText('Drag the four corners')).toBeVisible();
  await expect(page.getByRole('alert')).toHaveCount(0);
  // Examples by the keyboard: arrows walk over the cells, space shows one.
  await page.getByRole('dialog').locator('canvas').focus();
  for (const key of ['ArrowDown', 'ArrowLeft', 'Space']) await page.keyboard.press(key);
  await expect(
    page.getByRole('dialog').getByRole('radio', { name: /^Capped [1-7]$/ }),
  ).toBeVisible();
});

test('a bar is shifted and keeps its comb; a box is set in below; each is undone', async ({
  page,
}) => {
  await open(page, 'Ipê');
  await page.getByRole('button', { name: /^Comb 14/ }).click();
  await verdict(page, 'Take');
  await page.getByRole('button', { name: 'Shift bar 14 toward the entrance' }).click();
  await expect(page.getByRole('button', { name: 'Comb 13, may take' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Comb 14, leave' })).toBeVisible();
  await undo(page, /Undo: Bars shifted/);
  await expect(page.getByRole('button', { name: 'Comb 14, may take' })).toBeVisible();
  await open(page, 'Araucária');
  await page.getByRole('button', { name: 'Set an empty box in below' }).click();
  await expect(page.getByRole('button', { name: 'box 4, place 1, may take' })).toBeVisible();
  await page.getByRole('button', { name: 'box 1, place 1, empty' }).click();
  await expect(page.getByText('Box 1, comb 1 is empty.')).toBeVisible();
  await undo(page, /Undo: A box set in below/);
  await expect(page.getByRole('button', { name: 'box 3, place 1, may take' })).toBeVisible();
});

test('frames are swapped and a super turned round by touch', async ({ page }) => {
  await open(page, 'Guabiroba');
  await page.getByRole('button', { name: /super 2, place 5/ }).click();
  await page.getByRole('button', { name: 'Swap with…' }).click();
  await page.getByRole('button', { name: /super 2, place 2/ }).click();
  await expect(page.getByRole('button', { name: 'super 2, place 2, may take' })).toBeVisible();
  await page.getByRole('button', { name: 'Turn box 2 round' }).click();
  await expect(page.getByRole('button', { name: 'super 2, place 8, may take' })).toBeVisible();
  await undo(page, /Undo: Super turned round/);
  await undo(page, /Undo: Two places swapped/);
  await expect(page.getByRole('button', { name: 'super 2, place 5, may take' })).toBeVisible();
});

test('a treatment keeps every comb where it is, until its waiting time is over', async ({
  page,
}) => {
  await open(page, 'Araucária');
  await opensColony(page);
  await page.getByRole('button', { name: /^Treated/ }).click();
  await page.getByLabel('Product').fill('Oxalic acid');
  await page.getByLabel('Waiting time, from its leaflet').fill('30');
  await page.getByRole('button', { name: 'Leaflet: supers may be on' }).click();
  await verdict(page, 'Leave');
  await expect(page.locator('.verdict')).toContainText('No comb from a treated colony');
  await undo(page, /Undo: Treatment noted/);
  await verdict(page, 'Take');
});

test('a dead colony is asked for its cause, and its honey waits for the answer', async ({
  page,
}) => {
  await open(page, 'Cedro');
  await page.getByRole('button', { name: 'The colony is gone…' }).click();
  await page.getByRole('button', { name: 'It is gone; answer later' }).click();
  await expect(page.getByText('Answer the checklist of the dead colony')).toBeVisible();
  await verdict(page, 'Test first');
  await page.getByRole('button', { name: 'Dead colony: checklist…' }).click();
  await page
    .getByRole('group', { name: /Gnawed comb/ })
    .getByRole('button', { name: 'Yes' })
    .click();
  await expect(page.getByText('not for eating', { exact: false }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await verdict(page, 'Leave');
  await page.getByRole('button', { name: 'Dead colony: checklist…' }).click();
  await page.getByRole('button', { name: 'A mistake: it lives' }).click();
  // Its box goes whole, and two boxes of it are not read: they may hold what the winter needs, or
  // not.
  await verdict(page, 'Test first');
  await expect(page.locator('.verdict')).toContainText('Read more combs first: 16 others');
});

test('stray comb is looked over, weighed apart, and goes its own way', async ({ page }) => {
  await open(page, 'Pitanga');
  await page.getByRole('button', { name: 'Stray comb…' }).click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText('Look for the queen first: she may be on it.')).toBeVisible();
  await page.getByLabel('I looked for the queen on it').check();
  await page.getByRole('button', { name: 'No brood' }).click();
  await page.getByRole('button', { name: 'None seen' }).click();
  await page.getByLabel(/Capped, weighed/).fill('640');
  await page.getByLabel(/Open, weighed/).fill('0,2 kg');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page).toHaveURL(/drain/);
});

test('the end pane gives a range, never a reading', async ({ page }) => {
  await open(page, 'Bromélia');
  await page.getByRole('button', { name: /super 2, place 6/ }).click();
  await page.getByRole('button', { name: 'From outside' }).click();
  await page.getByRole('button', { name: 'One more capped' }).click();
  await expect(page.getByText(/if the rest is like these \d+ cells/)).toBeVisible();
  await verdict(page, 'Test first');
  await page.getByRole('button', { name: 'Put down, keep the last look' }).click();
});

test('another kind of hive is made by choosing its drawing', async ({ page }) => {
  await page.goto(`${demo.base}/hives/new`);
  await page.getByRole('radio', { name: /Stingless-bee box/ }).click();
  await page.getByRole('button', { name: /honey supers more/ }).click();
  await page.getByLabel('Depth of the honey super').fill('300');
  await page.getByLabel('Name of the hive').fill('Jataí');
  await page.getByLabel('This colony lives here since').fill('2025-02-01');
  await page.getByRole('button', { name: 'Make this hive' }).click();
  await expect(page.getByRole('heading', { name: 'Jataí', level: 1 })).toBeVisible();
  await expect(page.getByText('Before the first time with this kind of hive:')).toBeVisible();
  await expect(page.getByText('The brood is never opened.')).toBeVisible();
  await page.getByRole('button', { name: 'Read, go on' }).click();
  await expect(page.getByText('Before the first time with this kind of hive:')).toHaveCount(0);
  await page.getByRole('button', { name: 'Ten sealed pots more' }).click();
  await verdict(page, 'Take');
  await page.getByRole('button', { name: /^Write down/ }).click();
  await expect(page.getByText(/written down\./)).toBeVisible();
});

test('an earlier look is laid over this one by a slider', async ({ page }) => {
  await open(page, 'Ipê');
  await page.getByRole('button', { name: /^Comb 13/ }).click();
  await expect(page.getByText(/capped on/)).toBeVisible();
  await page.getByLabel('An earlier look laid over this one').fill('0');
  await expect(page.locator('.slide output')).not.toHaveText('off');
});

test('a comb of a stack goes on along the row: chosen, planned, and led step by step', async ({
  page,
}) => {
  await open(page, 'Araucária');
  await page.getByRole('link', { name: 'Go on to Choose' }).click();
  await page.waitForURL(/\/choose/);
  await expect(page.getByText(/^[\d.]+ kg to spare$/)).toBeVisible();
  await page.getByRole('radio', { name: 'Leave all' }).check();
  await expect(page.getByText('0 combs out')).toBeVisible();
  await page.getByRole('radio', { name: 'Most worth' }).check();
  // One comb more than the chooser would take, or one less: it is pinned, and the rest is chosen
  // round it.
  await page.getByRole('button', { name: /box 3, place 8/ }).click();
  await expect(page.getByRole('heading', { name: /^Comb 3·8 in hand/ })).toBeVisible();
  await page
    .getByRole('group', { name: 'Comb 3·8 in hand' })
    .getByRole('button', { name: /Slice and drip/ })
    .click();
  await expect(page.getByText(/Slice and drip, slow and clear/)).toBeVisible();
  await page.getByRole('button', { name: 'Go on to Ready' }).click();
  await expect(page).toHaveURL(/ready/);
});

test('pots are drawn off and drain frames opened in place: Choose offers their own ways and says what stands against them', async ({
  page,
}) => {
  await open(page, 'Miúda');
  await page.getByRole('link', { name: 'Go on to Choose' }).click();
  await page.waitForURL(/\/choose/);
  await page
    .getByRole('button', { name: /place 2/ })
    .last()
    .click();
  await expect(page.getByRole('button', { name: /Draw off the pots/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /Crush and strain/ })).toHaveCount(0);
  await page.getByRole('link', { name: 'Bromélia' }).click();
  await page
    .getByRole('button', { name: /place 3/ })
    .last()
    .click();
  await expect(page.getByRole('button', { name: /Drain in the hive/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /Drain off the hive/ })).toBeVisible();
});
