import type { JobView, Problem } from '../api/client';

/** What was told at the chair, and where the program takes it. */
export type Deed = 'presses' | 'seen' | 'said' | 'scalp';

/** Something told while the program could not be reached. */
export interface Kept {
  /** By which the program knows it again: sent twice it is done once. */
  key: string;
  deed: Deed;
  body: unknown;
  /** When it was told, by this device's clock; only how long ago that is is ever sent. */
  at: number;
}

/** What could not be taken any more when it was sent at last; shown until somebody has read it. */
export interface NotTaken {
  kept: Kept;
  problem: Problem;
}

interface Box {
  kept: Kept[];
  notTaken: NotTaken[];
}

/** Where it outlasts a page that is loaded again; as the browser's own storage. */
export interface Shelf {
  getItem(name: string): string | null;
  setItem(name: string, text: string): void;
}

type Send = (kept: Kept) => Promise<JobView>;

/** Whether nobody answered, so that it may be sent once more as it is. */
const unanswered = (problem: Problem): boolean => problem.status === 0 || problem.status >= 500;

/** What is told at a chair goes out in its order, each once, as soon as the program can be reached. */
export class Outbox {
  private box: Box;
  private sending = false;
  private readonly listeners = new Set<() => void>();

  constructor(
    private readonly name: string,
    private readonly shelf: Shelf,
    private readonly send: Send,
    private readonly why: (error: unknown) => Problem,
  ) {
    this.box = JSON.parse(shelf.getItem(name) ?? '{"kept":[],"notTaken":[]}') as Box;
  }

  readonly state = (): Box => this.box;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  add(kept: Kept): void {
    this.set({ ...this.box, kept: [...this.box.kept, kept] });
  }

  read(key: string): void {
    this.set({ ...this.box, notTaken: this.box.notTaken.filter(({ kept }) => kept.key !== key) });
  }

  /** @return the job after the last that was taken; null if none was */
  async flush(): Promise<JobView | null> {
    if (this.sending) {
      return null;
    }
    this.sending = true;
    let job: JobView | null = null;
    try {
      for (let next = this.box.kept[0]; next; next = this.box.kept[0]) {
        try {
          job = await this.send(next);
          this.drop(next);
        } catch (error) {
          const problem = this.why(error);
          if (unanswered(problem)) {
            return job;
          }
          this.drop(next, problem);
        }
      }
      return job;
    } finally {
      this.sending = false;
    }
  }

  private drop(one: Kept, problem?: Problem): void {
    this.set({
      kept: this.box.kept.filter(({ key }) => key !== one.key),
      notTaken: problem ? [...this.box.notTaken, { kept: one, problem }] : this.box.notTaken,
    });
  }

  private set(box: Box): void {
    this.box = box;
    this.shelf.setItem(this.name, JSON.stringify(box));
    this.listeners.forEach((listener) => listener());
  }
}

const AFTER: Partial<Record<string, JobView['tasks'][number]['state']>> = {
  STARTED: 'NOW',
  FINISHED: 'DONE',
  SKIPPED: 'SKIPPED',
};

/** The job as it stands by what was pressed, until the program says so itself. */
export function asPressed(job: JobView, kept: Kept): JobView {
  const { told, key } = kept.body as { told?: string; key?: string };
  const state = kept.deed === 'presses' && told ? AFTER[told] : undefined;
  return state
    ? { ...job, tasks: job.tasks.map((task) => (task.key === key ? { ...task, state } : task)) }
    : job;
}
