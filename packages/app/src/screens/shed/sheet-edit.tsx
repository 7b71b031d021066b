import type { OwnSheet } from '@sleetbrook/core/api';
import {
  copperShare,
  FORMULATION_CODES,
  FORMULATIONS,
  MATERIAL_GROUPS,
  PROTECTION_ITEMS,
  rateOf,
  SPOONS_WEIGHED,
  teaspoonMl,
  weighedG,
  type Formulation,
  type LabelSheet,
} from '@sleetbrook/core/label';
import { CROP_WORDS, looserThan } from '@sleetbrook/core/label-files';
import { degreeUnit, trim, type UnitSystem } from '@sleetbrook/core/measure';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { ApiProblem } from '../../api/client';
import { useConfirmSheet, useReadRates, useSaveSheet } from '../../api/mutations';
import { useGarden, useSheets } from '../../api/queries';
import { useNow } from '../../state/now';
import { ActionBar, Button } from '../../ui/button';
import { Choice, Field, Tick } from '../../ui/field';
import { Page } from '../../ui/page';
import { Pick } from '../../ui/pick';
import { Section } from '../../ui/row';
import { Empty, Failed, Loading } from '../../ui/states';
import { PickMany } from '../../ui/pick-many';
import { T } from '../../ui/text';
import { Ticks } from '../../ui/ticks';
import { FileButton, readText } from './file-button';
import { LineFields } from './line-fields';
import { freshLine, GAP_GROUPS, lineFormOf, readSheet, sheetFormOf, type LineForm, type SheetErrors, type SheetForm } from './sheet-form';
import { useLabelForCase } from './use-label-for-case';

const isCopper = (name: string) => copperShare({ actives: [{ name, percent: 1, moa: 'none' }], state: 'dry', formulation: 'WP' }) > 0;
const MIXES = ([...MATERIAL_GROUPS, 'anything'] as const).map((value) => ({
  value,
  label: value === 'anything' ? 'anything at all' : value.replace('-', ' '),
}));
const GARB = { gloves: 'Gloves', goggles: 'Goggles', sleeves: 'Long sleeves', mask: 'Particle mask', respirator: 'Respirator', boots: 'Boots' } as const;

/** A sheet of the grower's own: a new one from a specimen, or the next version of one that is there. */
export function SheetEdit({ id, from }: { readonly id: string | null; readonly from: string | null }) {
  const router = useRouter();
  const sheets = useSheets().data;
  const garden = useGarden().data;
  const [specimen, setSpecimen] = useState(from);
  if (!sheets || !garden)
    return (
      <Page back={{ title: 'Shed', href: '/shed' }}>
        <Loading />
      </Page>
    );
  const base = sheets.find((s) => s.id === (id ?? specimen));
  if (base && (id === null || !base.specimen)) {
    const specimen = base.specimen ? base : sheets.find((s) => s.id === base.basedOn);
    return <Form key={base.id} base={base} id={id} specimen={specimen} units={garden.units} />;
  }
  if (id !== null)
    return (
      <Page back={{ title: 'Shed', href: '/shed' }}>
        <Empty title="No such label sheet" text="It may have been removed." action={{ title: 'Go to the shed', onPress: () => router.navigate('/shed') }} />
      </Page>
    );
  return (
    <Page title="A label sheet of your own" back={{ title: 'Shed', href: '/shed' }}>
      <View className="gap-4 px-5 pt-4">
        <T>Which of these has the same active ingredient as your pack? You start from it and change what differs.</T>
        <Pick
          label="Start from"
          value=""
          onChange={setSpecimen}
          options={sheets.filter((s) => s.specimen).map((s) => ({ value: s.id, label: `${s.name}: ${s.actives.map((a) => a.name).join(', ')}` }))}
        />
      </View>
    </Page>
  );
}

interface FormProps {
  readonly base: LabelSheet;
  readonly id: string | null;
  /** What it is compared with before it is kept. */
  readonly specimen: LabelSheet | undefined;
  readonly units: UnitSystem;
}

function Form({ base, id, specimen, units }: FormProps) {
  const router = useRouter();
  const now = useNow();
  const save = useSaveSheet();
  const confirm = useConfirmSheet();
  const readRates = useReadRates();
  const { caseId, goOn } = useLabelForCase();
  const [form, setForm] = useState<SheetForm>(() => sheetFormOf(base, units));
  const [errors, setErrors] = useState<SheetErrors>({});
  const [mine, setMine] = useState(false);
  const [looser, setLooser] = useState<readonly string[]>([]);
  const [meant, setMeant] = useState(false);
  const [sheetId] = useState(() => id ?? `own-${v7()}`);
  const change = (more: Partial<SheetForm>) => {
    setForm({ ...form, ...more });
    setErrors({});
    setLooser([]);
    setMeant(false);
  };
  const line = (i: number, more: Partial<LineForm>) => change({ lines: form.lines.map((l, k) => (k === i ? { ...l, ...more } : l)) });
  const active = (i: number, more: Partial<SheetForm['actives'][number]>) => change({ actives: form.actives.map((a, k) => (k === i ? { ...a, ...more } : a)) });

  const submit = async () => {
    const read = readSheet(form, sheetId, id === null ? 1 : base.version + 1);
    if ('errors' in read) return setErrors({ ...read.errors, ...(mine ? {} : { mine: MINE }) });
    const found = specimen ? looserThan(read.sheet, specimen) : [];
    setLooser(found);
    if (!mine) return setErrors({ mine: MINE });
    if (found.length > 0 && !meant) return setErrors({ looser: LOOSER });
    const kept: OwnSheet = await save.mutateAsync(read.sheet);
    if (now !== undefined) await confirm.mutateAsync({ sheetId: kept.id, version: kept.version, confirmedAt: new Date(now).toISOString() });
    if (caseId) await goOn(kept);
    else router.replace(`/shed/${kept.id}`);
  };
  const takeRates = async (file: File) => {
    const text = await readText(file);
    if (!text.ok) return setErrors({ rates: text.message });
    const lines = await readRates.mutateAsync(text.value);
    change({ lines: lines.map((l) => lineFormOf(l, form.formulation, form.system)) });
  };
  const server = save.error instanceof ApiProblem ? save.error : null;
  const at = (field: string) => errors[field] ?? server?.for(field);
  const wrong = Object.keys(errors).length;
  return (
    <Page
      title={id === null ? 'Your own label sheet' : base.name}
      sub={id === null ? `From the specimen: ${base.name}` : `Version ${base.version + 1}; records keep the older ones`}
      back={
        caseId ? { title: 'Case', href: `/cases/${caseId}` } : id === null ? { title: 'Shed', href: '/shed' } : { title: base.name, href: `/shed/${base.id}` }
      }
      footer={
        <ActionBar>
          {wrong > 0 && (
            <View role="alert">
              <T className="text-rowan">{sayWrong(errors)}</T>
            </View>
          )}
          <Button title="Keep this sheet" busy={save.isPending || confirm.isPending} onPress={() => void submit().catch(() => undefined)} />
        </ActionBar>
      }
    >
      {(save.error ?? confirm.error) && <Failed error={save.error ?? confirm.error} />}
      <View className="gap-4 px-5">
        <Section>Front of the pack</Section>
        <Field
          label="Name"
          value={form.name}
          onChange={(name) => change({ name })}
          error={at('name')}
          hint="In your words: what and how strong"
          placeholder={base.name}
        />
        <Field
          label="Registration number"
          value={form.registration}
          onChange={(registration) => change({ registration })}
          error={at('registration')}
          hint="If the pack has one"
        />
        {form.actives.map((a, i) => (
          <View key={i} className="gap-4">
            <View className="flex-row gap-3">
              <View className="flex-[2]">
                <Field label="Active ingredient" value={a.name} onChange={(name) => active(i, { name })} error={at(`actives.${i}.name`) ?? at('actives')} />
              </View>
              <View className="flex-1">
                <Field label="Strength" unit="%" numeric value={a.percent} onChange={(percent) => active(i, { percent })} error={at(`actives.${i}.percent`)} />
              </View>
            </View>
            {isCopper(a.name) && (
              <Field
                label="Of that, copper as metal"
                unit="%"
                numeric
                value={a.metallic}
                onChange={(metallic) => active(i, { metallic })}
                error={at(`actives.${i}.metallic`)}
                hint="“Metallic copper equivalent” on the pack. Empty: all of the strength is counted as copper."
              />
            )}
          </View>
        ))}
        <Choice
          label="Signal word"
          value={form.signalWord}
          onChange={(signalWord) => change({ signalWord })}
          options={(['none', 'caution', 'warning', 'danger'] as const).map((v) => ({ value: v, label: v }))}
        />
        <Tick label="For licensed applicators only" checked={form.restricted} onChange={(restricted) => change({ restricted })} />
        {at('restricted') && <T className="text-rowan">{at('restricted')}</T>}
        <Tick label="Certified for organic growing" checked={form.organicListed} onChange={(organicListed) => change({ organicListed })} />

        <Section>Precautions</Section>
        <View>
          {PROTECTION_ITEMS.map((p) => (
            <Tick
              key={p}
              label={GARB[p]}
              checked={form.protection.includes(p)}
              onChange={(on) => change({ protection: on ? [...form.protection, p] : form.protection.filter((x) => x !== p) })}
            />
          ))}
          {at('protection') && <T className="text-rowan">{at('protection')}</T>}
        </View>
        <Choice
          label="Bees"
          value={form.bees}
          onChange={(bees) => change({ bees })}
          options={[
            { value: 'none', label: 'Nothing said' },
            { value: 'wet', label: 'While wet' },
            { value: 'toxic', label: 'Toxic' },
          ]}
        />
        <Tick label="Harmful to fish" checked={form.fish} onChange={(fish) => change({ fish })} />
        <Field
          label="Keep from water"
          unit={units === 'us' || units === 'imperial' ? 'ft' : 'm'}
          numeric
          value={form.waterBuffer}
          onChange={(waterBuffer) => change({ waterBuffer })}
          error={at('waterBufferM')}
          hint="Ponds, streams, drains. Empty: nothing said"
        />
        <Tick label="Keep children and pets off" checked={form.keepOff} onChange={(keepOff) => change({ keepOff })} />

        <Section>In its own words, for Poison help</Section>
        <Field label="First aid, as printed" multiline value={form.firstAid} onChange={(firstAid) => change({ firstAid })} error={at('firstAid')} />
        <Field
          label="Note to a doctor, as printed"
          multiline
          value={form.physician}
          onChange={(physician) => change({ physician })}
          error={at('physician')}
          hint="Worth typing where the pack has one: it stands in Poison help after each use"
        />
        <Field label="Hazard sentences, as printed" multiline value={form.hazards} onChange={(hazards) => change({ hazards })} error={at('hazards')} />

        <Pick<Formulation>
          label="What it is"
          value={form.formulation}
          onChange={(formulation) => change({ formulation })}
          options={FORMULATION_CODES.map((code) => ({ value: code, label: FORMULATIONS[code].name }))}
        />
        {FORMULATIONS[form.formulation].state === 'dry' && (
          <Field
            label="Ten level teaspoons weigh"
            unit="g"
            numeric
            value={form.spoonsG}
            onChange={(spoonsG) => change({ spoonsG })}
            error={at('spoonsG')}
            hint={
              base.levelDensity && weighedG(base.levelDensity, 1) === null
                ? `Weigh them once, if you can: spoons come out truer. Empty: about ${trim(base.levelDensity.gPerMl * teaspoonMl(units) * SPOONS_WEIGHED, 0)} g, give or take ${trim(base.levelDensity.spread * 100, 0)} in 100.`
                : 'Weigh them once: without it, it can not be measured by the spoon where the label goes by weight.'
            }
          />
        )}
        <Section>Directions: crops, pests and rates</Section>
        <View>
          {form.lines.map((l, i) => (
            <LineFields
              key={i}
              line={l}
              number={i}
              errors={errors}
              system={form.system}
              of={rateOf({ state: FORMULATIONS[form.formulation].state, actives: [] })}
              formulation={form.formulation}
              onChange={(more) => line(i, more)}
              onRemove={form.lines.length > 1 ? () => change({ lines: form.lines.filter((_, k) => k !== i) }) : null}
            />
          ))}
        </View>
        <Button kind="quiet" title="Add a line" onPress={() => change({ lines: [...form.lines, freshLine()] })} />
        <FileButton title="Take the lines from a CSV file" accept=".csv,text/csv" onFile={(file) => void takeRates(file).catch(() => undefined)} />
        {readRates.error && <Failed error={readRates.error} />}
        {errors['rates'] && <T className="text-rowan">{errors['rates']}</T>}

        <PickMany label="Never on" value={form.forbidden} options={CROP_WORDS} onChange={(forbidden) => change({ forbidden })} error={at('forbidden')} />

        <Section>Where and when</Section>
        <Tick label="Outdoors" checked={form.outdoors} onChange={(outdoors) => change({ outdoors })} />
        <Tick label="Under cover: tunnel or glasshouse" checked={form.indoors} onChange={(indoors) => change({ indoors })} />
        {form.indoors && <Tick label="In rooms that are lived in, too" checked={form.rooms} onChange={(rooms) => change({ rooms })} />}
        {at('outdoors') && <T className="text-rowan">{at('outdoors')}</T>}
        <Field
          label="Keep out"
          unit="h"
          numeric
          value={form.reEntryHours}
          onChange={(reEntryHours) => change({ reEntryHours })}
          error={at('reEntryHours')}
          hint="Empty: until dry"
        />
        <View className="flex-row gap-3">
          <View className="flex-1">
            <Field
              label="Not at or above"
              unit={degreeUnit(form.system)}
              numeric
              value={form.maxTemp}
              onChange={(maxTemp) => change({ maxTemp })}
              error={at('maxTempC')}
            />
          </View>
          <View className="flex-1">
            <Field
              label="No rain for"
              unit="h"
              numeric
              value={form.rainfastHours}
              onChange={(rainfastHours) => change({ rainfastHours })}
              error={at('rainfastHours')}
            />
          </View>
        </View>
        <View className="flex-row gap-3">
          <View className="flex-1">
            <Field
              label="Lasts"
              unit="days"
              numeric
              value={form.lastsDays}
              onChange={(lastsDays) => change({ lastsDays })}
              error={at('lastsDays')}
              hint="Empty: nothing said"
            />
          </View>
          <View className="flex-1">
            <Field
              label="Again after rain of"
              unit={form.system === 'us' ? 'in' : 'mm'}
              numeric
              value={form.washedOff}
              onChange={(washedOff) => change({ washedOff })}
              error={at('washedOffMm')}
              hint="Empty: nothing said"
            />
          </View>
        </View>

        <Field
          label="Not below"
          unit={degreeUnit(form.system)}
          numeric
          value={form.minTemp}
          onChange={(minTemp) => change({ minTemp })}
          error={at('minTempC')}
          hint="Empty: nothing said"
        />

        <Section>Beside other materials</Section>
        {GAP_GROUPS.map((g) => (
          <Field
            key={g}
            label={`Days apart from ${g === 'broad-insecticide' ? 'broad insecticides' : g}`}
            unit="d"
            numeric
            value={form.gaps[g]}
            onChange={(days) => change({ gaps: { ...form.gaps, [g]: days } })}
            error={at(`gaps.${g}`) ?? (form.gaps[g] ? at('gaps') : undefined)}
          />
        ))}
        <Ticks label="Never in one tank with" value={form.notMixedWith} options={MIXES} onChange={(notMixedWith) => change({ notMixedWith })} />

        <Section>Storage and disposal</Section>
        <View className="flex-row gap-3">
          <View className="flex-1">
            <Field
              label="Mix keeps"
              unit="h"
              numeric
              value={form.mixLifeHours}
              onChange={(mixLifeHours) => change({ mixLifeHours })}
              error={at('mixLifeHours')}
            />
          </View>
          <View className="flex-1">
            <Field
              label="Pack keeps"
              unit="months"
              numeric
              value={form.shelfLifeMonths}
              onChange={(shelfLifeMonths) => change({ shelfLifeMonths })}
              error={at('shelfLifeMonths')}
            />
          </View>
        </View>
        <Field label="Disposal" multiline value={form.disposal} onChange={(disposal) => change({ disposal })} error={at('disposal')} />

        <Section>Before it is kept</Section>
        <Tick label="I compared every figure with the label in my hand" checked={mine} onChange={setMine} />
        {errors['mine'] && <T className="text-rowan">{errors['mine']}</T>}
        {looser.length > 0 && (
          <View className="gap-2 border-l-4 border-ochre pl-3">
            <T kind="strong">Looser than the specimen</T>
            {looser.map((l) => (
              <T key={l}>{l}</T>
            ))}
            <Tick label="My label does say so, all of it" checked={meant} onChange={setMeant} />
            {errors['looser'] && <T className="text-rowan">{errors['looser']}</T>}
          </View>
        )}
      </View>
    </Page>
  );
}

const LOOSER = 'Look at your label once more for each of these. If it says so, tick it.';
const MINE = 'Compare every figure with your label first, then tick this.';

/** How many things can not be, and the first of those that are out of sight: the ticks stand right above. */
function sayWrong(errors: SheetErrors): string {
  const count = Object.keys(errors).length;
  const away = Object.entries(errors).find(([field]) => field !== 'mine' && field !== 'looser')?.[1];
  if (away === undefined) return count === 1 ? 'One thing above can not be.' : `${count} things above can not be.`;
  return count === 1 ? `One thing above can not be: ${away}` : `${count} things above can not be, the first: ${away}`;
}
