import { backup } from './backup';
import { guesses, rebinding } from './door';
import { files } from './files';
import { fuzz } from './fuzz';
import { seasonDays } from './days';
import { clockBack, diskFull, twoServers } from './house';
import { kills } from './kills';
import { offline } from './offline';
import { Server } from './server';
import { years } from './years';

const SHORT = process.argv.includes('--short');
const JSON_LINE = process.argv.includes('--json');
/** One line a figure; asked for JSON, that alone is on the output. */
const say = (line: string) => void (JSON_LINE ? process.stderr : process.stdout).write(`${line}\n`);

/** Everything that does not believe us: by default the whole of it, some minutes; `--short` a part of each. */
async function main(): Promise<void> {
  const killed = await kills(SHORT ? 4 : 100);
  say(`killed ${killed.kills} times in ${killed.confirmed} confirmed writes: ${killed.lost} lost`);

  const server = await new Server({ SLEETBROOK_DEMO: '1' }).start();
  const fuzzed = await fuzz(server, SHORT ? 800 : 10_000);
  say(`${fuzzed.fuzzed} spoiled requests: ${fuzzed.status5xx} answers of 500 and above; not in the description: ${fuzzed.undeclared.join(', ') || 'none'}`);
  await server.stop();

  const attacked = await new Server({ SLEETBROOK_DEMO: '1' }).start();
  const filed = await files(attacked, SHORT ? 30 : 200);
  say(`${filed.files} hostile files: ${filed.status5xx} answers of 500 and above, the loop held ${filed.loopMaxMs} ms at most, ${filed.rssMaxMb} MB at most`);
  const rebindRefused = await rebinding(attacked);
  say(`another host name: ${rebindRefused ? 'refused' : 'LET IN'}`);
  await attacked.stop();

  const guessesPerMinute = await guesses();
  say(`wrong passcodes looked at in a minute: ${guessesPerMinute}`);
  const backupRoundTrip = await backup();
  say(`a copy taken away and put back: ${backupRoundTrip ? 'the same garden' : 'ANOTHER GARDEN'}`);
  const twoServersRefused = await twoServers();
  say(`a second server on one folder: ${twoServersRefused ? 'turned away' : 'LET IN'}`);
  const clockBackHeld = await clockBack();
  say(`the clock a month back and forth: ${clockBackHeld ? 'all as it was, no wait shorter' : 'SOMETHING IS ANOTHER'}`);
  const diskFullLost = diskFull();
  say(`a full disk: ${diskFullLost === null ? 'this machine lends no small one' : `${diskFullLost} confirmed writes lost`}`);
  const twenty = await years(SHORT ? 2 : 20);
  say(
    `reads at ${SHORT ? 2 : 20} years, p99: ${twenty.reads.toFixed(1)} ms (${twenty.slowest}); walk plan ${twenty.walkPlan.toFixed(1)} ms; a device's copy ${twenty.snapshot.toFixed(1)} ms`,
  );
  say(`worked out anew after each write, p99 in ms: ${twenty.anew.join(', ')}`);
  const fifty = SHORT ? twenty : await years(50);
  if (!SHORT) say(`walk plan at 50 years, p99: ${fifty.walkPlan.toFixed(1)} ms; reads ${fifty.reads.toFixed(1)} ms (${fifty.slowest})`);

  // the short form has one of each way in the unit tests, and a whole job in the browser's
  const away = SHORT ? null : offline();
  if (away) say(`${away.offlineCases} writes lost on their way, each in one of five ways: ${away.offlineLost} lost for good, ${away.doubled} there twice`);

  const season = SHORT ? null : seasonDays();
  if (season)
    say(`${season.seasonDays} days of one garden on the phone, ${season.seasonRounds} rounds due: ${season.seasonMissing} not shown on their day, or broken`);

  const line = {
    kills: killed.kills,
    lost: killed.lost,
    fuzzed: fuzzed.fuzzed,
    status5xx: fuzzed.status5xx + filed.status5xx,
    undeclared: fuzzed.undeclared.length,
    files: filed.files,
    ...(away ?? {}),
    ...(season ?? {}),
    loopMaxMs: filed.loopMaxMs,
    rssMaxMb: filed.rssMaxMb,
    p99ReadMs20y: Math.round(twenty.reads * 10) / 10,
    walkPlanMs50y: Math.round(fifty.walkPlan * 10) / 10,
    guessesPerMinute,
    rebindRefused,
    backupRoundTrip,
    twoServersRefused,
    clockBackHeld,
    diskFullLost,
  };
  if (JSON_LINE) process.stdout.write(`${JSON.stringify(line)}\n`);
  const broken =
    line.lost > 0 ||
    (away?.offlineLost ?? 0) > 0 ||
    (away?.doubled ?? 0) > 0 ||
    (season !== null && (season.seasonDays < 200 || season.seasonMissing > 0)) ||
    line.status5xx > 0 ||
    line.guessesPerMinute > 10 ||
    !rebindRefused ||
    !backupRoundTrip ||
    !twoServersRefused ||
    !clockBackHeld ||
    (diskFullLost ?? 0) > 0;
  process.exitCode = broken ? 1 : 0;
}

void main();
