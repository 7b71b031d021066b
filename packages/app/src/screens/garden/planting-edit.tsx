import { STAGES, type Planting } from '@sleetbrook/core/api';
import { HOSTS } from '@sleetbrook/core/cards';
import { useRouter } from 'expo-router';
import type { UnitSystem } from '@sleetbrook/core/measure';
import { useState } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { useRemovePlanting, useRestorePlanting, useSavePlanting } from '../../api/mutations';
import { useGarden, usePlantings } from '../../api/queries';
import { ActionBar, Button } from '../../ui/button';
import { Choice, Field, Tick } from '../../ui/field';
import { Page } from '../../ui/page';
import { SizeField } from '../../ui/size-field';
import { Pick } from '../../ui/pick';
import { Sheet } from '../../ui/sheet';
import { Empty, Failed, Read } from '../../ui/states';
import { T } from '../../ui/text';
import { Ticks } from '../../ui/ticks';
import { EatenField } from './eaten-field';
import { EMPTY_FORM, formOf, plantingResolver, readForm } from './planting-form';
import { PLANT_SEARCH, usePlantOptions } from '../plant-options';

const ABOUT = [
  { value: 'thirsty', label: 'Short of water' },
  { value: 'tender-growth', label: 'Soft new leaves' },
  { value: 'soil-soaked', label: 'Soil soaked' },
  { value: 'covered', label: 'Under a cover' },
  { value: 'weeds-in-flower', label: 'Weeds in flower beneath' },
  { value: 'for-butterflies', label: 'Kept for butterflies' },
  { value: 'pond-near', label: 'Water within a few strides' },
  { value: 'watered-above-morning', label: 'Watered from above, mornings' },
  { value: 'watered-above-evening', label: 'Watered from above, evenings' },
  { value: 'in-pots', label: 'They stand in pots' },
  { value: 'soil-warm', label: 'I measured the soil: warm enough' },
  { value: 'none-of-those', label: 'None of the kinds that labels warn of' },
  { value: 'stands-apart', label: 'Glasshouse apart from any dwelling' },
] as const;

/** Adds a planting, or changes one. @param id null for a new one */
export function PlantingEdit({ id }: { readonly id: string | null }) {
  const plantings = usePlantings();
  const garden = useGarden().data;
  const router = useRouter();
  return (
    <Read query={plantings}>
      {(list) => {
        const planting = id === null ? null : list.find((p) => p.id === id);
        if (planting === undefined) return <Gone id={id ?? ''} onBack={() => router.navigate('/garden')} />;
        return garden ? <Form planting={planting} units={garden.units} /> : null;
      }}
    </Read>
  );
}

function Form({ planting, units }: { readonly planting: Planting | null; readonly units: UnitSystem }) {
  const router = useRouter();
  const save = useSavePlanting();
  const remove = useRemovePlanting();
  const [asking, setAsking] = useState(false);
  const [id] = useState(() => planting?.id ?? v7());
  const { control, handleSubmit, setValue, getValues } = useForm({
    defaultValues: planting ? formOf(planting, units) : EMPTY_FORM,
    resolver: plantingResolver(units),
    mode: 'onTouched',
  });
  const edible = useWatch({ control, name: 'edible' });
  const hostId = useWatch({ control, name: 'hostId' });
  const standsIn = HOSTS.find((h) => h.id === hostId)?.stands !== undefined;
  const plants = usePlantOptions();

  const submit = handleSubmit(async (form) => {
    const read = readForm(form, id, planting?.revision ?? 0, units);
    if (!('planting' in read)) return;
    await save.mutateAsync(read.planting);
    router.replace(`/garden/${id}`);
  });

  return (
    <Page
      title={planting ? `Edit ${planting.name}` : 'Add a planting'}
      back={planting ? { title: planting.name, href: `/garden/${planting.id}` } : { title: 'Garden', href: '/garden' }}
      footer={
        <ActionBar>
          <Button title="Keep this" busy={save.isPending} onPress={() => void submit().catch(() => undefined)} />
        </ActionBar>
      }
    >
      {(save.error ?? remove.error) && <Failed error={save.error ?? remove.error} />}
      <View className="gap-5 px-5 pt-5">
        <Controller
          control={control}
          name="name"
          render={({ field, fieldState }) => (
            <Field label="Name" value={field.value} onChange={field.onChange} error={fieldState.error?.message} placeholder="Broad beans" />
          )}
        />
        <Controller
          control={control}
          name="hostId"
          render={({ field, fieldState }) => (
            <Pick
              label="Plant"
              value={field.value}
              error={fieldState.error?.message}
              options={plants}
              {...PLANT_SEARCH}
              onChange={(v, typed) => {
                const host = HOSTS.find((h) => h.id === v);
                field.onChange(v);
                setValue('edible', host?.stands ? null : (host?.edible ?? true));
                // a plant that nobody here knows keeps its own name
                if (host?.stands && typed && getValues('name').trim() === '') setValue('name', typed.charAt(0).toUpperCase() + typed.slice(1));
              }}
            />
          )}
        />
        <Controller
          control={control}
          name="place"
          render={({ field, fieldState }) => (
            <Field label="Place" value={field.value} onChange={field.onChange} error={fieldState.error?.message} placeholder="Upper terrace" />
          )}
        />
        <Controller
          control={control}
          name="site"
          render={({ field }) => (
            <Choice
              label="Stands"
              value={field.value}
              onChange={field.onChange}
              options={[
                { value: 'outdoors', label: 'Outdoors' },
                { value: 'tunnel', label: 'Tunnel' },
                { value: 'glasshouse', label: 'Glasshouse' },
                { value: 'indoors', label: 'A room' },
              ]}
            />
          )}
        />
        <Controller
          control={control}
          name="stage"
          render={({ field }) => (
            <Choice
              label="Stage"
              value={field.value}
              onChange={field.onChange}
              options={STAGES.map((s) => ({ value: s, label: s.charAt(0).toUpperCase() + s.slice(1) }))}
            />
          )}
        />
        <Controller
          control={control}
          name="area"
          render={({ field, fieldState }) => (
            <SizeField
              label="Area"
              kind="area"
              units={units}
              value={field.value}
              onChange={field.onChange}
              error={fieldState.error?.message}
              hint="Of the ground the plants cover, or the wall they hang on."
            />
          )}
        />
        <View className="flex-row gap-3">
          <View className="flex-1">
            <Controller
              control={control}
              name="height"
              render={({ field, fieldState }) => (
                <SizeField
                  label="Height"
                  kind="height"
                  units={units}
                  value={field.value}
                  onChange={field.onChange}
                  error={fieldState.error?.message}
                  hint="Of the tallest. Empty: below your head"
                />
              )}
            />
          </View>
          <View className="flex-1">
            <Controller
              control={control}
              name="trunk"
              render={({ field, fieldState }) => (
                <SizeField
                  label="Round the trunk"
                  kind="trunk"
                  units={units}
                  value={field.value}
                  onChange={field.onChange}
                  error={fieldState.error?.message}
                  hint="For trees and shrubs"
                />
              )}
            />
          </View>
        </View>
        <Controller
          control={control}
          name="about"
          render={({ field }) => <Ticks label="As they stand now" value={field.value} onChange={field.onChange} options={ABOUT} />}
        />
        <Controller
          control={control}
          name="dense"
          render={({ field }) => <Tick label="Closely planted: leaves touch the next bed" checked={field.value} onChange={field.onChange} />}
        />
        <Controller
          control={control}
          name="tolerance"
          render={({ field }) => (
            <Choice
              label="How much damage you bear here"
              value={field.value}
              onChange={field.onChange}
              options={[
                { value: 'spotless', label: 'Little' },
                { value: 'usual', label: 'The usual' },
                { value: 'easy-going', label: 'A good deal' },
              ]}
            />
          )}
        />
        <Controller
          control={control}
          name="edible"
          render={({ field, fieldState }) => <EatenField standsIn={standsIn} value={field.value} onChange={field.onChange} error={fieldState.error?.message} />}
        />
        {edible && (
          <View className="flex-row gap-3">
            <View className="flex-1">
              <Controller
                control={control}
                name="pickFrom"
                render={({ field, fieldState }) => (
                  <Field
                    label="First picking day"
                    value={field.value}
                    onChange={field.onChange}
                    error={fieldState.error?.message}
                    placeholder="2026-06-13"
                    hint="Year-month-day"
                  />
                )}
              />
            </View>
            <View className="flex-1">
              <Controller
                control={control}
                name="pickUntil"
                render={({ field, fieldState }) => (
                  <Field
                    label="Last picking day"
                    value={field.value}
                    onChange={field.onChange}
                    error={fieldState.error?.message}
                    placeholder="2026-07-05"
                    hint="Empty: it goes on until you say"
                  />
                )}
              />
            </View>
          </View>
        )}
        {planting && <Button kind="stop" title="Remove this planting" onPress={() => setAsking(true)} />}
      </View>
      <Sheet open={asking} title={`Remove ${planting?.name ?? ''}?`} onClose={() => setAsking(false)}>
        <T>Its records stay. You can take the removal back on the next screen.</T>
        <Button
          kind="stop"
          title="Remove it"
          busy={remove.isPending}
          onPress={() =>
            void remove
              .mutateAsync(id)
              .then(() => router.replace(`/garden/${id}/edit`))
              .catch(() => undefined)
          }
        />
      </Sheet>
    </Page>
  );
}

/** A removed planting: the way back. */
function Gone({ id, onBack }: { readonly id: string; readonly onBack: () => void }) {
  const restore = useRestorePlanting();
  const router = useRouter();
  return (
    <View role="main" className="flex-1">
      <Empty
        title="It is removed"
        text="Its records stay in the log."
        action={{
          title: 'Take it back',
          onPress: () =>
            void restore
              .mutateAsync(id)
              .then(() => router.replace(`/garden/${id}`))
              .catch(() => undefined),
        }}
      />
      {restore.error && <Failed error={restore.error} />}
      <View className="px-5">
        <Button kind="quiet" title="Go to the garden" onPress={onBack} />
      </View>
    </View>
  );
}
