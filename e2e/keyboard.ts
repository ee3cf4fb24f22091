import { expect, type Locator } from '@playwright/test';
import { Stranger } from './stranger.js';

/** More stops than any screen has on the way round. */
const MOST_STOPS = 400;

/**
 * A person without a pointer: every key, link and field is reached by Tab alone and pressed there.
 */
export class KeyboardStranger extends Stranger {
  /** Tab after Tab until the focus is on it, or in it. */
  async reach(target: Locator): Promise<void> {
    await expect(target).toBeVisible();
    await expect(target).toBeEnabled();
    // A dialog takes the focus when it has opened: nobody types into it before.
    await expect(this.page.locator('.p-dialog-enter-active')).toHaveCount(0);
    for (let stop = 0; stop < MOST_STOPS; stop++) {
      if (await target.evaluate((e) => e.contains(document.activeElement))) return;
      await this.page.keyboard.press('Tab');
    }
    throw new Error(`Not reached by Tab: ${String(target)}`);
  }
  override async touch(name: string | RegExp): Promise<void> {
    const { page } = this;
    const key = page
      .getByRole('button', { name, exact: typeof name === 'string' })
      .or(page.getByRole('link', { name, exact: typeof name === 'string' }));
    await this.reach(key.filter({ visible: true }).first());
    await page.keyboard.press('Enter');
    this.touches++;
  }
  override async fill(label: string | RegExp, value: string): Promise<void> {
    const exact = typeof label === 'string';
    const field = this.page.getByLabel(label, { exact }).filter({ visible: true }).first();
    await this.reach(field);
    await this.page.keyboard.press('ControlOrMeta+a');
    await this.page.keyboard.type(value);
    this.touches++;
  }
  /** One of several, by the arrow keys. */
  async picks(group: string, option: string): Promise<void> {
    const radios = this.page.getByRole('radiogroup', { name: group }).getByRole('radio');
    await this.reach(radios.and(this.page.locator('[tabindex="0"], input')).first());
    const wanted = this.page.getByRole('radio', { name: option });
    for (let i = 0; i < (await radios.count()); i++) {
      await this.page.keyboard.press('Space');
      if (await wanted.isChecked()) return;
      await this.page.keyboard.press('ArrowDown');
      if (await wanted.isChecked()) return;
    }
    throw new Error(`Not picked by the arrow keys: ${option}`);
  }
  /** A comb of the drawing: one of them is reached by Tab, the others by the arrow keys. */
  async touchComb(number: number): Promise<void> {
    const { page } = this;
    const one = page.getByRole('button', { name: /^Comb / }).and(page.locator('[tabindex="0"]'));
    await this.reach(one.first());
    const wanted = page.getByRole('button', { name: new RegExp(`^Comb ${number},`) });
    const isThere = (): Promise<boolean> =>
      wanted.evaluate((e) => e.contains(document.activeElement));
    for (let i = 0; i < 40 && !(await isThere()); i++) await page.keyboard.press('ArrowRight');
    expect(await isThere(), `comb ${number} is reached by the arrow keys`).toBe(true);
    await page.keyboard.press('Enter');
    this.touches++;
  }
  /** The last line of a native list, such as 'another vessel…'. */
  async picksLast(label: RegExp): Promise<void> {
    await this.reach(this.page.getByLabel(label).filter({ visible: true }).first());
    await this.page.keyboard.press('End');
  }
  override async addsVessel(
    label: RegExp,
    name: string,
    litres: string,
    empty: string,
    holesMm?: string,
  ): Promise<void> {
    await this.picksLast(label);
    await this.fill('Its name', name);
    await this.fill('Holds to the brim', litres);
    await this.fill('Empty it weighs', empty);
    if (holesMm) await this.fill('Holes or mesh', holesMm);
    await this.touch('Put it into the kit');
    await expect(this.page.getByRole('button', { name: 'Put it into the kit' })).toHaveCount(0);
  }
}
