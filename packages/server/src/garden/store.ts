import type { Garden } from '@sleetbrook/core/api';
import type { Db } from '../db/db';

interface Row {
  revision: number;
  name: string;
  town: string;
  latitude: number;
  longitude: number;
  zone: string;
  units: Garden['units'];
  country: string;
  region: string;
  policy: Garden['policy'];
  around: string;
  home_made: Garden['homeMade'];
  plans: string;
  away: string;
  emergency_number: string;
  poison_centre: string;
  measures: string;
  set_up: number;
}

export function gardenStore(db: Db) {
  const select = db.prepare<[], Row>('SELECT * FROM garden WHERE id = 1');
  const upsert = db.prepare(`
    INSERT INTO garden (id, revision, name, town, latitude, longitude, zone, country, region, units, policy, around, home_made, plans, away, emergency_number, poison_centre, measures, set_up)
    VALUES (1, @revision, @name, @town, @latitude, @longitude, @zone, @country, @region, @units, @policy, @around, @homeMade, @plans, @away, @emergencyNumber, @poisonCentre, @measures, @setUp)
    ON CONFLICT (id) DO UPDATE SET revision = excluded.revision, name = excluded.name, town = excluded.town, latitude = excluded.latitude,
      longitude = excluded.longitude, zone = excluded.zone, country = excluded.country, region = excluded.region, units = excluded.units, policy = excluded.policy,
      around = excluded.around, home_made = excluded.home_made, plans = excluded.plans, away = excluded.away,
      emergency_number = excluded.emergency_number, poison_centre = excluded.poison_centre, measures = excluded.measures, set_up = excluded.set_up`);
  return {
    stored: (): Garden | undefined => {
      const r = select.get();
      return (
        r && {
          revision: r.revision,
          name: r.name,
          town: r.town,
          latitude: r.latitude,
          longitude: r.longitude,
          zone: r.zone,
          units: r.units,
          policy: r.policy,
          around: JSON.parse(r.around) as Garden['around'],
          homeMade: r.home_made,
          plans: JSON.parse(r.plans) as Garden['plans'],
          away: JSON.parse(r.away) as Garden['away'],
          country: r.country,
          region: r.region,
          emergencyNumber: r.emergency_number,
          poisonCentre: r.poison_centre,
          measures: JSON.parse(r.measures) as Garden['measures'],
          setUp: r.set_up === 1,
        }
      );
    },
    save: (g: Garden) =>
      upsert.run({
        ...g,
        around: JSON.stringify(g.around),
        plans: JSON.stringify(g.plans),
        away: JSON.stringify(g.away),
        measures: JSON.stringify(g.measures),
        setUp: g.setUp ? 1 : 0,
      }),
  };
}
