import { randomUUID } from 'node:crypto';
import { DEFAULT_RULES } from '@furrow/core';
import { ZONE } from './harvests.js';
import type { Send } from './otherHives.js';

/**
 * The household's rules, its three sites, vessels and kinds of jars; gives their ids, by what they
 * are for.
 */
export async function seedKit(
  send: Send,
  ago: (days: number) => Date,
): Promise<{
  sites: Record<'pedraClara' | 'encosta' | 'capaoFundo', string>;
  vessels: Record<'tub' | 'upper' | 'lower' | 'settling', string>;
  jars: Record<'large' | 'small', string>;
}> {
  await send('post', '/rules', ago(420), {
    ...DEFAULT_RULES,
    ripeCappedPercent: 75,
    moistureLimitPercent: 18.5,
    winterNeedKg: 11,
    kitchenTemperatureC: 24,
    stirEveryHours: 3,
    labelMaker: 'Casa Pedra Clara',
    winterNeedByKindKg: { warre: 12, 'pile-box': 9, framed: 2, 'cut-comb': 0, 'drain-frame': 2 },
    potsWeeksBeforeWinter: 2,
    stinglessSpecies: 'Miúda, a small forest bee',
    stinglessPermit: 'PC-0117',
    winterUseByMonthKg: { 4: 1.4, 5: 2, 6: 2.6, 7: 2.7, 8: 2.3 },
    strengthPercent: { weak: 90, middle: 100, strong: 110 },
    freezerL: 40,
    nightTemperatureC: 18,
    currency: 'R$',
    waxPerKg: 60,
    givenPercent: 15,
    givenWorthPercent: 80,
    ownPercent: 10,
    ownWorthPercent: 70,
    vehicleL: 220,
    vehicleKg: 180,
    people: 2,
    liftKg: 14,
  });
  const sites = { pedraClara: randomUUID(), encosta: randomUUID(), capaoFundo: randomUUID() };
  for (const [id, name] of [
    [sites.pedraClara, 'Pedra Clara'],
    [sites.encosta, 'Encosta'],
    [sites.capaoFundo, 'Capão Fundo'],
  ]) {
    await send('post', '/sites', ago(800), { id, name, zone: ZONE, hemisphere: 'south' });
  }
  const vessel = {
    tub: randomUUID(),
    upper: randomUUID(),
    lower: randomUUID(),
    settling: randomUUID(),
  };
  for (const v of [
    {
      id: vessel.tub,
      name: 'White tub with lid',
      role: 'tub',
      volumeL: 24,
      tareG: 1240,
      innerDiameterMm: 380,
    },
    {
      id: vessel.upper,
      name: 'Bucket with holes',
      role: 'upper',
      volumeL: 12,
      tareG: 560,
      innerDiameterMm: 250,
    },
    {
      id: vessel.lower,
      name: 'Small pail',
      role: 'lower',
      volumeL: 2.4,
      tareG: 310,
      innerDiameterMm: 170,
    },
    {
      id: vessel.settling,
      name: 'Gate bucket',
      role: 'settling',
      volumeL: 16,
      tareG: 980,
      innerDiameterMm: 270,
    },
  ])
    await send('post', '/vessels', ago(800), v);
  const jar = { large: randomUUID(), small: randomUUID() };
  await send('post', '/jars', ago(800), {
    id: jar.large,
    name: 'Round jar 500',
    widthMm: 78,
    depthMm: 84,
    netG: 500,
    tareG: 228,
    stock: 12,
    value: 38,
    cost: 3.2,
  });
  await send('post', '/jars', ago(800), {
    id: jar.small,
    name: 'Small jar 300',
    netG: 300,
    tareG: 164,
    stock: 20,
    value: 25,
    cost: 2.4,
  });
  await send('post', '/jars', ago(790), {
    id: randomUUID(),
    name: 'Flat box 250',
    purpose: 'piece',
    widthMm: 95,
    heightMm: 65,
    depthMm: 38,
    minG: 220,
    maxG: 300,
    netG: 250,
    tareG: 22,
    stock: 24,
    value: 34,
    cost: 2.6,
  });
  await send('post', '/jars', ago(790), {
    id: randomUUID(),
    name: 'Sample cup',
    purpose: 'sample',
    widthMm: 45,
    heightMm: 40,
    depthMm: 38,
    minG: 60,
    maxG: 110,
    netG: 80,
    tareG: 9,
    stock: 30,
    value: 11,
    cost: 0.6,
  });
  await send('post', '/jars', ago(790), {
    id: randomUUID(),
    name: 'Wide jar 700',
    purpose: 'chunk',
    widthMm: 42,
    heightMm: 100,
    depthMm: 70,
    netG: 700,
    tareG: 310,
    stock: 6,
    value: 62,
    cost: 4.8,
  });
  return { sites, vessels: vessel, jars: jar };
}
