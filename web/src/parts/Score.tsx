import type { ReactNode } from 'react';
import type { BandView, CaseFile, OutcomeView, PlanView, WorkedZone } from '../api/client';
import { halves, longest, readingWords, type BandAt } from '../state/strands';
import { useWidth } from '../state/useWidth';
import { WorkedStrand } from './WorkedStrand';
import { lowerFirst } from '../state/words';
import { say } from '../words/say';

interface Props {
  plan: PlanView;
  content: CaseFile;
  chosen: BandAt | null;
  onChoose: (at: BandAt) => void;
}

type Column = PlanView['columns'][number];

/** Rounds after which hair looks as before. */
const COLOURLESS: string[] = ['EQUALISE', 'TREATMENT', 'DRY'];
const LABEL_WIDTH = 76;
const GAP = 14;

/**
 * The plan as a score: zones are the lines, the steps run along, and every step shows the strands as they will look after
 * it. Beside it stands what the target alone would have given.
 */
export function Score({ plan, content, chosen, onChoose }: Props): ReactNode {
  const [area, width] = useWidth<HTMLDivElement>();
  // What changes no colour stands among the steps.
  const steps = plan.columns.filter(({ kind }, i) => i === 0 || !COLOURLESS.includes(kind));
  const columns: { column: Column; alone: boolean; first: boolean }[] = [
    ...steps.map((column, i) => ({ column, alone: false, first: i === 0 })),
    ...(plan.fills ? [{ column: plan.alone, alone: true, first: false }] : []),
  ];
  const columnWidth = (width - LABEL_WIDTH - GAP * columns.length) / columns.length;
  const pixelsPerCm = Math.max(0.5, (columnWidth - 14) / longest(content.zones));
  // While a changed case is planned anew, the plan of the head before may still be on the screen.
  const fits = plan.zones.every((zone, z) =>
    zone.bands.every(({ read }) => content.zones[z]?.bands[read] !== undefined),
  );
  return (
    <div
      ref={area}
      className="score"
      role="table"
      aria-label={say('plan.theStrandsThroughTheSteps')}
      style={{ gridTemplateColumns: `${LABEL_WIDTH}px repeat(${columns.length}, minmax(0, 1fr))` }}
    >
      <div role="row" className="score-row">
        <span role="columnheader" className="score-corner">
          <span className="unseen">{say('plan.zone')}</span>
        </span>
        {columns.map(({ column, alone, first }) => (
          <span
            role="columnheader"
            key={`${column.visit} ${column.title}`}
            className={alone ? 'score-title alone' : 'score-title'}
          >
            {first || alone ? column.title : say('plan.after', { title: lowerFirst(column.title) })}
            {!alone && plan.stepCautions[plan.columns.indexOf(column) - 1]?.some(({ blocks }) => blocks) && (
              <b className="step-blocked">{say('plan.blocked')}</b>
            )}
          </span>
        ))}
      </div>
      {fits &&
        plan.zones.map((zone, z) => (
          <div role="row" className="score-row" key={zone.words} data-zone={content.zones[z]?.place}>
            <span role="rowheader" className="score-label">
              {zone.words}
            </span>
            {columns.map(({ column, alone, first }) => (
              <div
                role="cell"
                key={`${column.visit} ${column.title}`}
                className={alone ? 'score-cell alone' : 'score-cell'}
              >
                <ScoreStrand
                  zone={zone}
                  read={content.zones[z]?.bands ?? []}
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

function ScoreStrand(props: {
  zone: WorkedZone;
  read: BandView[];
  outcomes: OutcomeView[];
  reading: boolean;
  pixelsPerCm: number;
  chosen: number | null;
  onChoose: (band: number) => void;
}): ReactNode {
  const { zone, outcomes, reading } = props;
  const told = (b: number): string => {
    const outcome = outcomes[b];
    const band = props.read[zone.bands[b]?.read ?? 0];
    return outcome && band ? said(band, outcome, reading, zone.bands[b]?.stretch.weave ?? 'ALL') : '';
  };
  const figure = (b: number): string => {
    const outcome = outcomes[b];
    const band = props.read[zone.bands[b]?.read ?? 0];
    return (reading ? band && halves(band.level) : outcome?.look.levelWords) ?? '';
  };
  const words = zone.bands.map((_, b) => told(b)).filter((one, i, all) => one !== all[i - 1]);
  return (
    <>
      <WorkedStrand
        zone={zone}
        outcomes={outcomes}
        pixelsPerCm={props.pixelsPerCm}
        height={32}
        said={told}
        figure={figure}
        chosen={props.chosen}
        onChoose={props.onChoose}
      />
      <p className="score-words">{words.join(' · ')}</p>
    </>
  );
}

/** A prediction is told with its range; what was read is told as it was read. */
function said(band: BandView, outcome: OutcomeView, reading: boolean, weave: string): string {
  const which = weave === 'PIECES' ? say('plan.pieces') : weave === 'REST' ? say('plan.rest') : '';
  if (outcome.cut) {
    return say('plan.cutOff');
  }
  return (
    which +
    (reading
      ? readingWords(band, outcome.look)
      : `${outcome.look.levelWords} ${outcome.look.tone} (${outcome.range})`)
  );
}
