import type { Planting } from '@sleetbrook/core/api';
import { BAND_TO_M, heightOf, trunkBand, trunkRound, type Height, type HeightReading, type TrunkReading } from '@sleetbrook/core/bench';
import { metres, parseNumber, readSize, refused, sayIn, type Metres, type Outcome, type UnitSystem } from '@sleetbrook/core/measure';
import { canopyMix } from '@sleetbrook/core/mix';
import { useState } from 'react';
import { View } from 'react-native';
import { useSavePlanting } from '../../api/mutations';
import { useGarden, usePlantings } from '../../api/queries';
import { useTool } from '../../state/tools';
import { Button } from '../../ui/button';
import { Choice, Field } from '../../ui/field';
import { Pick } from '../../ui/pick';
import { SizeField } from '../../ui/size-field';
import { Failed } from '../../ui/states';
import { T } from '../../ui/text';
import { Why } from '../../ui/why';
import { useProse } from '../../ui/words';
import { Big, errorAt, Refused, ToolLoading, ToolPage } from './parts';
import { useTilt } from './use-tilt';

const WHAT = [
  { value: 'height', label: 'Height' },
  { value: 'trunk', label: 'Trunk and bark' },
  { value: 'leaves', label: 'Leaves' },
] as const;
const WAYS = [
  { value: 'person', label: 'Somebody beside it' },
  { value: 'shadow', label: 'Shadows' },
  { value: 'angle', label: 'Paces and angle' },
] as const;
const TAPES = [
  { value: 'tape', label: 'Tape' },
  { value: 'string', label: 'String' },
  { value: 'across', label: 'Across' },
] as const;
const USUAL = {
  what: 'height',
  way: 'person',
  person: '',
  personMarks: '',
  treeMarks: '',
  stick: '',
  stickShadow: '',
  treeShadow: '',
  paces: '',
  pace: '',
  up: '',
  down: '',
  eye: '',
  tape: 'tape',
  round: '',
  turns: '1',
  band: '',
  width: '',
  depth: '',
  tall: '',
  plants: '1',
  style: 'run-off',
};
type Values = typeof USUAL;
interface Props {
  readonly v: Values;
  readonly set: (change: Partial<Values>) => void;
  readonly units: UnitSystem;
}

/** A tree's height without a stick as long, round its trunk, the bark of a band, and what its leaves take up. */
export function TreeScreen() {
  const garden = useGarden().data;
  const { values: v, set } = useTool('tree', USUAL);
  if (!garden) return <ToolLoading />;
  const props = { v, set, units: garden.units };
  return (
    <ToolPage title="Trees and trunks" sub="Measured from the ground">
      <Choice label="What" value={v.what as (typeof WHAT)[number]['value']} onChange={(what) => set({ what })} options={WHAT} />
      {v.what === 'height' && <HeightTool {...props} />}
      {v.what === 'trunk' && <TrunkTool {...props} />}
      {v.what === 'leaves' && <LeavesTool {...props} />}
    </ToolPage>
  );
}

/** A length of any size, in metres. */
const length = (text: string, units: UnitSystem, field: string): Outcome<number> =>
  text.trim() === '' ? refused('empty', '', 'empty') : readSize(text, 'height', units, { min: 0.01, max: 300, what: 'It' }, field);
const number = (text: string, field: string): Outcome<number> => (text.trim() === '' ? refused('empty', '', 'empty') : parseNumber(text, field));

function readHeight(v: Values, units: UnitSystem): Outcome<HeightReading> {
  const all = <K extends string>(parts: Readonly<Record<K, Outcome<number>>>): Outcome<Record<K, number>> => {
    const out = {} as Record<K, number>;
    for (const [key, part] of Object.entries(parts) as [K, Outcome<number>][]) {
      if (!part.ok) return part;
      out[key] = part.value;
    }
    return { ok: true, value: out };
  };
  if (v.way === 'person') {
    const r = all({
      personM: length(v.person, units, 'personM'),
      personMarks: number(v.personMarks, 'personMarks'),
      treeMarks: number(v.treeMarks, 'treeMarks'),
    });
    return r.ok ? { ok: true, value: { by: 'person', ...r.value } } : r;
  }
  if (v.way === 'shadow') {
    const r = all({
      stickM: length(v.stick, units, 'stickM'),
      stickShadowM: length(v.stickShadow, units, 'stickShadowM'),
      treeShadowM: length(v.treeShadow, units, 'treeShadowM'),
    });
    return r.ok ? { ok: true, value: { by: 'shadow', ...r.value } } : r;
  }
  const r = all({
    paces: number(v.paces, 'paces'),
    paceM: length(v.pace, units, 'paceM'),
    upDeg: number(v.up, 'upDeg'),
    eyeM: length(v.eye || '1.6 m', units, 'eyeM'),
  });
  if (!r.ok) return r;
  const down = v.down.trim() === '' ? null : parseNumber(v.down, 'downDeg');
  if (down && !down.ok) return down;
  return { ok: true, value: { by: 'angle', ...r.value, downDeg: down?.value ?? null } };
}

function HeightTool({ v, set, units }: Props) {
  const reading = readHeight(v, units);
  const out: Outcome<Height> = reading.ok ? heightOf(reading.value) : reading;
  const at = (field: string) => errorAt(out, field);
  const size = (label: string, key: keyof Values, field: string, placeholder?: string) => (
    <SizeField
      label={label}
      kind="height"
      units={units}
      value={v[key]}
      onChange={(t) => set({ [key]: t })}
      error={at(field)}
      {...(placeholder ? { placeholder } : {})}
    />
  );
  return (
    <>
      <Choice label="How" value={v.way as (typeof WAYS)[number]['value']} onChange={(way) => set({ way })} options={WAYS} />
      {v.way === 'person' && (
        <>
          <T>Somebody stands at the trunk. Hold a ruler out at arm’s length, one eye closed, and read both.</T>
          {size('The person is', 'person', 'personM')}
          <Field label="The person on the ruler" numeric value={v.personMarks} onChange={(t) => set({ personMarks: t })} error={at('personMarks')} />
          <Field label="The tree on the ruler" numeric value={v.treeMarks} onChange={(t) => set({ treeMarks: t })} error={at('treeMarks')} />
        </>
      )}
      {v.way === 'shadow' && (
        <>
          <T>On level ground in the sun. Stand a stick upright and measure both shadows within a few minutes.</T>
          {size('The stick', 'stick', 'stickM')}
          {size('Its shadow', 'stickShadow', 'stickShadowM')}
          {size('The tree’s shadow, from the trunk', 'treeShadow', 'treeShadowM')}
        </>
      )}
      {v.way === 'angle' && (
        <>
          <T>Walk back from the trunk until the top is in sight, counting paces. Look along the back of the phone at the top.</T>
          <Field label="Paces" numeric value={v.paces} onChange={(t) => set({ paces: t })} error={at('paces')} />
          {size('One pace', 'pace', 'paceM', '0.75')}
          <Sight onTake={(deg) => set(deg >= 0 ? { up: String(deg) } : { down: String(-deg) })} />
          <Field label="Up to the top" unit="°" numeric value={v.up} onChange={(t) => set({ up: t })} error={at('upDeg')} />
          <Field label="Down to the foot, if the ground slopes" unit="°" numeric value={v.down} onChange={(t) => set({ down: t })} error={at('downDeg')} />
          {size('Your eye above the ground', 'eye', 'eyeM', '1.6')}
        </>
      )}
      <Refused
        out={out}
        shown={['empty', 'personM', 'personMarks', 'treeMarks', 'stickM', 'stickShadowM', 'treeShadowM', 'paces', 'paceM', 'upDeg', 'downDeg', 'eyeM']}
      />
      {out.ok && (
        <>
          <Big title="Height" si={out.value.height} dimension="length" units={units}>
            <T kind="muted">{`Between ${sayIn(out.value.low, 'length', units)} and ${sayIn(out.value.high, 'length', units)}, as steady as a hand is. For a dose by height, type the lower one in the mix.`}</T>
          </Big>
          <Why working={[out.value.working]} />
          <KeepFor change={{ heightM: Math.round(out.value.height * 100) / 100 }} what={sayIn(out.value.height, 'length', units)} />
        </>
      )}
    </>
  );
}

/** The phone as a sight, where it tells how it is tilted. */
function Sight({ onTake }: { readonly onTake: (degrees: number) => void }) {
  const [on, setOn] = useState(false);
  const { degrees, missing } = useTilt(on);
  if (!on) return <Button kind="quiet" title="Sight it with the phone" onPress={() => setOn(true)} />;
  if (missing) return <T kind="muted">This device does not tell how it is tilted. Type the angle, from a protractor with a thread and a nut.</T>;
  if (degrees === null) return <T kind="muted">Hold the phone upright.</T>;
  return (
    <View className="flex-row items-center justify-between gap-4">
      <T className="font-bold text-[44px] leading-[50px]">{`${degrees.toFixed(1)}°`}</T>
      <Button
        title="Take it"
        onPress={() => {
          onTake(degrees);
          setOn(false);
        }}
      />
    </View>
  );
}

function readTrunk(v: Values, units: UnitSystem): Outcome<Metres> {
  if (v.round.trim() === '') return refused('empty', '', 'empty');
  const size = readSize(v.round, 'trunk', units, { min: 0.005, max: 60, what: 'It' }, 'trunk');
  if (!size.ok) return size;
  const turns = parseNumber(v.turns || '1', 'turns');
  if (!turns.ok) return turns;
  const reading: TrunkReading =
    v.tape === 'string'
      ? { by: 'string', lengthM: size.value, turns: turns.value }
      : v.tape === 'across'
        ? { by: 'across', acrossM: size.value }
        : { by: 'tape', roundM: size.value };
  return trunkRound(reading);
}

function TrunkTool({ v, set, units }: Props) {
  const prose = useProse();
  const round = readTrunk(v, units);
  const to = v.band.trim() === '' ? null : readSize(v.band, 'height', units, { min: 0.05, max: 10, what: 'The band' }, 'band');
  const band = round.ok && to?.ok ? trunkBand(round.value, to.value) : to;
  return (
    <>
      <Choice label="With a" value={v.tape as (typeof TAPES)[number]['value']} onChange={(tape) => set({ tape })} options={TAPES} />
      <T>{`At ${sayIn(1.3, 'length', units)} above the ground, over bark without knobs. Several thin stems? Go by the height instead.`}</T>
      <SizeField
        label={v.tape === 'string' ? 'Length of the string' : v.tape === 'across' ? 'Across the trunk' : 'Round the trunk'}
        kind="trunk"
        units={units}
        value={v.round}
        onChange={(t) => set({ round: t })}
        error={errorAt(round, 'trunk')}
      />
      {v.tape === 'string' && <Field label="Turns it was wound" numeric value={v.turns} onChange={(t) => set({ turns: t })} error={errorAt(round, 'turns')} />}
      {round.ok && (
        <>
          <Big title="Round the trunk" si={round.value} dimension="length" units={units}>
            <T kind="muted">{`${sayIn(round.value / Math.PI, 'length', units)} across`}</T>
          </Big>
          <KeepFor change={{ trunkCm: Math.round(round.value * 1000) / 10 }} what={`${sayIn(round.value, 'length', units)} round`} />
          <SizeField
            label="Spray the bark from the flare up to"
            kind="height"
            units={units}
            value={v.band}
            onChange={(t) => set({ band: t })}
            error={prose(errorAt(band, 'band') ?? '') || undefined}
            hint={`Usually ${sayIn(BAND_TO_M.least, 'length', units)} to ${sayIn(BAND_TO_M.most, 'length', units)}.`}
          />
          {band?.ok && typeof band.value === 'object' && (
            <>
              <Big title="Bark" si={band.value.area} dimension="area" units={units} />
              <Why working={[band.value.working]} />
            </>
          )}
        </>
      )}
    </>
  );
}

function LeavesTool({ v, set, units }: Props) {
  const parts = {
    widthM: length(v.width, units, 'widthM'),
    depthM: length(v.depth, units, 'depthM'),
    heightM: length(v.tall, units, 'heightM'),
    plants: number(v.plants, 'plants'),
  };
  const bad = Object.values(parts).find((p) => !p.ok);
  const out =
    parts.widthM.ok && parts.depthM.ok && parts.heightM.ok && parts.plants.ok
      ? canopyMix(
          { widthM: parts.widthM.value, depthM: parts.depthM.value, heightM: metres(parts.heightM.value) },
          v.style === 'wetted' ? 'wetted' : 'run-off',
          parts.plants.value,
        )
      : null;
  const prose = useProse();
  const at = (field: string) => prose(errorAt(out ?? bad, field) ?? '') || undefined;
  return (
    <>
      <SizeField label="Leaves, width" kind="height" units={units} value={v.width} onChange={(t) => set({ width: t })} error={at('widthM')} />
      <SizeField label="Leaves, depth" kind="height" units={units} value={v.depth} onChange={(t) => set({ depth: t })} error={at('depthM')} />
      <SizeField label="Leaves, top to bottom" kind="height" units={units} value={v.tall} onChange={(t) => set({ tall: t })} error={at('heightM')} />
      <Field label="Plants of this size" numeric value={v.plants} onChange={(t) => set({ plants: t })} error={at('plants')} />
      <Choice
        label="Sprayed"
        value={v.style}
        onChange={(style) => set({ style })}
        options={[
          { value: 'wetted', label: 'Just wetted' },
          { value: 'run-off', label: 'Until it drips' },
        ]}
      />
      {out?.ok && (
        <>
          <Big title="Mix that the leaves take" si={out.value.mix} dimension="volume" units={units} />
          {out.value.caution !== null && <T className="text-ochre">{out.value.caution}</T>}
          <Why working={[out.value.working]} />
        </>
      )}
    </>
  );
}

/** Writes a size into one of the garden's plantings; it can be taken back. */
function KeepFor({ change, what }: { readonly change: Partial<Pick<Planting, 'heightM' | 'trunkCm'>>; readonly what: string }) {
  const plantings = usePlantings().data ?? [];
  const save = useSavePlanting();
  const [id, setId] = useState('');
  const [before, setBefore] = useState<Planting | null>(null);
  const planting = plantings.find((p) => p.id === id);
  if (plantings.length === 0) return null;
  const keep = async () => {
    if (!planting) return;
    await save.mutateAsync({ ...planting, ...change });
    setBefore(planting);
  };
  return (
    <View className="gap-3">
      {save.error && <Failed error={save.error} />}
      <Pick
        label="Keep it for"
        value={id}
        onChange={setId}
        options={[{ value: '', label: 'Choose a planting' }, ...plantings.map((p) => ({ value: p.id, label: p.name }))]}
      />
      {planting && before?.id !== id && (
        <Button
          kind="quiet"
          title={`Keep ${what} for ${planting.name.toLowerCase()}`}
          busy={save.isPending}
          onPress={() => void keep().catch(() => undefined)}
        />
      )}
      {planting && before?.id === id && (
        <View className="gap-1">
          <T kind="strong" live>{`Kept: ${planting.name}, ${what}.`}</T>
          <Button
            kind="link"
            title="Take it back"
            onPress={() =>
              void save
                .mutateAsync({ ...planting, heightM: before.heightM, trunkCm: before.trunkCm })
                .then(() => setBefore(null))
                .catch(() => undefined)
            }
          />
        </View>
      )}
    </View>
  );
}
