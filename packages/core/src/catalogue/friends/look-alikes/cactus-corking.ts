import { cp, lookAlike } from '../../write';

export const cactusCorking = lookAlike({
  id: 'cactus-corking',
  name: 'Corking of old cacti',
  also: 'brown base of cactus',
  hosts: { cactus: 1.2, succulent: 0.5, dracaena: 0.1 },
  seen: { always: 'corky-base', rarely: 'stem-base-dark', never: 'smell-rot roots-brown-mushy webbing' },
  facts: [cp('Dry, firm, brown skin from the base up is age; soft and wet is rot.')],
  advice: 'No trouble while firm: press it now and then.',
});
