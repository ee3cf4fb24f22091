import { z } from 'zod';

/** A page of a list: `next` is the cursor of the page after it. */
export const pageOf = <T extends z.ZodType>(item: T) =>
  z.strictObject({ items: z.array(item), next: z.string().nullable() });
/** A list that comes whole. */
export const allOf = <T extends z.ZodType>(item: T) => z.strictObject({ items: z.array(item) });
