import { walk } from './walk';

/** A share of the cases, in a process of its own: `part.ts part of trouble…`. */
const [part = '0', of = '1', ...only] = process.argv.slice(2);
process.send?.(walk(Number(part), Number(of), only), () => process.disconnect());
