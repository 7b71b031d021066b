import { cp, lookAlike } from '../../write';

export const sprayResidue = lookAlike({
  id: 'spray-residue',
  name: 'Dried spray residue',
  also: 'sulfur film, hard water marks',
  hosts: { any: 0.3 },
  seen: { always: 'white-film', sometimes: 'powder', rarely: 'vein-marbling', never: 'webbing pustules fruit-scabs' },
  facts: [cp('Sulfur and hard water dry to a white film that is taken for mildew.')],
  advice: 'No trouble: it washes off. Nothing to treat.',
});
