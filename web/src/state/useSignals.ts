import { useEffect, useRef, useState } from 'react';
import type { ClockView } from '../api/client';
import { phaseOf, type Phase } from './useJobTime';

const KEPT_SOUND = 'mischung.sound';
const TONES: Record<Phase, number[]> = {
  TOO_EARLY: [],
  RIGHT: [660, 880],
  SOON_LATE: [880, 880],
  LATE: [990, 660, 990],
};

interface Signals {
  sound: boolean;
  setSound: (on: boolean) => void;
  /** Browsers let a page sound only after a press. */
  wake: () => void;
}

/** Sounds when a clock comes into another part of its window. Made here, without any file. */
export function useSignals(clocks: ClockView[], now: number): Signals {
  const [sound, setSound] = useState(() => localStorage.getItem(KEPT_SOUND) !== 'off');
  const audio = useRef<AudioContext | null>(null);
  const before = useRef(new Map<string, Phase>());
  useEffect(() => {
    for (const clock of clocks) {
      const phase = phaseOf(clock, now);
      const was = before.current.get(clock.key);
      if (was !== undefined && was !== phase && sound && audio.current) {
        play(audio.current, TONES[phase]);
      }
      before.current.set(clock.key, phase);
    }
  }, [clocks, now, sound]);
  return {
    sound,
    setSound: (on) => {
      localStorage.setItem(KEPT_SOUND, on ? 'on' : 'off');
      setSound(on);
    },
    wake: () => {
      audio.current ??= new AudioContext();
    },
  };
}

function play(audio: AudioContext, tones: number[]): void {
  tones.forEach((frequency, i) => {
    const tone = audio.createOscillator();
    const loud = audio.createGain();
    const from = audio.currentTime + i * 0.22;
    tone.frequency.value = frequency;
    loud.gain.setValueAtTime(0.2, from);
    loud.gain.exponentialRampToValueAtTime(0.001, from + 0.2);
    tone.connect(loud).connect(audio.destination);
    tone.start(from);
    tone.stop(from + 0.2);
  });
}
