import { expect } from '@playwright/test';
import { makesSure } from './carrying.js';
import type { Stranger } from './stranger.js';

/** What a colony's tilt and forage are noted as before its drain frames may be opened. */
export async function notesTiltAndForage(person: Stranger, forage: string): Promise<void> {
  await person.notes(/^Tilt not known/, async () => {
    await person.fill('Tilt toward the outlet', '3,4');
    await person.touch('Write it down');
  });
  await person.notes(/^Forage not known/, () => person.touch(forage));
}
/** Up to the vessels: all here, it leans enough, every line made sure of. */
export async function beforeFrames(person: Stranger): Promise<void> {
  await person.touch('It leans enough');
  await makesSure(person.page);
}
/** A frame opened part by part, without a leak, until it runs. */
export async function opensFrame(person: Stranger, frame: string): Promise<void> {
  await person.touch(new RegExp(`^Frame ${frame}`));
  for (let part = 1; part <= 4; part++) {
    await person.touch(`Open part ${part} of 4`);
    await person.touch('No leak');
  }
  await expect(person.page.getByRole('button', { name: 'Only drops come now' })).toBeVisible();
}
/** Only drops, cells back in line. */
export async function runsOut(person: Stranger, frame: string): Promise<void> {
  await person.touch(new RegExp(`^Frame ${frame}`));
  await person.touch('Only drops come now');
  await person.touch('Reset: cells back in line');
}
/** A vessel weighed, its empty weight known by the kit. */
export async function weighsVessel(
  person: Stranger,
  grossKg: string,
  emptyKg: string,
): Promise<void> {
  await person.fill('Gross, vessel and honey', grossKg);
  await expect(person.page.getByLabel('Tare, the vessel empty')).toHaveValue(emptyKg);
  await person.touch('Write it down');
  await expect(person.page.getByLabel('Gross, vessel and honey')).toHaveCount(0);
}
/** Tray looked at, hive shut. */
export async function shutsFrames(person: Stranger): Promise<void> {
  await person.fill('Honey on the tray, 0 if none', '0');
  await person.touch('Tray is seen to');
  await person.touch('Hive is closed');
}
