import type { TakeSays } from '@furrow/core';
import type { Sentences } from '../catalogue.js';

export const take: Sentences<TakeSays> = {
  'take.frameRefill.full-again-by-then-at':
    'full again by then at the pace seen since they were drained',
  'take.frameRefill.full-again-by-then-if': 'full again by then if they fill as they did before',
  'take.frameRefill.at-most-weeks-your-rule':
    'at most {maxWeeks} weeks, your rule: full and forgotten, they crystallise',
  'take.frameRun.reset-and-plugged-what-left':
    'Reset and plugged. What is left in it drains to the bees.',
  'take.frameRun.this-frame-closed': 'This frame is closed.',
  'take.frameRun.put-plug-in-it-only':
    'Put the plug in: it only fits when every cell is back in line.',
  'take.frameRun.it-being-closed': 'It is being closed.',
  'take.frameRun.open-no-more-catch-it':
    'Open no more. Catch it, screen the entrance, wash the ground.',
  'take.frameRun.it-leaks-nothing-more-opened':
    'It leaks: nothing more is opened until that is seen to.',
  'take.frameRun.another-frame-leaks-see-to':
    'Another frame leaks: see to that first. What runs goes on running.',
  'take.frameRun.another-frame-leaks': 'Another frame leaks.',
  'take.frameRun.frame-leaked-nothing-more-opened':
    'A frame leaked: nothing more is opened on the hive. This one stays shut, or is drained off the hive over a tray.',
  'take.frameRun.after-leak-nothing-more-opened': 'After a leak nothing more is opened.',
  'take.frameRun.your-rule-at-once': 'your rule is {framesAtOnce} at once.',
  'take.frameRun.frames-run-already':
    '{running, plural, one {# frame runs} other {# frames run}} already, {atOnce}',
  'take.frameRun.your-rule-at-once-2': 'Your rule is {framesAtOnce} at once.',
  'take.frameRun.lever-into-lower-slot-and':
    'Lever into the lower slot and turn, the whole frame at once.',
  'take.frameRun.lever-into-lower-slot-part':
    'Lever into the lower slot, the part furthest from the outlet last.',
  'take.frameRun.look-below-and-at-end':
    'Look below and at the end pane: does anything run beside the outlet?',
  'take.frameRun.look-for-leak-first': 'Look for a leak first.',
  'take.frameRun.parts-open-next-when-flow':
    '{partsOpen} of {frameParts} parts open. The next when the flow slackens.',
  'take.frameRun.all-parts-are-open': 'All parts are open.',
  'take.frameRun.only-drops-come-lever-into':
    'Only drops come. Lever into the upper slot and turn: the cells go back in line.',
  'take.frameRun.by-your-rule-it-reset': 'By your rule it is reset now, while it runs.',
  'take.frameRun.it-runs-look-at-vessel': 'It runs. Look at the vessel; say when only drops come.',
  'take.frameRun.frame-has-no-vessel': 'Frame {f} has no vessel.',
  'take.frameRun.has-holes-honey-would-run':
    '{vessel} has holes: honey would run through it. Choose another.',
  'take.frameRun.holds-to-its-mark-may':
    '{vessel} holds {holdsKg} to its mark; {frames, plural, one {frame {names}} other {frames {names} together}} may give {highKg}. Keep an empty one at hand: it will be swapped.',
  'take.hiveScaleCheck.heavier': 'heavier',
  'take.hiveScaleCheck.lighter': 'lighter',
  'take.hiveScaleCheck.hive-was-written-down':
    'The hive is {lighterG} {lighterG2}; {takenG} was written down.',
  'take.hiveScaleCheck.they-fit': '{both} They fit.',
  'take.hiveScaleCheck.more-left-it-comb-not':
    '{both} {gapG} more left it: a comb not weighed, a lid or a tool still off, many bees away?',
  'take.hiveScaleCheck.less-left-it-tare-forgotten':
    '{both} {gapG} less left it: a tare forgotten, a feeder or tool left on it, a comb put back?',
  'take.incidents.bar-broke': 'Bar broke',
  'take.incidents.comb-fell': 'Comb fell',
  'take.incidents.brood-found': 'Brood found',
  'take.incidents.queen-on-comb': 'Queen on the comb',
  'take.incidents.sting': 'Sting',
  'take.incidents.mass-attack': 'Mass attack',
  'take.incidents.robbing': 'Robbing',
  'take.incidents.too-hot': 'Too hot',
  'take.incidents.scale-flat': 'Scale is flat',
  'take.incidents.phone-rang': 'Phone rang',
  'take.incidents.it-leaks': 'It leaks',
  'take.incidents.vessel-full': 'Vessel full',
  'take.incidents.something-else': 'Something else',
  'take.incidents.what-runs-goes-on-running':
    'What runs goes on running: leave it in its covered vessel.',
  'take.incidents.bar-broke-2': 'The bar broke',
  'take.incidents.hold-comb-from-below-with':
    'Hold the comb from below with the flat of both hands.',
  'take.incidents.look-for-queen-on-it': 'Look for the queen on it before anything else.',
  'take.incidents.brush-bees-off-over-hive':
    'Brush the bees off over the hive, lay the comb into the tub.',
  'take.incidents.spare-bar-into-gap-at': 'A spare bar into the gap, at its place in the order.',
  'take.incidents.weigh-it-as-broken': 'Weigh it as broken.',
  'take.incidents.comb-fell-2': 'A comb fell',
  'take.incidents.stand-still-bees-on-ground':
    'Stand still; bees on the ground walk under your feet.',
  'take.incidents.look-for-queen-among-them':
    'Look for the queen among them. Found: let her walk in at the entrance.',
  'take.incidents.scoop-bees-back-lift-comb': 'Scoop bees back, lift the comb with a board.',
  'take.incidents.every-piece-and-drop-off':
    'Every piece and drop off the ground, earth or water over the rest.',
  'take.incidents.clean-pieces-are-weighed-what':
    'Clean pieces are weighed; what touched the ground is melted or left out.',
  'take.incidents.brood-on-it': 'Brood on it',
  'take.incidents.put-it-back-where-it': 'Put it back where it was, the same way round.',
  'take.incidents.if-it-cannot-hang-any':
    'If it cannot hang any more: cut the honey part off above the brood, tie the brood part to its bar.',
  'take.incidents.this-one-stays-next-step': 'This one stays. The next step follows.',
  'take.incidents.queen-on-it': 'The queen is on it',
  'take.incidents.no-quick-movement-keep-comb': 'No quick movement; keep the comb over the hive.',
  'take.incidents.let-her-walk-down-between':
    'Let her walk down between the combs, or put this comb back with her.',
  'take.incidents.do-not-brush': 'Do not brush.',
  'take.incidents.this-one-stays-close-up': 'This one stays. Close up gently before the next.',
  'take.incidents.scrape-sting-off-smoke-spot':
    'Scrape the sting off, smoke the spot: its smell calls more.',
  'take.incidents.swelling-face-or-throat-hives':
    'Swelling of face or throat, hives all over, dizziness, hard breathing: adrenaline if it was prescribed, emergency number, now.',
  'take.incidents.stings-today': '{stings, plural, one {# sting} other {# stings}} today',
  'take.incidents.how-many-now': 'How many now?',
  'take.incidents.take-no-more-cover-combs': 'Take no more. Cover the combs, close the hive.',
  'take.incidents.cover-hive-step-back-ten':
    'Cover the hive, step back ten metres, wait {pAUSEMINUTES} minutes.',
  'take.incidents.your-rule-stops-at-only':
    'Your rule stops at {stingsStop}: only closing is left.',
  'take.incidents.your-rule-pauses-at': 'Your rule pauses at {stingsPause}.',
  'take.incidents.go-on-slowly': 'Go on, slowly.',
  'take.incidents.mass-attack-people-first': 'Mass attack: people first',
  'take.incidents.leave-now-leave-everything': 'Leave. Now. Leave everything.',
  'take.incidents.cover-face-and-head-run':
    'Cover face and head, run in a straight line, {far} and more, through bushes if there are any.',
  'take.incidents.into-house-or-car-doors': 'Into a house or a car, doors shut. Never into water.',
  'take.incidents.take-others-along-people-and':
    'Take others along; people and animals away. Free a tethered animal only if you can do it covered.',
  'take.incidents.many-stings-or-any-hard':
    'Many stings, or any hard breathing: call the emergency number. Scrape stings off.',
  'take.incidents.do-not-go-back-to': 'Do not go back to finish.',
  'take.incidents.job-left-as-it-come':
    'The job is left as it is. Come back after dark or another day, covered, not alone.',
  'take.incidents.robbing-has-begun': 'Robbing has begun',
  'take.incidents.cover-every-comb-and-vessel': 'Cover every comb and vessel.',
  'take.incidents.close-hive-lid-on-entrance':
    "Close the hive: lid on, entrance to one bee's width. Never shut.",
  'take.incidents.water-mist-over-entrance-wipe':
    'Water mist over the entrance; wipe or flood every drop of honey.',
  'take.incidents.fit-robbing-screen-that-lets':
    'Fit a robbing screen that lets air through; note when it comes off.',
  'take.incidents.no-more-combs-today-only': 'No more combs today: only closing is left.',
  'take.incidents.into-shade-veil-off-well':
    'Into the shade, veil off well away from the hive, drink.',
  'take.incidents.confusion-no-sweat-vomiting-cool':
    'Confusion, no sweat, vomiting: cool with water, emergency number.',
  'take.incidents.comb-softens-above-35-c':
    'Comb softens above {softens}: what is out goes into the cool first.',
  'take.incidents.only-closing-left-rest-in':
    'Only closing is left; the rest in the cool of another day.',
  'take.incidents.scale-flat-2': 'The scale is flat',
  'take.incidents.keep-combs-each-place-apart':
    'Keep the combs of each place apart in their own vessels.',
  'take.incidents.round-vessel-measure-depth-what':
    'Round vessel: measure the depth of what is in it, Furrow makes kilograms of it.',
  'take.incidents.or-weigh-at-home-before': 'Or weigh at home, before anything is crushed.',
  'take.incidents.give-depth-instead-weight-or':
    'Give the depth instead of a weight, or weigh at home: the step stays open.',
  'take.incidents.called-away': 'Called away',
  'take.incidents.lid-or-cloth-over-open': 'Lid or cloth over the open hive, cover on the tub.',
  'take.incidents.look-at-levels-first-swap':
    'Look at the levels first: the swap alarm rings only while this page is open.',
  'take.incidents.this-step-waits-for-you': 'This step waits for you; the minutes are not counted.',
  'take.incidents.open-no-more-parts': 'Open no more parts.',
  'take.incidents.catch-it-tray-or-cloth': 'Catch it: a tray or cloth under the drip.',
  'take.incidents.screen-entrance-against-robbers-air':
    'Screen the entrance against robbers, air must get through.',
  'take.incidents.wash-ground-with-much-water': 'Wash the ground with much water.',
  'take.incidents.if-it-runs-into-hive':
    'If it runs into the hive: take the super off and let it drain over a tray.',
  'take.incidents.what-open-runs-on-into':
    'What is open runs on into its vessel. Nothing more is opened until the leak is seen to.',
  'take.incidents.vessel-full-2': 'A vessel is full',
  'take.incidents.hold-hose-up-into-empty':
    'Hold the hose up into an empty vessel; do not pinch it shut.',
  'take.incidents.cover-full-one-take-it': 'Cover the full one, take it away from the bees.',
  'take.incidents.wipe-and-wash-what-ran': 'Wipe and wash what ran over.',
  'take.incidents.write-down-swap-with-its': 'Write down the swap with its weight.',
  'take.incidents.cover-hive-and-what-open': 'Cover the hive and what is open, then think.',
  'take.incidents.say-in-few-words-what': 'Say in a few words what it was.',
  'take.incidents.what-was-it': 'What was it?',
  'take.potsCheck.emptied-with-honey-were-counted':
    '{potsEmptied} emptied, {known} with honey were counted. Were pollen pots among them?',
  'take.potsCheck.emptied-were-counted-sealed-open':
    '{potsEmptied} emptied, {honeySealed} were counted sealed. Open pots are thin: keep this honey cold and eat it first.',
  'take.potsCheck.that-pot-pots-this-size':
    'That is {gPerPot} a pot; pots of this size hold {sealed}. Tare forgotten, or a wrong count?',
  'take.progress.job-was-left': 'The job was left',
  'take.progress.come-back-after-dark-or':
    'Come back after dark or another day, fully covered, with a second person, water and a lit smoker. First only close the hive.',
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
  'take.step.why-it-died-comes-first':
    'Why it died comes first: ask a vet or inspector before this honey is eaten or fed. Robbers may be inside: veil on.',
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
  'take.step.they-were-at-last-look':
    'They were {temper} at the last look: once more, then wait again.',
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
  'take.stepsBars.tub-lid-long-knife-brush':
    'Tub, lid, long knife, brush and wet cloth beside you. Smoker on bare ground, water next to it.',
  'take.stepsBars.entrance': 'the entrance',
  'take.stepsBars.take-out-follower-board': 'Take out the follower board',
  'take.stepsBars.open-at-back-follower-board':
    'Open at the back. Follower board out; look along the bars: do combs hang vertical, is one built across two bars?',
  'take.stepsBars.combs-across-two-bars-tear':
    'Combs across two bars tear both: cut them apart first.',
  'take.stepsBars.board-out': 'Board is out',
  'take.stepsBars.lift-bar': 'Lift bar {slot}',
  'take.stepsBars.cut-it-from-both-walls':
    'Cut it from both walls, slide it level, see that it hangs free. Lift straight up, upright.',
  'take.stepsBars.then-cut-it-into-tub': 'Then cut it into the tub; {starter}.',
  'take.stepsBars.comb-held-flat-breaks-off': 'A comb held flat breaks off its bar.',
  'take.stepsBars.in-tub': 'In the tub',
  'take.stepsBars.put-bars-back': 'Put the bars back',
  'take.stepsBars.bars-with-comb-in-their':
    'Bars with comb in their old order, without a gap to the nest; the empty bars last. Bees off the edges before wood meets wood.',
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
  'take.stepsBars.wire-with-two-grips-empty':
    'Wire with two grips, empty box or lid, cloth beside you; at the bench a long knife and a tub.',
  'take.stepsBars.top-bars': 'the top of the bars',
  'take.stepsBars.drive-them-down-out-box': 'Drive them down out of box {box}',
  'take.stepsBars.quilt-off-little-smoke-from':
    'Quilt off, a little smoke from above, knock softly on the wood. Slowly: the queen goes with them.',
  'take.stepsBars.they-are-down': 'They are down',
  'take.stepsBars.part-box-from-one-below': 'Part box {box} from the one below',
  'take.stepsBars.draw-wire-through-joint-slowly':
    'Draw the wire through the joint slowly, level, one side to the other.',
  'take.stepsBars.slowly-or-queen-cut-with': 'Slowly, or the queen is cut with the comb.',
  'take.stepsBars.parted': 'Parted',
  'take.stepsBars.turn-it-look-from-beneath': 'Turn it, look from beneath',
  'take.stepsBars.tip-it-on-its-side':
    'Tip it on its side along the combs, not across, and look at every comb from below before it is carried.',
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
  'take.stepsBars.knife-flat-to-wood-top':
    'Knife flat to the wood, top to bottom; the sides where combs end first, then the two others.',
  'take.stepsBars.warm-comb-tears-in-cool':
    'Warm comb tears: in the cool of the house if it can be carried covered.',
  'take.stepsBars.four-walls-free': 'Four walls free',
  'take.stepsBars.cut-both-sides-crossbars': 'Cut both sides of the crossbars',
  'take.stepsBars.along-each-crossbar-from-both':
    'Along each crossbar, from both faces of the comb; then the comb comes out downward, whole, in your hand.',
  'take.stepsBars.combs-are-out': 'Combs are out',
  'take.stepsBars.drip-first-then-press': 'Drip first, then press.',
  'take.stepsBars.with-its-crossbars-what-missing': 'With its crossbars: what is missing was comb.',
  'take.stepsBars.cutting-wire-with-two-grips':
    'Cutting wire with two grips, firm table beside the hive, empty box or lid, tub, long knife.',
  'take.stepsBars.top': 'the top',
  'take.stepsBars.lid-off-smoke-from-above':
    'Lid off, smoke from above and a soft knock, again and again, until the comb tops are bare.',
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
  'take.stepsFrames.on-its-end-on-stand':
    'On its end on a stand, top bars toward the blower, so that combs are pushed against their bars and not out of them.',
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
  'take.stepsFrames.faces-nobody-has-seen-and':
    'Faces nobody has seen, and no excluder: opening crushes larvae into the honey. Lift each and look at both sides, or leave it shut.',
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
  'take.stepsFrames.pierce-lid-each-sealed-pot':
    'Pierce the lid of each sealed pot with the tube and draw it empty; the walls stay for them to fill again.',
  'take.stepsFrames.cut-sealed-pots-free-at':
    'Cut the sealed pots free at their foot and lift each out whole; none may break in the box.',
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
  'take.stepsFrames.honey-into-cold-now-under':
    'Honey into the cold now, under a vented lid. Look back at 24 hours: flies at the joints, bees at work.',
  'take.visit.go-on-with-next-lot': 'Go on with the next lot',
  'take.visit.lid-on-this-tub-another':
    'Lid on this tub; another one for the next lot. The hive stays open: go on at once.',
  'take.visit.next-lot': 'Next lot',
  'take.step.carry-what-was-taken-off':
    'Carry what was taken off, covered, to the bench; it is cut free there, not beside the open hive.',
  'take.stepsBars.then-into-tub': 'Then into the tub; {starter}.',
  'take.stepsBars.both-walls-of-each':
    'Both walls of each comb before its bar is lifted, {starter}.',
  'take.step.ridge-as-comb-line': 'leave a ridge on the bar as comb line',
  'take.stepsFrames.frame-goes-back-at-once': 'The frame goes back at once.',
  'take.stepsFrames.into-covered-box': 'Into the covered box, hanging as it hung.',
  'take.stepsFrames.on-its-stand-toward': 'On its stand, toward the outlets, at least {tilt}.',
  'take.stepsFrames.how-much-ran-beside': 'How much ran beside? {tray} Floor as it was.',
};
