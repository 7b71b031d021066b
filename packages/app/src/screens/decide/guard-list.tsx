import { View } from 'react-native';
import { Row, Section } from '../../ui/row';
import { T } from '../../ui/text';
import type { Deciding } from '../../workers/tasks';

const PARTS = [
  { part: 'now', title: 'Its time may be now: look', end: 'now' },
  { part: 'later', title: 'Later in its year', end: 'later' },
  { part: 'next', title: 'When you plant again', end: 'next' },
] as const;
const MARKS = { now: 'open', later: 'wait', next: 'wait' } as const;

/** What keeps a trouble away, in the order of the plant's year, each with its time in what can be seen. */
export function GuardList({ deciding }: { readonly deciding: Deciding }) {
  const { guard, verdicts } = deciding;
  if (guard.length === 0) return null;
  return (
    <View>
      {PARTS.map(({ part, title, end }) => {
        const steps = guard.filter((g) => g.part === part);
        return steps.length === 0 ? null : (
          <View key={part}>
            <Section>{title}</Section>
            {steps.map((g) => {
              const v = verdicts.find((x) => x.key === g.key);
              return v ? (
                <Row
                  key={g.key}
                  mark={v.status === 'usable' && part === 'now' ? MARKS.now : MARKS.later}
                  title={v.control.name}
                  end={part === 'now' && v.status !== 'usable' ? 'not yet' : end}
                  tone={part === 'now' && v.status === 'usable' ? 'open' : 'wait'}
                  sub={firstUp(`${g.text}.`.replace('..', '.'))}
                />
              ) : null;
            })}
          </View>
        );
      })}
      <T kind="small" className="pt-2">
        Times are said in what can be seen: go by the plant, not by the date. Choose in the ladder below.
      </T>
    </View>
  );
}

const firstUp = (s: string) => s.charAt(0).toUpperCase() + s.slice(1);
