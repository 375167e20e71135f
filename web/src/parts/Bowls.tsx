import { Button } from 'antd';
import { useState, type ReactNode } from 'react';
import type { BowlView, PlanView } from '../api/client';
import { useVocabulary } from '../api/queries';
import { useCase } from '../state/caseContext';
import { Reasons } from './Reasons';
import { capital } from '../state/words';

/** What is mixed, in the order it is needed. */
export function Bowls({ plan }: { plan: PlanView }): ReactNode {
  return (
    <section aria-label="Bowls" className="bowls">
      <h2>
        Bowls{' '}
        <small>
          {plan.colourGrams} g colour
          {plan.developerGrams > 0 && `, ${plan.developerGrams} g developer`}
        </small>
      </h2>
      {plan.treatments
        .filter(({ action }) => action !== 'WAIT')
        .map((treatment) => (
          <article className="bowl" key={`treatment ${treatment.step} ${treatment.action}`}>
            <header>
              <b className="bowl-name">–</b>
              <div>
                <strong>{capital(treatment.words)}</strong>
                <small>{treatment.zones.join(', ')}</small>
              </div>
            </header>
            <p className="weigh">
              {treatment.grams > 0 && <b>{treatment.grams} g</b>}{' '}
              <i>
                {treatment.times > 1 && `${treatment.times} rounds, `}
                {treatment.minutes} min
                {treatment.action === 'EQUALISE' && ', left in'}
              </i>
            </p>
            <Reasons reasons={treatment.reasons} />
          </article>
        ))}
      <Unwanted />
      {plan.bowls.map((bowl) => (
        <Bowl key={bowl.name} bowl={bowl} />
      ))}
    </section>
  );
}

/** What was taken off the shelf for this case, to be put back. */
function Unwanted(): ReactNode {
  const { document, state } = useCase();
  const shades = useVocabulary().data?.shades ?? [];
  const { content } = state;
  return (
    content.notWanted.length > 0 && (
      <p className="unwanted">
        Not wanted:{' '}
        {content.notWanted.map((code) => (
          <Button
            key={code}
            aria-label={`Take ${code} again`}
            onClick={() =>
              document.edit({ ...content, notWanted: content.notWanted.filter((one) => one !== code) })
            }
          >
            {shades.find((shade) => shade.code === code)?.words ?? code} ×
          </Button>
        ))}
      </p>
    )
  );
}

function Bowl({ bowl }: { bowl: BowlView }): ReactNode {
  const [open, setOpen] = useState(false);
  return (
    <article className="bowl" data-bowl={bowl.name}>
      <header>
        <b className="bowl-name">{bowl.name}</b>
        <div>
          <strong>{bowl.title}</strong>
          <small>
            {bowl.placeWords} · {bowl.zones.join(', ')}
          </small>
        </div>
      </header>
      <ul className="weighs">
        {bowl.parts.map((part) => (
          <li className="weigh" key={part.shade}>
            <b>{part.grams} g</b> {part.shade}
            <i>
              {part.parts} {part.parts === 1 ? 'part' : 'parts'}
            </i>
            {part.code && !part.clear && <NotWanted code={part.code} words={part.shade} />}
          </li>
        ))}
        <li className="weigh">
          {bowl.developerGrams > 0 && (
            <>
              <b>{bowl.developerGrams} g</b> {bowl.developer}
            </>
          )}
          <i>{bowl.ratio}</i>
        </li>
      </ul>
      <footer>
        <span>
          <b>{bowl.minutes} min</b> · {bowl.classWords} · {bowl.totalGrams} g in all
        </span>
        <Button
          size="small"
          aria-expanded={open}
          aria-label={`Why bowl ${bowl.name}`}
          onClick={() => setOpen(!open)}
        >
          {open ? 'Close' : 'Why'}
        </Button>
      </footer>
      {open && <Reasons reasons={bowl.reasons} />}
    </article>
  );
}

/** A shade that is out or not wanted: the nearest from the shelf takes its place, and the reasons say what it costs. */
function NotWanted({ code, words }: { code: string; words: string }): ReactNode {
  const { document, state } = useCase();
  return (
    <Button
      size="small"
      type="text"
      className="not-wanted"
      aria-label={`${words} is out or not wanted`}
      onClick={() =>
        document.edit({ ...state.content, notWanted: [...new Set([...state.content.notWanted, code])] })
      }
    >
      out
    </Button>
  );
}
