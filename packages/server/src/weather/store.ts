import { certaintyOf, FORECAST_HOLDS_H, type HourlyWeather } from '@sleetbrook/core/weather';
import { writing } from '../db/writing';
import type { Db } from '../db/open';

interface Row {
  at: string;
  temperature_c: number;
  humidity_pct: number;
  wind_ms: number;
  rain_mm: number;
  cloud: number;
  said_at: string | null;
}

const HOUR = 3_600_000;
/** No forecast tells the hour at this distance: what a file says of it is not known. */
const tooFar = (r: Row) => r.said_at !== null && Date.parse(r.at) >= Date.parse(r.said_at) + FORECAST_HOLDS_H * HOUR;

/** Hours loaded from a file. */
export function weatherStore(db: Db) {
  const between = db.prepare<[string, string], Row>('SELECT * FROM weather_hour WHERE at >= ? AND at < ? ORDER BY at');
  const clear = db.prepare('DELETE FROM weather_hour');
  const span = db.prepare<[], { first: string | null; last: string | null; hours: number }>(
    'SELECT min(at) AS first, max(at) AS last, count(*) AS hours FROM weather_hour',
  );
  const insert = db.prepare(
    'INSERT INTO weather_hour (at, temperature_c, humidity_pct, wind_ms, rain_mm, cloud, said_at) VALUES (@at, @temperatureC, @humidityPct, @windMs, @rainMm, @cloud, @saidAt)',
  );
  return {
    between: (from: Date, to: Date): HourlyWeather[] =>
      between
        .all(from.toISOString(), to.toISOString())
        .filter((r) => !tooFar(r))
        .map((r) => ({
          at: r.at,
          temperatureC: r.temperature_c,
          humidityPct: r.humidity_pct,
          windMs: r.wind_ms,
          rainMm: r.rain_mm,
          cloud: r.cloud,
          certainty: certaintyOf(Date.parse(r.at), r.said_at === null ? null : Date.parse(r.said_at)),
        })),
    /** @param saidAt when the file was loaded: what lies ahead of that is a forecast */
    replace: writing(db, (hours: readonly HourlyWeather[], saidAt: Date) => {
      clear.run();
      for (const h of hours) insert.run({ ...h, saidAt: saidAt.toISOString() });
    }),
    clear: () => clear.run(),
    span: () => span.get() as { first: string | null; last: string | null; hours: number },
  };
}
