import { done, metres, refused, trim, type Metres, type Outcome, type Working } from '../../measure';

/** Ways to get a tree's height without a stick as long as the tree. */
export type HeightReading =
  /** Somebody of known height stands beside it: both measured on a thumb or a ruler held out, in any one unit. */
  | { readonly by: 'person'; readonly personM: number; readonly personMarks: number; readonly treeMarks: number }
  /** Shadows at the same moment on level ground. */
  | { readonly by: 'shadow'; readonly stickM: number; readonly stickShadowM: number; readonly treeShadowM: number }
  /** Paces back from the trunk, then the angles up to the top and down to the foot. */
  | { readonly by: 'angle'; readonly paces: number; readonly paceM: number; readonly upDeg: number; readonly downDeg: number | null; readonly eyeM: number };

export interface Height {
  readonly height: Metres;
  /** What it may really be, with readings as far off as a steady hand makes them. */
  readonly low: Metres;
  readonly high: Metres;
  readonly working: Working;
}

/** A mark against a ruler or the end of a shadow is read to this share (from memory). */
const READ_TO = 0.05;
/** A telephone or a protractor held by hand is true to this, degrees (from memory). */
const ANGLE_TO = 2;

const MOST_M = 60;
const positive = (n: number) => n > 0 && Number.isFinite(n);

/**
 * Height by comparing with a person, by shadow, or by paces and angle, with how far off it may be.
 * @returns metres; refused `bad-reading` at the reading's field, `too-steep` for an angle over 75°, where a degree
 *   makes too much of a difference
 * @example heightOf({ by: 'shadow', stickM: 1, stickShadowM: 1.5, treeShadowM: 6 }) // 4 m
 */
export function heightOf(r: HeightReading): Outcome<Height> {
  for (const [field, value] of Object.entries(r)) {
    if (field !== 'by' && field !== 'downDeg' && !positive(value as number)) return refused('bad-reading', 'It must be more than 0.', field);
  }
  const answer =
    r.by === 'person'
      ? byRatio(r.personM, r.treeMarks / r.personMarks, [
          { name: 'The person', value: `${trim(r.personM, 2)} m, ${trim(r.personMarks, 1)} on the ruler` },
          { name: 'The tree', value: `${trim(r.treeMarks, 1)} on the ruler` },
        ])
      : r.by === 'shadow'
        ? byRatio(r.stickM, r.treeShadowM / r.stickShadowM, [
            { name: 'The stick', value: `${trim(r.stickM, 2)} m, shadow ${trim(r.stickShadowM, 2)} m` },
            { name: 'The tree’s shadow', value: `${trim(r.treeShadowM, 2)} m` },
          ])
        : byAngle(r);
  if (answer.ok && answer.value.height > MOST_M) return refused('bad-reading', 'No garden tree is as tall. Is it read right?', 'height');
  return answer;
}

const say = (m: number) => `${trim(m, 2)} m`;

function byRatio(unitM: number, ratio: number, inputs: Working['inputs']): Outcome<Height> {
  const height = unitM * ratio;
  return done({
    height: metres(height),
    low: metres(height * (1 - 2 * READ_TO)),
    high: metres(height * (1 + 2 * READ_TO)),
    working: { title: 'Height', result: say(height), inputs, formula: 'known height × tree’s reading ÷ known one’s reading', source: { mark: 'CP' } },
  });
}

const tan = (deg: number) => Math.tan((deg * Math.PI) / 180);

function byAngle(r: Extract<HeightReading, { by: 'angle' }>): Outcome<Height> {
  if (r.upDeg > 75) return refused('too-steep', 'Over 75° a degree is a metre. Go further back.', 'upDeg');
  if (r.downDeg !== null && !(r.downDeg >= 0 && r.downDeg <= 60)) return refused('bad-reading', 'The angle down to the foot is 0 to 60°.', 'downDeg');
  const away = r.paces * r.paceM;
  const at = (off: number, far: number) => {
    const up = tan(Math.min(r.upDeg + off, 85)) * far;
    // without an angle down the ground is taken as level, and the foot as far below the eye as the eye is high
    return up + (r.downDeg === null ? r.eyeM : tan(r.downDeg) * far);
  };
  const height = at(0, away);
  return done({
    height: metres(height),
    low: metres(at(-ANGLE_TO, away * (1 - READ_TO))),
    high: metres(at(ANGLE_TO, away * (1 + READ_TO))),
    working: {
      title: 'Height',
      result: say(height),
      inputs: [
        { name: 'Away from the trunk', value: `${trim(r.paces, 1)} paces of ${trim(r.paceM, 2)} m = ${say(away)}` },
        { name: 'Up to the top', value: `${trim(r.upDeg, 1)}°` },
        r.downDeg === null ? { name: 'Eye above level ground', value: say(r.eyeM) } : { name: 'Down to the foot', value: `${trim(r.downDeg, 1)}°` },
      ],
      formula: r.downDeg === null ? 'distance × tan(angle up) + eye height' : 'distance × (tan(angle up) + tan(angle down))',
      source: { mark: 'CP' },
    },
  });
}
