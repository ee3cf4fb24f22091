import type { refusal as english } from '../en/refusal.js';
import type { Sentences } from '../sentences.js';

export const refusal: Sentences<typeof english> = {
  'refusal.too-many-requests-at-once': 'Pedidos demais de uma vez. Espere um minuto.',
  'refusal.row-flows-csv-says-something': [
    'A linha {line} de flows.csv diz outra coisa de um lançamento que já está aqui: o',
    'livro nunca é reescrito. Nada foi mudado.',
  ],
  'refusal.does-not-fit-beside-what': [
    '{row} não cabe ao lado do que está aqui: o nome, o código ou o lugar já é de',
    'outro. Nada foi mudado.',
  ],
  'refusal.refers-to-something-that-neither':
    '{row} aponta para algo que não está nem no arquivo nem aqui. Nada foi mudado.',
  'refusal.cannot-be-written-nothing-was': '{row} não pode ser gravada. Nada foi mudado.',
  'refusal.csv-does-not-fit-together': '{resource}.csv não fecha. Nada foi mudado.',
  'refusal.book-in-it-does-not': 'O livro nele não fecha: {error} Nada foi mudado.',
  'refusal.with-this-book-would-not':
    'Com isto o livro não fecharia: sairia de “{lot}” mais do que entrou. Nada foi mudado.',
  'refusal.backup-being-put-in-place':
    'Uma cópia está sendo posta no lugar. Tente de novo daqui a pouco.',
  'refusal.restore-asked-for-on-command': 'Restaurar se pede na linha de comando.',
  'refusal.another-archive-on-its-way': 'Outro arquivo está a caminho. Espere até terminar.',
  'refusal.upload-stood-still-for-minute': 'O envio parou por um minuto. Comece de novo.',
  'refusal.this-file-larger-than-1':
    'Este arquivo tem mais de 1 GB: nenhum arquivo de uma casa tem.',
  'refusal.no-file-arrived': 'Nenhum arquivo chegou.',
  'refusal.this-archive-not-written-yet': 'Este arquivo ainda não foi escrito.',
  'refusal.look-at-what-it-would': 'Veja primeiro o que ele faria.',
  'refusal.nothing-this-archive-was-taken': 'Nada deste arquivo foi trazido.',
  'refusal.no-harvest-names': 'Nenhuma colheita cita “{name}”.',
  'refusal.has-harvest-already-this-sheet': [
    '{hive} já tem uma colheita de {date}: esta planilha já está no livro? Nada foi',
    'gravado.',
  ],
  'refusal.lies-in-future': '{date} está no futuro.',
  'refusal.something-was-entered-since-it': [
    'Algo foi lançado depois que ele entrou e se perderia junto. “node furrow.mjs',
    'restore --before” volta mesmo assim.',
  ],
  'refusal.this-archive-cut-off-or':
    'Este arquivo está cortado ou danificado: não abre. Nada foi mudado.',
  'refusal.this-no-zip-or-it': 'Isto não é um zip, ou está cortado. Nada foi mudado.',
  'refusal.unpacked-this-would-be-far':
    'Aberto, isto seria muito maior que qualquer casa: não se abre. Nada foi mudado.',
  'refusal.does-not-belong-into-archive':
    '“{strange}” não faz parte de um arquivo do Furrow. Nada foi mudado.',
  'refusal.there-no-datapackage-json-in':
    'Não há datapackage.json nele: não é um arquivo do Furrow. Nada foi mudado.',
  'refusal.its-datapackage-json-cannot-be': 'O datapackage.json dele não se lê. Nada foi mudado.',
  'refusal.this-data-package-was-not': [
    'Este pacote de dados não foi escrito pelo Furrow. Uma planilha sua entra em “Uma',
    'planilha que você guardou”.',
  ],
  'refusal.this-archive-was-written-by': [
    'Este arquivo foi escrito por um Furrow mais novo. Atualize este primeiro. Nada',
    'foi mudado.',
  ],
  'refusal.row-column-csv-nothing-was':
    'Linha {line}, coluna “{column}” de {resource}.csv: {says} Nada foi mudado.',
  'refusal.missing-nothing-was-changed': 'Falta {path}. Nada foi mudado.',
  'refusal.picture-in-it-damaged-nothing': 'Uma foto nele está danificada. Nada foi mudado.',
  'refusal.row-cannot-be-read-quotation':
    'A linha {row} de {file} não se lê: uma aspa ficou aberta. Nada foi mudado.',
  'refusal.has-more-than-rows-more': [
    '{file} tem mais de {most} linhas, mais que qualquer casa: não se abre. Nada foi',
    'mudado.',
  ],
  'refusal.empty-nothing-was-changed': '{file} está vazio. Nada foi mudado.',
  'refusal.has-column-that-not-known':
    '{file} tem uma coluna “{unknown}” que não se conhece aqui. Nada foi mudado.',
  'refusal.has-no-column-nothing-was': '{file} não tem a coluna “{missing}”. Nada foi mudado.',
  'refusal.row-has-cells-its-head':
    'A linha {line} de {file} tem {row} células, o cabeçalho {head}. Nada foi mudado.',
  'refusal.not-as-it-was-written': [
    '{file} não está como foi escrito: foi mudado ou cortado depois da linha {rows}.',
    'Nada foi mudado aqui.',
  ],
  'refusal.row-column-nothing-was-changed':
    'Linha {line}, coluna “{column}” de {file}: {what}. Nada foi mudado.',
  'refusal.no-pressed-wax-this-harvest': 'Não resta cera prensada desta colheita.',
  'refusal.only-it-are-there': 'Só há {nowG} disso.',
  'refusal.held-back': 'Retido: {why}',
  'refusal.no-wet-wax-this-harvest': 'Não resta cera úmida desta colheita para derreter.',
  'refusal.only-wet-wax-are-there': 'Só há {nowG} de cera úmida.',
  'refusal.this-rinse-used-already': 'Esta água de lavagem já foi usada.',
  'refusal.it-may-go-back-only': 'Só pode voltar à única colônia de onde tudo veio.',
  'refusal.say-at-which-gravity-it': 'Diga em que densidade deve começar.',
  'refusal.only-that-honey-are-there': 'Só há {nowG} desse mel.',
  'refusal.in-open-it-calls-robbers':
    'Ao ar livre isso chama pilhagem e espalha doença; muitos lugares proíbem. Diga que sabe.',
  'refusal.this-hold-was-lifted-already': 'Esta retenção já foi levantada.',
  'refusal.this-lies-in-future': 'Isto está no futuro.',
  'refusal.something-this-harvest-not-weighed': [
    'Algo desta colheita ainda não foi pesado: pese, use a estimativa, ou diga que se',
    'perdeu.',
  ],
  'refusal.say-what-becomes-it': '{left}: diga o que será disso.',
  'refusal.held-back-2': 'Retido: {held} {ask}',
  'refusal.this-comb-does-not-hang': 'Este favo não está nessa colmeia.',
  'refusal.comb-chosen-in-another-harvest': 'O favo {comb} já está escolhido em outra colheita.',
  'refusal.comb': 'Favo {comb}: {sentence}',
  'refusal.comb-say-why-it-taken': 'Favo {comb}: {headline} Diga por que é colhido mesmo assim.',
  'refusal.combs-were-taken-already-this':
    'Favos já foram colhidos: esta colheita não se desfaz, se encerra.',
  'refusal.this-no-date-and-time': 'Isto não é data e hora daquele lugar.',
  'refusal.this-harvest-closed': 'Esta colheita está encerrada.',
  'refusal.no-comb-was-taken-yet': 'Nenhum favo foi colhido ainda: não há com que seguir.',
  'refusal.this-harvest-on-rack-already': 'Esta colheita já está na grade.',
  'refusal.this-harvest-in-freezer-already': 'Esta colheita já está no congelador.',
  'refusal.freezer-holds-stand-in-it':
    'No congelador cabem {freezerL}; {there} já estão nele e {litres} viriam.',
  'refusal.this-has-ended-already': 'Isto já terminou.',
  'refusal.only-were-there': 'Só havia {pieces}.',
  'refusal.piece-there-twice': 'Um pedaço aparece duas vezes.',
  'refusal.piece-another-harvest': 'Um pedaço é de outra colheita.',
  'refusal.piece-packed-already': 'Um pedaço já está embalado.',
  'refusal.piece-not-cut-yet-or': 'Um pedaço ainda não foi cortado, ou rachou.',
  'refusal.weigh-every-piece-first-its':
    'Pese cada pedaço primeiro: o rótulo precisa do peso próprio.',
  'refusal.these-pieces-are-only-comb':
    'Estes pedaços são {g}; só há {nowG} de favo. Faltou uma tara?',
  'refusal.only-are-in-stock': 'Só há {stock} de “{kind}” em estoque.',
  'refusal.choose-honey-to-pour-round': 'Escolha o mel para despejar em volta das tiras.',
  'refusal.honey-are-needed-are-there': 'São precisos {honeyG} de mel, há {nowG} de {honey}.',
  'refusal.another-season-say-that-it': '{honey} é de outra safra, {date}. Diga que pode ser.',
  'refusal.honey-do-not-fit-round': '{honeyG} de mel não cabem em volta desta tira em “{kind}”.',
  'refusal.piece-lies-beyond-comb': 'Um pedaço sai do favo.',
  'refusal.there-no-such-box-in': 'Não há essa caixinha no material.',
  'refusal.piece-that-cut-stays-in': 'Um pedaço já cortado fica no plano.',
  'refusal.this-comb-not-this-harvest': 'Este favo não é desta colheita.',
  'refusal.this-comb-lies-on-board': 'Este favo já está na tábua.',
  'refusal.so-many-cuts-are-not': 'Tantos cortes não estão planejados.',
  'refusal.this-piece-packed-already-undo': 'Este pedaço já está embalado. Desfaça isso primeiro.',
  'refusal.this-drain-closed': 'Este escorrimento está encerrado.',
  'refusal.this-lies-before-drain-began': 'Isto é de antes de começar a escorrer.',
  'refusal.choose-lot-honey-that-in': 'Escolha um lote de mel que esteja no livro.',
  'refusal.only-are-there': 'Só há {nowG} de {from}.',
  'refusal.there-no-comb-left-to': 'Não resta favo para esmagar nesta colheita.',
  'refusal.choose-another-harvest': 'Escolha outra colheita.',
  'refusal.these-were-not-chosen-as':
    'Estas não foram escolhidas como um lote só. Diga que devem ser.',
  'refusal.there-no-comb-this-harvest': 'Não há favo desta colheita para pôr.',
  'refusal.your-house-rule-never-to':
    'Sua regra da casa é nunca aquecer mel. Mude a regra primeiro.',
  'refusal.your-house-rule-warms-to': 'Sua regra da casa aquece até {warmLimitC} no máximo.',
  'refusal.only-honey-poured-to-honey': 'Só mel se junta a mel.',
  'refusal.too-many-screens-this-device': 'Telas demais deste aparelho escutam ao mesmo tempo.',
  'refusal.this-took-longer-than-s':
    'Isto demorou mais de {seconds} s e foi abandonado. Nada foi mudado.',
  'refusal.this-wants-more-memory-than':
    'Isto pede mais memória do que há: foi abandonado. Nada foi mudado.',
  'refusal.too-much-being-worked-out': 'Há contas demais ao mesmo tempo. Tente daqui a pouco.',
  'refusal.furrow-not-called-by-this':
    'O Furrow não se chama assim aqui. Nomes seus ficam em Regras, Em casa.',
  'refusal.this-page-does-not-belong': 'Esta página não é do Furrow.',
  'refusal.this-came-through-proxy-say':
    'Isto veio por um proxy. Diga isso com FURROW_BEHIND_PROXY e o endereço dele.',
  'refusal.this-device-not-let-in': [
    'Este aparelho não tem entrada. Abra nele o endereço do Furrow e digite as letras',
    'que estão na mesa.',
  ],
  'refusal.this-households-own-ask-one': 'Isto é só da casa: peça a alguém dela.',
  'refusal.this-code-not-good-any':
    'Este código não vale mais. Peça outro na mesa: Regras, Em casa.',
  'refusal.these-are-not-eight-letters': 'Não são as oito letras que estão na mesa. Olhe de novo.',
  'refusal.too-many-at-once-wait': 'Muitos de uma vez. Espere um minuto.',
  'refusal.who-let-in-said-at': 'Quem entra se diz na máquina em que o Furrow roda.',
  'refusal.another-program-listens-on-port': [
    'Outro programa usa a porta {port}. Ponha em FURROW_SHARE_PORT uma livre e comece',
    'de novo.',
  ],
  'refusal.there-none-here': 'Aqui não há nenhum.',
  'refusal.this-was-written-by-another': 'Isto foi escrito por outra pessoa: peça que ela desfaça.',
  'refusal.this-frame-was-not-chosen': 'Este quadro não foi escolhido para esta colheita.',
  'refusal.say-what-stands-on-scale':
    'Diga o que está na balança: um escorrimento, ou uma colheita e um favo.',
  'refusal.say-which-hive-stands-on': 'Diga que colmeia está na balança.',
  'refusal.there-no-such-instrument-here': 'Não há esse instrumento aqui.',
  'refusal.there-no-such-filled-lot': 'Não há esse lote envasado.',
  'refusal.there-no-such-harvest': 'Não há essa colheita.',
  'refusal.jars-this-harvest-carry-its': 'Potes desta colheita já levam o código dela: ele fica.',
  'refusal.code-code-that-comes-again': [
    '“{code}” é o código de {used}. Um código repetido não se rastreia: ponha nele a',
    'data ou o ano.',
  ],
  'refusal.no-label-for-it': 'Nenhum rótulo para isto: {why}',
  'refusal.sheet-has-labels': 'Uma folha tem {labels} rótulos.',
  'refusal.only-labels-this-print-are': 'Só restam {labels} rótulos desta impressão.',
  'refusal.choose-jars-or-pieces-that': 'Escolha potes ou pedaços que foram envasados.',
  'refusal.none-them-left': 'Não resta nenhum.',
  'refusal.only-them-are-left': '{left, plural, one {Só resta # deles} other {Só restam # deles}}.',
  'refusal.this-promise-kept-already': 'Esta promessa já foi cumprida.',
  'refusal.jars-are-honey-are-there': '{count} potes de {netG} são {totalG}; há {nowG} de mel.',
  'refusal.filled-with-to': '“{jar}” se enche com {minG} a {maxG}.',
  'refusal.jars-weights': '{count} potes, {weights} pesos.',
  'refusal.only-comb-are-there-to': 'Só há {nowG} de favo para cortar.',
  'refusal.there-no-such-lot-honey': 'Não há esse lote de mel.',
  'refusal.choose-jars-that-were-filled': 'Escolha potes que foram cheios.',
  'refusal.lot-has-jars-weights': 'O lote tem {count} potes, {weights} pesos.',
  'refusal.far-from-was-jars-tare': '{odd} está longe de {netG}. A tara do pote foi descontada?',
  'refusal.choose-honey-jars-or-pieces': 'Escolha mel, potes ou pedaços.',
  'refusal.it-was-harvested-on': 'Foi colhido em {date}.',
  'refusal.choose-honey-or-jars': 'Escolha mel ou potes.',
  'refusal.there-no-such-lot': 'Não há esse lote.',
  'refusal.flow-touches-at-least-one': 'Um fluxo toca pelo menos um lote.',
  'refusal.this-box-stands-on-no': 'Esta caixa não está em nenhuma colmeia agora.',
  'refusal.this-box-does-not-stand': 'Esta caixa não está nessa colmeia.',
  'refusal.this-hive-was-changed-in': [
    'Esta colmeia mudou nesse meio-tempo: as barras não são as que foram movidas.',
    'Veja como ela está agora.',
  ],
  'refusal.nothing-was-moved': 'Nada foi movido.',
  'refusal.has-boxes': '{hive} tem {places, plural, one {# caixa} other {# caixas}}.',
  'refusal.brood-box-stays-closed-while': 'O ninho fica fechado enquanto a colônia vive.',
  'refusal.this-no-brood-box-honeybees': 'Isto não é ninho de abelhas melíferas.',
  'refusal.its-frames-are-read-already': 'Os quadros dele já foram lidos.',
  'refusal.brood-box-stays': 'O ninho fica.',
  'refusal.last-box-stays-colony-lives': 'A última caixa fica: a colônia mora nela.',
  'refusal.no-box-set-in-below': '{kind}: aqui não se põe caixa embaixo.',
  'refusal.comb-hangs-in-box-only': 'Há favo na caixa {slot}: só uma caixa vazia entra embaixo.',
  'refusal.it-stands-on-this-hive': 'Já está nesta colmeia.',
  'refusal.another-kind-hive-this-box':
    '{hive} é outro tipo de colmeia: esta caixa não serve nela.',
  'refusal.colony-gone-its-comb-goes':
    'A colônia de {hive} se foi: o favo dela não vai para outra até um inspetor falar.',
  'refusal.disease-was-found-in-no':
    'Encontrou-se doença em {hive}: nenhum favo sai desta colônia até um inspetor falar.',
  'refusal.its-brood-looked-sick-no':
    'A cria parecia doente: nenhum favo sai desta colônia. Pergunte ao inspetor apícola.',
  'refusal.nobody-sure-its-brood-look':
    'Ninguém tem certeza da cria: olhe primeiro, depois mova a melgueira.',
  'refusal.this-comb-hangs-in-no': 'Este favo não está em nenhuma colmeia agora.',
  'refusal.brood-in-it-cut-brood': [
    'Há cria nele: corte a parte com cria e amarre num quadro, ou deixe; anote só o',
    'que não tem.',
  ],
  'refusal.colony-cannot-have-started-in': 'A colônia não pode ter começado no futuro.',
  'refusal.this-colony-lives-in-no': 'Esta colônia não mora em nenhuma colmeia agora.',
  'refusal.number-places-in-box-stays': 'O número de lugares de uma caixa fica como foi feito.',
  'refusal.bars-cannot-be-added-or': 'Não se põem nem tiram barras depois que há favo nelas.',
  'refusal.has-no-bar': '{hive} não tem barra {slot}.',
  'refusal.comb-hangs-on-bar-already': 'Já há um favo na barra {slot}: dois não cabem num lugar.',
  'refusal.another-comb-hung-on-bar': 'Outro favo esteve na barra {slot} até {endedOn}.',
  'refusal.this-comb-no-longer-hangs': 'Este favo não está mais na colmeia.',
  'refusal.this-cursor-not-from-this': 'Este cursor não é desta lista.',
  'refusal.command-missing': 'Falta o comando.',
  'refusal.command-not-readable': 'O comando não se lê.',
  'refusal.no-picture-arrived': 'Nenhuma foto chegou.',
  'refusal.this-picture-larger-than-25': 'Esta foto tem mais de 25 MB.',
  'refusal.this-did-not-work-here': 'Isto não deu certo aqui. Nada foi gravado.',
  'refusal.this-not-readable-json': 'Isto não é JSON legível.',
  'refusal.this-more-text-than-one': 'É mais texto do que cabe num lançamento.',
  'refusal.this-does-not-fit-together': 'Isto não combina com o que está aqui.',
  'refusal.something-stands-under-this-id':
    'Já há algo com este identificador. Dê a isto um próprio.',
  'refusal.this-place-or-name-taken': 'Este lugar ou nome já está ocupado.',
  'refusal.this-names-something-that-not': 'Isto cita algo que não existe.',
  'refusal.this-could-not-be-written':
    'Isto não pôde ser gravado: {trouble}. Nada disso ficou aqui.',
  'refusal.this-packed-in-way-that': 'Isto está empacotado de um jeito que não se lê.',
  'refusal.this-cannot-be-read-here': 'Isto não se lê aqui.',
  'refusal.no-day-planned-and-nothing': 'Nenhum dia está planejado, e nada corre na bancada.',
  'refusal.no-day-planned-yet': 'Nenhum dia planejado ainda.',
  'refusal.house-rules-were-changed-on':
    'As regras da casa foram mudadas em outra tela. Veja como estão agora.',
  'refusal.undo-not-undone-say-it': 'Um desfazer não se desfaz: diga de novo.',
  'refusal.newer-house-rules-stand-on':
    'Regras mais novas se apoiam nestas. Desfaça aquelas primeiro.',
  'refusal.year-up-to': 'Um ano até {last}.',
  'refusal.wrote-this-just-now-yours': '{who} acabou de anotar {g} disto. A sua é outra pesagem?',
  'refusal.this-was-changed-in-meantime': [
    'Isto mudou nesse meio-tempo, talvez em outra tela. Veja como está agora e diga',
    'de novo.',
  ],
  'refusal.book-would-not-hold-more':
    'O livro não fecharia: sairia de “{name}” mais do que entrou.',
  'refusal.this-was-undone-already': 'Isto já foi desfeito.',
  'refusal.this-picture-could-not-be':
    'Esta foto não pôde ser guardada: {error}. Ela continua onde estava.',
  'refusal.this-lies-in-future-clock': 'Isto está no futuro. O relógio deste aparelho está certo?',
  'refusal.something-else-was-written-under':
    'Outra coisa já foi gravada com este número. Veja o que há e diga a mudança.',
  'refusal.far-more-than-estimate-tare':
    '{crushed} é muito mais que a estimativa de {estimate}. A tara está certa?',
  'refusal.frame-still-runs-it-done':
    'Um quadro ainda corre: está pronto quando fechado e com o tampão.',
  'refusal.has-holes-honey-would-run': '{vessel} tem furos: o mel vazaria. Escolha outro.',
  'refusal.this-frame-not-open': 'Este quadro não está aberto.',
  'refusal.first-make-sure-tilt-tray': [
    'Primeiro confira inclinação, bandeja, fundo, tampas, mangueiras e recipientes:',
    'depois se abre.',
  ],
  'refusal.which-vessel-stands-under-it': 'Que recipiente está embaixo?',
  'refusal.this-frame-closed': 'Este quadro está fechado.',
  'refusal.which-vessel-stands-under-it-2': 'Que recipiente está embaixo agora?',
  'refusal.reset-it-first-plug-only': 'Feche-o primeiro: só então o tampão entra.',
  'refusal.weigh-first-or-say-that':
    'Pese {name} primeiro, ou diga que se pesa depois, ou que o mel se perdeu.',
  'refusal.no-frame-this-harvest-ran': 'Nenhum quadro desta colheita correu para este recipiente.',
  'refusal.held-before-was-it-emptied':
    '{name} tinha {stoodG} antes. Foi esvaziado no meio, ou um peso está errado?',
  'refusal.this-frame-did-not-run': 'Este quadro não correu para este recipiente desde a pesagem.',
  'refusal.shares-add-up-to-came': 'As partes somam {sum}; vieram {cameG}.',
  'refusal.this-frame-does-not-run': 'Este quadro não corre para o mesmo recipiente.',
  'refusal.this-lot-comb-are-here': 'Deste lote há {nowG} de favo: uma parte é menos.',
  'refusal.this-comb-weighed-already': 'Este favo já foi pesado.',
  'refusal.nobody-looked-at-this-comb': 'Ninguém olhou este favo: não há estimativa.',
  'refusal.this-comb-was-not-chosen': 'Este favo não foi escolhido para esta colheita.',
  'refusal.this-comb-written-down-already': 'Este favo já está anotado. Desfaça isso primeiro.',
  'refusal.comb-this-box-written-down':
    'Um favo desta caixa já está anotado. Desfaça isso primeiro.',
  'refusal.no-box-set-on': '{kind}: aqui não se põe caixa em cima.',
  'refusal.open.honey': '{mass} de mel sem envasar',
  'refusal.open.comb': '{mass} de favo sem esmagar nem cortar',
  'refusal.open.crushed': '{mass} de favo escorrendo',
  'refusal.no-such': 'Não encontrado: {what}.',
  'refusal.more-than-crushed': 'Saiu mais do que os {crushed} esmagados. A tara está certa?',
  'refusal.more-than-crushed-and-drawn':
    'Com o que foi retirado, saiu mais do que os {crushed} esmagados. A tara está certa?',
  'refusal.more-than-crushed-now': 'Mais do que os {crushed} esmagados. A tara está certa?',
  'refusal.more-than-can-have-come':
    'Mais do que pode ter saído: do que foi esmagado ainda há {left} sem retirar.',
  'refusal.more-than-comb-left':
    'Mais mel do que os {comb} de favo que restavam. Alguma tara está errada?',
  'refusal.used-first-not-sold': 'Mel aberto ou úmido se usa primeiro e não se vende.',
  'refusal.species-unsaid': [
    'Mel de abelhas nativas sem ferrão: anote antes em Regras a espécie e a sua licença.',
    'Pergunte à vigilância sanitária.',
  ],
  'refusal.not-registered': [
    'Pelas suas regras você não é registrado para vender: se é, diga em Regras. O que uma venda',
    'pede, a vigilância sanitária diz; um presente pode.',
  ],
  'refusal.does-not-fit-into': '{net} não cabem em “{jar}” de {jarNet}.',
  'refusal.jar-says': '“{jar}”: {why}',
};
