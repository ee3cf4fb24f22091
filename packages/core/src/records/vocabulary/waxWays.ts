export const WAX_WAYS = ['solar', 'water-bath', 'bag-press'] as const;
export type WaxWay = (typeof WAX_WAYS)[number];
