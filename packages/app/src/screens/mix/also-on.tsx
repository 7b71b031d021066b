import { sayRate } from '@sleetbrook/core/label';
import { View } from 'react-native';
import type { MixDraft } from '../../state/drafts';
import { PickMany } from '../../ui/pick-many';
import { SizeOrCount } from '../../ui/size-field';
import { T } from '../../ui/text';
import type { MixJob } from './job-for';
import { SIZES } from './mix-for';
import type { CaseMix } from './use-mix-job';

type Also = NonNullable<MixDraft['also']>;

/** Other plantings that get their share of this mix: each by its own line of the label, each with its own record. */
export function AlsoOn({ mix, job, onChange }: { readonly mix: CaseMix; readonly job: MixJob; readonly onChange: (also: Also) => void }) {
  const { draft, plantings, planting, garden, sheet } = mix;
  const also = draft.also ?? [];
  const options = plantings.filter((p) => p.id !== planting.id).map((p) => ({ id: p.id, name: p.name }));
  const refusal = job.plan.ok ? undefined : job.plan.reasons[0];
  const size = SIZES[job.line.rate.form];
  const asked = also.filter(({ plantingId }) => {
    const p = plantings.find((x) => x.id === plantingId);
    return size.of === null || (p?.[size.of] ?? null) === null;
  });
  if (options.length === 0) return null;
  return (
    <View className="gap-3">
      <PickMany
        label="The same mix also on"
        value={also.map((a) => a.plantingId)}
        options={options}
        onChange={(ids) => onChange(ids.map((id) => also.find((a) => a.plantingId === id) ?? { plantingId: id, size: '' }))}
        error={refusal?.field === 'also' ? refusal.sentence : undefined}
      />
      {asked.map((a) => (
        <SizeOrCount
          key={a.plantingId}
          label={`${size.label}: ${plantings.find((p) => p.id === a.plantingId)?.name ?? ''}`}
          kind={size.kind}
          units={garden.units}
          value={a.size}
          onChange={(text) => onChange(also.map((x) => (x.plantingId === a.plantingId ? { ...x, size: text } : x)))}
        />
      ))}
      {job.parts.length > 1 && (
        <T kind="muted">{`For ${job.parts.map((p) => p.planting.name.toLowerCase()).join(', ')} together, at ${sayRate(job.line.rate)}: the strictest of their lines on ${sheet.name}. Each gets its share in its own record.`}</T>
      )}
    </View>
  );
}
