import type { Told } from './told.js';

/** What the screens of house say. */
export interface HouseScreen {
  'AlsoHere.too': { others: Told; verb: Told; where: Told };
  'AskFirst.written-just-now': object;
  'AskFirst.it-same-leave-it': object;
  'AskFirst.it-another-one-write-it': object;
  'HouseNames.other-names-this-machine': object;
  'HouseNames.furrow-answers-to-this-machines': object;
  'HouseNames.call-it-no-longer': { name: Told };
  'HouseNames.name': object;
  'HouseNames.add-this-name': object;
  'InTheHouse.helper-for-today': object;
  'InTheHouse.household': object;
  'InTheHouse.text': { person: Told; kind: Told };
  'InTheHouse.this': object;
  'InTheHouse.s-who-else-let-in': { person: Told };
  'InTheHouse.let-this-phone-in-no': object;
  'InTheHouse.furrow-answers-this-machine-alone': object;
  'InTheHouse.open-door-house': object;
  'InTheHouse.door-open-at': object;
  'InTheHouse.for-phones-that-were-let': object;
  'InTheHouse.from-another-its-networks': { otherAddresses: Told };
  'InTheHouse.this-machine-in-no-network': object;
  'InTheHouse.let-phone-in': object;
  'InTheHouse.let-helper-in-for-today': object;
  'InTheHouse.shut-door': object;
  'InTheHouse.helpers-phone-sees-today-look': object;
  'InTheHouse.phones-that-are-let-in': object;
  'InTheHouse.let-in-no-longer': { device: Told };
  'InTheHouse.no-phone-let-in': object;
  'InTheHouse.how-phone-knows-that-it': object;
  'InTheHouse.furrow-made-certificate-this': object;
  'NotForHelpers.households-own': object;
  'NotForHelpers.this-phone-was-let-in': object;
  'NotForHelpers.what-due-today': object;
  'PairingCode.code-that-lets-one-phone': object;
  'PairingCode.square-code-opens-page-that': object;
  'PairingCode.bring-phone-helper-into-houses': object;
  'PairingCode.bring-phone-into-houses-own': object;
  'PairingCode.point-its-camera-at-square': object;
  'PairingCode.it-warns-that-nobody-vouches': object;
  'PairingCode.type-letters-there-phones-name': object;
  'PairingCode.eight-letters': object;
  'PairingCode.good-once-until-five-wrong': { until: Told };
  'lastSeen.here-just-now': object;
  'lastSeen.last-here': { words: Told };
}
