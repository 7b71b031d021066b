import type { Garden } from '@sleetbrook/core/api';
import { readMeasure, readSize, type Measure, type Outcome, type UnitSystem } from '@sleetbrook/core/measure';
import { useState } from 'react';
import { v7 } from 'uuid';
import { useSaveGarden, useSaveSprayer } from '../../api/mutations';
import { Button } from '../../ui/button';
import { Choice, Field, Tick } from '../../ui/field';
import { Sheet } from '../../ui/sheet';
import { SizeField } from '../../ui/size-field';
import { Failed } from '../../ui/states';

interface SprayerProps {
  readonly open: boolean;
  readonly units: UnitSystem;
  readonly onClose: () => void;
}

const sentence = (out: Outcome<unknown> | null): string | undefined => (out && !out.ok ? out.reasons[0]?.sentence : undefined);

/** A sprayer of the grower's own, wherever it is missed: what it holds in any unit. */
export function AddSprayer({ open, units, onClose }: SprayerProps) {
  const save = useSaveSprayer();
  const [name, setName] = useState('');
  const [holds, setHolds] = useState('');
  const [weed, setWeed] = useState(false);
  const [tried, setTried] = useState(false);
  const [id, setId] = useState(() => v7());
  const size = readSize(holds, 'mix', units, { min: 100, max: 200_000, what: 'What it holds' });
  const submit = async () => {
    setTried(true);
    if (!size.ok || !name.trim()) return;
    await save.mutateAsync({ id, revision: 0, name: name.trim(), capacityMl: size.value, forWeedkiller: weed, calibrations: [] });
    setId(v7());
    setName('');
    setHolds('');
    setTried(false);
    onClose();
  };
  return (
    <Sheet open={open} title="Add a sprayer" onClose={onClose}>
      {save.error && <Failed error={save.error} />}
      <Field label="Name" value={name} onChange={setName} error={tried && !name.trim() ? 'Give it a name.' : undefined} placeholder="Pump sprayer" />
      <SizeField label="Holds, to the fill line" kind="mix" units={units} value={holds} onChange={setHolds} error={tried ? sentence(size) : undefined} />
      <Tick label="Kept for weed-killer: never used here" checked={weed} onChange={setWeed} />
      <Button title="Add it" busy={save.isPending} onPress={() => void submit().catch(() => undefined)} />
    </Sheet>
  );
}

const KINDS = [
  { value: 'spoon', label: 'Spoon or cup' },
  { value: 'jug', label: 'Jug or syringe with marks' },
  { value: 'scale', label: 'Scale' },
] as const;

/** A spoon, cup, jug, syringe or scale of the grower's own; sizes in any unit, a bare number in ml or g. */
export function AddMeasure({ open, garden, onClose }: { readonly open: boolean; readonly garden: Garden; readonly onClose: () => void }) {
  const save = useSaveGarden();
  const [kind, setKind] = useState<Measure['kind']>('spoon');
  const [name, setName] = useState('');
  const [size, setSize] = useState('');
  const [step, setStep] = useState('');
  const [tried, setTried] = useState(false);
  const unit = kind === 'scale' ? 'g' : 'ml';
  const { units } = garden;
  const a = readMeasure(kind, 'holds', size, units);
  const b = kind === 'spoon' ? null : readMeasure(kind, 'step', step, units);
  const submit = async () => {
    setTried(true);
    if (!name.trim() || !a.ok || (b && !b.ok)) return;
    const id = v7();
    const s = b?.ok ? b.value : 1;
    const measure: Measure =
      kind === 'spoon'
        ? { kind, id, name: name.trim(), capacityMl: a.value }
        : kind === 'jug'
          ? { kind, id, name: name.trim(), capacityMl: a.value, stepMl: s }
          : { kind, id, name: name.trim(), resolutionG: s, capacityG: a.value };
    await save.mutateAsync({ ...garden, measures: [...garden.measures, measure] });
    setName('');
    setSize('');
    setStep('');
    setTried(false);
    onClose();
  };
  const us = units === 'us' || units === 'imperial';
  return (
    <Sheet open={open} title="Add a measure" onClose={onClose}>
      {save.error && <Failed error={save.error} />}
      <Choice label="Kind" value={kind} onChange={setKind} options={KINDS} />
      <Field
        label="Name"
        value={name}
        onChange={setName}
        error={tried && !name.trim() ? 'Give it a name.' : undefined}
        placeholder={kind === 'spoon' ? (us ? 'cup' : 'dessert spoon') : kind === 'jug' ? 'measuring jug' : 'kitchen scale'}
      />
      <Field
        label={kind === 'scale' ? 'Weighs up to' : 'Holds, level'}
        unit={unit}
        value={size}
        onChange={setSize}
        error={tried || (a.ok ? '' : a.reasons[0]?.code) === 'bounds' ? sentence(a) : undefined}
        placeholder={kind === 'scale' ? '5 kg' : us ? '8 fl oz' : '10'}
        hint={a.ok ? `Understood: ${Number(a.value.toPrecision(6))} ${unit}` : us ? 'In fl oz, tsp, tbsp, qt, ml, g …' : 'A bare number is in this unit.'}
      />
      {kind !== 'spoon' && (
        <Field
          label={kind === 'jug' ? 'Marks every' : 'Shows steps of'}
          unit={unit}
          value={step}
          onChange={setStep}
          error={tried && b ? sentence(b) : undefined}
          placeholder={kind === 'scale' ? '1' : us ? '1 fl oz' : '50'}
        />
      )}
      <Button title="Add it" busy={save.isPending} onPress={() => void submit().catch(() => undefined)} />
    </Sheet>
  );
}
