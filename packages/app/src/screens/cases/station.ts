import type { Case, Lap } from '@sleetbrook/core/api';
import { findControlCard } from '@sleetbrook/core/cards';

/** Where a case stands. Seen and named are behind it from the start. */
export type Station = 'decide' | 'mix' | 'time' | 'do' | 'again' | 'judge' | 'cleared';

export const STATION_WORDS: Readonly<Record<Station, string>> = {
  decide: 'decide',
  mix: 'mix',
  time: 'choose the hour',
  do: 'to do',
  again: 'look again',
  judge: 'did it work',
  cleared: 'cleared',
};

/** The station of a lap: only what is mixed has a mix station. */
export function lapStation(lap: Lap): Exclude<Station, 'cleared'> {
  if (!lap.controlId) return 'decide';
  if (lap.treatmentId) return lap.afterLookId ? 'judge' : 'again';
  if (findControlCard(lap.controlId)?.sheet && !lap.mixedAt) return 'mix';
  return lap.plannedFor ? 'do' : 'time';
}

export function stationOf(c: Case): Station {
  const lap = c.laps.at(-1);
  return c.status === 'cleared' || !lap ? 'cleared' : lapStation(lap);
}
