import type { CaseDetail } from '@sleetbrook/core/api';
import { findTroubleCard } from '@sleetbrook/core/cards';
import { thresholdFor } from '@sleetbrook/core/count';
import { lastCount } from '@sleetbrook/core/situation';
import { useRouter } from 'expo-router';
import { useRef, useState } from 'react';
import { View } from 'react-native';
import { v7 } from 'uuid';
import { useSaveLook } from '../../api/mutations';
import { useCaseDetail, usePlantings } from '../../api/queries';
import { useNow } from '../../state/now';
import { ActionBar, Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Failed, Read } from '../../ui/states';
import { T } from '../../ui/text';
import { readCount } from '../look/count';
import { CountFields } from '../look/count-fields';
import { PhotoStrip } from '../photos/photo-strip';

/** Count again at the same place; the effect is worked out from the count before. */
export function AgainScreen({ id }: { readonly id: string }) {
  const detail = useCaseDetail(id);
  return <Read query={detail}>{(d) => <Counting detail={d} />}</Read>;
}

function Counting({ detail }: { readonly detail: CaseDetail }) {
  const router = useRouter();
  const now = useNow();
  const save = useSaveLook();
  const trouble = findTroubleCard(detail.case.troubleId);
  const planting = usePlantings().data?.find((p) => p.id === detail.case.plantingId);
  const before = lastCount(detail.looks);
  const [id] = useState(() => v7());
  // the moment of the first press: sent again after a lost answer it is the same look
  const pressed = useRef<string | null>(null);
  const [typed, setTyped] = useState({ affected: '', looked: before ? String(before.looked) : '' });
  const [errors, setErrors] = useState<{ affected?: string; looked?: string }>({});

  const submit = async () => {
    if (now === undefined) return;
    const count = readCount(typed.affected, typed.looked);
    if (!count.ok) return setErrors(count.errors);
    if (!count.value) return setErrors({ affected: 'Count some, to tell whether it worked.' });
    await save.mutateAsync({
      id,
      plantingId: detail.case.plantingId,
      caseId: detail.case.id,
      at: (pressed.current ??= new Date(now).toISOString()),
      answers: [],
      count: count.value,
      note: '',
    });
    router.replace(`/cases/${detail.case.id}`);
  };

  return (
    <Page
      title="Look again"
      sub={trouble?.name}
      back={{ title: 'The case', href: `/cases/${detail.case.id}` }}
      footer={
        <ActionBar>
          <Button title="Keep the count" busy={save.isPending} onPress={() => void submit().catch(() => undefined)} />
        </ActionBar>
      }
    >
      {save.error && <Failed error={save.error} />}
      <View className="gap-4 px-5 pt-5">
        <T>
          {before
            ? `Before: ${before.affected} of ${before.looked} ${trouble?.unit ?? 'units'}. Count the same place the same way.`
            : 'No count was made before, so no effect can be worked out. This count starts one.'}
        </T>
        <CountFields
          unit={trouble?.unit ?? 'units'}
          threshold={trouble && thresholdFor(trouble.threshold.share, planting?.tolerance ?? 'usual')}
          affected={typed.affected}
          looked={typed.looked}
          errors={errors}
          onChange={(change) => {
            setErrors({});
            setTyped({ ...typed, ...change });
          }}
        />
      </View>
      <PhotoStrip lookId={id} />
    </Page>
  );
}
