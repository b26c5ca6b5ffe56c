'use client';

import { countText } from '@/text/count-text';
import { sum } from '@/core/numeric/sum';
import { SlipNote, SlipPart, SlipRow, SlipTitle } from '@/ui/frame/Slip';
import { massText, temperatureText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import { powderForWorking } from '@/station-kit/figures/powder-working';
import { Figure } from '@/ui/figure/Figure';
import { usedBy } from '@/model/coats/rack-facts';
import { waitingOf } from '@/station-kit/coats/waiting';

/** What waits for a color on paper: how many of each, what holds them up, which jars run low, what to mind. */
export function CoatSlip() {
  const { view } = useBench();
  const { mass, temperature, coatWay } = usePreferences();
  const waiting = waitingOf(view.toCoat, view, (celsius) => temperatureText(celsius, temperature));
  const byCoat = new Map<string, number>();
  for (const { coat, count } of waiting) byCoat.set(coat.name, (byCoat.get(coat.name) ?? 0) + count);
  const hung = view.racks.filter(({ state }) => state === 'hanging').flatMap((rack) => rack.hung);
  const heads = [
    ...waiting
      .filter(({ refusals }) => refusals.length === 0)
      .map(({ bin, coat, count }) => ({ headBinId: bin.id, coatId: coat.id, count })),
    ...hung.map((head) => ({ ...head, count: 1 })),
  ];
  const used = usedBy(heads, coatWay, view);
  const short = [...used].flatMap(([id, g]) => {
    const bin = view.binById.get(id);
    const there = view.levels.get(id) ?? 0;
    return bin && g > there ? [{ bin, g, there }] : [];
  });
  const total = sum([...byCoat.values()]);
  return (
    <>
      <SlipTitle over="To coat">
        {total > 0
          ? `${countText(total, 'head waits', 'heads wait')}`
          : hung.length > 0
            ? `${countText(hung.length, 'head hangs', 'heads hang')}`
            : 'Nothing waits'}
      </SlipTitle>
      {byCoat.size > 0 ? (
        <SlipPart label="By color">
          {[...byCoat].map(([name, count]) => (
            <SlipRow key={name} name={name}>
              {count}
            </SlipRow>
          ))}
        </SlipPart>
      ) : null}
      {used.size > 0 ? (
        <SlipPart label="Powder for them, about">
          <p className="quiet">Powder for what waits and hangs, about</p>
          {[...used].map(([id, g]) => {
            const powder = view.binById.get(id);
            return powder?.kind === 'powder' ? (
              <SlipRow key={id} name={powder.name.replace(/^Powder, /, '')}>
                <Figure working={powderForWorking(powder, heads, coatWay, view, mass)}>
                  {massText(g, mass)}
                </Figure>
              </SlipRow>
            ) : null;
          })}
        </SlipPart>
      ) : null}
      {waiting
        .filter(({ refusals }) => refusals.length > 0)
        .map(({ key, bin, coat, refusals }) => (
          <SlipNote key={key} tone="stop">
            {bin.name} in {coat.name}: {refusals[0]}
          </SlipNote>
        ))}
      {short.map(({ bin, g, there }) => (
        <SlipNote key={bin.id} tone="stop">
          {bin.name}: {massText(g, mass)} wanted, {massText(there, mass)} in the jar.
        </SlipNote>
      ))}
      <SlipNote tone="care">
        Powder in the air is not for lungs, and it can catch fire: mask, no flame or spark near the cloud,
        vent on. Hot hooks and heads burn. Never an oven that food is made in again. Overheated coating and
        lead fume. Follow the makers’ sheets and your local rules.
      </SlipNote>
    </>
  );
}
