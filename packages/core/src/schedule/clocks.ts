import type { LabelLine, LabelSheet } from '../label';
import { celsius, CP, instant, MEM, sayWhen, type Instant, type Working } from '../measure';
import { deltaT, dryingHours } from '../weather';
import { waitUntil } from './local-day';

export interface Clocks {
  /** Nobody goes in before. */
  readonly keepOutUntil: Instant;
  /** Nothing is picked before; null on what is not eaten. */
  readonly pickFrom: Instant | null;
  readonly working: readonly Working[];
}

/** Air at the time of treating, for how long "until dry" takes. */
export interface AirThen {
  readonly temperatureC: number;
  readonly humidityPct: number;
}

const HOUR = 3_600_000;

/**
 * The keep-out and picking clocks that a treatment starts when it is finished.
 * "Until dry" is given as 2 hours in drying air (delta T of 2 °C or more), 4 hours otherwise and 12 in air near dew, and until
 * dry to the touch: a stand-in figure from memory on the long side.
 * A picking wait never ends before the keep-out does.
 * @param finishedAt when the last of it was put on
 */
export function clocksFor(sheet: LabelSheet, line: LabelLine, finishedAt: Instant, air: AirThen, zone: string): Clocks {
  const reEntry = sheet.reEntry;
  const hours = reEntry.kind === 'hours' ? reEntry.hours : dryingHours({ deltaT: deltaT(celsius(air.temperatureC), air.humidityPct) });
  const keepOutUntil = instant(finishedAt + hours * HOUR);
  const working: Working[] = [
    {
      title: 'Keep out until',
      result: sayWhen(keepOutUntil, finishedAt, zone),
      inputs: [
        { name: 'Finished', value: sayWhen(finishedAt, finishedAt, zone) },
        { name: reEntry.kind === 'hours' ? 'Re-entry on the label' : 'Time to dry', value: `${hours} h` },
      ],
      formula: reEntry.kind === 'hours' ? 'finish time plus the label’s re-entry time' : 'finish time plus drying time; and until dry to the touch',
      source: reEntry.kind === 'hours' ? line.prov : MEM,
    },
  ];
  if (line.phiDays === null) return { keepOutUntil, pickFrom: null, working };
  const pickFrom = instant(Math.max(keepOutUntil, waitUntil(finishedAt, line.phiDays, zone)));
  working.push({
    title: 'Pick from',
    result: sayWhen(pickFrom, finishedAt, zone),
    inputs: [
      { name: 'Finished', value: sayWhen(finishedAt, finishedAt, zone) },
      { name: 'Picking wait on the label', value: `${line.phiDays} d` },
    ],
    formula: 'finish time plus the label’s picking wait, not before the keep-out ends; the later of calendar days and 24-hour days',
    source: line.prov.mark === 'PUB' ? line.prov : line.prov.mark === 'CP' ? CP : MEM,
  });
  return { keepOutUntil, pickFrom, working };
}
