import { fail, install, root, run } from './lib.mjs';

install();
if (!run(process.execPath, [`${root}/scripts/build.mjs`], { stdio: ['ignore', 'ignore', 'inherit'] })) fail('The build failed.');
if (!run(`${root}/node_modules/.bin/tsx`, ['hard/main.ts', ...process.argv.slice(2)])) fail('Something gave way: see above.');
