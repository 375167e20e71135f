import { Button, Input, Spin } from 'antd';
import { useState, type ReactNode } from 'react';
import { problemOf, type ModelChecks as Checks } from '../api/client';
import { useModelChecks } from '../api/queries';
import { ProblemNote } from './ProblemNote';
import { say } from '../words/say';

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
        action={<Button onClick={() => void checks.refetch()}>{say('model.tryAgain')}</Button>}
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
    <section className="checks" aria-label={say('model.checks')}>
      <div className="checks-head">
        <h2>{say('model.ofChecksPass', { passed, allCount: all.length })}</h2>
        <Input
          aria-label={say('model.findACheck')}
          placeholder={say('model.findR9RemoverGrey')}
          value={asked}
          onChange={(event) => setAsked(event.target.value)}
        />
        <Button loading={checks.isFetching} onClick={() => void checks.refetch()}>
          {say('model.computeAgain')}
        </Button>
      </div>
      <CheckTable checks={shown} />
      {shown.length === 0 && <p className="hint">{say('model.noCheckSpeaksOfThat')}</p>}
      <h2>{say('model.notModelled')}</h2>
      <ul className="not-modelled">
        {checks.data.notModelled.map(({ rule, what, why }) => (
          <li key={what}>
            <span className="rule">{rule}</span> {what}: {why}.
          </li>
        ))}
      </ul>
      <details className="constants">
        <summary>
          {say('model.everyConstantAndWhatIt', { constantsCount: checks.data.constants.length })}
        </summary>
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
          <th scope="col">{say('model.rule')}</th>
          <th scope="col">{say('model.whatMustComeOut')}</th>
          <th scope="col">{say('model.expected')}</th>
          <th scope="col">{say('model.computed')}</th>
          <th scope="col">{say('model.restsOn')}</th>
          <th scope="col">
            <span className="unseen">{say('model.result')}</span>
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
            {check.source ? <td lang="en">{check.source}</td> : <td>{check.basis}</td>}
            <td>{check.passes ? say('model.pass') : <strong>{say('model.miss')}</strong>}</td>
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
          <th scope="col">{say('model.part')}</th>
          <th scope="col">{say('model.constant')}</th>
          <th scope="col">{say('model.value')}</th>
          <th scope="col">{say('model.unit')}</th>
          <th scope="col">{say('model.restsOn')}</th>
        </tr>
      </thead>
      <tbody lang="en">
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
