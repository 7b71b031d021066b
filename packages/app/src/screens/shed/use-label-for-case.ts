import type { LabelSheet } from '@sleetbrook/core/label';
import { useLocalSearchParams, useRouter, type Href } from 'expo-router';
import { useSaveCase } from '../../api/mutations';
import { useCaseDetail } from '../../api/queries';
import { mixKey, useDrafts } from '../../state/drafts';

interface LabelForCase {
  /** The case that the label was opened from. */
  readonly caseId: string | undefined;
  /** The same place, with the case in mind. */
  readonly within: (path: string) => Href;
  /** Back to the case, which from now on goes by this sheet if it was decided for the same control. */
  readonly goOn: (sheet: LabelSheet) => Promise<void>;
}

/** A label typed in or compared from within a case leads back to it, and is what is mixed there. */
export function useLabelForCase(): LabelForCase {
  const router = useRouter();
  const { case: caseId } = useLocalSearchParams<{ case?: string }>();
  const found = useCaseDetail(caseId ?? '').data?.case;
  const save = useSaveCase();
  const setMix = useDrafts((d) => d.setMix);
  const lap = found?.laps.at(-1);
  return {
    caseId,
    within: (path) => (caseId ? `${path}${path.includes('?') ? '&' : '?'}case=${caseId}` : path) as Href,
    goOn: async (sheet) => {
      // figures of another label, or of an older version of this one, are not its own: they are worked out anew
      if (found && lap && lap.controlId === sheet.control && !lap.treatmentId) {
        await save.mutateAsync({ ...found, laps: [...found.laps.slice(0, -1), { ...lap, sheetId: sheet.id, mixedAt: null, plannedFor: null }] });
        setMix(mixKey(found), { rate: '', water: '', step: -1, ticked: [], log: {}, slips: [] });
      }
      router.replace(`/cases/${caseId ?? ''}`);
    },
  };
}
