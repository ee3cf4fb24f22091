import { words as shared } from './parts/shared.js';
import { words as look } from './parts/look.js';
import { words as choose } from './parts/choose.js';
import { words as ready } from './parts/ready.js';
import { words as take } from './parts/take.js';
import { words as drain } from './parts/drain.js';
import { words as cut } from './parts/cut.js';
import { words as jar } from './parts/jar.js';
import { words as book } from './parts/book.js';

/** What is said beyond the first screen: it comes by its parts when another one is opened. */
export const rest = {
  ...shared,
  ...look,
  ...choose,
  ...ready,
  ...take,
  ...drain,
  ...cut,
  ...jar,
  ...book,
};
