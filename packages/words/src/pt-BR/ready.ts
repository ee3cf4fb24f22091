import type { ReadySays, BringSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const ready: Sentences<Omit<ReadySays, keyof BringSays>> = {
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
  'ready.benchTasks.mash-comb': 'Esmagar o favo',
  'ready.benchTasks.chop-comb': 'Picar o favo',
  'ready.benchTasks.slice-comb': 'Fatiar o favo',
  'ready.benchTasks.pour-together': 'Juntar tudo',
  'ready.benchTasks.strain': 'Coar',
  'ready.benchTasks.strain-twice': 'Coar duas vezes',
  'ready.benchTasks.strain-through-cloth': 'Coar em pano',
  'ready.benchTasks.run-out-over-tray': 'Escorrer sobre a bandeja',
  'ready.benchTasks.by-days-warmth': 'Pelo calor do dia.',
  'ready.benchTasks.freeze-to-core': 'Congelar até o miolo',
  'ready.benchTasks.at-until-core-cold-and': [
    'A {freezerTemperatureC} até o miolo ficar frio e assim continuar: acaba a traça em',
    'toda fase.',
  ],
  'ready.benchTasks.thaw-closed': 'Descongelar, fechado',
  'ready.benchTasks.in-its-wrap-so-that':
    'No plástico, para que a água se junte nele e não no favo.',
  'ready.benchTasks.cut-strips': 'Cortar as tiras',
  'ready.benchTasks.cut-about-pieces':
    'Cortar cerca de {pieces, plural, one {# pedaço} other {# pedaços}}',
  'ready.benchTasks.sharp-dry-knife-away-from': 'Uma faca afiada e seca; para longe da mão.',
  'ready.benchTasks.drip-on-rack': 'Pingar na grade',
  'ready.benchTasks.cut-edges-run-dry-under':
    'As bordas cortadas secam; cobertas contra abelhas e umidade.',
  'ready.benchTasks.pack-and-weigh-pieces': 'Embalar e pesar os pedaços',
  'ready.benchTasks.net-weight-each-to-scales': 'Peso líquido de cada um, ao passo da balança.',
  'ready.benchTasks.label-pieces': 'Rotular {pieces, plural, one {# pedaço} other {# pedaços}}',
  'ready.benchTasks.from-record-never-typed': 'Do registro, nunca digitado.',
  'ready.benchTasks.press': 'Prensar',
  'ready.benchTasks.through-cloth-slowly-warm-comb': 'Em pano, devagar; favo morno prensa melhor.',
  'ready.benchTasks.cut-combs-open': 'Cortar os favos abertos',
  'ready.benchTasks.crush-trimmings': 'Esmagar as aparas',
  'ready.benchTasks.while-honey-still-hive-warm': 'Enquanto o mel está morno da colmeia.',
  'ready.benchTasks.across-cells-not-mashed-what':
    'Através dos alvéolos, sem esmagar: o que pinga fica claro, a prensa acha o resto.',
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
  'ready.cautions.stings-and-allergy-not-alone': [
    'Ferroadas e alergia: nunca sozinho nas primeiras vezes, adrenalina e número de',
    'emergência à mão.',
  ],
  'ready.cautions.your-doctor-if-anyone-here':
    'O seu médico, se alguém aqui já inchou além da ferroada ou perdeu o ar.',
  'ready.cautions.they-are-noted-as-defensive': 'Estão anotadas como defensivas.',
  'ready.cautions.if-they-come-in-mass': [
    'Se vierem em massa: cubra o rosto e saia, pessoas e animais primeiro, para dentro de',
    'casa ou carro, nunca na água. Não volte para terminar.',
  ],
  'ready.cautions.smoker-on-bare-ground-water':
    'Fumigador em chão limpo, água ao lado, frio antes de você ir.',
  'ready.cautions.fire-rules-place-in-dry': 'As regras de fogo do lugar em tempo seco.',
  'ready.cautions.it-weighs-about-over-your': [
    'Pesa cerca de {liftKg}, acima dos seus {liftLimitKg} para um: carregue em dois ou em',
    'duas viagens.',
  ],
  'ready.cautions.full-tub-weighs-about': 'A bacia cheia pesa cerca de {liftKg}.',
  'ready.cautions.sunken-greasy-caps-bad-smell':
    'Opérculos fundos e gordurosos, mau cheiro ou cria morta: pare, feche, não colha nada.',
  'ready.cautions.bee-inspector-or-vet-foulbrood':
    'O inspetor ou um veterinário; a cria pútrida é de notificação obrigatória em muitos lugares.',
  'ready.cautions.spilled-honey-and-torn-pollen': [
    'Mel derramado e potes de pólen rasgados trazem forídeos que podem matar a colônia:',
    'limpe na hora, feche em minutos.',
  ],
  'ready.cautions.native-bees-are-protected-by':
    'Abelhas nativas são protegidas por lei em muitos lugares.',
  'ready.cautions.environment-authority-before-you': 'O órgão ambiental, antes de colher ou mudar.',
  'ready.cautions.thin-honey-ferments-vented-lids':
    'Mel ralo fermenta: tampas com respiro, nunca vidro vedado.',
  'ready.cautions.dearth-lid-on-between-combs': [
    'Entressafra: tampa entre um favo e outro, nada de pingos, alvado reduzido, e seja',
    'rápido.',
  ],
  'ready.cautions.lid-on-tub-between-combs':
    'Tampa na bacia entre um favo e outro: mel aberto chama pilhagem.',
  'ready.cautions.colony-gone-what-it-died': [
    'A colônia acabou: do que morreu vem antes de comer seu mel. Pode haver pilhadoras',
    'dentro.',
  ],
  'ready.cautions.bee-inspector-or-laboratory': 'O inspetor ou um laboratório.',
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
  'ready.cautions.above-about-60-humid-open': [
    'Acima de cerca de 60 % de umidade o mel aberto puxa água: cubra ou seque o cômodo, e',
    'meça de novo.',
  ],
  'ready.cautions.throw-chipped-jar-away-and': 'Jogue fora o pote lascado, e o que havia nele.',
  'ready.cautions.no-honey-for-children-under': 'Nada de mel para crianças de menos de doze meses.',
  'ready.cautions.for-sale-place-may-ask':
    'Para vender o lugar pode pedir registro, rótulos e balanças aprovadas.',
  'ready.cautions.food-authority-where-you-sell': 'A vigilância sanitária onde você vende.',
  'ready.cautions.suit-in-sun-overheats-person':
    'Um macacão ao sol esquenta demais: água, sombra, turnos curtos.',
  'ready.cautions.it-will-feel-like-your': [
    'Vai parecer {feelsC}; o seu limite de macacão é {heatLimitC}. Água, sombra, turnos',
    'de um quarto de hora; pare na primeira tontura.',
  ],
  'ready.hourScore.your-rule-in-morning-after':
    'Sua regra: de manhã, depois que as campeiras saíram.',
  'ready.hourScore.your-rule-cool-day-when':
    'Sua regra: um dia fresco, quando quase nenhuma abelha voa.',
  'ready.hourScore.weather-not-known-dry-warm':
    'Tempo desconhecido: procure uma hora seca, quente e calma.',
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
  'ready.hourScore.dearth-what-runs-starts-robbing': [
    'Entressafra: o que corre começa pilhagem. À tardinha, coberto, fundo fechado, ou',
    'tire a melgueira.',
  ],
  'ready.hourScore.dearth-open-honey-starts-robbing': [
    'Entressafra: mel aberto começa pilhagem de dia. Alvado reduzido, tampa na bacia,',
    'cedo ou tarde.',
  ],
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
  'ready.hourScore.sun-times-not-known-say': [
    'Horas do sol desconhecidas: diga onde fica o local. Até lá só a menos de {hours} horas',
    'do meio-dia.',
  ],
  'ready.hourScore.sunset-no-hive-opened-toward': [
    'Pôr do sol {setAt}: não se abre colmeia para o escuro. As abelhas andam em vez de',
    'voar, e ninguém vê a rainha.',
  ],
  'ready.hourScore.sunrise-dark-before-it': 'Nascer do sol {riseAt}: escuro antes.',
  'ready.hourScore.no-smoke-stingless-bees-are':
    'Sem fumaça: abelhas sem ferrão são deixadas em paz, a tampa fica fora por minutos.',
  'ready.hourScore.whatever-rule-on-fresh-air': ', seja qual for a regra do ar fresco',
  'ready.hourScore.smoke-before-at-entrance-and': [
    'Fumaça antes, no alvado, e espere os {waitMinutes} minutos inteiros: são',
    'defensivas{smoke}.',
  ],
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
  'ready.placeHarvest.no-free.tub': 'nenhuma bacia livre no material',
  'ready.placeHarvest.no-free.upper': 'nenhuma vasilha de cima livre no material',
  'ready.placeHarvest.no-free.lower': 'nenhuma vasilha de baixo livre no material',
  'ready.placeHarvest.no-free.settling': 'nenhuma vasilha de decantar livre no material',
  'ready.placeHarvest.short': 'Faltam {shortL}: {advice}.',
  'ready.placeHarvest.before-it-can-be-what':
    'Antes de poder ser: o que vem antes fica pronto {from}.',
  'ready.placeHarvest.outside-your-working-hours-to': [
    'Fora das suas horas de trabalho, {workFrom} a {workTo}, silêncio a partir de',
    '{quietFrom}.',
  ],
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
  'ready.hourScore.blows': '{speed}{from}',
  'ready.hourScore.warmth': '{temperature}{from}',
  'ready.placeHarvest.step-of': '{harvest}, {step}',
  'ready.placeHarvest.cold-at-bench':
    '{temperature} na bancada então: o mel quase não corre abaixo de {warmth}.',
  'ready.placeHarvest.clash': '{what}: {with}.',
  'ready.calendar.step': '{harvest}: {step}',
  'ready.calendar.step-over': '{step} acabou',
  'ready.planOf.cannot-be-worked-out': 'Este dia não pode ser calculado.',
  'ready.in-use.drains': '{hive} escorre',
};
