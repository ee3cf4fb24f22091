import type { CombSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const comb: Sentences<CombSays> = {
  'comb.guess.right': 'certo',
  'comb.guess.too-much': '{off} a mais',
  'comb.guess.too-little': '{off} a menos',
  'comb.guess.about-right':
    'Você acerta mais ou menos: {guesses, plural, one {# palpite} other {# palpites}} até agora.',
  'comb.guess.bias-little': [
    'Você palpita cerca de {off} a menos: {guesses, plural, one {# palpite} other {#',
    'palpites}} até agora.',
  ],
  'comb.guess.bias-much': [
    'Você palpita cerca de {off} a mais: {guesses, plural, one {# palpite} other {#',
    'palpites}} até agora.',
  ],
  'comb.photo.corners': [
    'Estes quatro cantos se cruzam: ponha-os em volta do favo, do alto à esquerda no',
    'sentido do relógio.',
  ],
  'comb.photo.too-small': [
    'Um alvéolo aqui tem só {pixels} pixels: chegue mais perto, ou tire uma foto maior',
    '(pelo menos {least}).',
  ],
  'comb.photo.dabs': 'Mostre pelo menos dois tipos de alvéolo, três alvéolos de cada.',
  'comb.photo.outside': 'Alguns exemplos ficam fora da foto: ponha os cantos de novo.',
  'comb.photo.dark': [
    'Esta foto está escura demais: o que distingue os alvéolos não passa do grão. Tire de',
    'novo à luz do dia.',
  ],
  'comb.photo.alike':
    '{one} e {other} parecem iguais nesta foto: tire de novo com luz uniforme, ou pinte.',
  'comb.photo.covered': [
    '{share} do favo não se parece com nada do que foi mostrado: abelhas ou uma mão na',
    'frente, ou um tipo de alvéolo sem exemplo.',
  ],
  'comb.photo.glare': [
    'Um véu de reflexo, ou luz de outra cor, cobre parte do favo: tire-o do sol e fotografe',
    'de novo, ou pinte.',
  ],
  'comb.photo.unsure': [
    'Esta foto está tremida ou iluminada demais de um lado para ter certeza dos alvéolos:',
    'tire de novo, ou pinte.',
  ],
  'comb.content.capped': 'Operculado',
  'comb.content.open': 'Aberto',
  'comb.content.pollen': 'Pólen',
  'comb.content.brood': 'Cria',
  'comb.content.empty': 'Vazio',
  'comb.cold.never':
    'Um congelador a {freezer} não leva o miolo a {core}, por mais tempo que fique.',
  'comb.cold.already': 'O miolo já está a {core} ou menos.',
  'comb.cold.piece':
    'O miolo de um pedaço está a {core} depois de {low} a {high}; conte com {high}.',
  'comb.cold.frame':
    'O miolo de um favo sozinho está a {core} depois de {low} a {high}; conte com {high}.',
  'comb.cold.super':
    'O miolo de uma caixa inteira está a {core} depois de {low} a {high}; conte com {high}.',
  'comb.photo.none': 'Escolha primeiro uma foto.',
  'comb.content.damaged': 'Danificado',
  'comb.content.drone': 'Cria de zangão',
};
