import type { Case } from '@sleetbrook/core/api';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { mixKey, useDrafts } from '../../state/drafts';
import { Button } from '../../ui/button';
import { T } from '../../ui/text';
import { PoisonHelp } from '../help/poison-help';
import { AlsoOn } from './also-on';
import { MixFields } from './mix-fields';
import { useCaseMix } from './use-mix-job';

interface Props {
  readonly found: Case;
  readonly onKeep: () => void;
  readonly busy: boolean;
}

/** Station 4 in the case: the amounts for exactly these plants, and for those that share the mix. */
export function MixStation({ found, onKeep, busy }: Props) {
  const router = useRouter();
  const setMix = useDrafts((d) => d.setMix);
  const mix = useCaseMix(found);
  if (mix === undefined) return <T kind="muted">One moment</T>;
  if (mix === null) return <T className="text-ochre">The label sheet that was chosen is removed. Decide again, or take it back in the Shed.</T>;
  const { sheet, job, confirmed } = mix;
  if (!job.ok) return <T>{job.reasons[0]?.sentence ?? ''}</T>;
  const { line, plan } = job.value;
  return (
    <View className="gap-4">
      <View className="flex-row items-center justify-between gap-3">
        <T kind="head" level={2}>
          Mix
        </T>
        <PoisonHelp sheet={sheet} />
      </View>
      {!confirmed ? (
        <>
          <T>{`${sheet.name} ${sheet.specimen ? 'is a conventional product' : 'was not compared with your label yet'}. Before you mix it, check every figure of the sheet against the label in your hand.`}</T>
          <Button title="Check it against my label" onPress={() => router.navigate(`/shed/${sheet.id}?case=${found.id}`)} />
          {sheet.specimen && (
            <Button kind="link" title="It says otherwise: mix by my own label" onPress={() => router.navigate(`/shed/new?from=${sheet.id}&case=${found.id}`)} />
          )}
        </>
      ) : (
        <>
          <MixFields
            draft={mix.draft}
            onChange={(c) => setMix(mixKey(found), { ...c, step: -1, ticked: [], log: {}, slips: [] })}
            sheet={sheet}
            line={line}
            planting={mix.planting}
            sprayers={mix.sprayers}
            garden={mix.garden}
            mix={plan}
            also={<AlsoOn mix={mix} job={job.value} onChange={(also) => setMix(mixKey(found), { also, step: -1, ticked: [], log: {}, slips: [] })} />}
          />
          <Button
            kind="link"
            title={sheet.specimen ? 'Mix by my own label' : 'See or change my label'}
            onPress={() => router.navigate(sheet.specimen ? `/shed/new?from=${sheet.id}&case=${found.id}` : `/shed/${sheet.id}?case=${found.id}`)}
          />
          <Button title="Keep these amounts" disabled={!plan.ok} busy={busy} onPress={onKeep} />
        </>
      )}
    </View>
  );
}
