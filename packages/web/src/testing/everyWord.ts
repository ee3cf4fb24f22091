import { learnEveryLanguage } from '@furrow/words/every-language';

/** Component tests begin where a screen has learned its words. */
learnEveryLanguage();
