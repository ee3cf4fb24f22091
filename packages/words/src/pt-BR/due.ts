import type { DueSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const due: Sentences<DueSays> = {
  'look.due.yearly-look': 'a olhada do ano',
  'look.due.small-flies': [
    'Cada abertura deixa entrar mosquinhas: uma vez por ano basta, por cima, com ar morno e',
    'parado.',
  ],
  'look.due.again-every': 'olhar de novo a cada {days, plural, one {dia} other {# dias}} agora',
  'look.due.winter': 'Inverno: só por fora e pelo peso.',
  'look.due.comb-super-crowds':
    'Uma melgueira de favo aperta as abelhas: a enxameação começa sem ninguém ver.',
  'look.due.goes-on-changing': 'O que está maduro, e o quanto estão cheios, continua mudando.',
  'look.due.may-reach-bar': 'O favo pode chegar à barra {bar} até {on}.',
  'look.due.checklist': 'responder à lista da colônia morta',
  'look.due.checklist.why': [
    'Até lá o mel dela é provisório e nunca se dá às abelhas; a cria pútrida é de',
    'notificação obrigatória em muitos lugares.',
  ],
  'look.due.close': 'fechar a colmeia contra a pilhagem',
  'look.due.close.why':
    'Uma colônia morta é pilhada até o fim, e o que a matou vai junto para casa.',
  'look.due.first-look': 'olhar pela primeira vez',
  'look.due.first-look.why': 'Nada se sabe ainda dos favos dela.',
  'look.due.fills-quickly': 'olhar de novo, enche depressa',
  'look.due.main-harvest': 'a colheita principal, depois do inverno',
  'look.due.main-harvest.why':
    'Pela sua regra o mel se tira uma vez, na primavera, do que o inverno deixou.',
  'look.due.last-bar': 'há favo na barra {bar}, a última antes da divisória',
  'look.due.last-bar.spare': 'Afaste a divisória, ou tire de trás: mais um favo e ela fica presa.',
  'look.due.last-bar.full': 'Todas as barras estão em uso: tire de trás, ou elas enxameiam.',
  'look.due.wait-over': 'acabou a carência de {product}',
  'look.due.wait-over.why': [
    'O favo construído desde então pode ser julgado de novo; o que a bula diz das',
    'melgueiras continua valendo.',
  ],
  'look.due.gap': 'pôr o quadro ou a barra que falta',
  'look.due.gap.why': 'Num vão se constrói favo solto em poucos dias.',
  'look.due.hole': 'fechar o vão na barra {bars}: juntar as barras',
  'look.due.hole.why':
    'Uma barra vazia entre favos separa as reservas do ninho, ou vira favo grosso e torto.',
  'look.due.entrance': 'reduzir o alvado, ou pôr uma tela contra pilhagem',
  'look.due.entrance.why': [
    'Entressafra: as pilhadoras testam toda colmeia. Nunca feche de vez: o ar tem de',
    'passar; diga o dia em que se abre de novo.',
  ],
  'look.due.reopen': 'abrir o alvado de novo',
  'look.due.reopen.reduced': 'Foi reduzido em {on}.',
  'look.due.reopen.screened': 'Recebeu a tela em {on}.',
  'look.due.excluder': 'tirar a tela excluidora antes do inverno',
  'look.due.excluder.why': 'O cacho sobe para as reservas e deixa a rainha embaixo, para morrer.',
  'look.due.supers-off-but-reserved': 'deixar a melgueira reservada, tirar as outras',
  'look.due.supers-off': 'tirar as melgueiras',
  'look.due.supers-off.why': 'Espaço vazio acima do cacho gasta calor; o que é delas fica.',
  'look.due.old-frames': 'quadros ou lâminas velhos na caixa {boxes}: planeje a troca',
  'look.due.old-comb': 'favo velho na caixa {boxes}: planeje a troca',
  'look.due.old.why': [
    'Com mais de {seasons, plural, one {# safra} other {# safras}}, pela sua regra: favo',
    'velho guarda resíduos e casulos.',
  ],
  'look.due.super-on-nest': 'pôr uma melgueira',
  'look.due.super-on-nest.why': [
    'O ninho está cheio. O furo dela fica sobre um canto do ninho, para passar ao lado da',
    'cria, não por cima.',
  ],
  'look.due.super-wait': 'esperar com a melgueira',
  'look.due.super-wait.weak': 'A colônia está fraca: ela não seria enchida.',
  'look.due.super-wait.middle': 'A colônia tem força normal: ela não seria enchida.',
  'look.due.super-wait.unknown':
    'Não foi dito o quanto a colônia é forte: ela poderia não ser enchida.',
  'look.due.super-wait.late': [
    'Só {left, plural, one {resta # dia} other {restam # dias}} de florada: ela ficaria',
    'pela metade.',
  ],
  'look.due.super-on': 'pôr uma melgueira',
  'look.due.super-on.why': 'Florada forte, colônia forte.',
  'look.due.super-on.why-left': [
    'Florada forte, {left, plural, one {com # dia pela frente} other {com # dias pela',
    'frente}}, colônia forte.',
  ],
  'look.due.flow-over': 'a florada acabou: agora mais espaço não',
  'look.due.flow-over.why': 'Melgueira vazia chama traça-da-cera e pilhadoras.',
  'look.due.super-move': 'passar a melgueira de favo para uma colônia que constrói',
  'look.due.super-move.why': 'Nada puxado em {days, plural, one {# dia} other {# dias}}.',
  'look.due.excluder-on': 'pôr a tela excluidora embaixo da melgueira de favo',
  'look.due.excluder-on.why':
    'Pela sua regra ela mantém a rainha fora do favo; o pólen ela deixa passar.',
  'look.due.between': 'pôr uma melgueira vazia entre a cria e a melgueira de favo',
  'look.due.between.beside-excluder':
    'A tela segura a rainha embaixo, não o pólen: este fica guardado junto da cria.',
  'look.due.between.why': 'Ela mantém pólen e cria fora do favo.',
};
