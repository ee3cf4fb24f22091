import type { Request } from 'express';
import { ipKeyGenerator } from 'express-rate-limit';
import type { Device } from './devices.js';

/**
 * Through which door a request came: at the table is the machine itself, the house is everybody
 * else.
 */
export type Door = 'table' | 'house';
/** Who asks: the household at its own machine, a device that was let in, or nobody who is known. */
export type Visitor = { at: 'table' } | { at: 'house'; device: Device | null };

const doors = new WeakMap<object, Door>();
const visitors = new WeakMap<object, Visitor>();

/** Marks a request as having come through the door of the house. */
export const throughHouse = (request: object): void => void doors.set(request, 'house');
export const doorOf = (request: object): Door => doors.get(request) ?? 'table';

export const setVisitor = (request: object, visitor: Visitor): void =>
  void visitors.set(request, visitor);
/** Who asks. A server that lets nobody in but the machine itself has no other visitors. */
export const visitorOf = (request: object): Visitor => visitors.get(request) ?? { at: 'table' };

/** The device that asks; null for the household at its own machine. */
export function deviceOf(request: object): Device | null {
  const visitor = visitorOf(request);
  return visitor.at === 'house' ? visitor.device : null;
}

/** Whose requests are counted together: one device, or one address of the network. */
export function callerOf(request: Request): string {
  return deviceOf(request)?.id ?? ipKeyGenerator(request.ip ?? '');
}
