import type { BookSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const book: Sentences<BookSays> = {
  'book.feed.unknown': 'Nada se sabe de onde vem este mel: não se dá às abelhas.',
  'book.feed.outside': 'Parte veio de fora do livro: mel desconhecido não se dá às abelhas.',
  'book.feed.other-hives': [
    'Tem mel de outras colmeias também: não se dá a nenhuma. Só a colônia de onde veio tudo',
    'pode recebê-lo de volta.',
  ],
  'book.feed.held': 'Retido: {why} Não se dá a nenhuma.',
  'book.feed.disease': 'Achou-se doença em {hive}: nada se devolve. Pergunte ao inspetor.',
  'book.feed.dead': [
    'A colônia de {hive} se foi: o mel dela não se dá a outra até um inspetor ou',
    'laboratório falar.',
  ],
  'book.feed.no-look': 'Ninguém anotou uma olhada na cria de {hive}. Olhe antes.',
  'book.feed.sick': 'A cria de {hive} parecia doente: nada se devolve. Pergunte ao inspetor.',
  'book.feed.unsure': 'Ninguém teve certeza da cria de {hive}: olhe de novo antes.',
  'book.feed.stale': [
    'A última olhada na cria de {hive} foi em {on}, há mais de {days, plural, one {# dia}',
    'other {# dias}}: olhe de novo antes.',
  ],
  'book.feed.may': [
    'Tudo é de {hive}; a cria parecia sadia em {on}. Dentro da colmeia, à noitinha, e',
    'pergunte o que dizem as regras do lugar.',
  ],
  'book.must.add-honey': 'Ponha {honey} de mel: {rest}',
  'book.must.add-water': 'Ponha {water} de água: {rest}',
  'book.must.there': 'Já está lá: {rest}',
  'book.must.comes':
    '{litres} a {gravity}; fermentado até {final} cerca de {alcohol} de álcool em volume.',
  'book.season.corrected':
    'Corrigido pelos seus últimos {combs, plural, one {# favo} other {# favos}}, {off}.',
  'book.season.not-yet': [
    'Seus últimos {combs, plural, one {# favo pesou} other {# favos pesaram}} {off} contra',
    'a estimativa; conta a partir do quinto.',
  ],
  'book.season.press': [
    'Uma prensa em {harvests, plural, one {# colheita} other {# colheitas}} sem ela: cerca',
    'de {honey} a mais de mel de {wax} de cera úmida.',
  ],
  'book.season.bucket': [
    'Um balde de baixo que leva todo o escorrimento: {drawOffs, plural, one {# retirada}',
    'other {# retiradas}} a menos, {minutes} min das suas mãos, e nenhum relógio para a',
    'marca de cheio.',
  ],
  'book.wax.own': [
    '{runs, plural, one {Sua vez} other {Suas # vezes}} deste jeito {runs, plural, one',
    '{deu} other {deram}} {share} da cera úmida.',
  ],
  'book.wax.no-run': 'Nenhuma vez sua deste jeito ainda.',
  'book.wax.published':
    'Favo novo é 4 a 6 % cera, disso 50 a 80 % sai limpo; conta a partir da quinta vez.',
  'book.asks.harvest-before-look': [
    '{hive} foi colhida em {on}, mas o favo foi olhado pela primeira vez em {looked}. Qual',
    'data está certa?',
  ],
  'book.asks.taken-twice':
    'Um favo de {hive} foi tirado em {on} e de novo em {again}. Qual deles foi?',
  'book.asks.a-hive': 'uma colmeia',
  'book.asks.still-hangs':
    'O favo {comb} de {hive} foi tirado em {on} e ainda está pendurado na colmeia. Onde está?',
  'book.asks.look-after':
    'Um favo de {hive} foi tirado em {on} e olhado em {looked}. Era outro favo?',
  'book.asks.named-twice': '{hives}: duas colmeias, ou uma anotada duas vezes?',
  'book.asks.hive-at': '“{hive}” em {site}',
  'book.asks.behind-board': [
    'A divisória de {hive} está atrás da barra {board}, mas há favo {count, plural, one {na',
    'barra} other {nas barras}} {bars} atrás dela. A divisória está dentro ou fora?',
  ],
  'book.asks.on-board':
    'O favo {comb} de {hive} está na tábua de cortar e pendurado na colmeia. Está dentro ou fora?',
  'book.asks.queen': [
    'A rainha de {hive} está anotada como vista em {on}, mas nenhum favo dela foi olhado',
    'nesse dia, e outros em {site} foram. Esta colmeia foi aberta?',
  ],
  'book.asks.one-photo':
    'Uma foto vale pelo lado A e pelo lado B do favo {comb} de {hive}, em {on}. Qual lado é?',
  'book.asks.one-photo-some':
    'Uma foto vale pelo lado A e pelo lado B de um favo, em {on}. Qual lado é?',
  'book.asks.years': [
    'Diz-se que a colônia de {hive} vive ali desde {since}, mas a colmeia foi colhida em',
    '{on}. Qual conta de anos está certa?',
  ],
  'book.sheet.date': 'Data da colheita',
  'book.sheet.hive': 'Colmeia',
  'book.sheet.honey': 'Mel',
  'book.sheet.wax': 'Cera limpa',
  'book.sheet.moisture': 'Água do mel, %',
  'book.sheet.minutes': 'Minutos das suas mãos',
  'book.sheet.note': 'Nota',
  'book.sheet.no-unit-honey':
    'A coluna “{column}” não diz a unidade: pelo tamanho tomada como {unit} de mel.',
  'book.sheet.no-unit-wax':
    'A coluna “{column}” não diz a unidade: pelo tamanho tomada como {unit} de cera.',
  'book.sheet.either-way':
    'Datas como “{date}” podem ser lidas dos dois jeitos: tomadas como dia, mês, ano.',
  'book.sheet.choose-column': 'Nenhuma coluna parece “{field}”: escolha.',
  'book.sheet.too-many': [
    'Esta planilha tem {rows, number} linhas; entram no máximo {most, number} colheitas de',
    'uma vez. Divida por anos.',
  ],
  'book.sheet.no-number': '“{text}” não é um número simples.',
  'book.sheet.thousands': '“{text}” não é um número simples: deixe o sinal de milhar fora.',
  'book.sheet.not-between': '{value} não está entre {low} e {high} {unit}.',
  'book.sheet.no-date-so': '“{text}” não é data na ordem que foi escolhida.',
  'book.sheet.no-date': 'Falta a data.',
  'book.sheet.future': '{text} está no futuro.',
  'book.sheet.no-hive': 'Falta a colmeia.',
  'book.sheet.long-name': 'Um nome tem no máximo 80 letras.',
  'book.sheet.no-honey': 'Falta o mel.',
};
