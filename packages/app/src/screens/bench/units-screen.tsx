import { parseQuantity, sayProvenance, trim, UNITS, type Unit } from '@sleetbrook/core/measure';
import { View } from 'react-native';
import { useGarden } from '../../api/queries';
import { useTool } from '../../state/tools';
import { Field } from '../../ui/field';
import { Row } from '../../ui/row';
import { T } from '../../ui/text';
import { Big, ToolLoading, ToolPage } from './parts';

/** Whose measure it is, where a word has several. */
const WHOSE: readonly (readonly [RegExp, string])[] = [
  [/-us$/, 'US'],
  [/-imp$/, 'imperial'],
  [/-metric$/, 'metric'],
  [/-au$/, 'Australian'],
];
const nameOf = (u: Unit) => [WHOSE.find(([re]) => re.test(u.id))?.[1], u.label].filter(Boolean).join(' ');

/** One amount in every unit there is for it. */
export function UnitsScreen() {
  const garden = useGarden().data;
  const { values, set } = useTool('units', { text: '2 tbsp' });
  if (!garden) return <ToolLoading />;
  const read = parseQuantity(values.text, garden.units, ['volume', 'mass', 'length', 'area']);
  return (
    <ToolPage title="Units" sub="One amount in every measure">
      <Field
        label="Amount"
        value={values.text}
        onChange={(text) => set({ text })}
        error={read.ok || values.text.trim() === '' ? undefined : read.reasons[0]?.sentence}
        hint={read.ok ? `Understood: ${read.value.understood}` : 'With its unit, such as 1½ tbsp or 3 lb 4 oz'}
      />
      {read.ok && (
        <View>
          <Big title="In your measures" si={read.value.si} dimension={read.value.dimension} units={garden.units} />
          {Object.values(UNITS)
            .filter((u) => u.dimension === read.value.dimension)
            .map((u) => (
              <Row key={u.id} title={nameOf(u)} end={figure(read.value.si / u.si)} sub={sayProvenance(u.source)} />
            ))}
          <T kind="small">A spoon is level. A weight can not be turned into spoons without knowing what a spoonful weighs.</T>
        </View>
      )}
    </ToolPage>
  );
}

const figure = (n: number) => (n >= 1000 ? String(Math.round(n)) : trim(n, n >= 10 ? 2 : n >= 0.01 ? 4 : 7));
