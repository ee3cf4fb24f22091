import type { TakeSays, TakeStepSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const take: Sentences<Omit<TakeSays, keyof TakeStepSays>> = {
  'take.frameRefill.full-again-by-then-at':
    'full again by then at the pace seen since they were drained',
  'take.frameRefill.full-again-by-then-if': 'full again by then if they fill as they did before',
  'take.frameRefill.at-most-weeks-your-rule': [
    'at most {maxWeeks, plural, one {# week} other {# weeks}}, your rule: full and',
    'forgotten, they crystallise',
  ],
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
  'take.frameRun.frame-leaked-nothing-more-opened': [
    'A frame leaked: nothing more is opened on the hive. This one stays shut, or is',
    'drained off the hive over a tray.',
  ],
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
  'take.frameRun.holds-to-its-mark-may': [
    '{vessel} holds {holdsKg} to its mark;',
    '{frames, plural, one {frame {names}} other {frames {names} together}} may give',
    '{highKg}. Keep an empty one at hand: it will be swapped.',
  ],
  'take.hiveScaleCheck.heavier': 'heavier',
  'take.hiveScaleCheck.lighter': 'lighter',
  'take.hiveScaleCheck.hive-was-written-down':
    'The hive is {lighterG} {lighterG2}; {takenG} was written down.',
  'take.hiveScaleCheck.they-fit': '{both} They fit.',
  'take.hiveScaleCheck.more-left-it-comb-not': [
    '{both} {gapG} more left it: a comb not weighed, a lid or a tool still off, many bees',
    'away?',
  ],
  'take.hiveScaleCheck.less-left-it-tare-forgotten': [
    '{both} {gapG} less left it: a tare forgotten, a feeder or tool left on it, a comb',
    'put back?',
  ],
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
  'take.incidents.if-it-cannot-hang-any': [
    'If it cannot hang any more: cut the honey part off above the brood, tie the brood',
    'part to its bar.',
  ],
  'take.incidents.this-one-stays-next-step': 'This one stays. The next step follows.',
  'take.incidents.queen-on-it': 'The queen is on it',
  'take.incidents.no-quick-movement-keep-comb': 'No quick movement; keep the comb over the hive.',
  'take.incidents.let-her-walk-down-between':
    'Let her walk down between the combs, or put this comb back with her.',
  'take.incidents.do-not-brush': 'Do not brush.',
  'take.incidents.this-one-stays-close-up': 'This one stays. Close up gently before the next.',
  'take.incidents.scrape-sting-off-smoke-spot':
    'Scrape the sting off, smoke the spot: its smell calls more.',
  'take.incidents.swelling-face-or-throat-hives': [
    'Swelling of face or throat, hives all over, dizziness, hard breathing: adrenaline if',
    'it was prescribed, emergency number, now.',
  ],
  'take.incidents.stings-today': '{stings, plural, one {# sting} other {# stings}} today',
  'take.incidents.how-many-now': 'How many now?',
  'take.incidents.take-no-more-cover-combs': 'Take no more. Cover the combs, close the hive.',
  'take.incidents.cover-hive-step-back-ten':
    'Cover the hive, step back ten metres, wait {minutes} minutes.',
  'take.incidents.your-rule-stops-at-only':
    'Your rule stops at {stingsStop}: only closing is left.',
  'take.incidents.your-rule-pauses-at': 'Your rule pauses at {stingsPause}.',
  'take.incidents.go-on-slowly': 'Go on, slowly.',
  'take.incidents.mass-attack-people-first': 'Mass attack: people first',
  'take.incidents.leave-now-leave-everything': 'Leave. Now. Leave everything.',
  'take.incidents.cover-face-and-head-run': [
    'Cover face and head, run in a straight line, {far} and more, through bushes if there',
    'are any.',
  ],
  'take.incidents.into-house-or-car-doors': 'Into a house or a car, doors shut. Never into water.',
  'take.incidents.take-others-along-people-and': [
    'Take others along; people and animals away. Free a tethered animal only if you can',
    'do it covered.',
  ],
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
  'take.potsCheck.emptied-were-counted-sealed-open': [
    '{potsEmptied} emptied, {honeySealed} were counted sealed. Open pots are thin: keep',
    'this honey cold and eat it first.',
  ],
  'take.potsCheck.that-pot-pots-this-size': [
    'That is {gPerPot} a pot; pots of this size hold {sealed}. Tare forgotten, or a wrong',
    'count?',
  ],
};
