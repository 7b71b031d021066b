import { STAGES, type Planting, type Stage } from '@sleetbrook/core/api';
import { stageAsked, type LocalDay } from '@sleetbrook/core/schedule';
import { useState } from 'react';
import { View } from 'react-native';
import { useSavePlanting } from '../../api/mutations';
import { Button } from '../../ui/button';
import { Row, Section } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { Failed } from '../../ui/states';
import { T } from '../../ui/text';
import { sayDate } from '../garden/say-picking';

/** More at once nobody answers. */
const MOST = 3;
const WORDS: Readonly<Record<Stage, string>> = { seedling: 'Seedlings', growing: 'Growing', flowering: 'In flower', fruiting: 'Fruiting', dormant: 'Dormant' };

/** A stage that was said long ago is asked about: bees, picking and what reaches a pest go by it. */
export function StageAsked({ plantings, day }: { readonly plantings: readonly Planting[]; readonly day: LocalDay }) {
  const save = useSavePlanting();
  const [shown, setShown] = useState<string | null>(null);
  const asked = plantings.filter((p) => stageAsked(p.stage, p.stageOn as LocalDay | null, day)).slice(0, MOST);
  const one = plantings.find((p) => p.id === shown);
  const say = (p: Planting, stage: Stage) =>
    void save
      .mutateAsync({ ...p, stage, stageOn: day })
      .then(() => setShown(null))
      .catch(() => undefined);
  if (asked.length === 0) return null;
  return (
    <View>
      <Section>Still so?</Section>
      {asked.map((p) => (
        <Row
          key={p.id}
          mark="wait"
          title={p.name}
          end="say"
          tone="wait"
          sub={`${WORDS[p.stage]} since ${sayDate(p.stageOn ?? '')}`}
          onPress={() => setShown(p.id)}
        />
      ))}
      <Sheet open={one !== undefined} title={one ? `${one.name}: how do they stand?` : ''} onClose={() => setShown(null)}>
        <T>What may be used, and when, goes by it.</T>
        {save.error && <Failed error={save.error} />}
        {one && <Button title={`Still ${WORDS[one.stage].toLowerCase()}`} busy={save.isPending} onPress={() => say(one, one.stage)} />}
        {one && STAGES.filter((s) => s !== one.stage).map((s) => <Button key={s} kind="quiet" title={WORDS[s]} onPress={() => say(one, s)} />)}
      </Sheet>
    </View>
  );
}
