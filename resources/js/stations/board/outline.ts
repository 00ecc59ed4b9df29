/** An outline as it is typed: width and height, `80 60`, or corners, `0 0; 80 0; 80 60; 40 70; 0 60`. Null where it says none. */
export function outlineTyped(text: string): [x: number, y: number][] | null {
  const corners = text
    .split(';')
    .map((corner) => corner.trim().replaceAll(/[x×*]/gu, ' ').split(/\s+/u).map(Number))
    .filter((corner) => corner.length > 1 || Number.isNaN(corner[0]) || corner[0] !== 0);
  if (corners.some((corner) => corner.length !== 2 || corner.some((each) => !Number.isFinite(each)))) return null;
  const places = corners.map(([x = 0, y = 0]): [number, number] => [x, y]);
  const [first] = places;
  if (places.length > 2) return places;
  if (places.length !== 1 || first === undefined || first[0] <= 0 || first[1] <= 0) return null;
  return [[0, 0], [first[0], 0], first, [0, first[1]]];
}
