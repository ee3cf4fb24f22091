export interface JarKind {
  id: string;
  netG: number;
  stock: number;
  value: number;
}
export type FillGoal = 'least-left' | 'most-value' | 'fewest-jars';
