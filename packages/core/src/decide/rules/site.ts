import { SITE_WORDS } from '../../catalogue/sites';
import { forRooms } from '../../label';
import type { Reason, Rule } from '../types';

const CP = { mark: 'CP' } as const;

/** Open air, tunnel, glasshouse or a room that is lived in: only where the label says. */
export const site: Rule = (s, c) => {
  const at = s.planting.site;
  const inputs = [{ name: 'Site', value: SITE_WORDS[at] }];
  const never = (sentence: string, more: Partial<Reason> = {}): Reason => ({ code: 'site', weight: 'never', sentence, inputs, source: CP, ...more });
  if (c.control.outdoorsOnly && at !== 'outdoors') return never('It only makes sense in the open air.');
  if (!c.sheet) return null;
  if (at === 'outdoors') return c.sheet.outdoors ? null : never('This label is for under cover only.');
  if (!c.sheet.indoors) return never('This label is for outdoors only.');
  if (at === 'indoors' && !forRooms(c.sheet)) {
    return never(
      c.sheet.formulation === 'VP'
        ? 'Never in a house that is lived in: for a closed glasshouse only.'
        : 'Its label names neither house plants nor rooms that are lived in: for outdoors and glass only.',
    );
  }
  if (at === 'tunnel' && c.sheet.formulation === 'VP') {
    return never('A tunnel does not close: vapour needs a glasshouse that does.', {
      weight: 'not-now',
      opens: {
        kind: 'event',
        event: 'in a glasshouse that closes and stands apart',
        change: { code: 'glasshouse', label: 'It is a glasshouse that closes, and stands apart', planting: { site: 'glasshouse' }, withAbout: 'stands-apart' },
      },
    });
  }
  if (at === 'glasshouse' && c.sheet.formulation === 'VP' && !s.planting.about.includes('stands-apart')) {
    return never('Vapour goes through doors and chinks: never in a glasshouse that is joined to a dwelling.', {
      weight: 'not-now',
      opens: {
        kind: 'event',
        event: 'where the glasshouse stands apart from any dwelling',
        change: { code: 'stands-apart', label: 'The glasshouse stands apart', withAbout: 'stands-apart' },
      },
    });
  }
  return null;
};
