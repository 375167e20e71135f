import { Button, Spin } from 'antd';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { problemOf, type ModelRun } from '../api/client';
import { useModelRun } from '../api/queries';
import { Cautions } from '../parts/Cautions';
import { LightSelect } from '../parts/LightSelect';
import { ModelChecks } from '../parts/ModelChecks';
import { ModelControls } from '../parts/ModelControls';
import { ModelFindings, ModelStrands } from '../parts/ModelStrands';
import { ProblemNote } from '../parts/ProblemNote';
import { FIRST_RUN } from '../state/modelRun';
import { useSettled } from '../state/useSettled';
import { Logo } from '../parts/Logo';
import { say } from '../words/say';

/** The model tried out on one band, what it is held against, and what it is not. */
export function ModelPage(): ReactNode {
  const [run, setRun] = useState<ModelRun>(FIRST_RUN);
  const settled = useSettled(run, 120);
  const answer = useModelRun(settled);
  return (
    <>
      <header className="bar">
        <title>{say('model.theModelAtWorkMischung')}</title>
        <Link to="/" className="logo" aria-label={say('model.mischungAllCases')}>
          <Logo />
        </Link>
        <h1>{say('model.theModelAtWork')}</h1>
        <span className="push" />
        <LightSelect />
        <Button onClick={() => setRun(FIRST_RUN)}>{say('model.beginAnew')}</Button>
      </header>
      <main className="model">
        <div className="model-bench">
          <ModelControls run={run} onRun={setRun} />
          <div className="model-result" aria-busy={answer.isFetching}>
            {answer.isPending && <Spin className="wait" />}
            {answer.isError && <ProblemNote problem={problemOf(answer.error)} />}
            {answer.data && (
              <>
                <ModelStrands view={answer.data} kind={settled.product.kind} />
                {answer.data.cautions.length > 0 && <Cautions cautions={answer.data.cautions} />}
                <ModelFindings view={answer.data} run={settled} />
              </>
            )}
          </div>
        </div>
        <About />
        <ModelChecks />
      </main>
    </>
  );
}

function About(): ReactNode {
  return (
    <section className="about" aria-label={say('model.aboutTheModel')}>
      <div>
        <h2>{say('model.whatItIs')}</h2>
        <p>{say('model.aBandOfHairIs')}</p>
        <p>{say('model.everyRangeComesFrom200')}</p>
      </div>
      <div>
        <h2>{say('model.whatItIsNot')}</h2>
        <p>{say('model.itIsNotAMeasurement')}</p>
        <p>{say('model.itKnowsNothingOfMetallic')}</p>
      </div>
    </section>
  );
}
