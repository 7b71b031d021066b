import { readSize, type Millilitres, type Outcome } from '@sleetbrook/core/measure';
import {
  correctLostCount,
  correctOverfill,
  correctOvershoot,
  correctShort,
  readPutIn,
  sayProduct,
  type Correction,
  type Load,
  type LoadLog,
  type PutIn,
  type Remedy,
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
import { sayMl } from '../../ui/say-ml';

interface Props {
  readonly load: Load;
  readonly plan: MixPlan;
  readonly capacity: Millilitres;
  /** What really is in the load now, for the record. */
  readonly onNote: (change: Partial<LoadLog>, slip: string) => void;
}

type Slip = 'over' | 'short' | 'water' | 'lost';
const SLIPS: readonly { readonly slip: Slip; readonly title: string; readonly sub: string }[] = [
  { slip: 'over', title: 'Too much went in', sub: 'Water that brings it back, or why not' },
  { slip: 'short', title: 'Too little went in', sub: 'How much more' },
  { slip: 'water', title: 'Too much water', sub: 'Overfilled: use it, strengthen it, or not' },
  { slip: 'lost', title: 'Lost count', sub: 'Whether it can still be saved' },
];

/** What to do when a hand slipped, one tap from every card that measures. */
export function Slips({ load, plan, capacity, onNote }: Props) {
  const [open, setOpen] = useState<Slip | 'list' | null>(null);
  const title = SLIPS.find((s) => s.slip === open)?.title ?? 'Something went wrong';
  const close = () => setOpen(null);
  return (
    <View>
      <Button kind="quiet" title="Something went wrong" onPress={() => setOpen('list')} />
      <Sheet open={open !== null} title={title} onClose={close}>
        {open === 'list' && SLIPS.map((s) => <Row key={s.slip} title={s.title} sub={s.sub} onPress={() => setOpen(s.slip)} />)}
        {open !== null && open !== 'list' && (
          <Answer
            slip={open}
            load={load}
            plan={plan}
            capacity={capacity}
            onNote={(change, slip) => {
              onNote(change, slip);
              close();
            }}
          />
        )}
      </Sheet>
    </View>
  );
}

function Answer({ slip, load, plan, capacity, onNote }: Props & { readonly slip: Slip }) {
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
        {volume?.ok && out && (
          <Note
            out={out as Outcome<Remedy>}
            onNote={(done) =>
              onNote(
                { product: load.made + (done?.addProduct ?? 0), water: volume.value },
                `too much water, ${sayMl(volume.value, plan.units)}${done && done.addProduct > 0 ? `, then ${sayProduct(done.addProduct, plan.unit, plan.units)} more` : ''}`,
              )
            }
            onWaste={() => onNote({ product: load.made, water: volume.value, waste: true }, `too much water, ${sayMl(volume.value, plan.units)}: waste`)}
          />
        )}
      </>
    );
  }
  const first = read(a, plan, slip === 'lost' ? 'least' : 'putIn');
  const second = read(b, plan, 'most');
  const out: Outcome<Remedy | Correction> | null =
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
      {out && first?.ok && (
        <Note
          out={out}
          onNote={(done) => onNote(...noted(slip, first.value, second, done))}
          onWaste={() => onNote({ ...noted(slip, first.value, second, null)[0], waste: true }, `${WORDS[slip]}: waste`)}
        />
      )}
    </>
  );

  /** What is in the load after it, and the sentence for the record. */
  function noted(of: Slip, in1: PutIn, in2: Outcome<PutIn> | null, remedy: Remedy | Correction | null): [Partial<LoadLog>, string] {
    const amount = (n: number) => sayProduct(n, plan.unit, plan.units);
    const water = load.water + (remedy?.addWater ?? 0);
    const more = remedy && remedy.addWater > 0 ? `, then ${sayMl(remedy.addWater, plan.units)} of water` : '';
    if (of === 'lost') {
      const most = in2?.ok ? in2.value.most : in1.most;
      return [{ product: most, water }, `${WORDS.lost}, between ${amount(in1.least)} and ${amount(most)}${more}`];
    }
    const add = remedy && 'addProduct' in remedy ? remedy.addProduct : 0;
    return [{ product: in1.usual + add, water }, `${WORDS[of]}, ${amount(in1.usual)}${add > 0 ? `, then ${amount(add)} more` : ''}${more}`];
  }
}

const WORDS: Readonly<Record<Slip, string>> = { over: 'too much went in', short: 'too little went in', water: 'too much water', lost: 'lost count' };

/** What happened is written down, whether it could be mended or not: by the remedy, as it is, or as waste. */
function Note<R>({ out, onNote, onWaste }: { readonly out: Outcome<R>; readonly onNote: (done: R | null) => void; readonly onWaste: () => void }) {
  if (out.ok) return <Button title="Done so: note it" onPress={() => onNote(out.value)} />;
  if (['not-over', 'not-short', 'bad-amount', 'order', 'over-tank'].includes(out.reasons[0]?.code ?? '')) return null;
  return (
    <View className="gap-3">
      <Button title="This load is waste" onPress={onWaste} />
      <Button kind="quiet" title="Only note what went in" onPress={() => onNote(null)} />
    </View>
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
