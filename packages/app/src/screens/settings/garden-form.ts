import { gardenSchema, type Garden } from '@sleetbrook/core/api';
import { parseNumber, STARTER_KITS } from '@sleetbrook/core/measure';
import type { FieldErrors, Resolver } from 'react-hook-form';

export interface GardenForm {
  name: string;
  town: string;
  latitude: string;
  longitude: string;
  zone: string;
  units: Garden['units'];
  policy: Garden['policy'];
  emergencyNumber: string;
  poisonCentre: string;
}

export const gardenFormOf = (g: Garden): GardenForm => ({
  name: g.name,
  town: g.town,
  latitude: String(g.latitude),
  longitude: String(g.longitude),
  zone: g.zone,
  units: g.units,
  policy: g.policy,
  emergencyNumber: g.emergencyNumber,
  poisonCentre: g.poisonCentre,
});

const isStarter = (g: Garden) => JSON.stringify(g.measures) === JSON.stringify(STARTER_KITS[g.units]);

/** Text to the garden, or the message for each field. Spoons still as first offered follow the units. */
export function readGarden(form: GardenForm, before: Garden): { garden: Garden } | { errors: Record<string, string> } {
  const errors: Record<string, string> = {};
  const number = (key: 'latitude' | 'longitude') => {
    const n = parseNumber(form[key].replace('−', '-'));
    if (!n.ok) errors[key] = n.reasons[0]?.sentence ?? '';
    return n.ok ? n.value : 0;
  };
  const parsed = gardenSchema.safeParse({
    ...before,
    ...form,
    latitude: number('latitude'),
    longitude: number('longitude'),
    setUp: true,
    measures: isStarter(before) ? STARTER_KITS[form.units] : before.measures,
  });
  for (const issue of parsed.error?.issues ?? []) errors[String(issue.path[0] ?? 'name')] ??= issue.message;
  return parsed.success && Object.keys(errors).length === 0 ? { garden: parsed.data } : { errors };
}

export const gardenResolver =
  (before: Garden): Resolver<GardenForm> =>
  (form) => {
    const read = readGarden(form, before);
    if ('garden' in read) return { values: form, errors: {} };
    return {
      values: {},
      errors: Object.fromEntries(Object.entries(read.errors).map(([k, message]) => [k, { type: 'value', message }])) as FieldErrors<GardenForm>,
    };
  };
