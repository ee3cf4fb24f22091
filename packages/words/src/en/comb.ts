import type { CombSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const comb: Sentences<CombSays> = {
  'comb.guess.right': 'right',
  'comb.guess.too-much': '{off} too much',
  'comb.guess.too-little': '{off} too little',
  'comb.guess.about-right':
    'You guess about right: {guesses, plural, one {# guess} other {# guesses}} so far.',
  'comb.guess.bias-little':
    'You guess about {off} too little: {guesses, plural, one {# guess} other {# guesses}} so far.',
  'comb.guess.bias-much':
    'You guess about {off} too much: {guesses, plural, one {# guess} other {# guesses}} so far.',
  'comb.photo.corners':
    'These four corners cross: set them round the comb, from the upper left clockwise.',
  'comb.photo.too-small': [
    'A cell is only {pixels} pixels wide here: go closer, or take a larger picture ({least}',
    'at least).',
  ],
  'comb.photo.dabs': 'Show at least two kinds of cell, three cells of each.',
  'comb.photo.outside': 'Some examples lie outside the picture: set the corners again.',
  'comb.photo.dark': [
    'This picture is too dark: what differs between cells is no larger than its grain. Take',
    'it again in daylight.',
  ],
  'comb.photo.alike':
    '{one} and {other} look alike in this picture: take it again in even light, or paint it.',
  'comb.photo.covered': [
    '{share} of the comb looks like nothing that was shown: bees or a hand before it, or a',
    'kind of cell without an example.',
  ],
  'comb.photo.glare': [
    'A veil of glare, or light of another colour, lies on part of the comb: turn it out of',
    'the sun and take it again, or paint it.',
  ],
  'comb.photo.unsure': [
    'This picture is too blurred or too unevenly lit to be sure of its cells: take it',
    'again, or paint it.',
  ],
  'comb.content.capped': 'Capped',
  'comb.content.open': 'Open',
  'comb.content.pollen': 'Pollen',
  'comb.content.brood': 'Brood',
  'comb.content.empty': 'Empty',
  'comb.cold.never': 'A freezer at {freezer} does not get the core to {core}, however long.',
  'comb.cold.already': 'The core is at {core} or colder already.',
  'comb.cold.piece': 'The core of a piece is at {core} after {low} to {high}; count on {high}.',
  'comb.cold.frame':
    'The core of a comb by itself is at {core} after {low} to {high}; count on {high}.',
  'comb.cold.super': 'The core of a whole box is at {core} after {low} to {high}; count on {high}.',
  'comb.photo.none': 'Choose a picture first.',
  'comb.content.damaged': 'Damaged',
  'comb.content.drone': 'Drone brood',
};
