import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { findHost, SIGNS } from '../../packages/core/src/catalogue';
import {
  closerLook,
  commonAct,
  nextLook,
  rankSuspects,
  settle,
  treatedAlike,
  type Answer,
  type Finding,
  type KeyContext,
  type Suspect,
} from '../../packages/core/src/diagnose';
import { places, read } from '../expected/rows';

/** A case written from the trade's knowledge: what was come upon first, what else is truly there, and what it is. */
export interface WrittenCase {
  readonly at: string;
  readonly context: KeyContext;
  readonly start: readonly string[];
  readonly shows: ReadonlySet<string>;
  /** Ids; two at once are two, what the book does not know is none. */
  readonly truths: readonly string[];
}

export interface WrittenOutcome {
  readonly of: WrittenCase;
  readonly top: readonly Suspect[];
  readonly suspects: readonly Suspect[];
  readonly finding: Finding;
  readonly asked: readonly string[];
  readonly idle: readonly string[];
}

export interface WrittenFigures {
  readonly written: number;
  readonly writtenFirst: number;
  readonly writtenThree: number;
  /** Settled on what is not there and is treated otherwise. */
  readonly writtenSettledWrong: number;
  /** Settled, or two named, or what may be it is done for alike: there is something to do. */
  readonly endsInAct: number;
  /** Questions whose answer could change neither the name, nor how sure it is, nor whether it is settled. */
  readonly idleQuestions: number;
  readonly writtenAsked: number;
}

const FOLDER = join(__dirname, 'cases');
const MOST_ANSWERS = 8;
/** One in five questions can not be told: by the letters of case and sign, so that it is the same each time. */
const CANNOT_TELL = 5;
const AS_SURE = 0.02;

const PLAIN_OF = new Map(SIGNS.map((s) => [s.id, SIGNS.filter((g) => g.covers.includes(s.id)).map((g) => g.id)]));

/** A sign and the plain ones that it is, seen from afar. */
const seenFrom = (id: string): string[] => [id, ...(PLAIN_OF.get(id) ?? []).flatMap(seenFrom)];

export function writtenCases(): WrittenCase[] {
  return readdirSync(FOLDER)
    .filter((f) => f.endsWith('.csv'))
    .sort()
    .flatMap((file) =>
      read(file, FOLDER).map((r, i): WrittenCase => {
        const host = findHost(r['host'] ?? '');
        const place = places.get(r['place'] ?? '');
        const words = (key: string) => (r[key] ?? '').split(/[\s+]+/).filter(Boolean);
        const at = `${file}:${i + 2}`;
        if (!host || !place) throw new Error(`${at}: no such plant or place`);
        const unknown = [...words('start'), ...words('shows')].filter((id) => !SIGNS.some((s) => s.id === id));
        if (unknown.length > 0) throw new Error(`${at}: no such sign: ${unknown.join(' ')}`);
        return {
          at,
          context: {
            host,
            month: place.latitude < 0 ? ((Number(r['month']) + 5) % 12) + 1 : Number(r['month']),
            recent: [],
            where: { latitude: place.latitude, longitude: place.longitude, country: place.country },
          },
          start: words('start'),
          shows: new Set([...words('start'), ...words('shows')].flatMap(seenFrom)),
          truths: words('truth'),
        };
      }),
    );
}

const hashOf = (text: string) => [...text].reduce((h, c) => (Math.imul(h, 31) + c.charCodeAt(0)) >>> 0, 7);
const done = (f: Finding) => f.state === 'settled' || f.state === 'two';

/** Goes through one case as the app would: questions one by one, until it is settled or there is none left. */
export function askThrough(of: WrittenCase): WrittenOutcome {
  const { context } = of;
  const answers: Answer[] = of.start.map((signId) => ({ signId, seen: true }));
  const skipped: string[] = [];
  const asked: string[] = [];
  const idle: string[] = [];
  const look = (): [Suspect[], Finding] => {
    const suspects = rankSuspects(context, answers);
    return [suspects, settle(context, suspects, answers)];
  };
  let [top, finding] = look();
  while (asked.length < MOST_ANSWERS && !done(finding)) {
    const closer = closerLook(context, answers, skipped);
    const about = closer?.plain ?? nextLook(context, answers, skipped)?.sign;
    if (!about) break;
    asked.push(about.id);
    const given = closer
      ? closer.kinds.map((k): Answer[] => [{ signId: k.id, seen: true, asked: true, chosen: true }])
      : [true, false].map((seen): Answer[] => [{ signId: about.id, seen, asked: true }]);
    if (given.every((more) => sameAfter(context, answers, more, top, finding))) idle.push(about.id);
    if (hashOf(`${of.at} ${about.id}`) % CANNOT_TELL === 0) {
      skipped.push(about.id);
      continue;
    }
    if (closer) {
      const right = closer.kinds.find((k) => of.shows.has(k.id));
      answers.push(
        ...(right ? [{ signId: right.id, seen: true, asked: true, chosen: true }] : closer.kinds.map((k) => ({ signId: k.id, seen: false, asked: true }))),
      );
    } else answers.push({ signId: about.id, seen: of.shows.has(about.id), asked: true });
    [top, finding] = look();
  }
  return { of, top: top.slice(0, 3), suspects: top, finding, asked, idle };
}

function sameAfter(context: KeyContext, answers: readonly Answer[], more: readonly Answer[], top: readonly Suspect[], finding: Finding): boolean {
  const then = [...answers, ...more];
  const suspects = rankSuspects(context, then);
  const [now, was] = [suspects[0], top[0]];
  return (
    now?.id === was?.id && Math.abs((now?.probability ?? 0) - (was?.probability ?? 0)) < AS_SURE && settle(context, suspects, then).state === finding.state
  );
}

const settledWrong = ({ of, finding }: WrittenOutcome) =>
  finding.state === 'settled' &&
  !of.truths.includes(finding.leader.id) &&
  !(finding.alike && of.truths.includes(finding.alike.id)) &&
  !of.truths.some((t) => treatedAlike({ id: t }, finding.leader));

export function measureWritten(outcomes: readonly WrittenOutcome[]): WrittenFigures {
  const share = (list: readonly WrittenOutcome[], test: (o: WrittenOutcome) => boolean) => Math.round((1000 * list.filter(test).length) / list.length) / 1000;
  const known = outcomes.filter((o) => o.of.truths.length > 0);
  return {
    written: outcomes.length,
    writtenFirst: share(known, (o) => o.of.truths.includes(o.top[0]?.id ?? '')),
    writtenThree: share(known, (o) => o.top.some((s) => o.of.truths.includes(s.id))),
    writtenSettledWrong: share(outcomes, settledWrong),
    endsInAct: share(known, (o) => done(o.finding) || commonAct(o.suspects) !== null),
    idleQuestions: outcomes.reduce((n, o) => n + o.idle.length, 0),
    writtenAsked: Math.round((100 * outcomes.reduce((n, o) => n + o.asked.length, 0)) / outcomes.length) / 100,
  };
}
