import { findTroubleCard } from '@sleetbrook/core/cards';
import { useRouter, type Href } from 'expo-router';
import { View } from 'react-native';
import { useBatches, useCases } from '../../api/queries';
import { mixKey, useDrafts } from '../../state/drafts';
import { Page } from '../../ui/page';
import { Row, Section } from '../../ui/row';
import { PoisonHelp } from '../help/poison-help';
import { useWide } from '../shell';

interface Tool {
  readonly title: string;
  readonly sub: string;
  readonly href: Href;
}

const GROUPS: readonly { readonly name: string; readonly tools: readonly Tool[] }[] = [
  {
    name: 'Amounts',
    tools: [
      { title: 'An amount by the label', sub: 'For a bed, a trunk, a tank', href: '/bench/amount' },
      { title: 'A rate in your measures', sub: '8 lb per 100 gal, 2 %, 500 ppm, another strength', href: '/bench/rate' },
      { title: 'Check my recipe', sub: 'What you have, or were told', href: '/bench/check' },
      { title: 'What to buy', sub: 'Packs, what is left over, what it costs', href: '/bench/buy' },
      { title: 'Units', sub: 'Spoons, ounces, gallons, acres', href: '/bench/units' },
    ],
  },
  {
    name: 'Measuring',
    tools: [
      { title: 'Calibrate a sprayer', sub: 'How much you put on, and is the nozzle worn', href: '/bench/calibrate' },
      { title: 'Trees and trunks', sub: 'Height without a stick, round the trunk, bark, leaves', href: '/bench/tree' },
    ],
  },
  {
    name: 'Making',
    tools: [
      { title: 'Bordeaux mixture', sub: 'From dry or from stocks, with the year’s copper', href: '/bench/bordeaux' },
      { title: 'Potassium soap', sub: 'Oil and lye, and the days until it is ready', href: '/bench/soap' },
      { title: 'Other preparations', sub: 'Neem, suds, ash, dishes, washes, helpers, covers', href: '/bench/prepare' },
    ],
  },
];

/** The bench: all the arithmetic without needing a case, and what is being measured just now. */
export function BenchScreen() {
  const router = useRouter();
  const wide = useWide();
  const cases = useCases('open').data ?? [];
  const batches = (useBatches().data ?? []).filter((b) => b.readyAt === null);
  const mixes = useDrafts((d) => d.mixes);
  const running = cases.filter((c) => (mixes[mixKey(c)]?.step ?? -1) >= 0);
  return (
    <Page title="Bench" sub="Measure, work out, make" aside={<PoisonHelp />}>
      <View className="px-5 pt-2">
        {running.length + batches.length > 0 && <Section>Under way</Section>}
        {running.map((c) => (
          <Row
            key={c.id}
            mark="wait"
            title={findTroubleCard(c.troubleId)?.name ?? ''}
            sub={`being measured, step ${(mixes[mixKey(c)]?.step ?? 0) + 1}`}
            onPress={() => router.navigate(`/cases/${c.id}/mix`)}
          />
        ))}
        {batches.map((b) => (
          <Row key={b.id} mark="wait" title={b.name} sub={b.thinnedAt ? 'being stirred' : 'resting'} onPress={() => router.navigate(`/bench/soap/${b.id}`)} />
        ))}
        <View className={wide ? 'flex-row gap-8' : ''}>
          {GROUPS.map((g) => (
            <View key={g.name} className={wide ? 'flex-1' : ''}>
              <Section>{g.name}</Section>
              {g.tools.map((t) => (
                <Row key={t.title} title={t.title} sub={t.sub} onPress={() => router.navigate(t.href)} />
              ))}
            </View>
          ))}
        </View>
      </View>
    </Page>
  );
}
