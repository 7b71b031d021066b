import type { Garden, Planting, Treatment, TreatmentRequest } from '@sleetbrook/core/api';
import { findControlCard, findHost, findTroubleCard, type ControlCard } from '@sleetbrook/core/cards';
import { lineFor, mustBeChecked, quoteLine, type LabelLine, type LabelSheet } from '@sleetbrook/core/label';
import { findSheet } from '@sleetbrook/core/sheets';
import { instant } from '@sleetbrook/core/measure';
import { clocksFor } from '@sleetbrook/core/schedule';
import type { HourlyWeather } from '@sleetbrook/core/weather';
import { invalid } from '../http/problem';

interface Facts {
  readonly garden: Garden;
  readonly planting: Planting;
  readonly troubleId: string | null;
  readonly weather: HourlyWeather;
  readonly now: Date;
  readonly confirmed: (sheet: LabelSheet) => boolean;
  /** The grower's own sheet by its id, in the version in use. */
  readonly ownSheet: (id: string) => LabelSheet | undefined;
}

/**
 * The record of a treatment, with the clocks it starts. The clocks come from the label, never from
 * the client, and what the label does not carry is refused here too.
 * @throws HttpProblem 422 with the field and, for a rate, the label's line
 */
export function recordOf(request: TreatmentRequest, facts: Facts): Treatment {
  const { garden, planting, weather, now } = facts;
  const host = findHost(planting.hostId);
  const control = findControlCard(request.controlId);
  if (!host || !control) throw invalid('controlId', 'This control is not known.');
  if (Date.parse(request.finishedAt) > now.getTime() + 5 * 60_000) throw invalid('finishedAt', 'A treatment can not be finished in the future.');

  const sheet = sheetFor(request, control, facts);
  let line: LabelLine | null = null;
  if (sheet) {
    if (!facts.troubleId) throw invalid('caseId', 'A product is used for a trouble: record it from its case.');
    const trouble = findTroubleCard(facts.troubleId);
    if (!trouble) throw invalid('caseId', 'This trouble is not known.');
    const found = lineFor(sheet, host, trouble);
    if (!found.ok) throw invalid('controlId', found.reasons[0]?.sentence ?? 'Not on this label.');
    line = found.value;
    if (mustBeChecked(sheet) && !facts.confirmed(sheet)) {
      throw invalid('controlId', `Check the figures of ${sheet.name} against your own label first, in the Shed.`);
    }
    checkRate(request, sheet, line);
  }
  const clocks = sheet && line ? clocksFor(sheet, line, instant(Date.parse(request.finishedAt)), weather, garden.zone) : null;
  return {
    ...request,
    plantingName: planting.name,
    crop: host.name,
    place: planting.place,
    controlName: control.name,
    sheet,
    lineId: line?.id ?? null,
    weather: { temperatureC: weather.temperatureC, humidityPct: weather.humidityPct, windMs: weather.windMs, cloud: weather.cloud },
    keepOutUntil: clocks ? new Date(clocks.keepOutUntil).toISOString() : null,
    pickFrom: clocks?.pickFrom && planting.edible ? new Date(clocks.pickFrom).toISOString() : null,
    working: clocks ? clocks.working.map((w) => ({ ...w, inputs: [...w.inputs] })) : [],
    recordedAt: now.toISOString(),
  };
}

/** The sheet it was mixed from: the grower's own where one is named, else the specimen. */
function sheetFor(request: TreatmentRequest, control: ControlCard, { ownSheet }: Facts): LabelSheet | null {
  if (request.sheetId === null) return control.sheet ? (findSheet(control.sheet) ?? null) : null;
  const own = ownSheet(request.sheetId);
  if (!own) throw invalid('sheetId', 'There is no such label sheet.');
  if (own.control !== control.id) throw invalid('sheetId', `${own.name} is no sheet for this control.`);
  return own;
}

/** What the label's rate is counted by. */
function sizeOf(r: TreatmentRequest, { rate }: LabelLine): number {
  if (rate.form === 'per-cm-trunk') {
    if (r.trunkCm === null) throw invalid('trunkCm', 'This label goes by the trunk: say what the tape read.');
    return r.trunkCm;
  }
  if (rate.form === 'per-m-height') {
    if (r.heightM === null) throw invalid('heightM', 'This label goes by the height: say how tall the plant is.');
    return r.heightM;
  }
  return r.areaM2;
}

function checkRate(r: TreatmentRequest, sheet: LabelSheet, line: LabelLine): void {
  if (r.amount === null) throw invalid('amount', 'Say how much product was used.');
  const perLitre = line.rate.form === 'per-litre';
  if (perLitre && !r.waterMl) throw invalid('waterMl', 'Say how much mix was made.');
  const rate = perLitre ? (r.amount / (r.waterMl ?? 1)) * 1000 : r.amount / sizeOf(r, line);
  if (rate > line.rate.max * 1.0001) throw invalid('amount', `Above the label. ${quoteLine(sheet, line)}.`);
}
