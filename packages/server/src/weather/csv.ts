import { hourlyWeatherSchema, type HourlyWeather } from '@sleetbrook/core/weather';
import Papa from 'papaparse';
import { HttpProblem, type FieldError } from '../http/problem';

const COLUMNS = ['at', 'temperatureC', 'humidityPct', 'windMs', 'rainMm', 'cloud'] as const;
const HOUR = 3_600_000;
const MOST_ERRORS = 20;
/** Names of columns fit in this; a first line that is longer is none of ours, and would be taken apart for long. */
const LONGEST_HEAD = 2000;
/** Ten years of hours. */
const MOST_HOURS = 88_000;

/**
 * Hourly weather from a CSV file with the columns at, temperatureC, humidityPct, windMs, rainMm, cloud.
 * `at` is the start of the hour in UTC (2026-05-24T18:00:00Z). Hours follow each other without a gap.
 * @throws HttpProblem 422 naming line and field of each error; nothing is taken from such a file
 */
export function parseWeatherCsv(text: string): HourlyWeather[] {
  if (text.search(/\r?\n|$/) > LONGEST_HEAD) throw refuse([{ field: 'file', message: 'The first line is too long to be the names of the columns.', line: 1 }]);
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    preview: MOST_HOURS + 1,
    transformHeader: (h) => h.trim(),
  });
  const missing = COLUMNS.filter((c) => !parsed.meta.fields?.includes(c));
  if (missing.length > 0) throw refuse([{ field: missing.join(', '), message: `The first line lacks ${missing.join(', ')}.`, line: 1 }]);
  if (parsed.data.length === 0) throw refuse([{ field: 'at', message: 'The file holds no hours.', line: 2 }]);
  if (parsed.data.length > MOST_HOURS) throw refuse([{ field: 'at', message: `At most ${MOST_HOURS} hours in one file.` }]);

  const errors: FieldError[] = [];
  const hours: HourlyWeather[] = [];
  for (const [i, row] of parsed.data.entries()) {
    // nobody reads on past these
    if (errors.length >= MOST_ERRORS) break;
    const line = i + 2;
    const result = hourlyWeatherSchema.safeParse({ at: row['at']?.trim(), ...Object.fromEntries(COLUMNS.slice(1).map((c) => [c, numeric(row[c])])) });
    if (!result.success) {
      for (const issue of result.error.issues)
        errors.push({
          field: issue.path.join('.'),
          message: `Line ${line}: “${(row[issue.path.join('.')] ?? '').slice(0, 40)}” ${issue.message.toLowerCase()}.`,
          line,
        });
      continue;
    }
    const at = Date.parse(result.data.at);
    if (at % HOUR !== 0) errors.push({ field: 'at', message: `Line ${line}: hours start on the hour.`, line });
    const last = hours.at(-1);
    if (last && at !== Date.parse(last.at) + HOUR) {
      errors.push({
        field: 'at',
        message: `Line ${line}: ${new Date(Date.parse(last.at) + HOUR).toISOString()} should follow, hours are missing or out of order.`,
        line,
      });
    }
    hours.push({ ...result.data, at: new Date(at).toISOString() });
  }
  if (errors.length > 0) throw refuse(errors.slice(0, MOST_ERRORS));
  return hours;
}

const numeric = (s: string | undefined) => (s === undefined || s.trim() === '' ? Number.NaN : Number(s));
const refuse = (errors: FieldError[]) => new HttpProblem(422, 'This file can not be read', 'Nothing was changed.', errors);
