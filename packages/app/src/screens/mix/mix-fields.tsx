import type { Garden, Planting, Sprayer } from '@sleetbrook/core/api';
import { quoteLine, sayPer, sayRate, type LabelLine, type LabelSheet } from '@sleetbrook/core/label';
import { sayVolume, trim, type Outcome } from '@sleetbrook/core/measure';
import type { MixPlan } from '@sleetbrook/core/mix';
import { View } from 'react-native';
import type { MixDraft } from '../../state/drafts';
import { Choice, Field } from '../../ui/field';
import { Row } from '../../ui/row';
import { T } from '../../ui/text';
import { Why } from '../../ui/why';
import { measuredLines } from './measured-lines';
import { middleRate, SIZES, sprayerFor } from './mix-for';

interface Props {
  readonly draft: MixDraft;
  readonly onChange: (change: Partial<MixDraft>) => void;
  readonly sheet: LabelSheet;
  readonly line: LabelLine;
  readonly planting: Pick<Planting, 'areaM2' | 'trunkCm' | 'heightM'> | null;
  readonly sprayers: readonly Sprayer[];
  readonly garden: Garden;
  readonly mix: Outcome<MixPlan>;
}

const SHORT = { 'per-litre': 'per l', 'per-m2': 'per m²', 'per-cm-trunk': 'per cm', 'per-m-height': 'per m' } as const;

/** Rate, area, water and sprayer in; loads, spoons and exact amounts out. */
export function MixFields({ draft, onChange, sheet, line, planting, sprayers, mix }: Props) {
  const refusal = mix.ok ? null : mix.reasons[0];
  const at = (field: string) => (refusal?.field === field ? refusal.sentence : undefined);
  const wet = line.waterMlPerM2 > 0;
  const size = SIZES[line.rate.form];
  const known = planting?.[size.of] ?? null;
  const clean = sprayers.filter((s) => !s.forWeedkiller);
  return (
    <View className="gap-4">
      <View className="flex-row gap-3">
        <View className="flex-1">
          <Field
            label="Rate"
            unit={`${line.rate.unit} ${SHORT[line.rate.form]}`}
            numeric
            value={draft.rate || trim(middleRate(line))}
            onChange={(rate) => onChange({ rate })}
            error={at('rate')}
            hint={`Label: ${sayRate(line.rate)}`}
          />
        </View>
        <View className="flex-1">
          <Field
            label={size.label}
            unit={size.unit}
            numeric
            value={draft.area || (known ? trim(known, 2) : '')}
            onChange={(area) => onChange({ area })}
            error={at('area')}
          />
        </View>
      </View>
      {wet && (
        <>
          <Field
            label="Mix to make"
            unit="l"
            numeric
            value={draft.water}
            onChange={(water) => onChange({ water })}
            error={at('water')}
            placeholder={mix.ok ? trim(mix.value.water / 1000, 2) : ''}
            hint={`Empty: ${trim(line.waterMlPerM2, 1)} ml ${sayPer(line.rate.form === 'per-litre' ? 'per-m2' : line.rate.form)}, ${line.coverage === 'run-off' ? 'until it drips' : line.coverage}.`}
          />
          {clean.length > 0 ? (
            <Choice
              label="Sprayer"
              value={sprayerFor(draft, sprayers)?.id ?? ''}
              onChange={(sprayerId) => onChange({ sprayerId })}
              error={at('sprayer')}
              options={clean.map((s) => ({ value: s.id, label: `${s.name}, ${sayVolume(s.capacityMl as never)}` }))}
            />
          ) : (
            <T className="text-rowan">{at('sprayer') ?? 'You have no clean sprayer listed. Add one in the Shed.'}</T>
          )}
        </>
      )}
      {mix.ok ? (
        <Loads plan={mix.value} />
      ) : refusal && !['rate', 'area', 'water', 'sprayer'].includes(refusal.field) ? (
        <T className="text-rowan">{refusal.sentence}</T>
      ) : null}
      <T kind="small">{`${sheet.specimen ? 'Specimen, check against your own label' : 'Your own label sheet'}. ${quoteLine(sheet, line)}.`}</T>
    </View>
  );
}

function Loads({ plan }: { readonly plan: MixPlan }) {
  return (
    <View>
      <View className="flex-row flex-wrap items-baseline gap-x-3">
        <T className="font-bold text-[44px] leading-[50px]">{`${trim(plan.product, 1)} ${plan.unit}`}</T>
        {plan.water > 0 && <T kind="head">{`in ${sayVolume(plan.water)}`}</T>}
      </View>
      {plan.loads.map((l) => (
        <Row
          key={l.number}
          title={plan.water > 0 ? `Load ${l.number}: ${l.full ? 'full' : 'part'}, ${sayVolume(l.water)}` : 'All of it'}
          end={`${trim(l.product, 1)} ${plan.unit}`}
          sub={measuredLines(l, plan).join('; ')}
        />
      ))}
      {plan.warnings.map((w) => (
        <T key={w} className="pt-2 text-ochre">
          {w}
        </T>
      ))}
      <View className="pt-3">
        <Why working={plan.working} />
      </View>
    </View>
  );
}
