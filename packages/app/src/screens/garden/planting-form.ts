import { plantingSchema, type Planting } from '@sleetbrook/core/api';
import { findHost } from '@sleetbrook/core/cards';
import { convert, parseNumber } from '@sleetbrook/core/measure';
import type { FieldErrors, Resolver } from 'react-hook-form';

/** What stands in the form: text as typed. */
export interface PlantingForm {
  name: string;
  hostId: string;
  place: string;
  site: Planting['site'];
  stage: Planting['stage'];
  edible: boolean;
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
  hostId: 'broad-bean',
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

export const formOf = (p: Planting, us: boolean): PlantingForm => ({
  name: p.name,
  hostId: p.hostId,
  place: p.place,
  site: p.site,
  stage: p.stage,
  edible: p.edible,
  dense: p.dense,
  tolerance: p.tolerance,
  area: String(us ? Math.round(convert<'area'>(p.areaM2, 'm2', 'ft2') * 10) / 10 : p.areaM2),
  height: p.heightM === null ? '' : String(p.heightM),
  trunk: p.trunkCm === null ? '' : String(p.trunkCm),
  about: p.about,
  pickFrom: p.pickFrom ?? '',
  pickUntil: p.pickUntil ?? '',
});

const TYPED_AS: Readonly<Record<string, string>> = { areaM2: 'area', heightM: 'height', trunkCm: 'trunk' };

/** Text to a planting, or the message for each field. @param us the area is typed in square feet */
export function readForm(form: PlantingForm, id: string, revision: number, us: boolean): { planting: Planting } | { errors: Record<string, string> } {
  const area = parseNumber(form.area);
  const errors: Record<string, string> = {};
  if (!area.ok) errors['area'] = area.reasons[0]?.sentence ?? 'Type the area in figures.';
  const optional = (key: 'height' | 'trunk'): number | null => {
    if (form[key].trim() === '') return null;
    const n = parseNumber(form[key]);
    if (!n.ok) errors[key] = n.reasons[0]?.sentence ?? 'Type it in figures.';
    return n.ok ? n.value : null;
  };
  const parsed = plantingSchema.safeParse({
    id,
    revision,
    name: form.name,
    hostId: form.hostId,
    place: form.place,
    site: form.site,
    stage: form.stage,
    edible: form.edible && (findHost(form.hostId)?.edible ?? true),
    dense: form.dense,
    tolerance: form.tolerance,
    heightM: optional('height'),
    trunkCm: optional('trunk'),
    about: form.about,
    areaM2: area.ok ? (us ? convert<'area'>(area.value, 'ft2', 'm2') : area.value) : 1,
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
  (us: boolean): Resolver<PlantingForm> =>
  (form) => {
    const read = readForm(form, '00000000-0000-7000-8000-000000000000', 0, us);
    if ('planting' in read) return { values: form, errors: {} };
    return {
      values: {},
      errors: Object.fromEntries(Object.entries(read.errors).map(([k, message]) => [k, { type: 'value', message }])) as FieldErrors<PlantingForm>,
    };
  };
