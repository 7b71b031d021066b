import { certaintyOf, FORECAST_HOLDS_H, type HourlyWeather } from '@sleetbrook/core/weather';
import { writing } from '../db/writing';
import type { Db } from '../db/open';
import { hoursIn, unpackHours, type PackedHours } from './packed';

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

/** As migrations 3 and 11 made them. */
const COLUMNS =
  'at TEXT PRIMARY KEY, temperature_c REAL NOT NULL, humidity_pct REAL NOT NULL, wind_ms REAL NOT NULL, rain_mm REAL NOT NULL, cloud REAL NOT NULL, said_at TEXT';
/** So many hours are written in some ten milliseconds. */
const AT_A_TIME = 2000;
const nextTurn = () => new Promise<void>((resolve) => setImmediate(resolve));

/** Hours loaded from a file. */
export function weatherStore(db: Db) {
  const between = db.prepare<[string, string], Row>('SELECT * FROM weather_hour WHERE at >= ? AND at < ? ORDER BY at');
  const clear = db.prepare('DELETE FROM weather_hour');
  const span = db.prepare<[], { first: string | null; last: string | null; hours: number }>(
    'SELECT min(at) AS first, max(at) AS last, count(*) AS hours FROM weather_hour',
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
    /**
     * Puts other hours in the place of those that are there. They are written aside, some at a time, while others are
     * answered, and change places in one step: a load that breaks off has changed nothing.
     * @param saidAt when the file was loaded: what lies ahead of that is a forecast
     */
    replace: async (hours: PackedHours, saidAt: Date): Promise<void> => {
      db.exec(`DROP TABLE IF EXISTS weather_hour_coming; CREATE TABLE weather_hour_coming (${COLUMNS}) STRICT, WITHOUT ROWID`);
      const insert = db.prepare(
        'INSERT INTO weather_hour_coming (at, temperature_c, humidity_pct, wind_ms, rain_mm, cloud, said_at) VALUES (@at, @temperatureC, @humidityPct, @windMs, @rainMm, @cloud, @saidAt)',
      );
      const some = writing(db, (list: readonly HourlyWeather[]) => {
        for (const h of list) insert.run({ ...h, saidAt: saidAt.toISOString() });
      });
      for (let from = 0; from < hoursIn(hours); from += AT_A_TIME) {
        some(unpackHours(hours, from, AT_A_TIME));
        await nextTurn();
      }
      writing(db, () => db.exec('DROP TABLE weather_hour; ALTER TABLE weather_hour_coming RENAME TO weather_hour'))();
    },
    clear: () => clear.run(),
    span: () => span.get() as { first: string | null; last: string | null; hours: number },
  };
}
