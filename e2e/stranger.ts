import { expect, type Page } from '@playwright/test';
import { opensColony } from './colony.js';
import { goesOnEarly } from './lift.js';

/** What a person who has never seen Furrow touches, by its visible labels, and how often. */
export class Stranger {
  /** The one who walked last: a test's count is read from it when it ends. */
  static walking: Stranger | null = null;
  touches = 0;
  constructor(readonly page: Page) {
    Stranger.walking = this;
  }

  /** Touches a key or a link by what it says. */
  async touch(name: string | RegExp): Promise<void> {
    const { page } = this;
    const key = page
      .getByRole('button', { name, exact: typeof name === 'string' })
      .or(page.getByRole('link', { name, exact: typeof name === 'string' }));
    await key.filter({ visible: true }).first().click();
    this.touches++;
    await goesOnEarly(page);
    // Nobody touches the next screen before it is there.
    if (name === 'Go on to Choose') await page.waitForURL(/\/choose/);
    if (name === 'Go on to Ready') await page.waitForURL(/\/ready/);
  }
  /** Touches a key within what it belongs to. */
  async touchIn(group: string, name: string): Promise<void> {
    await this.page.getByRole('group', { name: group }).getByRole('button', { name }).click();
    this.touches++;
  }
  async fill(label: string | RegExp, value: string): Promise<void> {
    const exact = typeof label === 'string';
    await this.page.getByLabel(label, { exact }).filter({ visible: true }).first().fill(value);
    this.touches++;
  }
  async check(name: string | RegExp): Promise<void> {
    await this.page.getByRole('checkbox', { name }).click();
    this.touches++;
  }
  /** Every line of a step that asks for it, once they are all there. */
  async ticks(lines: number): Promise<void> {
    const boxes = this.page.getByRole('checkbox');
    await expect(boxes).toHaveCount(lines);
    for (const box of await boxes.all()) await box.click();
    this.touches += lines;
  }
  async sees(text: string | RegExp): Promise<void> {
    await expect(this.page.getByText(text).filter({ visible: true }).first()).toBeVisible();
  }
  async at(heading: string | RegExp): Promise<void> {
    await expect(this.page.getByRole('heading', { name: heading }).first()).toBeVisible();
  }

  /** The first hive: its kind, a site's name and its own; the rest is filled in already. */
  async makesHive(base: string, kind: string, site: string, hive: string): Promise<void> {
    await this.page.goto(base);
    await this.touch('Make your first hive');
    await this.page.getByRole('radio', { name: kind }).click();
    this.touches++;
    await this.fill('Name of the site', site);
    await this.fill('Name of the hive', hive);
    await this.touch('Make this hive');
    await this.at(hive);
    await this.touch('Read, go on');
  }
  /** Both sides of the comb in view by one of the starting pictures. */
  async reads(preset: string): Promise<void> {
    await this.touch('Side A');
    await this.touch(preset);
    await this.touch('Side B');
    await this.touch(preset);
  }
  /** A fact of the colony, with what its form asks. */
  async notes(fact: RegExp, answer: () => Promise<void>): Promise<void> {
    await opensColony(this.page);
    await this.touch(fact);
    await answer();
    await expect(this.page.getByRole('button', { name: fact })).toHaveCount(0);
  }
  /** Up to the first step at the hive. */
  async plansAndGoes(): Promise<void> {
    await this.touch('Go on to Ready');
    await this.touch(/go to Take/);
    await this.at('Before you open');
  }
  /** A vessel that is not in the kit yet, put into it where it is missed. */
  async addsVessel(
    label: RegExp,
    name: string,
    litres: string,
    empty: string,
    holesMm?: string,
  ): Promise<void> {
    await this.page.getByLabel(label).selectOption('another vessel…');
    this.touches++;
    await this.fill('Its name', name);
    await this.fill('Holds to the brim', litres);
    await this.fill('Empty it weighs', empty);
    if (holesMm) await this.fill('Holes or mesh', holesMm);
    await this.touch('Put it into the kit');
    await expect(this.page.getByRole('button', { name: 'Put it into the kit' })).toHaveCount(0);
  }
  /** A kind of jar that is not in the kit yet, put into it where it is missed. */
  async addsJar(name: string, netG: string, emptyG: string, stock: string): Promise<void> {
    await this.touch(/^(Say which jars there are|Another kind of jar)/);
    await this.fill('Its name', name);
    await this.fill('Honey in one, net', netG);
    await this.fill('Empty it weighs, with lid', emptyG);
    await this.fill('How many there are', stock);
    await this.touch('Put it into the kit');
    await expect(this.page.getByRole('button', { name: 'Put it into the kit' })).toHaveCount(0);
  }
}
