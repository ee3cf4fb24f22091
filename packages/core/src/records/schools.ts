import { listSay } from './vocabulary/listSays.js';

/** What the schools are called on screen, with the reason a household would choose each. */
export const SCHOOLS = {
  ripeCappedPercent: {
    75: listSay('school.ripeCappedPercent.75'),
    80: listSay('school.ripeCappedPercent.80'),
    90: listSay('school.ripeCappedPercent.90'),
    100: listSay('school.ripeCappedPercent.100'),
  },
  ripeOf: {
    comb: listSay('school.ripeOf.comb'),
    'worst-side': listSay('school.ripeOf.worst-side'),
    piece: listSay('school.ripeOf.piece'),
  },
  crush: {
    mash: listSay('school.crush.mash'),
    chop: listSay('school.crush.chop'),
    slice: listSay('school.crush.slice'),
  },
  strain: {
    once: listSay('school.strain.once'),
    twice: listSay('school.strain.twice'),
    cloth: listSay('school.strain.cloth'),
    none: listSay('school.strain.none'),
  },
  stirs: {
    twice: listSay('school.stirs.twice'),
    'until-ended': listSay('school.stirs.until-ended'),
  },
  wetGear: {
    wash: listSay('school.wetGear.wash'),
    'same-hive': listSay('school.wetGear.same-hive'),
    open: listSay('school.wetGear.open'),
  },
  waxWay: {
    solar: listSay('school.waxWay.solar'),
    'water-bath': listSay('school.waxWay.water-bath'),
    'bag-press': listSay('school.waxWay.bag-press'),
  },
  underWeight: {
    discount: listSay('school.underWeight.discount'),
    chunk: listSay('school.underWeight.chunk'),
    sample: listSay('school.underWeight.sample'),
  },
  pest: {
    moth: listSay('school.pest.moth'),
    beetle: listSay('school.pest.beetle'),
    both: listSay('school.pest.both'),
  },
  freeze: {
    pieces: listSay('school.freeze.pieces'),
    whole: listSay('school.freeze.whole'),
    none: listSay('school.freeze.none'),
  },
  smoke: {
    'by-temper': listSay('school.smoke.by-temper'),
    smoke: listSay('school.smoke.smoke'),
    'fresh-air': listSay('school.smoke.fresh-air'),
  },
  beesOff: {
    brush: listSay('school.beesOff.brush'),
    herd: listSay('school.beesOff.herd'),
    shake: listSay('school.beesOff.shake'),
    repellent: listSay('school.beesOff.repellent'),
    'leave-out': listSay('school.beesOff.leave-out'),
  },
  starterLeft: {
    ridge: listSay('school.starterLeft.ridge'),
    strip: listSay('school.starterLeft.strip'),
    nothing: listSay('school.starterLeft.nothing'),
  },
  potsBy: {
    suction: listSay('school.potsBy.suction'),
    tip: listSay('school.potsBy.tip'),
    cut: listSay('school.potsBy.cut'),
  },
  frameParts: {
    4: listSay('school.frameParts.4'),
    2: listSay('school.frameParts.2'),
    1: listSay('school.frameParts.1'),
  },
  vesselCover: {
    dearth: listSay('school.vesselCover.dearth'),
    always: listSay('school.vesselCover.always'),
  },
  frameReset: {
    running: listSay('school.frameReset.running'),
    'near-end': listSay('school.frameReset.near-end'),
    'after-hour': listSay('school.frameReset.after-hour'),
  },
  frameDone: {
    droplet: listSay('school.frameDone.droplet'),
    hour: listSay('school.frameDone.hour'),
    overnight: listSay('school.frameDone.overnight'),
    early: listSay('school.frameDone.early'),
  },
  trayAfter: { in: listSay('school.trayAfter.in'), out: listSay('school.trayAfter.out') },
  warm: { gently: listSay('school.warm.gently'), never: listSay('school.warm.never') },
} as const;
