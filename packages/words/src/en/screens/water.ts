/** What is said where honey's water is measured. */
export const water = {
  'MoistureDialog.water': 'Water %',
  'MoistureDialog.index-n': 'Index n',
  'MoistureDialog.which-scale-was-read': 'Which scale was read',
  'MoistureDialog.honeys-temperature': "Honey's temperature",
  'MoistureDialog.corrects-for-warmth': 'Corrects for warmth',
  'MoistureDialog.does-not': 'Does not',
  'MoistureDialog.whether-instrument-corrects-for':
    'Whether the instrument corrects for temperature',
  'MoistureDialog.read-drop': 'Read a drop',
  'MoistureDialog.side-sample': 'Side of the sample',
  'MoistureDialog.side': 'Side {option}',
  'MoistureDialog.open-cell': 'Open cell',
  'MoistureDialog.sealed-cell': 'Sealed cell',
  'MoistureDialog.which-cell': 'Which cell',
  'MoistureDialog.about-outside-range-table': 'About: outside the range of the table.',
  'MoistureDialog.it-kept-and-marked-doubtful': '{doubt} It is kept and marked doubtful.',
  'MoistureDialog.instrument': 'The instrument',
  'MoistureDialog.works-from': 'Works from',
  'MoistureDialog.up-to': 'up to',
  'MoistureDialog.last-calibrated': 'Last calibrated',
  'MoistureDialog.two-drops-at-least-from':
    'Two drops at least, from a stirred vessel; the wettest decides.',
  'MoistureDialog.three-drops-from-open-cells':
    'Three drops from open cells of both sides; the wettest decides.',
  'MoistureDialog.brix-scale-no-honey-scale':
    'A Brix scale is no honey scale: say which one you read. {bench}',
  'MoistureDialog.kept': 'Kept: {kept}.',
  'MoistureDialog.keep-this-sample': 'Keep this sample',
  'MoistureDialog.keep-it-and-another-drop': 'Keep it, and another drop',
  'WaterSamples.more-samples-from-open-cells': [
    '{more, plural, one {# more sample} other {# more samples}} from open cells, of both',
    'sides.',
  ],
  'WaterSamples.one-more-from-open-cells': 'One more from open cells of the other side.',
  'WaterSamples.water-samples-on-average-apart':
    'Water of {count} samples: {meanPercent} % on the average, {spreadPercent} apart;',
  'WaterSamples.wettest-decides': 'the wettest, {wettestPercent} %, decides.',
  'WaterSamples.about': '(about)',
  'WaterSamples.water': '{moisturePercent} % water{approximate}',
  'WaterSamples.side-cell': 'side {side}, {cells} cell',
  'WaterSamples.take-away-sample': 'Take away sample {i}',
  'WaterSamples.open': 'open',
  'WaterSamples.sealed': 'sealed',
} as const;
