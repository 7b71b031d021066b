import { gardenSchema, type Garden } from '@sleetbrook/core/api';
import { parseNumber, STARTER_KITS } from '@sleetbrook/core/measure';
import type { FieldErrors, Resolver } from 'react-hook-form';

export interface GardenForm {
  name: string;
  country: string;
  region: string;
  town: string;
  latitude: string;
  longitude: string;
  zone: string;
  units: Garden['units'];
  policy: Garden['policy'];
  around: Garden['around'];
  homeMade: Garden['homeMade'];
  plans: Garden['plans'];
  emergencyNumber: string;
  poisonCentre: string;
}

export const gardenFormOf = (g: Garden): GardenForm => ({
  name: g.name,
  country: g.country,
  region: g.region,
  town: g.town,
  latitude: String(g.latitude),
  longitude: String(g.longitude),
  zone: g.zone,
  units: g.units,
  policy: g.policy,
  around: g.around,
  homeMade: g.homeMade,
  plans: g.plans,
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
  if (!before.setUp && form.country === '') errors['country'] = 'Choose the country: what may be used and what must be reported depends on it.';
  // the place that stands there before anything was chosen is nobody's
  if (!before.setUp && form.country !== '' && form.latitude === String(before.latitude) && form.longitude === String(before.longitude))
    errors['town'] = 'Choose a town near you, or use this device’s position.';
  const parsed = gardenSchema.safeParse({
    ...before,
    ...form,
    latitude: number('latitude'),
    longitude: number('longitude'),
    setUp: true,
    measures: isStarter(before) ? STARTER_KITS[form.units] : before.measures,
  });
  for (const issue of parsed.error?.issues ?? [])
    errors[issue.path[0] === 'plans' ? issue.path.slice(0, 3).join('.') : String(issue.path[0] ?? 'name')] ??= issue.message;
  return parsed.success && Object.keys(errors).length === 0 ? { garden: parsed.data } : { errors };
}

export const gardenResolver =
  (before: Garden): Resolver<GardenForm> =>
  (form) => {
    const read = readGarden(form, before);
    if ('garden' in read) return { values: form, errors: {} };
    return {
      values: {},
      errors: nested(read.errors),
    };
  };

/** Messages by dotted path as react-hook-form keeps them; a message below a list also stands at the list itself. */
function nested(errors: Readonly<Record<string, string>>): FieldErrors<GardenForm> {
  const out: Record<string, { type: string; message: string }> = {};
  for (const [path, message] of Object.entries(errors)) {
    const [first = path] = path.split('.');
    out[first] ??= { type: 'value', message: path.includes('.') ? `${path}: ${message}` : message };
  }
  return out as FieldErrors<GardenForm>;
}
