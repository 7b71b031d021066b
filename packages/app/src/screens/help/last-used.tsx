import type { Treatment } from '@sleetbrook/core/api';
import { aidFor, amountUnitOf, type LabelSheet } from '@sleetbrook/core/label';
import { instant, sayIn, sayWhen, type UnitSystem } from '@sleetbrook/core/measure';
import { View } from 'react-native';
import { useGarden, useSheets, useTreatmentLog } from '../../api/queries';
import { useNow } from '../../state/now';
import { T } from '../../ui/text';

/** Older than this it is hardly what somebody was poisoned by. */
const DAYS = 14;
const MOST = 4;

/** Products that were put on lately, the last first, each once. */
export const lastUsed = (log: readonly Treatment[], now: number): readonly (Treatment & { readonly sheet: LabelSheet })[] => {
  const seen = new Set<string>();
  return [...log]
    .filter((t): t is Treatment & { readonly sheet: LabelSheet } => t.sheet !== null && t.struck === null && now - Date.parse(t.finishedAt) < DAYS * 86_400_000)
    .sort((a, b) => Date.parse(b.finishedAt) - Date.parse(a.finishedAt))
    .filter((t) => !seen.has(t.sheet.name) && seen.add(t.sheet.name))
    .slice(0, MOST);
};

/** What is in the hand, and what was used lately: what to say on the phone. */
export function LastUsed({ sheet }: { readonly sheet?: LabelSheet | undefined }) {
  const log = useTreatmentLog().data?.pages.flatMap((p) => p.treatments) ?? [];
  const { zone, units = 'metric' } = useGarden().data ?? {};
  const now = useNow();
  const used = now === undefined ? [] : lastUsed(log, now).filter((t) => t.sheet.name !== sheet?.name);
  return (
    <>
      {sheet && <Aid sheet={sheet} when="This one" />}
      {zone &&
        now !== undefined &&
        used.map((t) => (
          <Aid
            key={t.id}
            sheet={t.sheet}
            when={`Used ${sayWhen(instant(Date.parse(t.finishedAt)), instant(now), zone)} on ${t.plantingName}${sayAmount(t, units)}`}
          />
        ))}
    </>
  );
}

/** @example ': 1.2 ml in 1.2 l of mix' */
function sayAmount(t: Treatment & { readonly sheet: LabelSheet }, units: UnitSystem): string {
  if (t.amount === null) return '';
  return `: ${sayIn(t.amount, amountUnitOf(t) === 'g' ? 'mass' : 'volume', units)}${t.waterMl ? ` in ${sayIn(t.waterMl, 'volume', units)} of mix` : ''}`;
}

function Aid({ sheet, when }: { readonly sheet: LabelSheet; readonly when: string }) {
  const sheets = useSheets().data ?? [];
  const aid = aidFor(
    sheet,
    sheets.find((s) => s.id === (sheet.basedOn ?? sheet.id)),
  );
  return (
    <View className="gap-1 border-l-4 border-rowan pl-3">
      <T kind="small">{when}</T>
      <T kind="strong">{aid.name}</T>
      <T>{`Active ingredient: ${aid.actives}.${aid.registration ? ` Registration ${aid.registration}.` : ''}`}</T>
      {aid.cholinesterase && (
        <T kind="strong">It acts on nerves: small pupils, sweat, spittle, cramps, hard breath. Call the emergency number, also hours later.</T>
      )}
      {aid.words.map((w) => (
        <T key={w.what}>{`${w.what}: ${w.text}${w.whose === 'our specimen' ? ' (our words, from memory)' : ''}`}</T>
      ))}
      <T kind="small">
        {aid.words.length === 0
          ? 'What its label says of first aid was not typed in: read it from the pack.'
          : aid.words.every((w) => w.whose === 'your label')
            ? 'In your label’s words.'
            : 'The label in your hand comes first.'}
      </T>
    </View>
  );
}
