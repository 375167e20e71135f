import { Button, Spin } from 'antd';
import type { ReactNode } from 'react';
import { problemOf, type Place, type StrandTestView, type StrandTestsView } from '../api/client';
import { useModelChoices, useStrandTests, useVocabulary } from '../api/queries';
import { ProblemNote } from '../parts/ProblemNote';
import { TestPanel } from '../parts/TestPanel';
import { useCase } from '../state/caseContext';
import { asUsual, FIRST_RUN } from '../state/modelRun';
import { say } from '../words/say';

/** Panels side by side: tried, timed, seen, and beside each what had been predicted. */
export function TestsPage(): ReactNode {
  const { document, state } = useCase();
  const tests = useStrandTests(state.id, state.version);
  const choices = useModelChoices().data;
  const places = useVocabulary().data?.places ?? [];
  const { content } = state;
  const nameOf = (place: Place): string => places.find(({ value }) => value === place)?.words ?? '';
  const set = (strandTests: StrandTestView[], merge?: string): void =>
    document.edit({ ...content, strandTests }, merge);
  const add = (): void => {
    const zone = content.zones[content.zones.length - 1];
    const band = zone?.bands.at(-1);
    const product = choices?.products.find(({ value }) => value === 'LIGHTENER');
    if (zone && band && product) {
      const like = content.strandTests.at(-1);
      set([
        ...content.strandTests,
        {
          place: like?.place ?? zone.place,
          band: like?.band ?? band,
          onHead: true,
          product: like?.product ?? asUsual(FIRST_RUN.product, product),
          startedAt: '',
          minutesOn: 0,
          seen: {
            second: [],
            done: false,
            level: like?.band.level ?? band.level,
            tone: 'AS_LIFTED',
            breakage: 'NONE',
            stretch: 'SPRINGS_BACK',
          },
          accepted: false,
        },
      ]);
    }
  };
  return (
    <main className="tests">
      <div className="tests-head">
        <h2 className="page-says">{say('tests.strandTests')}</h2>
        <p className="quiet">{say('tests.onAHiddenPanelOr')}</p>
        <Button type="primary" disabled={!choices} onClick={add}>
          {say('tests.addAPanel')}
        </Button>
      </div>
      {tests.isPending && <Spin className="wait" />}
      {tests.isError && <ProblemNote problem={problemOf(tests.error)} />}
      {content.strandTests.length === 0 && <p className="hint">{say('tests.noPanelYetTheRanges')}</p>}
      <div className="panels">
        {content.strandTests.map((test, i) => (
          <TestPanel
            key={i}
            number={i + 1}
            test={test}
            view={tests.data?.panels[i]}
            nameOf={nameOf}
            onChange={(change, merge) =>
              set(
                content.strandTests.map((t, j) => (j === i ? { ...t, ...change } : t)),
                merge && `${merge} ${i}`,
              )
            }
            onRemove={() => set(content.strandTests.filter((_, j) => j !== i))}
          />
        ))}
      </div>
      {tests.data && tests.data.counted > 0 && <Known tests={tests.data} />}
    </main>
  );
}

function Known({ tests }: { tests: StrandTestsView }): ReactNode {
  return (
    <section className="known" aria-label={say('tests.knownOfThisClient')}>
      <h3>{say('tests.knownOfThisClientFrom', { counted: tests.counted })}</h3>
      {tests.known.map((one) => (
        <span key={one.factor}>
          {one.words} <strong>{one.after} ×</strong>{' '}
          {say('tests.theAverageUntested', {
            afterSpread: Math.round(100 * one.afterSpread),
            beforeSpread: Math.round(100 * one.beforeSpread),
          })}
        </span>
      ))}
      {tests.products.map((one) => (
        <span key={one.code}>
          {say('tests.onThisClient', { name: one.name })} <strong>{one.times} ×</strong>{' '}
          {say('tests.itsAverageLiftFromTests', { tests: one.tests })}
        </span>
      ))}
    </section>
  );
}
