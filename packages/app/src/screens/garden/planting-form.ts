import { plantingSchema, type Planting } from '@sleetbrook/core/api';
import { findHost } from '@sleetbrook/core/cards';
import { readSize, trim, UNITS, usualUnit, type Kind, type Outcome, type UnitSystem } from '@sleetbrook/core/measure';
import type { FieldErrors, Resolver } from 'react-hook-form';

/** What stands in the form: text as typed. */
export interface PlantingForm {
  name: string;
  hostId: string;
  place: string;
  site: Planting['site'];
  stage: Planting['stage'];
  /** Null: a plant that nobody here knows, and not asked yet. */
  edible: boolean | null;
  dense: boolean;
  tolerance: Planting['tolerance'];
  area: string;
  height: string;
  trunk: string;
  about: Planting['about'];
  pickFrom: string;
  pickUntil: string;
}

export const EMPTY_FORM: PlantingForm = {
  name: '',
  hostId: '',
  place: '',
  site: 'outdoors',
  stage: 'growing',
  edible: true,
  dense: false,
  tolerance: 'usual',
  area: '',
  height: '',
  trunk: '',
  about: [],
  pickFrom: '',
  pickUntil: '',
};

/** A size in the grower's usual unit for it; what a metric grower typed comes back as it was. */
const inUsual = (si: number, kind: Kind, units: UnitSystem): string =>
  trim(si / UNITS[usualUnit(kind, units)].si, units === 'us' || units === 'imperial' ? 2 : 6);

export const formOf = (p: Planting, units: UnitSystem): PlantingForm => ({
  name: p.name,
  hostId: p.hostId,
  place: p.place,
  site: p.site,
  stage: p.stage,
  edible: p.edible,
  dense: p.dense,
  tolerance: p.tolerance,
  area: inUsual(p.areaM2, 'area', units),
  height: p.heightM === null ? '' : inUsual(p.heightM, 'height', units),
  trunk: p.trunkCm === null ? '' : inUsual(p.trunkCm / 100, 'trunk', units),
  about: p.about,
  pickFrom: p.pickFrom ?? '',
  pickUntil: p.pickUntil ?? '',
});

const TYPED_AS: Readonly<Record<string, string>> = { areaM2: 'area', heightM: 'height', trunkCm: 'trunk' };

/** A size as typed; its bounds are the schema's. */
const size = (text: string, kind: Kind, units: UnitSystem): Outcome<number> => readSize(text, kind, units, { min: -Infinity, max: Infinity, what: '' });

/** Text to a planting, or the message for each field. @param units what a bare size is typed in */
export function readForm(form: PlantingForm, id: string, revision: number, units: UnitSystem): { planting: Planting } | { errors: Record<string, string> } {
  const area = size(form.area, 'area', units);
  const errors: Record<string, string> = {};
  if (!area.ok) errors['area'] = area.reasons[0]?.sentence ?? 'Type the area in figures.';
  const optional = (key: 'height' | 'trunk'): number | null => {
    if (form[key].trim() === '') return null;
    const n = size(form[key], key, units);
    if (!n.ok) errors[key] = n.reasons[0]?.sentence ?? 'Type it in figures.';
    return n.ok ? n.value : null;
  };
  const trunk = optional('trunk');
  if (form.edible === null) errors['edible'] = 'Say whether anybody eats from it: waits and labels go by that.';
  const host = findHost(form.hostId);
  const parsed = plantingSchema.safeParse({
    id,
    revision,
    name: form.name,
    hostId: form.hostId,
    place: form.place,
    site: form.site,
    stage: form.stage,
    // of a plant that stands for another only its grower knows
    edible: form.edible === true && (host?.stands !== undefined || (host?.edible ?? true)),
    dense: form.dense,
    tolerance: form.tolerance,
    heightM: optional('height'),
    trunkCm: trunk === null ? null : Math.round(trunk * 1e6) / 1e4,
    about: form.about,
    areaM2: area.ok ? area.value : 1,
    pickFrom: form.edible && form.pickFrom.trim() ? form.pickFrom.trim() : null,
    pickUntil: form.edible && form.pickUntil.trim() ? form.pickUntil.trim() : null,
  });
  for (const issue of parsed.error?.issues ?? []) {
    const path = String(issue.path[0] ?? 'name');
    const at = TYPED_AS[path] ?? path;
    errors[at] ??= /^pick/.test(at) && issue.code === 'invalid_format' ? 'Type the day as 2026-06-13.' : issue.message;
  }
  return parsed.success && Object.keys(errors).length === 0 ? { planting: parsed.data } : { errors };
}

/** The same reading, as react-hook-form asks for it. */
export const plantingResolver =
  (units: UnitSystem): Resolver<PlantingForm> =>
  (form) => {
    const read = readForm(form, '00000000-0000-7000-8000-000000000000', 0, units);
    if ('planting' in read) return { values: form, errors: {} };
    return {
      values: {},
      errors: Object.fromEntries(Object.entries(read.errors).map(([k, message]) => [k, { type: 'value', message }])) as FieldErrors<PlantingForm>,
    };
  };
