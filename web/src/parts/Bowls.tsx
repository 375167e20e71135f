import { Button } from 'antd';
import { useState, type ReactNode } from 'react';
import type { BowlView, PlanView } from '../api/client';
import { Reasons } from './Reasons';

/** What is mixed, in the order it is needed. */
export function Bowls({ plan }: { plan: PlanView }): ReactNode {
  return (
    <section aria-label="Bowls" className="bowls">
      <h2>
        Bowls{' '}
        <small>
          {plan.colourGrams} g colour, {plan.developerGrams} g developer
        </small>
      </h2>
      {plan.treatments.map((treatment) => (
        <article className="bowl" key={`treatment ${treatment.step}`}>
          <header>
            <b className="bowl-name">–</b>
            <div>
              <strong>Equaliser</strong>
              <small>porous hair · {treatment.zones.join(', ')}</small>
            </div>
          </header>
          <p className="weigh">
            <b>{treatment.grams} g</b> equaliser <i>{treatment.minutes} min, left in</i>
          </p>
          <Reasons reasons={treatment.reasons} />
        </article>
      ))}
      {plan.bowls.map((bowl) => (
        <Bowl key={bowl.name} bowl={bowl} />
      ))}
    </section>
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
          </li>
        ))}
        <li className="weigh">
          <b>{bowl.developerGrams} g</b> {bowl.developer}
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
