import type { Rule } from '../types';

/** Leaves of stone fruit take harm from copper while they grow; what is put on as they fall, or on bare wood, does not matter (from memory). */
export const copperInLeaf: Rule = (s, c) => {
  const stone = s.host.crops.includes('stone-fruit') || s.host.id === 'almond' || s.host.id === 'flowering-cherry';
  if (!c.sheet?.groups.includes('copper') || !stone || s.planting.stage === 'dormant') return null;
  const base = { code: 'copper-in-leaf', inputs: [{ name: 'Stage', value: s.planting.stage }], source: { mark: 'MEM' as const } };
  if (s.planting.stage === 'growing' || s.planting.stage === 'seedling')
    return { ...base, weight: 'note', sentence: 'Copper spots and drops leaves of stone fruit while they grow: as they fall, or on bare wood.' };
  return {
    ...base,
    weight: 'not-now',
    sentence: 'Copper burns flowers, young fruit and leaves of stone fruit: as the leaves fall, or on bare wood.',
    opens: {
      kind: 'event',
      event: 'as the leaves fall, or when it is bare',
      change: { code: 'bare', label: 'Wait until the leaves are down', planting: { stage: 'dormant' } },
    },
  };
};
