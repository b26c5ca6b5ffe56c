'use client';

import { Button } from 'antd';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import type { BodySource } from '@/core/molds/body-source';
import type { HookDimensions } from '@/core/cavities/guess-hook-mass';
import { USUAL_MAKE } from '@/core/molds/mold-make';
import { outlineSolid } from '@/core/solids/solid-outline';
import type { Design } from '@/model/molds/design';
import type { CastDraft, CastSubject } from '@/model/molds/cast-question';
import type { MetalBin } from '@/records/bin';
import type { Plate } from '@/data/exchange/plate/plate';
import { TakeAway } from './TakeAway';
import styles from './design.module.css';

/** Both come when somebody asks for them. */
const FreezeBoard = dynamic(() => import('../freeze/FreezeBoard').then((module) => module.FreezeBoard), {
  ssr: false,
});
const TurnBodies = dynamic(() => import('../bodies/TurnBodies').then((module) => module.TurnBodies), {
  ssr: false,
});

interface DesignBodiesProps {
  readonly name: string;
  readonly design: Design;
  /** The file it was read from, of a mesh. */
  readonly file: File | null;
  readonly metal: MetalBin;
  readonly hook: HookDimensions | null;
  readonly eyeMm: number;
  readonly pinMm: number | null;
  readonly modulusMm: number | null;
  readonly draft: CastDraft;
  readonly onDraft: (draft: CastDraft) => void;
  readonly sheet: { readonly isDrilling: boolean; readonly compose: () => Plate } | null;
}

/** What the cavity does in the mold and as a body: frozen before it is poured, turned in the hand, taken away to print. */
export function DesignBodies(props: DesignBodiesProps) {
  const { name, design, file, metal, hook, eyeMm, pinMm, modulusMm, draft, onDraft, sheet } = props;
  const [isFreezing, setFreezing] = useState(false);
  const [make, setMake] = useState(USUAL_MAKE);
  // A design is made anew with every drag; its body is another only where its sizes are.
  const solid = JSON.stringify(design.solid);
  const source = useMemo((): BodySource | null => {
    const body = JSON.parse(solid) as Design['solid'];
    if (body) return { solid: body };
    return file ? { file, scale: design.scale } : null;
  }, [solid, file, design.scale]);
  const { gate, vents } = draft;
  // How high a mesh from a file is, is not known here: it counts as a ball of its room.
  const radiusMm = design.solid
    ? outlineSolid(design.solid).radiusMm
    : Math.cbrt((design.volumeCm3 * 1000 * 3) / (4 * Math.PI));
  const subject = useMemo(
    (): CastSubject | null => (source ? { source, hook, eyeMm, radiusMm, pinMm, spinPa: 0 } : null),
    [source, hook, eyeMm, radiusMm, pinMm],
  );
  const spec = useMemo(
    () => ({ hook, eyeMm, pinMm, gate, vents, make }),
    [hook, eyeMm, pinMm, gate, vents, make],
  );
  return (
    <>
      {subject ? (
        <section className={styles.bodies} aria-label="Before it is poured">
          <h2>Before it is poured</h2>
          {isFreezing ? (
            <FreezeBoard
              name={name}
              subject={subject}
              metal={metal}
              draft={draft}
              onDraft={onDraft}
              isUncut
              modulusMm={modulusMm}
            />
          ) : (
            <p>
              Follow its freezing before you cut it: what fills, what freezes last, where the gate goes.{' '}
              <Button type="primary" onClick={() => setFreezing(true)}>
                Freeze it
              </Button>
            </p>
          )}
          <TurnBodies name={name} source={subject.source} spec={spec} coldScale={1 - metal.shrinkLinear} />
        </section>
      ) : null}
      <TakeAway
        name={name}
        sheet={sheet}
        body={source}
        spec={spec}
        make={make}
        onMake={setMake}
        shrinkLinear={metal.shrinkLinear}
      />
    </>
  );
}
