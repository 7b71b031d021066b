import { situationFacts, type CaseRecords, type GardenRecords } from '@sleetbrook/core/situation';
import type { HourlyWeather } from '@sleetbrook/core/weather';
import type { DecidingTask } from '../../workers/tasks';
import type { View } from './view';

interface DecidingFacts extends CaseRecords, GardenRecords {
  readonly weather: readonly HourlyWeather[];
  readonly view: View;
  /** Controls that were carried out as meant and did not do. */
  readonly failed?: readonly string[];
}

/** What the worker needs to judge the ladder for a trouble on a planting. */
export const decidingTask = ({ weather, view, failed = [], ...records }: DecidingFacts): DecidingTask => ({
  ...situationFacts(records, records),
  weather,
  failed,
  school: view.school,
  whatIf: view.whatIf,
});
