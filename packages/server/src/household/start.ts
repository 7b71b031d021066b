import type { RequestListener, Server } from 'node:http';
import { createServer } from 'node:https';
import type { AddressInfo } from 'node:net';
import type { Work } from '../threads/jobs';
import { namesHere } from './addresses';
import type { Certificate } from './certificate';
import { householdOf, takePasscode, type Household } from './household';
import { openKeys, type Keys } from './store';
import { drawWords, PASSCODE_WORDS } from './words';

export interface Started {
  readonly household: Household;
  readonly keys: Keys;
  /** The passcode, where it was drawn just now. */
  readonly drawn: string | null;
}

/**
 * Opens who may come in. A passcode that the server is started with takes the place of the stored one; without either, six
 * words are drawn.
 */
export async function openHousehold(folder: string, work: Work, passcode: string | undefined): Promise<Started> {
  const keys = openKeys(folder);
  const drawn = passcode === undefined && keys.passcode() === undefined ? drawWords(PASSCODE_WORDS) : null;
  const given = passcode?.trim() ?? drawn;
  if (given !== null) await takePasscode(keys, work, given, new Date());
  return { household: householdOf({ keys, work, passcodeIsOurs: passcode === undefined }), keys, drawn };
}

/** The encrypted side of a house. */
export interface SecureSide {
  readonly server: Server;
  readonly port: number;
  /** What a phone opens; null until it listens. */
  readonly url: () => string | null;
}

/** The name or address that a phone is likeliest to find, and all that the certificate has to serve. */
export function hostsHere(): { readonly likeliest: string; readonly all: readonly string[] } {
  const { addresses, names } = namesHere();
  return { likeliest: addresses[0] ?? names[0] ?? 'localhost', all: [...addresses, ...names, 'localhost', '127.0.0.1'] };
}

export function secureSide({ key, cert, root }: Certificate, host: string, port: number, handle: RequestListener): SecureSide {
  const server = createServer({ key, cert: [cert, root].join('\n'), minVersion: 'TLSv1.2' }, handle);
  const url = () => {
    const address = server.address() as AddressInfo | null;
    return address ? `https://${host}:${address.port}` : null;
  };
  return { server, port, url };
}
