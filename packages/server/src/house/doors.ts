import { houseSay } from '@furrow/words';
import type { NextFunction, Request, Response } from 'express';
import { Problem } from '../problem.js';
import { isOwnName, nameOfHost } from './names.js';
import { doorOf } from './visitor.js';

/** Headers that only a proxy in between sets. */
const FORWARDED = ['forwarded', 'x-forwarded-for', 'x-forwarded-host', 'x-real-ip'];
export const cameByProxy = (request: Request): boolean =>
  FORWARDED.some((name) => request.headers[name] !== undefined);

/**
 * What a browser says of the page that asks, where it says it: another site's may neither read nor
 * write.
 */
const OWN_SITES = ['same-origin', 'none'];
const opensAPage = (request: Request): boolean =>
  request.method === 'GET' &&
  request.headers['sec-fetch-mode'] === 'navigate' &&
  request.headers['sec-fetch-dest'] === 'document' &&
  !request.path.startsWith('/api/');

const foreignHost = (): Problem =>
  new Problem(421, 'foreign-host', houseSay('refusal.furrow-not-called-by-this'));
const foreignPage = (): Problem =>
  new Problem(403, 'foreign-origin', houseSay('refusal.this-page-does-not-belong'));

/**
 * Whether the page that asks is one that this server itself gave out; a program that is no browser
 * says nothing of it.
 */
function isOwnPage(request: Request): boolean {
  const { origin, host } = request.headers;
  const site = request.headers['sec-fetch-site'];
  if (origin !== undefined && hostOf(origin) !== host) return false;
  return typeof site !== 'string' || OWN_SITES.includes(site) || opensAPage(request);
}

/**
 * The host of an origin with its port; null of one that is none, such as the word a sandboxed page
 * sends.
 */
function hostOf(origin: string): string | null {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
}

/**
 * Lets in what calls this machine by a name of its own, from a page of its own. A name that
 * somebody else pointed here, a page of another site, a frame: nothing, not even to read.
 * `houseNames` gives the names that hold at the door of the house.
 */
export function ownDoorsOnly(houseNames: () => readonly string[] | Promise<readonly string[]>) {
  return async (request: Request, _response: Response, next: NextFunction): Promise<void> => {
    const name = nameOfHost(request.headers.host);
    const isKnown =
      name !== null &&
      (doorOf(request) === 'table' ? isOwnName(name) : (await houseNames()).includes(name));
    if (!isKnown) return next(foreignHost());
    next(isOwnPage(request) ? undefined : foreignPage());
  };
}
