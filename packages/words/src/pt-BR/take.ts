import type { TakeSays, TakeStepSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const take: Sentences<Omit<TakeSays, keyof TakeStepSays>> = {
  'take.frameRefill.full-again-by-then-at':
    'cheio de novo até lá no ritmo visto desde que escorreram',
  'take.frameRefill.full-again-by-then-if': 'cheio de novo até lá se encherem como antes',
  'take.frameRefill.at-most-weeks-your-rule': [
    'no máximo {maxWeeks, plural, one {# semana} other {# semanas}}, sua regra: cheios e',
    'esquecidos, cristalizam',
  ],
  'take.frameRun.reset-and-plugged-what-left':
    'Fechado e tampado. O que resta nele escorre para as abelhas.',
  'take.frameRun.this-frame-closed': 'Este quadro está fechado.',
  'take.frameRun.put-plug-in-it-only':
    'Ponha o tampão: só entra quando todo alvéolo está em linha.',
  'take.frameRun.it-being-closed': 'Está sendo fechado.',
  'take.frameRun.open-no-more-catch-it': 'Não abra mais. Apare, proteja o alvado, lave o chão.',
  'take.frameRun.it-leaks-nothing-more-opened': 'Vaza: nada mais se abre até isso ser cuidado.',
  'take.frameRun.another-frame-leaks-see-to':
    'Outro quadro vaza: cuide dele antes. O que corre segue correndo.',
  'take.frameRun.another-frame-leaks': 'Outro quadro vaza.',
  'take.frameRun.frame-leaked-nothing-more-opened': [
    'Um quadro vazou: nada mais se abre na colmeia. Este fica fechado, ou é escorrido',
    'fora dela sobre uma bandeja.',
  ],
  'take.frameRun.after-leak-nothing-more-opened': 'Depois de um vazamento nada mais se abre.',
  'take.frameRun.your-rule-at-once': 'sua regra é {framesAtOnce} de uma vez.',
  'take.frameRun.frames-run-already':
    '{running, plural, one {# quadro já corre} other {# quadros já correm}}, {atOnce}',
  'take.frameRun.your-rule-at-once-2': 'Sua regra é {framesAtOnce} de uma vez.',
  'take.frameRun.lever-into-lower-slot-and':
    'Alavanca na fenda de baixo e gire, o quadro inteiro de uma vez.',
  'take.frameRun.lever-into-lower-slot-part':
    'Alavanca na fenda de baixo, a parte mais longe da saída por último.',
  'take.frameRun.look-below-and-at-end':
    'Olhe embaixo e no vidro do fim: corre algo fora da saída?',
  'take.frameRun.look-for-leak-first': 'Procure antes um vazamento.',
  'take.frameRun.parts-open-next-when-flow':
    '{partsOpen} de {frameParts} partes abertas. A próxima quando correr menos.',
  'take.frameRun.all-parts-are-open': 'Todas as partes estão abertas.',
  'take.frameRun.only-drops-come-lever-into':
    'Só vêm gotas. Alavanca na fenda de cima e gire: os alvéolos voltam à linha.',
  'take.frameRun.by-your-rule-it-reset': 'Pela sua regra é fechado agora, enquanto corre.',
  'take.frameRun.it-runs-look-at-vessel': 'Corre. Olhe a vasilha; diga quando só vierem gotas.',
  'take.frameRun.frame-has-no-vessel': 'O quadro {f} não tem vasilha.',
  'take.frameRun.has-holes-honey-would-run': '{vessel} tem furos: o mel passaria. Escolha outra.',
  'take.frameRun.holds-to-its-mark-may': [
    'Em {vessel} cabem {holdsKg} até a marca;',
    '{frames, plural, one {o quadro {names} pode} other {os quadros {names} juntos podem}}',
    'dar {highKg}. Tenha uma vazia à mão: vai ser trocada.',
  ],
  'take.hiveScaleCheck.heavier': 'mais pesada',
  'take.hiveScaleCheck.lighter': 'mais leve',
  'take.hiveScaleCheck.hive-was-written-down':
    'A colmeia está {lighterG} {lighterG2}; foram anotados {takenG}.',
  'take.hiveScaleCheck.they-fit': '{both} Confere.',
  'take.hiveScaleCheck.more-left-it-comb-not': [
    '{both} Saíram {gapG} a mais: um favo não pesado, uma tampa ou ferramenta ainda fora,',
    'muitas abelhas longe?',
  ],
  'take.hiveScaleCheck.less-left-it-tare-forgotten': [
    '{both} Saíram {gapG} a menos: uma tara esquecida, um alimentador ou ferramenta em',
    'cima, um favo posto de volta?',
  ],
  'take.incidents.bar-broke': 'A barra quebrou',
  'take.incidents.comb-fell': 'Um favo caiu',
  'take.incidents.brood-found': 'Cria achada',
  'take.incidents.queen-on-comb': 'Rainha no favo',
  'take.incidents.sting': 'Ferroada',
  'take.incidents.mass-attack': 'Ataque em massa',
  'take.incidents.robbing': 'Pilhagem',
  'take.incidents.too-hot': 'Quente demais',
  'take.incidents.scale-flat': 'Balança sem pilha',
  'take.incidents.phone-rang': 'O celular tocou',
  'take.incidents.it-leaks': 'Vaza',
  'take.incidents.vessel-full': 'Vasilha cheia',
  'take.incidents.something-else': 'Outra coisa',
  'take.incidents.what-runs-goes-on-running':
    'O que corre segue correndo: deixe na vasilha coberta.',
  'take.incidents.bar-broke-2': 'A barra quebrou',
  'take.incidents.hold-comb-from-below-with': 'Segure o favo por baixo com as duas mãos abertas.',
  'take.incidents.look-for-queen-on-it': 'Antes de tudo procure a rainha nele.',
  'take.incidents.brush-bees-off-over-hive':
    'Escove as abelhas sobre a colmeia, ponha o favo na bacia.',
  'take.incidents.spare-bar-into-gap-at': 'Uma barra de reserva no vão, no seu lugar na ordem.',
  'take.incidents.weigh-it-as-broken': 'Pese como quebrado.',
  'take.incidents.comb-fell-2': 'Um favo caiu',
  'take.incidents.stand-still-bees-on-ground': 'Fique parado; abelhas no chão andam sob os pés.',
  'take.incidents.look-for-queen-among-them':
    'Procure a rainha entre elas. Achada: deixe-a entrar pelo alvado.',
  'take.incidents.scoop-bees-back-lift-comb': 'Recolha as abelhas, levante o favo com uma tábua.',
  'take.incidents.every-piece-and-drop-off':
    'Cada pedaço e gota fora do chão, terra ou água sobre o resto.',
  'take.incidents.clean-pieces-are-weighed-what':
    'Pedaços limpos são pesados; o que tocou o chão é derretido ou deixado de fora.',
  'take.incidents.brood-on-it': 'Tem cria',
  'take.incidents.put-it-back-where-it': 'Ponha de volta onde estava, do mesmo jeito.',
  'take.incidents.if-it-cannot-hang-any':
    'Se não puder mais pender: corte o mel acima da cria, amarre a parte com cria na barra.',
  'take.incidents.this-one-stays-next-step': 'Este fica. O próximo passo segue.',
  'take.incidents.queen-on-it': 'A rainha está nele',
  'take.incidents.no-quick-movement-keep-comb':
    'Nada de gesto brusco; mantenha o favo sobre a colmeia.',
  'take.incidents.let-her-walk-down-between':
    'Deixe-a descer entre os favos, ou ponha este favo de volta com ela.',
  'take.incidents.do-not-brush': 'Não escove.',
  'take.incidents.this-one-stays-close-up': 'Este fica. Feche com cuidado antes do próximo.',
  'take.incidents.scrape-sting-off-smoke-spot':
    'Raspe o ferrão, fumaça no lugar: o cheiro chama mais.',
  'take.incidents.swelling-face-or-throat-hives': [
    'Rosto ou garganta inchando, urticária no corpo todo, tontura, falta de ar:',
    'adrenalina se foi receitada, emergência, agora.',
  ],
  'take.incidents.stings-today': '{stings, plural, one {# ferroada} other {# ferroadas}} hoje',
  'take.incidents.how-many-now': 'Quantas agora?',
  'take.incidents.take-no-more-cover-combs': 'Não colha mais. Cubra os favos, feche a colmeia.',
  'take.incidents.cover-hive-step-back-ten':
    'Cubra a colmeia, afaste-se dez metros, espere {minutes} minutos.',
  'take.incidents.your-rule-stops-at-only': 'Sua regra para em {stingsStop}: só resta fechar.',
  'take.incidents.your-rule-pauses-at': 'Sua regra faz pausa em {stingsPause}.',
  'take.incidents.go-on-slowly': 'Siga, devagar.',
  'take.incidents.mass-attack-people-first': 'Ataque em massa: pessoas primeiro',
  'take.incidents.leave-now-leave-everything': 'Saia. Agora. Deixe tudo.',
  'take.incidents.cover-face-and-head-run':
    'Cubra rosto e cabeça, corra em linha reta, {far} e mais, por entre arbustos se houver.',
  'take.incidents.into-house-or-car-doors':
    'Para dentro de casa ou carro, portas fechadas. Nunca na água.',
  'take.incidents.take-others-along-people-and': [
    'Leve os outros; pessoas e animais para longe. Solte um animal preso só se puder',
    'fazê-lo protegido.',
  ],
  'take.incidents.many-stings-or-any-hard':
    'Muitas ferroadas, ou qualquer falta de ar: ligue para a emergência. Raspe os ferrões.',
  'take.incidents.do-not-go-back-to': 'Não volte para terminar.',
  'take.incidents.job-left-as-it-come': [
    'O trabalho fica como está. Volte depois de escurecer ou outro dia, protegido,',
    'acompanhado.',
  ],
  'take.incidents.robbing-has-begun': 'Começou pilhagem',
  'take.incidents.cover-every-comb-and-vessel': 'Cubra todo favo e vasilha.',
  'take.incidents.close-hive-lid-on-entrance':
    'Feche a colmeia: tampa em cima, alvado na largura de uma abelha. Nunca vedado.',
  'take.incidents.water-mist-over-entrance-wipe':
    'Névoa de água no alvado; limpe ou lave cada gota de mel.',
  'take.incidents.fit-robbing-screen-that-lets':
    'Ponha uma tela contra pilhagem que deixe passar ar; anote quando sai.',
  'take.incidents.no-more-combs-today-only': 'Nada de favos hoje: só resta fechar.',
  'take.incidents.into-shade-veil-off-well': 'Para a sombra, véu fora bem longe da colmeia, beba.',
  'take.incidents.confusion-no-sweat-vomiting-cool':
    'Confusão, sem suor, vômito: resfrie com água, emergência.',
  'take.incidents.comb-softens-above-35-c':
    'O favo amolece acima de {softens}: o que está fora vai antes para o fresco.',
  'take.incidents.only-closing-left-rest-in': 'Só resta fechar; o resto no fresco de outro dia.',
  'take.incidents.scale-flat-2': 'A balança está sem pilha',
  'take.incidents.keep-combs-each-place-apart':
    'Mantenha os favos de cada lugar à parte, cada um na sua vasilha.',
  'take.incidents.round-vessel-measure-depth-what':
    'Vasilha redonda: meça a altura do que há nela, o Furrow faz disso quilos.',
  'take.incidents.or-weigh-at-home-before': 'Ou pese em casa, antes de esmagar qualquer coisa.',
  'take.incidents.give-depth-instead-weight-or':
    'Dê a altura em vez do peso, ou pese em casa: o passo fica aberto.',
  'take.incidents.called-away': 'Chamado',
  'take.incidents.lid-or-cloth-over-open': 'Tampa ou pano sobre a colmeia aberta, bacia coberta.',
  'take.incidents.look-at-levels-first-swap':
    'Olhe antes os níveis: o alarme de troca só toca enquanto esta página está aberta.',
  'take.incidents.this-step-waits-for-you': 'Este passo espera por você; os minutos não contam.',
  'take.incidents.open-no-more-parts': 'Não abra mais partes.',
  'take.incidents.catch-it-tray-or-cloth': 'Apare: uma bandeja ou pano sob o pingo.',
  'take.incidents.screen-entrance-against-robbers-air':
    'Proteja o alvado da pilhagem, o ar tem de passar.',
  'take.incidents.wash-ground-with-much-water': 'Lave o chão com muita água.',
  'take.incidents.if-it-runs-into-hive':
    'Se corre para dentro da colmeia: tire a melgueira e deixe escorrer sobre uma bandeja.',
  'take.incidents.what-open-runs-on-into':
    'O que está aberto segue para a vasilha. Nada mais se abre até o vazamento ser cuidado.',
  'take.incidents.vessel-full-2': 'Uma vasilha está cheia',
  'take.incidents.hold-hose-up-into-empty':
    'Segure a mangueira para cima numa vasilha vazia; não a dobre.',
  'take.incidents.cover-full-one-take-it': 'Cubra a cheia, leve-a para longe das abelhas.',
  'take.incidents.wipe-and-wash-what-ran': 'Limpe e lave o que transbordou.',
  'take.incidents.write-down-swap-with-its': 'Anote a troca com o peso.',
  'take.incidents.cover-hive-and-what-open': 'Cubra a colmeia e o que está aberto, depois pense.',
  'take.incidents.say-in-few-words-what': 'Diga em poucas palavras o que foi.',
  'take.incidents.what-was-it': 'O que foi?',
  'take.potsCheck.emptied-with-honey-were-counted': [
    '{potsEmptied} esvaziados, {known} com mel foram contados. Havia potes de pólen entre',
    'eles?',
  ],
  'take.potsCheck.emptied-were-counted-sealed-open': [
    '{potsEmptied} esvaziados, {honeySealed} foram contados fechados. Potes abertos são',
    'ralos: guarde este mel no frio e coma primeiro.',
  ],
  'take.potsCheck.that-pot-pots-this-size': [
    'São {gPerPot} por pote; potes deste tamanho têm {sealed}. Esqueceu a tara, ou contou',
    'errado?',
  ],
};
