import { useId } from 'react';
import { Pressable, TextInput, View } from 'react-native';
import { T } from './text';
import { useTokens } from './tokens';

interface FieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly error?: string | undefined;
  readonly hint?: string;
  readonly unit?: string;
  readonly numeric?: boolean;
  readonly multiline?: boolean;
  readonly placeholder?: string;
}

/** One line to fill in. The message stands at the field that caused it. */
export function Field({ label, value, onChange, error, hint, unit, numeric = false, multiline = false, placeholder }: FieldProps) {
  const id = useId();
  const t = useTokens();
  const note = error ?? hint;
  return (
    <View className="gap-1">
      <T kind="label">{label}</T>
      <View className={`min-h-[52px] flex-row items-center rounded-xl bg-slate px-4 ${error ? 'border-2 border-rowan' : 'border border-line'}`}>
        <TextInput
          aria-label={unit ? `${label}, ${unit}` : label}
          aria-invalid={error !== undefined}
          {...(note ? { 'aria-describedby': id } : {})}
          value={value}
          onChangeText={onChange}
          inputMode={numeric ? 'decimal' : 'text'}
          multiline={multiline}
          placeholder={placeholder}
          placeholderTextColor={t.drift}
          className={`${multiline ? 'min-h-[110px]' : 'min-h-[48px]'} min-w-0 flex-1 bg-transparent py-2 font-sans text-[18px] text-ink`}
        />
        {unit && (
          <T kind="muted" className="pl-2">
            {unit}
          </T>
        )}
      </View>
      {note && (
        <View nativeID={id} {...(error ? { role: 'alert' as const } : {})}>
          <T kind="small" className={error ? 'text-rowan' : ''}>
            {note}
          </T>
        </View>
      )}
    </View>
  );
}

interface ChoiceProps<V extends string> {
  readonly label: string;
  readonly value: V;
  readonly options: readonly { readonly value: V; readonly label: string }[];
  readonly onChange: (value: V) => void;
  readonly error?: string | undefined;
}

/** One of a few, all in sight. */
export function Choice<V extends string>({ label, value, options, onChange, error }: ChoiceProps<V>) {
  return (
    <View className="gap-2">
      <T kind="label">{label}</T>
      <View role="radiogroup" aria-label={label} className="flex-row flex-wrap gap-2">
        {options.map((o) => {
          const on = o.value === value;
          return (
            <Pressable
              key={o.value}
              role="radio"
              aria-checked={on}
              onPress={() => onChange(o.value)}
              className={`min-h-[48px] justify-center rounded-xl px-4 py-2 ${on ? 'bg-brook' : 'border border-line bg-slate'}`}
            >
              <T kind="strong" className={`text-[16px] ${on ? 'text-on-brook' : ''}`}>
                {o.label}
              </T>
            </Pressable>
          );
        })}
      </View>
      {error && (
        <View role="alert">
          <T kind="small" className="text-rowan">
            {error}
          </T>
        </View>
      )}
    </View>
  );
}

interface TickProps {
  readonly label: string;
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
}

/** Yes or no, as a row wide enough for a glove. */
export function Tick({ label, checked, onChange }: TickProps) {
  return (
    <Pressable role="checkbox" aria-checked={checked} onPress={() => onChange(!checked)} className="min-h-[52px] flex-row items-center gap-3 py-2">
      <View className={`h-7 w-7 items-center justify-center rounded-md border-2 ${checked ? 'border-brook bg-brook' : 'border-drift bg-slate'}`}>
        {checked && (
          <T kind="strong" className="text-[18px] leading-[20px] text-on-brook">
            ✓
          </T>
        )}
      </View>
      <T className="flex-1">{label}</T>
    </Pressable>
  );
}
