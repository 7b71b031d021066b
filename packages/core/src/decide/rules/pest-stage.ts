import { seasonalMonth } from '../../diagnose/recent';
import { stagesOfSigns } from '../../diagnose/stage-of-signs';
import { inSeasonAt } from '../../scout/usual';
import { addDays, dayOf, dayStart } from '../../schedule/local-day';
import type { Candidate, Change, Rule, Situation } from '../types';
import type { Instant } from '../../measure';

type Life = Situation['trouble']['life'];

const reaches = (c: Candidate, stages: Life) => stages.some((l) => l.open.some((m) => c.control.means.includes(m)));

/** The stages that the grower saw: named, or told by the signs; none where nothing tells. */
function seen(s: Situation): Life {
  return s.stageSeen !== null ? s.trouble.life.filter((l) => l.stage === s.stageSeen) : stagesOfSigns(s.trouble, s.seenSigns);
}

/** The stages of its life that are about: what was seen before all, and the calendar only as the last resort. */
function about(s: Situation, at: Instant): Life {
  const told = seen(s);
  // eggs hatch within days, and seldom all at once: what the month brings may be there beside them
  const hatching = s.stageSeen === null && told.every((l) => /^egg/i.test(l.stage));
  if (told.length > 0 && !hatching) return told;
  const beside = inMonth(s, at);
  return [...told, ...beside.filter((l) => !told.includes(l))];
}

function inMonth(s: Situation, at: Instant): Life {
  // indoors every stage is about at any time
  if (s.planting.site === 'indoors') return s.trouble.life;
  const month = seasonalMonth(Number(dayOf(at, s.place.zone).slice(5, 7)), s.place.latitude);
  return s.trouble.life.filter((l) => inSeasonAt(l.months, { month, latitude: s.place.latitude, site: s.planting.site }));
}

/**
 * Whether any stage that is about now is open to this means: small caterpillars, crawlers, not the hidden
 * ones. It speaks only where the entry knows a stage that would be open.
 */
export const pestStage: Rule = (s, c, at) => {
  // what is not there yet is at no stage
  if (s.preventing || c.control.means.length === 0 || !reaches(c, s.trouble.life)) return null;
  const now = about(s, at);
  if (now.length === 0 || reaches(c, now)) return null;
  const open = s.trouble.life.filter((l) => reaches(c, [l]));
  const stages = open.map((l) => l.stage.toLowerCase()).join(' or ');
  const [target] = open;
  const change: Change | undefined = target && {
    code: `pest-${target.stage}`,
    label: `If you see this stage: ${target.stage.toLowerCase()}`,
    stageSeen: target.stage,
  };
  const byMonth = seen(s).length === 0;
  const reason = {
    code: 'pest-stage',
    weight: 'not-now' as const,
    sentence: `It reaches ${stages}, not ${now.map((l) => l.stage.toLowerCase()).join(' or ')}${byMonth ? ', which is what the month brings' : ''}.`,
    inputs: [{ name: byMonth ? 'Stage, by the month' : 'Stage, as seen', value: now.map((l) => `${l.stage}, ${l.where}`).join('; ') }],
    source: s.trouble.vulnerable.prov,
    ...(change ? { orElse: change } : {}),
  };
  const opens = byMonth ? firstOpenMonth(s, c, at) : null;
  return { ...reason, opens: opens ? { kind: 'at', at: opens } : { kind: 'event', event: `when you see ${stages}`, change: change ?? null } };
};

function firstOpenMonth(s: Situation, c: Candidate, at: Instant): Instant | null {
  let day = dayOf(at, s.place.zone);
  for (let i = 0; i < 12; i++) {
    day = `${addDays(`${day.slice(0, 7)}-28`, 5).slice(0, 7)}-01`;
    const start = dayStart(day, s.place.zone);
    if (reaches(c, about(s, start))) return start;
  }
  return null;
}
