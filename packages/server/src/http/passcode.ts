import { createHash, timingSafeEqual } from 'node:crypto';
import type { RequestHandler } from 'express';

const digest = (s: string) => createHash('sha256').update(s).digest();

/** Asks for the household passcode by HTTP Basic; the user name does not matter. */
export function requirePasscode(passcode: string): RequestHandler {
  const wanted = digest(passcode);
  return (req, res, next) => {
    const [scheme, value] = (req.headers.authorization ?? '').split(' ');
    const given =
      scheme === 'Basic' && value
        ? Buffer.from(value, 'base64')
            .toString('utf8')
            .replace(/^[^:]*:/, '')
        : '';
    if (timingSafeEqual(digest(given), wanted)) return next();
    res.set('WWW-Authenticate', 'Basic realm="Sleetbrook", charset="UTF-8"').status(401).type('text/plain').send('The household passcode, please.');
  };
}
