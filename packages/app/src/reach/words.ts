import { findControlCard, findTroubleCard } from '@sleetbrook/core/cards';
import { inSentence, sayIn, type Dimension, type UnitSystem } from '@sleetbrook/core/measure';
import { nameOf } from './known';

type Doc = Readonly<Record<string, unknown>>;
const word = (d: Doc, key: string): string => (typeof d[key] === 'string' ? d[key] : '');
const on = (d: Doc): string => {
  const name = nameOf(`/plantings/${word(d, 'plantingId')}`);
  return name ? ` on ${name}` : '';
};

const KINDS: Readonly<Record<string, (d: Doc) => string>> = {
  garden: () => 'The garden’s settings',
  plantings: (d) => word(d, 'name') || 'A planting',
  looks: (d) => `A look${on(d)}`,
  cases: (d) => `The case of ${inSentence(findTroubleCard(word(d, 'troubleId'))?.name ?? 'a trouble')}${on(d)}`,
  treatments: (d) => (d['controlId'] ? `${findControlCard(word(d, 'controlId'))?.name ?? 'A treatment'}${on(d)}` : 'A record struck out'),
  'shed-items': (d) => `In the shed: ${word(d, 'name') || 'an item'}`,
  sprayers: (d) => word(d, 'name') || 'A sprayer',
  batches: (d) => `Soap: ${word(d, 'name') || 'a batch'}`,
  sheets: (d) => `The label ${word(d, 'name')}`.trim(),
  confirmations: () => 'A label checked',
  weather: () => 'A look at the sky',
  photos: () => 'A photograph',
  readings: (d) => `What was read on ${word(d, 'id')}`.trim(),
  milestones: (d) => `What was seen${on(d)}`,
  hushes: (d) => `A warning put off${on(d)}`,
};

/** What a write is, in words. */
export function whatIs(method: string, path: string, body: unknown): string {
  const [, kind = '', id = '', verb] = (path.split('?')[0] ?? '').split('/');
  const document: Doc = typeof body === 'object' && body !== null && !(body instanceof Blob) ? (body as Doc) : {};
  const name = KINDS[kind]?.({ ...(nameOf(`/${kind}/${id}`) ? { name: nameOf(`/${kind}/${id}`) } : {}), ...document }) ?? 'A change';
  if (method === 'DELETE') return `${name}: taken away`;
  return verb === 'restore' ? `${name}: put back` : name;
}

/** Fields by the words that their screens use. */
const FIELDS: Readonly<Record<string, string>> = {
  name: 'Name',
  place: 'Place',
  stage: 'Stage',
  site: 'Where it grows',
  areaM2: 'Area',
  about: 'About it',
  tolerance: 'How much is borne',
  pickFrom: 'Picked from',
  pickUntil: 'Picked until',
  heightM: 'Height',
  trunkCm: 'Round the trunk',
  amount: 'What is left',
  note: 'Note',
  status: 'State',
  troubleId: 'Trouble',
  laps: 'Plan and what was done',
  units: 'Units',
  policy: 'What may be used',
  measures: 'Measures',
  calibrations: 'Calibrations',
  stirs: 'Stirred',
  lines: 'Rates',
  emergencyNumber: 'Emergency number',
  poisonCentre: 'Poison centre',
  leastC: 'The least, °C',
  mostC: 'The most, °C',
  rainMm: 'Rain, mm',
  rainFell: 'When rain fell',
  at: 'When',
  on: 'The day',
};

/** A field’s name for a grower: what has no word of its own is taken apart. */
export const fieldWords = (field: string): string =>
  FIELDS[field] ?? field.replace(/([A-Z])/g, (c) => ` ${c.toLowerCase()}`).replace(/^./, (c) => c.toUpperCase());

/** Figures that are kept in one unit and read in the grower's: what one of theirs is in SI. */
const SIZES: Readonly<Record<string, readonly [dimension: Dimension, si: number]>> = { areaM2: ['area', 1], heightM: ['length', 1], trunkCm: ['length', 0.01] };

/** A value as it can be read, in the grower's units. */
export function sayValue(field: string, value: unknown, units: UnitSystem = 'metric'): string {
  if (value === null || value === undefined || value === '') return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  const size = SIZES[field];
  if (size && typeof value === 'number') return sayIn(value * size[1], size[0], units);
  if (field === 'troubleId') return findTroubleCard(String(value))?.name ?? String(value);
  if (field === 'laps' && Array.isArray(value)) return sayLaps(value as readonly Doc[]);
  if (Array.isArray(value)) return value.every((v) => typeof v === 'string') ? value.join(', ') || 'nothing' : `${value.length} of them`;
  if (typeof value === 'object') return 'something else';
  return String(value);
}

const sayLaps = (laps: readonly Doc[]): string => {
  const last = laps.at(-1) ?? {};
  const control = findControlCard(word(last, 'controlId'))?.name;
  const state = last['afterLookId'] ? ', counted since' : last['treatmentId'] ? ', done' : '';
  return `${laps.length === 1 ? 'one time round' : `${laps.length} times round`}: ${control ? `${control}${state}` : 'nothing decided'}`;
};
