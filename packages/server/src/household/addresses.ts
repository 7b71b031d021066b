import { hostname, networkInterfaces } from 'node:os';

/** What a phone on the same network calls this machine: its addresses, the first the likeliest, and its names. */
export function namesHere(interfaces = networkInterfaces(), name = hostname()): { readonly addresses: readonly string[]; readonly names: readonly string[] } {
  const home = (ip: string) => /^(192\.168\.|10\.|172\.(1[6-9]|2\d|3[01])\.)/.test(ip);
  const addresses = Object.values(interfaces)
    .flatMap((list) => list ?? [])
    .filter((i) => i.family === 'IPv4' && !i.internal && !i.address.startsWith('169.254.'))
    .map((i) => i.address)
    .sort((a, b) => Number(home(b)) - Number(home(a)) || (a < b ? -1 : 1));
  const short = name.toLowerCase().replace(/\..*$/, '');
  const named = /^[a-z0-9][a-z0-9-]*$/.test(short) ? [`${short}.local`, short] : [];
  return { addresses: [...new Set(addresses)], names: named };
}
