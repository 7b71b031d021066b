import type { Keeping } from '@sleetbrook/core/house';
import { batchStore } from '../batches/store';
import { caseStore } from '../cases/store';
import type { StoreContext } from '../store-context';
import { gardenStore } from '../garden/store';
import { lookStore } from '../looks/store';
import { photoStore } from '../photos/store';
import { plantingStore } from '../plantings/store';
import { ownSheetStore } from '../sheets/own-store';
import { confirmationStore } from '../sheets/store';
import { hushStore, milestoneStore, readingStore } from '../season/store';
import { shedStore } from '../shed/store';
import { sprayerStore } from '../sprayers/store';
import { treatmentStore } from '../treatments/store';
import { walkStore } from '../walks/store';
import { skyStore } from '../weather/sky-store';
import { weatherStore } from '../weather/store';
import { standInWeather } from '../weather-station/stand-in';

/** The garden as the database keeps it. Writes belong into a transaction of `writing`. */
export function keepingOf({ db, demo, seed }: Pick<StoreContext, 'db' | 'demo' | 'seed'>): Keeping {
  const skies = skyStore(db);
  const hours = weatherStore(db);
  return {
    garden: gardenStore(db),
    plantings: plantingStore(db),
    looks: lookStore(db),
    cases: caseStore(db),
    treatments: treatmentStore(db),
    walks: walkStore(db),
    shed: shedStore(db),
    batches: batchStore(db),
    sprayers: sprayerStore(db),
    sheets: ownSheetStore(db),
    confirmations: confirmationStore(db),
    milestones: milestoneStore(db),
    hushes: hushStore(db),
    readings: readingStore(db),
    photos: photoStore(db),
    weather: {
      loaded: hours.between,
      skies: skies.between,
      saveSky: skies.save,
      // outside the demonstration an hour that nobody says anything of is not known
      madeUp: (from, count, place) => (demo ? standInWeather(from, count, place, seed) : []),
    },
  };
}
