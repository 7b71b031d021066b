import { instant } from '@sleetbrook/core/measure';
import { cameBefore, type CameBefore } from '@sleetbrook/core/schedule';
import { useCases, useGarden } from '../../api/queries';
import { useNow } from '../../state/now';

/** What came to the garden's own plants about this time in earlier years, and has no case this year. */
export function useCameBefore(): readonly CameBefore[] {
  const open = useCases('open').data;
  const cleared = useCases('cleared').data;
  const zone = useGarden().data?.zone;
  const now = useNow();
  if (!open || !cleared || !zone || now === undefined) return [];
  return cameBefore(
    [...open, ...cleared].map((c) => ({ ...c, openedAt: instant(Date.parse(c.openedAt)), open: c.status === 'open' })),
    now,
    zone,
  );
}
