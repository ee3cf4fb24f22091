import { whyNot } from '../words/units.js';
import { hemisphereOfZone, newSiteSchema } from '@furrow/core';

/** A site being named, before it is written down. */
export interface SiteDraft {
  name: string;
  zone: string;
  /** Null where the zone does not tell it: it is asked. */
  hemisphere: 'north' | 'south' | null;
}
/** The time zone this browser stands in. */
export const hereZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;
export const emptySite = (): SiteDraft => ({
  name: '',
  zone: hereZone(),
  hemisphere: hemisphereOfZone(hereZone()),
});

/** What is not right about it, a sentence a field; empty where it can be written down. */
export function siteIssues(site: SiteDraft): Partial<Record<keyof SiteDraft, string>> {
  const parsed = newSiteSchema.omit({ id: true }).safeParse(site);
  if (parsed.success) return {};
  return Object.fromEntries(parsed.error.issues.map((i) => [String(i.path[0]), whyNot(i.message)]));
}
