import type { MoldWall } from '@/core/molds/cut-halves';
import { sizeText } from '@/text/words';
import { useUnits } from '@/ui/units/use-units';

/** Under this a wall of a printed or cast mold warps or breaks through (typical), mm. */
const LEAST_MM = 3;

/** Whether the walls of what was cut are thick enough to print; nothing before anything was. */
export function ThinWalls({ walls }: { readonly walls: readonly MoldWall[] }) {
  const { length } = useUnits();
  if (walls.length === 0) return null;
  const thin = walls.filter(({ mm }) => mm < LEAST_MM);
  const told = (wall: MoldWall) => `${wall.between} ${sizeText(wall.mm, length)}`;
  return thin.length > 0 ? (
    <p role="alert" className="stop">
      Too thin to print well: {thin.map(told).join(', ')}. Keep at least {sizeText(LEAST_MM, length)}: give it
      more mold round the cavity.
    </p>
  ) : (
    <p role="status" className="quiet">
      Walls are thick enough: {walls.map(told).join(', ')}.
    </p>
  );
}
