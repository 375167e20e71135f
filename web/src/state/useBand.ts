import type { BandView } from '../api/client';
import { useCase } from './caseContext';
import { withBand, type BandAt } from './strands';
import { refusedAt } from './refused';

/** The band in hand, how it is changed, and what of it was refused last. */
export function useBand(at: BandAt): {
  band: BandView | undefined;
  last: boolean;
  set: (change: Partial<BandView>, merge?: string) => void;
  refused: (field: string) => string | undefined;
  path: string;
} {
  const { document, state } = useCase();
  const { content, saving } = state;
  const zone = content.zones[at.zone];
  const path = `zones[${at.zone}].bands[${at.band}]`;
  return {
    band: zone?.bands[at.band],
    last: at.band === (zone?.bands.length ?? 0) - 1,
    set: (change, merge) => document.edit(withBand(content, at, change), merge),
    refused: (field) => refusedAt(saving, `${path}.${field}`, `${path}.detail.${field}`),
    path,
  };
}
