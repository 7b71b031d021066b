import { createHash, timingSafeEqual } from 'node:crypto';
import type { RequestHandler, Response } from 'express';
import type { Logger } from 'pino';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { HttpProblem } from './problem';

const digest = (s: string) => createHash('sha256').update(s).digest();

/** Fewer letters are guessed in an afternoon. */
export const SHORTEST_PASSCODE = 8;
/** Wrong ones in a minute from one address; then nothing is looked at until the minute is over. */
export const GUESSES_A_MINUTE = 10;
const MINUTE_S = 60;

/** What is wrong with a passcode, as a sentence; null where nothing is. */
export function passcodeFault(passcode: string): string | null {
  if ([...passcode].length < SHORTEST_PASSCODE)
    return `SLEETBROOK_PASSCODE has ${[...passcode].length} letters: take ${SHORTEST_PASSCODE} or more, such as four words that nobody would put together.`;
  if (new Set(passcode).size < 4) return 'SLEETBROOK_PASSCODE is one letter over and over: take four words that nobody would put together.';
  return null;
}

const given = (authorization: string | undefined): string | null => {
  const [scheme, value] = (authorization ?? '').split(' ');
  if (scheme?.toLowerCase() !== 'basic' || !value) return null;
  return Buffer.from(value, 'base64')
    .toString('utf8')
    .replace(/^[^:]*:/, '');
};

const ask = (res: Response) =>
  res.set('WWW-Authenticate', 'Basic realm="Sleetbrook", charset="UTF-8"').status(401).type('text/plain').send('The household passcode, please.');

/**
 * Asks for the household passcode by HTTP Basic; the user name does not matter. Wrong ones are counted by address and
 * written to the log (not what was tried); after GUESSES_A_MINUTE even the right one waits for the minute to pass.
 */
export function requirePasscode(passcode: string, log: Logger): RequestHandler {
  const wanted = digest(passcode);
  const guesses = new RateLimiterMemory({ points: GUESSES_A_MINUTE, duration: MINUTE_S });
  return async (req, res, next) => {
    const from = req.ip ?? '';
    const before = await guesses.get(from);
    if (before && before.remainingPoints <= 0) {
      res.set('Retry-After', String(Math.ceil(before.msBeforeNext / 1000)));
      return next(new HttpProblem(429, 'Too many wrong passcodes', 'Wait a minute, then try again.'));
    }
    const tried = given(req.headers.authorization);
    if (tried === null) return void ask(res);
    if (timingSafeEqual(digest(tried), wanted)) return next();
    // counted at once: guesses that come side by side are no fewer
    await guesses.consume(from).catch(() => undefined);
    log.warn({ from }, 'wrong passcode');
    ask(res);
  };
}
