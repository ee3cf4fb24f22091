import type { ReadySays } from '@furrow/core';
import type { Sentences } from '../catalogue.js';

export const ready: Sentences<ReadySays> = {
  'ready.benchTasks.in-open-it-calls-robbers':
    'Ao ar livre chama pilhagem, e muitos lugares proíbem.',
  'ready.benchTasks.robbing-and-disease-start-at':
    'Pilhagem e doença começam nos utensílios molhados.',
  'ready.benchTasks.wet-frames-back-into-their':
    'Quadros molhados logo de volta na própria colmeia.',
  'ready.benchTasks.wet-frames-stay-closed-in':
    'Quadros molhados ficam fechados, e voltam ao anoitecer.',
  'ready.benchTasks.wet-frames-are-washed-and':
    'Quadros molhados são lavados e secos antes de voltar.',
  'ready.benchTasks.by-your-own-pace-min': 'Pelo seu ritmo, {crushMinutesPerKg} min por kg.',
  'ready.benchTasks.mash-comb': 'Amassar o favo',
  'ready.benchTasks.chop-comb': 'Picar o favo',
  'ready.benchTasks.slice-comb': 'Fatiar o favo',
  'ready.benchTasks.pour-together': 'Juntar tudo',
  'ready.benchTasks.strain': 'Coar',
  'ready.benchTasks.strain-twice': 'Coar duas vezes',
  'ready.benchTasks.strain-through-cloth': 'Coar em pano',
  'ready.benchTasks.run-out-over-tray': 'Escorrer sobre a bandeja',
  'ready.benchTasks.by-days-warmth': 'Pelo calor do dia.',
  'ready.benchTasks.freeze-to-core': 'Congelar até o miolo',
  'ready.benchTasks.at-until-core-cold-and':
    'A {freezerTemperatureC} até o miolo ficar frio e assim continuar: acaba a traça em toda fase.',
  'ready.benchTasks.thaw-closed': 'Descongelar, fechado',
  'ready.benchTasks.in-its-wrap-so-that':
    'No plástico, para que a água se junte nele e não no favo.',
  'ready.benchTasks.cut-strips': 'Cortar as tiras',
  'ready.benchTasks.cut-about-pieces': 'Cortar cerca de {pieces} pedaços',
  'ready.benchTasks.sharp-dry-knife-away-from': 'Uma faca afiada e seca; para longe da mão.',
  'ready.benchTasks.drip-on-rack': 'Pingar na grade',
  'ready.benchTasks.cut-edges-run-dry-under':
    'As bordas cortadas secam; cobertas contra abelhas e umidade.',
  'ready.benchTasks.pack-and-weigh-pieces': 'Embalar e pesar os pedaços',
  'ready.benchTasks.net-weight-each-to-scales': 'Peso líquido de cada um, ao passo da balança.',
  'ready.benchTasks.label-pieces': 'Rotular {pieces} pedaços',
  'ready.benchTasks.from-record-never-typed': 'Do registro, nunca digitado.',
  'ready.benchTasks.press': 'Prensar',
  'ready.benchTasks.through-cloth-slowly-warm-comb': 'Em pano, devagar; favo morno prensa melhor.',
  'ready.benchTasks.cut-combs-open': 'Cortar os favos abertos',
  'ready.benchTasks.crush-trimmings': 'Esmagar as aparas',
  'ready.benchTasks.while-honey-still-hive-warm': 'Enquanto o mel está morno da colmeia.',
  'ready.benchTasks.across-cells-not-mashed-what':
    'Através das células, sem amassar: o que pinga fica claro, a prensa acha o resto.',
  'ready.benchTasks.drain-to-nine-tenths': 'Escorrer até nove décimos',
  'ready.benchTasks.by-kitchens-by-day-and':
    'Pela cozinha a {dayC} de dia e {nightC} de noite, na borda lenta.',
  'ready.benchTasks.stir': 'Mexer',
  'ready.benchTasks.stir-again': 'Mexer de novo',
  'ready.benchTasks.opens-what-still-closed': 'Abre o que ainda está fechado.',
  'ready.benchTasks.weigh-close-drain': 'Pesar, fechar o escorrimento',
  'ready.benchTasks.by-flow-rate-you-decide': 'Pelo quanto corre: você decide.',
  'ready.benchTasks.press-rest': 'Prensar o resto',
  'ready.benchTasks.what-drained-put-aside-first':
    'O que escorreu é posto de lado antes: mel prensado é mais turvo.',
  'ready.benchTasks.covered-against-bees-and-damp': 'Coberto contra abelhas e umidade.',
  'ready.benchTasks.settle-then-skim': 'Decantar, depois tirar a espuma',
  'ready.benchTasks.until-scum-up-through-at': 'Até a espuma subir {max}, na borda lenta.',
  'ready.benchTasks.fill-jars': 'Encher {jars, plural, one {# pote} other {# potes}}',
  'ready.benchTasks.vented-lids-into-cold': 'Tampas com respiro, para o frio.',
  'ready.benchTasks.measure-water-before-lids-go': 'Meça a água antes de tampar.',
  'ready.benchTasks.label-jars': 'Rotular {jars, plural, one {# pote} other {# potes}}',
  'ready.benchTasks.wash-gear': 'Lavar os utensílios',
  'ready.benchTasks.gear-back-to-bees': 'Utensílios de volta às abelhas',
  'ready.benchTasks.wax-and-residue': 'Cera e restos',
  'ready.benchTasks.rinse-melt-in-water-bath':
    'Lave, derreta em banho-maria, ou congele até a próxima vez: a traça acha a cera úmida.',
  'ready.bring.no-wedge-it-leans-enough': 'Sem cunha: inclina o bastante',
  'ready.bring.wedge': 'Cunha {wedgeMm}',
  'ready.bring.bucket-water-and-wet-cloth': 'Balde de água e pano molhado',
  'ready.bring.every-drop-honey-wiped-up': 'cada gota de mel limpa',
  'ready.bring.spilled-honey-starts-robbing-do':
    'Mel derramado começa pilhagem: não abra sem isso.',
  'ready.bring.veils-suits-and-gloves-for': 'Véus, macacões e luvas para {min}',
  'ready.bring.everyone-at-hive': 'todos na colmeia',
  'ready.bring.nobody-opens-without-veil-come': 'Ninguém abre sem véu: venha outro dia.',
  'ready.bring.adrenaline-if-prescribed-telephone': 'Adrenalina se receitada, telefone com sinal',
  'ready.bring.sting-that-goes-wrong': 'uma ferroada que vai mal',
  'ready.bring.somebody-within-call-and-know': 'Alguém ao alcance da voz, e saiba onde há sinal.',
  'ready.bring.smoker-dry-fuel-for-two':
    'Fumigador, combustível seco para duas cargas, isqueiro, água ao lado',
  'ready.bring.water-spray-and-slow-hand':
    'Borrifo de água e mão lenta com abelhas calmas; senão outro dia.',
  'ready.bring.bees-off-comb': 'tirar as abelhas do favo',
  'ready.bring.soft-leafy-twig': 'Um ramo macio com folhas.',
  'ready.bring.entrance-reducer-or-robbing-screen':
    'Redutor de alvado ou tela contra pilhagem que deixe passar ar',
  'ready.bring.in-dearth': '{hiveName}, na entressafra',
  'ready.bring.grass-in-entrance-bees-width': 'Capim no alvado, a largura de uma abelha livre.',
  'ready.bring.measured': ', {now}° medidos',
  'ready.bring.wedges-tilt-not-measured-up': 'Cunhas: inclinação não medida, até {wedgeMm}',
  'ready.bring.asked-between-supports':
    '{hiveName}: pedem-se {neededDegrees}°{measured}, {supportsMm} entre os apoios',
  'ready.bring.folded-roofing-or-slate-measured': 'Papelão ou ardósia dobrada, medida com régua.',
  'ready.bring.tub-with-lid': 'Bacia com tampa',
  'ready.bring.vessels-for-what-runs': 'Vasilhas para o que corre',
  'ready.bring.bucket-with-holes': 'Balde com furos',
  'ready.bring.bucket-under-it': 'Balde embaixo',
  'ready.bring.settling-vessel-with-gate': 'Decantador com torneira',
  'ready.bring.no-settling-vessel-in-kit':
    'Sem decantador no material: decanta no balde em que escorreu',
  'ready.bring.skimmed-there-ladled-or-poured':
    'Ali se tira a espuma, com concha ou vertendo por baixo dela. Tampa posta.',
  'ready.bring.clean-boiled-cotton-cloth-in': 'Um pano de algodão limpo e fervido num escorredor.',
  'ready.bring.long-knife-for-slicing': 'Faca comprida para fatiar',
  'ready.bring.masher-or-clean-hands': 'Amassador, ou mãos limpas',
  'ready.bring.clean-potato-masher': 'Um amassador de batata limpo.',
  'ready.bring.press-and-press-cloth': 'Prensa e pano de prensa',
  'ready.bring.leave-it-to-drip-longer': 'Deixe pingar mais tempo; derreta o resto.',
  'ready.bring.sharp-thin-knife-rack-over': 'Faca fina e afiada, grade sobre bandeja',
  'ready.bring.wire-and-clean-rack-from': 'Um arame e uma grade limpa do forno.',
  'ready.bring.closed-wrap-for-freezer': 'Plástico fechado para o congelador',
  'ready.bring.bags-that-close-water-must':
    'Sacos que fecham: a água se junta no plástico, não no favo.',
  'ready.bring.with-lids': ', com tampas',
  'ready.bring.text': '{count} {kind}{purpose}',
  'ready.bring.and-spare': '{of}, e {spare} de reserva',
  'ready.bring.short-buy-them-or-let':
    'faltam {short}: compre, ou deixe o mel esperar no balde fechado.',
  'ready.bring.honey-waits-in-closed-bucket': 'O mel espera num balde fechado.',
  'ready.bring.label-paper-for':
    'Papel de rótulo para {labels}, {sheets, plural, one {# folha} other {# folhas}} de {aSheet}',
  'ready.bring.jars-and-boxes-this-plan': 'potes e caixinhas deste plano',
  'ready.bring.write-lot-and-date-on': 'Escreva lote e data em fita; imprima depois.',
  'ready.bring.scale-tared': 'Balança, com tara',
  'ready.bring.combs-honey-jars': 'favos, mel, potes',
  'ready.bring.net-weight-for-sale-needs':
    'O peso líquido para venda precisa de uma: espere com os rótulos.',
  'ready.bring.refractometer-and-its-cloth': 'Refratômetro e seu paninho',
  'ready.bring.water-before-lids-go-on': 'a água antes de tampar',
  'ready.bring.fill-only-fully-capped-comb':
    'Envase só favo todo operculado, e anote que não foi medido.',
  'ready.bring.cloths-to-cover-every-vessel': 'Panos para cobrir toda vasilha',
  'ready.bring.bees-ants-and-damp': 'abelhas, formigas e umidade',
  'ready.bring.lids-laid-on-loosely': 'Tampas postas soltas.',
  'ready.bring.in-use-for-another-lot':
    'Antes em uso para outro lote: o horário espera até ficar livre.',
  'ready.bring.more-than-it-holds-draw':
    '{shortL} a mais do que cabe: esvazie no meio, para o decantador.',
  'ready.bring.short-draw-off-in-between':
    'Faltam {shortL}: esvazie no meio, peça emprestado, ou escolha menos. Só de alimento, nada de metal nu.',
  'ready.bring.food-grade-only-no-galvanised':
    'Só de alimento: nada de galvanizado, cobre, ferro nu ou vasilha usada de produto químico.',
  'ready.bring.hive-in-strongest-flow-served':
    ': a colmeia na florada mais forte é servida primeiro',
  'ready.bring.here-short-gap-left-open':
    '{gets} de {need} aqui, faltam {short}{needs}. Um vão aberto se enche de favo solto: feche, ou colha um favo a menos.',
  'ready.bring.gap-left-open-filled-with':
    'Um vão aberto se enche de favo solto: colha um favo a menos.',
  'ready.bringWords.spare-bar': 'barra de reserva',
  'ready.bringWords.spare-bars': 'barras de reserva',
  'ready.bringWords.frame-to-set-back': 'quadro para pôr de volta',
  'ready.bringWords.frames-to-set-back': 'quadros para pôr de volta',
  'ready.bringWords.frame-with-sheet': 'quadro com lâmina',
  'ready.bringWords.frames-with-sheets': 'quadros com lâminas',
  'ready.bringWords.empty-box': 'caixa vazia',
  'ready.bringWords.empty-boxes': 'caixas vazias',
  'ready.bringWords.long-knife': 'Faca comprida',
  'ready.bringWords.freeing-combs-from-both-walls': 'soltar os favos das duas paredes',
  'ready.bringWords.bread-knife-with-its-edge': 'Uma faca de pão com o fio tirado; nunca rasgue.',
  'ready.bringWords.long-knife-and-bar-lifter': 'Faca comprida e levanta-barras',
  'ready.bringWords.freeing-bars-without-snapping-them': 'soltar as barras sem quebrá-las',
  'ready.bringWords.take-box-whole-instead': 'Colha a caixa inteira em vez disso.',
  'ready.bringWords.cutting-wire-with-two-grips': 'Arame de corte com dois cabos',
  'ready.bringWords.parting-combs-at-joint': 'separar os favos na junta',
  'ready.bringWords.do-not-prise-come-another': 'Não force: venha outro dia.',
  'ready.bringWords.firm-table-beside-hive': 'Mesa firme ao lado da colmeia',
  'ready.bringWords.box-that-lifted-off': 'a caixa que se ergue',
  'ready.bringWords.two-boards-over-trestles': 'Duas tábuas sobre cavaletes.',
  'ready.bringWords.hive-tool-and-scraper': 'Formão e raspador',
  'ready.bringWords.frames-stuck-with-propolis': 'quadros grudados com própolis',
  'ready.bringWords.strong-scraper': 'Um raspador forte.',
  'ready.bringWords.hive-tool': 'Formão de apicultor',
  'ready.bringWords.opening-lever-hoses-outlet-plugs': 'Alavanca de abrir, mangueiras, tampões',
  'ready.bringWords.opening-by-parts': 'abrir por partes',
  'ready.bringWords.do-not-open-without-plug': 'Não abra: sem o tampão o quadro não se fecha.',
  'ready.bringWords.spill-tray-jar-covers-drip': 'Bandeja, tampas de vasilha, pano para pingos',
  'ready.bringWords.what-runs-beside': 'o que corre ao lado',
  'ready.bringWords.take-super-off-and-drain':
    'Tire a melgueira e escorra sobre uma bandeja dentro de casa.',
  'ready.bringWords.level-or-angle-on-phone': 'Nível, ou o ângulo no telefone',
  'ready.bringWords.tilt': 'a inclinação',
  'ready.bringWords.bowl-water-shows-lean': 'Uma tigela de água mostra o caimento.',
  'ready.bringWords.suction-bottle-with-thin-tube': 'Frasco de sucção com tubo fino',
  'ready.bringWords.emptying-sealed-pots': 'esvaziar potes fechados',
  'ready.bringWords.do-not-pierce-and-tip': 'Não fure e vire se não precisar: venha outro dia.',
  'ready.bringWords.cold-box': 'Caixa térmica',
  'ready.bringWords.thin-honey-that-ferments': 'mel ralo que fermenta',
  'ready.bringWords.ice-in-closed-bucket': 'Gelo num balde fechado.',
  'ready.bringWords.brush-or-feather': 'Escova ou pena',
  'ready.bringWords.wet-hands-patience-bees-are':
    'Mãos molhadas, paciência: as abelhas são tocadas',
  'ready.bringWords.room-to-shake-framed-combs': 'Espaço para sacudir quadros sobre a colmeia',
  'ready.bringWords.repellent-board-and-its-sheet': 'Tábua repelente e sua bula, onde permitido',
  'ready.bringWords.cloth-to-cover-box-left': 'Pano para cobrir a caixa deixada fora',
  'ready.bringWords.strainer': 'Coador',
  'ready.bringWords.coarse-and-fine-strainer': 'Coador grosso e fino',
  'ready.bringWords.straining-cloth-boiled-and-dry': 'Pano de coar, fervido e seco',
  'ready.cautions.stings-and-allergy-not-alone':
    'Ferroadas e alergia: nunca sozinho nas primeiras vezes, adrenalina e número de emergência à mão.',
  'ready.cautions.your-doctor-if-anyone-here':
    'O seu médico, se alguém aqui já inchou além da ferroada ou perdeu o ar.',
  'ready.cautions.they-are-noted-as-defensive': 'Estão anotadas como defensivas.',
  'ready.cautions.if-they-come-in-mass':
    'Se vierem em massa: saia, cubra o rosto, para dentro de casa ou carro, nunca na água. Pessoas e animais para longe primeiro. Não volte para terminar.',
  'ready.cautions.smoker-on-bare-ground-water':
    'Fumigador em chão limpo, água ao lado, frio antes de você ir.',
  'ready.cautions.fire-rules-place-in-dry': 'As regras de fogo do lugar em tempo seco.',
  'ready.cautions.it-weighs-about-over-your':
    'Pesa cerca de {liftKg}, acima dos seus {liftLimitKg} para um: carregue em dois ou em duas viagens.',
  'ready.cautions.full-tub-weighs-about': 'A bacia cheia pesa cerca de {liftKg}.',
  'ready.cautions.sunken-greasy-caps-bad-smell':
    'Opérculos fundos e gordurosos, mau cheiro ou cria morta: pare, feche, não colha nada.',
  'ready.cautions.bee-inspector-or-vet-foulbrood':
    'O fiscal de abelhas ou um veterinário; a loque é de notificação em muitos lugares.',
  'ready.cautions.spilled-honey-and-torn-pollen':
    'Mel derramado e potes de pólen rasgados trazem forídeos que podem matar a colônia: limpe na hora, feche em minutos.',
  'ready.cautions.native-bees-are-protected-by':
    'Abelhas nativas são protegidas por lei em muitos lugares.',
  'ready.cautions.environment-authority-before-you': 'O órgão ambiental, antes de colher ou mudar.',
  'ready.cautions.thin-honey-ferments-vented-lids':
    'Mel ralo fermenta: tampas com respiro, nunca vidro vedado.',
  'ready.cautions.dearth-lid-on-between-combs':
    'Entressafra: tampa entre um favo e outro, nada de pingos, alvado reduzido, e seja rápido.',
  'ready.cautions.lid-on-tub-between-combs':
    'Tampa na bacia entre um favo e outro: mel aberto chama pilhagem.',
  'ready.cautions.colony-gone-what-it-died':
    'A colônia acabou: do que morreu vem antes de comer seu mel. Pode haver pilhadoras dentro.',
  'ready.cautions.bee-inspector-or-laboratory': 'O fiscal de abelhas ou um laboratório.',
  'ready.cautions.no-comb-for-eating-from':
    'Nenhum favo de comer de colmeia em tratamento ou na carência.',
  'ready.cautions.leaflet-what-was-given': 'A bula do que foi dado.',
  'ready.cautions.repellent-outdoors-gloves-not':
    'Repelente: ao ar livre, luvas, sem respirar; não permitido em todo lugar.',
  'ready.cautions.what-allowed-where-you-sell': 'O que é permitido onde você vende.',
  'ready.cautions.sticky-handles-slip-cut-away':
    'Cabos melados escorregam: corte para longe da mão, lave a faca muitas vezes.',
  'ready.cautions.sticky-handles-slip-tool-away':
    'Cabos melados escorregam: ferramenta para longe da mão.',
  'ready.cautions.wax-melts-in-water-bath':
    'Cera derrete em banho-maria, nunca na chama, nunca sem ninguém olhando.',
  'ready.cautions.above-about-60-humid-open':
    'Acima de cerca de 60 % de umidade o mel aberto puxa água: cubra ou seque o cômodo, e meça de novo.',
  'ready.cautions.throw-chipped-jar-away-and': 'Jogue fora o pote lascado, e o que havia nele.',
  'ready.cautions.no-honey-for-children-under': 'Nada de mel para crianças de menos de doze meses.',
  'ready.cautions.for-sale-place-may-ask':
    'Para vender o lugar pode pedir registro, rótulos e balanças aprovadas.',
  'ready.cautions.food-authority-where-you-sell': 'A vigilância sanitária onde você vende.',
  'ready.cautions.suit-in-sun-overheats-person':
    'Um macacão ao sol esquenta demais: água, sombra, turnos curtos.',
  'ready.cautions.it-will-feel-like-your':
    'Vai parecer {feelsC}; o seu limite de macacão é {heatLimitC}. Água, sombra, turnos de um quarto de hora; pare na primeira tontura.',
  'ready.gear.tub-with-lid-for-combs': 'Bacia com tampa, para os favos',
  'ready.gear.upper-bucket-with-holes-for': 'Balde de cima com furos, para o favo esmagado',
  'ready.gear.lower-bucket-for-honey': 'Balde de baixo, para o mel',
  'ready.gear.settling-vessel-with-gate': 'Decantador com torneira',
  'ready.hourScore.your-rule-in-morning-after':
    'Sua regra: de manhã, depois que as campeiras saíram.',
  'ready.hourScore.your-rule-cool-day-when':
    'Sua regra: um dia fresco, quando quase nenhuma abelha voa.',
  'ready.hourScore.weather-not-known-dry-warm':
    'Tempo não sabido: procure uma hora seca, quente e calma.',
  'ready.hourScore.noted-as-defensive-calmest-hour':
    'Anotadas como defensivas: a hora mais calma, duas pessoas, os outros longe.',
  'ready.hourScore.colony-gone-no-foragers-to':
    'A colônia acabou: não há campeiras a esperar, só pilhadoras a manter fora.',
  'ready.hourScore.foragers-are-still-at-home': 'As campeiras ainda estão em casa.',
  'ready.hourScore.foragers-are-out-fewer-bees': 'As campeiras estão fora: menos abelhas em casa.',
  'ready.hourScore.foragers-come-home-crowded-and': 'As campeiras voltam: cheio, e pouca luz.',
  'ready.hourScore.afternoon-foragers-out-but-days':
    'Tarde: campeiras fora, mas o calor do dia está no favo.',
  'ready.hourScore.in-dearth-edge-day-when':
    'Na entressafra, a beira do dia, quando as pilhadoras menos voam.',
  'ready.hourScore.dearth-what-runs-starts-robbing':
    'Entressafra: o que corre começa pilhagem. À tardinha, coberto, fundo fechado, ou tire a melgueira.',
  'ready.hourScore.dearth-open-honey-starts-robbing':
    'Entressafra: mel aberto começa pilhagem de dia. Alvado reduzido, tampa na bacia, cedo ou tarde.',
  'ready.hourScore.forage-this-month-not-noted':
    'A florada deste mês não está anotada: na entressafra escolha a tardinha.',
  'ready.hourScore.flow-bees-are-busy-and': 'Florada: as abelhas estão ocupadas e pilham pouco.',
  'ready.hourScore.practice-weather': ' (tempo de treino)',
  'ready.hourScore.in-hour': '{rainMm} na hora{from}',
  'ready.hourScore.rain-hive-stays-closed': 'Chuva, {fell}: a colmeia fica fechada.',
  'ready.hourScore.wind-your-rule-says-at': 'Vento {blows}, sua regra diz no máximo {limit}.',
  'ready.hourScore.wind-combs-sway-bees-are':
    'Vento {blows}: os favos balançam, as abelhas se irritam.',
  'ready.hourScore.calm-wind': 'Calmo, vento {blows}.',
  'ready.hourScore.humid': '{temperatureC}, {humidityPercent} de umidade{from}',
  'ready.hourScore.feels-like-your-limit-in':
    'Parece {feels} ({is}): o seu limite de macacão é {heatIndexLimitC}.',
  'ready.hourScore.comb-softens-from-about-and':
    '{is}: o favo amolece a partir de cerca de {softens} e cai da barra.',
  'ready.hourScore.warm-comb-bends-work-in': '{is}: favo quente dobra; trabalhe na sombra.',
  'ready.hourScore.too-cold-to-open-brood':
    '{is}: frio demais para abrir, a cria gela abaixo de cerca de {chills}.',
  'ready.hourScore.cold-honey-hardly-runs-drain':
    '{is}: mel frio quase não corre; quadros de escorrer querem calor.',
  'ready.hourScore.short-work-only': '{is}: só trabalho curto.',
  'ready.hourScore.fit-to-open': '{is}: bom para abrir.',
  'ready.hourScore.overcast': 'Encoberto, {cloudPercent}{from}',
  'ready.hourScore.more-foragers-at-home': '{is}: mais campeiras em casa.',
  'ready.hourScore.humid-2': '{humidityPercent} de umidade{from}',
  'ready.hourScore.open-honey-draws-water': '{is}: mel aberto puxa água.',
  'ready.hourScore.sun-times-not-known-say':
    'Horas do sol não sabidas: diga onde fica o local. Até lá só a menos de {hours} horas do meio-dia.',
  'ready.hourScore.sunset-no-hive-opened-toward':
    'Pôr do sol {setAt}: não se abre colmeia para o escuro. As abelhas andam em vez de voar, e ninguém vê a rainha.',
  'ready.hourScore.sunrise-dark-before-it': 'Nascer do sol {riseAt}: escuro antes.',
  'ready.hourScore.no-smoke-stingless-bees-are':
    'Sem fumaça: abelhas sem ferrão são deixadas em paz, a tampa fica fora por minutos.',
  'ready.hourScore.whatever-rule-on-fresh-air': ', seja qual for a regra do ar fresco',
  'ready.hourScore.smoke-before-at-entrance-and':
    'Fumaça antes, no alvado, e espere os {waitMinutes} minutos inteiros: são defensivas{smoke}.',
  'ready.hourScore.fresh-air-no-smoke-by':
    'Ar fresco, sem fumaça, pela sua regra; o fumigador fica frio mas à mão.',
  'ready.hourScore.calm-bees-try-without-smoke':
    'Abelhas calmas: tente sem fumaça, fumigador aceso ao lado.',
  'ready.hourScore.temper-not-noted-smoker-lit':
    'Temperamento não anotado: fumigador aceso, comece com pouco.',
  'ready.hourScore.three-slow-puffs-at-entrance':
    'Três baforadas lentas no alvado, depois espere {waitMinutes} minutos.',
  'ready.placeHarvest.first-smoke-was-planned-h':
    'A primeira fumaça estava planejada {hours} h antes: planejado de novo a partir de agora.',
  'ready.placeHarvest.draw-off-in-between-or': 'esvazie no meio ou traga outra',
  'ready.placeHarvest.no-free-vessel-in-kit': 'nenhuma vasilha livre no material ({role})',
  'ready.placeHarvest.short': 'Faltam {shortL}: {advice}.',
  'ready.placeHarvest.before-it-can-be-what':
    'Antes de poder ser: o que vem antes fica pronto {from}.',
  'ready.placeHarvest.outside-your-working-hours-to':
    'Fora das suas horas de trabalho, {workFrom} a {workTo}, silêncio a partir de {quietFrom}.',
  'ready.placeHarvest.not-enough-hands': 'Faltam mãos',
  'ready.placeHarvest.scale-in-use': 'A balança está em uso',
  'ready.placeHarvest.freezer-full': 'O congelador está cheio',
  'ready.planTask.home-with-other-lot-in': 'Para casa com o outro lote, numa bacia própria',
  'ready.planTask.taken-in-same-visit-another':
    'Colhido na mesma visita: outra bacia, tampada, marcada.',
  'ready.plannedStart.this-no-date-and-time': 'Esse lugar não tem essa data e hora.',
  'ready.tasks.tell-neighbours': 'Avisar os vizinhos',
  'ready.tasks.windows-shut-and-washing-in':
    'Janelas fechadas e roupa recolhida, de uma hora antes a duas depois.',
  'ready.tasks.children-indoors': 'Crianças dentro de casa',
  'ready.tasks.until-hive-closed-and-quiet': 'Até a colmeia estar fechada e quieta.',
  'ready.tasks.dog-and-animals-away': 'Cão e animais longe',
  'ready.tasks.shut-in-or-led-off':
    'Presos dentro ou levados antes de acender o fumigador; animal amarrado não foge.',
  'ready.tasks.secure-yourself-on-roof': 'Amarre-se no telhado',
  'ready.tasks.never-alone-on-roof-nothing':
    'Nunca sozinho num telhado, nada na mão ao subir; os favos descem por corda.',
  'ready.tasks.set-and-hold-ladder': 'Pôr e segurar a escada',
  'ready.tasks.one-person-holds-it-combs':
    'Uma pessoa segura; os favos descem numa bacia fechada por corda, não na mão.',
  'ready.tasks.another-lot': 'outro lote',
  'ready.tasks.other-lots': 'outros {laterLots} lotes',
  'ready.tasks.then': '{first}, depois {laterCombs} de {others}',
  'ready.tasks.wash-and-dry-gear': 'Lavar e secar os utensílios',
  'ready.tasks.hot-water-no-scent-dry': 'Água quente, sem cheiro; secos, ou o mel puxa água.',
  'ready.tasks.to-be-done-at-site': 'A fazer no local antes desta visita.',
  'ready.tasks.reduce-entrance': 'Reduzir o alvado',
  'ready.tasks.dearth-robbers-never-close-it':
    'Entressafra: pilhadoras. Nunca feche; abra de novo amanhã à noite.',
  'ready.tasks.smoke-and-wait': 'Fumaça e espera',
  'ready.tasks.tilt-measured-tray-up-floor':
    'Inclinação medida, bandeja posta, fundo fechado, vasilhas cobertas.',
  'ready.tasks.open-frames-part-by-part':
    'Abrir {combs, plural, one {# quadro} other {# quadros}}, parte por parte',
  'ready.tasks.vessels-for-high-estimate-stand':
    'As vasilhas para a estimativa alta ficam prontas antes; uma vez aberto não se para.',
  'ready.tasks.run-out': 'Escorrer',
  'ready.tasks.7-minutes-to-overnight-frame':
    'De 7 minutos a uma noite por quadro nas mãos de outros; olhe as vasilhas a cada hora.',
  'ready.tasks.reset-plug-look-at-tray': 'Fechar, tampar, olhar a bandeja',
  'ready.tasks.plug-that-only-then-fits':
    'O tampão que só então entra é a prova. Limpe o canal: o que fica nele fermenta.',
  'ready.tasks.lay-all-ready-beside-box': 'Deixar tudo pronto ao lado da caixa',
  'ready.tasks.suction': 'Sucção',
  'ready.tasks.lidded-bowl': 'Tigela com tampa',
  'ready.tasks.cold-box-wet-cloth-knife': '{way}, caixa térmica, pano molhado, faca. Sem fumaça.',
  'ready.tasks.draw-off-sealed-pots': 'Tirar os potes fechados',
  'ready.tasks.cut-sealed-pots-out': 'Cortar os potes fechados',
  'ready.tasks.sealed-pots-only-torn-ones':
    'Só potes fechados; os rasgados fora, derrames limpos, fechado em minutos.',
  'ready.tasks.into-cold': 'Para o frio',
  'ready.tasks.honey-thin-cold-at-once': 'O mel é ralo: frio na hora, tampa com respiro.',
  'ready.tasks.lit-smoked-waited-opened': 'Aceso, fumegado, esperado, aberto.',
  'ready.tasks.take-super-off': 'Tirar a melgueira',
  'ready.tasks.take-close-hive': 'Colher {h}, fechar a colmeia',
  'ready.tasks.another-tub-for-each-lot': ' Outra bacia para cada lote.',
  'ready.tasks.min-comb-by-your-rules':
    '{minutesPerComb} min por favo pelas suas regras, 15 min para fechar.{laterLots}',
  'ready.tasks.carry-it-home-covered': 'Levar para casa, coberto',
  'ready.tasks.shut-tub-out-sun': 'Bacia fechada, fora do sol.',
  'ready.tasks.into-one-vessel-with': 'Numa vasilha só com {joins}',
  'ready.tasks.weighed-apart-before-they-meet':
    'Pesado à parte antes de juntar: depois nenhum pote diz de qual colmeia veio.',
  'ready.tasks.look-back-at-hive': 'Voltar para ver a colmeia',
  'ready.tasks.after-day-robbing-drips-fallen':
    'Depois de um dia: pilhagem, pingos, favo caído, divisória movida.',
  'ready.tasks.look-back-again': 'Voltar para ver de novo',
  'ready.tasks.after-some-days-new-comb':
    'Depois de alguns dias: favo novo começado, alvado quieto.',
  'ready.bring.tool-for': '{hiveName}: {tool}',
  'ready.bring.vessel': '{what}, {litres}{names}',
  'ready.bring.vessel-named': '{name} ({volume})',
  'ready.bring.vessels-named': ': {names}',
  'ready.bring.for-combs': '{hiveName} {combs}',
  'ready.bring.spare-line': '{need} {spare}',
  'ready.bring.at-site': '{hiveName}, {siteName}',
  'ready.bringLines.both': '{one}; {other}',
  'ready.hourScore.blows': '{speed}{from}',
  'ready.hourScore.warmth': '{temperature}{from}',
  'ready.placeHarvest.step-of': '{harvest}, {step}',
  'ready.placeHarvest.cold-at-bench':
    '{temperature} na bancada então: o mel quase não corre abaixo de {warmth}.',
  'ready.placeHarvest.clash': '{what}: {with}.',
  'ready.calendar.step': '{harvest}: {step}',
  'ready.calendar.step-over': '{step} acabou',
  'ready.planOf.cannot-be-worked-out': 'Este dia não pode ser calculado.',
};
