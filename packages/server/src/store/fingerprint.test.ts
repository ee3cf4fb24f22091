import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Household } from '../testing/household.js';
import { fingerprintOf } from './fingerprint.js';

let home: Household;
beforeEach(async () => void (home = await Household.open()));
afterEach(() => home.close());
const send = (path: string, id: string, payload: object) =>
  request(home.app)
    .post(`/api/v1${path}`)
    .send({ id, device: 'test', occurredAt: home.now.toISOString(), payload });
const site = (name: string, id = randomUUID()) => ({ id, name, zone: 'UTC', hemisphere: 'north' });

describe('the id of an entry', () => {
  it('gives the kept answer for the same content, whatever the order of its keys', async () => {
    const [id, place] = [randomUUID(), site('Encosta')];
    expect((await send('/sites', id, place)).status).toBe(201);
    const turned = Object.fromEntries(Object.entries(place).reverse());
    expect((await send('/sites', id, turned)).status).toBe(200);
    expect(await home.db('sites').where({ id: place.id }).pluck('name')).toEqual(['Encosta']);
  });
  it('gives the kept answer to a second try that made its ids anew, and writes once', async () => {
    const id = randomUUID();
    const first = await send('/sites', id, site('Encosta'));
    const second = await send('/sites', id, site('Encosta'));
    expect(second.status).toBe(200);
    expect(second.body).toEqual(first.body);
    expect(await home.db('sites').pluck('name')).toEqual(['Encosta']);
  });
  it('is refused for other content: nothing that was changed is lost without a word', async () => {
    const [id, place] = [randomUUID(), site('Encosta')];
    await send('/sites', id, place);
    const changed = await send('/sites', id, { ...place, name: 'Várzea' });
    expect(changed.status).toBe(409);
    expect(changed.body).toMatchObject({ code: 'id-used', path: 'id' });
    expect((await send('/vessels', id, {})).status).toBeGreaterThanOrEqual(400);
    expect(await home.db('sites').pluck('name')).toEqual(['Encosta']);
  });
  it('of an entry from before fingerprints were kept is told by its route alone', async () => {
    const [id, place] = [randomUUID(), site('Encosta')];
    await send('/sites', id, place);
    await home.db('commands').where({ id }).update({ fingerprint: null });
    expect((await send('/sites', id, { ...place, name: 'Várzea' })).status).toBe(200);
  });
});

describe('a fingerprint', () => {
  it('is the same for the same content in any order, and another for any other', () =>
    fc.assert(
      fc.property(fc.dictionary(fc.string(), fc.jsonValue()), fc.jsonValue(), (content, more) => {
        const turned = Object.fromEntries(Object.entries(content).reverse());
        const of = (payload: unknown): string => fingerprintOf('post /sites', {}, payload);
        expect(of(turned)).toBe(of(content));
        expect(of({ ...content, 'a key that is new': more })).not.toBe(of(content));
        expect(of({ ...content, id: 'another' })).toBe(of({ ...content, id: 'one' }));
      }),
    ));
});
