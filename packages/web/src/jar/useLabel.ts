import { layLabel, type LabelText, type Language, type Lot, type LotLabel } from '@furrow/core';
import { computed, type Ref } from 'vue';
import { useLabelDesigns, useLabelSheets, useLotLabel } from '../api/queries.js';

/** What a label says, with a second language where it has one. */
export const inTwoLanguages = (
  { words, inLanguages }: Pick<LotLabel, 'words' | 'inLanguages'>,
  secondLanguage: Language | null,
): LabelText => (secondLanguage ? { ...words, second: inLanguages[secondLanguage] } : words);

/** A filled lot's label as the household's design lays it: what prints is what is drawn. */
export function useLabel(lot: Ref<Lot | null>) {
  const { data: sheets } = useLabelSheets();
  const { data: designs } = useLabelDesigns();
  const { data: label } = useLotLabel(
    computed(() => (lot.value?.code && lot.value.netG ? lot.value.id : null)),
  );
  const design = computed(() => designs.value?.[0] ?? null);
  const sheet = computed(() => sheets.value?.find((s) => s.id === design.value?.sheetId) ?? null);
  const laid = computed(() =>
    label.value && design.value && sheet.value && lot.value?.code === label.value.code
      ? layLabel(
          design.value,
          inTwoLanguages(label.value, design.value.secondLanguage),
          sheet.value,
        )
      : null,
  );
  return { label, sheet, laid };
}
