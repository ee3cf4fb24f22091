import { sayer } from '@furrow/core';
import type { HouseSays } from '../catalogue.js';

/** Makes what the house refuses and what its journal says, by its key and what stands in it. */
export const houseSay = sayer<HouseSays>();
