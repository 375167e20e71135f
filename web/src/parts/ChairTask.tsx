import { Button } from 'antd';
import type { ReactNode } from 'react';
import type { JobFoils, TaskState } from '../api/client';
import { ChairFoils } from './ChairFoils';
import { say } from '../words/say';

/** What hands do now, or will do next: to be read from two metres. */
export function ChairTask(props: {
  task: TaskState;
  foils: JobFoils | undefined;
  now: number;
  onPress: () => void;
  onSkip: () => void;
}): ReactNode {
  const { task, now } = props;
  const from = task.startedAt[0];
  const worked = from ? Math.max(0, Math.floor((now - Date.parse(from)) / 60_000)) : 0;
  return (
    <article className="chair-main" data-state={task.state}>
      <h2>{task.title}</h2>
      <p className="chair-where">
        {[...task.zones, say('chair.person', { person: task.person })].join(' · ')}
        {task.bowls.map((bowl) => (
          <b key={bowl} className="bowl-name">
            {bowl}
          </b>
        ))}
      </p>
      <p className="chair-minutes">
        {task.state === 'NOW' ? (
          <>
            {worked}
            <small> {say('chair.ofMin', { minutes: task.minutes })}</small>
          </>
        ) : (
          <>
            {task.clock}
            <small> {say('chair.min', { minutes: task.minutes })}</small>
          </>
        )}
      </p>
      {task.blocked && (
        <p className="finding warning" role="alert">
          {task.blocked}
        </p>
      )}
      {task.detail && <p>{task.detail}</p>}
      <div className="chair-buttons">
        <Button type="primary" className="chair-press" disabled={task.blocked !== ''} onClick={props.onPress}>
          {task.state === 'NOW' ? say('chair.done') : say('chair.beginIt')}
        </Button>
        <Button className="chair-skip" onClick={props.onSkip}>
          {say('chair.skip')}
        </Button>
      </div>
      {props.foils && <ChairFoils task={task} all={props.foils} now={now} />}
    </article>
  );
}

/** Somebody else's task beside it. */
export function ChairBeside({ task, onDone }: { task: TaskState; onDone: () => void }): ReactNode {
  return (
    <div className="chair-also">
      <span>
        <strong>{task.title}</strong>{' '}
        <small>{[...task.zones, say('chair.person', { person: task.person })].join(' · ')}</small>
      </span>
      <Button aria-label={say('chair.done2', { title: task.title })} onClick={onDone}>
        {say('chair.done')}
      </Button>
    </div>
  );
}
