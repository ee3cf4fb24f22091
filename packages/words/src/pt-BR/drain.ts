import type { DrainSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const drain: Sentences<DrainSays> = {
  'drain.arrangements.bucket-with-holes-on-bucket': 'Balde com furos sobre um balde',
  'drain.arrangements.bucket-with-holes': 'Balde com furos',
  'drain.arrangements.bucket-under-it': 'Balde embaixo',
  'drain.arrangements.holes-3-to-6-mm':
    'Furos de {holes}; o balde de baixo é retirado para esvaziar.',
  'drain.arrangements.two-buckets-lower-with-gate': 'Dois baldes, o de baixo com torneira',
  'drain.arrangements.bucket-with-gate': 'Balde com torneira',
  'drain.arrangements.drawn-off-at-gate-while': 'Esvazia-se pela torneira enquanto ainda escorre.',
  'drain.arrangements.mesh-over-bucket': 'Tela sobre um balde',
  'drain.arrangements.mesh-basket': 'Cesto de tela',
  'drain.arrangements.quick-lets-fine-wax-through': 'Rápido, deixa passar cera fina.',
  'drain.arrangements.cloth-over-bucket': 'Pano sobre um balde',
  'drain.arrangements.cloth-tied': 'Pano, amarrado',
  'drain.arrangements.slow-and-clear-boil-cloth': 'Lento e claro; ferva o pano antes, sem cheiro.',
  'drain.arrangements.colander-on-bowl': 'Escorredor numa tigela',
  'drain.arrangements.colander': 'Escorredor',
  'drain.arrangements.bowl': 'Tigela',
  'drain.arrangements.for-comb-or-two': 'Para um favo ou dois.',
  'drain.arrangements.bag-in-press': 'Saco numa prensa',
  'drain.arrangements.press-with-its-bag': 'Prensa com seu saco',
  'drain.arrangements.bowl-under-spout': 'Tigela sob a bica',
  'drain.arrangements.turn-rest-turn-bag-that':
    'Gire, descanse, gire: um saco que estoura é mel no chão.',
  'drain.arrangements.box-over-tray': 'Caixa sobre uma bandeja',
  'drain.arrangements.box-with-its-combs': 'Caixa com os favos',
  'drain.arrangements.tray': 'Bandeja',
  'drain.arrangements.combs-sliced-in-box-or':
    'Favos fatiados na caixa, ou quadros abertos sobre a bandeja.',
  'drain.arrangements.sieve-on-jar': 'Peneira num pote',
  'drain.arrangements.sieve': 'Peneira',
  'drain.arrangements.jar': 'Pote',
  'drain.arrangements.small-amounts-straight-into-jar':
    'Pouca quantidade, direto no pote; olhe o gargalo.',
  'drain.closing.comb': '{gapShare} do favo',
  'drain.closing.are-missing': 'Faltam {gapG}, {percent}.',
  'drain.closing.more-came-out-than-went': 'Saíram {gapG} a mais do que entrou, {percent}.',
  'drain.closing.every-gram-somewhere': 'Cada grama está em algum lugar.',
  'drain.scaleStream.scale-said-nothing-from-to': [
    'A balança não disse nada de {at} a {at2} UTC. O que correu no meio se toma das duas',
    'pontas.',
  ],
  'drain.scaleStream.weight-fell-by': 'O peso caiu {g}.',
  'drain.scaleStream.weight-rose-by-at-once': 'O peso subiu {g} de uma vez.',
  'drain.arrangements.same-vessel': 'A mesma vasilha está em cima e embaixo.',
  'drain.arrangements.upper-holds': [
    'Em {vessel} cabem cerca de {holds} de favo quebrado; há {crushed}. Ponha em duas',
    'vezes, ou use uma maior.',
  ],
  'drain.arrangements.lower-takes': [
    'Em {vessel} cabem {free}; virão pelo menos {least}. Esvazie no meio: o relógio diz',
    'quando.',
  ],
  'drain.arrangements.lower-may-fill':
    'Em {vessel} cabem {free}; pode chegar a {most}. O relógio vigia.',
  'drain.closing.say-why': 'Diga por quê.',
};
