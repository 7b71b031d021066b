import type { Garden, Planting, Treatment, TreatmentRequest } from '../api';
import { findControlCard, findHost, findTroubleCard, type ControlCard } from '../catalogue/light';
import type { PastTreatment } from '../decide';
import { isTurf } from '../catalogue/pair';
import { allowedIn, madeSheet, type LabelSheet } from '../label';
import { truthOf } from '../record';
import { findSheet } from '../label/sheets';
import { instant } from '../measure';
import type { KeptWeather } from './weather';
import { invalid } from './refusal';
import { LATE_MS, notAhead, notLongAgo } from './times';

interface Facts {
  readonly garden: Garden;
  readonly planting: Planting;
  readonly troubleId: string | null;
  readonly weather: KeptWeather | null;
  readonly now: Date;
  /** Earlier treatments of the planting that count, oldest first. */
  readonly before: readonly PastTreatment[];
  readonly confirmed: (sheet: LabelSheet) => boolean;
  /** The grower's own sheet by its id, in the version in use. */
  readonly ownSheet: (id: string) => LabelSheet | undefined;
}

/**
 * The record of a treatment, with the clocks it starts. The clocks come from the label, never from the client. What
 * was done is always taken, with what it broke and the strictest clocks; only what can not have been is refused.
 * @throws Refusal 422 with the field
 */
export function recordOf(request: TreatmentRequest, facts: Facts): Treatment {
  const { garden, planting, weather, now } = facts;
  const host = findHost(planting.hostId);
  const control = findControlCard(request.controlId);
  if (!host || !control) throw invalid('controlId', 'This control is not known.');
  notAhead('finishedAt', request.finishedAt, now, 'A treatment can not be finished in the future.');
  notLongAgo('finishedAt', request.finishedAt, now);
  if (request.madeAt !== null && Date.parse(request.madeAt) > Date.parse(request.finishedAt) + LATE_MS)
    throw invalid('madeAt', 'It can not have been mixed after it was put on.');
  if (request.waterMl !== null && request.waterMl > MOST_ML_A_M2 * request.areaM2)
    throw invalid('waterMl', 'That is half a metre of water over the whole area. Is it typed right, and in the right unit?');

  const sheet = sheetFor(request, control, facts);
  const trouble = findTroubleCard(facts.troubleId ?? request.troubleId ?? '') ?? null;
  const truth = sheet
    ? truthOf({
        sheet,
        host,
        trouble,
        amount: request.amount,
        waterMl: request.waterMl,
        size: (form) =>
          form === 'per-cm-trunk'
            ? request.trunkCm
            : form === 'per-m-height'
              ? request.heightM
              : form === 'per-m2' || form === 'per-litre'
                ? request.areaM2
                : request.count,
        loads: request.loads.map((l) => ({ ...l, madeAt: at(l.madeAt), outAt: at(l.outAt) })),
        madeAt: at(request.madeAt),
        finishedAt: instant(Date.parse(request.finishedAt)),
        // air that was only forecast or guessed dries nothing
        air: weather?.certainty === 'known' ? weather : null,
        zone: garden.zone,
        country: garden.country || null,
        planting,
        made: request.made !== null,
        confirmed: facts.confirmed(sheet),
        before: facts.before,
      })
    : null;
  const clocks = truth?.clocks ?? null;
  const law = sheet && allowedIn(sheet, garden, { eaten: planting.edible, indoors: planting.site === 'indoors', turf: isTurf(host) });
  return {
    ...request,
    plantingName: planting.name,
    crop: host.name,
    place: planting.place,
    controlName: control.name,
    sheet,
    lineId: truth?.line?.id ?? null,
    weather: weather && {
      temperatureC: weather.temperatureC,
      humidityPct: weather.humidityPct,
      windMs: weather.windMs,
      cloud: weather.cloud,
      source: weather.source,
      certainty: weather.certainty ?? 'known',
    },
    keepOutUntil: clocks ? new Date(clocks.keepOutUntil).toISOString() : null,
    pickFrom: clocks?.pickFrom && planting.edible ? new Date(clocks.pickFrom).toISOString() : null,
    pickUnknown: truth?.pickUnknown ?? false,
    broke: [
      ...(truth?.broke ?? []),
      ...(law?.is === 'barred' ? [law.words] : []),
      ...(request.made && garden.homeMade === 'not-allowed' ? ['Home-made preparations may not be used as pesticides where the garden is.'] : []),
    ],
    struck: null,
    working: clocks ? clocks.working.map((w) => ({ ...w, inputs: [...w.inputs] })) : [],
    recordedAt: now.toISOString(),
  };
}

const at = (iso: string | null) => (iso === null ? null : instant(Date.parse(iso)));

/** Half a metre of water: no drench comes near it, from memory. */
const MOST_ML_A_M2 = 500_000;

/** The sheet it was mixed from: the grower's own where one is named, else the specimen. */
function sheetFor(request: TreatmentRequest, control: ControlCard, { ownSheet }: Facts): LabelSheet | null {
  const specimen = control.sheet ? (findSheet(control.sheet) ?? null) : null;
  if (request.made) return specimen && madeSheet(specimen, request.made);
  if (request.sheetId === null) return specimen;
  const own = ownSheet(request.sheetId);
  if (!own) throw invalid('sheetId', 'There is no such label sheet.');
  if (own.control !== control.id) throw invalid('sheetId', `${own.name} is no sheet for this control.`);
  return own;
}
