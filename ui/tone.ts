/** Two soft notes, a fourth apart, in hertz; each is heard for so long, in seconds. */
const NOTES = [440, 587];
const LENGTH = 0.35;

let context: AudioContext | undefined;

/** Plays our tone. Where the browser does not let a page be heard before it was used, nothing is. */
export function playTone(): void {
  try {
    context ??= new AudioContext();
    const { currentTime, destination } = context;
    NOTES.forEach((hertz, i) => {
      const from = currentTime + i * LENGTH * 0.6;
      const tone = new OscillatorNode(context as AudioContext, { type: 'sine', frequency: hertz });
      const loudness = new GainNode(context as AudioContext, { gain: 0 });
      loudness.gain.setValueAtTime(0, from);
      loudness.gain.linearRampToValueAtTime(0.12, from + 0.03);
      loudness.gain.exponentialRampToValueAtTime(0.001, from + LENGTH);
      tone.connect(loudness).connect(destination);
      tone.start(from);
      tone.stop(from + LENGTH);
    });
  } catch {
    // no way to be heard
  }
}
