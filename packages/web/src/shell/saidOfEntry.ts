import type { OutboxEntry } from '../api/outboxEntry.js';
import { factWord } from '../parts/factWord.js';

/** What a kept entry says, with what a fact of the colony says: "Temper noted: defensive". */
export function saidOfEntry({ entry, said }: OutboxEntry): string {
  const what = entry.path === '/colonyFacts' ? factWord(entry.payload.fact) : '';
  return what ? `${said.replace(/\.$/, '')}: ${what}` : said;
}
