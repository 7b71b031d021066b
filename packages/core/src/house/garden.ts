import { gardenSchema, UNSET_GARDEN, type Garden } from '../api';
import type { HouseContext } from './keeping';
import { parse } from './refusal';
import { reviseOrConflict } from './revise';

export function gardenDesk({ keep }: HouseContext) {
  const read = (): Garden => keep.garden.stored() ?? UNSET_GARDEN;
  return {
    read,
    save: (body: unknown): Garden => {
      const garden = parse(gardenSchema, body);
      if (reviseOrConflict(keep.garden.stored(), garden, 'garden') === 'write') keep.garden.save({ ...garden, revision: garden.revision + 1 });
      return read();
    },
  };
}
