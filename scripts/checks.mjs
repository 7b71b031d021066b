import { join } from 'node:path';
import { root } from './lib.mjs';
import { bin } from './steps.mjs';

const run = (name, command, ...args) => ({ name, command: bin(command), args });
/** The compiler that is no JavaScript: what takes two minutes of the processor takes it one. The other stays for those that build on it. */
export const types = (name, project) => ({
  name,
  command: process.execPath,
  args: [join(root, 'node_modules/typescript-native/bin/tsc'), '-p', project],
});

/** What is soon known and most often wrong. */
export const SOON = [
  types('types: app', 'packages/app'),
  // one program: the server's compiles the core's files as well
  types('types: core and server', 'tsconfig.node.json'),
  types('types: e2e and bench', 'e2e'),
  run('catalogue', 'tsx', 'scripts/check-catalogue.ts'),
];

/** What takes its time: it can go on beside something that waits a good deal. */
export const LONG = [
  run('lint', 'eslint', '--max-warnings=0', '.'),
  run('format', 'prettier', '--check', '--log-level=warn', '.'),
  run('dead code', 'knip', '--no-progress', '--no-config-hints'),
  run('boundaries', 'depcruise', '--output-type=err', 'packages/core/src', 'packages/server/src', 'packages/app/src'),
];
