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

/** Every light there is, in the order in which they are switched through; what they are called the vocabulary says. */
const LIGHTS: Record<Light, number> = { daylight: 0, sun: 1, warm: 2, tube: 3, shop: 4 };

/** @return whether something kept by a browser is a light of this program */
export function isLight(kept: string | null): kept is Light {
  return kept !== null && kept in LIGHTS;
}

export function nextLight(light: Light): Light {
  const all = Object.keys(LIGHTS).filter(isLight);
  return all[(LIGHTS[light] + 1) % all.length] ?? 'daylight';
}
