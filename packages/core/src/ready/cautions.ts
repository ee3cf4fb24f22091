export interface Caution {
  id: string;
  at: 'hive' | 'carry' | 'bench' | 'jar';
  text: string;
  ask?: string;
}

/** Cautions that belong to a top-bar crush harvest, at the step where they matter. `liftKg` is the heaviest tub to carry. */
export function harvestCautions(input: { liftKg: number }): Caution[] {
  return [
    { id: 'stings', at: 'hive', text: 'Stings and allergy: not alone the first times, adrenaline and emergency number at hand.', ask: 'Your doctor, if anyone here ever swelled up beyond the sting or lost breath.' },
    { id: 'attack', at: 'hive', text: 'If they come in a mass: leave, cover the face, into a house or car, never into water. People and animals away first. Do not go back to finish.' },
    { id: 'fire', at: 'hive', text: 'Smoker on bare ground, water beside it, cold before you go.', ask: 'Fire rules of the place in dry weather.' },
    { id: 'heat', at: 'hive', text: 'A suit in the sun overheats a person: water, shade, short turns.' },
    { id: 'lift', at: 'carry', text: `The full tub weighs about ${input.liftKg.toFixed(0)} kg. Carry it between two or in two trips.` },
    { id: 'robbing', at: 'hive', text: 'Lid on the tub between combs. Open honey calls robbers, above all in a dearth.' },
    { id: 'sick', at: 'hive', text: 'Sunken, greasy caps, a bad smell or dead brood: stop, close up, take nothing.', ask: 'The bee inspector or a vet; foulbrood is notifiable in many places.' },
    { id: 'treated', at: 'hive', text: 'No comb for eating from a hive under treatment or within its waiting time.', ask: 'The leaflet of what was given.' },
    { id: 'knife', at: 'bench', text: 'Sticky handles slip: cut away from the hand, wash the knife often.' },
    { id: 'wax', at: 'bench', text: 'Wax melts in a water bath, never over a flame, never alone.' },
    { id: 'glass', at: 'jar', text: 'Throw a chipped jar away, and what was in it.' },
    { id: 'infants', at: 'jar', text: 'No honey for children under twelve months.' },
    { id: 'selling', at: 'jar', text: 'For sale a place may ask for registration, labels and approved scales.', ask: 'The food authority where you sell.' },
  ];
}
