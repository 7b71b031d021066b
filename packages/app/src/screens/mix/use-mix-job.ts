import type { Case, Garden, Planting, Sprayer } from '@sleetbrook/core/api';
import { mustBeChecked, type LabelSheet } from '@sleetbrook/core/label';
import type { Instant, Outcome } from '@sleetbrook/core/measure';
import { pastOf } from '@sleetbrook/core/situation';
import { useCases, useConfirmations, useGarden, usePlantings, usePlantingTreatments, useSheets, useSprayers } from '../../api/queries';
import { EMPTY_MIX, mixKey, useDrafts, type MixDraft } from '../../state/drafts';
import { useNow } from '../../state/now';
import { sheetOf } from '../shed/use-sheet';
import { jobFor, type MixJob } from './job-for';
import { sprayerFor } from './mix-for';
import { standsAgainst, useSharers } from './use-sharers';

/** The mix of a case, with everything that its screens need. */
export interface CaseMix {
  readonly draft: MixDraft;
  readonly sheet: LabelSheet;
  readonly planting: Planting;
  readonly plantings: readonly Planting[];
  readonly garden: Garden;
  readonly sprayers: readonly Sprayer[];
  readonly sprayer: Sprayer | undefined;
  /** Its figures were compared with the label in the hand, or need not be. */
  readonly confirmed: boolean;
  readonly job: Outcome<MixJob>;
  readonly now: Instant;
}

/**
 * The mix of a case as it stands in the draft.
 * @returns undefined while something is on its way; null where the control is done by hand or its sheet is gone
 */
export function useCaseMix(found: Case | undefined): CaseMix | null | undefined {
  const plantings = usePlantings().data;
  const garden = useGarden().data;
  const sprayers = useSprayers().data;
  const confirmations = useConfirmations().data;
  const sheets = useSheets().data;
  const cases = useCases('open').data;
  const sharers = useSharers(found);
  const before = usePlantingTreatments(found?.plantingId).data?.treatments;
  const now = useNow();
  const draft = useDrafts((d) => (found ? d.mixes[mixKey(found)] : undefined)) ?? EMPTY_MIX;
  if (!found || !plantings || !garden || !sprayers || !confirmations || !sheets || !before || now === undefined) return undefined;
  const lap = found.laps.at(-1);
  const planting = plantings.find((p) => p.id === found.plantingId);
  const sheet = sheetOf(sheets, lap?.controlId, lap?.sheetId);
  if (!planting || !sheet || !lap?.controlId) return null;
  const confirmed = !mustBeChecked(sheet) || confirmations.some((c) => c.sheetId === sheet.id && c.version === sheet.version);
  const job = jobFor(draft, {
    found,
    sheet,
    planting,
    plantings,
    openCases: cases ?? [],
    sprayers,
    garden,
    had: (id) => (id === planting.id ? pastOf(before) : (sharers.find((s) => s.planting.id === id)?.records ?? [])),
    at: lap.mixedAt === null ? now : null,
    // once it is mixed the act is seen through: after it the record tells the truth
    against: (id) => {
      if (lap.mixedAt !== null) return null;
      const sharer = sharers.find((s) => s.planting.id === id);
      return sharer && sharer.verdict === undefined ? 'It is still being judged.' : sharer ? standsAgainst(sharer) : null;
    },
  });
  return { draft, sheet, planting, plantings, garden, sprayers, sprayer: sprayerFor(draft, sprayers), confirmed, job, now };
}
