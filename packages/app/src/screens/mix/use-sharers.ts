import { caseDetailSchema, treatmentPageSchema, type Case, type Planting } from '@sleetbrook/core/api';
import type { PastTreatment, Verdict } from '@sleetbrook/core/decide-light';
import { pastOf, shareNow, signsNow } from '@sleetbrook/core/situation';
import { useQueries } from '@tanstack/react-query';
import { request } from '../../api/client';
import { useCases, useConfirmations, useGarden, usePlantings, useSheets, useToday } from '../../api/queries';
import { mixKey, useDrafts } from '../../state/drafts';
import { useNow } from '../../state/now';
import { core } from '../../workers/core';
import { decidingTask } from '../decide/deciding-task';
import { useHours } from '../decide/use-deciding';
import type { View } from '../decide/view';
import { sharerCase } from './job-for';

/** A planting that shares a mix, judged for itself: undefined while that is under way. */
export interface Sharer {
  readonly planting: Planting;
  readonly verdict: Verdict | null | undefined;
  /** What it has had. */
  readonly records: readonly PastTreatment[];
}

/** Nothing is left out of sight. */
const EVERYTHING: View = { school: 'traditional', whatIf: [] };

/**
 * The other plantings of a case's mix, each judged by all the rules as if it were alone: its label line, its picking,
 * its flowers, what it has had, and its hours.
 */
export function useSharers(found: Case | undefined): readonly Sharer[] {
  const now = useNow();
  const hours = useHours(now);
  const garden = useGarden().data;
  const sheets = useSheets().data;
  const plantings = usePlantings().data;
  const cases = useCases('open').data;
  const confirmations = useConfirmations().data;
  const clocks = useToday().data?.keepOut;
  const also = useDrafts((d) => (found ? d.mixes[mixKey(found)]?.also : undefined)) ?? [];
  const lap = found?.laps.at(-1);
  const quarter = now === undefined ? 0 : Math.floor(now / 900_000);
  const sharing = also.flatMap((a) => plantings?.find((p) => p.id === a.plantingId && p.id !== found?.plantingId) ?? []);
  const judged = useQueries({
    queries: sharing.map((planting) => ({
      queryKey: ['sharer', found?.id, found?.revision, planting, garden, quarter, hours?.source, hours?.hours.length, sheets?.length, confirmations, clocks],
      enabled: !!found && now !== undefined && !!hours && !!garden && !!sheets && !!cases && !!confirmations && !!clocks,
      queryFn: async () => {
        if (!found || now === undefined || !hours || !garden || !sheets || !cases || !confirmations || !clocks) throw new Error('not ready');
        const { treatments } = await request('GET', `/treatments?planting=${planting.id}`, treatmentPageSchema);
        const own = sharerCase(found, cases, planting);
        const looks = own ? (await request('GET', `/cases/${own.id}`, caseDetailSchema)).looks : [];
        const deciding = await core().decide(
          decidingTask({
            ...{ now, garden, sheets, confirmations, clocks },
            ...{ found: own ?? found, planting, treatments, seenSigns: signsNow(looks), share: shareNow(looks) },
            weather: hours.hours,
            view: EVERYTHING,
          }),
        );
        const verdict = deciding.verdicts.find((v) => v.control.id === lap?.controlId && (lap.sheetId === null || v.sheet?.id === lap.sheetId)) ?? null;
        return { verdict, records: pastOf(treatments) };
      },
    })),
  });
  return sharing.map((planting, i) => ({ planting, verdict: judged[i]?.data?.verdict, records: judged[i]?.data?.records ?? [] }));
}

/** What stands against it whatever the hour; null where nothing does. */
export const standsAgainst = ({ verdict }: Sharer): string | null =>
  verdict === null
    ? 'It is no means against this there.'
    : (verdict?.reasons.find((r) => r.weight !== 'note' && !r.code.startsWith('hour-'))?.sentence ?? null);

/** Why it may not be begun on it at this moment; null where it may. */
export const notNowOn = (s: Sharer): string | null =>
  s.verdict === undefined
    ? 'It is still being judged.'
    : s.verdict?.status === 'usable'
      ? null
      : (s.verdict?.reasons[0]?.sentence ?? 'It is no means against this there.');
