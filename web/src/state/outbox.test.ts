import { describe, expect, it } from 'vitest';
import type { JobView, Problem } from '../api/client';
import { asPressed, Outbox, type Kept, type Shelf } from './outbox';

const problem = (status: number): Problem => ({
  type: 'about:blank',
  title: '',
  status,
  detail: '',
  field: '',
  value: '',
  remedy: '',
});

function shelf(): Shelf {
  const kept = new Map<string, string>();
  return {
    getItem: (name) => kept.get(name) ?? null,
    setItem: (name, text) => void kept.set(name, text),
  };
}

const press = (key: string): Kept => ({ key, deed: 'presses', body: { told: 'STARTED', key: 'a' }, at: 0 });

/** A program that answers by turns with these statuses; 200: taken. */
function program(...answers: number[]): { sent: string[]; send: (kept: Kept) => Promise<JobView> } {
  const sent: string[] = [];
  return {
    sent,
    send: (kept) => {
      sent.push(kept.key);
      const status = answers.shift() ?? 200;
      return status === 200
        ? Promise.resolve({ minute: sent.length } as JobView)
        : Promise.reject(new Error(String(status)));
    },
  };
}

const why = (error: unknown): Problem => problem(Number((error as Error).message));

describe('the outbox of a chair', () => {
  it('sends in the order in which it was told, and goes on where it broke off', async () => {
    const kept = shelf();
    const { sent, send } = program(200, 0);
    const box = new Outbox('1', kept, send, why);
    ['a', 'b', 'c'].forEach((key) => box.add(press(key)));
    await box.flush();
    expect(box.state().kept.map(({ key }) => key)).toEqual(['b', 'c']);
    // The page was loaded again meanwhile.
    const again = new Outbox('1', kept, send, why);
    expect((await again.flush())?.minute).toBe(4);
    expect(sent).toEqual(['a', 'b', 'b', 'c']);
    expect(again.state()).toEqual({ kept: [], notTaken: [] });
  });

  it('shows what could not be taken, and sends the rest', async () => {
    const { sent, send } = program(422, 200);
    const box = new Outbox('1', shelf(), send, why);
    box.add(press('a'));
    box.add(press('b'));
    await box.flush();
    expect(sent).toEqual(['a', 'b']);
    expect(box.state().notTaken.map(({ kept }) => kept.key)).toEqual(['a']);
    box.read('a');
    expect(box.state().notTaken).toEqual([]);
  });

  it('keeps what a program in trouble did not take', async () => {
    const { send } = program(503);
    const box = new Outbox('1', shelf(), send, why);
    box.add(press('a'));
    await box.flush();
    expect(box.state().kept).toHaveLength(1);
  });

  it('shows a task as it was pressed', () => {
    const job = {
      tasks: [
        { key: 'a', state: 'WAITING' },
        { key: 'b', state: 'WAITING' },
      ],
    } as JobView;
    expect(asPressed(job, press('x')).tasks.map(({ state }) => state)).toEqual(['NOW', 'WAITING']);
  });
});
