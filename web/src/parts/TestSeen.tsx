import { Button } from 'antd';
import type { ReactNode } from 'react';
import type { PanelView, StrandTestView } from '../api/client';
import { useTones, useVocabulary } from '../api/queries';
import { Lock } from '../hair/Tress';
import { halves } from '../state/strands';
import { Choice } from './Choice';
import { SecondToneFields } from './SecondToneFields';
import { SelectField } from './SelectField';
import { say } from '../words/say';

/** Before, predicted and seen side by side; what that says, and what accepting it changes. */
export function Compared({ view, done }: { view: PanelView; done: boolean }): ReactNode {
  const patches: [string, PanelView['before'], string][] = [
    [say('tests.before'), view.before, ''],
    [say('tests.predicted'), view.predicted, `(${view.range})`],
    ...(done ? [[say('tests.seen'), view.seen, ''] as [string, PanelView['before'], string]] : []),
  ];
  return (
    <>
      <div className="compared" aria-label={say('tests.predictedAndSeen')}>
        {patches.map(([words, look, range]) => (
          <figure key={words} className={words}>
            <Lock look={look} />
            <figcaption>
              <small>{words}</small> {look.levelWords} {look.tone} {range}
            </figcaption>
          </figure>
        ))}
      </div>
      {view.verdict === '' ? (
        <p className="quiet">{say('tests.afterwardsWet', { stretchAfter: view.stretchAfter })}</p>
      ) : (
        <p className={view.flagged ? 'verdict-line flagged' : 'verdict-line'} role="status">
          {view.verdict}
        </p>
      )}
      {view.changes.length > 0 && (
        <table className="changes">
          <caption className="unseen">{say('tests.whatAcceptingChanges')}</caption>
          <tbody>
            {view.changes
              .filter(
                ({ before, after, beforeSpread, afterSpread }) =>
                  before !== after || beforeSpread !== afterSpread,
              )
              .map((one) => (
                <tr key={one.factor}>
                  <th scope="row">{one.words}</th>
                  <td>
                    {one.before} → <strong>{one.after}</strong>
                  </td>
                  <td>
                    ± {Math.round(100 * one.beforeSpread)} → {Math.round(100 * one.afterSpread)} %
                  </td>
                </tr>
              ))}
            <tr>
              <th scope="row">{say('tests.levelAgain')}</th>
              <td colSpan={2}>
                {view.range} → <strong>{view.rangeAfter}</strong>
              </td>
            </tr>
          </tbody>
        </table>
      )}
    </>
  );
}

/** What was seen once it was rinsed and dried. */
export function SeenEditor(props: {
  test: StrandTestView;
  onChange: (change: Partial<StrandTestView>, merge?: string) => void;
}): ReactNode {
  const { test, onChange } = props;
  const vocabulary = useVocabulary().data;
  const tones = useTones('LIGHTENED', test.seen.level).data ?? [];
  const seen = (change: Partial<StrandTestView['seen']>, merge?: string): void =>
    onChange({ seen: { ...test.seen, ...change, done: true } }, merge);
  return (
    <div className="seen">
      <h3>{say('tests.resultRinsedAndDried')}</h3>
      <div className="level-line">
        <Button
          aria-label={say('tests.seenHalfALevelDarker')}
          onClick={() => seen({ level: test.seen.level - 0.5 })}
        >
          −½
        </Button>
        <strong className="seen-level">{test.seen.done ? halves(test.seen.level) : '?'}</strong>
        <Button
          aria-label={say('tests.seenHalfALevelLighter')}
          onClick={() => seen({ level: test.seen.level + 0.5 })}
        >
          +½
        </Button>
        <SelectField
          label={say('tests.toneOfTheResult')}
          value={test.seen.tone}
          // What was noted is named while the tones of its level are still on their way.
          options={(tones.length > 0 ? tones.map(({ tone }) => tone) : [test.seen.tone]).map((tone) => ({
            value: tone,
            words: vocabulary?.tones.find(({ value }) => value === tone)?.words ?? tone,
          }))}
          onChange={(tone) =>
            seen({ tone, second: test.seen.second.filter(({ tone: other }) => other !== tone) })
          }
        />
        <SecondToneFields
          name={say('visit.ofResult')}
          main={test.seen.tone}
          tones={tones.map(({ tone }) => tone)}
          second={test.seen.second}
          onSecond={(second) => seen({ second })}
        />
      </div>
      <Choice
        label={say('tests.wetStretchSeen')}
        value={test.seen.stretch}
        onChoose={(stretch) => seen({ stretch })}
        options={(vocabulary?.stretches ?? []).map(({ value, words }) => ({ value, label: words }))}
      />
      <Choice
        label={say('tests.breakage')}
        value={test.seen.breakage}
        onChoose={(breakage) => seen({ breakage })}
        options={(vocabulary?.breakages ?? []).map(({ value, words }) => ({
          value,
          label: value === 'NONE' ? say('tests.noBreakage') : words,
        }))}
      />
      <Button
        type={test.accepted ? 'default' : 'primary'}
        disabled={!test.seen.done}
        onClick={() => onChange({ accepted: !test.accepted })}
      >
        {test.accepted ? say('tests.countsTakeItBack') : say('tests.acceptItCountsForThis')}
      </Button>
    </div>
  );
}
