import { batchSchema, type Batch, type ShedItem } from '../api';
import { checkSoap, LYE_GATES, REST_HOURS } from '../mix/bench';
import { DateTime } from 'luxon';
import type { HouseContext } from './keeping';
import { invalid, notFound, parse, sameId } from './refusal';
import { reviseOrConflict } from './revise';
import { LATE_MS } from './times';

const HOUR = 3_600_000;

/**
 * What may not be kept: lye in excess, a missing confirmation, a stage before its time.
 * @throws Refusal 422 with the field
 */
function checkBatch(b: Batch, now: Date): void {
  const soap = checkSoap(b.oils, b.lyeG, b.purity, 'potassium');
  if (!soap.ok) throw invalid(soap.reasons[0]?.field ?? 'oils', soap.reasons[0]?.sentence ?? 'This can not be worked out.');
  if (soap.value.verdict === 'lye-left') throw invalid('lyeG', soap.value.sentence);
  const missing = LYE_GATES.find((g) => !b.confirmed.includes(g));
  if (missing) throw invalid('confirmed', `Not confirmed: ${missing}.`);
  const times = [b.startedAt, b.blendedAt, b.thinnedAt, ...b.stirs, b.readyAt].filter((t): t is string => t !== null);
  if (times.some((t) => Date.parse(t) > now.getTime() + LATE_MS)) throw invalid('startedAt', 'That lies in the future.');
  if (b.blendedAt !== null && b.blendedAt < b.startedAt) throw invalid('blendedAt', 'It can not be blended before it was begun.');
  if (b.thinnedAt !== null) {
    if (b.blendedAt === null) throw invalid('thinnedAt', 'Blend it first.');
    if (Date.parse(b.thinnedAt) < Date.parse(b.blendedAt) + REST_HOURS * HOUR - LATE_MS) {
      throw invalid('thinnedAt', `It rests ${REST_HOURS} hours first: until then there may be lye in it.`);
    }
  }
  if ((b.stirs.length > 0 || b.readyAt !== null) && b.thinnedAt === null) throw invalid('stirs', 'Thin it first.');
  const thinned = b.thinnedAt;
  if (thinned !== null && b.stirs.some((s) => s < thinned)) throw invalid('stirs', 'It can not be stirred before it was thinned.');
  if (thinned !== null && b.readyAt !== null && b.readyAt < thinned) throw invalid('readyAt', 'It can not be ready before it was thinned.');
}

/** The finished soap as it stands in the shed. */
const asItem = (b: Batch, zone: string): ShedItem => ({
  id: b.id,
  revision: 1,
  kind: 'soap',
  name: b.name,
  sheetId: null,
  unit: 'ml',
  amount: b.yieldMl,
  packSize: b.yieldMl,
  price: null,
  strength: null,
  hazards: ['eyes', 'fish'],
  on: DateTime.fromISO(b.readyAt ?? b.startedAt, { zone }).toISODate() ?? b.startedAt.slice(0, 10),
  goodUntil: null,
  useBy: null,
  plantingId: null,
  where: '',
  note: '',
});

export function batchDesk({ keep, now }: HouseContext) {
  const find = (id: string): Batch => {
    const b = keep.batches.find(id);
    if (!b) throw notFound('batch');
    return b;
  };
  return {
    find,
    list: (): Batch[] => keep.batches.list(),
    save: (id: string, body: unknown): Batch => {
      const sent = parse(batchSchema, body);
      sameId(id, sent);
      checkBatch(sent, now());
      const before = keep.batches.find(id);
      if (reviseOrConflict(before, sent, 'batch') === 'write') {
        keep.batches.put({ ...sent, revision: sent.revision + 1 });
        if (sent.readyAt !== null && before?.readyAt == null && !keep.shed.find(id)) keep.shed.put(asItem(sent, keep.garden.stored()?.zone ?? 'UTC'));
      }
      return find(id);
    },
    remove: (id: string): void => {
      if (!keep.batches.remove(id)) throw notFound('batch');
    },
  };
}
