import { cp, helper } from '../../write';

export const spiderFriend = helper({
  id: 'spider-friend',
  name: 'Spiders',
  also: 'garden spider, orb weaver',
  sizeMm: 12,
  hosts: { any: 0.35 },
  seen: { always: 'orb-web', never: 'stipple bronzed sticky' },
  facts: [cp('A wheel web or a single runner; spider mites are specks in fine webs between leaf and stalk.')],
  advice: 'Friend: leave it. It catches what flies and hops.',
});
