export const VESSEL_ROLES = ['tub', 'upper', 'lower', 'settling'] as const;
export type VesselRole = (typeof VESSEL_ROLES)[number];

export interface KitVessel {
  id: string;
  name: string;
  role: VesselRole;
  volumeL: number;
  tareG: number;
}
