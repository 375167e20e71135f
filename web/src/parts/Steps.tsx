import type { ReactNode } from 'react';
import type { PlanView, TaskView } from '../api/client';
import { CaseCautions, Cautions } from './Cautions';
import { say } from '../words/say';

const KIND_WORDS: Record<TaskView['kind'], () => string> = {
  PREPARE: () => say('plan.ready'),
  MIX: () => say('plan.mix'),
  APPLY: () => say('plan.apply'),
  WORK: () => say('plan.clock'),
  CHECK: () => say('plan.check'),
  RINSE: () => say('plan.rinse'),
  DRY: () => say('plan.dry'),
  BREAK: () => say('plan.break'),
};

/** Zone after zone of the same is one line here; the order on the clock shows them one by one. */
function together(tasks: TaskView[]): TaskView[] {
  const lines: TaskView[] = [];
  for (const task of tasks) {
    const same = lines.find(
      (line) =>
        line.title === task.title &&
        line.visit === task.visit &&
        line.step === task.step &&
        ['APPLY', 'WORK'].includes(task.kind),
    );
    if (same) {
      const end = Math.max(same.startMinute + same.minutes, task.startMinute + task.minutes);
      same.endClock = end > same.startMinute + same.minutes ? task.endClock : same.endClock;
      same.minutes = end - same.startMinute;
      same.zones = [...new Set([...same.zones, ...task.zones])];
    } else {
      lines.push({ ...task });
    }
  }
  return lines;
}

/** The order of work on the clock, after what must be settled first. */
export function Steps({ plan }: { plan: PlanView }): ReactNode {
  return (
    <section aria-label={say('plan.orderOfWork')} className="steps">
      <h2>
        {plan.totalWords} <small>{say('plan.until', { endClock: plan.endClock })}</small>
      </h2>
      {plan.blocked && (
        <p className="plan-blocked" role="alert">
          {say('plan.stopDoNotBeginBefore')}
        </p>
      )}
      {plan.stepCautions.map((cautions, i) => (
        <CaseCautions
          key={i}
          title={say('plan.before', { title: plan.columns[i + 1]?.title ?? say('plan.thisStep') })}
          cautions={cautions}
          planned
        />
      ))}
      <Cautions cautions={plan.cautions} title={say('plan.forTheWholePlan')} />
      <ol>
        {together(plan.tasks).map((task) => (
          <li key={task.key} className={`task ${task.kind.toLowerCase()}`}>
            <time>{task.clock}</time>
            <span className="task-kind">{KIND_WORDS[task.kind]()}</span>
            <span className="task-words">
              <strong>{task.title}</strong>
              {task.detail && <span>{task.detail}</span>}
              {(task.kind === 'APPLY' || task.kind === 'WORK') && <small>{task.zones.join(' → ')}</small>}
            </span>
            <span className="task-minutes">
              {say('plan.min2', { minutes: task.minutes })}
              {task.kind === 'WORK' && <small>{say('plan.to', { endClock: task.endClock })}</small>}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
