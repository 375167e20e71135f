import type { ReactNode } from 'react';
import type { Place } from '../api/client';
import { useVocabulary } from '../api/queries';
import { useCase } from '../state/caseContext';
import { cmWords, readingWords, showsGrey, type BandAt } from '../state/strands';
import { BandColour } from './BandColour';
import { BandFeel } from './BandFeel';
import { BandMeasure } from './BandMeasure';
import { Choice } from './Choice';
import { capital } from '../state/words';
import { say } from '../words/say';

interface Props {
  at: BandAt;
  nameOf: (place: Place) => string;
  side: Side;
  onSide: (side: Side) => void;
}

export type Side = 'colour' | 'feel' | 'measure';

const SIDES: { value: Side; label: () => string }[] = [
  { value: 'colour', label: () => say('read.colour') },
  { value: 'feel', label: () => say('read.feelAndPast') },
  { value: 'measure', label: () => say('read.measure') },
];

/** One band in hand: from where to where, how deep, what tone, how it feels, what lies beneath. */
export function BandPanel({ at, nameOf, side, onSide }: Props): ReactNode {
  const { document, state } = useCase();
  const vocabulary = useVocabulary().data;
  const { content } = state;
  const zone = content.zones[at.zone];
  const band = zone?.bands[at.band];
  if (!zone || !band) {
    return null;
  }
  const look = document.look(band);
  const measured = band.detail.measured.length;
  return (
    <aside className="panel" aria-label={say('read.band')}>
      <h2>
        {say('read.cm', {
          place: nameOf(zone.place),
          fromCm: cmWords(band.fromCm),
          toCm: cmWords(band.toCm),
        })}
      </h2>
      <p className={measured > 0 ? 'panel-reading measured' : 'panel-reading'}>
        {!zone.read ? (
          capital(say('read.notReadYet'))
        ) : (
          <>
            {band.kind === 'NATURAL'
              ? say('read.asItGrew')
              : `${capital(vocabulary?.kinds.find(({ value }) => value === band.kind)?.words ?? '')}.`}{' '}
            {measured > 0 ? say('read.measured', { measured }) : say('read.reads')}{' '}
            <strong>{look ? readingWords(band, look) : '…'}</strong>
            {look && showsGrey(band) && (
              <>{say('read.asAWholeLike', { levelWords: look.levelWords, tone: look.tone })}</>
            )}
          </>
        )}
      </p>
      <Choice
        label={say('read.whatOfTheBand')}
        value={side}
        onChoose={onSide}
        options={SIDES.map(({ value, label }) => ({ value, label: label() }))}
      />
      {side === 'colour' && <BandColour at={at} />}
      {side === 'feel' && <BandFeel at={at} />}
      {side === 'measure' && <BandMeasure at={at} />}
    </aside>
  );
}
