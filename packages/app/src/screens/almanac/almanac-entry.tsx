import { sayDegreeDays, sayTemperature, inSentence } from '@sleetbrook/core/measure';
import { useRouter } from 'expo-router';
import { Pressable, View } from 'react-native';
import { useGarden } from '../../api/queries';
import { useNow } from '../../state/now';
import { Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Row, Section } from '../../ui/row';
import { Empty, Read } from '../../ui/states';
import { T } from '../../ui/text';
import type { AlmanacPage } from '../../workers/almanac';
import { LifeSize } from '../look/life-size';
import { SignDrawing } from '../look/sign-drawing';
import { GuardDoor } from './guard-door';
import { LifeStrip } from './life-strip';
import { ReportNote } from './report-note';
import { useAlmanacEntry } from './use-almanac';

const BACK = { title: 'Almanac', href: '/almanac' } as const;

/** One page of the almanac. */
export function AlmanacEntry({ id }: { readonly id: string }) {
  const router = useRouter();
  const entry = useAlmanacEntry(id);
  return (
    <Read query={entry}>
      {(page) =>
        page ? (
          <Entry page={page} />
        ) : (
          <Empty
            title="No such page"
            text="The almanac has nothing by that name."
            action={{ title: 'Open the almanac', onPress: () => router.navigate('/almanac') }}
          />
        )
      }
    </Read>
  );
}

export const TYPICAL_WORDS = { always: 'nearly always', often: 'often', sometimes: 'sometimes', rarely: 'rarely', never: 'never' } as const;
const firstUp = (s: string) => s.charAt(0).toUpperCase() + s.slice(1);

function Entry({ page }: { readonly page: AlmanacPage }) {
  const router = useRouter();
  const now = useNow();
  const garden = useGarden().data;
  const south = (garden?.latitude ?? 0) < 0;
  const units = garden?.units ?? 'metric';
  const month = now === undefined ? 1 : new Date(now).getUTCMonth() + 1;
  const go = (id: string) => router.navigate(`/almanac/${id}`);
  const seen = page.signs.filter((s) => s.typicality !== 'never' && s.typicality !== 'rarely');
  const never = page.signs.filter((s) => s.typicality === 'never');
  return (
    <Page title={page.name} sub={[firstUp(page.kind), ...page.also].join(' · ')} back={BACK}>
      <View className="px-5">
        {page.sizeMm !== null && (
          <View className="pt-3">
            <LifeSize mm={page.sizeMm} />
          </View>
        )}
        {page.report.length > 0 && <ReportNote report={page.report} />}
        {page.advice && <T className="pt-3">{page.advice}</T>}
        {seen.length > 0 && page.section !== 'sign' && <Section>What shows</Section>}
        <View className="flex-row flex-wrap gap-3">
          {seen.map(({ sign, typicality }) => (
            <Pressable
              key={sign.id}
              role="link"
              onPress={() => go(`sign-${sign.id}`)}
              className="w-[108px] items-center rounded-2xl border border-line bg-slate p-2 active:opacity-70"
            >
              {sign.drawing && <SignDrawing drawing={sign.drawing} width={92} />}
              <T kind="small" className="text-center text-ink">
                {sign.name}
              </T>
              <T kind="small" className="text-center">
                {TYPICAL_WORDS[typicality]}
              </T>
            </Pressable>
          ))}
        </View>
        {page.late.length > 0 && <T kind="muted" className="pt-2">{`Only when it is far on: ${page.late.map((n) => n.toLowerCase()).join(', ')}.`}</T>}
        {never.length > 0 && <T kind="muted" className="pt-2">{`Not with it: ${never.map((n) => inSentence(n.sign.name)).join(', ')}.`}</T>}
        {page.life.length > 0 && (
          <>
            <Section>Its year</Section>
            <LifeStrip life={page.life} month={month} south={south} />
          </>
        )}
        {page.warmth.length > 0 && <Section>By warmth</Section>}
        {page.warmth.map(({ stage, warmth: w, source }) => (
          <View key={stage} className="pb-2">
            <T>{`${stage}: ${sayDegreeDays(w.degreeDays, units)} above ${sayTemperature(w.lowerC, units)}, counted from ${w.from}.`}</T>
            <T kind="small">{source}</T>
          </View>
        ))}
        {page.section === 'trouble' && <GuardDoor troubleId={page.id} />}
        {page.facts.length > 0 && <Section>Good to know</Section>}
        {page.facts.map((f) => (
          <View key={f.text} className="pb-2">
            <T>{f.text}</T>
            <T kind="small">{f.source}</T>
          </View>
        ))}
        {page.home && page.section === 'trouble' && (
          <>
            <Section>Where it lives</Section>
            <T>{page.home.text}</T>
            <T kind="small">{page.home.source}</T>
          </>
        )}
        {page.kinds.length > 0 && <Section>Kinds that go by this name</Section>}
        {page.kinds.map((k) => (
          <View key={k.name} className="pb-2">
            <T kind="strong">{k.name}</T>
            <T>{k.tell}</T>
            <T kind="small">{`On ${k.hosts.map((h) => h.charAt(0).toLowerCase() + h.slice(1)).join(', ')} · ${k.source}`}</T>
          </View>
        ))}
        {page.causes.length > 0 && <Links title="It follows" list={page.causes} onPress={go} />}
        {page.apart.length > 0 && <Section>Taken for</Section>}
        {page.apart.map((a) => (
          <View key={a.id} className="border-b border-line py-2">
            <T>{a.tell}</T>
            <View className="flex-row flex-wrap gap-x-4">
              <Button kind="link" title={a.name} onPress={() => go(a.id)} />
              <Button kind="link" title="Compare the two" onPress={() => router.navigate(`/almanac/compare?a=${page.id}&b=${a.id}`)} />
            </View>
          </View>
        ))}
        {page.controls.length > 0 && <Section>What to do, gentlest first</Section>}
        {page.controls.map((c) => (
          <Row key={c.id} title={c.name} end={`${Math.round(c.effect * 100)} in 100`} sub={c.why} endSub={c.rungName} onPress={() => go(`control-${c.id}`)} />
        ))}
        {page.controls.length > 0 && (
          <T kind="small" className="pt-2">
            Share stopped, done well at the right stage. Whether it may be used where you are, on your plant, now: that is decided in the case, by the label.
          </T>
        )}
        {page.schools.map((s) => (
          <View key={s.topic} className="pt-4">
            <T kind="label">{`Schools differ: ${s.topic}`}</T>
            {s.positions.map((p) => (
              <T key={p} kind="muted">
                {`“${p}”`}
              </T>
            ))}
            <T>{`Here: ${s.ours} ${s.why}`}</T>
          </View>
        ))}
        {page.enemies.length > 0 && <Links title="Eaten by" list={page.enemies} onPress={go} />}
        {page.carries.length > 0 && <Links title="It can carry" list={page.carries} onPress={go} />}
        {page.hosts.length > 0 && (
          <>
            <Section>On</Section>
            <T>{firstUp(page.hosts.map((h) => h.charAt(0).toLowerCase() + h.slice(1)).join(', '))}.</T>
          </>
        )}
        {page.shownBy.length > 0 && <Section>{page.section === 'sign' ? 'Shown by' : 'Used against'}</Section>}
        {page.shownBy.map((s) => (
          <Row
            key={s.id}
            title={s.name}
            sub={s.note in TYPICAL_WORDS ? TYPICAL_WORDS[s.note as keyof typeof TYPICAL_WORDS] : s.note}
            onPress={() => go(s.id)}
          />
        ))}
      </View>
    </Page>
  );
}

function Links({
  title,
  list,
  onPress,
}: {
  readonly title: string;
  readonly list: readonly { id: string; name: string }[];
  readonly onPress: (id: string) => void;
}) {
  return (
    <View>
      <Section>{title}</Section>
      <View className="flex-row flex-wrap gap-x-4">
        {list.map((l) => (
          <Button key={l.id} kind="link" title={l.name} onPress={() => onPress(l.id)} />
        ))}
      </View>
    </View>
  );
}
