import type { ShedItem } from '@sleetbrook/core/api';
import { parseNumber, parseQuantity } from '@sleetbrook/core/measure';
import { useRouter } from 'expo-router';
import { DateTime } from 'luxon';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { ApiProblem } from '../../api/client';
import { useSaveShedItem } from '../../api/mutations';
import { useGarden, useSheets } from '../../api/queries';
import { useNow } from '../../state/now';
import { ActionBar, Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Page } from '../../ui/page';
import { Pick } from '../../ui/pick';
import { Failed, Loading } from '../../ui/states';

const BACK = { title: 'Shed', href: '/shed' } as const;

/** A bought pack is put into the shed: what it is, how much is in it, what it cost, how long it keeps. */
export function ItemNew() {
  const router = useRouter();
  const garden = useGarden().data;
  const sheets = useSheets().data;
  const now = useNow();
  const save = useSaveShedItem();
  const [sheetId, setSheetId] = useState('potassium-soap');
  const [pack, setPack] = useState('');
  const [left, setLeft] = useState('');
  const [price, setPrice] = useState('');
  const [on, setOn] = useState('');
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({});
  const [id] = useState(() => v7());
  const sheet = sheets?.find((s) => s.id === sheetId);
  if (!garden || !sheets || !sheet || now === undefined)
    return (
      <Page back={BACK}>
        <Loading />
      </Page>
    );
  const unit = sheet.lines[0]?.rate.unit ?? 'ml';
  const today = DateTime.fromMillis(now, { zone: garden.zone }).toISODate() ?? '';
  const submit = async () => {
    const dimension = unit === 'ml' ? 'volume' : 'mass';
    const size = parseQuantity(pack, garden.units, [dimension]);
    const rest = left.trim() === '' ? size : parseQuantity(left, garden.units, [dimension]);
    const paid = price.trim() === '' ? null : parseNumber(price);
    const bought = DateTime.fromISO(on.trim() || today);
    const wrong: Record<string, string> = {};
    if (!size.ok) wrong['packSize'] = size.reasons[0]?.sentence ?? '';
    if (!rest.ok) wrong['amount'] = rest.reasons[0]?.sentence ?? '';
    if (size.ok && rest.ok && rest.value.si > size.value.si) wrong['amount'] = 'More than the pack holds.';
    if (paid && !paid.ok) wrong['price'] = paid.reasons[0]?.sentence ?? '';
    if (!bought.isValid) wrong['on'] = 'Type the day as 2026-04-20.';
    setErrors(wrong);
    if (Object.keys(wrong).length > 0 || !size.ok || !rest.ok || (paid && !paid.ok)) return;
    const item: ShedItem = {
      id,
      revision: 0,
      kind: 'product',
      name: sheet.name,
      sheetId,
      unit,
      amount: rest.value.si,
      packSize: size.value.si,
      price: paid?.value ?? null,
      strength: null,
      hazards: [...(sheet.fish ? (['fish'] as const) : []), ...(sheet.bees === 'none' ? [] : (['bees'] as const))],
      on: bought.toISODate() ?? today,
      goodUntil: sheet.shelfLifeMonths ? bought.plus({ months: sheet.shelfLifeMonths }).toISODate() : null,
      useBy: null,
      plantingId: null,
      where: '',
      note: '',
    };
    await save.mutateAsync(item);
    router.replace(`/shed/item/${id}`);
  };
  const server = save.error instanceof ApiProblem ? save.error : null;
  const at = (field: string) => errors[field] ?? server?.for(field);
  return (
    <Page
      title="Put a pack in the shed"
      back={BACK}
      footer={
        <ActionBar>
          <Button title="Put it in" busy={save.isPending} onPress={() => void submit().catch(() => undefined)} />
        </ActionBar>
      }
    >
      <View className="gap-5 px-5 pt-5">
        {save.error && !server?.problem.errors && <Failed error={save.error} />}
        <Pick label="It is" value={sheetId} onChange={setSheetId} options={sheets.map((s) => ({ value: s.id, label: s.name }))} />
        <Field label="The pack holds" value={pack} onChange={setPack} placeholder={unit === 'ml' ? '500 ml' : '100 g'} error={at('packSize')} />
        <Field label="Left in it" value={left} onChange={setLeft} placeholder="all of it" error={at('amount')} />
        <Field label="Paid for the pack" numeric value={price} onChange={setPrice} error={at('price')} />
        <Field label="Bought on" value={on} onChange={setOn} placeholder={today} error={at('on')} />
      </View>
    </Page>
  );
}
