import type { ReactNode } from 'react';
import { useCase } from '../state/caseContext';
import { AimFields } from './AimFields';
import { say } from '../words/say';

/** The main colour of the wish. */
export function WishEditor(): ReactNode {
  const { document, state } = useCase();
  const { wish } = state.content;
  return (
    <div className="wish">
      <span className="wish-title">{say('visit.wish')}</span>
      <AimFields
        name={say('visit.ofWished')}
        aim={wish}
        onAim={({ level, tone, second, picked }) =>
          document.edit({ ...state.content, wish: { ...wish, level, tone, second, picked } })
        }
      />
    </div>
  );
}
