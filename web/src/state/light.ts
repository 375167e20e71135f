import { createContext, useContext } from 'react';
import type { Light } from '../api/client';

export interface LightSwitch {
  light: Light;
  setLight: (light: Light) => void;
}

export const LightContext = createContext<LightSwitch>({ light: 'daylight', setLight: () => undefined });

export function useLight(): LightSwitch {
  return useContext(LightContext);
}

export const LIGHTS: { value: Light; label: string }[] = [
  { value: 'daylight', label: 'Daylight' },
  { value: 'warm', label: 'Warm' },
  { value: 'cool', label: 'Cool' },
];
