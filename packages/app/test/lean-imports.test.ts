import { transformSync } from '@babel/core';
import { existsSync, readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';

const CORE = join(__dirname, '../../core');
const SCREEN = join(__dirname, '../src/screens/a-screen.tsx');
const plugin = join(__dirname, '../lean-imports.js');

const lean = (code: string, filename = SCREEN): string =>
  transformSync(code, { filename, configFile: false, babelrc: false, parserOpts: { plugins: ['typescript'] }, plugins: [plugin] })?.code ?? '';
/** The files that are imported from, as paths of the core. */
const filesOf = (code: string) => [...code.matchAll(/from "([^"]+)"/g)].map((m) => relative(CORE, join(dirname(SCREEN), m[1] ?? '')));

test('a name is taken from the file it lives in, under the name it has there', () => {
  expect(filesOf(lean(`import { sayProduct, planMix } from '@sleetbrook/core/mix';`))).toEqual(['src/mix/amounts', 'src/mix/plan']);
  // through two indexes and a star
  expect(filesOf(lean(`import { findHost as host } from '@sleetbrook/core/catalogue';`))).toEqual(['src/catalogue/hosts']);
  // what an index makes itself stays there
  expect(filesOf(lean(`import { findSign } from '@sleetbrook/core/catalogue';`))).toEqual(['src/catalogue/index']);
});

test('types, whole modules, other packages and what nobody gives stay as they are written', () => {
  for (const code of [
    `import type { Card } from "@sleetbrook/core/mix";`,
    `import * as mix from "@sleetbrook/core/mix";`,
    `import { View } from "react-native";`,
    `import { noSuchName } from "@sleetbrook/core/mix";`,
  ])
    expect(lean(code)).toBe(code);
});

test('every value that the app takes from the core is found where it is said to be', () => {
  const tasks = join(__dirname, '../src/workers/tasks.ts');
  const made = lean(readFileSync(tasks, 'utf8'), tasks);
  const taken = [...made.matchAll(/import \{ (\w+)(?: as \w+)? \} from "(\.\.[^"]*core\/src[^"]+)"/g)];
  expect(taken.length).toBeGreaterThan(20);
  for (const [, name = '', from = ''] of taken) {
    const file = `${join(dirname(tasks), from)}.ts`;
    expect(existsSync(file)).toBe(true);
    expect(readFileSync(file, 'utf8')).toMatch(new RegExp(`export (const|function|class|\\{[^}]*)\\s*\\b${name}\\b`));
  }
});
