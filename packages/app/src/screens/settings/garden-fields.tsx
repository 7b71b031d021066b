import { Controller, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { Choice, Field } from '../../ui/field';
import { T } from '../../ui/text';
import type { GardenForm } from './garden-form';

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

type TextKey = 'name' | 'town' | 'latitude' | 'longitude' | 'zone' | 'emergencyNumber' | 'poisonCentre';

/** What set-up asks and settings change. No map: the numbers are all that is needed. */
export function GardenFields({ control }: { readonly control: Control<GardenForm> }) {
  const line = (name: TextKey, label: string, more: { hint?: string; numeric?: boolean; unit?: string } = {}) => (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => <Field label={label} value={field.value} onChange={field.onChange} error={fieldState.error?.message} {...more} />}
    />
  );
  return (
    <View className="gap-5">
      {line('name', 'Name of the garden')}
      {line('town', 'Town or village', { hint: 'For you: it is not looked up.' })}
      <View className="flex-row gap-3">
        <View className="flex-1">{line('latitude', 'Latitude', { unit: '°', hint: 'North; south is minus' })}</View>
        <View className="flex-1">{line('longitude', 'Longitude', { unit: '°', hint: 'East; west is minus' })}</View>
      </View>
      {line('zone', 'Time zone', { hint: 'Such as Europe/London or Australia/Hobart.' })}
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
      {line('emergencyNumber', 'Emergency number where you are', { hint: 'Stands in Poison help, one tap from every mix.' })}
      {line('poisonCentre', 'Your poison centre’s number', { hint: 'Ask your pharmacy if you do not know it. None is made up here.' })}
      <T kind="small">Products and preparations may not be allowed for home use where you are: check before you buy or mix.</T>
    </View>
  );
}
