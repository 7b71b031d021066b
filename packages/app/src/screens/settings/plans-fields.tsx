import type { Garden } from '@sleetbrook/core/api';
import { View, Pressable } from 'react-native';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { T } from '../../ui/text';

type Plans = Garden['plans'];

interface Props {
  readonly value: Plans;
  readonly onChange: (plans: Plans) => void;
  /** Message by path: `plans.0.from`. */
  readonly errorAt: (path: string) => string | undefined;
}

const DAYS = ['Mo', 'Tu', 'We', 'Th', 'Fr', 'Sa', 'Su'];
const LONG = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
const EVERY_DAY = [1, 2, 3, 4, 5, 6, 7];

/** Hours in which somebody must be among the plants: a keep-out is never laid over them. */
export function PlansFields({ value, onChange, errorAt }: Props) {
  const set = (i: number, more: Partial<Plans[number]>) => onChange(value.map((p, k) => (k === i ? { ...p, ...more } : p)));
  return (
    <View className="gap-4">
      <T kind="label">When somebody must be there</T>
      {value.map((p, i) => (
        <View key={i} className="gap-3 border-l-4 border-line pl-3">
          <Field label="What for" value={p.what} onChange={(what) => set(i, { what })} error={errorAt(`plans.${i}.what`)} placeholder="Watering the tunnel" />
          <View className="flex-row gap-3">
            <View className="flex-1">
              <Field label="From" value={p.from} onChange={(from) => set(i, { from })} error={errorAt(`plans.${i}.from`)} placeholder="07:00" />
            </View>
            <View className="flex-1">
              <Field label="To" value={p.to} onChange={(to) => set(i, { to })} error={errorAt(`plans.${i}.to`)} placeholder="08:00" />
            </View>
          </View>
          <View className="flex-row flex-wrap gap-1">
            {DAYS.map((d, k) => {
              const on = p.days.includes(k + 1);
              return (
                <Pressable
                  key={d}
                  role="checkbox"
                  aria-checked={on}
                  aria-label={LONG[k] ?? d}
                  onPress={() => set(i, { days: on ? p.days.filter((x) => x !== k + 1) : [...p.days, k + 1].sort() })}
                  className={`h-12 w-12 items-center justify-center rounded-lg ${on ? 'bg-brook' : 'border border-line bg-slate'}`}
                >
                  <T kind="label" className={on ? 'text-on-brook' : 'text-ink'}>
                    {d}
                  </T>
                </Pressable>
              );
            })}
          </View>
          {errorAt(`plans.${i}.days`) && <T className="text-rowan">{errorAt(`plans.${i}.days`)}</T>}
          <Button kind="link" title="Take this out" onPress={() => onChange(value.filter((_, k) => k !== i))} />
        </View>
      ))}
      {value.length < 10 && (
        <Button kind="quiet" title="Add hours" onPress={() => onChange([...value, { days: [...EVERY_DAY], from: '', to: '', what: '' }])} />
      )}
    </View>
  );
}
