import { learnEveryLanguage } from '@furrow/words/every-language';

learnEveryLanguage();

/** What the server says, in every language. */
export * from '@furrow/words';
