import type { HoneySays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const honey: Sentences<HoneySays> = {
  'honey.keeping.keep-cold': [
    '{water} de água. O mel de abelhas sem ferrão é úmido por natureza e fica fora das',
    'classes de Lochhead: guarde no frio com tampa que respire e coma logo.',
  ],
  'honey.keeping.keeps': [
    '{water} de água. Até {keeps} Lochhead (1933) não viu fermentação, fosse qual fosse a',
    'levedura.',
  ],
  'honey.keeping.watch': [
    '{water} de água. Entre {keeps} e {watch} depende da levedura que há nele (Lochhead',
    '1933): guarde no fresco e fique de olho.',
  ],
  'honey.keeping.use-soon': [
    '{water} de água. Entre {watch} e {useSoon} até pouca levedura o fermenta (Lochhead',
    '1933): use primeiro.',
  ],
  'honey.keeping.ferments': [
    '{water} de água. Acima de {useSoon} sempre corre risco de fermentar (Lochhead 1933), e',
    'passa dos {useSoon} do Codex Alimentarius.',
  ],
};
