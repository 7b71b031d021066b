import { View } from 'react-native';
import { Tick } from './field';
import { T } from './text';

interface Props<V extends string> {
  readonly label: string;
  readonly value: readonly V[];
  readonly options: readonly { readonly value: V; readonly label: string }[];
  readonly onChange: (value: V[]) => void;
}

/** Any of a few, all in sight. */
export function Ticks<V extends string>({ label, value, options, onChange }: Props<V>) {
  return (
    <View>
      <T kind="label">{label}</T>
      {options.map((o) => (
        <Tick
          key={o.value}
          label={o.label}
          checked={value.includes(o.value)}
          onChange={(on) => onChange(on ? [...value, o.value] : value.filter((v) => v !== o.value))}
        />
      ))}
    </View>
  );
}
