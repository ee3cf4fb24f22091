import type { ReadySays, BringSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const ready: Sentences<Omit<ReadySays, keyof BringSays>> = {
  'ready.benchTasks.in-open-it-calls-robbers':
    'In the open it calls robbers, and many places forbid it.',
  'ready.benchTasks.robbing-and-disease-start-at': 'Robbing and disease start at wet gear.',
  'ready.benchTasks.wet-frames-back-into-their': 'Wet frames back into their own hive at once.',
  'ready.benchTasks.wet-frames-stay-closed-in': 'Wet frames stay closed in, and go back at dusk.',
  'ready.benchTasks.wet-frames-are-washed-and':
    'Wet frames are washed and dried before they go back.',
  'ready.benchTasks.by-your-own-pace-min': 'By your own pace, {crushMinutesPerKg} min a kg.',
  'ready.benchTasks.mash-comb': 'Mash the comb',
  'ready.benchTasks.chop-comb': 'Chop the comb',
  'ready.benchTasks.slice-comb': 'Slice the comb',
  'ready.benchTasks.pour-together': 'Pour together',
  'ready.benchTasks.strain': 'Strain',
  'ready.benchTasks.strain-twice': 'Strain twice',
  'ready.benchTasks.strain-through-cloth': 'Strain through cloth',
  'ready.benchTasks.run-out-over-tray': 'Run out over the tray',
  'ready.benchTasks.by-days-warmth': "By the day's warmth.",
  'ready.benchTasks.freeze-to-core': 'Freeze to the core',
  'ready.benchTasks.at-until-core-cold-and': [
    'At {freezerTemperatureC} until the core is cold and has stayed so: moth in every',
    'stage is ended.',
  ],
  'ready.benchTasks.thaw-closed': 'Thaw, closed',
  'ready.benchTasks.in-its-wrap-so-that':
    'In its wrap, so that water settles on the wrap and not on the comb.',
  'ready.benchTasks.cut-strips': 'Cut the strips',
  'ready.benchTasks.cut-about-pieces': 'Cut about {pieces, plural, one {# piece} other {# pieces}}',
  'ready.benchTasks.sharp-dry-knife-away-from': 'A sharp dry knife; away from the hand.',
  'ready.benchTasks.drip-on-rack': 'Drip on the rack',
  'ready.benchTasks.cut-edges-run-dry-under':
    'Cut edges run dry; under a cover against bees and damp.',
  'ready.benchTasks.pack-and-weigh-pieces': 'Pack and weigh the pieces',
  'ready.benchTasks.net-weight-each-to-scales': "Net weight of each, to the scale's step.",
  'ready.benchTasks.label-pieces': 'Label {pieces, plural, one {# piece} other {# pieces}}',
  'ready.benchTasks.from-record-never-typed': 'From the record, never typed.',
  'ready.benchTasks.press': 'Press',
  'ready.benchTasks.through-cloth-slowly-warm-comb':
    'Through cloth, slowly; warm comb presses better.',
  'ready.benchTasks.cut-combs-open': 'Cut the combs open',
  'ready.benchTasks.crush-trimmings': 'Crush the trimmings',
  'ready.benchTasks.while-honey-still-hive-warm': 'While the honey is still hive-warm.',
  'ready.benchTasks.across-cells-not-mashed-what':
    'Across the cells, not mashed: what drips stays clear, the press finds the rest.',
  'ready.benchTasks.drain-to-nine-tenths': 'Drain to nine tenths',
  'ready.benchTasks.by-kitchens-by-day-and':
    "By the kitchen's {dayC} by day and {nightC} by night, at the slow edge.",
  'ready.benchTasks.stir': 'Stir',
  'ready.benchTasks.stir-again': 'Stir again',
  'ready.benchTasks.opens-what-still-closed': 'Opens what is still closed.',
  'ready.benchTasks.weigh-close-drain': 'Weigh, close the drain',
  'ready.benchTasks.by-flow-rate-you-decide': 'By the flow rate: you decide.',
  'ready.benchTasks.press-rest': 'Press the rest',
  'ready.benchTasks.what-drained-put-aside-first':
    'What drained is put aside first: pressed honey is cloudier.',
  'ready.benchTasks.covered-against-bees-and-damp': 'Covered against bees and damp.',
  'ready.benchTasks.settle-then-skim': 'Settle, then skim',
  'ready.benchTasks.until-scum-up-through-at':
    'Until the scum is up through {max}, at the slow edge.',
  'ready.benchTasks.fill-jars': 'Fill {jars, plural, one {# jar} other {# jars}}',
  'ready.benchTasks.vented-lids-into-cold': 'Vented lids, into the cold.',
  'ready.benchTasks.measure-water-before-lids-go': 'Measure the water before the lids go on.',
  'ready.benchTasks.label-jars': 'Label {jars, plural, one {# jar} other {# jars}}',
  'ready.benchTasks.wash-gear': 'Wash the gear',
  'ready.benchTasks.gear-back-to-bees': 'Gear back to the bees',
  'ready.benchTasks.wax-and-residue': 'Wax and residue',
  'ready.benchTasks.rinse-melt-in-water-bath':
    'Rinse, melt in a water bath, or freeze until the next melting: moth finds wet wax.',
  'ready.cautions.stings-and-allergy-not-alone':
    'Stings and allergy: not alone the first times, adrenaline and emergency number at hand.',
  'ready.cautions.your-doctor-if-anyone-here':
    'Your doctor, if anyone here ever swelled up beyond the sting or lost breath.',
  'ready.cautions.they-are-noted-as-defensive': 'They are noted as defensive.',
  'ready.cautions.if-they-come-in-mass': [
    'If they come in a mass: cover the face and leave, people and animals first, into a',
    'house or car, never into water. Do not go back to finish.',
  ],
  'ready.cautions.smoker-on-bare-ground-water':
    'Smoker on bare ground, water beside it, cold before you go.',
  'ready.cautions.fire-rules-place-in-dry': 'Fire rules of the place in dry weather.',
  'ready.cautions.it-weighs-about-over-your': [
    'It weighs about {liftKg}, over your {liftLimitKg} for one: carry it between two or',
    'in two trips.',
  ],
  'ready.cautions.full-tub-weighs-about': 'The full tub weighs about {liftKg}.',
  'ready.cautions.sunken-greasy-caps-bad-smell':
    'Sunken, greasy caps, a bad smell or dead brood: stop, close up, take nothing.',
  'ready.cautions.bee-inspector-or-vet-foulbrood':
    'The bee inspector or a vet; foulbrood is notifiable in many places.',
  'ready.cautions.spilled-honey-and-torn-pollen': [
    'Spilled honey and torn pollen pots bring small scuttle flies that can kill the',
    'colony: wipe at once, close within minutes.',
  ],
  'ready.cautions.native-bees-are-protected-by': 'Native bees are protected by law in many places.',
  'ready.cautions.environment-authority-before-you':
    'The environment authority, before you take or move.',
  'ready.cautions.thin-honey-ferments-vented-lids':
    'Thin honey ferments: vented lids, never tight glass.',
  'ready.cautions.dearth-lid-on-between-combs':
    'Dearth: lid on between combs, nothing dripped, entrance reduced, and be done quickly.',
  'ready.cautions.lid-on-tub-between-combs':
    'Lid on the tub between combs: open honey calls robbers.',
  'ready.cautions.colony-gone-what-it-died': [
    'The colony is gone: what it died of comes before its honey is eaten. Robbers may be',
    'inside.',
  ],
  'ready.cautions.bee-inspector-or-laboratory': 'The bee inspector or a laboratory.',
  'ready.cautions.no-comb-for-eating-from':
    'No comb for eating from a hive under treatment or within its waiting time.',
  'ready.cautions.leaflet-what-was-given': 'The leaflet of what was given.',
  'ready.cautions.repellent-outdoors-gloves-not':
    'Repellent: outdoors, gloves, not breathed in; not permitted everywhere.',
  'ready.cautions.what-allowed-where-you-sell': 'What is allowed where you sell.',
  'ready.cautions.sticky-handles-slip-cut-away':
    'Sticky handles slip: cut away from the hand, wash the knife often.',
  'ready.cautions.sticky-handles-slip-tool-away': 'Sticky handles slip: tool away from the hand.',
  'ready.cautions.wax-melts-in-water-bath':
    'Wax melts in a water bath, never over a flame, never alone.',
  'ready.cautions.above-about-60-humid-open': [
    'Above about 60 % humid, open honey draws water: cover it or dry the room, and',
    'measure again.',
  ],
  'ready.cautions.throw-chipped-jar-away-and': 'Throw a chipped jar away, and what was in it.',
  'ready.cautions.no-honey-for-children-under': 'No honey for children under twelve months.',
  'ready.cautions.for-sale-place-may-ask':
    'For sale a place may ask for registration, labels and approved scales.',
  'ready.cautions.food-authority-where-you-sell': 'The food authority where you sell.',
  'ready.cautions.suit-in-sun-overheats-person':
    'A suit in the sun overheats a person: water, shade, short turns.',
  'ready.cautions.it-will-feel-like-your': [
    'It will feel like {feelsC}; your limit in a suit is {heatLimitC}. Water, shade,',
    'turns of a quarter of an hour; stop at the first dizziness.',
  ],
  'ready.hourScore.your-rule-in-morning-after':
    'Your rule: in the morning, after the foragers left.',
  'ready.hourScore.your-rule-cool-day-when': 'Your rule: a cool day, when hardly a bee flies.',
  'ready.hourScore.weather-not-known-dry-warm':
    'Weather not known: a dry, warm, calm hour is what you look for.',
  'ready.hourScore.noted-as-defensive-calmest-hour':
    'Noted as defensive: the calmest hour, two people, others away.',
  'ready.hourScore.colony-gone-no-foragers-to':
    'The colony is gone: no foragers to wait for, only robbers to keep out.',
  'ready.hourScore.foragers-are-still-at-home': 'Foragers are still at home.',
  'ready.hourScore.foragers-are-out-fewer-bees': 'Foragers are out: fewer bees at home.',
  'ready.hourScore.foragers-come-home-crowded-and':
    'Foragers come home: crowded, and little light left.',
  'ready.hourScore.afternoon-foragers-out-but-days':
    "Afternoon: foragers out, but the day's heat is in the comb.",
  'ready.hourScore.in-dearth-edge-day-when':
    'In a dearth the edge of the day, when robbers fly least.',
  'ready.hourScore.dearth-what-runs-starts-robbing': [
    'Dearth: what runs starts robbing. Evening, covers on, floor closed, or take the',
    'super off.',
  ],
  'ready.hourScore.dearth-open-honey-starts-robbing': [
    'Dearth: open honey starts robbing by day. Entrance reduced, lid on the tub, early or',
    'late.',
  ],
  'ready.hourScore.forage-this-month-not-noted':
    'Forage of this month is not noted: in a dearth choose the evening.',
  'ready.hourScore.flow-bees-are-busy-and': 'A flow: bees are busy and rob little.',
  'ready.hourScore.practice-weather': ' (practice weather)',
  'ready.hourScore.in-hour': '{rainMm} in the hour{from}',
  'ready.hourScore.rain-hive-stays-closed': 'Rain, {fell}: the hive stays closed.',
  'ready.hourScore.wind-your-rule-says-at': 'Wind {blows}, your rule says at most {limit}.',
  'ready.hourScore.wind-combs-sway-bees-are': 'Wind {blows}: combs sway, bees are short-tempered.',
  'ready.hourScore.calm-wind': 'Calm, wind {blows}.',
  'ready.hourScore.humid': '{temperatureC}, {humidityPercent} humid{from}',
  'ready.hourScore.feels-like-your-limit-in':
    'Feels like {feels} ({is}): your limit in a suit is {heatIndexLimitC}.',
  'ready.hourScore.comb-softens-from-about-and':
    '{is}: comb softens from about {softens} and breaks off its bar.',
  'ready.hourScore.warm-comb-bends-work-in': '{is}: warm comb bends; work in the shade.',
  'ready.hourScore.too-cold-to-open-brood':
    '{is}: too cold to open, brood chills below about {chills}.',
  'ready.hourScore.cold-honey-hardly-runs-drain':
    '{is}: cold honey hardly runs; drain frames want warmth.',
  'ready.hourScore.short-work-only': '{is}: short work only.',
  'ready.hourScore.fit-to-open': '{is}: fit to open.',
  'ready.hourScore.overcast': 'Overcast, {cloudPercent}{from}',
  'ready.hourScore.more-foragers-at-home': '{is}: more foragers at home.',
  'ready.hourScore.humid-2': '{humidityPercent} humid{from}',
  'ready.hourScore.open-honey-draws-water': '{is}: open honey draws water.',
  'ready.hourScore.sun-times-not-known-say': [
    'Sun times not known: say where the site lies. Until then only within {hours} hours',
    'of noon.',
  ],
  'ready.hourScore.sunset-no-hive-opened-toward': [
    'Sunset {setAt}: no hive is opened toward dark. Bees walk instead of flying, and',
    'nobody sees the queen.',
  ],
  'ready.hourScore.sunrise-dark-before-it': 'Sunrise {riseAt}: dark before it.',
  'ready.hourScore.no-smoke-stingless-bees-are':
    'No smoke: stingless bees are left in peace, the lid is off for minutes.',
  'ready.hourScore.whatever-rule-on-fresh-air': ', whatever the rule on fresh air',
  'ready.hourScore.smoke-before-at-entrance-and': [
    'Smoke before, at the entrance, and wait the full {waitMinutes} minutes: they are',
    'defensive{smoke}.',
  ],
  'ready.hourScore.fresh-air-no-smoke-by':
    'Fresh air, no smoke, by your rule; the smoker stays cold but at hand.',
  'ready.hourScore.calm-bees-try-without-smoke':
    'Calm bees: try without smoke, smoker lit beside you.',
  'ready.hourScore.temper-not-noted-smoker-lit': 'Temper not noted: smoker lit, begin with little.',
  'ready.hourScore.three-slow-puffs-at-entrance':
    'Three slow puffs at the entrance, then wait {waitMinutes} minutes.',
  'ready.placeHarvest.first-smoke-was-planned-h':
    'The first smoke was planned {hours} h earlier: planned anew from now.',
  'ready.placeHarvest.draw-off-in-between-or': 'draw off in between or bring another',
  'ready.placeHarvest.no-free.tub': 'no free tub in the kit',
  'ready.placeHarvest.no-free.upper': 'no free upper vessel in the kit',
  'ready.placeHarvest.no-free.lower': 'no free lower vessel in the kit',
  'ready.placeHarvest.no-free.settling': 'no free settling vessel in the kit',
  'ready.placeHarvest.short': '{shortL} short: {advice}.',
  'ready.placeHarvest.before-it-can-be-what':
    'Before it can be: what comes first is done at {from}.',
  'ready.placeHarvest.outside-your-working-hours-to':
    'Outside your working hours, {workFrom} to {workTo}, quiet from {quietFrom}.',
  'ready.placeHarvest.not-enough-hands': 'Not enough hands',
  'ready.placeHarvest.scale-in-use': 'The scale is in use',
  'ready.placeHarvest.freezer-full': 'The freezer is full',
  'ready.planTask.home-with-other-lot-in': 'Home with the other lot, in a tub of its own',
  'ready.planTask.taken-in-same-visit-another':
    'Taken in the same visit: another tub, lidded, marked.',
  'ready.plannedStart.this-no-date-and-time': 'This is no date and time of that place.',
  'ready.tasks.tell-neighbours': 'Tell the neighbours',
  'ready.tasks.windows-shut-and-washing-in':
    'Windows shut and washing in, from an hour before to two after.',
  'ready.tasks.children-indoors': 'Children indoors',
  'ready.tasks.until-hive-closed-and-quiet': 'Until the hive is closed and quiet again.',
  'ready.tasks.dog-and-animals-away': 'Dog and animals away',
  'ready.tasks.shut-in-or-led-off':
    'Shut in or led off before the smoker is lit; a tethered animal cannot flee.',
  'ready.tasks.secure-yourself-on-roof': 'Secure yourself on the roof',
  'ready.tasks.never-alone-on-roof-nothing':
    'Never alone on a roof, nothing carried while climbing; combs go down by rope.',
  'ready.tasks.set-and-hold-ladder': 'Set and hold the ladder',
  'ready.tasks.one-person-holds-it-combs':
    'One person holds it; combs come down in a closed tub on a rope, not in the hand.',
  'ready.tasks.another-lot': 'another lot',
  'ready.tasks.other-lots': '{laterLots} other lots',
  'ready.tasks.then': '{first}, then {laterCombs} of {others}',
  'ready.tasks.wash-and-dry-gear': 'Wash and dry the gear',
  'ready.tasks.hot-water-no-scent-dry': 'Hot water, no scent; dry, or the honey takes up water.',
  'ready.tasks.to-be-done-at-site': 'To be done at the site before this visit.',
  'ready.tasks.reduce-entrance': 'Reduce the entrance',
  'ready.tasks.dearth-robbers-never-close-it':
    'Dearth: robbers. Never close it; open it again tomorrow evening.',
  'ready.tasks.smoke-and-wait': 'Smoke and wait',
  'ready.tasks.tilt-measured-tray-up-floor':
    'Tilt measured, tray up, floor closed, covers on the vessels.',
  'ready.tasks.open-frames-part-by-part':
    'Open {combs, plural, one {# frame} other {# frames}}, part by part',
  'ready.tasks.vessels-for-high-estimate-stand':
    'Vessels for the high estimate stand ready first; once opened it cannot be stopped.',
  'ready.tasks.run-out': 'Run out',
  'ready.tasks.7-minutes-to-overnight-frame':
    "7 minutes to overnight a frame in others' hands; look at the vessels every hour.",
  'ready.tasks.reset-plug-look-at-tray': 'Reset, plug, look at the tray',
  'ready.tasks.plug-that-only-then-fits':
    'The plug that only then fits is the proof. Wipe the channel: what stays in it ferments.',
  'ready.tasks.lay-all-ready-beside-box': 'Lay all ready beside the box',
  'ready.tasks.suction': 'Suction',
  'ready.tasks.lidded-bowl': 'Lidded bowl',
  'ready.tasks.cold-box-wet-cloth-knife': '{way}, cold box, wet cloth, knife. No smoke.',
  'ready.tasks.draw-off-sealed-pots': 'Draw off the sealed pots',
  'ready.tasks.cut-sealed-pots-out': 'Cut the sealed pots out',
  'ready.tasks.sealed-pots-only-torn-ones':
    'Sealed pots only; torn ones out, spills wiped, closed within minutes.',
  'ready.tasks.into-cold': 'Into the cold',
  'ready.tasks.honey-thin-cold-at-once': 'The honey is thin: cold at once, vented lid.',
  'ready.tasks.lit-smoked-waited-opened': 'Lit, smoked, waited, opened.',
  'ready.tasks.take-super-off': 'Take the super off',
  'ready.tasks.take-close-hive': 'Take {h}, close the hive',
  'ready.tasks.another-tub-for-each-lot': ' Another tub for each lot.',
  'ready.tasks.min-comb-by-your-rules':
    '{minutesPerComb} min a comb by your rules, 15 min to close.{laterLots}',
  'ready.tasks.carry-it-home-covered': 'Carry it home, covered',
  'ready.tasks.shut-tub-out-sun': 'Shut tub, out of the sun.',
  'ready.tasks.into-one-vessel-with': 'Into one vessel with {joins}',
  'ready.tasks.weighed-apart-before-they-meet':
    'Weighed apart before they meet: afterwards no jar can say which hive it came from.',
  'ready.tasks.look-back-at-hive': 'Look back at the hive',
  'ready.tasks.after-day-robbing-drips-fallen':
    'After a day: robbing, drips, fallen comb, board moved.',
  'ready.tasks.look-back-again': 'Look back again',
  'ready.tasks.after-some-days-new-comb': 'After some days: new comb begun, quiet at the entrance.',
  'ready.hourScore.blows': '{speed}{from}',
  'ready.hourScore.warmth': '{temperature}{from}',
  'ready.placeHarvest.step-of': '{harvest}, {step}',
  'ready.placeHarvest.cold-at-bench':
    '{temperature} at the bench then: honey hardly runs below {warmth}.',
  'ready.placeHarvest.clash': '{what}: {with}.',
  'ready.calendar.step': '{harvest}: {step}',
  'ready.calendar.step-over': '{step} is over',
  'ready.planOf.cannot-be-worked-out': 'This day cannot be worked out.',
  'ready.in-use.drains': '{hive} drains',
};
