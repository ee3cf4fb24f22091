import type { Standing, WaitingEntry } from '@furrow/core';

/**
 * Waiting: not in the house yet. Sent: the house has it, and what stands here was not read anew
 * since. Refused: the house said no; it counts no more, and is shown until somebody decides.
 */
type State = 'waiting' | 'sent' | 'refused';
/** A picture that waits: the look that it was read from says its id, and goes after it. */
export interface WaitingPicture {
  /** The command's id. */
  id: string;
  path: '/photos';
  placeId: null;
  payload: { photoId: string; picture: Blob };
  occurredAt: string;
}
/** An entry on its way to the house. */
export interface OutboxEntry {
  /** Its place in the order in which things were written on this device. */
  sequence: number;
  entry: WaitingEntry | WaitingPicture;
  /** The path as it is spoken, its place filled. */
  spoken: string;
  /** What the strip says of it. */
  said: string;
  /** This device's own clock when it was written. */
  deviceAt: string;
  state: State;
  /**
   * Why the house refused it, its code, and what stands there of the same, where somebody else said
   * something else; null while it did not.
   */
  refused: { why: string; code: string; stands?: Standing | null } | null;
  /** The person said that it is another one than what somebody else wrote. */
  isAnother: boolean;
  /** It was read by its schema, and can be shown; else it is kept as it was said. */
  isRead: boolean;
}
