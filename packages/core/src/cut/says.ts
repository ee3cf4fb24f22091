import { sayer, type Mass, type Say, type SayValue } from '../say/say.js';

/** What cut says. */
export interface CutSays {
  'cut.board.outside-comb': object;
  'cut.board.open-cells': object;
  'cut.board.empty-cells': object;
  'cut.board.torn-or-ragged': object;
  'cut.board.dark-comb': object;
  'cut.board.wire-or-bar': object;
  'cut.board.too-thin': object;
  'cut.board.another-thickness': object;
  'cut.grade.full-price': object;
  'cut.grade.discount': object;
  'cut.grade.for-chunk-jar': object;
  'cut.grade.sample': object;
  'cut.grade.to-be-crushed': object;
  'cut.grade.cracked-through': object;
  'cut.grade.open-cells': object;
  'cut.grade.wet-cappings': object;
  'cut.grade.torn-edge': object;
  'cut.grade.stained-by-feet': object;
  'cut.grade.it-leaks-crush-it': { spoilt: SayValue };
  'cut.grade.under-its-box': { netG: Mass; minG: Mass };
  'cut.grade.off': { reason: SayValue; pieceDiscountPercent: SayValue };
  'cut.grade.into-chunk-jar': object;
  'cut.grade.sample-2': object;
  'cut.grade.text': { reason: SayValue; underWeight: SayValue };
  'cut.grade.sample-3': { blemishes: { and: SayValue[] } };
  'cut.grade.off-2': { blemishes: SayValue; pieceDiscountPercent: SayValue };
  'cut.grade.above-its-window-given-away': { netG: Mass; netG2: Mass };
  'cut.grade.no-blemish': object;
  'cut.grade.no-blemish-within-its-weights': object;
  'cut.grade.no-blemish-not-weighed-yet': object;
  'cut.moveCut.there-comb-not-thickness-for': object;
  'cut.moveCut.there-it-would-lie-on': object;
  'cut.moveCut.there-it-meets-another-piece': object;
  'cut.moveCut.no-straight-cuts-would-free': object;
  'cut.moveCut.there-comb-ends': object;
  'cut.moveCut.there-piece-would-lie-on': object;
  'cut.pieces.rectangle': object;
  'cut.pieces.round': object;
  'cut.pieces.wedge': object;
  'cut.projection.to': { low: SayValue; high: SayValue };
  'cut.projection.done': { made: SayValue };
  'cut.projection.done-likely': { made: SayValue; likely: SayValue };
  'cut.thickness.thick-its-box-deep': {
    thicknessMm: { lengthMm: number };
    depthMm: { lengthMm: number };
  };
  'cut.thickness.it-would-weigh-under-its': { range: Mass; minG: Mass };
  'cut.thickness.it-would-weigh-over-its': { range: Mass; maxG: Mass };
  'cut.thickness.thick-low-in-box-deep': {
    thicknessMm: { lengthMm: number };
    depthMm: { lengthMm: number };
  };
  'cut.template.ruler': { length: { lengthMm: number } };
  'cut.board.pollen': object;
  'cut.board.brood': object;
  'cut.board.crack': object;
  'cut.board.dent': object;
  'cut.grade.sagged': object;
  'cut.moveCut.flaw-there': { kind: Say };
  'cut.grade.by-your-own-eye': { reason: Say };
  'cut.grade.graded-otherwise': { reason: Say };
}

export const cutSay = sayer<CutSays>();
