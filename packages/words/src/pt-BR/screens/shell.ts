import type { shell as english } from '../../en/screens/shell.js';
import type { Sentences } from '../../sentences.js';

export const shell: Sentences<typeof english> = {
  'App.furrow': '{title} · Furrow',
  'App.to-work': 'Ao trabalho',
  'router.not-here': 'Não aqui',
  'AlarmKey.this-how-alarm-sounds': 'É assim que soa um alarme.',
  'AlarmKey.alarms-on': 'Alarmes ligados',
  'AlarmKey.ring-when-due': 'Tocar na hora',
  'FindDialog.hive-comb-lot-jar-person': 'Uma colmeia, favo, lote, pote, pessoa, lugar ou regra',
  'FindDialog.found': 'Achado',
  'FindDialog.nothing-called-part-name-enough': 'Nada se chama “{typed}”. Uma parte do nome basta.',
  'FindDialog.part-name-enough-keys-and':
    'Uma parte do nome basta. As teclas / e Ctrl K abrem este campo em toda tela.',
  'HarvestRow.furrow': 'Furrow',
  'HarvestRow.row': 'A fileira',
  'HarvestRow.harvest-at': 'Colheita de {hiveName}, {date}, {b}em {s}',
  'KeysDialog.stage-before-after': 'etapa anterior, seguinte',
  'KeysDialog.comb-before-after': 'favo anterior, seguinte',
  'KeysDialog.side-comb': 'lado do favo',
  'KeysDialog.take-comb-in-hand-or': 'pegar o favo na mão, ou pô-lo de volta, em Escolher',
  'KeysDialog.undo-last-entry': 'desfazer o último lançamento',
  'KeysDialog.drawing-or-table': 'desenho ou tabela',
  'KeysDialog.sun-mode': 'modo sol',
  'KeysDialog.space': 'Espaço',
  'KeysDialog.page-down': 'Page down',
  'KeysDialog.next-step-in-take': 'o próximo passo, em Colher',
  'KeysDialog.next-step-by-pedal': 'o mesmo, de um pedal ou de um controle remoto',
  'KeysDialog.find-anything-by-its-name': 'achar qualquer coisa pelo nome',
  'KeysDialog.this-list': 'esta lista',
  'KeysDialog.esc': 'Esc',
  'KeysDialog.put-it-down': 'largar',
  'KeysDialog.this-could-not-be-undone': 'Isto não pôde ser desfeito.',
  'KeysDialog.keys': 'Teclas',
  'KeysDialog.keys-are-on': 'Teclas ligadas',
  'KeysDialog.last-entries': 'Últimos lançamentos',
  'KeysDialog.nothing-was-written-yet': 'Nada foi anotado ainda.',
  'KeysDialog.undone': '(desfeito)',
  'KeysDialog.undo': 'Desfazer: {sentence}',
  'LeaveUnsaved.are-not-written-down': '{what} não estão anotados',
  'LeaveUnsaved.write-them-down-and-go': 'Anotar e sair',
  'LeaveUnsaved.go-as-they-were-before': 'Sair, como estavam antes',
  'LeaveUnsaved.stay-here': 'Ficar aqui',
  'LostView.there-nothing-at-this-address': 'Não há nada neste endereço.',
  'LostView.back-to-today': 'Voltar para Hoje',
  'SoilStrip.wait': 'Espera',
  'SoilStrip.rack': 'Grade',
  'SoilStrip.cold': 'Frio',
  'SoilStrip.thaw': 'Descongela',
  'SoilStrip.ahead': 'adiantado',
  'SoilStrip.behind': 'atrasado',
  'SoilStrip.this-devices-clock-furrow-writes':
    'O relógio deste aparelho está {ahead} {ahead2}: o Furrow anota pelo seu próprio.',
  'SoilStrip.furrow-cannot-be-reached-what':
    'Não se alcança o Furrow. O que está aqui é de {at}; o que você digita fica.',
  'SoilStrip.clocks-and-messages': 'Relógios e mensagens',
  'SoilStrip.no-clock-runs': 'Nenhum relógio corre.',
  'alarms.this-browser-shows-no-notifications':
    'Este navegador não mostra avisos: som e vibração tocam enquanto esta página está aberta.',
  'alarms.notifications-are-not-allowed-sound':
    'Avisos não são permitidos: som e vibração tocam enquanto esta página está aberta.',
  'find.to-look': 'para Olhar',
  'find.to': 'para {stage}',
  'find.to-book': 'para Livro',
  'find.to-shelf': 'para a prateleira',
  'find.to-kit-in-rules': 'para o material em Regras',
  'find.to-in-look': 'para {first} em Olhar',
  'find.vessel': 'Vasilha',
  'find.person': 'Pessoa',
  'find.rule': 'Regra',
  'find.to-rules': 'para Regras',
  'find.to-schools-in-rules': 'para as escolas em Regras',
  'find.help': 'Ajuda',
  'find.to-2': 'para {title}',
  'help.what-due-now-what-runs': 'O que está na hora, o que corre e o que a semana traz.',
  'help.clock-that-runs-stands-in':
    'Um relógio que corre fica também na faixa escura embaixo de toda tela.',
  'help.line-can-be-done-put': 'Uma linha pode ser feita, adiada ou desfeita aqui mesmo.',
  'help.coloured-line-on-top-one': 'A linha colorida no alto é a única coisa a fazer agora.',
  'help.touch-hive-or-harvest-to': 'Toque numa colmeia ou colheita para seguir com ela.',
  'help.combs-are-read-here-and':
    'Aqui os favos são lidos, e cada um julgado: colher, deixar ou testar antes.',
  'help.touch-comb-then-draw-lower': [
    'Toque num favo, depois desenhe a borda de baixo do que está operculado, aberto, com',
    'pólen e com cria.',
  ],
  'help.verdict-says-which-question-decided':
    'O parecer diz qual pergunta decidiu e em que se apoia.',
  'help.what-you-know-colony-its':
    'O que você sabe da colônia, sua rainha, temperamento e florada, também conta.',
  'help.nothing-kept-until-you-write':
    'Nada fica até você anotar; o que começou fica neste aparelho.',
  'help.hive-made-by-choosing-its': 'Uma colmeia se cria escolhendo o desenho e dando um nome.',
  'help.its-measures-are-usual-ones': 'As medidas são as usuais do tipo: corrija as que diferem.',
  'help.comb-it-holds-and-how':
    'O favo que ela tem, e a idade da colônia, decidem o que pode ser colhido depois.',
  'help.where-it-stands-gives-it': 'Onde ela está lhe dá o nascer do sol, as estações e o tempo.',
  'help.drag-follower-board-bars-or': [
    'Arraste a divisória, as barras ou o próprio favo: os números acompanham, e o',
    'contrário também.',
  ],
  'help.combs-are-lifted-here-and': 'Aqui os favos são erguidos, e vão pelo modo que lhes serve.',
  'help.sets-below-are-what-could':
    'Os conjuntos embaixo são o que se poderia fazer do que pode ser colhido.',
  'help.touch-comb-to-lift-it':
    'Toque num favo para erguer, outra vez para pôr de volta; T faz isso no teclado.',
  'help.what-winter-needs-stays-counted':
    'O que o inverno precisa fica, contado pela estimativa baixa.',
  'help.what-stands-against-comb-said':
    'O que está contra um favo é dito, e um motivo vale mais que o que não é perigoso.',
  'help.what-super-brings-as-cut':
    'O que uma melgueira rende em pedaços de favo, ao lado do que rende em potes.',
  'help.chances-come-from-your-own':
    'As chances vêm das suas próprias melgueiras, assim que houver algumas.',
  'help.prices-are-those-your-kit': 'Os preços são os do seu material.',
  'help.level-price-one-at-which':
    'O preço de empate é aquele em que os dois modos rendem o mesmo.',
  'help.say-how-many-supers-you': [
    'Diga em quantas melgueiras pensa, e ele diz o que tais anos renderam e o que',
    'estreitaria a faixa.',
  ],
  'help.which-hive-wants-box-or':
    'Qual colmeia quer caixa ou melgueira, o que carregar, e quando voltar.',
  'help.what-hive-needs-foreseen-from':
    'O que uma colmeia precisa se prevê pelas olhadas; − e + dizem outra coisa.',
  'help.what-short-goes-to-strongest': 'O que falta vai primeiro para a florada mais forte.',
  'help.days-to-come-back-go': 'Os dias de voltar vão pela pressa com que enchem.',
  'help.what-vehicle-takes-comes-from': 'O que o carro leva vem das suas regras.',
  'help.day-planned-here-when-to':
    'O dia é planejado aqui: quando começar, quem ajuda, qual vasilha leva o quê.',
  'help.step-can-be-moved-what': 'Um passo pode ser movido; o que vem depois acompanha.',
  'help.weather-and-notes-site-say': 'O tempo e as notas do local dizem se é dia para isso.',
  'help.list-says-what-to-bring': 'A lista diz o que levar, e o que fazer sem isso.',
  'help.keep-plan-and-today-says': 'Fique com o plano, e Hoje diz o que dele está na hora.',
  'help.everything-to-load-and-what': 'Tudo o que se carrega, e para que serve cada coisa.',
  'help.tick-it-off-as-it': 'Marque quando entra no carro; funciona sem rede.',
  'help.what-kit-lacks-says-what': 'O que falta no material diz o que serve no lugar.',
  'help.missing-keeps-line-in-sight': '“Falta” mantém uma linha à vista até resolver.',
  'help.it-prints-on-a4-or': 'Imprime em A4 ou carta, como dizem as suas regras.',
  'help.one-step-at-time-at': 'Um passo de cada vez na colmeia; a tecla grande é o próximo.',
  'help.each-comb-weighed-here-or':
    'Cada favo é pesado aqui, ou depois: então fica em Hoje até ser.',
  'help.something-went-otherwise-say-it': 'Algo saiu diferente? Diga, e o que fazer vem primeiro.',
  'help.it-goes-on-without-network': 'Segue sem rede e é enviado quando houver.',
  'help.what-was-taken-without-scale':
    'O que foi colhido sem balança é pesado aqui, estimado ou dado por perdido.',
  'help.until-then-it-in-no': 'Até lá não entra em nenhum número da colheita.',
  'help.estimate-marked-as-one-and':
    'Uma estimativa é marcada como tal e ainda pode dar lugar a um peso.',
  'help.box-weighed-whole-shared-over': 'Uma caixa pesada inteira é repartida pelos favos.',
  'help.once-nothing-open-harvest-goes':
    'Quando nada está em aberto, a colheita segue para Escorrer ou Cortar.',
  'help.comb-broken-up-and-drains':
    'O favo é quebrado e escorre: o relógio, o nível e a próxima mexida.',
  'help.each-weighing-narrows-forecast': 'Cada pesagem estreita a previsão.',
  'help.curve-shows-what-out-what':
    'A curva mostra o que saiu, o que ainda vem e o que fica na cera.',
  'help.you-decide-when-it-ends': 'Você decide quando acaba; então cada grama está em algum lugar.',
  'help.stirring-warming-or-pressing-says':
    'Mexer, aquecer ou prensar diz antes o que traria e custaria.',
  'help.honey-stands-here-until-scum': 'O mel fica aqui até a espuma subir e ser tirada.',
  'help.its-water-measured-here-and': 'A água é medida aqui, e lotes são juntados.',
  'help.deeper-or-colder-honey-takes': 'Mel mais fundo ou mais frio demora mais a clarear.',
  'help.scum-weighed-and-goes-to': 'A espuma é pesada e vai para a cera úmida.',
  'help.what-ferments-already-poured-to': 'O que já fermenta não se junta a nada.',
  'help.comb-laid-on-board-and':
    'O favo é posto na tábua e cortado em pedaços em volta das falhas.',
  'help.rack-freezer-and-thawing-have': 'Grade, congelador e descongelar têm seus relógios.',
  'help.pieces-are-weighed-and-packed':
    'Os pedaços são pesados e embalados pelas suas caixinhas e classes.',
  'help.touch-comb-to-say-where':
    'Toque no favo para dizer onde há uma falha; a faca então a contorna.',
  'help.what-left-over-crushed-and': 'O que sobra é esmagado, e seu peso fica no livro.',
  'help.honey-filled-into-jars-your': 'O mel é posto nos potes do seu material, até o grama.',
  'help.water-first-it-decides-what': 'Primeiro a água: ela decide o que o rótulo pode dizer.',
  'help.labels-shelf-and-wax-are': 'Rótulos, a prateleira e a cera também estão aqui.',
  'help.what-leaves-shelf-written-down':
    'O que sai da prateleira é anotado com o preço, e para quem, se quiser.',
  'help.code-on-each-jar-leads': 'Um código em cada pote leva de volta à colmeia e ao dia.',
  'help.where-every-gram-harvest-went': 'Para onde foi cada grama de uma colheita.',
  'help.seasons-hives-and-kinds-stand': 'Safras, colmeias e tipos ficam lado a lado.',
  'help.questions-that-entries-raise-are':
    'As perguntas que os lançamentos levantam são feitas aqui.',
  'help.archive-copy-and-sheet-for':
    'O arquivo, uma cópia e a tabela para planilha são feitos aqui.',
  'help.entry-never-rewritten-correction-new':
    'Um lançamento nunca é reescrito: uma correção é um novo ao lado.',
  'help.households-own-rules-where': 'As regras da casa, onde os praticantes discordam.',
  'help.what-change-would-flip-on':
    'O que uma mudança viraria nos seus favos é dito antes de anotar.',
  'help.decision-keeps-rules-it-was': 'Uma decisão guarda as regras sob as quais foi tomada.',
  'help.kit-here-vessels-jars-boxes':
    'O material está aqui: vasilhas, potes, caixinhas, reservas e o que há para consertar.',
  'help.what-stands-as-furrow-begins':
    'O que está como o Furrow começa é marcado até você dizer que é seu.',
  'ruleNames.kilograms-pounds-ounces-grams':
    'quilos libras onças gramas Celsius Fahrenheit métrico imperial medidas',
  'ruleNames.print-size-a4-letter': 'tamanho de impressão A4 carta',
  'ruleNames.english-portuguese': 'English Portuguese português inglês idioma',
  'ruleNames.smoker-water-spray': 'fumigador borrifador',
  'ruleNames.sieve-filter': 'peneira filtro',
  'ruleNames.expiry-date-shelf-life-keeps': 'data de validade dura até',
  'ruleNames.best-before-expiry-date-wet': 'validade mel úmido',
  'ruleNames.best-before-expiry-date-unmeasured': 'validade mel não medido',
  'ruleNames.melt-solar': 'derreter solar',
  'ruleNames.stores-food': 'reservas alimento',
  'ruleNames.moisture-humidity-refractometer': 'umidade refratômetro',
  'useAwake.this-browser-lets-screen-go':
    'Este navegador deixa a tela apagar: ajuste para ficar acesa.',
  'App.something-was-written': '{by}: algo foi anotado.',
  'AlarmKey.alarms-are-off-what-due':
    'Os alarmes estão desligados. O que está na hora continua aqui em ferrugem.',
  'AlarmKey.alarms-ring-while-this-page': [
    'Os alarmes tocam enquanto esta página está aberta. Para um celular que dorme, leve',
    'o arquivo de calendário de Preparar.',
  ],
  'SoilStrip.there-nothing-to-undo': 'Não há nada a desfazer.',
  'SoilStrip.undone': 'Desfeito.',
  'SoilStrip.this-could-not-be-undone': 'Isto não pôde ser desfeito.',
  'App.screen-not-here-yet':
    'Esta tela ainda não está neste aparelho: ela abre quando o Furrow responder de novo.',
  'SoilStrip.waits': '{count, plural, one {# à espera} other {# à espera}}',
  'SoilStrip.refused': '{count, plural, one {# recusado} other {# recusados}}',
  'SoilStrip.nothing-kept':
    'Este navegador não guarda nada com a página fechada: deixe-a aberta até tudo ser enviado.',
  'SoilStrip.newer-ready': 'Um Furrow mais novo está pronto',
  'SoilStrip.not-let-in': 'Este aparelho não tem mais entrada.',
  'SoilStrip.let-it-in': 'Deixar entrar de novo',
  'WhichStands.which-stands': 'Qual vale?',
  'WhichStands.in-the-house': 'Na casa',
  'WhichStands.on-this-device': 'Neste aparelho',
  'WhichStands.what-the-house-has-stands': 'Vale o que a casa tem',
  'WhichStands.what-i-wrote-stands': 'Vale o que escrevi aqui',
  'WhichStands.both-stand': 'Os dois valem',
  'WhichStands.not-now': 'Não deu certo agora: o que você escreveu ainda está aqui.',
  'WaitingDialog.not-in-house': 'Ainda não está na casa',
  'WaitingDialog.house-said-no': 'A casa leu isto e disse não. Aqui também não conta mais.',
  'WaitingDialog.goes-by-itself':
    'Guardado neste aparelho, nesta ordem. Vai sozinho assim que a casa responder.',
  'WaitingDialog.rests-on-it': 'Depende disto e espera: {what}',
  'WaitingDialog.let-it-go': 'Deixar para lá',
  'WaitingDialog.take-back': 'Voltar atrás: {what}',
  'WaitingDialog.send-now': 'Enviar agora',
  'WaitingDialog.save-as-file': 'Guardar tudo em um arquivo',
  'WaitingDialog.another-device-brings-it':
    'Se este aparelho não chega à casa, outro recebe o arquivo, em Regras, Na casa.',
};
