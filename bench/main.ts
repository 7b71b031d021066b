import { appFigures } from './app';
import { coreFigures } from './core';
import { serverFigures } from './server';
import { tapFigures } from './tap';
import { typingFigures } from './typing';

async function main(): Promise<void> {
  const figures = [...coreFigures(), ...(await serverFigures()), ...(await appFigures()), ...(await tapFigures()), ...(await typingFigures())];
  if (process.argv.includes('--json')) {
    for (const f of figures) process.stdout.write(`${JSON.stringify(f)}\n`);
    return;
  }
  const say = (n: number | null) => (n === null ? '-' : n >= 100 ? Math.round(n).toLocaleString('en') : n.toPrecision(3));
  process.stdout.write(`${'name'.padEnd(46)}${'ours'.padStart(12)}${'other'.padStart(12)}${'ratio'.padStart(9)}  unit   target      met\n`);
  for (const f of figures) {
    process.stdout.write(
      `${f.name.padEnd(46)}${say(f.ours).padStart(12)}${say(f.other).padStart(12)}${say(f.ratio).padStart(9)}  ${f.unit.padEnd(6)} ${f.target.padEnd(11)} ${f.met ? 'yes' : 'NO'}\n`,
    );
  }
}

void main();
