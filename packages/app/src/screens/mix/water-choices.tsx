import type { Planting, Sprayer } from '@sleetbrook/core/api';
import { proposedWater, type LabelLine } from '@sleetbrook/core/label';
import { readSize, sayIn, squareMetres, writeQuantity, type UnitSystem } from '@sleetbrook/core/measure';
import { canopyMix, mixAt } from '@sleetbrook/core/mix';
import { View } from 'react-native';
import type { MixDraft } from '../../state/drafts';
import { Row, Section } from '../../ui/row';
import { sayMl } from '../../ui/say-ml';

interface Props {
  readonly draft: MixDraft;
  readonly line: LabelLine;
  readonly planting: Pick<Planting, 'areaM2' | 'trunkCm' | 'heightM'> | null;
  readonly sprayer: Sprayer | undefined;
  readonly units: UnitSystem;
  readonly onChange: (change: Partial<MixDraft>) => void;
}

/** The water that a label names for an area is meant so: from here on a walk puts on too much. */
const MOST_OVER_LABEL = 1.5;

/** How much mix the plants really take: by the grower's own calibration walk, and by the leaves. */
export function WaterChoices({ draft, line, planting, sprayer, units, onChange }: Props) {
  if (line.rate.form !== 'per-litre' && line.rate.form !== 'per-m2') return null;
  if (line.coverage !== 'wetted' && line.coverage !== 'run-off') return null;
  const typed = draft.area.trim() === '' ? null : readSize(draft.area, 'area', units, { min: 0.01, max: 10_000, what: 'The area' });
  const area = squareMetres(typed?.ok ? typed.value : (planting?.areaM2 ?? 0));
  if (!(area > 0)) return null;
  const water = proposedWater(line);
  const label = water.ml * area;
  const walk = sprayer?.calibrations.filter((c) => c.areaM2 !== null && c.style === line.coverage).at(-1);
  const side = Math.sqrt(area);
  const leaves = planting?.heightM ? canopyMix({ widthM: side, depthM: side, heightM: planting.heightM }, line.coverage) : null;
  const choices = [
    { id: 'label', title: water.named ? 'By the label’s water' : 'As it is proposed', ml: label },
    ...(walk?.areaM2
      ? [{ id: 'walk', title: `By your walk with the ${sprayer?.name.toLowerCase() ?? ''}`, ml: mixAt(area, { mlPerM2: walk.ml / walk.areaM2 }) }]
      : []),
    ...(leaves?.ok ? [{ id: 'leaves', title: `By the leaves, ${sayIn(planting?.heightM ?? 0, 'length', units)} tall`, ml: leaves.value.mix }] : []),
  ];
  if (choices.length < 2) return null;
  return (
    <View>
      <Section>How much mix the plants take</Section>
      {choices.map((c) => {
        const over = line.rate.form === 'per-litre' && line.waterMlPerM2 !== null && c.ml > label * MOST_OVER_LABEL;
        return over ? (
          <Row
            key={c.id}
            mark="stop"
            tone="stop"
            title={c.title}
            end={sayMl(c.ml, units)}
            sub="More than the label’s water can carry: walk faster, or use a finer nozzle."
          />
        ) : (
          <Row
            key={c.id}
            title={c.title}
            end={sayMl(c.ml, units)}
            onPress={() =>
              onChange({
                water: c.id === 'label' ? '' : writeQuantity(c.ml, units === 'us' ? 'gal-us' : units === 'imperial' ? 'gal-imp' : 'l'),
              })
            }
          />
        );
      })}
    </View>
  );
}
