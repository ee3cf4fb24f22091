export type VesselRole = 'tub' | 'upper' | 'lower' | 'settling';

export interface KitVessel {
  id: string;
  name: string;
  role: VesselRole;
  volumeL: number;
  tareG: number;
}
