import { api } from './api.js';
import { book } from './book.js';
import { choose } from './choose.js';
import { common } from './common.js';
import { cut } from './cut.js';
import { drain } from './drain.js';
import { drawing } from './drawing.js';
import { house } from './house.js';
import { jar } from './jar.js';
import { kit } from './kit.js';
import { look } from './look.js';
import { parts } from './parts.js';
import { ready } from './ready.js';
import { rules } from './rules.js';
import { shell } from './shell.js';
import { take } from './take.js';
import { today } from './today.js';
import type { Sentences } from '../../catalogue.js';
import type { ScreenSays } from '../../screens/index.js';

export const screens: Sentences<ScreenSays> = {
  ...api,
  ...book,
  ...choose,
  ...common,
  ...cut,
  ...drain,
  ...drawing,
  ...house,
  ...jar,
  ...kit,
  ...look,
  ...parts,
  ...ready,
  ...rules,
  ...shell,
  ...take,
  ...today,
};
