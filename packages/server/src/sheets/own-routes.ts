import { byVersion, ownSheetSchema, sheetFileSchema, type Imported } from '@sleetbrook/core/api';
import { sheetDesk } from '@sleetbrook/core/house';
import { writeRates, writeSheetFile, type FileFault } from '@sleetbrook/core/label-files';
import { findSheet } from '@sleetbrook/core/sheets';
import { isDeepStrictEqual } from 'node:util';
import { Router } from 'express';
import { writing } from '../db/writing';
import type { Context } from '../context';
import { houseContext } from '../house/context';
import type { Made } from '../threads/jobs';
import { sendPart } from '../http/page';
import { HttpProblem, parse } from '../http/problem';

const refuseFile = (faults: readonly FileFault[]) =>
  new HttpProblem(
    422,
    'This file can not be taken in',
    'Nothing was changed.',
    faults.map((f) => ({ field: f.field, line: f.line, message: `Line ${f.line}, ${f.field}: ${f.message}` })),
  );

/** The grower's own sheets: typed in, versioned, in and out of files. */
export function ownSheetRoutes(context: Context): Router {
  const { db, work } = context;
  const house = houseContext(context);
  const { keep } = house;
  const desk = sheetDesk(house);
  const save = writing(db, desk.save);
  const remove = writing(db, desk.remove);
  const restore = writing(db, desk.restore);

  const takeIn = writing(db, (read: Made<'sheets'>): Imported => {
    if (!read.ok) throw refuseFile(read.faults);
    const imported: Imported = { added: 0, changed: 0, same: 0 };
    read.value.forEach((sheet, i) => {
      const own = ownSheetSchema.safeParse(sheet);
      if (!own.success) {
        throw refuseFile([{ line: 1, field: `sheets.${i}.id`, message: 'Only own sheets can be taken in: an id such as own-… and “specimen”: false.' }]);
      }
      const stored = keep.sheets.find(own.data.id);
      // a file brings its own numbers: what differs becomes the next version here
      const next = stored && !isDeepStrictEqual({ ...stored, version: 0 }, { ...own.data, version: 0 });
      const what = stored && !next ? 'same' : desk.put({ ...own.data, version: (stored?.version ?? 0) + 1 });
      keep.sheets.restore(own.data.id);
      imported[what] += 1;
    });
    return imported;
  });

  return (
    Router()
      .get('/sheets/file', (_req, res) => {
        res.set('Content-Disposition', 'attachment; filename="label-sheets.json"').type('json').send(writeSheetFile(keep.sheets.list()));
      })
      .post('/sheets/file', async (req, res) => {
        res.json(takeIn(await work('sheets', parse(sheetFileSchema, req.body).text)));
      })
      .post('/sheets/rates', async (req, res) => {
        const read = await work('rates', parse(sheetFileSchema, req.body).text);
        if (!read.ok) throw refuseFile(read.faults);
        res.json(read.value);
      })
      .get('/sheets/:id/rates', (req, res) => {
        const sheet = findSheet(req.params.id) ?? desk.live(req.params.id);
        res.set('Content-Disposition', `attachment; filename="${sheet.id}-rates.csv"`).type('text/csv').send(writeRates(sheet.lines));
      })
      .get('/sheets/:id/versions', (req, res) => sendPart(req, res, desk.versions(req.params.id), byVersion))
      .put('/sheets/:id', (req, res) => void res.json(save(req.params.id, req.body)))
      .delete('/sheets/:id', (req, res) => {
        remove(req.params.id);
        res.status(204).end();
      })
      /** Takes a removal back. */
      .post('/sheets/:id/restore', (req, res) => void res.json(restore(req.params.id)))
  );
}
