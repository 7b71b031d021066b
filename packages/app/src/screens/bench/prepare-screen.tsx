import { findPreparation, prepare, type Amount, type Input, type Preparation, type Prepared, type Values } from '@sleetbrook/core/bench';
import {
  done,
  metricBeside,
  parseNumber,
  readSize,
  refused,
  sayBoth,
  sayParts,
  trim,
  UNITS,
  usualUnit,
  type Measure,
  type Outcome,
  type UnitSystem,
} from '@sleetbrook/core/measure';
import { cardFor } from '@sleetbrook/core/mix';
import { useRouter } from 'expo-router';
import { DateTime } from 'luxon';
import { View } from 'react-native';
import { useGarden } from '../../api/queries';
import { useDrafts } from '../../state/drafts';
import { useNow } from '../../state/now';
import { useTool } from '../../state/tools';
import { ActionBar, Button } from '../../ui/button';
import { Choice, Field } from '../../ui/field';
import { Section } from '../../ui/row';
import { SizeField } from '../../ui/size-field';
import { Empty } from '../../ui/states';
import { T } from '../../ui/text';
import { Why } from '../../ui/why';
import { PrintCard } from '../print/print-card';
import { usePutOn } from '../records/use-put-on';
import { StepCards } from '../steps/step-cards';
import { homeMadeBarred, HomeMadeLaw } from './law';
import { errorAt, InMyMeasures, Refused, ToolLoading, ToolPage } from './parts';

const keyOf = (p: Preparation) => `prepare-${p.id}`;

/** What stands in the fields before anything is typed, in the grower's usual units. */
const usualText = (p: Preparation, units: UnitSystem, today: string): Record<string, string> =>
  Object.fromEntries(
    p.inputs.map((i) => [
      i.id,
      i.kind === 'choice'
        ? (i.options[0]?.value ?? '')
        : i.kind === 'day'
          ? today
          : i.kind === 'count'
            ? String(i.usual)
            : trim(i.usual / UNITS[usualUnit(i.as, units)].si, 2),
    ]),
  );

/** The fields read and bounded; the first that is wrong refuses at its own id. */
function readValues(p: Preparation, text: Readonly<Record<string, string>>, units: UnitSystem): Outcome<Values> {
  const out: Record<string, number | string> = {};
  for (const i of p.inputs) {
    const typed = text[i.id] ?? '';
    if (i.kind === 'choice' || i.kind === 'day') {
      out[i.id] = typed;
      continue;
    }
    const n = i.kind === 'size' ? readSize(typed, i.as, units, { min: i.min, max: i.max, what: i.label }, i.id) : readCount(typed, i);
    if (!n.ok) return n;
    out[i.id] = n.value;
  }
  return done(out);
}

function readCount(text: string, i: Extract<Input, { kind: 'count' }>): Outcome<number> {
  const n = parseNumber(text, i.id);
  if (!n.ok) return n;
  return Number.isInteger(n.value) && n.value >= i.min && n.value <= i.max ? n : refused('count', `A whole number, ${i.min} to ${i.max}.`, i.id);
}

function usePrepared(id: string) {
  const garden = useGarden().data;
  const now = useNow();
  const p = findPreparation(id);
  const today = garden && now !== undefined ? (DateTime.fromMillis(now, { zone: garden.zone }).toISODate() ?? '') : '';
  const { values, set } = useTool(p ? keyOf(p) : 'prepare', p && garden ? usualText(p, garden.units, today) : {});
  const read = p && garden ? readValues(p, values, garden.units) : null;
  const out: Outcome<Prepared> | null = p && garden && read ? (read.ok ? prepare(p, read.value, garden.units) : read) : null;
  return { p, garden, values, set, out, ready: today !== '' };
}

const Unknown = () => (
  <ToolPage title="Other preparations" sub="">
    {<Empty title="There is no such preparation" text="The address is wrong." />}
  </ToolPage>
);

/** One preparation: what it needs to know, the amounts, the cautions, and the way to its cards. */
export function PrepareScreen({ id }: { readonly id: string }) {
  const router = useRouter();
  const { p, garden, values, set, out, ready } = usePrepared(id);
  const setMix = useDrafts((d) => d.setMix);
  if (!p) return <Unknown />;
  if (!garden || !ready) return <ToolLoading />;
  const { units } = garden;
  return (
    <ToolPage
      title={p.name}
      sub={p.use}
      footer={
        <ActionBar>
          <Button
            title="Go through it, card by card"
            disabled={!out?.ok || (p.homeMade && homeMadeBarred(garden))}
            onPress={() => {
              setMix(keyOf(p), { step: 0, ticked: [], timers: {}, madeAt: null });
              router.navigate(`/bench/prepare/${p.id}/mix`);
            }}
          />
        </ActionBar>
      }
    >
      {p.homeMade && <HomeMadeLaw garden={garden} instead="Then not this one on plants: take a labelled one." />}
      {p.inputs.map((i) => (
        <InputField key={i.id} input={i} units={units} text={values[i.id] ?? ''} onChange={(t) => set({ [i.id]: t })} error={errorAt(out, i.id)} />
      ))}
      <Refused out={out} shown={p.inputs.map((i) => i.id)} />
      {out?.ok && (
        <View className="gap-5">
          {out.value.amounts.map((a) => (
            <AmountOf key={a.name} amount={a} units={units} kit={garden.measures} />
          ))}
          <Why working={out.value.working} />
          <View className="gap-2">
            <Section>When, and again</Section>
            {out.value.notes.map((n) => (
              <T key={n}>{n}</T>
            ))}
          </View>
          <View className="gap-2">
            <Section>Cautions</Section>
            {out.value.cautions.map((c) => (
              <T key={c}>{c}</T>
            ))}
          </View>
          <PrintCard
            card={() =>
              cardFor({
                title: p.name,
                sub: p.use,
                figures: out.value.amounts.map((a) => ({ name: a.name, value: sayAmount(a, units) })),
                steps: out.value.steps,
                cautions: [...out.value.notes, ...out.value.cautions],
                working: out.value.working,
              })
            }
          />
        </View>
      )}
    </ToolPage>
  );
}

/** The cards of a preparation. */
export function PrepareRun({ id }: { readonly id: string }) {
  const router = useRouter();
  const { p, out, ready } = usePrepared(id);
  const dropMix = useDrafts((d) => d.dropMix);
  const putOn = usePutOn();
  if (!p) return <Unknown />;
  if (!ready) return <ToolLoading />;
  const home = `/bench/prepare/${p.id}` as const;
  if (!out?.ok)
    return (
      <ToolPage title={p.name} sub="">
        <Empty
          title="The amounts do not fit any more"
          text={out && !out.ok ? (out.reasons[0]?.sentence ?? '') : ''}
          action={{ title: 'Set them again', onPress: () => router.navigate(home) }}
        />
      </ToolPage>
    );
  return (
    <StepCards
      draftKey={keyOf(p)}
      steps={out.value.steps}
      head={() => p.name}
      back={{ title: p.name, href: home }}
      act={(step, last) => (last ? 'Finished: write it down' : step.id === 'protect' ? 'All of it is on' : 'Done')}
      onBack={() => router.navigate(home)}
      onFinish={() => {
        dropMix(keyOf(p));
        putOn({ control: p.control, made: p.homeMade ? p.name : '', amount: out.value.used?.amount ?? null, waterMl: out.value.used?.waterMl ?? null });
      }}
    />
  );
}

interface InputProps {
  readonly input: Input;
  readonly units: UnitSystem;
  readonly text: string;
  readonly onChange: (text: string) => void;
  readonly error: string | undefined;
}

function InputField({ input: i, units, text, onChange, error }: InputProps) {
  if (i.kind === 'choice') return <Choice label={i.label} value={text} onChange={onChange} options={i.options} error={error} />;
  if (i.kind === 'size') return <SizeField label={i.label} kind={i.as} units={units} value={text} onChange={onChange} error={error} />;
  return (
    <Field
      label={i.label}
      numeric={i.kind === 'count'}
      value={text}
      onChange={onChange}
      error={error}
      {...(i.kind === 'day' ? { placeholder: '2026-04-20' } : {})}
    />
  );
}

const sayAmount = (a: Amount, units: UnitSystem): string =>
  a.of === 'pieces' ? `${trim(a.value, 2)}${a.to !== undefined && a.to > a.value ? ` to ${trim(a.to, 2)}` : ''}` : sayBoth(a.value, a.of, units);

function AmountOf({ amount: a, units, kit }: { readonly amount: Amount; readonly units: UnitSystem; readonly kit: readonly Measure[] }) {
  const { figure, unit } = a.of === 'pieces' ? { figure: sayAmount(a, units), unit: '' } : sayParts(a.value, a.of, units);
  const beside = a.of === 'pieces' ? null : metricBeside(a.value, a.of, units);
  return (
    <View className="gap-2">
      <View>
        <T kind="label">{a.name}</T>
        <View className="flex-row items-baseline gap-2">
          <T className="font-bold text-[40px] leading-[46px]">{figure}</T>
          {unit !== '' && <T className="font-medium text-[22px]">{unit}</T>}
          {beside !== null && <T kind="muted">{beside}</T>}
        </View>
      </View>
      {a.spooned && (a.of === 'volume' || a.of === 'mass') && (
        <InMyMeasures amount={a.value} unit={a.of === 'volume' ? 'ml' : 'g'} gPerMl={a.gPerMl ?? null} kit={kit} />
      )}
    </View>
  );
}
