import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { Stone } from './stone';
import { useTokens } from './tokens';

const WIDTH = 44;
const MID = 22;

export interface BrookStation {
  readonly key: string;
  readonly state: 'behind' | 'here' | 'ahead';
  /** The line bends back before this station: the case looped. */
  readonly bend?: boolean;
  /** The protection left below this station, 0 … 1: the brook is as wide. */
  readonly water?: number;
  readonly content: ReactNode;
}

/** Where the line crosses from one row into the next, so that it runs on without a step. */
const crossing = (i: number) => MID + 3 * Math.sin(i * 1.9);

/** Half as wide as the brook is at its fullest, and at a thread. */
const FULL = 7;
const THREAD = 1;

/** Water from full width at the stone down to what is left of it. */
function narrowing(y: number, x: number, height: number, left: number): string {
  const [a, b, mid] = [FULL, THREAD + (FULL - THREAD) * Math.min(1, Math.max(0, left)), (y + height) / 2];
  return `M${MID - a} ${y} C${MID - 4 - a} ${mid} ${x + 3 - b} ${mid} ${x - b} ${height} L${x + b} ${height} C${x + 3 + b} ${mid} ${MID - 4 + a} ${mid} ${MID + a} ${y} Z`;
}

interface Props {
  readonly stations: readonly BrookStation[];
  /** Stations of a line that this one goes on from. */
  readonly from?: number;
  /** Another line goes on from this one. */
  readonly runsOn?: boolean;
}

/**
 * The brook line: a slightly wandering line down the left that joins the stations, a stone for each.
 * It bends back where a case loops.
 */
export function BrookLine({ stations, from = 0, runsOn = false }: Props) {
  return (
    <View role="list">
      {stations.map((s, i) => (
        <Row key={s.key} station={s} index={from + i} last={i === stations.length - 1 && !runsOn} />
      ))}
    </View>
  );
}

function Row({ station, index, last }: { readonly station: BrookStation; readonly index: number; readonly last: boolean }) {
  const t = useTokens();
  const [height, setHeight] = useState(72);
  const stoneY = station.bend ? 74 : 22;
  const [x0, x1] = [crossing(index), crossing(index + 1)];
  const wet = station.state === 'ahead' ? t.line : t.brook;
  const above = station.bend
    ? `M${x0} 0 C${x0} 22 36 12 37 24 C38 38 8 22 7 38 C6 50 ${MID} 46 ${MID} ${stoneY}`
    : index === 0
      ? ''
      : `M${x0} 0 C${x0} ${stoneY / 2} ${MID} ${stoneY / 2} ${MID} ${stoneY}`;
  const below = last
    ? `M${MID} ${stoneY} C${MID + 2} ${stoneY + 20} ${MID - 2} ${stoneY + 30} ${MID} ${height}`
    : `M${MID} ${stoneY} C${MID - 4} ${(stoneY + height) / 2} ${x1 + 3} ${(stoneY + height) / 2} ${x1} ${height}`;
  return (
    <View role="listitem" className="flex-row" onLayout={(e) => setHeight(Math.ceil(e.nativeEvent.layout.height))}>
      <View style={{ width: WIDTH }} aria-hidden>
        <Svg width={WIDTH} height={height} style={{ position: 'absolute', left: 0, top: 0 }}>
          <Path d={above} stroke={wet} strokeWidth={4} fill="none" strokeLinecap="round" />
          {station.water !== undefined && !last && <Path d={narrowing(stoneY, x1, height, station.water)} fill={t.brook} />}
          <Path
            d={below}
            stroke={station.state === 'behind' ? t.brook : t.line}
            strokeWidth={station.state === 'behind' ? 4 : 3}
            fill="none"
            strokeLinecap="round"
          />
          <Stone seed={index * 7 + 3} cx={MID} cy={stoneY} state={station.state} colour={t.brook} ground={t.frost} quiet={t.drift} />
        </Svg>
      </View>
      <View className={`min-h-[52px] flex-1 pb-5 pl-3 ${station.bend ? 'pt-[56px]' : 'pt-1'}`}>{station.content}</View>
    </View>
  );
}
