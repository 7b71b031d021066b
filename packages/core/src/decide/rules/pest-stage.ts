import { doesOn, usesOn } from '../../catalogue/used-on';
import { seasonalMonth } from '../../diagnose/recent';
import { stagesOfSigns } from '../../diagnose/stage-of-signs';
import { inSeasonAt } from '../../scout/usual';
import { meanAhead, whereOf } from '../where';
import { addDays, dayOf, dayStart } from '../../schedule/local-day';
import type { Candidate, Change, Rule, Situation } from '../types';
import type { Instant } from '../../measure';

/** For so long what is warm now says what is about. */
const WEATHER_HOLDS_MS = 10 * 86_400_000;

type Life = Situation['trouble']['life'];

type Reaches = (stages: Life) => boolean;
/** As the pair names them, else by what each stage is open to. */
function reachesOf(s: Situation, c: Candidate): Reaches {
  const named = usesOn(s.trouble).find((u) => u.control === c.control.id)?.reaches;
  return (stages) => stages.some((l) => (named ? named.includes(l.stage) : l.open.some((m) => c.control.means.includes(m))));
}

/** The stages that the grower saw: named, or told by the signs; none where nothing tells. */
function seen(s: Situation): Life {
  return s.stageSeen !== null ? s.trouble.life.filter((l) => l.stage === s.stageSeen) : stagesOfSigns(s.trouble, s.seenSigns);
}

/** The stages of its life that are about: what was seen before all, and the calendar only as the last resort. */
function about(s: Situation, at: Instant): Life {
  const shown = seen(s);
  // what is seen is the part that shows: who is there beside it this month is reached, too
  const month = inMonth(s, at);
  const beside = s.trouble.life.filter((l) => !shown.includes(l) && month.includes(l) && shown.some((x) => x.with.includes(l.stage)));
  const told = [...shown, ...beside];
  // eggs hatch within days, and what only flies and lays does no damage itself: what the month brings may be there beside them
  const more = s.stageSeen === null && shown.every((l) => /^egg/i.test(l.stage) || l.open.every((m) => m === 'cover' || m === 'none'));
  if (told.length > 0 && !more) return told;
  return [...told, ...month.filter((l) => !told.includes(l))];
}

/** Every control of a case asks it of the same months. */
const monthsKnown = new WeakMap<Situation, Map<string, Life>>();

function inMonth(s: Situation, at: Instant): Life {
  // indoors every stage is about at any time
  if (s.planting.site === 'indoors') return s.trouble.life;
  // the weather that is known says nothing of the months to come
  const soon = at - s.now < WEATHER_HOLDS_MS;
  const day = dayOf(at, s.place.zone).slice(5, 7);
  const key = `${day} ${soon}`;
  let known = monthsKnown.get(s);
  if (!known) monthsKnown.set(s, (known = new Map()));
  let life = known.get(key);
  if (!life) {
    const around = {
      month: seasonalMonth(Number(day), s.place.latitude),
      where: whereOf(s),
      meanC: soon ? meanAhead(s.conditions) : null,
      site: s.planting.site,
    };
    known.set(key, (life = s.trouble.life.filter((l) => inSeasonAt(l.months, around))));
  }
  return life;
}

/**
 * Whether any stage that is about now is open to this means: small caterpillars, crawlers, not the hidden
 * ones. Where no stage of its life is open to it, it never does anything.
 */
export const pestStage: Rule = (s, c, at) => {
  const does = doesOn(c.control, s.trouble);
  // what is not there yet is at no stage; what is for next time catches none
  if (s.preventing || c.control.means.length === 0 || does === 'next-year') return null;
  const keepsOff = does === 'prevents';
  const reaches = reachesOf(s, c);
  if (!keepsOff && !reaches(s.trouble.life)) {
    return {
      code: 'no-stage',
      weight: 'never',
      sentence: `It reaches no stage of it: ${s.trouble.life.map((l) => `${l.stage.toLowerCase()}, ${l.where}`).join('; ')}.`,
      inputs: [{ name: 'Open to', value: [...new Set(s.trouble.life.flatMap((l) => l.open))].join(', ') }],
      source: s.trouble.vulnerable.prov,
    };
  }
  // what keeps more from coming looks at what comes, and not at what was seen
  const now = keepsOff ? [...inMonth(s, at), ...seen(s)] : about(s, at);
  if (now.length === 0 || reaches(now) || !reaches(s.trouble.life)) return null;
  const open = s.trouble.life.filter((l) => reaches([l]));
  const stages = open.map((l) => l.stage.toLowerCase()).join(' or ');
  const [target] = open;
  const change: Change | undefined = target && {
    code: `pest-${target.stage}`,
    label: `If you see this stage: ${target.stage.toLowerCase()}`,
    stageSeen: target.stage,
  };
  const byMonth = keepsOff || seen(s).length === 0;
  const reason = {
    code: 'pest-stage',
    weight: 'not-now' as const,
    sentence: `It reaches ${stages}, not ${now.map((l) => l.stage.toLowerCase()).join(' or ')}${byMonth ? ', which is what the month brings' : ''}.`,
    inputs: [{ name: byMonth ? 'Stage, by the month' : 'Stage, as seen', value: now.map((l) => `${l.stage}, ${l.where}`).join('; ') }],
    source: s.trouble.vulnerable.prov,
    ...(change ? { orElse: change } : {}),
  };
  const opens = byMonth ? firstOpenMonth(s, reaches, at, keepsOff) : null;
  return { ...reason, opens: opens ? { kind: 'at', at: opens } : { kind: 'event', event: `when you see ${stages}`, change: change ?? null } };
};

function firstOpenMonth(s: Situation, reaches: Reaches, at: Instant, byMonthOnly: boolean): Instant | null {
  let day = dayOf(at, s.place.zone);
  for (let i = 0; i < 12; i++) {
    day = `${addDays(`${day.slice(0, 7)}-28`, 5).slice(0, 7)}-01`;
    const start = dayStart(day, s.place.zone);
    if (reaches(byMonthOnly ? inMonth(s, start) : about(s, start))) return start;
  }
  return null;
}
