import { useUnits } from '@/ui/units/use-units';
import { volumeText } from '@/text/quantity-text';
import type { PlasticColor } from '@/records/plastic';
import { cupColor } from '@/model/plastics/plastic-draft';

const CUP_CM3 = 250;
const [HIGH, WIDE] = [96, 78];

/** A cup filled as far as its plastic goes, in the color it has so far, what was too much included. */
export function Cup({ color, name }: { readonly color: PlasticColor; readonly name: string }) {
  const { volume } = useUnits();
  const { hex } = cupColor(color, true);
  const fill = Math.min(1, color.baseCm3 / CUP_CM3);
  const top = HIGH - 6 - (HIGH - 14) * fill;
  const narrow = (y: number) => 8 * (y / HIGH);
  return (
    <svg
      role="img"
      aria-label={`${name}: ${volumeText(color.baseCm3, volume)}, ${hex}`}
      width={WIDE}
      height={HIGH}
      viewBox={`0 0 ${WIDE} ${HIGH}`}
    >
      <path
        d={`M${narrow(top)} ${top}L${8 - 0.5} ${HIGH - 6}H${WIDE - 7.5}L${WIDE - narrow(top)} ${top}Z`}
        fill={hex}
      />
      <path
        d={`M1 2L8 ${HIGH - 4}H${WIDE - 8}L${WIDE - 1} 2`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.4}
      />
      {[50, 100, 150, 200].map((cm3) => {
        const y = HIGH - 6 - (HIGH - 14) * (cm3 / CUP_CM3);
        return <path key={cm3} d={`M${WIDE - narrow(y) - 9} ${y}h8`} stroke="var(--ink)" strokeWidth={0.6} />;
      })}
    </svg>
  );
}
