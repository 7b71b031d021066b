import { fail, install, root, run } from './lib.mjs';

install();
if (!run(process.execPath, [`${root}/scripts/build.mjs`], { stdio: ['ignore', 'ignore', 'inherit'] })) fail('The build failed.');
if (!run('npx', ['--no-install', 'tsx', 'bench/main.ts', ...process.argv.slice(2)])) fail('The bench failed.');
