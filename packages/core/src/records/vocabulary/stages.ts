export const STAGES = ['look', 'choose', 'ready', 'take', 'drain', 'cut', 'jar', 'book'] as const;

export type Stage = (typeof STAGES)[number];
