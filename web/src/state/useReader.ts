import { useRef, useState } from 'react';
import { answered, api, problemOf, type MeasuredLook, type Place, type Problem } from '../api/client';
import { useCase } from './caseContext';
import { withDetail, type BandAt } from './strands';

/** One measurement, held so far from the scalp. */
export function askReader(id: number, place: Place, cm: number): Promise<MeasuredLook> {
  return answered(api.POST('/api/cases/{id}/reader', { params: { path: { id } }, body: { place, cm } }));
}

/** Asks the colour reader for one band; what went wrong is said and changes nothing. */
export function useReader(at: BandAt): {
  busy: boolean;
  problem: Problem | null;
  read: (times: number) => Promise<void>;
} {
  const { document, state } = useCase();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<Problem | null>(null);
  const reading = useRef(false);
  const read = async (times: number): Promise<void> => {
    const zone = state.content.zones[at.zone];
    const band = zone?.bands[at.band];
    if (!zone || !band || reading.current) {
      return;
    }
    reading.current = true;
    setBusy(true);
    try {
      for (let i = 0; i < times; i++) {
        const answer = await askReader(state.id, zone.place, (band.fromCm + band.toCm) / 2);
        const now = document.snapshot().content;
        const before = now.zones[at.zone]?.bands[at.band]?.detail.measured ?? [];
        document.edit(withDetail(now, at, { measured: [...before, answer.measured] }), 'reader');
      }
      setProblem(null);
    } catch (error) {
      setProblem(problemOf(error));
    } finally {
      reading.current = false;
      setBusy(false);
    }
  };
  return { busy, problem, read };
}
