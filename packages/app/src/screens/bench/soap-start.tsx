import { LYE_GATES, soapSteps } from '@sleetbrook/core/bench';
import { sayDay } from '@sleetbrook/core/measure';
import { useRouter } from 'expo-router';
import { v7 } from 'uuid';
import { useSaveBatch } from '../../api/mutations';
import { useGarden } from '../../api/queries';
import { EMPTY_MIX, useDrafts } from '../../state/drafts';
import { useNow } from '../../state/now';
import { useTool } from '../../state/tools';
import { Empty, Failed } from '../../ui/states';
import { StepCards } from '../steps/step-cards';
import { ToolLoading, ToolPage } from './parts';
import { readSoap, SOAP_KEY, SOAP_USUAL } from './soap-screen';

/** The first day of a batch: from protection to the covered paste. At the end the batch is kept, and Today reminds. */
export function SoapStart() {
  const router = useRouter();
  const garden = useGarden().data;
  const now = useNow();
  const save = useSaveBatch();
  const { values } = useTool(SOAP_KEY, SOAP_USUAL);
  const draft = useDrafts((d) => d.mixes[SOAP_KEY]) ?? EMPTY_MIX;
  const setMix = useDrafts((d) => d.setMix);
  const dropMix = useDrafts((d) => d.dropMix);
  if (!garden || now === undefined) return <ToolLoading />;
  const out = readSoap(values, garden.units);
  if (!out.ok)
    return (
      <ToolPage title="Potassium soap" sub="">
        <Empty
          title="The recipe does not fit any more"
          text={out.reasons[0]?.sentence ?? ''}
          action={{ title: 'Set it again', onPress: () => router.navigate('/bench/soap') }}
        />
      </ToolPage>
    );
  const { recipe, purity, tempC } = out.value;
  const finish = async () => {
    const id = v7();
    const at = new Date(now).toISOString();
    await save.mutateAsync({
      id,
      revision: 0,
      name: `Soap of ${sayDay(now, garden.zone)}`,
      startedAt: draft.madeAt === null ? at : new Date(Math.min(draft.madeAt, now)).toISOString(),
      oils: recipe.oils.map((o) => ({ oilId: o.oil.id, g: o.g })),
      lyeG: recipe.lye,
      purity,
      waterG: recipe.water,
      yieldMl: recipe.yield,
      confirmed: LYE_GATES.filter((g) => draft.ticked.includes(`protect:${g}`)),
      tempC,
      blendedAt: at,
      thinnedAt: null,
      stirs: [],
      readyAt: null,
      note: '',
    });
    dropMix(SOAP_KEY);
    router.replace(`/bench/soap/${id}`);
  };
  return (
    <StepCards
      draftKey={SOAP_KEY}
      steps={soapSteps(recipe, garden.units)}
      head={() => 'Potassium soap, first day'}
      back={{ title: 'Potassium soap', href: '/bench/soap' }}
      act={(step, last) => (last ? 'Keep the batch' : step.id === 'protect' ? 'All of it is on' : step.id === 'pour' ? 'The lye is in the water' : 'Done')}
      busy={save.isPending}
      onBack={() => router.navigate('/bench/soap')}
      onPass={(step) => {
        if (step.id === 'protect' && draft.madeAt === null) setMix(SOAP_KEY, { madeAt: now });
      }}
      onFinish={() => void finish().catch(() => undefined)}
      under={() => (save.error ? <Failed error={save.error} /> : null)}
    />
  );
}
