import { readSize, type Millilitres, type Outcome } from '@sleetbrook/core/measure';
import {
  correctLostCount,
  correctOverfill,
  correctOvershoot,
  correctShort,
  readPutIn,
  sayProduct,
  type PutIn,
  type Load,
  type MixPlan,
} from '@sleetbrook/core/mix';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Row } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { SizeField } from '../../ui/size-field';
import { T } from '../../ui/text';
import { sayMl } from './measured-lines';

interface Props {
  readonly load: Load;
  readonly plan: MixPlan;
  readonly capacity: Millilitres;
}

type Slip = 'over' | 'short' | 'water' | 'lost';
const SLIPS: readonly { readonly slip: Slip; readonly title: string; readonly sub: string }[] = [
  { slip: 'over', title: 'Too much went in', sub: 'Water that brings it back, or why not' },
  { slip: 'short', title: 'Too little went in', sub: 'How much more' },
  { slip: 'water', title: 'Too much water', sub: 'Overfilled: use it, strengthen it, or not' },
  { slip: 'lost', title: 'Lost count', sub: 'Whether it can still be saved' },
];

/** What to do when a hand slipped, one tap from every card that measures. */
export function Slips({ load, plan, capacity }: Props) {
  const [open, setOpen] = useState<Slip | 'list' | null>(null);
  const title = SLIPS.find((s) => s.slip === open)?.title ?? 'Something went wrong';
  const close = () => setOpen(null);
  return (
    <View>
      <Button kind="quiet" title="Something went wrong" onPress={() => setOpen('list')} />
      <Sheet open={open !== null} title={title} onClose={close}>
        {open === 'list' && SLIPS.map((s) => <Row key={s.slip} title={s.title} sub={s.sub} onPress={() => setOpen(s.slip)} />)}
        {open !== null && open !== 'list' && <Answer slip={open} load={load} plan={plan} capacity={capacity} />}
      </Sheet>
    </View>
  );
}

function Answer({ slip, load, plan, capacity }: Props & { readonly slip: Slip }) {
  const [a, setA] = useState('');
  const [b, setB] = useState('');
  if (plan.water === 0) return <T>Gather the surplus up again with gloves on. Never leave it in a heap: pets would eat it.</T>;
  const asked = `Asked for: ${sayProduct(load.product, plan.unit, plan.units)} in ${sayMl(load.water, plan.units)}.`;
  if (slip === 'water') {
    const volume = a.trim() === '' ? null : readSize(a, 'mix', plan.units, { min: 1, max: 1e6, what: 'What is in the tank' }, 'volume');
    const out = volume?.ok ? correctOverfill(load, volume.value as Millilitres, capacity, plan) : volume;
    return (
      <>
        <T>{asked}</T>
        <SizeField label="In the tank now" kind="mix" units={plan.units} value={a} onChange={setA} error={sentenceOf(out)} />
        <Good out={out} />
      </>
    );
  }
  const first = read(a, plan, slip === 'lost' ? 'least' : 'putIn');
  const second = read(b, plan, 'most');
  const out: Outcome<unknown> | null =
    slip === 'lost'
      ? first?.ok && second?.ok
        ? correctLostCount(load, first.value.least, second.value.most, capacity, plan)
        : null
      : first?.ok
        ? slip === 'over'
          ? correctOvershoot(load, first.value.most, capacity, plan)
          : correctShort(load, first.value.most, plan)
        : null;
  const at = (field: string, own: Outcome<unknown> | null) =>
    own && !own.ok ? own.reasons[0]?.sentence : out && !out.ok && out.reasons[0]?.field === field ? out.reasons[0].sentence : undefined;
  return (
    <>
      <T>{asked}</T>
      <Field
        label={slip === 'lost' ? 'Surely went in' : 'Put in, altogether'}
        unit={plan.unit}
        value={a}
        hint="A bare number is in this unit; or type spoons."
        onChange={setA}
        error={at(slip === 'lost' ? 'least' : 'putIn', first)}
      />
      {slip === 'lost' && <Field label="At most went in" unit={plan.unit} value={b} onChange={setB} error={at('most', second)} />}
      <Good out={out} />
    </>
  );
}

/** In spoons as well as in ml or g: a powder by the spoon counts as heavy as it may be. */
const read = (text: string, plan: MixPlan, field: string): Outcome<PutIn> | null => (text.trim() === '' ? null : readPutIn(text, plan, field));
const sentenceOf = (out: Outcome<unknown> | null) => (out && !out.ok ? out.reasons[0]?.sentence : undefined);

function Good({ out }: { readonly out: Outcome<unknown> | null }) {
  if (!out?.ok) return null;
  return (
    <T kind="strong" live>
      {(out.value as { sentence: string }).sentence}
    </T>
  );
}
