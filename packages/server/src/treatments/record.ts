import type { Garden, Planting, Treatment, TreatmentRequest } from '@sleetbrook/core/api';
import { findControl, findHost, findTroubleCard } from '@sleetbrook/core/cards';
import { findSheet, lineFor, quoteLine, type LabelLine, type LabelSheet } from '@sleetbrook/core/label';
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
}

/**
 * The record of a treatment, with the clocks it starts. The clocks come from the label, never from
 * the client, and what the label does not carry is refused here too.
 * @throws HttpProblem 422 with the field and, for a rate, the label's line
 */
export function recordOf(request: TreatmentRequest, facts: Facts): Treatment {
  const { garden, planting, weather, now } = facts;
  const host = findHost(planting.hostId);
  const control = findControl(request.controlId);
  if (!host || !control) throw invalid('controlId', 'This control is not known.');
  if (Date.parse(request.finishedAt) > now.getTime() + 5 * 60_000) throw invalid('finishedAt', 'A treatment can not be finished in the future.');

  const sheet = control.sheet ? (findSheet(control.sheet) ?? null) : null;
  let line: LabelLine | null = null;
  if (sheet) {
    if (!facts.troubleId) throw invalid('caseId', 'A product is used for a trouble: record it from its case.');
    const trouble = findTroubleCard(facts.troubleId);
    if (!trouble) throw invalid('caseId', 'This trouble is not known.');
    const found = lineFor(sheet, host, trouble);
    if (!found.ok) throw invalid('controlId', found.reasons[0]?.sentence ?? 'Not on this label.');
    line = found.value;
    if (sheet.class === 'conventional' && !facts.confirmed(sheet)) {
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

function checkRate(r: TreatmentRequest, sheet: LabelSheet, line: LabelLine): void {
  if (r.amount === null) throw invalid('amount', 'Say how much product was used.');
  const perLitre = line.rate.form === 'per-litre';
  if (perLitre && !r.waterMl) throw invalid('waterMl', 'Say how much mix was made.');
  const rate = perLitre ? (r.amount / (r.waterMl ?? 1)) * 1000 : r.amount / r.areaM2;
  if (rate > line.rate.max * 1.0001) throw invalid('amount', `Above the label. ${quoteLine(sheet, line)}.`);
}
