import type { ReactNode } from 'react';
import type { BandView, CaseFile, OutcomeView, PlanView, ZoneView } from '../api/client';
import { useVocabulary } from '../api/queries';
import { useLight } from '../state/light';
import { halves, longest, readingWords, type BandAt } from '../state/strands';
import { useWidth } from '../state/useWidth';

interface Props {
  plan: PlanView;
  content: CaseFile;
  chosen: BandAt | null;
  onChoose: (at: BandAt) => void;
}

type Column = PlanView['columns'][number];

const LABEL_WIDTH = 76;
const GAP = 14;

/**
 * The plan as a score: zones are the lines, the steps run along, and every step shows the strands as they will look after
 * it. Beside it stands what the target alone would have given.
 */
export function Score({ plan, content, chosen, onChoose }: Props): ReactNode {
  const [area, width] = useWidth<HTMLDivElement>();
  const places = useVocabulary().data?.places ?? [];
  // An equaliser changes no colour; it stands among the steps.
  const steps = plan.columns.filter(({ kind }) => kind !== 'EQUALISE');
  const columns: { column: Column; alone: boolean; first: boolean }[] = [
    ...steps.map((column, i) => ({ column, alone: false, first: i === 0 })),
    ...(plan.fills ? [{ column: plan.alone, alone: true, first: false }] : []),
  ];
  const columnWidth = (width - LABEL_WIDTH - GAP * columns.length) / columns.length;
  const pixelsPerCm = Math.max(0.5, (columnWidth - 14) / longest(content.zones));
  const fits = plan.answers.every((bands, z) => bands.length === content.zones[z]?.bands.length);
  return (
    <div
      ref={area}
      className="score"
      role="table"
      aria-label="The strands through the steps"
      style={{ gridTemplateColumns: `${LABEL_WIDTH}px repeat(${columns.length}, minmax(0, 1fr))` }}
    >
      <div role="row" className="score-row">
        <span role="columnheader" className="score-corner">
          <span className="unseen">Zone</span>
        </span>
        {columns.map(({ column, alone, first }) => (
          <span
            role="columnheader"
            key={column.title}
            className={alone ? 'score-title alone' : 'score-title'}
          >
            {first || alone ? column.title : `After ${lowerFirst(column.title)}`}
            {!alone && plan.stepCautions[plan.columns.indexOf(column) - 1]?.some(({ blocks }) => blocks) && (
              <b className="step-blocked">blocked</b>
            )}
          </span>
        ))}
      </div>
      {fits &&
        content.zones.map((zone, z) => (
          <div role="row" className="score-row" key={zone.place} data-zone={zone.place}>
            <span role="rowheader" className="score-label">
              {places.find(({ value }) => value === zone.place)?.words}
            </span>
            {columns.map(({ column, alone, first }) => (
              <div role="cell" key={column.title} className={alone ? 'score-cell alone' : 'score-cell'}>
                <ScoreStrand
                  zone={zone}
                  outcomes={column.outcomes[z] ?? []}
                  reading={first}
                  pixelsPerCm={pixelsPerCm}
                  chosen={chosen?.zone === z ? chosen.band : null}
                  onChoose={(band) => onChoose({ zone: z, band })}
                />
              </div>
            ))}
          </div>
        ))}
    </div>
  );
}

function lowerFirst(words: string): string {
  return words.charAt(0).toLowerCase() + words.slice(1);
}

function ScoreStrand(props: {
  zone: ZoneView;
  outcomes: OutcomeView[];
  reading: boolean;
  pixelsPerCm: number;
  chosen: number | null;
  onChoose: (band: number) => void;
}): ReactNode {
  const { light } = useLight();
  const { zone, outcomes, pixelsPerCm, reading } = props;
  return (
    <>
      <div className="score-strand">
        {zone.bands.map((band, b) => {
          const outcome = outcomes[b];
          const words = outcome ? said(band, outcome, reading) : '';
          return (
            <button
              key={b}
              type="button"
              className={outcome?.touched === false && !reading ? 'score-band untouched' : 'score-band'}
              aria-label={`${band.fromCm} to ${band.toCm} cm: ${words}. Why?`}
              aria-pressed={props.chosen === b}
              style={{
                width: (band.toCm - band.fromCm) * pixelsPerCm,
                backgroundColor: outcome?.look.colours[light],
              }}
              onClick={() => props.onChoose(b)}
            >
              {(band.toCm - band.fromCm) * pixelsPerCm > 24 && (
                <span>
                  {reading || outcome?.touched === false ? halves(band.level) : outcome?.look.levelWords}
                </span>
              )}
            </button>
          );
        })}
      </div>
      <p className="score-words">{sentence(zone, outcomes, reading)}</p>
    </>
  );
}

/** A prediction is told with its range; what the step did not touch stays as it was read. */
function said(band: BandView, outcome: OutcomeView, reading: boolean): string {
  return reading || !outcome.touched
    ? readingWords(band, outcome.look)
    : `${outcome.look.levelWords} ${outcome.look.tone} (${outcome.range})`;
}

/** From the scalp down; neighbours that read the same are said once. */
function sentence(zone: ZoneView, outcomes: OutcomeView[], reading: boolean): string {
  return zone.bands
    .flatMap((band, b) => {
      const outcome = outcomes[b];
      return outcome ? [said(band, outcome, reading)] : [];
    })
    .filter((words, i, all) => words !== all[i - 1])
    .join(' · ');
}
