import { hostname, networkInterfaces } from 'node:os';

/** The names by which a machine knows itself; no other machine can reach it by them. */
const OWN_NAMES = ['localhost', '127.0.0.1', '[::1]'];
export const isOwnName = (name: string): boolean => OWN_NAMES.includes(name);

/** "Furrow.local:4478" is "furrow.local"; null of what is no host. */
export function nameOfHost(host: string | undefined): string | null {
  if (!host) return null;
  try {
    return new URL(`http://${host}`).hostname.toLowerCase();
  } catch {
    return null;
  }
}

/** The host of an address such as "https://honey.example/x", as a name; null of what is none. */
export function nameOfAddress(address: string | null | undefined): string | null {
  if (!address) return null;
  try {
    return new URL(address).hostname.toLowerCase() || null;
  } catch {
    return null;
  }
}

const NAME_MAX = 253;
const NAME_PART = /^[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?$/;

/** "Honey.Example " is "honey.example"; null of what no machine can be called. */
export function asHouseName(typed: string): string | null {
  const name = typed.trim().toLowerCase().replace(/\.$/, '');
  const fits = name.length <= NAME_MAX && name.split('.').every((part) => NAME_PART.test(part));
  return fits && !isOwnName(name) ? name : null;
}

/** The addresses of this machine in the home network, IPv4, the ones its phones can reach. */
export function houseAddresses(): string[] {
  return Object.values(networkInterfaces())
    .flatMap((each) => each ?? [])
    .filter((each) => each.family === 'IPv4' && !each.internal)
    .map((each) => each.address);
}

/** Every name and address by which a device of the house may call this machine. */
export function houseNames(): string[] {
  const own = hostname().toLowerCase();
  const names = /^[a-z0-9-]+$/.test(own) ? [own, `${own}.local`] : [];
  return [...new Set([...houseAddresses(), ...names])];
}
