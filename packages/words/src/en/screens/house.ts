import type { Sentences } from '../../catalogue.js';
import type { HouseScreen } from '../../screens/house.js';

export const house: Sentences<HouseScreen> = {
  'AlsoHere.too': '{others} {verb} {where} too.',
  'AskFirst.written-just-now': 'Written just now',
  'AskFirst.it-same-leave-it': 'It is the same: leave it',
  'AskFirst.it-another-one-write-it': 'It is another one: write it',
  'HouseNames.other-names-this-machine': 'Other names of this machine',
  'HouseNames.furrow-answers-to-this-machines':
    'Furrow answers to this machine’s own name and addresses, and to no other. If your network calls it something else, say so here; the certificate then holds for that, too.',
  'HouseNames.call-it-no-longer': 'Call it {name} no longer',
  'HouseNames.name': 'A name',
  'HouseNames.add-this-name': 'Add this name',
  'InTheHouse.helper-for-today': 'helper, for today',
  'InTheHouse.household': 'of the household',
  'InTheHouse.text': '{person}, {kind}',
  'InTheHouse.this': 'This is',
  'InTheHouse.s-who-else-let-in':
    ', {person}’s. Who else is let in is said at the machine that Furrow runs on.',
  'InTheHouse.let-this-phone-in-no': 'Let this phone in no longer',
  'InTheHouse.furrow-answers-this-machine-alone':
    'Furrow answers this machine alone. Phones at the hive and at the bench can be let in, one by one, over an encrypted connection; nobody else on the network sees anything.',
  'InTheHouse.open-door-house': 'Open the door of the house',
  'InTheHouse.door-open-at': 'The door is open at',
  'InTheHouse.for-phones-that-were-let': ', for phones that were let in and no others.',
  'InTheHouse.from-another-its-networks': 'From another of its networks: {otherAddresses}.',
  'InTheHouse.this-machine-in-no-network':
    'This machine is in no network just now, so no phone reaches it. Connect it, then look here again.',
  'InTheHouse.let-phone-in': 'Let a phone in',
  'InTheHouse.let-helper-in-for-today': 'Let a helper in, for today',
  'InTheHouse.shut-door': 'Shut the door',
  'InTheHouse.helpers-phone-sees-today-look':
    'A helper’s phone sees Today, Look, Bring, Take and Drain, until the day ends: not your rules, people, prices or the book.',
  'InTheHouse.phones-that-are-let-in': 'Phones that are let in',
  'InTheHouse.let-in-no-longer': 'Let {device} in no longer',
  'InTheHouse.no-phone-let-in': 'No phone is let in.',
  'InTheHouse.how-phone-knows-that-it': 'How a phone knows that it is this machine',
  'InTheHouse.furrow-made-certificate-this':
    'Furrow made a certificate of this household’s own. A phone that trusts it is warned no more; the page that lets a phone in says how. Compare there:',
  'NotForHelpers.households-own': 'The household’s own',
  'NotForHelpers.this-phone-was-let-in':
    'This phone was let in to help at the hive and at the bench. Ask one of the household.',
  'NotForHelpers.what-due-today': 'What is due today',
  'PairingCode.code-that-lets-one-phone': 'The code that lets one phone in',
  'PairingCode.square-code-opens-page-that': 'Square code: opens the page that lets this phone in',
  'PairingCode.bring-phone-helper-into-houses':
    'Bring the phone of the helper into the house’s own network.',
  'PairingCode.bring-phone-into-houses-own': 'Bring the phone into the house’s own network.',
  'PairingCode.point-its-camera-at-square': 'Point its camera at the square, or open',
  'PairingCode.it-warns-that-nobody-vouches':
    '. It warns that nobody vouches for the page: that is this household’s own certificate, go on.',
  'PairingCode.type-letters-there-phones-name':
    'Type the letters there, the phone’s name and whose it is:',
  'PairingCode.eight-letters': 'The eight letters',
  'PairingCode.good-once-until-five-wrong': 'Good once, until {until}; five wrong tries end it.',
  'lastSeen.here-just-now': 'here just now',
  'lastSeen.last-here': 'last here {words}',
};
