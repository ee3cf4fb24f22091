import type { HiveSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const hive: Sentences<HiveSays> = {
  'hive.crowding-colony-into-comb-super':
    'Crowding a colony into a comb super makes it swarm: look every week while it is on.',
  'hive.without-strong-flow-it-stays':
    'Without a strong flow it stays half built, and the bees travel-stain what is there.',
  'hive.without-empty-super-between-pollen':
    'Without an empty super between, pollen and brood come into the comb.',
  'hive.comb-that-slaps-against-its':
    'Comb that slaps against its frame on the way home cracks and runs.',
  'hive.once-frame-opened-it-runs': [
    'Once a frame is opened it runs until it is empty: it cannot be stopped. Vessels',
    'for the high estimate stand ready first.',
  ],
  'hive.uncapped-cells-run-down-outside':
    'Uncapped cells run down the outside of the comb into the hive: the wax caps are the outer wall.',
  'hive.hive-that-leans-wrong-way':
    'A hive that leans the wrong way fills itself: tilt toward the outlet before anything is opened.',
  'hive.what-runs-over-or-into': [
    'What runs over or into the hive starts robbing: tray in its upper position, covers',
    'on in a dearth.',
  ],
  'hive.frames-are-built-from': 'Frames are built from',
  'hive.nothing': 'Nothing',
  'hive.starter-strip': 'A starter strip',
  'hive.plastic-sheet': 'A plastic sheet',
  'hive.unwired-comb-falls-out-frame':
    'Unwired comb falls out of a frame held flat, most of all when it is warm.',
  'hive.frame-left-out-filled-with':
    'A frame left out is filled with stray comb within days: every gap gets its frame.',
  'hive.scraped-sheet-goes-back-at':
    'A scraped sheet goes back at once, or wax moth and robbers find it.',
  'hive.boxes': 'Boxes',
  'hive.combs-across': 'Combs across',
  'hive.comb-spacing': 'Comb spacing',
  'hive.width-inside': 'Width inside',
  'hive.depth-box': 'Depth of a box',
  'hive.in-box': 'box',
  'hive.there-are-no-bars-wire':
    'There are no bars: the wire parts every comb at the joint, slowly, or the queen is cut with it.',
  'hive.box-taken-whole-and-heavy': [
    'A box is taken whole and is heavy: its weight stands beside it; two people, a firm',
    'table beside the hive.',
  ],
  'hive.comb-hangs-on-crossbars-and':
    'Comb hangs on the crossbars and on all four walls: cut from both faces, warm comb tears.',
  'hive.depth-brood-box': 'Depth of a brood box',
  'hive.depth-honey-super': 'Depth of the honey super',
  'hive.honey-supers': 'Honey supers',
  'hive.groups-pots': 'Groups of pots',
  'hive.pot-width': 'Pot width',
  'hive.pot-height': 'Pot height',
  'hive.hole-up-to-supers': 'Hole up to the supers',
  'hive.at-left': 'At the left',
  'hive.in-middle': 'In the middle',
  'hive.at-right': 'At the right',
  'hive.in-brood-box': 'brood box',
  'hive.in-honey-super': 'honey super',
  'hive.brood-never-opened': 'The brood is never opened.',
  'hive.spilled-honey-and-torn-pollen': [
    'Spilled honey and torn pollen pots bring small scuttle flies that can kill the',
    'colony: wipe at once, close within minutes.',
  ],
  'hive.native-bees-are-protected-by':
    'Native bees are protected by law in many places: ask before you take or move.',
  'hive.honey-thin-and-ferments-cold':
    'The honey is thin and ferments: cold, a vented lid, eaten soon.',
  'hive.brood-boxes': 'Brood boxes',
  'hive.supers': 'Supers',
  'hive.frames-in-super': 'Frames in a super',
  'hive.frame-pitch': 'Frame pitch',
  'hive.comb-width': 'Comb width',
  'hive.depth-super': 'Depth of a super',
  'hive.in-super': 'super',
  'hive.number-bars': 'Number of bars',
  'hive.bar-width': 'Bar width',
  'hive.comb-depth': 'Comb depth',
  'hive.top-width': 'Top width',
  'hive.bottom-width': 'Bottom width',
  'hive.bars-in-front-board': 'Bars in front of the board',
  'hive.in-bar': 'bar',
  'hive.follower-board-behind-bar': 'Follower board behind bar',
  'hive.comb-held-flat-or-warm':
    'A comb held flat or warm breaks off its bar: it hangs straight down, always.',
  'hive.comb-built-across-two-bars':
    'Comb built across two bars tears both: cut it free before you lift.',
  'hive.once-comb-hangs-on-last':
    'Once comb hangs on the last bar the board is stuck behind it: take a comb before that day.',
  'hive.gap-between-bars-lets-robbers':
    'A gap between bars lets robbers in and heat out: bars close up tight.',
  'hive.bars-in-box': 'Bars in a box',
  'hive.bar-pitch': 'Bar pitch',
  'hive.combs-are-built-to-walls': [
    'Combs are built to the walls: cut them free on both sides before a bar is lifted,',
    'or the bar snaps off above its comb.',
  ],
  'hive.full-box-weighs-more-than':
    'A full box weighs more than one person should lift alone: say its weight, lift with two.',
  'hive.queen-may-be-in-any':
    'The queen may be in any box: look at every comb for brood before the box leaves.',
  'hive.place': '{where} {number}',
};
