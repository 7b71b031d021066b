import { quoteLine } from '@sleetbrook/core/label';
import { sayProvenance } from '@sleetbrook/core/measure';
import { howFor, howSentences, RUNG_NAMES } from '@sleetbrook/core/cards';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useCaseDetail, useGarden, usePlantings } from '../../api/queries';
import { useNow } from '../../state/now';
import { Page } from '../../ui/page';
import { Section } from '../../ui/row';
import { Empty, Loading } from '../../ui/states';
import { T } from '../../ui/text';
import { useProse } from '../../ui/words';
import { Reasons } from './reasons';
import { useDeciding } from './use-deciding';

const ALL = { school: 'traditional', whatIf: [] } as const;

/** Everything about one control in one case: verdict, how it works and what it does not do, step by step, and what to look for after. */
export function ControlScreen({ caseId, controlKey }: { readonly caseId: string; readonly controlKey: string }) {
  const router = useRouter();
  const prose = useProse();
  const found = useCaseDetail(caseId).data?.case;
  const garden = useGarden().data;
  const planting = usePlantings().data?.find((p) => p.id === found?.plantingId);
  const now = useNow();
  const deciding = useDeciding(found, planting, garden, ALL).data;
  const back = { title: 'The case', href: `/cases/${caseId}` } as const;
  if (!found || !garden || !deciding || now === undefined)
    return (
      <Page back={back}>
        <Loading />
      </Page>
    );
  const v = deciding.verdicts.find((x) => x.key === controlKey);
  if (!v)
    return (
      <Page back={back}>
        <Empty
          title="Not on this ladder"
          text="This control is not used on this trouble."
          action={{ title: 'Back to the case', onPress: () => router.navigate(`/cases/${caseId}`) }}
        />
      </Page>
    );
  const c = v.control;
  const cautions = [...c.cautions, ...(v.sheet?.cautions ?? []).filter((x) => !c.cautions.some((o) => o.text === x.text))];
  const schools = [...(c.schools ?? []), ...deciding.schools];
  return (
    <Page title={c.name} sub={`Rung ${c.rung}, ${RUNG_NAMES[c.rung]?.toLowerCase() ?? ''}`} back={back}>
      <View className="px-5 pt-4">
        <Reasons verdict={v} now={now} zone={garden.zone} />
        <Section>How it works</Section>
        <T>{c.works.text}</T>
        <T className="pt-1">{`${v.effectWhy} Expected to stop about ${Math.round(v.effect * 100)} in 100, done well.`}</T>
        <T kind="small">{sayProvenance(c.works.prov)}</T>
        <Section>What it does not do</Section>
        <T>{c.doesNot.text}</T>
        <Section>Step by step</Section>
        <View className="gap-3">
          {howSentences({ how: howFor(c, found.troubleId) }).map((step, i) => (
            <View key={step} className="flex-row gap-3">
              <T kind="strong" className="w-6 text-right text-brook">
                {String(i + 1)}
              </T>
              <T className="flex-1">{prose(step)}</T>
            </View>
          ))}
        </View>
        {cautions.length > 0 && (
          <View className="gap-2">
            <Section>Mind</Section>
            {cautions.map((x) => (
              <View key={x.text} className="border-l-4 border-ochre pl-3">
                <T>{x.text}</T>
              </View>
            ))}
          </View>
        )}
        <Section>Afterwards, look for</Section>
        <T>{c.after.text}</T>
        {v.sheet && v.line && (
          <View>
            <Section>{v.sheet.specimen ? 'Specimen label: check against your own' : 'Your label sheet'}</Section>
            <T>{quoteLine(v.sheet, v.line)}</T>
          </View>
        )}
        {schools.length > 0 && (
          <View>
            <Section>Where growers differ</Section>
            {schools.map((s) => (
              <View key={s.topic} className="gap-1 pb-4">
                <T kind="strong">{capital(s.topic)}</T>
                {s.positions.map((p) => (
                  <T key={p} kind="muted">{`Some say: ${p}`}</T>
                ))}
                <T>{`Sleetbrook: ${s.ours}`}</T>
                <T kind="small">{`Why: ${s.why}`}</T>
              </View>
            ))}
          </View>
        )}
      </View>
    </Page>
  );
}

const capital = (s: string) => s.charAt(0).toUpperCase() + s.slice(1);
