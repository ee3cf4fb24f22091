import type { house as english } from '../../en/screens/house.js';
import type { Sentences } from '../../sentences.js';

export const house: Sentences<typeof english> = {
  'AskFirst.written-just-now': 'Acabado de anotar',
  'AskFirst.it-same-leave-it': 'É o mesmo: deixar',
  'AskFirst.it-another-one-write-it': 'É outro: anotar',
  'HouseNames.other-names-this-machine': 'Outros nomes desta máquina',
  'HouseNames.furrow-answers-to-this-machines': [
    'O Furrow atende pelo nome e endereços desta máquina, e por nenhum outro. Se a sua',
    'rede a chama de outro modo, diga aqui; o certificado então vale para esse também.',
  ],
  'HouseNames.call-it-no-longer': 'Não chamar mais {name}',
  'HouseNames.name': 'Um nome',
  'HouseNames.add-this-name': 'Acrescentar este nome',
  'InTheHouse.helper-for-today': 'ajudante, por hoje',
  'InTheHouse.household': 'da casa',
  'InTheHouse.text': '{person}, {kind}',
  'InTheHouse.this': 'Este é',
  'InTheHouse.s-who-else-let-in':
    ', de {person}. Quem mais entra se diz na máquina em que o Furrow funciona.',
  'InTheHouse.let-this-phone-in-no': 'Não deixar mais este celular entrar',
  'InTheHouse.furrow-answers-this-machine-alone': [
    'O Furrow atende só esta máquina. Celulares na colmeia e na bancada podem entrar, um',
    'a um, por uma conexão cifrada; ninguém mais na rede vê nada.',
  ],
  'InTheHouse.open-door-house': 'Abrir a porta da casa',
  'InTheHouse.door-open-at': 'A porta está aberta em',
  'InTheHouse.for-phones-that-were-let': ', para os celulares que entraram e nenhum outro.',
  'InTheHouse.from-another-its-networks': 'De outra das suas redes: {otherAddresses}.',
  'InTheHouse.this-machine-in-no-network': [
    'Esta máquina não está em rede nenhuma agora, então nenhum celular a alcança.',
    'Conecte-a e olhe aqui de novo.',
  ],
  'InTheHouse.let-phone-in': 'Deixar um celular entrar',
  'InTheHouse.let-helper-in-for-today': 'Deixar um ajudante entrar, por hoje',
  'InTheHouse.shut-door': 'Fechar a porta',
  'InTheHouse.helpers-phone-sees-today-look': [
    'O celular de um ajudante vê Hoje, Olhar, Levar, Colher e Escorrer, até o dia',
    'acabar: não as suas regras, pessoas, preços nem o livro.',
  ],
  'InTheHouse.phones-that-are-let-in': 'Celulares que entraram',
  'InTheHouse.let-in-no-longer': 'Não deixar mais {device} entrar',
  'InTheHouse.no-phone-let-in': 'Nenhum celular entrou.',
  'InTheHouse.how-phone-knows-that-it': 'Como um celular sabe que é esta máquina',
  'InTheHouse.furrow-made-certificate-this': [
    'O Furrow fez um certificado próprio desta casa. Um celular que confia nele não é',
    'mais avisado; a página que deixa entrar diz como. Compare lá:',
  ],
  'NotForHelpers.households-own': 'O próprio da casa',
  'NotForHelpers.this-phone-was-let-in':
    'Este celular entrou para ajudar na colmeia e na bancada. Pergunte a alguém da casa.',
  'NotForHelpers.what-due-today': 'O que está na hora hoje',
  'PairingCode.code-that-lets-one-phone': 'O código que deixa um celular entrar',
  'PairingCode.square-code-opens-page-that':
    'Código quadrado: abre a página que deixa este celular entrar',
  'PairingCode.bring-phone-helper-into-houses': 'Traga o celular do ajudante para a rede da casa.',
  'PairingCode.bring-phone-into-houses-own': 'Traga o celular para a rede da casa.',
  'PairingCode.point-its-camera-at-square': 'Aponte a câmera para o quadrado, ou abra',
  'PairingCode.it-warns-that-nobody-vouches': [
    '. Ele avisa que ninguém garante a página: é o certificado próprio desta casa, siga',
    'em frente.',
  ],
  'PairingCode.type-letters-there-phones-name':
    'Digite lá as letras, o nome do celular e de quem é:',
  'PairingCode.eight-letters': 'As oito letras',
  'PairingCode.good-once-until-five-wrong':
    'Vale uma vez, até {until}; cinco tentativas erradas acabam com ele.',
  'lastSeen.here-just-now': 'aqui agora mesmo',
  'lastSeen.last-here': 'aqui por último {words}',
  'AlsoHere.one-too': '{other} também está {where}.',
  'AlsoHere.some-too': '{others} também estão {where}.',
  'doing.the-table': 'A mesa',
  'TakeOver.what-it-is-for': [
    'Um aparelho que foi removido, ou que não chega à casa, guarda em um arquivo o que',
    'espera nele; aqui ele é recebido. Cada registro é escrito uma só vez, com a sua hora.',
  ],
  'TakeOver.take-in': 'Receber o que outro aparelho guardou',
  'TakeOver.file-to-take-in': 'Arquivo de outro aparelho a receber',
  'TakeOver.no-such-file':
    'Este não é um arquivo inteiro do que esperava em um aparelho. Nada foi recebido.',
  'TakeOver.taken-in':
    '{taken, plural, one {# registro recebido} other {# registros recebidos}}; o que é novo vai para a casa por si.',
  'TakeOver.nothing-new': 'Nada de novo: tudo já está a caminho.',
};
