import { App } from 'antd';
import { problemOf } from '../api/client';

/** Does something of a panel that has no place of its own for what went wrong: it is said over the page, and nothing is lost. */
export function useTell(): (work: Promise<unknown>) => void {
  const { message } = App.useApp();
  return (work) =>
    void work.catch((error: unknown) => {
      const problem = problemOf(error);
      message.error(`${problem.title}. ${problem.remedy}`, 8);
    });
}
