import type { TakeStepSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const takeStep: Sentences<TakeStepSays> = {
  'take.progress.job-was-left': 'The job was left',
  'take.progress.come-back-after-dark-or': [
    'Come back after dark or another day, fully covered, with a second person, water and',
    'a lit smoker. First only close the hive.',
  ],
  'take.progress.stung-many-times-or-any':
    'Stung many times, or any hard breathing: a doctor sees to it before anyone goes back.',
  'take.progress.back-all-covered': 'Back, all covered',
  'take.progress.step-back-and-wait': 'Step back and wait',
  'take.progress.cover-hive-ten-metres-away':
    'Cover the hive, ten metres away, until the smell of alarm is gone.',
  'take.progress.go-on': 'Go on',
  'take.step.neighbours-told': 'Neighbours told.',
  'take.step.children-indoors': 'Children indoors.',
  'take.step.dog-and-animals-away-tethered': 'Dog and animals away: a tethered one cannot flee.',
  'take.step.secured-on-roof-nothing-carried':
    'Secured on the roof, nothing carried while climbing.',
  'take.step.somebody-holds-ladder': 'Somebody holds the ladder.',
  'take.step.stings-can-kill-never-alone':
    'Stings can kill. Never alone the first times; know the emergency number.',
  'take.step.before-you-open': 'Before you open',
  'take.step.colony-gone-no-smoke': 'The colony is gone: no smoke.',
  'take.step.why-it-died-comes-first': [
    'Why it died comes first: ask a vet or inspector before this honey is eaten or fed.',
    'Robbers may be inside: veil on.',
  ],
  'take.step.all-here': 'All here',
  'take.step.native-bees-are-protected-by':
    'Native bees are protected by law in many places: ask before you take or move anything.',
  'take.step.veil-on-second-person-there':
    'Veil on, second person there, adrenaline and telephone in reach.',
  'take.step.wait': 'Wait',
  'take.step.go-on': 'Go on',
  'take.step.fresh-air-no-smoke': 'Fresh air, no smoke',
  'take.step.they-were-calm-at-last': 'They were calm at the last look.',
  'take.step.open-hands-width-let-light':
    "Open a hand's width, let light and air in, stand aside of the entrance.",
  'take.step.opened-little': 'Opened a little',
  'take.step.they-move-down-from-light':
    'They move down from the light. Slow hands; no breath on the combs.',
  'take.step.smoke': 'Smoke {where}',
  'take.step.three-slow-cool-puffs-too':
    'Three slow, cool puffs. Too much smoke taints open honey.',
  'take.step.smoker-starts-fires-bare-ground':
    'A smoker starts fires: bare ground, water beside it, never left lit.',
  'take.step.smoked': 'Smoked',
  'take.step.nobody-warned-them-they-have':
    'Nobody warned them: they have eaten nothing and fly sooner.',
  'take.step.let-light-drive-them-down':
    'Let the light drive them down; the pause comes after half as many stings.',
  'take.step.they-fill-up-with-honey': 'They fill up with honey and calm down. It takes its time.',
  'take.step.smoke-again': 'Smoke again',
  'take.step.they-were.nervous': 'They were nervous at the last look: once more, then wait again.',
  'take.step.they-were.defensive':
    'They were defensive at the last look: once more, then wait again.',
  'take.step.smoked-again': 'Smoked again',
  'take.step.still-running-up-or-striking':
    'Still running up or striking the veil? Shut it and come another day.',
  'take.step.quieter-now-then-on': 'Quieter now? Then on.',
  'take.step.shake-bees-off-above-hive':
    'Shake the bees off above the hive, short and once; brush the rest.',
  'take.step.brush-this-comb-has-no': 'Brush: this comb has no frame and would break when shaken.',
  'take.step.brush-bees-off-upward-softly': 'Brush the bees off, upward, softly.',
  'take.step.herd-bees-off-with-wet': 'Herd the bees off with a wet hand.',
  'take.step.repellent-has-driven-most-down': 'The repellent has driven most down; brush the rest.',
  'take.step.cover-it-leave-gap-bees':
    'Cover it, leave a gap: the bees go home. Never in a dearth.',
  'take.step.look-for-brood-and-queen': 'Look for brood and the queen on both sides.',
  'take.step.brood-or-queen-seen-put': 'Brood or the queen seen: put it back.',
  'take.step.leave-ridge-on-bar': 'leave a ridge on the bar',
  'take.step.leave-strip-comb-as-guide': 'leave a strip of comb as guide',
  'take.step.scrape-it-clean': 'scrape it clean',
  'take.step.close-it': 'Close it',
  'take.step.wipe-every-drop-water-over': 'Wipe every drop; water over spilled honey.',
  'take.step.dearth-reduce-entrance-now-never': 'Dearth: reduce the entrance now. Never close it.',
  'take.step.in-dearth-reduce-entrance-never': 'In a dearth reduce the entrance; never close it.',
  'take.step.hive-closed': 'Hive is closed',
  'take.step.walk-away-smoker-out': 'Walk away, smoker out',
  'take.step.walk-away': 'Walk away',
  'take.step.smother-smoker-and-see-that': 'Smother the smoker and see that it is cold.',
  'take.step.look-back-at-24-hours': 'Look back at 24 hours: robbing, drips, a fallen comb.',
  'take.step.keep-hive-closed-against-robbers':
    'Keep the hive closed against robbers and moth until its cause of death is known.',
  'take.step.done-here': 'Done here',
  'take.step.it-stands-at-bench': 'It stands at the bench',
  'take.step.done-at-bench': 'Done at the bench',
  'take.step.weight-not-known-try-edge': 'Weight not known: try the edge first, two people.',
  'take.step.two-people-over-your': ': two people, over your {liftKg}',
  'take.step.about': 'About {kg}{kg2}.',
  'take.stepsBars.slide-bars-behind-back-or':
    'Slide the bars behind {bars} back, or set them aside in order.',
  'take.stepsBars.tub-lid-long-knife-brush': [
    'Tub, lid, long knife, brush and wet cloth beside you. Smoker on bare ground, water',
    'next to it.',
  ],
  'take.stepsBars.entrance': 'the entrance',
  'take.stepsBars.take-out-follower-board': 'Take out the follower board',
  'take.stepsBars.open-at-back-follower-board': [
    'Open at the back. Follower board out; look along the bars: do combs hang vertical,',
    'is one built across two bars?',
  ],
  'take.stepsBars.combs-across-two-bars-tear':
    'Combs across two bars tear both: cut them apart first.',
  'take.stepsBars.board-out': 'Board is out',
  'take.stepsBars.lift-bar': 'Lift bar {slot}',
  'take.stepsBars.cut-it-from-both-walls': [
    'Cut it from both walls, slide it level, see that it hangs free. Lift straight up,',
    'upright.',
  ],
  'take.stepsBars.then-cut-it-into-tub': 'Then cut it into the tub; {starter}.',
  'take.stepsBars.comb-held-flat-breaks-off': 'A comb held flat breaks off its bar.',
  'take.stepsBars.in-tub': 'In the tub',
  'take.stepsBars.put-bars-back': 'Put the bars back',
  'take.stepsBars.bars-with-comb-in-their': [
    'Bars with comb in their old order, without a gap to the nest; the empty bars last.',
    'Bees off the edges before wood meets wood.',
  ],
  'take.stepsBars.all-bars-in': 'All bars in',
  'take.stepsBars.follower-board-back-behind-last':
    'Follower board back behind the last bar with room for it. Lid on.',
  'take.stepsBars.board-in-lid-on': 'Board in, lid on',
  'take.stepsBars.cut-combs-free': 'Cut the combs free',
  'take.stepsBars.bar-lifted-before-its-walls':
    'A bar lifted before its walls are cut snaps off above its comb.',
  'take.stepsBars.all-combs-out': 'All combs out',
  'take.stepsBars.weigh-box-empty': 'Weigh box {box} empty',
  'take.stepsBars.box-and-bars-without-comb':
    'Box and bars without comb: what is missing was comb.',
  'take.stepsBars.write-it-down': 'Write it down',
  'take.stepsBars.wire-with-two-grips-empty': [
    'Wire with two grips, empty box or lid, cloth beside you; at the bench a long knife',
    'and a tub.',
  ],
  'take.stepsBars.top-bars': 'the top of the bars',
  'take.stepsBars.drive-them-down-out-box': 'Drive them down out of box {box}',
  'take.stepsBars.quilt-off-little-smoke-from': [
    'Quilt off, a little smoke from above, knock softly on the wood. Slowly: the queen',
    'goes with them.',
  ],
  'take.stepsBars.they-are-down': 'They are down',
  'take.stepsBars.part-box-from-one-below': 'Part box {box} from the one below',
  'take.stepsBars.draw-wire-through-joint-slowly':
    'Draw the wire through the joint slowly, level, one side to the other.',
  'take.stepsBars.slowly-or-queen-cut-with': 'Slowly, or the queen is cut with the comb.',
  'take.stepsBars.parted': 'Parted',
  'take.stepsBars.turn-it-look-from-beneath': 'Turn it, look from beneath',
  'take.stepsBars.tip-it-on-its-side': [
    'Tip it on its side along the combs, not across, and look at every comb from below',
    'before it is carried.',
  ],
  'take.stepsBars.combs-swing-loose-when-tipped': 'Combs swing loose when tipped across.',
  'take.stepsBars.no-brood-no-queen': 'No brood, no queen',
  'take.stepsBars.set-box-back-where-it': 'Set the box back where it was: this is not the day.',
  'take.stepsBars.nothing-but-honey': 'Nothing but honey',
  'take.stepsBars.weigh-box-whole': 'Weigh box {box} whole',
  'take.stepsBars.with-its-combs-now-empty':
    'With its combs now; empty at the bench, when they are cut out.',
  'take.stepsBars.weighed-full': 'Weighed full',
  'take.stepsBars.lift-comb': 'Lift comb {slot}',
  'take.stepsBars.cut-both-walls-from-top':
    'Cut both walls from top to bottom first, then loosen the bar and lift straight up.',
  'take.stepsBars.bar-snaps-off-above-comb':
    'The bar snaps off above a comb that still holds to a wall.',
  'take.stepsBars.quilt-and-roof-on-box': 'Quilt and roof on the box below. No gap at the joint.',
  'take.stepsBars.bars-back-in-order-quilt': 'Bars back in order, quilt and roof on.',
  'take.stepsBars.cut-along-all-four-walls': 'Cut along all four walls',
  'take.stepsBars.knife-flat-to-wood-top': [
    'Knife flat to the wood, top to bottom; the sides where combs end first, then the two',
    'others.',
  ],
  'take.stepsBars.warm-comb-tears-in-cool':
    'Warm comb tears: in the cool of the house if it can be carried covered.',
  'take.stepsBars.four-walls-free': 'Four walls free',
  'take.stepsBars.cut-both-sides-crossbars': 'Cut both sides of the crossbars',
  'take.stepsBars.along-each-crossbar-from-both': [
    'Along each crossbar, from both faces of the comb; then the comb comes out downward,',
    'whole, in your hand.',
  ],
  'take.stepsBars.combs-are-out': 'Combs are out',
  'take.stepsBars.drip-first-then-press': 'Drip first, then press.',
  'take.stepsBars.with-its-crossbars-what-missing': 'With its crossbars: what is missing was comb.',
  'take.stepsBars.cutting-wire-with-two-grips': [
    'Cutting wire with two grips, firm table beside the hive, empty box or lid, tub, long',
    'knife.',
  ],
  'take.stepsBars.top': 'the top',
  'take.stepsBars.lid-off-smoke-from-above': [
    'Lid off, smoke from above and a soft knock, again and again, until the comb tops are',
    'bare.',
  ],
  'take.stepsBars.draw-wire-under-box': 'Draw the wire under box {box}',
  'take.stepsBars.through-joint-slowly-along-combs':
    "Through the joint, slowly, along the combs; lift a finger's width on small wedges first.",
  'take.stepsBars.there-are-no-bars-wire':
    'There are no bars: the wire parts every comb, and the queen with it when it is hurried.',
  'take.stepsBars.turn-it-over-look-from': 'Turn it over, look from beneath',
  'take.stepsBars.onto-table-bottom-up-along': 'Onto the table, bottom up, along the combs.',
  'take.stepsBars.back-on-hive-with-it': 'Back on the hive with it, the same way round.',
  'take.stepsBars.with-its-combs-now-empty-2': 'With its combs now; empty at the bench.',
  'take.stepsBars.lid-on-box-below-flush': 'Lid on the box below, flush at every joint.',
  'take.stepsFrames.cut-it-out-clean': 'Cut it out clean.',
  'take.stepsFrames.cut-it-out-below-top': 'Cut it out below the top bar, a starter strip left.',
  'take.stepsFrames.tub-with-lid-hive-tool': 'Tub with lid, hive tool, scraper, brush, wet cloth.',
  'take.stepsFrames.under-lid': 'under the lid',
  'take.stepsFrames.lid-off-one-frame-room': 'Lid off, one frame of room',
  'take.stepsFrames.loosen-propolis-at-both-ears':
    'Loosen the propolis at both ears. The outer frame first: it makes room.',
  'take.stepsFrames.unwired-comb-falls-out-frame': 'Unwired comb falls out of a frame held flat.',
  'take.stepsFrames.open': 'Open',
  'take.stepsFrames.take-frame': 'Take frame {slot}',
  'take.stepsFrames.scrape-comb-off-sheet-over': 'Scrape the comb off the sheet over the tub.',
  'take.stepsFrames.lift-upright-frame-goes-back': 'Lift upright.',
  'take.stepsFrames.in-tub': 'In the tub',
  'take.stepsFrames.every-place-has-its-frame': 'Every place has its frame',
  'take.stepsFrames.stray-comb-built-in-gap': 'Stray comb is built in a gap within days.',
  'take.stepsFrames.as-many-frames-in-as': 'As many frames in as places',
  'take.stepsFrames.put-frame-or-dummy-board': 'Put a frame or a dummy board into every gap.',
  'take.stepsFrames.no-gap': 'No gap',
  'take.stepsFrames.lid-on': 'Lid on.',
  'take.stepsFrames.empty-super-tub-or-covered':
    'Empty super, tub or covered board, hive tool, brush, cloth to keep robbers off.',
  'take.stepsFrames.under-super': 'under the super',
  'take.stepsFrames.tip-super-look-from-below': 'Tip the super, look from below',
  'take.stepsFrames.one-edge-up-along-combs': 'One edge up, along the combs.',
  'take.stepsFrames.capped-to-edge-no-brood': 'Capped to the edge, no brood',
  'take.stepsFrames.light-and-unfinished-frames-move':
    'Light and unfinished frames move to the middle or stay; turn the super end for end.',
  'take.stepsFrames.seen-from-below': 'Seen from below',
  'take.stepsFrames.repellent-board-aslant': 'Repellent board, aslant',
  'take.stepsFrames.across-corner-so-that-bees':
    'Across the corner, so that bees find the way down; a few drops on its cloth.',
  'take.stepsFrames.only-what-permitted-where-you':
    'Only what is permitted where you are, and no longer than this: comb takes on its smell.',
  'take.stepsFrames.they-are-down': 'They are down',
  'take.stepsFrames.blow-it-empty': 'Blow it empty',
  'take.stepsFrames.on-its-end-on-stand': [
    'On its end on a stand, top bars toward the blower, so that combs are pushed against',
    'their bars and not out of them.',
  ],
  'take.stepsFrames.against-their-bars-never-from':
    'Against their bars, never from below: unwired comb leaves its frame.',
  'take.stepsFrames.empty-bees': 'Empty of bees',
  'take.stepsFrames.upright-slowly-into-covered-box': 'Upright, slowly.',
  'take.stepsFrames.in-box': 'In the box',
  'take.stepsFrames.carry-it-so-that-combs': 'Carry it so that combs hang still',
  'take.stepsFrames.combs-in-direction-travel-level':
    'Combs in the direction of travel, level, no bump. Covered against robbers and dust.',
  'take.stepsFrames.comb-that-slaps-against-its':
    'A comb that slaps against its frame cracks and runs.',
  'take.stepsFrames.combs-hang-still': 'Combs hang still',
  'take.stepsFrames.empty-frame-or-sheet-in': 'An empty frame or sheet in every place, lid on.',
  'take.stepsFrames.spill-tray-in-over-solid': 'Spill tray in, over the solid floor',
  'take.stepsFrames.push-it-in-what-leaks':
    'Push it in: what leaks would stand on the floor under the bees.',
  'take.stepsFrames.dish-or-tray-under-mesh': 'A dish or tray under the mesh',
  'take.stepsFrames.what-leaks-falls-through-mesh':
    'What leaks falls through the mesh onto the ground and calls robbers: set one under it.',
  'take.stepsFrames.flat-tray-pushed-in-under': 'Flat tray pushed in under the mesh',
  'take.stepsFrames.push-it-in-it-has':
    'Push it in. It has no rim and holds little: look at it after every part.',
  'take.stepsFrames.tray-with-its-rim-pushed': 'Tray with its rim pushed in',
  'take.stepsFrames.push-it-in-its-rim':
    'Push it in: its rim keeps what leaks off the bees and the ground.',
  'take.stepsFrames.spill-tray-in-its-upper': 'Spill tray in its upper position',
  'take.stepsFrames.push-it-in-and-up':
    'Push it in and up: what leaks must run outside, not onto the bees.',
  'take.stepsFrames.floor-closed': 'Floor closed',
  'take.stepsFrames.close-slide-floor': 'Close the slide of the floor.',
  'take.stepsFrames.over': '{degrees}°, {mm} over {supportsMm}',
  'take.stepsFrames.caps-out-outlets': 'Caps out of the outlets',
  'take.stepsFrames.pull-them-keep-them-at':
    'Pull them, keep them at hand: they are needed at the end.',
  'take.stepsFrames.hose-in-every-outlet-down':
    'A hose in every outlet, down into its vessel, no loop',
  'take.stepsFrames.loop-holds-lock-air-straighten': 'A loop holds a lock of air: straighten it.',
  'take.stepsFrames.vessels-covered-with-gap-for': 'Vessels covered, with a gap for air',
  'take.stepsFrames.vessels-open-or-with-gap': 'Vessels open or with a gap for air',
  'take.stepsFrames.tight-cover-locks-flow-leave':
    'A tight cover locks the flow: leave a gap a bee does not pass.',
  'take.stepsFrames.by-halves': 'by halves',
  'take.stepsFrames.by-quarters': 'by quarters',
  'take.stepsFrames.look-at-first':
    '{count, plural, one {Look at frame {untested} first} other {Look at frames {untested} first}}',
  'take.stepsFrames.faces-nobody-has-seen-and': [
    'Faces nobody has seen, and no excluder: opening crushes larvae into the honey. Lift',
    'each and look at both sides, or leave it shut.',
  ],
  'take.stepsFrames.no-brood-on-any-them': 'No brood on any of them',
  'take.stepsFrames.leave-that-frame-shut-today': 'Leave that frame shut today.',
  'take.stepsFrames.looked-at-both-sides': 'Looked at both sides',
  'take.stepsFrames.measure-tilt': 'Measure the tilt',
  'take.stepsFrames.measured-today': 'measured today',
  'take.stepsFrames.at-last-look': 'at the last look',
  'take.stepsFrames.text': '{tiltDegrees}° {tiltIsToday}.',
  'take.stepsFrames.toward-outlets-at-least': 'Toward the outlets, at least {tilt}.',
  'take.stepsFrames.hive-that-leans-other-way':
    'A hive that leans the other way fills itself with honey.',
  'take.stepsFrames.it-leans-enough': 'It leans enough',
  'take.stepsFrames.before-anything-opened': 'Before anything is opened',
  'take.stepsFrames.touch-each-when-it-so': 'Touch each when it is so.',
  'take.stepsFrames.once-opened-frame-runs-until':
    'Once opened, a frame runs until it is empty. It cannot be stopped.',
  'take.stepsFrames.all-it-so': 'All of it is so',
  'take.stepsFrames.open-2': '{frames, plural, one {Open the frame} other {Open # frames}}, {part}',
  'take.stepsFrames.at-most-running-at-once':
    'At most {framesAtOnce} running at once. A clock for every frame.',
  'take.stepsFrames.all-frames-closed': 'All frames closed',
  'take.stepsFrames.look-at-tray': 'Look at the tray',
  'take.stepsFrames.empty-it-wipe-it-it': 'Empty it, wipe it, it stays in.',
  'take.stepsFrames.empty-it-and-take-it': 'Empty it and take it out.',
  'take.stepsFrames.tray-seen-to': 'Tray is seen to',
  'take.stepsFrames.stand-over-tray-indoors-vessels':
    'Stand over a tray indoors, vessels, lever, hoses, caps, cloth to cover the super.',
  'take.stepsFrames.top': 'the top',
  'take.stepsFrames.super-off-bees-off': 'Super off, bees off',
  'take.stepsFrames.super-off': 'Super off',
  'take.stepsFrames.carried-level-and-covered-indoors':
    'Carried level and covered, indoors over the tray.',
  'take.stepsFrames.it-stands-over-tray': 'It stands over the tray',
  'take.stepsFrames.lid-on-hive': 'Lid on the hive.',
  'take.stepsFrames.super-back-on': 'Super back on',
  'take.stepsFrames.in-evening-when-it-quiet':
    'In the evening, when it is quiet: the wet frames call robbers.',
  'take.stepsFrames.super-on': 'Super is on',
  'take.stepsFrames.lever-hoses-caps-vessels-for':
    'Lever, hoses, caps, vessels for the high estimate with their covers, wet cloth, level.',
  'take.stepsFrames.entrance': 'the entrance',
  'take.stepsFrames.end-pane-cover-on-hoses': 'End pane cover on, hoses away.',
  'take.stepsFrames.pierce-sealed-pots-tip-super':
    'Pierce the sealed pots, tip the super over its sieve and bowl; let it run, do not press.',
  'take.stepsFrames.pierce-lid-each-sealed-pot': [
    'Pierce the lid of each sealed pot with the tube and draw it empty; the walls stay',
    'for them to fill again.',
  ],
  'take.stepsFrames.cut-sealed-pots-free-at': [
    'Cut the sealed pots free at their foot and lift each out whole; none may break in',
    'the box.',
  ],
  'take.stepsFrames.lidded-bowl-fine-knife-cold':
    'Lidded bowl, fine knife, cold box, wet cloth, tape. No smoke.',
  'take.stepsFrames.suction-bottle-or-sieve-and':
    'Suction bottle or sieve and bowl, cold box, wet cloth, fine knife, tape. No smoke.',
  'take.stepsFrames.lid-off-super-only': 'Lid off the super only',
  'take.stepsFrames.cut-propolis-round-it-brood':
    'Cut the propolis round it. The brood below stays shut, always.',
  'take.stepsFrames.native-bees-are-protected-in':
    'Native bees are protected in many places: ask before you take.',
  'take.stepsFrames.super-open': 'Super is open',
  'take.stepsFrames.pots-group': 'Pots, group {slot}',
  'take.stepsFrames.honey-pots-only-what-pollen':
    'Honey pots only: what is pollen stays shut. Winter stores stay.',
  'take.stepsFrames.torn-pollen-pot-brings-small':
    'A torn pollen pot brings small flies: out with it, at once.',
  'take.stepsFrames.in-bowl': 'In the bowl',
  'take.stepsFrames.in-bottle': 'In the bottle',
  'take.stepsFrames.torn-pots-out-spills-wiped': 'Torn pots out, spills wiped',
  'take.stepsFrames.every-drop-honey-and-every': 'Every drop of honey and every crumb of pollen.',
  'take.stepsFrames.torn-pots-are-out': 'Torn pots are out',
  'take.stepsFrames.lift-them-out-with-knife': 'Lift them out with the knife.',
  'take.stepsFrames.no-wet-spot-left': 'No wet spot left',
  'take.stepsFrames.wipe-with-damp-cloth-then': 'Wipe with a damp cloth, then a dry one.',
  'take.stepsFrames.clean-and-dry': 'Clean and dry',
  'take.stepsFrames.lid-on-joints-taped': 'Lid on, joints taped.',
  'take.stepsFrames.small-flies-come-within-minutes':
    'Small flies come within minutes: no gap at any joint.',
  'take.stepsFrames.honey-into-cold-now-under': [
    'Honey into the cold now, under a vented lid. Look back at 24 hours: flies at the',
    'joints, bees at work.',
  ],
  'take.visit.go-on-with-next-lot': 'Go on with the next lot',
  'take.visit.lid-on-this-tub-another':
    'Lid on this tub; another one for the next lot. The hive stays open: go on at once.',
  'take.visit.next-lot': 'Next lot',
  'take.step.carry-what-was-taken-off': [
    'Carry what was taken off, covered, to the bench; it is cut free there, not beside',
    'the open hive.',
  ],
  'take.stepsBars.then-into-tub': 'Then into the tub; {starter}.',
  'take.stepsBars.both-walls-of-each':
    'Both walls of each comb before its bar is lifted, {starter}.',
  'take.step.ridge-as-comb-line': 'leave a ridge on the bar as comb line',
  'take.stepsFrames.frame-goes-back-at-once': 'The frame goes back at once.',
  'take.stepsFrames.into-covered-box': 'Into the covered box, hanging as it hung.',
  'take.stepsFrames.on-its-stand-toward': 'On its stand, toward the outlets, at least {tilt}.',
  'take.stepsFrames.how-much-ran-beside': 'How much ran beside? {tray} Floor as it was.',
};
