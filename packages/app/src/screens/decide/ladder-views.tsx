import { inSentence } from '@sleetbrook/core/measure';
import type { Case } from '@sleetbrook/core/api';
import { SCHOOLS, type Change } from '@sleetbrook/core/decide-light';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Button } from '../../ui/button';
import { Pick } from '../../ui/pick';
import { T } from '../../ui/text';
import type { Deciding } from '../../workers/tasks';
import type { View as LadderView } from './view';

interface Props {
  readonly deciding: Deciding;
  readonly found: Case;
  readonly view: LadderView;
  readonly onView: (view: LadderView) => void;
  readonly onStage: (stage: string | null) => void;
  /** What is shown is of a moment ago: the answer to what was just tried is on its way. */
  readonly judging: boolean;
  /** Writes down that what is tried is so; null where it can not be. */
  readonly onKeep: ((changes: readonly Change[]) => void) | null;
}

const FEW = 4;

/** A fact about the plants or the pest that was looked at, and no rule or plan of the household. */
const canBeKept = (c: Change) => c.homeMade === undefined && !c.noPlans && !c.reported;

/** How the ladder is looked at: by which school, which stage was seen, and what if something were otherwise. */
export function LadderViews({ deciding, found, view, onView, onStage, judging, onKeep }: Props) {
  const [all, setAll] = useState(false);
  const tried = new Set(view.whatIf.map((c) => c.code));
  const known = [...deciding.changes, ...view.whatIf.filter((w) => !deciding.changes.some((c) => c.code === w.code))];
  const shown = all ? known : known.filter((c, i) => i < FEW || tried.has(c.code));
  const named = (keys: readonly string[]) => deciding.verdicts.filter((v) => keys.includes(v.key)).map((v) => inSentence(v.control.name));
  const [opened, sooner] = [named(deciding.opened), named(deciding.sooner)];
  return (
    <View className="gap-3 pt-3">
      <View className="flex-row flex-wrap gap-2">
        <Pick
          inline
          label="View"
          value={view.school}
          onChange={(school) => onView({ ...view, school })}
          options={SCHOOLS.map((s) => ({ value: s.id, label: s.label }))}
        />
        <Pick
          inline
          label="Stage"
          value={found.stageSeen ?? ''}
          onChange={(stage) => onStage(stage === '' ? null : stage)}
          options={[
            { value: '', label: deciding.stagesSeen.length > 0 ? `As you saw: ${deciding.stagesSeen.join(', ').toLowerCase()}` : 'By month' },
            ...deciding.stages.map((s) => ({ value: s.stage, label: `${s.stage}: ${s.where}` })),
          ]}
        />
      </View>
      {view.school !== 'least-toxic' && <T kind="small">{SCHOOLS.find((s) => s.id === view.school)?.says ?? ''}</T>}
      {known.length > 0 && (
        <View className="gap-2 pb-2">
          <T kind="label">What if</T>
          <View className="flex-row flex-wrap gap-2">
            {shown.map((c) => {
              const on = tried.has(c.code);
              return (
                <Pressable
                  key={c.code}
                  role="switch"
                  aria-checked={on}
                  aria-label={`What if: ${c.label}`}
                  onPress={() => onView({ ...view, whatIf: on ? view.whatIf.filter((w) => w.code !== c.code) : [...view.whatIf, c] })}
                  className={`min-h-[48px] max-w-full justify-center rounded-xl px-4 py-2 ${on ? 'bg-brook' : 'border border-dashed border-drift'}`}
                >
                  <T className={on ? 'text-on-brook' : ''}>{c.label}</T>
                </Pressable>
              );
            })}
          </View>
          {known.length > shown.length && <Button kind="link" title={`${known.length - shown.length} more`} onPress={() => setAll(true)} />}
          {view.whatIf.length > 0 && (
            <View className="gap-2 rounded-xl bg-slate p-4">
              <T live>
                {judging
                  ? 'Judging the ladder'
                  : opened.length + sooner.length === 0
                    ? 'Nothing more would be open, or sooner.'
                    : [opened.length > 0 && `Then open: ${opened.join(', ')}.`, sooner.length > 0 && `Sooner: ${sooner.join(', ')}.`].filter(Boolean).join(' ')}
              </T>
              <T kind="small">For the sake of argument only: nothing is changed, and nothing can be taken this way.</T>
              {onKeep && view.whatIf.every(canBeKept) && (
                <Button kind="quiet" title="It is so: write it down" disabled={judging} onPress={() => onKeep(view.whatIf)} />
              )}
              <Button kind="link" title="Back to how it is" onPress={() => onView({ ...view, whatIf: [] })} />
            </View>
          )}
        </View>
      )}
    </View>
  );
}
