import { METHOD_WORDS, methodsFor, readRate, type Formulation, type RateOf } from '@sleetbrook/core/label';
import { CROP_WORDS, PEST_WORDS } from '@sleetbrook/core/label-files';
import type { UnitSystem } from '@sleetbrook/core/measure';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Choice, Field } from '../../ui/field';
import { Pick } from '../../ui/pick';
import { PickMany } from '../../ui/pick-many';
import { Row } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { T } from '../../ui/text';
import { methodIn, type LineForm, type SheetErrors } from './sheet-form';

interface Props {
  readonly line: LineForm;
  readonly number: number;
  readonly errors: SheetErrors;
  readonly system: UnitSystem;
  readonly of: RateOf;
  readonly formulation: Formulation;
  readonly onChange: (change: Partial<LineForm>) => void;
  readonly onRemove: (() => void) | null;
}

const WORDS: ReadonlyMap<string, string> = new Map([...CROP_WORDS, ...PEST_WORDS].map((w) => [w.id, w.name]));
const named = (ids: readonly string[]) => ids.map((id) => WORDS.get(id) ?? id).join(', ');

/** One line of the rate table: in sight as a label prints it, filled in in a panel. */
export function LineFields({ line: l, number, errors, system, of, formulation, onChange, onRemove }: Props) {
  const [open, setOpen] = useState(false);
  const at = (field: string) => errors[`lines.${number}.${field}`];
  const wrong = Object.entries(errors).filter(([k]) => k.startsWith(`lines.${number}.`));
  const read = l.rate.trim() === '' ? null : readRate(l.rate, system, of);
  const understood = read?.ok ? `Understood: ${read.value.understood}` : read?.reasons[0]?.sentence;
  const title = l.crops.length > 0 ? `${named(l.crops.slice(0, 4))}${l.crops.length > 4 ? ' …' : ''}` : 'A new line';
  return (
    <View>
      <Row
        {...(wrong.length > 0 ? { mark: 'stop' as const } : {})}
        title={title}
        sub={`${l.rate ? `${l.rate}. ` : ''}Against ${named(l.pests.slice(0, 4))}${l.pests.length > 4 ? ' …' : ''}${l.phi ? `. Wait ${l.phi} d` : '. Not on food'}`}
        onPress={() => setOpen(true)}
      />
      {wrong.length > 0 && (
        <View role="alert">
          <T kind="small" className="text-rowan">
            {wrong.map(([, message]) => message).join(' ')}
          </T>
        </View>
      )}
      <Sheet open={open} title={`Line ${number + 1}`} onClose={() => setOpen(false)}>
        <PickMany label="Crops and sites" value={l.crops} options={CROP_WORDS} onChange={(crops) => onChange({ crops })} error={at('crops')} />
        <PickMany label="Pests" value={l.pests} options={PEST_WORDS} onChange={(pests) => onChange({ pests })} error={at('pests')} />
        <Field
          label="Rate, as printed"
          value={l.rate}
          onChange={(rate) => onChange({ rate })}
          error={at('rate')}
          placeholder="2 tsp/gal"
          hint={understood ?? 'In the label’s own words: 1½ to 2 tbsp/gal, 1:200, 5 ml per plant, 2 fl oz per inch round the trunk'}
        />
        <Field
          label="Water, as printed"
          value={l.water}
          onChange={(water) => onChange({ water })}
          error={at('water')}
          placeholder={system === 'us' || system === 'imperial' ? '1 gal per 100 sq ft' : '0.4 l per m²'}
          hint="By the same as the rate: per area, plant, row, trunk or height. Empty if your label names none: it is proposed then."
        />
        <Pick
          label="How it goes on"
          value={methodIn(l.method, formulation)}
          onChange={(method) => onChange({ method })}
          options={methodsFor(formulation).map((value) => ({ value, label: METHOD_WORDS[value].name }))}
        />
        <View className="flex-row gap-3">
          <View className="flex-1">
            <Field label="Picking wait" unit="d" numeric value={l.phi} onChange={(phi) => onChange({ phi })} error={at('phi')} hint="Empty: not on food" />
          </View>
          <View className="flex-1">
            <Field label="Days between" unit="d" numeric value={l.interval} onChange={(interval) => onChange({ interval })} error={at('interval')} />
          </View>
        </View>
        <Field
          label="Most a year"
          unit="times"
          numeric
          value={l.most}
          onChange={(most) => onChange({ most })}
          error={at('most')}
          hint="Empty: no limit printed"
        />
        <Field
          label="Most in a row"
          unit="times"
          numeric
          value={l.running}
          onChange={(running) => onChange({ running })}
          error={at('running')}
          hint="Before another mode of action; empty: two"
        />
        <Field
          label="Watered in with"
          unit={system === 'us' ? 'in' : 'mm'}
          numeric
          value={l.waterIn}
          onChange={(waterIn) => onChange({ waterIn })}
          error={at('waterIn')}
          hint="Once it is out, on turf and soil; empty: not said"
        />
        <Choice
          label="Open flowers"
          value={l.bloom}
          onChange={(bloom) => onChange({ bloom })}
          error={at('bloom')}
          options={[
            { value: 'any', label: 'Nothing said' },
            { value: 'never', label: 'Never' },
            { value: 'only', label: 'Only then' },
          ]}
        />
        {onRemove && <Button kind="stop" title="Take this line out" onPress={onRemove} />}
      </Sheet>
    </View>
  );
}
