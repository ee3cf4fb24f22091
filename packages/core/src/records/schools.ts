/** What the schools are called on screen, with the reason a household would choose each. */
export const SCHOOLS = {
  ripeCappedPercent: {
    75: 'Capped on three quarters',
    80: 'Capped on four fifths',
    90: 'Capped on nine tenths',
    100: 'Capped to the edge',
  },
  ripeOf: {
    comb: 'The comb as a whole',
    'worst-side': 'Its worse side too',
    piece: 'The piece that is used',
  },
  crush: {
    mash: 'Mash to pulp: quick, cloudy',
    chop: 'Chop fine',
    slice: 'Slice and leave: slow, clear',
  },
  strain: {
    once: 'Strain once',
    twice: 'Strain twice',
    cloth: 'Through cloth',
    none: 'Do not strain',
  },
  stirs: { twice: 'Twice', 'until-ended': 'Until it ends' },
  wetGear: { wash: 'Wash it', 'same-hive': 'Back inside the same hive', open: 'Out in the open' },
  waxWay: {
    solar: 'In the sun',
    'water-bath': 'In a water bath',
    'bag-press': 'In a bag, pressed under hot water',
  },
  underWeight: { discount: 'At a discount', chunk: 'Into a chunk jar', sample: 'As a sample' },
  pest: { moth: 'Wax moth', beetle: 'Small hive beetle', both: 'Both' },
  freeze: {
    pieces: 'After cutting, as pieces',
    whole: 'Whole, before cutting',
    none: 'Not at all',
  },
  smoke: { 'by-temper': 'By temper', smoke: 'Always smoke', 'fresh-air': 'Fresh air, no smoke' },
  beesOff: {
    brush: 'Brush',
    herd: 'Herd with the hand',
    shake: 'Shake framed combs',
    repellent: 'Repellent board, where permitted',
    'leave-out': 'Leave the box out',
  },
  starterLeft: { ridge: 'A ridge on the bar', strip: 'A starter strip', nothing: 'Nothing' },
  potsBy: {
    suction: 'Suction: clean, slow',
    tip: 'Pierce and tip: quick, spills',
    cut: 'Cut out whole, crushed at home',
  },
  frameParts: { 4: 'By quarters', 2: 'By halves', 1: 'Whole' },
  vesselCover: { dearth: 'Covered in a dearth', always: 'Always covered' },
  frameReset: {
    running: 'While it still runs',
    'near-end': 'Near the end',
    'after-hour': 'After an hour',
  },
  frameDone: {
    droplet: 'When it only drips',
    hour: 'After an hour',
    overnight: 'Overnight',
    early: 'Closed early, the rest is theirs',
  },
  trayAfter: { in: 'Tray stays in', out: 'Tray comes out' },
  warm: { gently: 'Gently, up to the limit', never: 'Never' },
} as const;
