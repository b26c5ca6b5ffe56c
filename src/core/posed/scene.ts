import type { Camera } from '../camera/camera';
import type { PrintedBars } from '../mat/mat';
import type { Outline } from '../outline/outline';

export type Color = readonly [r: number, g: number, b: number];

/** Something lying on the mat. */
export interface LaidPart {
  /** As calipers would find it. */
  readonly outline: Outline;
  /** How thick it is; its widest edge stands half way up. */
  readonly heightMm: number;
  /** What it throws back of the light, 0 to 1. */
  readonly color: Color;
  /** How much brighter its middle shines. */
  readonly sheen: number;
}

/** How the light falls. */
export interface Light {
  /** Brightness lost from one side of the mat to the other, and from one end to the other: shares. */
  readonly fall: readonly [across: number, along: number];
  /** Lost in the corners of the picture by the lens, a share. */
  readonly corners: number;
  /** Where the shadow of each thing falls, as shares of its height; and how deep and soft shadows are. */
  readonly away: readonly [right: number, down: number];
  readonly depth: number;
  readonly softMm: number;
  /** The shadow of what stands beside: a band over the mat from here on, mm along its diagonal; null for none. */
  readonly band: { readonly fromMm: number; readonly wideMm: number; readonly depth: number } | null;
}

/** What is before the camera. */
export interface Scene {
  readonly camera: Camera;
  readonly size: { readonly width: number; readonly height: number };
  readonly printed: PrintedBars;
  readonly parts: readonly LaidPart[];
  readonly light: Light;
  /** Spread of a point of light, pixels. */
  readonly blurPx: number;
  /** Of the full brightness. */
  readonly noise: number;
  /** How far the middle of the mat stands up like a hill, mm: 0 where it lies flat. */
  readonly bentMm: number;
  readonly random: () => number;
}
