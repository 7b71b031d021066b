import type { Trouble } from '../schema';
import { appleScab } from './apple-scab';
import { blackBeanAphid } from './black-bean-aphid';
import { cabbageWhite } from './cabbage-white';
import { gooseberrySawfly } from './gooseberry-sawfly';
import { powderyMildew } from './powdery-mildew';
import { rust } from './rust';
import { slugs } from './slugs';
import { spiderMite } from './spider-mite';

export const TROUBLES: readonly Trouble[] = [appleScab, blackBeanAphid, cabbageWhite, gooseberrySawfly, powderyMildew, rust, slugs, spiderMite];
