import { Button, Input, Spin } from 'antd';
import { useState, type ReactNode } from 'react';
import { problemOf, type ModelChecks as Checks } from '../api/client';
import { useModelChecks } from '../api/queries';
import { ProblemNote } from './ProblemNote';

/** What the model is held against, computed on request by the code the tests run. */
export function ModelChecks(): ReactNode {
  const checks = useModelChecks();
  const [asked, setAsked] = useState('');
  if (checks.isPending) {
    return <Spin className="wait" />;
  }
  if (checks.isError) {
    return (
      <ProblemNote
        problem={problemOf(checks.error)}
        action={<Button onClick={() => void checks.refetch()}>Try again</Button>}
      />
    );
  }
  const all = checks.data.checks;
  const words = asked.trim().toLowerCase();
  const shown = all.filter(
    ({ rule, says, source }) => `${rule} ${says} ${source}`.toLowerCase().includes(words) || words === '',
  );
  const passed = all.filter(({ passes }) => passes).length;
  return (
    <section className="checks" aria-label="Checks">
      <div className="checks-head">
        <h2>
          {passed} of {all.length} checks pass
        </h2>
        <Input
          aria-label="Find a check"
          placeholder="Find: R9, remover, grey …"
          value={asked}
          onChange={(event) => setAsked(event.target.value)}
        />
        <Button loading={checks.isFetching} onClick={() => void checks.refetch()}>
          Compute again
        </Button>
      </div>
      <CheckTable checks={shown} />
      {shown.length === 0 && <p className="hint">No check speaks of that.</p>}
      <h2>Not modelled</h2>
      <ul className="not-modelled">
        {checks.data.notModelled.map(({ rule, what, why }) => (
          <li key={what}>
            <span className="rule">{rule}</span> {what}: {why}.
          </li>
        ))}
      </ul>
      <details className="constants">
        <summary>Every constant, and what it rests on ({checks.data.constants.length})</summary>
        <ConstantTable constants={checks.data.constants} />
      </details>
    </section>
  );
}

function CheckTable({ checks }: { checks: Checks['checks'] }): ReactNode {
  return (
    <table>
      <thead>
        <tr>
          <th scope="col">Rule</th>
          <th scope="col">What must come out</th>
          <th scope="col">Expected</th>
          <th scope="col">Computed</th>
          <th scope="col">Rests on</th>
          <th scope="col">
            <span className="unseen">Result</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {checks.map((check) => (
          <tr key={`${check.rule} ${check.says}`} className={check.passes ? '' : 'missed'}>
            <td>{check.rule}</td>
            <td>{check.says}</td>
            <td>{check.expected}</td>
            <td>{check.found}</td>
            <td>{check.source || check.basis}</td>
            <td>{check.passes ? 'pass' : <strong>miss</strong>}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function ConstantTable({ constants }: { constants: Checks['constants'] }): ReactNode {
  return (
    <table>
      <thead>
        <tr>
          <th scope="col">Part</th>
          <th scope="col">Constant</th>
          <th scope="col">Value</th>
          <th scope="col">Unit</th>
          <th scope="col">Rests on</th>
        </tr>
      </thead>
      <tbody>
        {constants.map(({ group, name, value, unit, source }) => (
          <tr key={`${group} ${name}`}>
            <td>{group}</td>
            <td>{name}</td>
            <td>{value}</td>
            <td>{unit === '1' ? '' : unit}</td>
            <td>{source}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
