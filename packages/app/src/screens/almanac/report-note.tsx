import { View } from 'react-native';
import { useCountries, useGarden } from '../../api/queries';
import { T } from '../../ui/text';
import type { AlmanacPage } from '../../workers/almanac';

/** Where it must be reported, as far as that is known, with the grower's own country first. */
export function ReportNote({ report }: { readonly report: AlmanacPage['report'] }) {
  const countries = useCountries().data ?? [];
  const own = useGarden().data?.country ?? '';
  const nameOf = (code: string) => countries.find((c) => c.code === code)?.name ?? code;
  return (
    <View className="gap-2 pt-3">
      {report.map((r) => (
        <View key={r.of ?? ''}>
          <T kind="strong" className="text-ochre">
            {`${r.of ? `${r.of}: ` : ''}${
              r.in.includes(own)
                ? `must be reported in ${nameOf(own)}. Do not move, cut or spray it before the plant-health office has answered.`
                : 'must be reported in some countries: ask your plant-health office before you move any of it where it is not known.'
            }`.replace(/^m/, 'M')}
          </T>
          <T kind="small">{`Known of: ${r.in.map(nameOf).sort().join(', ')} · as of ${r.asOf}, ${r.source}`}</T>
        </View>
      ))}
    </View>
  );
}
