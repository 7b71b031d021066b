import { resolve } from 'node:path';
import { passcodeFault } from '@sleetbrook/core/api';

const env = process.env;

/** One clear line, then out. */
export function fail(line: string): never {
  process.stderr.write(`${line}\n`);
  process.exit(1);
}

function readPort(name: string, usual: number): number {
  const port = Number(env[name] ?? usual);
  if (!Number.isInteger(port) || port < 0 || port > 65535) fail(`${name} must be a whole number from 0 to 65535, not "${env[name] ?? ''}".`);
  return port;
}

/** Requests a minute from one address; a household never comes near what is usual. */
function readLimit(): number | null {
  const text = env['SLEETBROOK_REQUESTS_A_MINUTE'];
  if (!text) return null;
  const n = Number(text);
  if (!Number.isInteger(n) || n < 60) fail(`SLEETBROOK_REQUESTS_A_MINUTE must be a whole number from 60 up, not "${text}".`);
  return n;
}

function readNow(): Date | null {
  const text = env['SLEETBROOK_NOW'];
  if (!text) return null;
  const at = new Date(text);
  if (Number.isNaN(at.getTime())) fail(`SLEETBROOK_NOW must be an instant such as 2026-05-24T18:10:00Z, not "${text}".`);
  return at;
}

/** The household's own weather station. */
function readStationUrl(): string | undefined {
  const text = env['SLEETBROOK_WEATHER_URL'];
  if (!text) return undefined;
  if (!URL.canParse(text) || !/^https?:$/.test(new URL(text).protocol)) fail('SLEETBROOK_WEATHER_URL must be an address that begins with http:// or https://.');
  return text;
}

const LOOPBACK = /^(127\.\d+\.\d+\.\d+|localhost|::1)$/;

function readPasscode(): string | undefined {
  const passcode = env['SLEETBROOK_PASSCODE'] || undefined;
  const fault = passcode === undefined ? null : passcodeFault(passcode);
  if (fault) fail(`SLEETBROOK_PASSCODE ${fault}`);
  return passcode;
}

/** What the server is started with; what can not be ends it in one clear line. */
export function readSettings() {
  const forHousehold = env['SLEETBROOK_HOUSEHOLD'] === '1';
  const host = env['HOST'] ?? (forHousehold ? '0.0.0.0' : '127.0.0.1');
  const port = readPort('PORT', 4173);
  const passcode = readPasscode();
  if (!LOOPBACK.test(host) && !passcode && !forHousehold)
    fail(`HOST is ${host}: use npm start -- --household, or set SLEETBROOK_PASSCODE, so that not everyone on the network can open your garden.`);
  return {
    forHousehold,
    host,
    port,
    securePort: readPort('SLEETBROOK_SECURE_PORT', port === 0 ? 0 : port + 1),
    passcode,
    requestsPerMinute: readLimit(),
    now: readNow(),
    runningClock: env['SLEETBROOK_CLOCK'] === 'running',
    demo: env['SLEETBROOK_DEMO'] === '1',
    folder: resolve(env['SLEETBROOK_DATA'] ?? '.data/garden'),
    logLevel: env['LOG_LEVEL'] ?? 'info',
    web: env['SLEETBROOK_WEB'],
    stationUrl: readStationUrl(),
    restore: env['SLEETBROOK_RESTORE'] ? { from: env['SLEETBROOK_RESTORE'], yes: env['SLEETBROOK_RESTORE_YES'] === '1' } : null,
  };
}
