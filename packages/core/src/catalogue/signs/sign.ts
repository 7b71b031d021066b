import type { Drawing, LookKind, PartId, Sign } from '../schema';

const SHORT: Readonly<Record<string, PartId>> = { leaf: 'leaf-top', under: 'leaf-under', base: 'stem-base' };

/**
 * One sign, written short.
 * @param parts part ids apart by spaces; `leaf`, `under` and `base` stand for leaf-top, leaf-under and stem-base
 * @param look what it takes to see it
 * @param drawing `on motif tone number`, or null when it can not be drawn (a smell, a time of day)
 * @example sign('ants', 'Ants running up', 'Ants running up the stems?', 'tip stem whole', 'glance', 'stem ants')
 */
export function sign(id: string, name: string, question: string, parts: string, look: LookKind, drawing: string | null, yes = 'Yes'): Sign {
  return {
    id,
    name,
    question,
    yes,
    parts: parts.split(' ').map((p) => SHORT[p] ?? (p as PartId)),
    look,
    drawing: drawing === null ? null : readDrawing(drawing),
  };
}

function readDrawing(text: string): Drawing {
  const [on, motif, tone, n] = text.split(' ') as [Drawing['on'], Drawing['motif'], Drawing['tone'] | undefined, string | undefined];
  return { on, motif, ...(tone ? { tone } : {}), ...(n ? { n: Number(n) } : {}) };
}
