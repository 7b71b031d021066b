import type { RequestHandler } from 'express';
import type { Logger } from 'pino';
import { HttpProblem } from './problem';

/** 127.0.0.0/8, [::1] and the name of both. */
const LOOPBACK = /^(localhost|127(\.\d{1,3}){3}|\[::1\])$/;
/** What a household calls a machine: an address, a name without dots, or one of the endings kept for home networks (RFC 6762, RFC 8375). */
const HOUSEHOLD = /^(\d{1,3}(\.\d{1,3}){3}|\[[0-9a-f:.]+\]|[a-z0-9-]+|[a-z0-9-]+\.(local|lan|home\.arpa|internal))$/;
/** Longer is no name that anybody gave a machine (RFC 1035 allows 253). */
const LONGEST_HOST = 261;

export interface DoorOptions {
  /** Listening beyond this machine, behind a passcode: names of a home network are let in. */
  readonly household: boolean;
  readonly log: Logger;
}

/** The name in a Host header, without its port; null where it is none. */
export function hostName(header: string | undefined): string | null {
  if (!header || header.length > LONGEST_HOST) return null;
  const m = /^(\[[0-9a-f:.]+\]|[^:[\]]+)(:\d{1,5})?$/i.exec(header);
  return m?.[1]?.toLowerCase() ?? null;
}

/** Whether an Origin header names this very server; a request without one is no page's. */
function sameOrigin(origin: string | undefined, host: string | undefined): boolean {
  if (origin === undefined) return true;
  try {
    return new URL(origin).host === host?.toLowerCase();
  } catch {
    return false;
  }
}

const BETWEEN_MS = 10_000;

/** A page that knocks for ever must not fill the disk: of each kind a line in ten seconds, with how many there were. */
function sparingly(log: Logger): (what: object, line: string) => void {
  const kinds = new Map<string, { at: number; times: number }>();
  return (what, line) => {
    const kind = kinds.get(line) ?? { at: -Infinity, times: 0 };
    kinds.set(line, kind);
    kind.times++;
    if (performance.now() - kind.at < BETWEEN_MS) return;
    log.warn({ ...what, times: kind.times }, line);
    kind.at = performance.now();
    kind.times = 0;
  };
}

/**
 * Who may knock at all. A page somewhere on the web can send requests to this machine, and a name of its own can be made
 * to lead here (DNS rebinding): neither is let in, nor counted against anybody.
 * - a Host that nobody would call this machine by: 421 (RFC 9110, 15.5.20)
 * - an Origin, or Sec-Fetch-Site, of another page: 403
 */
export function watchDoor({ household, log }: DoorOptions): RequestHandler {
  const warn = sparingly(log);
  return (req, _res, next) => {
    const name = hostName(req.headers.host);
    if (name === null || !(LOOPBACK.test(name) || (household && HOUSEHOLD.test(name)))) {
      warn({ host: req.headers.host?.slice(0, 80), from: req.ip }, 'refused: not a name of this server');
      return next(
        new HttpProblem(
          421,
          'Not a name of this server',
          household ? 'Open it by its address on your network, or by a name that ends in .local.' : 'Open it at localhost or 127.0.0.1 on this machine.',
        ),
      );
    }
    const site = req.headers['sec-fetch-site'];
    const foreign = site === 'cross-site' || site === 'same-site';
    // a link somewhere may lead to a page of the app; the API is for the app's own pages
    const link = req.method === 'GET' && req.headers['sec-fetch-mode'] === 'navigate' && !req.path.startsWith('/api/');
    if ((foreign && !link) || !sameOrigin(req.headers.origin, req.headers.host)) {
      warn({ origin: req.headers.origin?.slice(0, 80), site, from: req.ip }, 'refused: asked by another page');
      return next(new HttpProblem(403, 'Asked by another page', 'Only its own pages may use it. Open it in a tab of its own.'));
    }
    next();
  };
}
