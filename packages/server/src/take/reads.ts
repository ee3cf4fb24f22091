import { read } from '../reading.js';
import { list } from '../store/rows.js';

/** What Take reads beside the harvest: how people's guesses compare with the scale. */
export const takeReads = [
  read('/guesses', async ({ db }) => {
    // Every guess with what the scale then said, so that a person's own bias is learned over all
    // harvests.
    const takes = await list(db, 'takes', {}, 'occurredAt');
    const boxG = (batchId: string): number =>
      takes
        .filter((t) => t.batchId === batchId && t.byBox)
        .reduce((sum, t) => sum + (t.netG ?? 0), 0);
    return {
      items: takes.flatMap((t) =>
        t.guessG && t.netG && t.netBy === 'scale'
          ? [{ guess: t.guessG, weighed: t.byBox ? boxG(t.batchId) : t.netG }]
          : [],
      ),
    };
  }),
];
