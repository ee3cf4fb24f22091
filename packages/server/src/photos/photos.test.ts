import { randomUUID } from 'node:crypto';
import { readFileSync, readdirSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import request from 'supertest';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Hive } from '@furrow/core';
import { Household, SEALED } from '../testing/household.js';
import { sweepPhotos } from './sweep.js';

const made = readFileSync(
  fileURLToPath(new URL('../../../core/fixtures/pictures/first-1.jpg', import.meta.url)),
);
let home: Household;
let hive: Hive;
beforeAll(async () => {
  home = await Household.open();
  hive = await home.hive();
});
afterAll(() => home.close());

const send = (body: Buffer, type = 'image/jpeg', photoId = randomUUID(), id = randomUUID()) =>
  request(home.app)
    .post('/api/v1/photos')
    .set('Content-Type', type)
    .set(
      'x-furrow-command',
      encodeURIComponent(
        JSON.stringify({ id, device: 'test', occurredAt: home.now.toISOString(), photoId }),
      ),
    )
    .send(body)
    .then((r) => r);
const files = (): string[] => {
  try {
    return readdirSync(join(home.folder, 'photos'));
  } catch {
    return [];
  }
};

describe('a picture that is none', () => {
  const plain = (width: number, height: number) =>
    sharp({ create: { width, height, channels: 3, background: '#a86' } });
  it.each<[string, () => Promise<Buffer> | Buffer, string, RegExp]>([
    [
      'text with the name of a picture',
      () => Buffer.from('this is no picture at all, only words'),
      'image/jpeg',
      /no picture/,
    ],
    ['nothing', () => Buffer.alloc(0), 'image/jpeg', /No picture/],
    [
      'cut off in the middle',
      () => made.subarray(0, Math.floor(made.length * 0.6)),
      'image/jpeg',
      /cut off or damaged/,
    ],
    [
      'a false type',
      () => plain(40, 30).png().toBuffer(),
      'image/jpeg',
      /says it is image\/jpeg, but it is image\/png/,
    ],
    [
      'a drawing of another kind',
      () => Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'),
      'image/svg+xml',
      /svg: a JPEG, PNG or WebP/,
    ],
    [
      '200 megapixels',
      () => plain(20000, 10000).png({ compressionLevel: 9 }).toBuffer(),
      'image/png',
      /200 megapixels, at most 100/,
    ],
    [
      'more than 25 MB',
      () => Buffer.alloc(25 * 1024 * 1024 + 1, 1),
      'image/jpeg',
      /25 MB|more text/,
    ],
  ])(
    '%s is refused in a sentence, and nothing is kept',
    async (_, body, type, words) => {
      const answer = await send(await body(), type);
      expect(answer.status).toBeGreaterThanOrEqual(400);
      expect(answer.status).toBeLessThan(500);
      expect(JSON.parse(answer.text).detail).toMatch(words);
      expect(files()).toEqual([]);
      expect(await home.db('photos')).toEqual([]);
    },
    30_000,
  );
});

describe('a picture', () => {
  it('is turned upright, loses where it was taken, and is kept under what it is', async () => {
    const sideways = await sharp(made)
      .withExif({
        IFD0: { Copyright: 'x' },
        IFD3: { GPSLatitudeRef: 'S', GPSLatitude: '27/1 0/1 0/1' },
      })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer();
    const photoId = randomUUID();
    const answer = await send(sideways, 'image/jpeg', photoId);
    expect(answer.status).toBe(201);
    expect(answer.body.photo).toMatchObject({ id: photoId, widthPx: 700, heightPx: 1000 });
    expect(files()).toEqual([`${answer.body.photo.sha256}.jpg`]);
    const back = await request(home.app)
      .get(`/api/v1/photos/${photoId}`)
      .buffer(true)
      .parse((res, done) => {
        const parts: Buffer[] = [];
        res.on('data', (part: Buffer) => parts.push(part));
        res.on('end', () => done(null, Buffer.concat(parts)));
      });
    const meta = await sharp(back.body as Buffer).metadata();
    expect([meta.format, meta.orientation, meta.exif]).toEqual(['jpeg', undefined, undefined]);
  });
  it.each(['png', 'webp'] as const)('may be a %s', async (format) =>
    expect(
      (await send(await sharp(made).resize(200).toFormat(format).toBuffer(), `image/${format}`))
        .status,
    ).toBe(201),
  );
  it('sent twice by one command is kept once, and stays with the look', async () => {
    const [photoId, id] = [randomUUID(), randomUUID()];
    expect((await send(made, 'image/jpeg', photoId, id)).status).toBe(201);
    expect((await send(made, 'image/jpeg', photoId, id)).status).toBe(200);
    const look = {
      id: randomUUID(),
      combId: hive.bars[0].comb!.id,
      sides: { A: SEALED, B: null },
      photos: { A: photoId, B: null },
      seenBy: { A: 'photo', B: null },
      readings: [],
      combAge: 'new',
      depthMm: 204,
      thicknessMm: 28,
    };
    await home.ok(home.post('/looks', look));
    expect((await home.get<Hive>(`/hives/${hive.id}`)).bars[0].comb!.looks[0]).toMatchObject({
      photos: { A: photoId, B: null },
      seenBy: { A: 'photo', B: null },
    });
  });
  it('that is not there cannot be named by a look', async () => {
    const look = {
      id: randomUUID(),
      combId: hive.bars[1].comb!.id,
      sides: { A: SEALED, B: null },
      photos: { A: randomUUID(), B: null },
      readings: [],
      combAge: 'new',
      depthMm: 204,
      thicknessMm: 28,
    };
    expect((await home.post('/looks', look)).status).toBe(404);
  });
});

describe('a picture that cannot be kept', () => {
  const folder = (): string => join(home.folder, 'photos');
  it('whose file lies there spoiled is written anew, not trusted', async () => {
    expect((await send(made)).status).toBe(201);
    const name = files().find((n) => n.endsWith('.jpg'))!;
    const whole = readFileSync(join(folder(), name));
    writeFileSync(join(folder(), name), whole.subarray(0, 900));
    expect((await send(made)).status).toBe(201);
    expect(readFileSync(join(folder(), name)).equals(whole)).toBe(true);
  });
  it('is said in words, and nothing of it is left', async () => {
    // A file where the folder of pictures should be: nothing can be written there.
    rmSync(folder(), { recursive: true });
    writeFileSync(folder(), 'in the way');
    const answer = await send(made);
    expect(answer.status).toBe(507);
    expect(answer.body).toMatchObject({
      code: 'not-kept',
      detail: expect.stringMatching(/could not be kept: .*still where it came from/) as string,
    });
    rmSync(folder());
    expect((await send(made)).status).toBe(201);
    expect(files().every((n) => n.endsWith('.jpg'))).toBe(true);
  });
});

describe('pictures that nobody names', () => {
  it('are swept and counted; what is young, named or not ours stays', async () => {
    const folder = join(home.folder, 'photos');
    await send(made);
    const named = files().filter((n) => n.endsWith('.jpg'));
    const old = [`${'a'.repeat(64)}.jpg`, `${'b'.repeat(64)}.jpg.part`, 'notes.txt'];
    const young = `${'c'.repeat(64)}.jpg`;
    for (const name of [...old, young]) writeFileSync(join(folder, name), 'x');
    const yesterday = new Date(Date.now() - 86_400_000);
    for (const name of [...old, ...named]) utimesSync(join(folder, name), yesterday, yesterday);
    expect(await sweepPhotos(home.db, folder, new Date())).toBe(2);
    expect(files().sort()).toEqual([...named, 'notes.txt', young].sort());
    expect(await sweepPhotos(home.db, join(folder, 'nowhere'), new Date())).toBe(0);
  });
});
