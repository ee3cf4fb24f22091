import { en } from './en/index.js';
import { ptBR } from './pt-BR/index.js';
import { learn } from './speak/speak.js';

/** Every language at once, for the server and the tests; a screen loads only what it speaks. */
export function learnEveryLanguage(): void {
  learn('en', en);
  learn('pt-BR', ptBR);
}
