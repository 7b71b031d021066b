import type { Case, CourseState } from '@sleetbrook/core/api';
import type { Instant } from '@sleetbrook/core/measure';
import { View } from 'react-native';
import { useSaveCase } from '../../api/mutations';
import { Button } from '../../ui/button';
import { Failed } from '../../ui/states';

/** A course paused, ended or taken up. */
export function CourseButtons({ found, now, onDone }: { readonly found: Case; readonly now: Instant; readonly onDone?: () => void }) {
  const save = useSaveCase();
  const say = (state: CourseState['state']) =>
    void save
      .mutateAsync({ ...found, course: { ...found.course, state, saidAt: new Date(now).toISOString(), ...(state === 'on' ? {} : { fixed: [] }) } })
      .then(() => onDone?.())
      .catch(() => undefined);
  const { state } = found.course;
  return (
    <View className="gap-2">
      {save.error && <Failed error={save.error} />}
      <View className="flex-row gap-2">
        {state !== 'on' && (
          <View className="flex-1">
            <Button kind="quiet" title="Take the course up" busy={save.isPending} onPress={() => say('on')} />
          </View>
        )}
        {state === 'on' && (
          <View className="flex-1">
            <Button kind="quiet" title="Pause the course" busy={save.isPending} onPress={() => say('paused')} />
          </View>
        )}
        {state !== 'ended' && (
          <View className="flex-1">
            <Button kind="quiet" title="End the course" busy={save.isPending} onPress={() => say('ended')} />
          </View>
        )}
      </View>
    </View>
  );
}
