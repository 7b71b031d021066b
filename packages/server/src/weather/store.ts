import type { LoadedHour } from '@sleetbrook/core/house';
import { certaintyOf, FORECAST_HOLDS_H, type HourlyWeather } from '@sleetbrook/core/weather';
import { writing } from '../db/writing';
import type { Db } from '../db/db';
import { hoursIn, unpackHours, type PackedHours } from './packed';

interface Row {
  at: string;
  temperature_c: number;
  humidity_pct: number;
  wind_ms: number;
  rain_mm: number;
  cloud: number;
  said_at: string | null;
  source: LoadedHour['source'];
}

const HOUR = 3_600_000;
/** No forecast tells the hour at this distance: what a file says of it is not known. */
const tooFar = (r: Row) => r.said_at !== null && Date.parse(r.at) >= Date.parse(r.said_at) + FORECAST_HOLDS_H * HOUR;

/** So many hours are written in some ten milliseconds. */
const AT_A_TIME = 2000;
const nextTurn = () => new Promise<void>((resolve) => setImmediate(resolve));

/** Hours loaded from a file. */
export function weatherStore(db: Db) {
  const between = db.prepare<[string, string], Row>('SELECT * FROM weather_hour WHERE at >= ? AND at < ? ORDER BY at');
  const clear = db.prepare("DELETE FROM weather_hour WHERE source = 'file'");
  const upsert = db.prepare(`
    INSERT INTO weather_hour (at, temperature_c, humidity_pct, wind_ms, rain_mm, cloud, said_at, source) VALUES (@at, @temperatureC, @humidityPct, @windMs, @rainMm, @cloud, @saidAt, @source)
    ON CONFLICT (at) DO UPDATE SET temperature_c = excluded.temperature_c, humidity_pct = excluded.humidity_pct, wind_ms = excluded.wind_ms,
      rain_mm = excluded.rain_mm, cloud = excluded.cloud, said_at = excluded.said_at, source = excluded.source
    WHERE weather_hour.said_at IS NULL OR weather_hour.at > weather_hour.said_at
      OR (excluded.at <= excluded.said_at AND (excluded.source = 'station' OR weather_hour.source = 'file'))`);
  const span = db.prepare<[], { first: string | null; last: string | null; hours: number }>(
    'SELECT min(at) AS first, max(at) AS last, count(*) AS hours FROM weather_hour',
  );
  return {
    between: (from: Date, to: Date): LoadedHour[] =>
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
          source: r.source,
          certainty: certaintyOf(Date.parse(r.at), r.said_at === null ? null : Date.parse(r.said_at)),
        })),
    /**
     * Adds hours to those that are there, some at a time, while others are answered. What was measured takes the place of
     * what was foretold, what was said later that of what was said before; what was foretold never takes the place of what
     * was measured, nor a file's hour that of the household's own station. A load that breaks off has added what it came to: the same file again adds the rest.
     * @param saidAt when the file was loaded: what lies ahead of that is a forecast
     */
    add: async (hours: PackedHours, saidAt: Date, source: LoadedHour['source'] = 'file'): Promise<void> => {
      const some = writing(db, (list: readonly HourlyWeather[]) => {
        for (const h of list) upsert.run({ ...h, saidAt: saidAt.toISOString(), source });
      });
      for (let from = 0; from < hoursIn(hours); from += AT_A_TIME) {
        some(unpackHours(hours, from, AT_A_TIME));
        await nextTurn();
      }
    },
    clear: () => clear.run(),
    span: () => span.get() as { first: string | null; last: string | null; hours: number },
  };
}
