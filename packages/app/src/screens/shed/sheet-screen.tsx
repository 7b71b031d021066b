import { findHost, findTroubleCard, TROUBLE_CARDS } from '@sleetbrook/core/cards';
import { allowedIn, forRooms, lastingOf, lineFor, moaOf, quoteLine, sayRate, strictSheet, type LabelSheet } from '@sleetbrook/core/label';
import { sayProvenance, sayAboutRain, trim, inSentence } from '@sleetbrook/core/measure';
import { protectionList } from '@sleetbrook/core/mix';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useConfirmSheet, useRemoveSheet, useRestoreSheet, useUnconfirmSheet } from '../../api/mutations';
import { useConfirmations, useGarden, useSheets, useSheetVersions } from '../../api/queries';
import { useNow } from '../../state/now';
import { ActionBar, Button } from '../../ui/button';
import { Tick } from '../../ui/field';
import { Page } from '../../ui/page';
import { Pick } from '../../ui/pick';
import { Row, Section } from '../../ui/row';
import { Sheet } from '../../ui/sheet';
import { Empty, Failed, Loading } from '../../ui/states';
import { T } from '../../ui/text';
import { takeFile } from '../../ui/take-file';
import { PoisonHelp } from '../help/poison-help';
import { useLabelForCase } from './use-label-for-case';
import { sayLimits } from './say-limits';
import { PLANT_SEARCH, usePlantOptions } from '../plant-options';

const CHECKS = [
  'The active ingredient and its strength are the same',
  'My crop and my pest are on my label',
  'The rate is the same or higher on my label',
  'The picking wait is the same or shorter on my label',
  'The keep-out time is the same or shorter on my label',
  'It is allowed for home use where I am',
] as const;
/** @example sayMoa({ name: 'Malathion', … }) // 'IRAC 1B' */
const sayMoa = (a: LabelSheet['actives'][number]) => {
  const moa = moaOf({ actives: [a] });
  return moa ? [moa.by, moa.code].filter(Boolean).join(' ') : a.moa;
};
const BEES = { none: 'no warning', wet: 'harmful while wet: not on open flowers by day', toxic: 'toxic, also as residue: never on open flowers' };

/** A specimen label sheet in the order in which labels are printed, and the check against the grower's own. */
export function SheetScreen({ id }: { readonly id: string }) {
  const sheets = useSheets().data;
  const restore = useRestoreSheet();
  const sheet = sheets?.find((s) => s.id === id);
  const router = useRouter();
  if (!sheets)
    return (
      <Page back={{ title: 'Shed', href: '/shed' }}>
        <Loading />
      </Page>
    );
  if (!sheet && id.startsWith('own-'))
    return (
      <Page back={{ title: 'Shed', href: '/shed' }}>
        <Empty title="It is removed" text="Records keep the sheet as it was." action={{ title: 'Take it back', onPress: () => restore.mutate(id) }} />
        {restore.error && <Failed error={restore.error} />}
      </Page>
    );
  if (!sheet)
    return (
      <Page back={{ title: 'Shed', href: '/shed' }}>
        <Empty title="No such label sheet" text="It may have another name now." action={{ title: 'Go to the shed', onPress: () => router.navigate('/shed') }} />
      </Page>
    );
  return <Label sheet={sheet} />;
}

function Label({ sheet: s }: { readonly sheet: LabelSheet }) {
  const confirmations = useConfirmations().data ?? [];
  const confirm = useConfirmSheet();
  const unconfirm = useUnconfirmSheet();
  const router = useRouter();
  const { caseId } = useLabelForCase();
  const now = useNow();
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const confirmed = confirmations.some((c) => c.sheetId === s.id && c.version === s.version);
  const garden = useGarden().data;
  const country = garden?.country;
  const units = garden?.units ?? 'metric';
  const law = allowedIn(s, { country: country || null, region: garden?.region || null });
  // what is in it counts, whatever was typed
  const strict = strictSheet(s);
  const lasting = lastingOf(s);
  const reEntry = s.reEntry.kind === 'hours' ? `${s.reEntry.hours} h` : 'until dry';
  return (
    <Page
      title={s.name}
      sub={s.specimen ? 'Specimen: check against your own label' : `Your own label sheet, version ${s.version}`}
      back={caseId ? { title: 'Case', href: `/cases/${caseId}` } : { title: 'Shed', href: '/shed' }}
      aside={<PoisonHelp sheet={s} />}
      footer={
        <ActionBar>
          {confirmed && caseId && <Button title="Back to the case" onPress={() => router.navigate(`/cases/${caseId}`)} />}
          {confirmed ? (
            <Button kind="quiet" title="Checked against my label. Take that back" busy={unconfirm.isPending} onPress={() => unconfirm.mutate(s.id)} />
          ) : (
            <Button
              title="My label says the same"
              disabled={ticked.length < CHECKS.length || now === undefined}
              busy={confirm.isPending}
              onPress={() => now !== undefined && confirm.mutate({ sheetId: s.id, version: s.version, confirmedAt: new Date(now).toISOString() })}
            />
          )}
        </ActionBar>
      }
    >
      {(confirm.error ?? unconfirm.error) && <Failed error={confirm.error ?? unconfirm.error} />}
      <View className="px-5">
        <Section>What it is</Section>
        {s.actives.map((a) => (
          <Row
            key={a.name}
            title={a.name}
            end={`${a.percent} %`}
            sub={`mode of action: ${sayMoa(a)}${a.metallic === undefined ? '' : `; ${a.metallic} % copper as metal`}`}
          />
        ))}
        <Row title="Signal word" end={s.signalWord} />
        <Row title="Kind" end={`${s.class.replace('-', ' ')}, ${s.formulation}`} />
        <Row title="Certified-organic means" end={strict.organicListed ? 'yes' : 'no'} />
        <Section>Protection and cautions</Section>
        <Row title="Wear" sub={protectionList(s).join(', ')} />
        <Row title="Bees" sub={BEES[strict.bees]} />
        <Row title="Fish" sub={strict.fish ? 'harmful: keep away from ponds and drains' : 'no warning on this specimen'} />
        {s.cautions.map((c) => (
          <Row key={c.text} title={c.text} sub={sayProvenance(c.prov)} />
        ))}
        {s.hazards && <Row title="Warned of" sub={s.hazards} />}
        {s.firstAid && <Row title="First aid" sub={s.firstAid} />}
        {s.physician && <Row title="Note to a doctor" sub={s.physician} />}
        <Section>Crops, pests and rates</Section>
        {s.lines.map((l) => (
          <View key={l.id} className="border-b border-line py-3">
            <T kind="strong">{`${l.crops.join(', ').replaceAll('-', ' ')}: ${l.asPrinted ?? sayRate(l.rate)}`}</T>
            <T kind="muted">{`Against ${l.pests.map((p) => inSentence(findTroubleCard(p)?.name ?? p)).join(', ')}`}</T>
            <T kind="muted">{sayLimits(l, units)}</T>
            <T kind="small">{sayProvenance(l.prov)}</T>
          </View>
        ))}
        {s.forbidden.map((f) => (
          <Row key={f.crop} mark="stop" title={`Not on ${f.crop}`} sub={f.why} />
        ))}
        <Section>Limits</Section>
        <Row title="Keep out" end={reEntry} />
        <Row title="Where" end={[s.outdoors && 'outdoors', s.indoors && 'under cover', forRooms(s) && 'in rooms'].filter(Boolean).join(', ')} />
        {s.maxTempC !== undefined && <Row title="Not at or above" end={`${trim(s.maxTempC, 1)} °C`} />}
        <Row title="No rain for" end={`${s.rainfastHours} h`} />
        <Row title="Mix keeps" end={`${s.mixLifeHours} h`} />
        {(lasting.days !== null || lasting.rainMm !== null) && (
          <Row
            title="Lasts on the plant"
            end={lasting.days === null ? '' : lasting.days === 0 ? 'until dry' : `about ${sayDays(lasting.days)}`}
            sub={`${lasting.rainMm === null || lasting.days === 0 ? '' : `less after ${sayAboutRain(lasting.rainMm, units)} of rain; `}${sayProvenance(lasting.prov)}`}
          />
        )}
        {lasting.kickbackH > 0 && (
          <Row title="Stops what has begun" end={`to ${lasting.kickbackH} h back`} sub="Later than that it only guards what is still clean." />
        )}
        {lasting.nectarDays > 0 && (
          <Row title="In nectar and pollen" end={`to ${sayDays(lasting.nectarDays)}`} sub="Only after the last petal, on what bees visit." />
        )}
        {strict.gaps.map((g) => (
          <Row key={g.group} title={`Apart from ${g.group}`} end={`${g.days} d`} sub={sayProvenance(g.prov)} />
        ))}
        <Row title="Disposal" sub={s.disposal} />
        {s.harms?.map((h) => (
          <Row key={h.what} title={`Harms: ${h.what.replaceAll('-', ' ')}`} sub={h.why} />
        ))}
        {s.notMixedWith && <Row title="Never in one tank with" end={s.notMixedWith.join(', ')} />}
        {s.shelfLifeMonths !== undefined && <Row title="Pack keeps" end={`${s.shelfLifeMonths} months`} />}
        {law && <Row {...(law.is === 'barred' ? { mark: 'stop' as const } : {})} title={law.words} sub={sayProvenance(law.prov)} />}
        <OnMyLabel sheet={s} />
        <Own sheet={s} />
        {!confirmed && (
          <View>
            <Section>Check against your own label</Section>
            {CHECKS.map((c) => (
              <Tick key={c} label={c} checked={ticked.includes(c)} onChange={(yes) => setTicked(yes ? [...ticked, c] : ticked.filter((t) => t !== c))} />
            ))}
            <T kind="small">Does one not hold? Then do not use this sheet for your product: make your own from it, above, with what your label says.</T>
          </View>
        )}
      </View>
    </Page>
  );
}

const sayDays = (days: number) => (days === 1 ? 'a day' : `${days} days`);

/** What can be done with a sheet: one of one's own from a specimen; change, versions and removal of an own one. */
function Own({ sheet: s }: { readonly sheet: LabelSheet }) {
  const router = useRouter();
  const { within } = useLabelForCase();
  const remove = useRemoveSheet();
  const [asking, setAsking] = useState(false);
  if (s.specimen)
    return (
      <View className="gap-3 pt-5">
        <Button kind="quiet" title="Make my own from this" onPress={() => router.navigate(within(`/shed/new?from=${s.id}`))} />
        <Button kind="link" title="The rates as a CSV file" onPress={() => takeFile(`/api/v1/sheets/${s.id}/rates`)} />
      </View>
    );
  return (
    <View className="gap-3 pt-5">
      <Versions id={s.id} />
      <Button kind="quiet" title="Change it" onPress={() => router.navigate(within(`/shed/${s.id}/edit`))} />
      <Button kind="link" title="The rates as a CSV file" onPress={() => takeFile(`/api/v1/sheets/${s.id}/rates`)} />
      <Button kind="stop" title="Remove this sheet" onPress={() => setAsking(true)} />
      <Sheet open={asking} title={`Remove ${s.name}?`} onClose={() => setAsking(false)}>
        <T>Records keep it as it was, and you can take the removal back on the next screen.</T>
        {remove.error && <Failed error={remove.error} />}
        <Button kind="stop" title="Remove it" busy={remove.isPending} onPress={() => remove.mutate(s.id)} />
      </Sheet>
    </View>
  );
}

/** Earlier versions, as the records may still hold them. */
function Versions({ id }: { readonly id: string }) {
  const versions = useSheetVersions(id).data ?? [];
  if (versions.length < 2) return null;
  return (
    <View>
      <Section>Versions</Section>
      {versions.map((v) => (
        <Row
          key={v.version}
          title={`Version ${v.version}`}
          sub={v.lines
            .map((l) => `${l.crops.slice(0, 3).join(', ')}: ${l.asPrinted ?? sayRate(l.rate)}, ${l.phiDays === null ? 'not on food' : `wait ${l.phiDays} d`}`)
            .join('; ')}
        />
      ))}
    </View>
  );
}

/** "Is this on my label?" */
function OnMyLabel({ sheet }: { readonly sheet: LabelSheet }) {
  const plants = usePlantOptions();
  const [crop, setCrop] = useState('');
  const [pest, setPest] = useState('');
  const host = findHost(crop);
  const trouble = findTroubleCard(pest);
  const line = host && trouble ? lineFor(sheet, host, trouble) : null;
  return (
    <View className="gap-4">
      <Section>Is this on this label?</Section>
      <Pick label="Crop" value={crop} onChange={setCrop} options={plants} {...PLANT_SEARCH} />
      <Pick label="Pest" value={pest} onChange={setPest} options={TROUBLE_CARDS.map((t) => ({ value: t.id, label: t.name }))} />
      <T kind="strong" live>
        {line?.ok ? quoteLine(sheet, line.value) : (line?.reasons[0]?.sentence ?? '')}
      </T>
    </View>
  );
}
