import { Button } from 'antd';
import { useState, type ReactNode } from 'react';
import type { BowlView, PlanView } from '../api/client';
import { useVocabulary } from '../api/queries';
import { useCase } from '../state/caseContext';
import { Reasons } from './Reasons';
import { capital } from '../state/words';
import { say } from '../words/say';

/** What is mixed, in the order it is needed. */
export function Bowls({ plan }: { plan: PlanView }): ReactNode {
  return (
    <section aria-label={say('plan.bowls')} className="bowls">
      <h2>
        {say('plan.bowls')}{' '}
        <small>
          {say('plan.gColour', {
            colourGrams: plan.colourGrams,
            developerGrams:
              plan.developerGrams > 0 && say('plan.gDeveloper', { developerGrams: plan.developerGrams }),
          })}
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
              {treatment.grams > 0 && <b>{say('plan.g', { grams: treatment.grams })}</b>}{' '}
              <i>
                {say('plan.min', {
                  times: treatment.times > 1 && say('plan.rounds', { times: treatment.times }),
                  minutes: treatment.minutes,
                  action: treatment.action === 'EQUALISE' && say('plan.leftIn'),
                })}
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
        {say('plan.notWanted')}{' '}
        {content.notWanted.map((code) => (
          <Button
            key={code}
            aria-label={say('plan.takeAgain', { code })}
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
            <b>{say('plan.g', { grams: part.grams })}</b> {part.shade}
            <i>
              {part.parts} {part.parts === 1 ? 'part' : 'parts'}
            </i>
            {part.code && !part.clear && <NotWanted code={part.code} words={part.shade} />}
          </li>
        ))}
        <li className="weigh">
          {bowl.developerGrams > 0 && (
            <>
              <b>{say('plan.g2', { developerGrams: bowl.developerGrams })}</b> {bowl.developer}
            </>
          )}
          <i>{bowl.ratio}</i>
        </li>
      </ul>
      <footer>
        <span>
          <b>{say('plan.min2', { minutes: bowl.minutes })}</b>{' '}
          {say('plan.gInAll', { classWords: bowl.classWords, totalGrams: bowl.totalGrams })}
        </span>
        <Button
          size="small"
          aria-expanded={open}
          aria-label={say('plan.whyBowl', { name: bowl.name })}
          onClick={() => setOpen(!open)}
        >
          {open ? say('plan.close') : say('plan.why')}
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
      aria-label={say('plan.isOutOrNotWanted', { words })}
      onClick={() =>
        document.edit({ ...state.content, notWanted: [...new Set([...state.content.notWanted, code])] })
      }
    >
      {say('plan.out')}
    </Button>
  );
}
