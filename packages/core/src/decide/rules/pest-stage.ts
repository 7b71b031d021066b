import { seasonalMonth } from '../../diagnose/recent';
import { inSeasonAt } from '../../scout/usual';
import { addDays, dayOf, dayStart } from '../../schedule/local-day';
import type { Candidate, Change, Rule, Situation } from '../types';
import type { Instant } from '../../measure';

type Life = Situation['trouble']['life'];

const reaches = (c: Candidate, stages: Life) => stages.some((l) => l.open.some((m) => c.control.means.includes(m)));

/** The stages of its life that are about in a month, by what was seen or else by the calendar. */
function about(s: Situation, at: Instant): Life {
  if (s.stageSeen !== null) return s.trouble.life.filter((l) => l.stage === s.stageSeen);
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
  const reason = {
    code: 'pest-stage',
    weight: 'not-now' as const,
    sentence: `It reaches ${stages}, not ${now.map((l) => l.stage.toLowerCase()).join(' or ')}.`,
    inputs: [{ name: 'Stage now', value: now.map((l) => `${l.stage}, ${l.where}`).join('; ') }],
    source: s.trouble.vulnerable.prov,
    ...(change ? { orElse: change } : {}),
  };
  const opens = s.stageSeen === null ? firstOpenMonth(s, c, at) : null;
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
