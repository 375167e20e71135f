import type { TaskView } from '../api/client';

/** The task that is nearest to a minute, if any is within reach of it. */
export function nearest<T extends Pick<TaskView, 'startMinute' | 'minutes'>>(
  tasks: T[],
  minute: number,
  reach: number,
): T | undefined {
  const off = ({ startMinute, minutes }: T): number =>
    Math.max(startMinute - minute, minute - startMinute - minutes, 0);
  return tasks.filter((task) => off(task) <= reach).sort((one, other) => off(one) - off(other))[0];
}
