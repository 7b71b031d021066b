import { Controller, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { Choice, Field } from '../../ui/field';
import { T } from '../../ui/text';
import { Ticks } from '../../ui/ticks';
import type { GardenForm } from './garden-form';
import { PlaceFields } from './place-fields';
import { PlansFields } from './plans-fields';

const UNITS = [
  { value: 'metric', label: 'Metric' },
  { value: 'us', label: 'US' },
  { value: 'imperial', label: 'Imperial' },
  { value: 'australian', label: 'Australian' },
] as const;
const POLICIES = [
  { value: 'any-labelled', label: 'Anything its label allows' },
  { value: 'organic', label: 'Certified organic only' },
  { value: 'by-hand', label: 'By hand and helpers only' },
] as const;

const HOME_MADE = [
  { value: 'not-known', label: 'I do not know' },
  { value: 'allowed', label: 'Allowed' },
  { value: 'not-allowed', label: 'Not allowed' },
] as const;
const AROUND = [
  { value: 'children', label: 'Children' },
  { value: 'pets', label: 'Pets' },
  { value: 'hives', label: 'Bee hives near' },
  { value: 'hens', label: 'Hens, rabbits or others that eat there' },
  { value: 'fish-pond', label: 'A pond with fish' },
  { value: 'sensitive-neighbour', label: 'A neighbour who reacts to sprays' },
] as const;

/** The message where its path is the one asked for. */
const messageAt = (path: string, message: string | undefined) => (message?.startsWith(`${path}: `) ? message.slice(path.length + 2) : undefined);

type TextKey = 'name' | 'emergencyNumber' | 'poisonCentre';

/** What set-up asks and settings change. */
export function GardenFields({ control }: { readonly control: Control<GardenForm> }) {
  const line = (name: TextKey, label: string, more: { hint?: string } = {}) => (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => <Field label={label} value={field.value} onChange={field.onChange} error={fieldState.error?.message} {...more} />}
    />
  );
  return (
    <View className="gap-5">
      {line('name', 'Name of the garden')}
      <PlaceFields control={control} />
      <Controller
        control={control}
        name="units"
        render={({ field }) => <Choice label="Units and spoons" value={field.value} onChange={field.onChange} options={UNITS} />}
      />
      <Controller
        control={control}
        name="policy"
        render={({ field }) => <Choice label="What you use" value={field.value} onChange={field.onChange} options={POLICIES} />}
      />
      <Controller
        control={control}
        name="homeMade"
        render={({ field }) => (
          <Choice label="Home-made preparations as pesticides, where you live" value={field.value} onChange={field.onChange} options={HOME_MADE} />
        )}
      />
      <Controller
        control={control}
        name="around"
        render={({ field }) => <Ticks label="Around the garden" value={field.value} onChange={field.onChange} options={AROUND} />}
      />
      <Controller
        control={control}
        name="plans"
        render={({ field, fieldState }) => (
          <PlansFields value={field.value} onChange={field.onChange} errorAt={(path) => messageAt(path, fieldState.error?.message)} />
        )}
      />
      {line('emergencyNumber', 'Emergency number where you are', { hint: 'Stands in Poison help, one tap from every mix.' })}
      {line('poisonCentre', 'Your poison centre’s number', { hint: 'Ask your pharmacy if you do not know it. None is made up here.' })}
      <T kind="small">Products and preparations may not be allowed for home use where you are: check before you buy or mix.</T>
    </View>
  );
}
