import type { Garden, Planting, Sprayer } from '@sleetbrook/core/api';
import { proposedWater, quoteLine, sayRate, startRate, type LabelLine, type LabelSheet } from '@sleetbrook/core/label';
import { metricBeside, trim, UNITS, usualUnit, type Outcome } from '@sleetbrook/core/measure';
import { sayRangeIn, sayRateIn, type MixPlan } from '@sleetbrook/core/mix';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import type { MixDraft } from '../../state/drafts';
import { Button } from '../../ui/button';
import { Choice, Field } from '../../ui/field';
import { Row } from '../../ui/row';
import { SizeField, SizeOrCount } from '../../ui/size-field';
import { T } from '../../ui/text';
import { Why } from '../../ui/why';
import { AddMeasure, AddSprayer } from '../shed/add-kit';
import { bigAmount, measuredLines, shownOf } from './measured-lines';
import { sayMl } from '../../ui/say-ml';
import { rateUnit, SIZES, sprayerFor } from './mix-for';
import { WaterChoices } from './water-choices';

interface Props {
  readonly draft: MixDraft;
  readonly onChange: (change: Partial<MixDraft>) => void;
  readonly sheet: LabelSheet;
  readonly line: LabelLine;
  readonly planting: Pick<Planting, 'areaM2' | 'trunkCm' | 'heightM'> | null;
  readonly sprayers: readonly Sprayer[];
  readonly garden: Garden;
  readonly mix: Outcome<MixPlan>;
  /** Below the size: who else gets some of it. */
  readonly also?: ReactNode;
}

/** A figure for a field: as short as it can be without losing what a spoon would show. */
const sayFigure = (n: number) => String(Number(n.toPrecision(5)));
const AT_A_FIELD = ['rate', 'area', 'water', 'sprayer', 'also'];

/** Rate, area, water and sprayer in; loads, spoons and exact amounts out. */
export function MixFields({ draft, onChange, sheet, line, planting, sprayers, garden, mix, also }: Props) {
  const { units } = garden;
  const [adding, setAdding] = useState<'sprayer' | 'measure' | null>(null);
  const refusal = mix.ok ? null : mix.reasons[0];
  const at = (field: string) => (refusal?.field === field ? refusal.sentence : undefined);
  const wet = sheet.into !== 'not-mixed' && (mix.ok ? mix.value.water > 0 : proposedWater(line).ml > 0);
  const water = proposedWater(line);
  const unit = rateUnit(sheet, line);
  const size = SIZES[line.rate.form];
  const known = size.of === null ? null : (planting?.[size.of] ?? null);
  const clean = sprayers.filter((s) => !s.forWeedkiller);
  // in the grower's own measures too, where the label was printed in others
  const own = sayRangeIn(line.rate, units);
  const inOwn = own === sayRate(line.rate) || line.rate.printed?.system === units ? '' : `, ${own}`;
  return (
    <View className="gap-4">
      <View className="flex-row gap-3">
        <View className="flex-1">
          <Field
            label="Rate"
            unit={unit.words}
            value={draft.rate || sayFigure(startRate(line.rate) / unit.si)}
            onChange={(rate) => onChange({ rate })}
            error={at('rate')}
            hint={`Label: ${sayRate(line.rate)}${inOwn}`}
          />
        </View>
        <View className="flex-1">
          <SizeOrCount
            label={size.label}
            kind={size.kind}
            units={units}
            value={draft.area || (known && size.kind !== null ? trim((known * size.si) / UNITS[usualUnit(size.kind, units)].si, 2) : '')}
            onChange={(area) => onChange({ area })}
            error={at('area')}
          />
        </View>
      </View>
      {also}
      {wet && (
        <>
          <SizeField
            label="Mix to make"
            kind="mix"
            units={units}
            value={draft.water}
            onChange={(water) => onChange({ water })}
            error={at('water')}
            placeholder={mix.ok ? trim(mix.value.water / UNITS[usualUnit('mix', units)].si, 2) : ''}
            hint={`${water.named ? 'Empty: as the label has it' : 'Your label names none. Empty: proposed'}, ${sayRateIn(water.ml, 'ml', line.rate.form === 'per-litre' ? 'per-m2' : line.rate.form, units)}, ${line.coverage === 'run-off' ? 'until it drips' : line.coverage}, as your measures come out.`}
          />
          {clean.length > 0 ? (
            <Choice
              label="Sprayer"
              value={sprayerFor(draft, sprayers)?.id ?? ''}
              onChange={(sprayerId) => onChange({ sprayerId })}
              error={at('sprayer')}
              options={clean.map((s) => ({ value: s.id, label: `${s.name}, ${sayMl(s.capacityMl, units)}` }))}
            />
          ) : (
            <View className="gap-2">
              <T className="text-rowan">{at('sprayer') ?? 'You have no clean sprayer listed.'}</T>
              <Button kind="quiet" title="Add a sprayer" onPress={() => setAdding('sprayer')} />
            </View>
          )}
          <WaterChoices draft={draft} line={line} planting={planting} sprayer={sprayerFor(draft, sprayers)} units={units} onChange={onChange} />
        </>
      )}
      {mix.ok ? (
        <Loads plan={mix.value} />
      ) : refusal && !AT_A_FIELD.includes(refusal.field) ? (
        <View className="gap-2">
          <T className="text-rowan">{refusal.sentence}</T>
          {mix.reasons.slice(1).map((way) => (
            <T key={way.sentence}>{way.sentence}</T>
          ))}
          {refusal.field === 'kit' && <Button kind="quiet" title="Add a spoon, cup, jug or scale" onPress={() => setAdding('measure')} />}
        </View>
      ) : null}
      {mix.ok && mix.value.warnings.length > 0 && <Button kind="link" title="Add a spoon, cup, jug or scale" onPress={() => setAdding('measure')} />}
      <AddSprayer open={adding === 'sprayer'} units={units} onClose={() => setAdding(null)} />
      <AddMeasure open={adding === 'measure'} garden={garden} onClose={() => setAdding(null)} />
      <T kind="small">{`${sheet.specimen ? 'Specimen, check against your own label' : 'Your own label sheet'}. ${quoteLine(sheet, line)}.`}</T>
    </View>
  );
}

function Loads({ plan }: { readonly plan: MixPlan }) {
  const { units } = plan;
  const amount = (n: number) => {
    const { figure, unit } = bigAmount(n, plan);
    return `${figure} ${unit}`;
  };
  // what the spoons really make, not a figure that no spoon shows
  const measured = plan.loads.reduce((sum, l) => sum + shownOf(l), 0);
  const beside = [
    metricBeside(measured, plan.unit === 'ml' ? 'volume' : 'mass', units),
    plan.water > 0 ? metricBeside(plan.water, 'volume', units) : null,
  ].filter(Boolean);
  return (
    <View>
      <View className="flex-row flex-wrap items-baseline gap-x-3">
        <T className="font-bold text-[44px] leading-[50px]">{amount(measured)}</T>
        {plan.water > 0 && <T kind="head">{`in ${sayMl(plan.water, units)}`}</T>}
      </View>
      {beside.length > 0 && <T kind="muted">{beside.join(' in ')}</T>}
      {plan.loads.map((l) => (
        <Row
          key={l.number}
          title={plan.water > 0 ? `Load ${l.number}: ${l.full ? 'full' : 'part'}, ${sayMl(l.water, units)}` : 'All of it'}
          end={amount(shownOf(l))}
          sub={measuredLines(l, plan).join('; ')}
        />
      ))}
      {plan.warnings.map((w) => (
        <T key={w} className="pt-2 text-ochre">
          {w}
        </T>
      ))}
      {[...new Set(plan.loads.flatMap((l) => l.ways.map((w) => w.sentence)))].map((w) => (
        <T key={w} className="pt-1">
          {w}
        </T>
      ))}
      <View className="pt-3">
        <Why working={plan.working} />
      </View>
    </View>
  );
}
