/** Two short notes and a buzz, where the device has a voice and a motor; nothing where it has not. */
export function signal() {
  // Not every browser has it, whatever the types say.
  (navigator as Partial<Navigator>).vibrate?.([200, 100, 200]);
  try {
    const audio = new AudioContext();
    [0, 0.35].forEach((at) => {
      const note = audio.createOscillator();
      const volume = audio.createGain();
      note.frequency.value = 880;
      volume.gain.value = 0.2;
      note.connect(volume).connect(audio.destination);
      note.start(audio.currentTime + at);
      note.stop(audio.currentTime + at + 0.2);
    });
    setTimeout(() => void audio.close(), 1000);
  } catch {
    // Without sound the figure turns red all the same.
  }
}
