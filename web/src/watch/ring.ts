const TONES = [880, 660, 880];
const TONE_SECONDS = 0.35;

/** A bell made here; nothing is heard where the browser doesn’t let a page sound before it was touched. */
export function ring(): void {
  if (navigator.userActivation?.hasBeenActive === false) {
    return;
  }
  try {
    const audio = new AudioContext();
    TONES.forEach((hertz, index) => {
      const tone = audio.createOscillator();
      const loudness = audio.createGain();
      const at = audio.currentTime + index * TONE_SECONDS;
      tone.frequency.value = hertz;
      loudness.gain.setValueAtTime(0.25, at);
      loudness.gain.exponentialRampToValueAtTime(0.001, at + TONE_SECONDS);
      tone.connect(loudness).connect(audio.destination);
      tone.start(at);
      tone.stop(at + TONE_SECONDS);
    });
  } catch {
    // Without sound the clock on the page stays.
  }
}
