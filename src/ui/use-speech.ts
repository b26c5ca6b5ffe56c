'use client';

import { useEffect, useSyncExternalStore } from 'react';

/** The browser's own speech; null where it has none. */
function speech(): SpeechSynthesis | null {
  return typeof window !== 'undefined' && 'speechSynthesis' in window ? window.speechSynthesis : null;
}

const never = () => () => undefined;

/** Whether this browser can speak at all: some phones and most servers cannot. */
export function useCanSpeak(): boolean {
  return useSyncExternalStore(
    never,
    () => speech() !== null,
    () => false,
  );
}

/** Says a text by the browser’s own voice, in place of what it is still saying. */
function say(text: string): void {
  const voice = speech();
  if (!voice) return;
  voice.cancel();
  const spoken = new SpeechSynthesisUtterance(text);
  spoken.lang = 'en-US';
  voice.speak(spoken);
}

/** Reads a text aloud whenever it changes, while it is on; silent as soon as it is off or left. */
export function useSpoken(text: string, isOn: boolean): void {
  useEffect(() => {
    if (!isOn) return undefined;
    say(text);
    return () => speech()?.cancel();
  }, [text, isOn]);
}
