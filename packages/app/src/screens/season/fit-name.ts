const MOST = 12;

/** The word of a planting's name that a small flag has room for. @example fitName('Espaliered apples') // 'apples' */
export function fitName(name: string): string {
  if (name.length <= MOST) return name;
  const words = name.split(/\s+/);
  const last = words.at(-1) ?? name;
  return last.length <= MOST ? last : `${last.slice(0, MOST - 1)}…`;
}
