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

/** The model tried out on one band, what it is held against, and what it is not. */
export function ModelPage(): ReactNode {
  const [run, setRun] = useState<ModelRun>(FIRST_RUN);
  const settled = useSettled(run, 120);
  const answer = useModelRun(settled);
  return (
    <>
      <header className="bar">
        <title>The model at work · Mischung</title>
        <Link to="/" className="logo" aria-label="Mischung, all cases">
          misch<em>u</em>ng
        </Link>
        <h1>The model at work</h1>
        <span className="push" />
        <LightSelect />
        <Button onClick={() => setRun(FIRST_RUN)}>Begin anew</Button>
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
    <section className="about" aria-label="About the model">
      <div>
        <h2>What it is</h2>
        <p>
          A band of hair is a set of pigment amounts: two melanins, the warm residue that lifting leaves, the
          yellow of keratin, oxidative and direct dye. What is laid on it changes the amounts; the colour
          follows from them by published optics, in any light. White fibres are mixed in by the light they
          reflect.
        </p>
        <p>
          Every range comes from 200 draws of what is not sure: the eye’s reading, the history, porosity, and
          how this head lifts, takes and suffers. Eight times in ten the result should lie inside.
        </p>
      </div>
      <div>
        <h2>What it is not</h2>
        <p>
          It is not a measurement and not a promise. Light, observer and colour difference are exact and
          published; how fast hair lifts, takes dye, fades and weakens is set from memory so that the trade’s
          rules come out. No head has been measured for it yet. A strand test is stronger than any figure
          here.
        </p>
        <p>
          It knows nothing of metallic salts, plant colour, illness or a sore scalp. Local law, the maker’s
          instructions and licensed practice come first.
        </p>
      </div>
    </section>
  );
}
