import { sayer, type Mass, type SayValue } from '../say/say.js';

/** What drain says. */
export interface DrainSays {
  'drain.arrangements.bucket-with-holes-on-bucket': object;
  'drain.arrangements.bucket-with-holes': object;
  'drain.arrangements.bucket-under-it': object;
  'drain.arrangements.holes-3-to-6-mm': { holes: { lengthMm: { low: number; high: number } } };
  'drain.arrangements.two-buckets-lower-with-gate': object;
  'drain.arrangements.bucket-with-gate': object;
  'drain.arrangements.drawn-off-at-gate-while': object;
  'drain.arrangements.mesh-over-bucket': object;
  'drain.arrangements.mesh-basket': object;
  'drain.arrangements.quick-lets-fine-wax-through': object;
  'drain.arrangements.cloth-over-bucket': object;
  'drain.arrangements.cloth-tied': object;
  'drain.arrangements.slow-and-clear-boil-cloth': object;
  'drain.arrangements.colander-on-bowl': object;
  'drain.arrangements.colander': object;
  'drain.arrangements.bowl': object;
  'drain.arrangements.for-comb-or-two': object;
  'drain.arrangements.bag-in-press': object;
  'drain.arrangements.press-with-its-bag': object;
  'drain.arrangements.bowl-under-spout': object;
  'drain.arrangements.turn-rest-turn-bag-that': object;
  'drain.arrangements.box-over-tray': object;
  'drain.arrangements.box-with-its-combs': object;
  'drain.arrangements.tray': object;
  'drain.arrangements.combs-sliced-in-box-or': object;
  'drain.arrangements.sieve-on-jar': object;
  'drain.arrangements.sieve': object;
  'drain.arrangements.jar': object;
  'drain.arrangements.small-amounts-straight-into-jar': object;
  'drain.closing.comb': { gapShare: { percent: number } };
  'drain.closing.are-missing': { gapG: Mass; percent: SayValue };
  'drain.closing.more-came-out-than-went': { gapG: Mass; percent: SayValue };
  'drain.closing.every-gram-somewhere': object;
  'drain.scaleStream.scale-said-nothing-from-to': { at: SayValue; at2: SayValue };
  'drain.scaleStream.weight-fell-by': { g: Mass };
  'drain.scaleStream.weight-rose-by-at-once': { g: Mass };
  'drain.arrangements.same-vessel': object;
  'drain.arrangements.upper-holds': { vessel: SayValue; holds: Mass; crushed: Mass };
  'drain.arrangements.lower-takes': { vessel: SayValue; free: Mass; least: Mass };
  'drain.arrangements.lower-may-fill': { vessel: SayValue; free: Mass; most: Mass };
  'drain.closing.say-why': object;
}

export const drainSay = sayer<DrainSays>();
