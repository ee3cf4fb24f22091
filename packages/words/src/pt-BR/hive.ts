import type { HiveSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const hive: Sentences<HiveSays> = {
  'hive.crowding-colony-into-comb-super': [
    'Apertar a colônia na melgueira de favo faz enxamear: olhe toda semana enquanto ela',
    'estiver posta.',
  ],
  'hive.without-strong-flow-it-stays':
    'Sem florada forte ela fica pela metade, e as abelhas sujam de passagem o que há.',
  'hive.without-empty-super-between-pollen':
    'Sem uma melgueira vazia entre eles, pólen e cria entram no favo.',
  'hive.comb-that-slaps-against-its': 'Favo que bate no quadro no caminho de casa racha e escorre.',
  'hive.once-frame-opened-it-runs': [
    'Aberto, o quadro corre até esvaziar: não se pode parar. Antes, deixe prontos',
    'vasilhas para a estimativa maior.',
  ],
  'hive.uncapped-cells-run-down-outside': [
    'Alvéolos sem opérculo escorrem por fora do favo para dentro da colmeia: os opérculos',
    'são a parede de fora.',
  ],
  'hive.hive-that-leans-wrong-way': [
    'Colmeia inclinada para o lado errado enche a si mesma: incline para a saída antes',
    'de abrir qualquer coisa.',
  ],
  'hive.what-runs-over-or-into': [
    'O que transborda ou cai na colmeia começa a pilhagem: bandeja na posição de cima,',
    'tampas postas na entressafra.',
  ],
  'hive.frames-are-built-from': 'Os quadros partem de',
  'hive.nothing': 'Nada',
  'hive.starter-strip': 'Uma tira de cera',
  'hive.plastic-sheet': 'Uma lâmina de plástico',
  'hive.unwired-comb-falls-out-frame':
    'Favo sem arame cai do quadro deitado, ainda mais quando faz calor.',
  'hive.frame-left-out-filled-with':
    'Onde falta um quadro, em dias há favo solto: cada vão recebe o seu quadro.',
  'hive.scraped-sheet-goes-back-at':
    'Lâmina raspada volta logo, senão a traça e a pilhagem a encontra.',
  'hive.boxes': 'Caixas',
  'hive.combs-across': 'Favos lado a lado',
  'hive.comb-spacing': 'Distância entre favos',
  'hive.width-inside': 'Largura por dentro',
  'hive.depth-box': 'Altura de uma caixa',
  'hive.in-box': 'caixa',
  'hive.there-are-no-bars-wire':
    'Não há barras: o arame separa cada favo na junta, devagar, senão corta a rainha junto.',
  'hive.box-taken-whole-and-heavy': [
    'A caixa sai inteira e é pesada: o peso está ao lado dela; duas pessoas e uma mesa',
    'firme junto à colmeia.',
  ],
  'hive.comb-hangs-on-crossbars-and':
    'O favo está preso às travessas e às quatro paredes: corte pelas duas faces; favo quente rasga.',
  'hive.depth-brood-box': 'Altura de um ninho',
  'hive.depth-honey-super': 'Altura da melgueira',
  'hive.honey-supers': 'Melgueiras',
  'hive.groups-pots': 'Grupos de potes',
  'hive.pot-width': 'Largura do pote',
  'hive.pot-height': 'Altura do pote',
  'hive.hole-up-to-supers': 'Furo para as melgueiras',
  'hive.at-left': 'À esquerda',
  'hive.in-middle': 'No meio',
  'hive.at-right': 'À direita',
  'hive.in-brood-box': 'ninho',
  'hive.in-honey-super': 'melgueira',
  'hive.brood-never-opened': 'O ninho nunca se abre.',
  'hive.spilled-honey-and-torn-pollen': [
    'Mel derramado e potes de pólen rasgados atraem forídeos, que podem matar a',
    'colônia: limpe na hora, feche em minutos.',
  ],
  'hive.native-bees-are-protected-by':
    'Abelhas nativas são protegidas por lei em muitos lugares: pergunte antes de colher ou mudar.',
  'hive.honey-thin-and-ferments-cold':
    'O mel é ralo e fermenta: no frio, tampa com respiro, consumo rápido.',
  'hive.brood-boxes': 'Ninhos',
  'hive.supers': 'Melgueiras',
  'hive.frames-in-super': 'Quadros por melgueira',
  'hive.frame-pitch': 'Distância entre quadros',
  'hive.comb-width': 'Largura do favo',
  'hive.depth-super': 'Altura de uma melgueira',
  'hive.in-super': 'melgueira',
  'hive.number-bars': 'Número de barras',
  'hive.bar-width': 'Largura da barra',
  'hive.comb-depth': 'Altura do favo',
  'hive.top-width': 'Largura em cima',
  'hive.bottom-width': 'Largura embaixo',
  'hive.bars-in-front-board': 'Barras à frente da divisória',
  'hive.in-bar': 'barra',
  'hive.follower-board-behind-bar': 'Divisória depois da barra',
  'hive.comb-held-flat-or-warm': 'Favo deitado ou quente quebra da barra: ele pende reto, sempre.',
  'hive.comb-built-across-two-bars':
    'Favo construído em duas barras rasga as duas: solte-o antes de levantar.',
  'hive.once-comb-hangs-on-last':
    'Com favo na última barra a divisória fica presa atrás: tire um favo antes desse dia.',
  'hive.gap-between-bars-lets-robbers':
    'Um vão entre barras deixa a pilhagem entrar e o calor sair: as barras ficam bem juntas.',
  'hive.bars-in-box': 'Barras por caixa',
  'hive.bar-pitch': 'Distância entre barras',
  'hive.combs-are-built-to-walls': [
    'Os favos vão até as paredes: solte-os dos dois lados antes de levantar a barra,',
    'senão ela se solta do favo.',
  ],
  'hive.full-box-weighs-more-than':
    'Uma caixa cheia pesa mais do que uma pessoa deve levantar: diga o peso, levantem em dois.',
  'hive.queen-may-be-in-any':
    'A rainha pode estar em qualquer caixa: procure cria em cada favo antes de a caixa sair.',
  'hive.place': '{where} {number}',
};
