/**
 * A Babel plugin: an import from an index of `@sleetbrook/core` becomes one from the file that the name lives in. The
 * bundler takes whole indexes, so that a screen which says a rate would load every step of mixing. The core has no
 * side effects (its package.json says so), and what cannot be followed stays as it is written.
 */
const fs = require('node:fs');
const path = require('node:path');

const CORE = path.join(__dirname, '../core');
const EXPORTS = JSON.parse(fs.readFileSync(path.join(CORE, 'package.json'), 'utf8')).exports;
const PACKAGE = '@sleetbrook/core';

/** @returns the file that `source` names from `from`, or null where it is none of the core's */
function fileOf(from, source) {
  if (source.startsWith(PACKAGE)) return path.join(CORE, EXPORTS[`.${source.slice(PACKAGE.length)}`] ?? 'none');
  if (!source.startsWith('.')) return null;
  const at = path.resolve(path.dirname(from), source);
  const file = [`${at}.ts`, path.join(at, 'index.ts')].find((f) => fs.existsSync(f));
  return file?.startsWith(path.join(CORE, 'src')) ? file : null;
}

const read = new Map();
/** What a file gives: names of its own, names from elsewhere, and files it gives whole. */
function givenBy(file, babel) {
  if (read.has(file)) return read.get(file);
  const given = { own: new Set(), from: new Map(), all: [] };
  read.set(file, given);
  const parserOpts = { sourceType: 'module', plugins: ['typescript'] };
  const { program } = babel.parseSync(fs.readFileSync(file, 'utf8'), { filename: file, configFile: false, babelrc: false, parserOpts });
  const imported = new Map();
  for (const s of program.body) {
    if (s.type === 'ImportDeclaration')
      for (const i of s.specifiers) if (i.type === 'ImportSpecifier') imported.set(i.local.name, { source: s.source.value, name: i.imported.name });
    if (s.type === 'ExportAllDeclaration') given.all.push(s.source.value);
    if (s.type !== 'ExportNamedDeclaration') continue;
    for (const e of s.specifiers) {
      if (e.type !== 'ExportSpecifier') continue;
      const elsewhere = s.source ? { source: s.source.value, name: e.local.name } : imported.get(e.local.name);
      if (elsewhere) given.from.set(e.exported.name, elsewhere);
      else given.own.add(e.exported.name);
    }
    for (const d of s.declaration?.declarations ?? (s.declaration?.id ? [s.declaration] : [])) if (d.id.type === 'Identifier') given.own.add(d.id.name);
  }
  return given;
}

/** @returns where a name really lives, or null */
function homeOf(file, name, babel) {
  if (!fs.existsSync(file)) return null;
  const given = givenBy(file, babel);
  if (given.own.has(name)) return { file, name };
  const there = given.from.get(name);
  if (there) {
    const next = fileOf(file, there.source);
    return next ? homeOf(next, there.name, babel) : { file, name };
  }
  for (const source of given.all) {
    const next = fileOf(file, source);
    const found = next && homeOf(next, name, babel);
    if (found) return found;
  }
  return null;
}

module.exports = function leanImports(babel) {
  const { types: t } = babel;
  const rewrite = (at, { filename }) => {
    const { node } = at;
    if (!node.source || node.importKind === 'type' || node.exportKind === 'type') return;
    const index = fileOf(filename, node.source.value);
    if (!index || (!index.endsWith('index.ts') && !node.source.value.startsWith(PACKAGE))) return;
    const isImport = t.isImportDeclaration(node);
    const made = [];
    for (const s of node.specifiers) {
      if ((s.importKind ?? s.exportKind) === 'type') continue;
      if (!t.isImportSpecifier(s) && !t.isExportSpecifier(s)) return;
      const home = homeOf(index, (isImport ? s.imported : s.local).name, babel);
      if (!home) return;
      const to = path.relative(path.dirname(filename), home.file).split(path.sep).join('/').replace(/\.ts$/, '');
      const source = t.stringLiteral(to.startsWith('.') ? to : `./${to}`);
      made.push(
        isImport
          ? t.importDeclaration([t.importSpecifier(s.local, t.identifier(home.name))], source)
          : t.exportNamedDeclaration(null, [t.exportSpecifier(t.identifier(home.name), s.exported)], source),
      );
    }
    at.replaceWithMultiple(made);
    at.skip();
  };
  return {
    name: 'lean-imports',
    visitor: {
      Program(program, state) {
        const { filename } = state.file.opts;
        if (!filename || filename.includes('node_modules')) return;
        for (const at of program.get('body')) if (at.isImportDeclaration() || (at.isExportNamedDeclaration() && at.node.source)) rewrite(at, { filename });
      },
    },
  };
};

/** Whatever changes where a name lives: the bundler keeps what it transformed under this. */
module.exports.cacheKey = () => {
  const { createHash } = require('node:crypto');
  const sum = createHash('sha1').update(fs.readFileSync(__filename));
  const files = fs.readdirSync(path.join(CORE, 'src'), { recursive: true }).filter((f) => f.endsWith('.ts'));
  for (const f of files.sort()) {
    const lines = fs.readFileSync(path.join(CORE, 'src', f), 'utf8').split('\n');
    sum.update(f).update(lines.filter((l) => l.startsWith('export ') || l.includes(" from '")).join('\n'));
  }
  return sum.digest('hex');
};
