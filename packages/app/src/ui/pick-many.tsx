import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Field, Tick } from './field';
import { Sheet } from './sheet';
import { T } from './text';

interface Props {
  readonly label: string;
  readonly value: readonly string[];
  readonly options: readonly { readonly id: string; readonly name: string }[];
  readonly onChange: (value: readonly string[]) => void;
  readonly error?: string | undefined;
}

/** Several of many: the choices in sight, the list with a search in a panel. */
export function PickMany({ label, value, options, onChange, error }: Props) {
  const [open, setOpen] = useState(false);
  const [find, setFind] = useState('');
  const wanted = find.trim().toLowerCase();
  const names = value.map((v) => options.find((o) => o.id === v)?.name ?? v).join(', ');
  // what is chosen stands first, so that it can be seen and taken out
  const listed = options
    .filter((o) => wanted === '' || o.name.toLowerCase().includes(wanted))
    .sort((a, b) => Number(value.includes(b.id)) - Number(value.includes(a.id)));
  return (
    <View className="gap-1">
      <T kind="label">{label}</T>
      <Pressable
        role="button"
        aria-label={`${label}: ${names || 'none'}. Change`}
        onPress={() => setOpen(true)}
        className={`min-h-[52px] flex-row items-center justify-between gap-3 rounded-xl bg-slate px-4 py-2 ${error ? 'border-2 border-rowan' : 'border border-line'}`}
      >
        <T kind="strong" className="flex-shrink">
          {names || 'none yet'}
        </T>
        <T kind="muted" className="underline">
          change
        </T>
      </Pressable>
      {error && (
        <View role="alert">
          <T kind="small" className="text-rowan">
            {error}
          </T>
        </View>
      )}
      <Sheet open={open} title={label} onClose={() => setOpen(false)}>
        <Field label="Find" value={find} onChange={setFind} />
        <View>
          {listed.map((o) => (
            <Tick
              key={o.id}
              label={o.name}
              checked={value.includes(o.id)}
              onChange={(on) => onChange(on ? [...value, o.id] : value.filter((v) => v !== o.id))}
            />
          ))}
        </View>
      </Sheet>
    </View>
  );
}
