import {
  COURSE_ON,
  UNSET_GARDEN,
  freshLap,
  type Batch,
  type Calibration,
  type Case,
  type Planting,
  type ShedItem,
  treatmentRequestSchema,
} from '@sleetbrook/core/api';
import { recordOf, weatherDesk } from '@sleetbrook/core/house';
import { LYE_GATES } from '@sleetbrook/core/bench';
import { instant } from '@sleetbrook/core/measure';
import { addDays, dayOf } from '@sleetbrook/core/schedule';
import { writing } from '../db/writing';
import { batchStore } from '../batches/store';
import { caseStore } from '../cases/store';
import type { Context } from '../context';
import { gardenStore } from '../garden/store';
import { lookStore } from '../looks/store';
import { plantingStore } from '../plantings/store';
import { shedStore } from '../shed/store';
import { confirmationStore } from '../sheets/store';
import { houseContext } from '../house/context';
import { treatmentStore } from '../treatments/store';

/** Fixed ids, so that the demonstration is the same each time. */
const uuid = (n: number) => `0197a000-0000-7000-8000-${n.toString().padStart(12, '0')}`;
const ZONE = 'Europe/London';

/** The invented Larkfold garden: a windy terraced plot in a cool-temperate place. */
const GARDEN = {
  ...UNSET_GARDEN,
  revision: 1,
  name: 'Larkfold',
  town: 'Larkfold',
  latitude: 55.2,
  longitude: -1.9,
  zone: ZONE,
  country: 'GB',
  emergencyNumber: '999',
  setUp: true,
};

const base = {
  revision: 1,
  site: 'outdoors' as const,
  dense: false,
  tolerance: 'usual' as const,
  heightM: null,
  trunkCm: null,
  about: [],
  noFlowerOn: null,
  stageOn: null,
  pickFrom: null,
  pickUntil: null,
};
const PLANTINGS: Planting[] = [
  {
    ...base,
    id: uuid(1),
    name: 'Broad beans',
    hostId: 'broad-bean',
    place: 'Upper terrace',
    stage: 'flowering',
    edible: true,
    dense: true,
    areaM2: 20,
    pickFrom: '2026-06-13',
    pickUntil: '2026-07-05',
  },
  {
    ...base,
    id: uuid(2),
    name: 'Leeks',
    hostId: 'leek',
    place: 'Upper terrace',
    stage: 'growing',
    edible: true,
    areaM2: 6,
    pickFrom: '2026-09-15',
    pickUntil: '2026-11-30',
  },
  {
    ...base,
    id: uuid(3),
    name: 'Gooseberries',
    hostId: 'gooseberry',
    place: 'Lower terrace',
    stage: 'fruiting',
    edible: true,
    areaM2: 7,
    pickFrom: '2026-06-20',
    pickUntil: '2026-07-04',
  },
  {
    ...base,
    id: uuid(4),
    name: 'Raspberry row',
    hostId: 'raspberry',
    place: 'Lower terrace',
    stage: 'growing',
    edible: true,
    areaM2: 5,
    pickFrom: '2026-07-05',
    pickUntil: '2026-08-10',
  },
  {
    ...base,
    id: uuid(5),
    name: 'Espaliered apples',
    hostId: 'apple',
    place: 'South fence',
    stage: 'fruiting',
    edible: true,
    areaM2: 8,
    pickFrom: '2026-09-10',
    pickUntil: '2026-10-05',
  },
  {
    ...base,
    id: uuid(6),
    name: 'Wall pear',
    hostId: 'pear',
    place: 'House wall',
    stage: 'fruiting',
    edible: true,
    areaM2: 6,
    pickFrom: '2026-09-01',
    pickUntil: '2026-09-20',
  },
  {
    ...base,
    id: uuid(7),
    name: 'Tunnel tomatoes',
    hostId: 'tomato',
    place: 'Tunnel',
    site: 'tunnel',
    stage: 'growing',
    edible: true,
    areaM2: 4,
    pickFrom: '2026-07-20',
    pickUntil: '2026-10-10',
  },
  { ...base, id: uuid(8), name: 'Sweet peas', hostId: 'sweet-pea', place: 'Arch', stage: 'growing', edible: false, areaM2: 1.5 },
  { ...base, id: uuid(9), name: 'Hollyhocks', hostId: 'hollyhock', place: 'Gate', stage: 'growing', edible: false, areaM2: 2 },
  { ...base, id: uuid(10), name: 'Box hedge', hostId: 'box', place: 'Path', stage: 'growing', edible: false, dense: true, areaM2: 9 },
  { ...base, id: uuid(11), name: 'Bay in a pot', hostId: 'bay', place: 'Yard', stage: 'growing', edible: true, areaM2: 0.8 },
  { ...base, id: uuid(12), name: 'Orchid', hostId: 'orchid', place: 'Windowsill', site: 'indoors', stage: 'flowering', edible: false, areaM2: 0.1 },
  { ...base, id: uuid(13), name: 'Peperomia', hostId: 'peperomia', place: 'Windowsill', site: 'indoors', stage: 'growing', edible: false, areaM2: 0.1 },
];

interface Story {
  n: number;
  planting: number;
  trouble: string;
  confidence: number;
  seen: string[];
  notSeen: string[];
  lookedAt: string;
  affected: number;
  looked: number;
  control?: string;
  doneAt?: string;
  amount?: number;
  waterMl?: number;
  cleared?: string;
  after?: { at: string; affected: number; looked: number; effect: number };
}

/** What has happened at Larkfold before Sunday 24 May 2026, 19:10. */
const STORIES: Story[] = [
  {
    n: 1,
    planting: 3,
    trouble: 'gooseberry-sawfly',
    confidence: 0.96,
    seen: ['caterpillar', 'only-veins', 'eggs-along-veins'],
    notSeen: ['slime'],
    lookedAt: '2026-05-23T17:20:00.000Z',
    affected: 6,
    looked: 20,
    control: 'pyrethrin-spray',
    doneAt: '2026-05-24T07:20:00.000Z',
    amount: 8.4,
    waterMl: 1400,
  },
  {
    n: 2,
    planting: 2,
    trouble: 'rust',
    confidence: 0.94,
    seen: ['pustules', 'yellow-spots-above'],
    notSeen: ['powder'],
    lookedAt: '2026-05-17T08:10:00.000Z',
    affected: 5,
    looked: 30,
    control: 'pick-off-leaves',
    doneAt: '2026-05-17T08:40:00.000Z',
  },
  {
    n: 3,
    planting: 5,
    trouble: 'apple-scab',
    confidence: 0.9,
    seen: ['olive-spots'],
    notSeen: ['powder', 'ants'],
    lookedAt: '2026-05-24T06:30:00.000Z',
    affected: 4,
    looked: 40,
  },
  {
    n: 4,
    planting: 9,
    trouble: 'rust',
    confidence: 0.95,
    seen: ['pustules', 'yellow-spots-above'],
    notSeen: [],
    lookedAt: '2026-05-02T09:00:00.000Z',
    affected: 12,
    looked: 30,
    control: 'pick-off-leaves',
    doneAt: '2026-05-02T09:30:00.000Z',
    cleared: '2026-05-16T09:00:00.000Z',
    after: { at: '2026-05-09T09:00:00.000Z', affected: 2, looked: 30, effect: 83.3 },
  },
];

/** The pump sprayer, walked out in spring of two years: its nozzle has worn. */
const WALKS: readonly Calibration[] = [
  { id: uuid(611), at: '2025-04-12T09:30:00.000Z', style: 'run-off', areaM2: 20, ml: 8200, seconds: 615 },
  { id: uuid(612), at: '2026-04-18T08:40:00.000Z', style: 'run-off', areaM2: 20, ml: 8100, seconds: 540 },
];

const item = (n: number, change: Partial<ShedItem> & Pick<ShedItem, 'name' | 'amount' | 'unit' | 'on'>): ShedItem => ({
  id: uuid(n),
  revision: 1,
  kind: 'product',
  sheetId: null,
  packSize: null,
  price: null,
  strength: null,
  hazards: [],
  goodUntil: null,
  useBy: null,
  plantingId: null,
  where: 'Locked cupboard',
  note: '',
  ...change,
});

const SHELF: readonly ShedItem[] = [
  item(621, { name: 'Potassium soap', sheetId: 'potassium-soap', amount: 310, unit: 'ml', packSize: 500, price: 8.5, on: '2026-04-02', hazards: ['fish'] }),
  item(622, { name: 'Wettable sulfur', sheetId: 'wettable-sulfur', amount: 220, unit: 'g', packSize: 250, price: 7, on: '2025-05-20' }),
  item(623, {
    kind: 'stock',
    name: 'Copper stock',
    amount: 1400,
    unit: 'ml',
    packSize: 2000,
    on: '2026-02-08',
    strength: { gPerL: 119.83, of: 'copper' },
    hazards: ['swallowed', 'eyes', 'fish'],
  }),
  item(624, {
    kind: 'stock',
    name: 'Lime stock',
    amount: 1400,
    unit: 'ml',
    packSize: 2000,
    on: '2026-02-08',
    strength: { gPerL: 119.83, of: 'lime' },
    hazards: ['corrosive', 'eyes'],
  }),
];

/** A batch that is being stirred. */
const SOAP: Batch = {
  id: uuid(631),
  revision: 1,
  name: 'Soap of Tue 19 May',
  startedAt: '2026-05-19T16:30:00.000Z',
  oils: [
    { oilId: 'rapeseed', g: 800 },
    { oilId: 'sunflower', g: 200 },
  ],
  lyeG: 193,
  purity: 90,
  waterG: 154.4,
  yieldMl: 7720,
  confirmed: [...LYE_GATES],
  tempC: 21,
  blendedAt: '2026-05-19T17:05:00.000Z',
  thinnedAt: '2026-05-21T18:20:00.000Z',
  stirs: ['2026-05-22T07:10:00.000Z', '2026-05-22T18:30:00.000Z', '2026-05-23T07:40:00.000Z', '2026-05-23T19:05:00.000Z', '2026-05-24T07:25:00.000Z'],
  readyAt: null,
  note: '',
};

/** Puts Larkfold into an empty database; leaves any other as it is. */
export function seedLarkfold(context: Omit<Context, 'exchange'>): void {
  const { db } = context;
  if (gardenStore(db).stored() || plantingStore(db).list().length > 0) return;
  writing(db, () => {
    gardenStore(db).save(GARDEN);
    for (const p of PLANTINGS) plantingStore(db).save(p);
    const addSprayer = db.prepare('INSERT INTO sprayer (id, revision, name, capacity_ml, for_weedkiller, calibrations) VALUES (?, 1, ?, ?, ?, ?)');
    addSprayer.run(uuid(101), 'Pump sprayer', 5000, 0, JSON.stringify(WALKS));
    addSprayer.run(uuid(102), 'Hand sprayer', 1000, 0, '[]');
    addSprayer.run(uuid(103), 'Old red sprayer', 8000, 1, '[]');
    for (const item of SHELF) shedStore(db).put(item);
    batchStore(db).put(SOAP);
    confirmationStore(db).add({ sheetId: 'pyrethrins', version: 1, confirmedAt: '2026-05-23T17:40:00.000Z' });
    for (const story of STORIES) tell(context, story);
  })();
}

function tell(context: Omit<Context, 'exchange'>, s: Story): void {
  const { db } = context;
  const planting = PLANTINGS.find((p) => p.id === uuid(s.planting)) as Planting;
  const [caseId, lookId, treatmentId] = [uuid(200 + s.n), uuid(300 + s.n), uuid(400 + s.n)];
  const answers = [...s.seen.map((signId) => ({ signId, seen: true })), ...s.notSeen.map((signId) => ({ signId, seen: false }))];
  lookStore(db).add({ id: lookId, plantingId: planting.id, caseId, at: s.lookedAt, answers, count: { affected: s.affected, looked: s.looked }, note: '' });

  const lap = { ...freshLap(), ...(s.control ? { controlId: s.control, decidedAt: s.lookedAt } : {}) };
  const found: Case = {
    id: caseId,
    revision: 1,
    plantingId: planting.id,
    troubleId: s.trouble,
    confidence: s.confidence,
    lookId,
    purpose: 'seen',
    stageSeen: null,
    openedAt: s.lookedAt,
    status: s.cleared ? 'cleared' : 'open',
    closedAt: s.cleared ?? null,
    laps: [lap],
    course: COURSE_ON,
  };
  if (s.control && s.doneAt) {
    const request = treatmentRequestSchema.parse({
      id: treatmentId,
      caseId,
      plantingId: planting.id,
      controlId: s.control,
      sheetId: null,
      trunkCm: null,
      heightM: null,
      finishedAt: s.doneAt,
      areaM2: planting.areaM2,
      amount: s.amount ?? null,
      waterMl: s.waterMl ?? null,
      by: 'You',
      why: '',
    });
    const weather = weatherDesk(houseContext(context)).forRecord(new Date(s.doneAt), GARDEN);
    lap.treatmentId = treatmentId;
    lap.lookAgainOn = addDays(dayOf(instant(Date.parse(s.doneAt)), ZONE), s.trouble === 'rust' ? 7 : 4);
    if (s.after) {
      const afterId = uuid(500 + s.n);
      lookStore(db).add({
        id: afterId,
        plantingId: planting.id,
        caseId,
        at: s.after.at,
        answers: [],
        count: { affected: s.after.affected, looked: s.after.looked },
        note: '',
      });
      lap.afterLookId = afterId;
      lap.effectPercent = s.after.effect;
    }
    caseStore(db).save(found);
    treatmentStore(db).add(
      recordOf(request, {
        garden: GARDEN,
        planting,
        troubleId: s.trouble,
        weather,
        now: new Date(s.doneAt),
        before: [],
        confirmed: () => true,
        ownSheet: () => undefined,
      }),
    );
    return;
  }
  caseStore(db).save(found);
}
