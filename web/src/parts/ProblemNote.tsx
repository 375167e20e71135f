import { Alert } from 'antd';
import type { ReactNode } from 'react';
import type { Problem } from '../api/client';

/** What went wrong, where, and what to do: in the server's words. */
export function ProblemNote({ problem, action }: { problem: Problem; action?: ReactNode }): ReactNode {
  return (
    <Alert
      type="error"
      showIcon
      role="alert"
      title={problem.title}
      action={action}
      description={
        <>
          {problem.field && <code>{problem.field}</code>}
          {problem.value && <span> “{problem.value}”</span>}
          {(problem.field || problem.value) && <br />}
          {problem.remedy}
        </>
      }
    />
  );
}
