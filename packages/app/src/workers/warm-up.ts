import { instant } from '@sleetbrook/core/measure';
import { tasks } from './tasks';

const TIMES = 4;

/** Judges a case that is nobody's a few times, so that the code is compiled before it is waited for. */
export function warmUp(): void {
  const now = instant(Date.UTC(2026, 5, 1, 18));
  const hour = (i: number) => ({ at: new Date(now + i * 3_600_000).toISOString(), temperatureC: 15, humidityPct: 70, windMs: 2, rainMm: 0, cloud: 0.5 });
  for (let n = 0; n < TIMES; n++) {
    tasks.decide({
      now,
      place: { latitude: 50, longitude: 0, zone: 'UTC' },
      hostId: 'broad-bean',
      troubleId: 'black-bean-aphid',
      planting: {
        stage: 'growing',
        site: 'outdoors',
        edible: true,
        dense: false,
        tolerance: 'usual',
        pickFrom: null,
        pickUntil: null,
        areaM2: 1,
        heightM: null,
        about: [],
      },
      policy: 'any-labelled',
      around: [],
      homeMade: 'not-known',
      plans: [],
      stageSeen: null,
      records: [],
      seenSigns: [],
      sheets: [],
      weather: Array.from({ length: 72 }, (_, i) => hour(i)),
      share: null,
      failed: [],
      school: 'least-toxic',
      whatIf: [],
    });
  }
}
