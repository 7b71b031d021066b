import { isDeepStrictEqual } from 'node:util';
import { Router } from 'express';
import { ownSheetSchema, sheetFileSchema, type Imported, type OwnSheet } from '@sleetbrook/core/api';
import { findSheet } from '@sleetbrook/core/sheets';
import { checkSheet, readRates, readSheetFile, writeRates, writeSheetFile, type FileFault } from '@sleetbrook/core/label-files';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { conflict, HttpProblem, invalid, notFound, parse } from '../http/problem';
import { ownSheetStore } from './own-store';

const refuseFile = (faults: readonly FileFault[]) =>
  new HttpProblem(
    422,
    'This file can not be taken in',
    'Nothing was changed.',
    faults.map((f) => ({ field: f.field, line: f.line, message: `Line ${f.line}, ${f.field}: ${f.message}` })),
  );

/** The grower's own sheets: typed in, versioned, in and out of files. */
export function ownSheetRoutes({ db, clock }: Context): Router {
  const store = ownSheetStore(db);
  const live = (id: string): OwnSheet => {
    const found = store.find(id);
    if (!found || store.isRemoved(id)) throw notFound('label sheet');
    return found;
  };

  /** @returns whether it was new, changed, or there already */
  const keep = (sent: OwnSheet): keyof Imported => {
    const stored = store.find(sent.id);
    if (stored && isDeepStrictEqual(stored, sent)) return 'same';
    if (sent.version !== (stored?.version ?? 0) + 1) throw conflict('label sheet');
    store.add(sent, clock.now());
    return stored ? 'changed' : 'added';
  };

  const save = writing(db, (id: string, body: unknown): OwnSheet => {
    const sent = parse(ownSheetSchema, body);
    if (sent.id !== id) throw invalid('id', 'The id in the body is not the one in the address.');
    const faults = checkSheet(sent);
    if (faults.length > 0) throw new HttpProblem(422, 'Some of this can not be', undefined, faults);
    if (store.isRemoved(id)) throw notFound('label sheet');
    keep(sent);
    return live(id);
  });

  const takeIn = writing(db, (text: string): Imported => {
    const read = readSheetFile(text);
    if (!read.ok) throw refuseFile(read.faults);
    const imported: Imported = { added: 0, changed: 0, same: 0 };
    read.value.forEach((sheet, i) => {
      const own = ownSheetSchema.safeParse(sheet);
      if (!own.success) {
        throw refuseFile([{ line: 1, field: `sheets.${i}.id`, message: 'Only own sheets can be taken in: an id such as own-… and “specimen”: false.' }]);
      }
      const stored = store.find(own.data.id);
      // a file brings its own numbers: what differs becomes the next version here
      const next = stored && !isDeepStrictEqual({ ...stored, version: 0 }, { ...own.data, version: 0 });
      const what = stored && !next ? 'same' : keep({ ...own.data, version: (stored?.version ?? 0) + 1 });
      store.restore(own.data.id);
      imported[what] += 1;
    });
    return imported;
  });

  return (
    Router()
      .get('/sheets/file', (_req, res) => {
        res.set('Content-Disposition', 'attachment; filename="label-sheets.json"').type('json').send(writeSheetFile(store.list()));
      })
      .post('/sheets/file', (req, res) => void res.json(takeIn(parse(sheetFileSchema, req.body).text)))
      .post('/sheets/rates', (req, res) => {
        const read = readRates(parse(sheetFileSchema, req.body).text);
        if (!read.ok) throw refuseFile(read.faults);
        res.json(read.value);
      })
      .get('/sheets/:id/rates', (req, res) => {
        const sheet = findSheet(req.params.id) ?? live(req.params.id);
        res.set('Content-Disposition', `attachment; filename="${sheet.id}-rates.csv"`).type('text/csv').send(writeRates(sheet.lines));
      })
      .get('/sheets/:id/versions', (req, res) => {
        live(req.params.id);
        res.json(store.versions(req.params.id));
      })
      .put('/sheets/:id', (req, res) => void res.json(save(req.params.id, req.body)))
      .delete('/sheets/:id', (req, res) => {
        live(req.params.id);
        store.remove(req.params.id, clock.now());
        res.status(204).end();
      })
      /** Takes a removal back. */
      .post('/sheets/:id/restore', (req, res) => {
        if (!store.find(req.params.id)) throw notFound('label sheet');
        store.restore(req.params.id);
        res.json(live(req.params.id));
      })
  );
}
