import { useSettings } from '../stores/settingsStore.ts';

/** Say something aloud, when the screen is set to speak and the browser can. */
export function speak(text: string): void {
  if (!useSettings.getState().speak || !('speechSynthesis' in window)) return;
  window.speechSynthesis.cancel();
  window.speechSynthesis.speak(new SpeechSynthesisUtterance(text));
}
