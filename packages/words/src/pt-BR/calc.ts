import type { CalcSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const calc: Sentences<CalcSays> = {
  'calc.unknown': 'Não há cálculo "{name}". Conhecidos: {known}.',
  'calc.unknown-name': 'Não há cálculo "{name}".',
  'calc.how-many-litres': 'Quantos litros?',
  'calc.rinse-brix': 'Água de lavagem lê de 0 a {most} °Brix; acima disso pese como mel.',
  'calc.gravity': 'Uma densidade entre 1,001 e {most}.',
  'calc.final-gravity': 'A densidade final fica entre 0,980 e a primeira.',
  'calc.no-lot': 'Não há lote "{lot}" neste livro.',
  'calc.flow-between-places': 'Um movimento vai de um lugar a outro.',
  'calc.flow-touches-lot': 'Um movimento toca pelo menos um lote.',
  'calc.no-flow-to-void': 'Não há movimento "{flow}" para anular.',
  'calc.void-itself': 'Um movimento não anula a si mesmo.',
  'calc.void-of-void': 'Uma anulação não se anula: anote o movimento de novo.',
  'calc.opens-negative': '{lot} começa com massa negativa.',
  'calc.flow-negative': 'Um movimento de {from} para {to} é negativo ({g} g).',
  'calc.flow-names-no-lot': 'Um movimento fala de {lot}, que não é lote deste livro.',
  'calc.overdrawn': 'Em {at} tinham saído {g} g a mais de {lot} do que entraram.',
  'calc.no-senml': 'Isto não é SenML: precisa de uma lista de registros, cada um com um valor.',
  'calc.record-no-value': 'O registro {record} não tem um número como valor.',
  'calc.record-no-time': 'O registro {record} não tem um instante.',
  'calc.record-unit':
    'O registro {record} tem a unidade "{unit}", que não se lê aqui: kg, g, Cel, K, / ou %RH.',
  'calc.honey-worked': 'Trabalha-se o mel entre {least} e {most}.',
  'calc.honey-does-not-flow': 'Mel tão frio e seco não escorre: a fórmula não tem valor aqui.',
  'calc.below-zero': 'Abaixo do zero absoluto.',
  'calc.one-reading': 'Dê uma leitura: índice de refração, Brix ou água.',
  'calc.exactly-one-reading': 'Dê exatamente uma leitura: as escalas não são a mesma coisa.',
  'calc.reading-no-water': 'Esta leitura não dá água entre 0 e 100 %. Confira a escala.',
  'calc.more-kept-back': 'Guarda-se mais do que há de mel.',
  'calc.honey-at-most': 'No máximo {most} de cada vez.',
  'calc.too-many-steps': 'Um favo de {width} por {height} tem passos demais de {step}.',
  'calc.more-out-than-in': [
    'Saiu mais mel ({out}) do que o favo tinha (no máximo {held}): olhe antes as taras e',
    'as retiradas.',
  ],
  'calc.two-weighings':
    'Um ajuste precisa de pelo menos duas pesagens em horas diferentes depois do começo.',
  'calc.face-unreadable': 'Os alvéolos desta face não podem ser lidos.',
  'calc.face-cells': 'Esta face tem {cells} alvéolos, seu contorno {outline}.',
  'calc.cell-unknown': 'Um alvéolo desta face não guarda nada conhecido.',
};
