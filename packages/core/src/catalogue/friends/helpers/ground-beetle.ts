import { cp, helper } from '../../write';

export const groundBeetle = helper({
  id: 'ground-beetle',
  name: 'Ground beetles',
  also: 'carabids',
  sizeMm: 20,
  hosts: { any: 0.25 },
  seen: { always: 'running-beetle', never: 'edge-notches powder sticky' },
  facts: [cp('By night they eat slugs, eggs and root-fly maggots; they live under stones and grass.')],
  advice: 'Friend: leave it. It hunts slugs and grubs at night.',
});
