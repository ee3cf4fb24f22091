import accepts from 'accepts';
import { languageOf } from '@furrow/core';
import { createServer as createPlain, type RequestListener, type Server } from 'node:http';
import { createServer as createSecure, type Server as SecureServer } from 'node:https';
import { createServer as createFront, type Server as Front, type Socket } from 'node:net';
import { join } from 'node:path';
import { z } from 'zod';
import { log } from '../log.js';
import { houseCertificate, type HouseCertificate } from './certificate.js';
import { houseAddresses, houseNames, nameOfHost } from './names.js';
import { plainPage } from './pairPage.js';
import { readPrivateData, writePrivate } from './privateFiles.js';
import { throughHouse } from './visitor.js';

/** The first byte of an encrypted greeting. */
const GREETING = 0x16;
const SILENT_MS = 10_000;
/** How often the certificate is looked after. */
const LOOK_AFTER_MS = 3_600_000;

const stateSchema = z.strictObject({
  on: z.boolean().default(false),
  /** Names the household gave this machine under Rules, In the house. */
  names: z.array(z.string()).default([]),
});
type State = z.infer<typeof stateSchema>;

export interface SharingOptions {
  folder: string;
  port: number;
  /** Where it listens: every address of the machine, unless said otherwise. */
  host?: string;
  /** Names that the household's rules give this machine. */
  ownNames: () => Promise<readonly string[]>;
  /** The world's time: certificates know no rehearsal. */
  now?: () => Date;
}

/**
 * The door of the house: one port on which an encrypted connection reaches Furrow and a plain one
 * is told where to go. Whether it stands open is kept beside the certificate.
 */
export class Sharing {
  private front: Front | null = null;
  private secure: SecureServer | null = null;
  private certificate: HouseCertificate | null = null;
  private read: State | null = null;
  private readonly sockets = new Set<Socket>();
  private timer: NodeJS.Timeout | null = null;
  private app: RequestListener = (_request, response) => void response.writeHead(503).end();
  private readonly file: string;
  private readonly now: () => Date;

  constructor(private readonly options: SharingOptions) {
    this.file = join(options.folder, 'sharing.json');
    this.now = options.now ?? (() => new Date());
  }

  /** What answers behind the door. */
  serve(app: RequestListener): void {
    this.app = app;
  }
  /** As it stands in the file: read once, for nobody else writes it. */
  private get state(): State {
    this.read ??= readPrivateData<State>(this.file, stateSchema) ?? { on: false, names: [] };
    return this.read;
  }
  private keep(change: Partial<State>): void {
    const state = { ...this.state, ...change };
    writePrivate(this.file, JSON.stringify(state));
    this.read = state;
  }
  /** Whether the household wants it open. */
  get wanted(): boolean {
    return this.state.on;
  }
  /** Names the household gave this machine, beside those it knows itself by. */
  get givenNames(): readonly string[] {
    return this.state.names;
  }
  /** Gives this machine these names; its certificate holds for them from now on. */
  async call(names: readonly string[]): Promise<void> {
    this.keep({ names: [...names] });
    if (this.isOpen) await this.renew();
  }
  get isOpen(): boolean {
    return this.front !== null;
  }
  get port(): number {
    const address = this.front?.address();
    return address && typeof address === 'object' ? address.port : this.options.port;
  }
  /**
   * Addresses that a device of the house reaches it by, the likeliest first; none while it is shut.
   */
  get addresses(): string[] {
    const hosts = this.options.host ? [this.options.host] : houseAddresses();
    return this.isOpen ? hosts.map((host) => `https://${host}:${this.port}`) : [];
  }
  get fingerprint(): string | null {
    return this.certificate?.fingerprint ?? null;
  }
  get authority(): string | null {
    return this.certificate?.authority ?? null;
  }
  /**
   * Names that hold at this door, beside what the rules say, as they are now. The certificate may
   * still know one that was taken away, or an address of another network: that opens nothing.
   */
  get names(): readonly string[] {
    if (!this.isOpen) return [];
    const own = this.options.host ? [this.options.host] : [];
    return [...new Set([...own, ...houseNames(), ...this.givenNames])];
  }

  /** Opens or shuts the door, and remembers it. */
  async want(on: boolean): Promise<void> {
    if (on) await this.open();
    else await this.close();
    this.keep({ on });
  }

  async open(): Promise<void> {
    if (this.front) return;
    await this.renew();
    const plain = this.plainServer();
    const secure = createSecure(this.pems(), (request, response) => {
      throughHouse(request);
      this.app(request, response);
    });
    const front = createFront((socket) => this.sort(socket, plain, secure));
    await new Promise<void>((done, failed) => {
      front.once('error', failed);
      front.listen(this.options.port, this.options.host ?? '0.0.0.0', () => done());
    });
    [this.front, this.secure] = [front, secure];
    this.timer = setInterval(() => void this.lookAfter(), LOOK_AFTER_MS);
    this.timer.unref();
  }
  async close(): Promise<void> {
    if (this.timer) clearInterval(this.timer);
    const front = this.front;
    [this.front, this.secure, this.timer] = [null, null, null];
    for (const socket of this.sockets) socket.destroy();
    if (front) await new Promise((done) => front.close(done));
  }

  /**
   * A new certificate where the old one ends soon or a name is new; whoever is connected stays so.
   */
  async renew(): Promise<void> {
    const own = this.options.host ? [this.options.host] : [];
    const given = [...(await this.options.ownNames()), ...this.givenNames];
    const names = [...new Set([...own, ...houseNames(), ...given])];
    this.certificate = await houseCertificate(this.options.folder, names, this.now());
    this.secure?.setSecureContext(this.pems());
  }
  private async lookAfter(): Promise<void> {
    try {
      await this.renew();
    } catch (error) {
      log.error(error, 'the certificate could not be renewed');
    }
  }
  private pems(): { key: string; cert: string } {
    return { key: this.certificate!.key, cert: this.certificate!.cert };
  }
  private plainServer(): Server {
    return createPlain((request, response) => {
      const name = nameOfHost(request.headers.host);
      const host = name && this.names.includes(name) ? name : (this.names[0] ?? 'localhost');
      const address = `https://${host}:${this.port}`;
      const language = languageOf(accepts(request).languages());
      if (request.url === '/furrow-authority.crt') return this.giveAuthority(response);
      response.writeHead(426, { 'Content-Type': 'text/html; charset=utf-8', Upgrade: 'TLS/1.3' });
      response.end(plainPage(language, address, this.fingerprint ?? ''));
    });
  }
  private giveAuthority(response: import('node:http').ServerResponse): void {
    response.writeHead(200, { 'Content-Type': 'application/x-x509-ca-cert' });
    response.end(this.authority);
  }
  /** By its first byte a connection is encrypted or plain; it goes on as if nobody had looked. */
  private sort(socket: Socket, plain: Server, secure: SecureServer): void {
    this.sockets.add(socket);
    socket.on('close', () => this.sockets.delete(socket));
    socket.on('error', () => socket.destroy());
    // One that connects and says nothing holds no place.
    socket.setTimeout(SILENT_MS, () => socket.destroy());
    socket.once('data', (first: Buffer) => {
      socket.setTimeout(0);
      socket.pause();
      socket.unshift(first);
      (first[0] === GREETING ? secure : plain).emit('connection', socket);
      process.nextTick(() => socket.resume());
    });
  }
}
