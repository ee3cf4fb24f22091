import type { DrainSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const drain: Sentences<DrainSays> = {
  'drain.arrangements.bucket-with-holes-on-bucket': 'Bucket with holes on a bucket',
  'drain.arrangements.bucket-with-holes': 'Bucket with holes',
  'drain.arrangements.bucket-under-it': 'Bucket under it',
  'drain.arrangements.holes-3-to-6-mm':
    'Holes of {holes}; the lower bucket is lifted off to empty it.',
  'drain.arrangements.two-buckets-lower-with-gate': 'Two buckets, the lower with a gate',
  'drain.arrangements.bucket-with-gate': 'Bucket with gate',
  'drain.arrangements.drawn-off-at-gate-while': 'Drawn off at the gate while it still drains.',
  'drain.arrangements.mesh-over-bucket': 'Mesh over a bucket',
  'drain.arrangements.mesh-basket': 'Mesh basket',
  'drain.arrangements.quick-lets-fine-wax-through': 'Quick, lets fine wax through.',
  'drain.arrangements.cloth-over-bucket': 'Cloth over a bucket',
  'drain.arrangements.cloth-tied': 'Cloth, tied',
  'drain.arrangements.slow-and-clear-boil-cloth': 'Slow and clear; boil the cloth first, no scent.',
  'drain.arrangements.colander-on-bowl': 'Colander on a bowl',
  'drain.arrangements.colander': 'Colander',
  'drain.arrangements.bowl': 'Bowl',
  'drain.arrangements.for-comb-or-two': 'For a comb or two.',
  'drain.arrangements.bag-in-press': 'Bag in a press',
  'drain.arrangements.press-with-its-bag': 'Press with its bag',
  'drain.arrangements.bowl-under-spout': 'Bowl under the spout',
  'drain.arrangements.turn-rest-turn-bag-that':
    'Turn, rest, turn: a bag that bursts is honey on the floor.',
  'drain.arrangements.box-over-tray': 'Box over a tray',
  'drain.arrangements.box-with-its-combs': 'Box with its combs',
  'drain.arrangements.tray': 'Tray',
  'drain.arrangements.combs-sliced-in-box-or':
    'Combs sliced in the box, or frames opened over the tray.',
  'drain.arrangements.sieve-on-jar': 'Sieve on a jar',
  'drain.arrangements.sieve': 'Sieve',
  'drain.arrangements.jar': 'Jar',
  'drain.arrangements.small-amounts-straight-into-jar':
    'Small amounts, straight into the jar; watch its neck.',
  'drain.closing.comb': '{gapShare} of the comb',
  'drain.closing.are-missing': '{gapG} are missing, {percent}.',
  'drain.closing.more-came-out-than-went': '{gapG} more came out than went in, {percent}.',
  'drain.closing.every-gram-somewhere': 'Every gram is somewhere.',
  'drain.scaleStream.scale-said-nothing-from-to': [
    'The scale said nothing from {at} to {at2} UTC. What ran in between is taken from the',
    'two ends.',
  ],
  'drain.scaleStream.weight-fell-by': 'The weight fell by {g}.',
  'drain.scaleStream.weight-rose-by-at-once': 'The weight rose by {g} at once.',
  'drain.arrangements.same-vessel': 'The same vessel stands above and below.',
  'drain.arrangements.upper-holds': [
    '{vessel} holds about {holds} of broken comb; there are {crushed}. Put it in twice,',
    'or take a larger one.',
  ],
  'drain.arrangements.lower-takes': [
    '{vessel} takes {free}; at least {least} will come. Draw off in between: the clock',
    'says when.',
  ],
  'drain.arrangements.lower-may-fill':
    '{vessel} takes {free}; it may come to {most}. The clock watches it.',
  'drain.closing.say-why': 'Say why.',
};
