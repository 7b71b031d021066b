import type { Case, Garden, Planting } from '@sleetbrook/core/api';
import { findHost, findTroubleCard } from '@sleetbrook/core/cards';
import { lineFor, mustBeChecked } from '@sleetbrook/core/label';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useConfirmations, useSheets, useSprayers } from '../../api/queries';
import { EMPTY_MIX, useDrafts } from '../../state/drafts';
import { Button } from '../../ui/button';
import { T } from '../../ui/text';
import { useSheetOf } from '../shed/use-sheet';
import { PoisonHelp } from '../help/poison-help';
import { MixFields } from './mix-fields';
import { mixFor } from './mix-for';

interface Props {
  readonly found: Case;
  readonly planting: Planting;
  readonly garden: Garden;
  readonly controlId: string;
  readonly onKeep: () => void;
  readonly busy: boolean;
}

/** Station 4 in the case: the amounts for exactly these plants. */
export function MixStation({ found, planting, garden, controlId, onKeep, busy }: Props) {
  const router = useRouter();
  const sprayers = useSprayers().data;
  const confirmations = useConfirmations().data;
  const draft = useDrafts((d) => d.mixes[found.id]) ?? EMPTY_MIX;
  const setMix = useDrafts((d) => d.setMix);
  const sheets = useSheets().data;
  const sheet = useSheetOf(controlId, found.laps.at(-1)?.sheetId);
  const host = findHost(planting.hostId);
  if (sheets && !sheet) return <T className="text-ochre">The label sheet that was chosen is removed. Decide again, or take it back in the Shed.</T>;
  if (!sheet || !host || !sprayers || !confirmations) return <T kind="muted">One moment</T>;
  const line = lineFor(sheet, host, findTroubleCard(found.troubleId) ?? { labelAs: [] });
  if (!line.ok) return <T>{line.reasons[0]?.sentence ?? ''}</T>;
  const unconfirmed = mustBeChecked(sheet) && !confirmations.some((c) => c.sheetId === sheet.id && c.version === sheet.version);
  const mix = mixFor(draft, sheet, line.value, planting, sprayers, garden);
  return (
    <View className="gap-4">
      <View className="flex-row items-center justify-between gap-3">
        <T kind="head" level={2}>
          Mix
        </T>
        <PoisonHelp />
      </View>
      {unconfirmed ? (
        <>
          <T>{`${sheet.name} ${sheet.specimen ? 'is a conventional product' : 'was not compared with your label yet'}. Before you mix it, check every figure of the sheet against the label in your hand.`}</T>
          <Button title="Check it against my label" onPress={() => router.navigate(`/shed/${sheet.id}`)} />
        </>
      ) : (
        <>
          <MixFields
            draft={draft}
            onChange={(c) => setMix(found.id, { ...c, step: -1, ticked: [] })}
            sheet={sheet}
            line={line.value}
            planting={planting}
            sprayers={sprayers}
            garden={garden}
            mix={mix}
          />
          <Button title="Keep these amounts" disabled={!mix.ok} busy={busy} onPress={onKeep} />
        </>
      )}
    </View>
  );
}
