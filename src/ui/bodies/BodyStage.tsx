'use client';

import { Canvas, useThree } from '@react-three/fiber';
import { useEffect, useMemo, type ReactNode } from 'react';
import { BufferAttribute, BufferGeometry, DoubleSide, Plane, Vector3, type OrthographicCamera } from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import { useTokens } from '../theme/use-tokens';
import { LOOK_TOKENS, type BodyPart } from './body-part';
import styles from './bodies.module.css';

export interface BodyStageProps {
  readonly says: string;
  readonly parts: readonly BodyPart[];
  /** How far a mold is opened, radians. */
  readonly openTurn: number;
  /** Square to which axis it is cut, and where, mm; null for whole. */
  readonly cut: { readonly axis: 0 | 1 | 2; readonly atMm: number } | null;
  /** Hears how many pixels a millimeter is. */
  readonly onScale: (pxPerMm: number) => void;
}

const TOKENS = [...Object.values(LOOK_TOKENS), '--ember', '--paper'];
/** From in front, a little above and to the left. */
const EYE = [-0.45, -1, 0.55] as const;
const ROOM = 1.02;
/** Bodies lie rather than stand: so much more of them fits a height. */
const TALL = 1.2;
const TURN = Math.PI / 24;
const CLOSER = 1.15;

/** Bodies lit from the upper left, to scale, turned by mouse, touch and keys. The library of it is fetched with this file. */
export default function BodyStage({ says, parts, openTurn, cut, onScale }: BodyStageProps) {
  const token = useTokens(TOKENS);
  const planes = useMemo(() => {
    if (!cut) return [];
    // What lies toward the eye is taken off: below of what is looked at from above.
    const side = cut.axis === 2 ? -1 : 1;
    const [x = 0, y = 0, z = 0] = [0, 1, 2].map((axis) => (axis === cut.axis ? side : 0));
    return [new Plane(new Vector3(x, y, z), -side * cut.atMm)];
  }, [cut]);
  const { middle, reachMm } = useMemo(() => frameOf(parts), [parts]);
  return (
    <Canvas
      orthographic
      frameloop="demand"
      dpr={[1, 2]}
      gl={{ localClippingEnabled: true, antialias: true }}
      camera={{ near: -1000, far: 2000, up: [0, 0, 1] }}
      className={styles.canvas}
      role="application"
      aria-label={`${says}. Arrow keys turn it, + and − go closer and farther, 0 sets it back.`}
      tabIndex={0}
    >
      <color attach="background" args={[token('--paper')]} />
      <hemisphereLight args={['#ffffff', '#8b8478', 1.6]} />
      <directionalLight position={[-60, -70, 90]} intensity={2.1} />
      <directionalLight position={[70, 40, -30]} intensity={0.35} />
      {parts.map((part) => (
        <Hinged key={part.name} part={part} turn={part.opens ? openTurn : 0}>
          <BodyMesh
            part={part}
            color={token(LOOK_TOKENS[part.look])}
            inside={token('--ember')}
            planes={planes}
          />
        </Hinged>
      ))}
      <Orbit middle={middle} reachMm={reachMm} onScale={onScale} />
    </Canvas>
  );
}

/** A half swings down toward the eye, about its foot where the halves part. */
function Hinged({
  part,
  turn,
  children,
}: {
  readonly part: BodyPart;
  readonly turn: number;
  readonly children: ReactNode;
}) {
  const footMm = useMemo(
    () => part.triangles.reduce((low, value, at) => (at % 3 === 2 ? Math.min(low, value) : low), Infinity),
    [part.triangles],
  );
  return (
    <group position={[0, 0, footMm]} rotation={[turn, 0, 0]}>
      <group position={[0, 0, -footMm]}>{children}</group>
    </group>
  );
}

interface BodyMeshProps {
  readonly part: BodyPart;
  readonly color: string;
  readonly inside: string;
  readonly planes: readonly Plane[];
}

function BodyMesh({ part, color, inside, planes }: BodyMeshProps) {
  const geometry = useMemo(() => {
    const plain = new BufferGeometry();
    plain.setAttribute('position', new BufferAttribute(part.triangles, 3));
    plain.setAttribute('normal', new BufferAttribute(part.normals, 3));
    return plain;
  }, [part.triangles, part.normals]);
  useEffect(() => () => geometry.dispose(), [geometry]);
  return (
    <>
      <mesh geometry={geometry}>
        <meshStandardMaterial
          color={color}
          roughness={part.look === 'mold' ? 0.85 : 0.45}
          metalness={part.look === 'mold' ? 0 : 0.25}
          clippingPlanes={[...planes]}
          transparent={part.look === 'gate'}
          opacity={part.look === 'gate' ? 0.72 : 1}
        />
      </mesh>
      {/* Where it is cut one sees into it: its inside is told by another color. */}
      {planes.length > 0 ? (
        <mesh geometry={geometry}>
          <meshBasicMaterial
            color={inside}
            side={DoubleSide}
            clippingPlanes={[...planes]}
            polygonOffset
            polygonOffsetFactor={2}
          />
        </mesh>
      ) : null}
    </>
  );
}

/** The middle of all bodies, and how far they reach off it, mm; of a mold with its half swung down. */
function frameOf(parts: readonly BodyPart[]) {
  const low = [Infinity, Infinity, Infinity];
  const high = [-Infinity, -Infinity, -Infinity];
  for (const { triangles, opens } of parts) {
    const [from, to] = boundsOf(triangles);
    for (let axis = 0; axis < 3; axis += 1) {
      low[axis] = Math.min(low[axis] ?? 0, from[axis] ?? 0);
      high[axis] = Math.max(high[axis] ?? 0, to[axis] ?? 0);
    }
    if (!opens) continue;
    // Lying flat, what was high lies toward the eye, and what was thick hangs under the foot.
    low[1] = Math.min(low[1] ?? 0, (from[2] ?? 0) - (to[2] ?? 0));
    low[2] = Math.min(low[2] ?? 0, (from[2] ?? 0) + (from[1] ?? 0));
  }
  const sizes = high.map((value, axis) => value - (low[axis] ?? 0));
  return {
    middle: high.map((value, axis) => (value + (low[axis] ?? 0)) / 2) as [number, number, number],
    reachMm: Math.hypot(...sizes) / 2,
  };
}

function boundsOf(triangles: Float32Array): readonly [low: readonly number[], high: readonly number[]] {
  const low = [Infinity, Infinity, Infinity];
  const high = [-Infinity, -Infinity, -Infinity];
  for (let at = 0; at < triangles.length; at += 1) {
    const axis = at % 3;
    const value = triangles[at] ?? 0;
    if (value < (low[axis] ?? 0)) low[axis] = value;
    if (value > (high[axis] ?? 0)) high[axis] = value;
  }
  return [low, high];
}

interface OrbitProps {
  readonly middle: readonly [number, number, number];
  readonly reachMm: number;
  readonly onScale: (pxPerMm: number) => void;
}

/** Turning and coming closer; keys do what the mouse does. */
function Orbit({ middle, reachMm, onScale }: OrbitProps) {
  const get = useThree((state) => state.get);
  const width = useThree((state) => state.size.width);
  const height = useThree((state) => state.size.height);
  useEffect(() => {
    const { camera, gl, invalidate } = get();
    const orbit = new OrbitControls(camera, gl.domElement);
    orbit.enablePan = false;
    const tell = () => {
      onScale((camera as OrthographicCamera).zoom);
      invalidate();
    };
    orbit.addEventListener('change', tell);
    const back = () => {
      const [x, y, z] = middle;
      camera.position.set(x + EYE[0] * reachMm * 3, y + EYE[1] * reachMm * 3, z + EYE[2] * reachMm * 3);
      camera.zoom = Math.min(width, height * TALL) / (2 * reachMm * ROOM);
      camera.updateProjectionMatrix();
      orbit.target.set(x, y, z);
      orbit.update();
      tell();
    };
    back();
    // The stage that holds the canvas has the keyboard.
    const stage = gl.domElement.closest('[role="application"]');
    const onKey = (event: Event) => {
      const { key } = event as KeyboardEvent;
      const turns: Readonly<Record<string, () => void>> = {
        ArrowLeft: () => turn(TURN, 0),
        ArrowRight: () => turn(-TURN, 0),
        ArrowUp: () => turn(0, TURN),
        ArrowDown: () => turn(0, -TURN),
        '+': () => closer(CLOSER),
        '=': () => closer(CLOSER),
        '-': () => closer(1 / CLOSER),
        '0': back,
      };
      const act = turns[key];
      if (!act) return;
      event.preventDefault();
      event.stopPropagation();
      act();
    };
    const turn = (round: number, over: number) => {
      const off = camera.position.clone().sub(orbit.target);
      off.applyAxisAngle(new Vector3(0, 0, 1), round);
      const side = new Vector3().crossVectors(off, new Vector3(0, 0, 1)).normalize();
      const tipped = off.clone().applyAxisAngle(side, over);
      // Never over the top, where up would be down.
      if (Math.abs(tipped.clone().normalize().z) < 0.985) off.copy(tipped);
      camera.position.copy(orbit.target).add(off);
      orbit.update();
      tell();
    };
    const closer = (times: number) => {
      camera.zoom *= times;
      camera.updateProjectionMatrix();
      orbit.update();
      tell();
    };
    stage?.addEventListener('keydown', onKey);
    return () => {
      stage?.removeEventListener('keydown', onKey);
      orbit.dispose();
    };
  }, [get, middle, reachMm, onScale, width, height]);
  return null;
}
