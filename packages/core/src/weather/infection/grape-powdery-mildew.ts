/** What the index asks of a day. */
export interface GrapeDay {
  /** The longest run of hours at 21 to 30 °C. */
  readonly mildHours: number;
  /** Whether it was 35 °C or more for a quarter of an hour. */
  readonly scorched: boolean;
}

const MILD_HOURS = 6;
const STARTS_AFTER = 3;
const STARTS_AT = 60;

/**
 * The risk index of grape powdery mildew after each day, 0 to 100; null until three mild days running have started it.
 * @source Gubler & Thomas, UC Davis powdery mildew risk index
 */
export function grapeMildewIndex(days: readonly GrapeDay[]): (number | null)[] {
  let index: number | null = null;
  let running = 0;
  return days.map(({ mildHours, scorched }) => {
    const mild = mildHours >= MILD_HOURS;
    if (index === null) {
      running = mild ? running + 1 : 0;
      if (running >= STARTS_AFTER) index = STARTS_AT;
      return index;
    }
    const change = mild ? (scorched ? 10 : 20) : -10;
    index = Math.min(100, Math.max(0, index + change));
    return index;
  });
}

/** The longest run of hours at 21 to 30 °C, and whether any was 35 °C or more. */
export function grapeDayOf(hours: readonly { readonly temperatureC: number }[]): GrapeDay {
  let run = 0;
  let longest = 0;
  for (const h of hours) {
    run = h.temperatureC >= 21 && h.temperatureC <= 30 ? run + 1 : 0;
    longest = Math.max(longest, run);
  }
  return { mildHours: longest, scorched: hours.some((h) => h.temperatureC >= 35) };
}

/** From here on disease grows fast: rounds of sulfur stand closer (from memory). */
export const GRAPE_MILDEW_HIGH = 60;

/** Days between rounds of sulfur at an index, least and most (from memory). */
export const sulfurDays = (index: number): readonly [number, number] => (index >= GRAPE_MILDEW_HIGH ? [7, 10] : index > 30 ? [10, 17] : [14, 21]);
