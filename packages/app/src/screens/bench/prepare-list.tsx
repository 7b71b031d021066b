import { PREPARATIONS, type Preparation } from '@sleetbrook/core/bench';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Row, Section } from '../../ui/row';
import { ToolPage } from './parts';

const GROUPS: readonly { readonly name: string; readonly of: readonly Preparation['group'][] }[] = [
  { name: 'Sprays and washes', of: ['spray', 'wash'] },
  { name: 'Dust, dishes, vapour', of: ['dust', 'bait', 'vapour'] },
  { name: 'Helpers, rows, covers', of: ['helpers', 'rows'] },
];

/** Every preparation with a card of its own. */
export function PrepareList() {
  const router = useRouter();
  return (
    <ToolPage title="Other preparations" sub="Amounts, steps and cautions for each">
      <View>
        {GROUPS.map((g) => (
          <View key={g.name}>
            <Section>{g.name}</Section>
            {PREPARATIONS.filter((p) => g.of.includes(p.group)).map((p) => (
              <Row key={p.id} title={p.name} sub={p.use} onPress={() => router.navigate(`/bench/prepare/${p.id}`)} />
            ))}
          </View>
        ))}
      </View>
    </ToolPage>
  );
}
