import { parseNumber, trim, type Millilitres, type Outcome } from '@sleetbrook/core/measure';
import { correctOvershoot, type Correction, type Load, type MixPlan } from '@sleetbrook/core/mix';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Sheet } from '../../ui/sheet';
import { T } from '../../ui/text';

/** Two quiet escapes from a measuring card: too much went in, or the count was lost. */
export function Overshoot({ load, plan, capacity }: { readonly load: Load; readonly plan: MixPlan; readonly capacity: Millilitres }) {
  const [open, setOpen] = useState<'over' | 'lost' | null>(null);
  const [text, setText] = useState('');
  const put = parseNumber(text);
  const answer: Outcome<Correction> | null = text.trim() === '' ? null : put.ok ? correctOvershoot(load, put.value, capacity, plan) : put;
  return (
    <View className="flex-row flex-wrap gap-3">
      <Button kind="quiet" title="I put in too much" onPress={() => setOpen('over')} />
      <Button kind="quiet" title="Lost count" onPress={() => setOpen('lost')} />
      <Sheet open={open === 'over'} title="Too much went in" onClose={() => setOpen(null)}>
        {plan.water > 0 ? (
          <>
            <T>{`Asked for: ${trim(load.product, 1)} ${plan.unit}. How much went in altogether?`}</T>
            <Field
              label="Put in"
              unit={plan.unit}
              numeric
              value={text}
              onChange={setText}
              error={answer && !answer.ok ? answer.reasons[0]?.sentence : undefined}
            />
            {answer?.ok && (
              <T kind="strong" live>
                {answer.value.sentence}
              </T>
            )}
          </>
        ) : (
          <T>Gather the surplus up again with gloves on. Never leave it in a heap: pets would eat it.</T>
        )}
      </Sheet>
      <Sheet open={open === 'lost'} title="Lost count" onClose={() => setOpen(null)}>
        <T>Take the larger number you may have put in, and enter that as too much: then the mix is never above the label.</T>
        <T>Not sure at all? Do not spray it on food. Start this load again with clean water, and treat what is in the tank as waste: {plan.sheet.disposal}</T>
        <Button kind="quiet" title="Enter the larger number" onPress={() => setOpen('over')} />
      </Sheet>
    </View>
  );
}
