import { inSentence } from '@sleetbrook/core/measure';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Section } from '../../ui/row';
import { Empty, Loading } from '../../ui/states';
import { T } from '../../ui/text';
import type { AlmanacPage } from '../../workers/almanac';
import { SignDrawing } from '../look/sign-drawing';
import { TYPICAL_WORDS } from './almanac-entry';
import { useAlmanacEntry } from './use-almanac';

/** Two that are taken for each other, side by side: what differs stands first. */
export function CompareScreen({ a, b }: { readonly a: string; readonly b: string }) {
  const router = useRouter();
  const left = useAlmanacEntry(a);
  const right = useAlmanacEntry(b);
  if (left.isPending || right.isPending) return <Loading />;
  if (!left.data || !right.data)
    return (
      <Empty
        title="Nothing to compare"
        text="One of the two is not in the almanac."
        action={{ title: 'Open the almanac', onPress: () => router.navigate('/almanac') }}
      />
    );
  return <Both left={left.data} right={right.data} />;
}

const RANK = { always: 4, often: 3, sometimes: 2, rarely: 1, never: 0 } as const;

function Both({ left, right }: { readonly left: AlmanacPage; readonly right: AlmanacPage }) {
  const router = useRouter();
  const tells = [...left.apart.filter((x) => x.id === right.id), ...right.apart.filter((x) => x.id === left.id)];
  const rows = rowsOf(left, right);
  return (
    <Page title="Compare" sub={`${left.name} and ${inSentence(right.name)}`} back={{ title: 'Almanac', href: '/almanac' }}>
      <View className="px-5">
        {tells.map((t) => (
          <T key={t.tell} kind="strong" className="pt-3">
            {t.tell}
          </T>
        ))}
        <View className="flex-row gap-3 border-b border-line pb-2 pt-4">
          <View className="w-[104px]" />
          {[left, right].map((p) => (
            <View key={p.id} className="min-w-0 flex-1">
              <Button kind="link" title={p.name} onPress={() => router.navigate(`/almanac/${p.id}`)} />
            </View>
          ))}
        </View>
        <Section>Signs, the most telling first</Section>
        {rows.map((r) => (
          <View key={r.id} className="flex-row items-center gap-3 border-b border-line py-2">
            <View className="w-[104px] items-center">
              {r.drawing && <SignDrawing drawing={r.drawing} width={88} />}
              <T kind="small" className="text-center text-ink">
                {r.name}
              </T>
            </View>
            {[r.left, r.right].map((word, i) => (
              <View key={i} className="min-w-0 flex-1">
                <T kind={word === 'nearly always' || word === 'often' ? 'strong' : 'muted'}>{word}</T>
              </View>
            ))}
          </View>
        ))}
        <Pair title="Kind" left={left.kind} right={right.kind} />
        <Pair title="Size" left={left.sizeMm === null ? '' : `${left.sizeMm} mm`} right={right.sizeMm === null ? '' : `${right.sizeMm} mm`} />
        <Pair title="Likes it" left={left.favours.join(', ')} right={right.favours.join(', ')} />
        <Pair title="On" left={left.hosts.slice(0, 6).join(', ')} right={right.hosts.slice(0, 6).join(', ')} />
        <Pair title="First to try" left={gentle(left)} right={gentle(right)} />
      </View>
    </Page>
  );
}

function Pair({ title, left, right }: { readonly title: string; readonly left: string; readonly right: string }) {
  if (left === '' && right === '') return null;
  return (
    <View className="flex-row gap-3 border-b border-line py-3">
      <View className="w-[104px]">
        <T kind="label">{title}</T>
      </View>
      {[left, right].map((text, i) => (
        <View key={i} className="min-w-0 flex-1">
          <T kind="muted">{text === '' ? 'none' : text}</T>
        </View>
      ))}
    </View>
  );
}

const WORTH_TRYING = 0.3;
const gentle = (p: AlmanacPage): string =>
  p.advice ??
  p.controls
    .filter((c) => c.rung > 0 && c.effect >= WORTH_TRYING)
    .slice(0, 2)
    .map((c) => c.name)
    .join(', ');

function rowsOf(left: AlmanacPage, right: AlmanacPage) {
  const signs = new Map([...left.signs, ...right.signs].map((s) => [s.sign.id, s.sign]));
  return [...signs.values()]
    .map((sign) => {
      const l = left.signs.find((s) => s.sign.id === sign.id)?.typicality;
      const r = right.signs.find((s) => s.sign.id === sign.id)?.typicality;
      const apart = Math.abs((l ? RANK[l] : 0.5) - (r ? RANK[r] : 0.5));
      return { id: sign.id, name: sign.name, drawing: sign.drawing, left: l ? TYPICAL_WORDS[l] : 'unusual', right: r ? TYPICAL_WORDS[r] : 'unusual', apart };
    })
    .sort((x, y) => y.apart - x.apart)
    .slice(0, 12);
}
