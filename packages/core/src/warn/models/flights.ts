import type { MilestoneKind } from '../../api';
import { MEM, pub, sayDegreeDays, type Provenance } from '../../measure';
import type { LocalDay } from '../../schedule';
import { degreeDays, extremesOf, type Thresholds } from '../../weather';
import { yearBegan } from '../days';
import { sumOver } from '../sum';
import type { Outlook, WarningModel } from '../types';
import { bySum } from './counted';
import { today } from './said';

interface Flight {
  readonly id: string;
  readonly name: string;
  readonly trouble: string;
  readonly hosts: readonly string[];
  readonly stages: WarningModel['stages'];
  readonly from: MilestoneKind | 'year';
  readonly thresholds: Thresholds;
  /** °C-days. */
  readonly target: number;
  /** What has come to pass then. */
  readonly then: string;
  readonly act: string;
  readonly prov: Provenance;
}

const FRUITING = ['growing', 'flowering', 'fruiting'] as const;

/** Flights by degree-days, single sine: figures of the published models, and those that are only remembered marked so. */
export const FLIGHTS: readonly Flight[] = [
  {
    id: 'codling-hatch',
    name: 'Warmth until codling moth eggs hatch',
    trouble: 'codling-moth',
    hosts: ['apple', 'pear', 'quince', 'walnut'],
    stages: FRUITING,
    from: 'first-moth',
    thresholds: { lower: 10, upper: 31.1 },
    target: 139,
    then: 'eggs hatch',
    act: 'Caterpillars go into the fruit now: what covers the fruit must be on it.',
    prov: pub('Codling moth, 10 and 31.1 °C, 250 °F-days from the first steady catch: UC IPM'),
  },
  {
    id: 'curculio-end',
    name: 'Warmth until plum curculio stops coming in',
    trouble: 'plum-curculio',
    hosts: ['plum', 'peach', 'apple', 'cherry', 'apricot', 'pear'],
    stages: FRUITING,
    from: 'petal-fall',
    thresholds: { lower: 10 },
    target: 171,
    then: 'no more of them come in',
    act: 'What guards the fruit need not be renewed against it any more.',
    prov: pub('Plum curculio, 10 °C, 308 °F-days after petal fall: Reissig, Nyrop & Straub 1998, Environmental Entomology 27: 1053-1061'),
  },
  {
    id: 'vine-borer-flight',
    name: 'Warmth until squash vine borer flies',
    trouble: 'squash-vine-borer',
    hosts: ['courgette', 'pumpkin'],
    stages: ['seedling', ...FRUITING],
    from: 'year',
    thresholds: { lower: 10 },
    target: 556,
    then: 'moths fly',
    act: 'Keep stems covered until flowers open, and look for eggs at their foot each few days.',
    prov: MEM,
  },
  {
    id: 'corn-borer-flight',
    name: 'Warmth until corn borer lays',
    trouble: 'corn-borer',
    hosts: ['sweetcorn'],
    stages: ['seedling', ...FRUITING],
    from: 'year',
    thresholds: { lower: 10 },
    target: 250,
    then: 'eggs are laid',
    act: 'Look under the leaves for rafts of eggs along the middle.',
    prov: MEM,
  },
  {
    id: 'diamondback-generation',
    name: 'Warmth of a diamondback generation',
    trouble: 'diamondback-moth',
    hosts: ['cabbage', 'broccoli', 'pak-choi'],
    stages: ['seedling', ...FRUITING],
    from: 'first-moth',
    thresholds: { lower: 7.3 },
    target: 283,
    then: 'the next generation is there',
    act: 'Look under the leaves for small caterpillars before they are many.',
    prov: MEM,
  },
];

/** What came of it is no matter of today when it is longer ago. */
const STAYS_DAYS = 21;

const START: Readonly<Record<MilestoneKind, string>> = {
  emerged: 'the day on which they came up',
  'bud-swell': 'the day on which buds swell',
  'green-tip': 'the day of green tip',
  'first-flower': 'the first open flower',
  'petal-fall': 'the day of petal fall',
  'first-moth': 'the first moths in the trap',
};

const modelOf = (f: Flight): WarningModel => ({
  id: f.id,
  name: f.name,
  troubles: [f.trouble],
  hosts: f.hosts,
  stages: f.stages,
  needs: `${f.from === 'year' ? 'The' : `${START[f.from][0]?.toUpperCase()}${START[f.from].slice(1)}; the`} least and the most of each day.`,
  prov: f.prov,
  find: (o: Outlook) => {
    const from: LocalDay | null = f.from === 'year' ? yearBegan(today(o), o.place.latitude) : o.seenOn(f.from);
    if (from === null) return { blind: `It counts from ${START[f.from as MilestoneKind]}.`, asks: f.from as MilestoneKind };
    const s = sumOver(o.days, from, today(o), (d) => {
      const t = extremesOf(d.hours);
      return t ? degreeDays(t.least, t.most, f.thresholds) : 0;
    });
    if (f.from === 'year' && s.missing > MOST_MISSING)
      return { blind: `It counts warmth from the beginning of the year, and ${s.missing} days of it are not known.` };
    const seen = bySum(o, s, f.target, {
      saw: (sum) => `${sayDegreeDays(sum, o.units)} of ${sayDegreeDays(f.target, o.units)}: then ${f.then}.`,
      act: f.act,
      ahead: `Then ${f.then}. ${f.act}`,
    });
    return { seen: seen.filter((x) => o.now - x.at < STAYS_DAYS * 86_400_000) };
  },
});
/** With more days unknown the sum says nothing. */
const MOST_MISSING = 10;

export const FLIGHT_MODELS: readonly WarningModel[] = FLIGHTS.map(modelOf);
