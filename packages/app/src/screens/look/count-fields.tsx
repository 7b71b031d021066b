import { wilson } from '@sleetbrook/core/count';
import { View } from 'react-native';
import { Field } from '../../ui/field';
import { T } from '../../ui/text';
import { sayEnough } from './say-count';
import { readCount } from './count';

interface Props {
  readonly unit: string;
  /** Over the two fields. */
  readonly heading?: string;
  /** Share at which acting is worth it, once it has a name. */
  readonly threshold?: number | undefined;
  readonly affected: string;
  readonly looked: string;
  readonly errors: { affected?: string; looked?: string };
  readonly onChange: (change: { affected?: string; looked?: string }) => void;
}

/** So many of so many: the count that later tells whether it worked. */
export function CountFields({ unit, heading, threshold, affected, looked, errors, onChange }: Props) {
  const count = readCount(affected, looked);
  const value = count.ok ? count.value : null;
  const share = count.ok && count.value ? wilson(count.value.affected, count.value.looked) : null;
  return (
    <View className="gap-2">
      {heading && <T kind="label">{heading}</T>}
      <View className="flex-row gap-3">
        <View className="flex-1">
          <Field label={`${cap(unit)} with it`} numeric value={affected} onChange={(t) => onChange({ affected: t })} error={errors.affected} />
        </View>
        <View className="flex-1">
          <Field label={`${cap(unit)} looked at`} numeric value={looked} onChange={(t) => onChange({ looked: t })} error={errors.looked} />
        </View>
      </View>
      {share && (
        <T kind="small">{`${Math.round(share.share * 100)} in 100; with so few looked at, between ${Math.round(share.low * 100)} and ${Math.round(share.high * 100)} (Wilson 1927).`}</T>
      )}
      {value && threshold !== undefined && (
        <T kind="body" live>
          {sayEnough(value.affected, value.looked, threshold, unit).text}
        </T>
      )}
    </View>
  );
}

const cap = (s: string) => s.charAt(0).toUpperCase() + s.slice(1);
