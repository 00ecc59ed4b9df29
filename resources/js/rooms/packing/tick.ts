import { keep, recall } from '@/shared/keep';

const MUTED = 'packing muted';
const isFlag = (value: unknown): value is boolean => typeof value === 'boolean';

let sound: AudioContext | null = null;

/** A soft tick for a key that the server has confirmed; a device that makes no sound goes on without. */
export function tick(): void {
  if (isMuted()) return;
  try {
    sound ??= new AudioContext();
    const tone = sound.createOscillator();
    const volume = sound.createGain();
    tone.frequency.value = 880;
    volume.gain.setValueAtTime(0.05, sound.currentTime);
    volume.gain.exponentialRampToValueAtTime(0.0005, sound.currentTime + 0.07);
    tone.connect(volume).connect(sound.destination);
    tone.start();
    tone.stop(sound.currentTime + 0.08);
  } catch {
    sound = null;
  }
}

export function isMuted(): boolean {
  return recall(MUTED, isFlag, false);
}

export function mute(muted: boolean): void {
  keep(MUTED, muted ? true : null);
}
