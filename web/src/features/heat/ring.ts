/** Ring three times, where the browser lets a page make a sound. */
export function ring(): void {
  if (!('AudioContext' in window)) return;
  const audio = new AudioContext();
  for (const beat of [0, 0.35, 0.7]) {
    const tone = audio.createOscillator();
    const level = audio.createGain();
    tone.frequency.value = 880;
    level.gain.setValueAtTime(0.25, audio.currentTime + beat);
    level.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + beat + 0.3);
    tone.connect(level).connect(audio.destination);
    tone.start(audio.currentTime + beat);
    tone.stop(audio.currentTime + beat + 0.3);
  }
  setTimeout(() => void audio.close(), 1500);
}
