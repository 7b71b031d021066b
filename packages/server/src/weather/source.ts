import type { Weather } from '@sleetbrook/core/api';
import type { HourlyWeather } from '@sleetbrook/core/weather';
import type { Context } from '../context';
import { standInWeather } from '../weather-station/stand-in';
import { weatherStore } from './store';

const HOUR = 3_600_000;

/** An hour that a record keeps, and where it is from. */
export type KeptWeather = HourlyWeather & { readonly source: 'file' | 'demonstration' };

/** Weather by the hour: loaded hours where there are any, the stand-in elsewhere. */
export function weatherSource({ db, seed, demo }: Context) {
  const store = weatherStore(db);
  const range = (from: Date, hours: number, place: { latitude: number; longitude: number }): Weather => {
    const standIn = standInWeather(from, hours, place, seed);
    const first = standIn[0];
    if (!first) return { source: 'stand-in', hours: [] };
    const start = new Date(first.at);
    const loaded = new Map(store.between(start, new Date(start.getTime() + hours * HOUR)).map((h) => [h.at, h]));
    if (loaded.size === 0) return { source: 'stand-in', hours: standIn };
    return { source: loaded.size === standIn.length ? 'file' : 'mixed', hours: standIn.map((h) => loaded.get(h.at) ?? h) };
  };
  return {
    range,
    /** What may stand in a record: a loaded hour, or the demonstration's; null where nobody measured it. */
    forRecord: (when: Date, place: { latitude: number; longitude: number }): KeptWeather | null => {
      const { source, hours } = range(when, 1, place);
      const [hour] = hours;
      if (!hour || (source !== 'file' && !demo)) return null;
      return { ...hour, source: source === 'file' ? 'file' : 'demonstration' };
    },
  };
}
