import { isIPv6 } from 'node:net';
import type { Device } from '@sleetbrook/core/api';
import { parse as parseCookies, serialize } from 'cookie';
import type { Request, RequestHandler, Response } from 'express';
import type { Logger } from 'pino';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { HttpProblem } from '../http/problem';
import { FEED_PATH } from '../calendar/path';
import type { Household } from './household';

/** Wrong ones in a minute from one address; then nothing is looked at until the minute is over. */
export const GUESSES_A_MINUTE = 10;
/** Wrong ones in an hour from one address, and from all of them together: who goes on is locked out for the hour. */
export const GUESSES_AN_HOUR = 40;
export const GUESSES_OF_ALL = 400;
const MINUTE_S = 60;
const HOUR_S = 3600;

/** Browsers keep a cookie so long at most, s (RFC 6265bis, 5.5). */
const COOKIE_S = 400 * 24 * HOUR_S;

/** Over an encrypted line a cookie that only this very host can set, and that never leaves it. */
const cookieName = (req: Request) => (req.secure ? '__Host-sleetbrook' : 'sleetbrook');

const tokenOf = (req: Request): string | undefined => parseCookies(req.headers.cookie ?? '')[cookieName(req)];

/** Gives a device its token; no script can read it, and no other page can make a browser send it. */
export function giveToken(req: Request, res: Response, token: string | null): void {
  res.append(
    'Set-Cookie',
    serialize(cookieName(req), token ?? '', { httpOnly: true, sameSite: 'strict', secure: req.secure, path: '/', maxAge: token === null ? 0 : COOKIE_S }),
  );
}

/** The device that asks. */
export const deviceOf = (household: Household, req: Request): Device | undefined => {
  const token = tokenOf(req);
  return token ? household.deviceOf(token) : undefined;
};

/** An address as it is counted: of IPv6 a whole network is one household's to choose from. */
const addressOf = (req: Request): string => {
  const ip = (req.ip ?? '').replace(/^::ffff:/, '');
  return isIPv6(ip) ? ip.split(':').slice(0, 4).join(':') : ip;
};

const wait = (ms: number) => (ms > MINUTE_S * 1000 ? `Wait ${Math.ceil(ms / 60_000)} minutes, then try again.` : 'Wait a minute, then try again.');

/**
 * Counts guesses, before they are looked at: those that come side by side are no fewer. A right one is given back.
 * @returns takes one, and gives back how to undo it @throws Refusal 429 while there are too many
 */
export function guesses(log: Logger) {
  const limits = [
    { of: new RateLimiterMemory({ points: GUESSES_A_MINUTE, duration: MINUTE_S }), key: addressOf },
    { of: new RateLimiterMemory({ points: GUESSES_AN_HOUR, duration: HOUR_S }), key: addressOf },
    { of: new RateLimiterMemory({ points: GUESSES_OF_ALL, duration: HOUR_S }), key: () => 'all' },
  ];
  return async (req: Request, res: Response): Promise<() => Promise<void>> => {
    for (const { of, key } of limits) {
      const before = await of.get(key(req));
      if (!before || before.remainingPoints > 0) continue;
      res.set('Retry-After', String(Math.ceil(before.msBeforeNext / 1000)));
      throw new HttpProblem(429, 'Too many wrong passcodes', wait(before.msBeforeNext));
    }
    const tooMany = await Promise.all(
      limits.map(({ of, key }) =>
        of.consume(key(req)).then(
          () => null,
          (r: { msBeforeNext: number }) => r.msBeforeNext,
        ),
      ),
    );
    const longest = Math.max(...tooMany.map((ms) => ms ?? 0));
    if (longest > 0) {
      log.warn({ from: addressOf(req) }, 'locked out');
      res.set('Retry-After', String(Math.ceil(longest / 1000)));
      throw new HttpProblem(429, 'Too many wrong passcodes', wait(longest));
    }
    return async () => void (await Promise.all(limits.map(({ of, key }) => of.reward(key(req)))));
  };
}

/** Nobody but a device that was let in gets anything of the garden; knocking is for everybody. */
export function letOnlyDevicesIn(household: Household): RequestHandler {
  return (req, _res, next) => {
    // a calendar knows no door: its address is its key
    if (req.path === '/door' || (req.method === 'GET' && FEED_PATH.test(req.path)) || deviceOf(household, req)) return next();
    next(
      new HttpProblem(
        401,
        'Not let in',
        'This device is not let in here, or not any more. Let it in with the passcode, or with words from a device that is in.',
      ),
    );
  };
}
