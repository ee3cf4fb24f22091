import type { water as english } from '../../en/screens/water.js';
import type { Sentences } from '../../sentences.js';

/** What is said where honey's water is measured. */
export const water: Sentences<typeof english> = {
  'MoistureDialog.water': 'Água %',
  'MoistureDialog.index-n': 'Índice n',
  'MoistureDialog.which-scale-was-read': 'Qual escala foi lida',
  'MoistureDialog.honeys-temperature': 'Temperatura do mel',
  'MoistureDialog.corrects-for-warmth': 'Corrige pelo calor',
  'MoistureDialog.does-not': 'Não corrige',
  'MoistureDialog.whether-instrument-corrects-for': 'Se o instrumento corrige pela temperatura',
  'MoistureDialog.read-drop': 'Ler uma gota',
  'MoistureDialog.side-sample': 'Lado da amostra',
  'MoistureDialog.side': 'Lado {option}',
  'MoistureDialog.open-cell': 'Alvéolo aberto',
  'MoistureDialog.sealed-cell': 'Alvéolo fechado',
  'MoistureDialog.which-cell': 'Qual alvéolo',
  'MoistureDialog.about-outside-range-table': 'Cerca de: fora da faixa da tabela.',
  'MoistureDialog.it-kept-and-marked-doubtful': '{doubt} Fica guardada e marcada como duvidosa.',
  'MoistureDialog.instrument': 'O instrumento',
  'MoistureDialog.works-from': 'Funciona de',
  'MoistureDialog.up-to': 'até',
  'MoistureDialog.last-calibrated': 'Calibrado por último',
  'MoistureDialog.two-drops-at-least-from':
    'Pelo menos duas gotas, de uma vasilha mexida; a mais úmida decide.',
  'MoistureDialog.three-drops-from-open-cells':
    'Três gotas de alvéolos abertos dos dois lados; a mais úmida decide.',
  'MoistureDialog.brix-scale-no-honey-scale':
    'Uma escala Brix não é escala de mel: diga qual você leu. {bench}',
  'MoistureDialog.kept': 'Guardado: {kept}.',
  'MoistureDialog.keep-this-sample': 'Guardar esta amostra',
  'MoistureDialog.keep-it-and-another-drop': 'Guardar, e mais uma gota',
  'WaterSamples.more-samples-from-open-cells': [
    '{more, plural, one {mais # amostra} other {mais # amostras}} de alvéolos abertos, dos',
    'dois lados.',
  ],
  'WaterSamples.one-more-from-open-cells': 'Mais uma de alvéolos abertos do outro lado.',
  'WaterSamples.water-samples-on-average-apart':
    'Água de {count} amostras: {meanPercent} % em média, diferença {spreadPercent};',
  'WaterSamples.wettest-decides': 'a mais úmida, {wettestPercent} %, decide.',
  'WaterSamples.about': '(cerca)',
  'WaterSamples.water': '{moisturePercent} % de água{approximate}',
  'WaterSamples.side-cell': 'lado {side}, alvéolo {cells}',
  'WaterSamples.take-away-sample': 'Tirar a amostra {i}',
  'WaterSamples.open': 'aberto',
  'WaterSamples.sealed': 'operculado',
};
