import { Drawer, Button } from 'antd';
import type { ReactNode } from 'react';
import { answered, api, type MethodView, type Vocabulary } from '../api/client';
import { useHouse, useVocabulary } from '../api/queries';
import { useQueryClient } from '@tanstack/react-query';
import { useCase } from '../state/caseContext';
import { Choice } from './Choice';
import { useTell } from '../state/useTell';
import { say } from '../words/say';

const QUESTIONS: { of: keyof MethodView; list: keyof Vocabulary; words: () => string }[] = [
  { of: 'filler', list: 'schools', words: () => say('decide.filler') },
  { of: 'rinse', list: 'rinses', words: () => say('decide.afterTheFiller') },
  { of: 'fillerOn', list: 'fillerOns', words: () => say('decide.fillerGoesOn') },
  { of: 'hold', list: 'holds', words: () => say('decide.colourOnLightenedHair') },
  { of: 'takeOut', list: 'takeOuts', words: () => say('decide.oldDarkColour') },
  { of: 'pull', list: 'pulls', words: () => say('decide.lightener') },
  { of: 'between', list: 'betweens', words: () => say('decide.betweenTwoLayings') },
  { of: 'start', list: 'starts', words: () => say('decide.applicationBegins') },
  { of: 'pace', list: 'paces', words: () => say('decide.time') },
];

interface Option {
  value: string;
  words: string;
  why: string;
}

/** The schools of this case, each with why and when. */
export function MethodPanel({ open, onClose }: { open: boolean; onClose: () => void }): ReactNode {
  const { document, state } = useCase();
  const vocabulary = useVocabulary().data;
  const house = useHouse().data;
  const queries = useQueryClient();
  const tell = useTell();
  const { method } = state.content;
  return (
    <Drawer title={say('decide.schools')} open={open} onClose={onClose} size={560}>
      <div className="wish-panel">
        {QUESTIONS.map(({ of, list, words }) => {
          const options = (vocabulary?.[list] ?? []) as unknown as Option[];
          return (
            <section key={of}>
              <h3>{words()}</h3>
              <Choice
                label={words()}
                value={method[of]}
                onChoose={(value) => document.edit({ ...state.content, method: { ...method, [of]: value } })}
                options={options.map(({ value, words: label }) => ({ value, label }))}
              />
              <p className="school-why">{options.find(({ value }) => value === method[of])?.why}</p>
            </section>
          );
        })}
        {house && (
          <Button
            onClick={() =>
              tell(
                answered(api.PUT('/api/house', { body: { ...house, method } })).then(() =>
                  queries.invalidateQueries({ queryKey: ['house'] }),
                ),
              )
            }
          >
            {say('decide.beginEveryNewCaseWith')}
          </Button>
        )}
      </div>
    </Drawer>
  );
}
