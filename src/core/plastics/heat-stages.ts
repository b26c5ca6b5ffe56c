/** One stage of heating a cup. */
export interface HeatStage {
  readonly id: 'warm' | 'stir' | 'clear' | 'rest' | 'shoot';
  readonly title: string;
  readonly how: string;
  readonly minutes: number;
}

/** Of a cup this large the stages take so long; larger ones longer, by the root of how much more there is. */
const USUAL_CUP_CM3 = 120;

const STAGES: readonly HeatStage[] = [
  {
    id: 'warm',
    title: 'Warm it',
    how: 'Shaken well, covered, on low heat or a short time in the heater. It goes milky first: no boiling.',
    minutes: 2,
  },
  {
    id: 'stir',
    title: 'Stir the skin under',
    how: 'Turn the thick skin from the sides to the middle. Slowly, so that no air goes in.',
    minutes: 0.5,
  },
  {
    id: 'clear',
    title: 'Heat until it clears',
    how: 'As hot as the maker’s card says, not hotter: yellow or smoking is scorched. Measure it.',
    minutes: 1.5,
  },
  {
    id: 'rest',
    title: 'Color, and let bubbles rise',
    how: 'Drops and flake now, stirred in gently, then a rest.',
    minutes: 1,
  },
  {
    id: 'shoot',
    title: 'Shoot, and let it set',
    how: 'One slow push, top up while it shrinks, then leave the mold shut until it has set.',
    minutes: 4,
  },
];

/**
 * The stages of heating a cup of plastic, with how long each usually takes, min. A rule of thumb: the maker's card and
 * a thermometer decide.
 *
 * @example heatStages(120)[0].minutes // 2
 */
export function heatStages(cupCm3: number): HeatStage[] {
  const factor = Math.sqrt(cupCm3 / USUAL_CUP_CM3);
  return STAGES.map((stage) => ({
    ...stage,
    minutes: stage.id === 'shoot' ? stage.minutes : Math.max(0.5, Math.round(stage.minutes * factor * 2) / 2),
  }));
}
