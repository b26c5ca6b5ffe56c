import { inBackground } from './in-background';
/** Two short tones. Silent where the page may not sound yet (nobody has touched it). */
export function ring(): void {
  const context = new AudioContext();
  for (const [index, pitch] of [880, 660].entries()) {
    const tone = context.createOscillator();
    const level = context.createGain();
    tone.frequency.value = pitch;
    level.gain.value = 0.15;
    tone.connect(level).connect(context.destination);
    tone.start(context.currentTime + index * 0.28);
    tone.stop(context.currentTime + index * 0.28 + 0.22);
  }
  setTimeout(() => inBackground(context.close()), 1200);
}
