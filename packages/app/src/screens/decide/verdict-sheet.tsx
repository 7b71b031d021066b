import { inSentence } from '@sleetbrook/core/measure';
import type { Course, Verdict } from '@sleetbrook/core/decide-light';
import { quoteLine } from '@sleetbrook/core/label';
import type { Instant } from '@sleetbrook/core/measure';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/sheet';
import { T } from '../../ui/text';
import { Reasons } from './reasons';

/** What can be done with a verdict in this case. */
export interface PlanChoice {
  readonly caseId: string;
  /** Why nothing can be taken just now, in the grower's words. */
  readonly onlyLooking: string | null;
  /** Keys of what goes along with the main control. */
  readonly along: readonly string[];
  /** Keys of what could go along. */
  readonly mayGoAlong: readonly string[];
  readonly onChoose: (key: string) => void;
  readonly onAlong: (key: string) => void;
}

interface Props {
  readonly verdict: Verdict;
  /** For leaving it: what is then to be expected. */
  readonly course: Course | null;
  readonly now: Instant;
  readonly zone: string;
  readonly plan: PlanChoice;
  readonly onClose: () => void;
}

/** One control in short: the verdict with every reason, what it does here, and the ways on. */
export function VerdictSheet({ verdict: v, course, now, zone, plan, onClose }: Props) {
  const router = useRouter();
  const then = (act: () => void) => () => {
    onClose();
    act();
  };
  const along = plan.along.includes(v.key);
  return (
    <Sheet open title={v.control.name} onClose={onClose}>
      <Reasons verdict={v} now={now} zone={zone} />
      {course ? (
        <View className="gap-2">
          <T kind="label">If you leave it</T>
          {course.sentences.map((s) => (
            <T key={s}>{s}</T>
          ))}
          <T kind="strong">{course.acting}</T>
        </View>
      ) : (
        <View className="gap-1">
          <T kind="label">What it does here</T>
          <T>{`${v.effectWhy} Expected to stop about ${Math.round(v.effect * 100)} in 100, done well.`}</T>
          <T kind="muted">{v.control.doesNot.text}</T>
        </View>
      )}
      {v.status !== 'never' && plan.onlyLooking !== null && <T kind="muted">{plan.onlyLooking}</T>}
      {v.status !== 'never' && plan.onlyLooking === null && (
        <View className="gap-3">
          <Button title={v.status === 'usable' ? v.control.act : `Plan it: ${inSentence(v.control.name)}`} onPress={then(() => plan.onChoose(v.key))} />
          {(along || plan.mayGoAlong.includes(v.key)) && (
            <Button kind="quiet" title={along ? 'Take it out of the plan' : 'Do it along with the other'} onPress={then(() => plan.onAlong(v.key))} />
          )}
        </View>
      )}
      <Button
        kind="link"
        title={`All about it: ${inSentence(v.control.name)}`}
        onPress={then(() => router.navigate(`/cases/${plan.caseId}/control/${v.key}`))}
      />
      {v.sheet && v.line && (
        <T kind="small">{`${v.sheet.specimen ? 'Specimen label, check against your own' : 'Your label sheet'}. ${quoteLine(v.sheet, v.line)}.`}</T>
      )}
    </Sheet>
  );
}
