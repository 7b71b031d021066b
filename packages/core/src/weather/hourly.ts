import { z } from 'zod';
import { CERTAINTIES } from './certainty';

/**
 * One hour of weather. The plain shape that a real station could serve instead of the stand-in.
 * `at` is the start of the hour in UTC.
 */
export const hourlyWeatherSchema = z.strictObject({
  at: z.iso.datetime(),
  temperatureC: z.number().min(-60).max(60),
  /** The least that it may be, where `temperatureC` is only the most that it may be; left out where it is known. */
  leastC: z.number().min(-60).max(60).optional(),
  humidityPct: z.number().min(0).max(100),
  windMs: z.number().min(0).max(90),
  rainMm: z.number().min(0).max(300),
  /** Share of the sky covered, 0..1. */
  cloud: z.number().min(0).max(1),
  /** What of it nobody read: wind and cloud stand at their worse then, and of rain none is told. */
  unread: z.array(z.enum(['rain', 'wind', 'cloud'])).optional(),
  /** How it is known; left out: measured or seen. */
  certainty: z.enum(CERTAINTIES).optional(),
});
export type HourlyWeather = z.infer<typeof hourlyWeatherSchema>;
