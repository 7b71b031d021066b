import { X509Certificate } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { join } from 'node:path';
import { generate } from 'selfsigned';

export interface Certificate {
  readonly key: string;
  readonly cert: string;
  /** What a phone is told to trust: it vouches for this one certificate, and can vouch for no other. */
  readonly root: string;
  /** Whether phones have to be told anew. */
  readonly fresh: boolean;
}

/** Phones refuse longer ones, days. */
const DAYS = 820;
/** A new one is made so long before the old one ends, days. */
const BEFORE_DAYS = 30;
const DAY = 86_400_000;

const FILES = { key: 'household-key.pem', cert: 'household-cert.pem', root: 'household-root.pem' } as const;

/** Whether a certificate still serves all the names of this machine. */
function serves(cert: string, hosts: readonly string[], at: Date): boolean {
  try {
    const c = new X509Certificate(cert);
    if (Date.parse(c.validTo) - at.getTime() < BEFORE_DAYS * DAY || Date.parse(c.validFrom) > at.getTime()) return false;
    return hosts.every((h) => (isIP(h) ? c.checkIP(h) : c.checkHost(h)) !== undefined);
  } catch {
    return false;
  }
}

/**
 * This house's own certificate, kept in the folder; made anew when an address was added or its time is over. The key that
 * signed it is thrown away at once: whoever is told to trust this house trusts it, and nothing else that anybody might make.
 */
export async function certificateFor(folder: string, hosts: readonly string[], at = new Date()): Promise<Certificate> {
  const path = (name: keyof typeof FILES) => join(folder, FILES[name]);
  if (Object.values(FILES).every((f) => existsSync(join(folder, f)))) {
    const [key, cert, root] = [path('key'), path('cert'), path('root')].map((p) => readFileSync(p, 'utf8')) as [string, string, string];
    if (serves(cert, hosts, at)) return { key, cert, root, fresh: false };
  }
  const common = {
    keyType: 'ec',
    algorithm: 'sha256',
    notBeforeDate: new Date(at.getTime() - DAY),
    notAfterDate: new Date(at.getTime() + DAYS * DAY),
  } as const;
  const root = await generate([{ name: 'commonName', value: `Sleetbrook at home, ${at.toISOString().slice(0, 10)}` }], {
    ...common,
    extensions: [
      { name: 'basicConstraints', cA: true, pathLenConstraint: 0, critical: true },
      { name: 'keyUsage', keyCertSign: true, critical: true },
    ],
  });
  const own = await generate([{ name: 'commonName', value: 'Sleetbrook' }], {
    ...common,
    ca: { key: root.private, cert: root.cert },
    extensions: [
      { name: 'basicConstraints', cA: false, critical: true },
      { name: 'keyUsage', digitalSignature: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      { name: 'subjectAltName', altNames: hosts.map((h) => (isIP(h) ? { type: 7 as const, ip: h } : { type: 2 as const, value: h })) },
    ],
  });
  const made = { key: own.private, cert: own.cert, root: root.cert };
  for (const name of ['key', 'cert', 'root'] as const) writeFileSync(path(name), made[name], { mode: 0o600 });
  return { ...made, fresh: true };
}
