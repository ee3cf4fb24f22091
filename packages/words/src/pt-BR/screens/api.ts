import type { api as english } from '../../en/screens/api.js';
import type { Sentences } from '../../sentences.js';

export const api: Sentences<typeof english> = {
  'client.server-did-not-answer-as': 'O servidor não respondeu como esperado. Nada foi anotado.',
  'client.furrow-cannot-be-reached-from':
    'Daqui não se alcança o Furrow. O que você digitou está guardado; tente de novo.',
  'useSend.this-did-not-work-what': 'Não deu certo. O que você digitou continua aqui.',
  'live.this-browser-has-no-serial':
    'Este navegador não tem porta serial: leia a balança e digite o que ela mostra.',
  'live.scale-not-connected-nothing-was': 'A balança não está conectada. Nada mudou.',
  'useSend.not-written-twice': 'Não foi anotado duas vezes.',
  'useSend.kept-here': '{said} Guardado neste aparelho até a casa responder.',
};
