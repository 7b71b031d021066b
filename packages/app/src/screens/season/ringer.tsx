import { instant } from '@sleetbrook/core/measure';
import { useEffect } from 'react';
import { useGarden } from '../../api/queries';
import { useNow } from '../../state/now';
import { usePreferences } from '../../state/preferences';
import { sayHour } from './say-round';
import { useProgramme } from './use-programme';

/** So long before an evening begins it rings. */
const BEFORE_MS = 60 * 60_000;

/** Rings in this browser before an evening begins, once for each, while it is open and may. */
export default function Ringer() {
  const garden = useGarden().data;
  const { season } = useProgramme();
  const { rangFor, rang } = usePreferences();
  const now = useNow();
  useEffect(() => {
    if (!season || !garden || now === undefined || typeof Notification === 'undefined' || Notification.permission !== 'granted') return;
    // what nobody has foretold yet has no hour to ring for
    const next = season.evenings.find((e) => e.sure !== 'unknown' && e.to > now && e.from - now <= BEFORE_MS);
    if (!next || rangFor === next.day) return;
    rang(next.day);
    const names = [...new Set(next.rounds.map((r) => season.courses.find((c) => c.caseId === r.caseId)?.plantingName ?? ''))];
    new Notification(`${sayHour(instant(next.from), garden.zone)}: ${names.join(', ')}`, {
      body: 'Look at the sky before you mix. The label decides.',
      tag: next.day,
    });
  }, [season, garden, now, rangFor, rang]);
  return null;
}
