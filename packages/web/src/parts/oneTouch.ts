/** A finger or a foot that trembles, or a contact that bounces, is one touch, ms. */
export const ONE_TOUCH_MS = 300;
