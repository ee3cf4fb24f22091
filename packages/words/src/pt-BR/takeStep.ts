import type { TakeStepSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const takeStep: Sentences<TakeStepSays> = {
  'take.progress.job-was-left': 'O trabalho foi deixado',
  'take.progress.come-back-after-dark-or': [
    'Volte depois de escurecer ou outro dia, todo protegido, com outra pessoa, água e',
    'fumigador aceso. Primeiro só feche a colmeia.',
  ],
  'take.progress.stung-many-times-or-any':
    'Muitas ferroadas, ou falta de ar: um médico vê antes de alguém voltar.',
  'take.progress.back-all-covered': 'De volta, todos protegidos',
  'take.progress.step-back-and-wait': 'Afaste-se e espere',
  'take.progress.cover-hive-ten-metres-away':
    'Cubra a colmeia, dez metros de distância, até passar o cheiro de alarme.',
  'take.progress.go-on': 'Seguir',
  'take.step.neighbours-told': 'Vizinhos avisados.',
  'take.step.children-indoors': 'Crianças dentro de casa.',
  'take.step.dog-and-animals-away-tethered': 'Cão e animais longe: amarrado não foge.',
  'take.step.secured-on-roof-nothing-carried': 'Preso no telhado, nada na mão ao subir.',
  'take.step.somebody-holds-ladder': 'Alguém segura a escada.',
  'take.step.stings-can-kill-never-alone':
    'Ferroadas podem matar. Nunca sozinho nas primeiras vezes; saiba o número da emergência.',
  'take.step.before-you-open': 'Antes de abrir',
  'take.step.colony-gone-no-smoke': 'A colônia acabou: sem fumaça.',
  'take.step.why-it-died-comes-first': [
    'Por que morreu vem primeiro: pergunte a um veterinário ou inspetor antes de comer ou',
    'dar este mel. Pode haver pilhadoras dentro: véu posto.',
  ],
  'take.step.all-here': 'Tudo aqui',
  'take.step.native-bees-are-protected-by': [
    'Abelhas nativas são protegidas por lei em muitos lugares: pergunte antes de colher',
    'ou mudar.',
  ],
  'take.step.veil-on-second-person-there':
    'Véu posto, outra pessoa lá, adrenalina e celular ao alcance.',
  'take.step.wait': 'Espere',
  'take.step.go-on': 'Seguir',
  'take.step.fresh-air-no-smoke': 'Ar fresco, sem fumaça',
  'take.step.they-were-calm-at-last': 'Estavam calmas na última olhada.',
  'take.step.open-hands-width-let-light':
    'Abra a largura da mão, deixe entrar luz e ar, fique de lado do alvado.',
  'take.step.opened-little': 'Aberto um pouco',
  'take.step.they-move-down-from-light':
    'Elas descem da luz. Mãos lentas; não respire sobre os favos.',
  'take.step.smoke': 'Fumaça {where}',
  'take.step.three-slow-cool-puffs-too':
    'Três baforadas lentas e frias. Fumaça demais estraga o mel aberto.',
  'take.step.smoker-starts-fires-bare-ground':
    'Fumigador começa incêndio: chão limpo, água ao lado, nunca deixado aceso.',
  'take.step.smoked': 'Fumaça dada',
  'take.step.nobody-warned-them-they-have': 'Ninguém as avisou: não comeram nada e voam antes.',
  'take.step.let-light-drive-them-down':
    'Deixe a luz fazê-las descer; a pausa vem depois de metade das ferroadas.',
  'take.step.they-fill-up-with-honey': 'Elas se enchem de mel e se acalmam. Leva o seu tempo.',
  'take.step.smoke-again': 'Fumaça de novo',
  'take.step.they-were.nervous':
    'Estavam nervosas na última olhada: mais uma vez, depois espere de novo.',
  'take.step.they-were.defensive':
    'Estavam defensivas na última olhada: mais uma vez, depois espere de novo.',
  'take.step.smoked-again': 'Fumaça dada de novo',
  'take.step.still-running-up-or-striking':
    'Ainda correm ou batem no véu? Feche e venha outro dia.',
  'take.step.quieter-now-then-on': 'Mais quietas agora? Então siga.',
  'take.step.shake-bees-off-above-hive':
    'Sacuda as abelhas acima da colmeia, curto e uma vez; escove o resto.',
  'take.step.brush-this-comb-has-no': 'Escove: este favo não tem quadro e quebraria ao sacudir.',
  'take.step.brush-bees-off-upward-softly': 'Escove as abelhas, para cima, de leve.',
  'take.step.herd-bees-off-with-wet': 'Toque as abelhas com a mão molhada.',
  'take.step.repellent-has-driven-most-down': 'O repelente fez descer a maioria; escove o resto.',
  'take.step.cover-it-leave-gap-bees':
    'Cubra, deixe uma fresta: as abelhas voltam para casa. Nunca na entressafra.',
  'take.step.look-for-brood-and-queen': 'Procure cria e rainha nos dois lados.',
  'take.step.brood-or-queen-seen-put': 'Viu cria ou a rainha: ponha de volta.',
  'take.step.leave-ridge-on-bar': 'deixe uma crista na barra',
  'take.step.leave-strip-comb-as-guide': 'deixe uma tira de favo como guia',
  'take.step.scrape-it-clean': 'raspe até limpar',
  'take.step.close-it': 'Fechar',
  'take.step.wipe-every-drop-water-over': 'Limpe cada gota; água sobre o mel derramado.',
  'take.step.dearth-reduce-entrance-now-never':
    'Entressafra: reduza o alvado agora. Nunca o feche.',
  'take.step.in-dearth-reduce-entrance-never': 'Na entressafra reduza o alvado; nunca o feche.',
  'take.step.hive-closed': 'A colmeia está fechada',
  'take.step.walk-away-smoker-out': 'Afaste-se, fumigador apagado',
  'take.step.walk-away': 'Afaste-se',
  'take.step.smother-smoker-and-see-that': 'Abafe o fumigador e veja que está frio.',
  'take.step.look-back-at-24-hours': 'Volte para ver em 24 horas: pilhagem, pingos, um favo caído.',
  'take.step.keep-hive-closed-against-robbers':
    'Mantenha a colmeia fechada contra pilhadoras e traça até se saber do que morreu.',
  'take.step.done-here': 'Pronto aqui',
  'take.step.it-stands-at-bench': 'Está na bancada',
  'take.step.done-at-bench': 'Pronto na bancada',
  'take.step.weight-not-known-try-edge':
    'Peso desconhecido: experimente a beira antes, duas pessoas.',
  'take.step.two-people-over-your': ': duas pessoas, acima dos seus {liftKg}',
  'take.step.about': 'Cerca de {kg}{kg2}.',
  'take.stepsBars.slide-bars-behind-back-or':
    'Deslize as barras atrás da {bars} para trás, ou ponha-as de lado em ordem.',
  'take.stepsBars.tub-lid-long-knife-brush': [
    'Bacia, tampa, faca comprida, escova e pano molhado ao lado. Fumigador em chão limpo,',
    'água junto.',
  ],
  'take.stepsBars.entrance': 'no alvado',
  'take.stepsBars.take-out-follower-board': 'Tirar a divisória',
  'take.stepsBars.open-at-back-follower-board': [
    'Abra por trás. Divisória fora; olhe ao longo das barras: os favos pendem retos, há',
    'um atravessado em duas barras?',
  ],
  'take.stepsBars.combs-across-two-bars-tear':
    'Favo atravessado em duas barras rasga os dois: corte antes.',
  'take.stepsBars.board-out': 'A divisória está fora',
  'take.stepsBars.lift-bar': 'Erguer a barra {slot}',
  'take.stepsBars.cut-it-from-both-walls':
    'Corte das duas paredes, deslize na horizontal, veja que pende livre. Erga reto, de pé.',
  'take.stepsBars.then-cut-it-into-tub': 'Depois corte para a bacia; {starter}.',
  'take.stepsBars.comb-held-flat-breaks-off': 'Favo deitado cai da barra.',
  'take.stepsBars.in-tub': 'Na bacia',
  'take.stepsBars.put-bars-back': 'Pôr as barras de volta',
  'take.stepsBars.bars-with-comb-in-their': [
    'Barras com favo na ordem antiga, sem vão até o ninho; as vazias por último. Abelhas',
    'fora das bordas antes de madeira tocar madeira.',
  ],
  'take.stepsBars.all-bars-in': 'Todas as barras postas',
  'take.stepsBars.follower-board-back-behind-last':
    'Divisória de volta atrás da última barra com espaço para ela. Tampa posta.',
  'take.stepsBars.board-in-lid-on': 'Divisória posta, tampa posta',
  'take.stepsBars.cut-combs-free': 'Cortar os favos livres',
  'take.stepsBars.bar-lifted-before-its-walls':
    'Uma barra erguida antes de cortar as paredes quebra acima do favo.',
  'take.stepsBars.all-combs-out': 'Todos os favos fora',
  'take.stepsBars.weigh-box-empty': 'Pesar a caixa {box} vazia',
  'take.stepsBars.box-and-bars-without-comb': 'Caixa e barras sem favo: o que falta era favo.',
  'take.stepsBars.write-it-down': 'Anotar',
  'take.stepsBars.wire-with-two-grips-empty': [
    'Arame com dois cabos, caixa vazia ou tampa, pano ao lado; na bancada faca comprida e',
    'bacia.',
  ],
  'take.stepsBars.top-bars': 'no alto das barras',
  'take.stepsBars.drive-them-down-out-box': 'Fazê-las descer da caixa {box}',
  'take.stepsBars.quilt-off-little-smoke-from': [
    'Colchão fora, um pouco de fumaça por cima, bata de leve na madeira. Devagar: a',
    'rainha vai com elas.',
  ],
  'take.stepsBars.they-are-down': 'Desceram',
  'take.stepsBars.part-box-from-one-below': 'Separar a caixa {box} da de baixo',
  'take.stepsBars.draw-wire-through-joint-slowly':
    'Passe o arame pela junta devagar, na horizontal, de um lado ao outro.',
  'take.stepsBars.slowly-or-queen-cut-with': 'Devagar, ou a rainha é cortada com o favo.',
  'take.stepsBars.parted': 'Separada',
  'take.stepsBars.turn-it-look-from-beneath': 'Virar, olhar por baixo',
  'take.stepsBars.tip-it-on-its-side': [
    'Incline de lado ao longo dos favos, não atravessado, e olhe cada favo por baixo',
    'antes de levar.',
  ],
  'take.stepsBars.combs-swing-loose-when-tipped': 'Favos se soltam quando inclinados atravessado.',
  'take.stepsBars.no-brood-no-queen': 'Sem cria, sem rainha',
  'take.stepsBars.set-box-back-where-it': 'Ponha a caixa de volta onde estava: hoje não é o dia.',
  'take.stepsBars.nothing-but-honey': 'Só mel',
  'take.stepsBars.weigh-box-whole': 'Pesar a caixa {box} inteira',
  'take.stepsBars.with-its-combs-now-empty':
    'Com os favos agora; vazia na bancada, quando forem cortados.',
  'take.stepsBars.weighed-full': 'Pesada cheia',
  'take.stepsBars.lift-comb': 'Erguer o favo {slot}',
  'take.stepsBars.cut-both-walls-from-top':
    'Corte antes as duas paredes de cima a baixo, depois solte a barra e erga reto.',
  'take.stepsBars.bar-snaps-off-above-comb':
    'A barra quebra acima de um favo que ainda se prende à parede.',
  'take.stepsBars.quilt-and-roof-on-box': 'Colchão e telhado na caixa de baixo. Sem vão na junta.',
  'take.stepsBars.bars-back-in-order-quilt': 'Barras de volta em ordem, colchão e telhado postos.',
  'take.stepsBars.cut-along-all-four-walls': 'Cortar ao longo das quatro paredes',
  'take.stepsBars.knife-flat-to-wood-top': [
    'Faca rente à madeira, de cima a baixo; primeiro os lados onde os favos acabam,',
    'depois os outros dois.',
  ],
  'take.stepsBars.warm-comb-tears-in-cool':
    'Favo quente rasga: no fresco da casa se puder ser levado coberto.',
  'take.stepsBars.four-walls-free': 'Quatro paredes livres',
  'take.stepsBars.cut-both-sides-crossbars': 'Cortar os dois lados das travessas',
  'take.stepsBars.along-each-crossbar-from-both': [
    'Ao longo de cada travessa, pelas duas faces do favo; então ele sai por baixo,',
    'inteiro, na mão.',
  ],
  'take.stepsBars.combs-are-out': 'Os favos saíram',
  'take.stepsBars.drip-first-then-press': 'Pingar antes, depois prensar.',
  'take.stepsBars.with-its-crossbars-what-missing': 'Com as travessas: o que falta era favo.',
  'take.stepsBars.cutting-wire-with-two-grips': [
    'Arame de corte com dois cabos, mesa firme ao lado da colmeia, caixa vazia ou tampa,',
    'bacia, faca comprida.',
  ],
  'take.stepsBars.top': 'no alto',
  'take.stepsBars.lid-off-smoke-from-above': [
    'Tampa fora, fumaça por cima e batida leve, de novo e de novo, até o alto dos favos',
    'ficar nu.',
  ],
  'take.stepsBars.draw-wire-under-box': 'Passar o arame sob a caixa {box}',
  'take.stepsBars.through-joint-slowly-along-combs': [
    'Pela junta, devagar, ao longo dos favos; erga antes a largura de um dedo com cunhas',
    'pequenas.',
  ],
  'take.stepsBars.there-are-no-bars-wire':
    'Não há barras: o arame corta cada favo, e a rainha com ele quando se apressa.',
  'take.stepsBars.turn-it-over-look-from': 'Virar, olhar por baixo',
  'take.stepsBars.onto-table-bottom-up-along':
    'Para a mesa, de fundo para cima, ao longo dos favos.',
  'take.stepsBars.back-on-hive-with-it': 'De volta à colmeia, do mesmo jeito.',
  'take.stepsBars.with-its-combs-now-empty-2': 'Com os favos agora; vazia na bancada.',
  'take.stepsBars.lid-on-box-below-flush': 'Tampa na caixa de baixo, rente em cada junta.',
  'take.stepsFrames.cut-it-out-clean': 'Corte até limpar.',
  'take.stepsFrames.cut-it-out-below-top':
    'Corte abaixo da travessa de cima, uma tira de guia fica.',
  'take.stepsFrames.tub-with-lid-hive-tool':
    'Bacia com tampa, formão, raspador, escova, pano molhado.',
  'take.stepsFrames.under-lid': 'sob a tampa',
  'take.stepsFrames.lid-off-one-frame-room': 'Tampa fora, o espaço de um quadro',
  'take.stepsFrames.loosen-propolis-at-both-ears':
    'Solte o própolis nas duas orelhas. Antes o quadro de fora: ele abre espaço.',
  'take.stepsFrames.unwired-comb-falls-out-frame': 'Favo sem arame cai do quadro deitado.',
  'take.stepsFrames.open': 'Aberto',
  'take.stepsFrames.take-frame': 'Colher o quadro {slot}',
  'take.stepsFrames.scrape-comb-off-sheet-over': 'Raspe o favo da lâmina sobre a bacia.',
  'take.stepsFrames.lift-upright-frame-goes-back': 'Erga de pé.',
  'take.stepsFrames.in-tub': 'Na bacia',
  'take.stepsFrames.every-place-has-its-frame': 'Cada lugar tem seu quadro',
  'take.stepsFrames.stray-comb-built-in-gap': 'Num vão fazem favo solto em poucos dias.',
  'take.stepsFrames.as-many-frames-in-as': 'Tantos quadros quantos lugares',
  'take.stepsFrames.put-frame-or-dummy-board': 'Ponha um quadro ou tábua em cada vão.',
  'take.stepsFrames.no-gap': 'Sem vão',
  'take.stepsFrames.lid-on': 'Tampa posta.',
  'take.stepsFrames.empty-super-tub-or-covered':
    'Melgueira vazia, bacia ou tábua coberta, formão, escova, pano contra pilhadoras.',
  'take.stepsFrames.under-super': 'sob a melgueira',
  'take.stepsFrames.tip-super-look-from-below': 'Inclinar a melgueira, olhar por baixo',
  'take.stepsFrames.one-edge-up-along-combs': 'Uma beira para cima, ao longo dos favos.',
  'take.stepsFrames.capped-to-edge-no-brood': 'Operculado até a borda, sem cria',
  'take.stepsFrames.light-and-unfinished-frames-move':
    'Quadros leves e por acabar vão para o meio ou ficam; gire a melgueira de ponta a ponta.',
  'take.stepsFrames.seen-from-below': 'Visto por baixo',
  'take.stepsFrames.repellent-board-aslant': 'Tábua repelente, de viés',
  'take.stepsFrames.across-corner-so-that-bees':
    'De canto a canto, para que as abelhas achem a descida; poucas gotas no pano.',
  'take.stepsFrames.only-what-permitted-where-you':
    'Só o que é permitido onde você está, e não mais que isto: o favo pega o cheiro.',
  'take.stepsFrames.they-are-down': 'Desceram',
  'take.stepsFrames.blow-it-empty': 'Soprar até esvaziar',
  'take.stepsFrames.on-its-end-on-stand': [
    'De pé num suporte, barras para o soprador, para que os favos sejam empurrados contra',
    'as barras e não para fora.',
  ],
  'take.stepsFrames.against-their-bars-never-from':
    'Contra as barras, nunca por baixo: favo sem arame sai do quadro.',
  'take.stepsFrames.empty-bees': 'Sem abelhas',
  'take.stepsFrames.upright-slowly-into-covered-box': 'De pé, devagar.',
  'take.stepsFrames.in-box': 'Na caixa',
  'take.stepsFrames.carry-it-so-that-combs': 'Levar sem balançar os favos',
  'take.stepsFrames.combs-in-direction-travel-level': [
    'Favos na direção da marcha, na horizontal, sem solavanco. Coberto contra pilhadoras',
    'e poeira.',
  ],
  'take.stepsFrames.comb-that-slaps-against-its': 'Favo que bate no quadro racha e escorre.',
  'take.stepsFrames.combs-hang-still': 'Os favos pendem quietos',
  'take.stepsFrames.empty-frame-or-sheet-in':
    'Um quadro vazio ou lâmina em cada lugar, tampa posta.',
  'take.stepsFrames.spill-tray-in-over-solid': 'Bandeja posta, sobre o fundo fechado',
  'take.stepsFrames.push-it-in-what-leaks': 'Empurre: o que vaza ficaria no fundo sob as abelhas.',
  'take.stepsFrames.dish-or-tray-under-mesh': 'Um prato ou bandeja sob a tela',
  'take.stepsFrames.what-leaks-falls-through-mesh':
    'O que vaza cai pela tela no chão e chama pilhadoras: ponha um embaixo.',
  'take.stepsFrames.flat-tray-pushed-in-under': 'Bandeja plana empurrada sob a tela',
  'take.stepsFrames.push-it-in-it-has':
    'Empurre. Não tem borda e leva pouco: olhe depois de cada parte.',
  'take.stepsFrames.tray-with-its-rim-pushed': 'Bandeja com borda empurrada',
  'take.stepsFrames.push-it-in-its-rim':
    'Empurre: a borda segura o que vaza longe das abelhas e do chão.',
  'take.stepsFrames.spill-tray-in-its-upper': 'Bandeja na posição de cima',
  'take.stepsFrames.push-it-in-and-up':
    'Empurre para dentro e para cima: o que vaza corre para fora, não sobre as abelhas.',
  'take.stepsFrames.floor-closed': 'Fundo fechado',
  'take.stepsFrames.close-slide-floor': 'Feche a corrediça do fundo.',
  'take.stepsFrames.over': '{degrees}°, {mm} em {supportsMm}',
  'take.stepsFrames.caps-out-outlets': 'Tampões fora das saídas',
  'take.stepsFrames.pull-them-keep-them-at': 'Tire-os, deixe à mão: no fim são precisos.',
  'take.stepsFrames.hose-in-every-outlet-down':
    'Uma mangueira em cada saída, descendo para a vasilha, sem volta',
  'take.stepsFrames.loop-holds-lock-air-straighten': 'Uma volta prende ar: estique.',
  'take.stepsFrames.vessels-covered-with-gap-for': 'Vasilhas cobertas, com fresta para o ar',
  'take.stepsFrames.vessels-open-or-with-gap': 'Vasilhas abertas ou com fresta para o ar',
  'take.stepsFrames.tight-cover-locks-flow-leave':
    'Tampa vedada trava o fluxo: deixe uma fresta que abelha não passe.',
  'take.stepsFrames.by-halves': 'por metades',
  'take.stepsFrames.by-quarters': 'por quartos',
  'take.stepsFrames.look-at-first': [
    '{count, plural, one {Olhar antes o quadro {untested}} other {Olhar antes os quadros {untested}}}',
  ],
  'take.stepsFrames.faces-nobody-has-seen-and': [
    'Faces que ninguém viu, e sem excluidora: abrir esmaga larvas no mel. Erga cada um e',
    'olhe os dois lados, ou deixe fechado.',
  ],
  'take.stepsFrames.no-brood-on-any-them': 'Sem cria em nenhum',
  'take.stepsFrames.leave-that-frame-shut-today': 'Deixe esse quadro fechado hoje.',
  'take.stepsFrames.looked-at-both-sides': 'Olhados os dois lados',
  'take.stepsFrames.measure-tilt': 'Medir a inclinação',
  'take.stepsFrames.measured-today': 'medidos hoje',
  'take.stepsFrames.at-last-look': 'na última olhada',
  'take.stepsFrames.text': '{tiltDegrees}° {tiltIsToday}.',
  'take.stepsFrames.toward-outlets-at-least': 'Para as saídas, pelo menos {tilt}.',
  'take.stepsFrames.hive-that-leans-other-way':
    'Uma colmeia que cai para o outro lado se enche de mel.',
  'take.stepsFrames.it-leans-enough': 'Inclina o bastante',
  'take.stepsFrames.before-anything-opened': 'Antes de abrir qualquer coisa',
  'take.stepsFrames.touch-each-when-it-so': 'Toque cada um quando for assim.',
  'take.stepsFrames.once-opened-frame-runs-until':
    'Uma vez aberto, o quadro corre até esvaziar. Não se para.',
  'take.stepsFrames.all-it-so': 'Tudo é assim',
  'take.stepsFrames.open-2':
    '{frames, plural, one {Abrir o quadro} other {Abrir # quadros}}, {part}',
  'take.stepsFrames.at-most-running-at-once':
    'No máximo {framesAtOnce} correndo de uma vez. Um relógio para cada quadro.',
  'take.stepsFrames.all-frames-closed': 'Todos os quadros fechados',
  'take.stepsFrames.look-at-tray': 'Olhar a bandeja',
  'take.stepsFrames.empty-it-wipe-it-it': 'Esvazie, limpe, ela fica.',
  'take.stepsFrames.empty-it-and-take-it': 'Esvazie e tire.',
  'take.stepsFrames.tray-seen-to': 'A bandeja está cuidada',
  'take.stepsFrames.stand-over-tray-indoors-vessels': [
    'Suporte sobre uma bandeja em casa, vasilhas, alavanca, mangueiras, tampões, pano',
    'para cobrir a melgueira.',
  ],
  'take.stepsFrames.top': 'no alto',
  'take.stepsFrames.super-off-bees-off': 'Melgueira fora, abelhas fora',
  'take.stepsFrames.super-off': 'Melgueira fora',
  'take.stepsFrames.carried-level-and-covered-indoors':
    'Levada na horizontal e coberta, dentro de casa sobre a bandeja.',
  'take.stepsFrames.it-stands-over-tray': 'Está sobre a bandeja',
  'take.stepsFrames.lid-on-hive': 'Tampa na colmeia.',
  'take.stepsFrames.super-back-on': 'Melgueira de volta',
  'take.stepsFrames.in-evening-when-it-quiet':
    'À tardinha, quando está quieto: os quadros molhados chamam pilhadoras.',
  'take.stepsFrames.super-on': 'A melgueira está posta',
  'take.stepsFrames.lever-hoses-caps-vessels-for': [
    'Alavanca, mangueiras, tampões, vasilhas para a estimativa alta com tampas, pano',
    'molhado, nível.',
  ],
  'take.stepsFrames.entrance': 'no alvado',
  'take.stepsFrames.end-pane-cover-on-hoses': 'Tampa do vidro posta, mangueiras guardadas.',
  'take.stepsFrames.pierce-sealed-pots-tip-super': [
    'Fure os potes fechados, vire a melgueira sobre a peneira e a tigela; deixe correr,',
    'não esprema.',
  ],
  'take.stepsFrames.pierce-lid-each-sealed-pot': [
    'Fure a tampa de cada pote fechado com o tubo e esvazie; as paredes ficam para elas',
    'encherem de novo.',
  ],
  'take.stepsFrames.cut-sealed-pots-free-at':
    'Corte os potes fechados no pé e tire cada um inteiro; nenhum pode quebrar na caixa.',
  'take.stepsFrames.lidded-bowl-fine-knife-cold':
    'Tigela com tampa, faca fina, caixa térmica, pano molhado, fita. Sem fumaça.',
  'take.stepsFrames.suction-bottle-or-sieve-and': [
    'Frasco de sucção ou peneira e tigela, caixa térmica, pano molhado, faca fina, fita.',
    'Sem fumaça.',
  ],
  'take.stepsFrames.lid-off-super-only': 'Tampa fora só da melgueira',
  'take.stepsFrames.cut-propolis-round-it-brood':
    'Corte o própolis em volta. A cria embaixo fica fechada, sempre.',
  'take.stepsFrames.native-bees-are-protected-in':
    'Abelhas nativas são protegidas em muitos lugares: pergunte antes de colher.',
  'take.stepsFrames.super-open': 'A melgueira está aberta',
  'take.stepsFrames.pots-group': 'Potes, grupo {slot}',
  'take.stepsFrames.honey-pots-only-what-pollen':
    'Só potes de mel: o de pólen fica fechado. As reservas de inverno ficam.',
  'take.stepsFrames.torn-pollen-pot-brings-small':
    'Um pote de pólen rasgado traz moscas pequenas: fora com ele, na hora.',
  'take.stepsFrames.in-bowl': 'Na tigela',
  'take.stepsFrames.in-bottle': 'No frasco',
  'take.stepsFrames.torn-pots-out-spills-wiped': 'Potes rasgados fora, derrames limpos',
  'take.stepsFrames.every-drop-honey-and-every': 'Cada gota de mel e cada migalha de pólen.',
  'take.stepsFrames.torn-pots-are-out': 'Os potes rasgados estão fora',
  'take.stepsFrames.lift-them-out-with-knife': 'Tire-os com a faca.',
  'take.stepsFrames.no-wet-spot-left': 'Nenhum lugar molhado',
  'take.stepsFrames.wipe-with-damp-cloth-then': 'Limpe com pano úmido, depois com um seco.',
  'take.stepsFrames.clean-and-dry': 'Limpo e seco',
  'take.stepsFrames.lid-on-joints-taped': 'Tampa posta, juntas com fita.',
  'take.stepsFrames.small-flies-come-within-minutes':
    'Moscas pequenas vêm em minutos: nenhum vão nas juntas.',
  'take.stepsFrames.honey-into-cold-now-under': [
    'Mel para o frio agora, com tampa de respiro. Volte para ver em 24 horas: moscas nas',
    'juntas, abelhas no trabalho.',
  ],
  'take.visit.go-on-with-next-lot': 'Seguir com o próximo lote',
  'take.visit.lid-on-this-tub-another':
    'Tampa nesta bacia; outra para o próximo lote. A colmeia fica aberta: siga na hora.',
  'take.visit.next-lot': 'Próximo lote',
  'take.step.carry-what-was-taken-off': [
    'Leve o que foi tirado, coberto, para a bancada; é cortado lá, não ao lado da colmeia',
    'aberta.',
  ],
  'take.stepsBars.then-into-tub': 'Depois para a bacia; {starter}.',
  'take.stepsBars.both-walls-of-each':
    'As duas paredes de cada favo antes de erguer a barra, {starter}.',
  'take.step.ridge-as-comb-line': 'deixe uma crista na barra como linha de favo',
  'take.stepsFrames.frame-goes-back-at-once': 'O quadro volta na hora.',
  'take.stepsFrames.into-covered-box': 'Para a caixa coberta, pendendo como pendia.',
  'take.stepsFrames.on-its-stand-toward': 'No suporte, para as saídas, pelo menos {tilt}.',
  'take.stepsFrames.how-much-ran-beside': 'Quanto correu ao lado? {tray} Fundo como estava.',
};
