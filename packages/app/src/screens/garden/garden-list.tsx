import type { Planting } from '@sleetbrook/core/api';
import { sayIn } from '@sleetbrook/core/measure';
import { usePathname, useRouter } from 'expo-router';
import { View } from 'react-native';
import { useGarden, usePlantings, useToday } from '../../api/queries';
import { Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Row, Section } from '../../ui/row';
import { Empty, Read } from '../../ui/states';
import { Unreadable } from '../reach/unreadable';
import { sayPicking } from './say-picking';

/** Every planting by its place. */
export function GardenList() {
  const router = useRouter();
  const path = usePathname();
  const plantings = usePlantings();
  const today = useToday().data;
  const units = useGarden().data?.units ?? 'metric';
  const mark = (p: Planting) =>
    today?.keepOut.some((c) => c.plantingId === p.id)
      ? ('stop' as const)
      : today?.notToEat.some((c) => c.plantingId === p.id) || today?.openCases.some((c) => c.plantingId === p.id)
        ? ('wait' as const)
        : ('open' as const);
  const word = { stop: 'keep out', wait: 'in hand', open: 'clear' };
  return (
    <Page
      title="Garden"
      footer={
        <View className="flex-row gap-3 border-t border-line px-5 py-3">
          <View className="flex-1">
            <Button title="Walk round" onPress={() => router.navigate('/walk')} />
          </View>
          <View className="flex-1">
            <Button kind="quiet" title="Add a planting" onPress={() => router.navigate('/garden/new')} />
          </View>
        </View>
      }
    >
      <Unreadable kinds={['plantings', 'looks']} />
      <Read query={plantings}>
        {(list) =>
          list.length === 0 ? (
            <Empty title="Nothing planted yet" text="Add what grows in your garden first. Then start a look from a planting when you notice something." />
          ) : (
            <View className="px-5">
              {[...new Set(list.map((p) => p.place))].map((place) => (
                <View key={place}>
                  <Section>{place || 'Elsewhere'}</Section>
                  {list
                    .filter((p) => p.place === place)
                    .map((p) => (
                      <Row
                        key={p.id}
                        mark={mark(p)}
                        title={p.name}
                        end={sayIn(p.areaM2, 'area', units)}
                        sub={`${p.stage} · ${sayPicking(p)}`}
                        endSub={word[mark(p)]}
                        selected={path === `/garden/${p.id}`}
                        onPress={() => router.navigate(`/garden/${p.id}`)}
                      />
                    ))}
                </View>
              ))}
            </View>
          )
        }
      </Read>
    </Page>
  );
}
