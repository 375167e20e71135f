import { describe, expect, it } from 'vitest';
import { Refused, type CaseFile, type CaseView, type Problem } from '../api/client';
import { CaseDocument, type Store } from './caseDocument';

/** Of a whole case only what is looked at here. */
function content(change: Partial<{ chair: string; clientName: string; minutes: number }> = {}): CaseFile {
  return { clientName: 'Ada', chair: '', minutes: 60, zones: [], ...change } as unknown as CaseFile;
}

function view(version: number, of: CaseFile): CaseView {
  return { id: 1, clientId: 1, version, content: of, looks: [], sentences: [] };
}

function problem(status: number): Refused {
  return new Refused({ status, title: '', detail: '', field: '', value: '', remedy: '' } as Problem);
}

interface Sent {
  version: number;
  content: CaseFile;
  key: string;
  answer: (stored: CaseView) => void;
  fail: (why: unknown) => void;
}

/** A server that answers when the test says so. */
class Stand implements Store {
  readonly sent: Sent[] = [];
  readonly left: { version: number; content: CaseFile }[] = [];
  readonly waiting: (() => void)[] = [];
  theirs: CaseView = view(1, content());
  private keys = 0;
  time = 0;

  save = (_: number, version: number, of: CaseFile, key: string): Promise<CaseView> =>
    new Promise((answer, fail) => this.sent.push({ version, content: of, key, answer, fail }));
  saveLeaving = (_: number, version: number, of: CaseFile): void =>
    void this.left.push({ version, content: of });
  read = (): Promise<CaseView> => Promise.resolve(this.theirs);
  status = (): Promise<CaseView> => Promise.resolve(this.theirs);
  later = (work: () => void): void => void this.waiting.push(work);
  now = (): number => this.time;
  key = (): string => `key-${++this.keys}`;

  /** Lets everything that was put off happen. */
  async pass(): Promise<void> {
    this.waiting.splice(0).forEach((work) => work());
    for (let i = 0; i < 10; i++) {
      await Promise.resolve();
    }
  }
}

function opened(): { stand: Stand; document: CaseDocument } {
  const stand = new Stand();
  return { stand, document: new CaseDocument(view(1, content()), stand) };
}

function at(stand: Stand, i: number): Sent {
  const sent = stand.sent[i];
  if (!sent) {
    throw new Error(`nothing was sent for the ${i}. time`);
  }
  return sent;
}

describe('a case on the screen', () => {
  it('saves twenty-five letters once', async () => {
    const { stand, document } = opened();
    for (let i = 1; i <= 25; i++) {
      document.edit(content({ chair: 'x'.repeat(i) }), 'chair');
    }
    await stand.pass();
    expect(stand.sent).toHaveLength(1);
    expect(at(stand, 0).content.chair).toHaveLength(25);
    expect(document.unsaved()).toBe(true);
    at(stand, 0).answer(view(7, at(stand, 0).content));
    await stand.pass();
    expect(document.unsaved()).toBe(false);
    expect(document.snapshot().version).toBe(7);
  });

  it('loses nothing with the one edit among several gathered ones that is refused', async () => {
    for (const wrongFirst of [false, true]) {
      const { stand, document } = opened();
      const wrong = { minutes: -5 };
      const right = { chair: 'Basin' };
      document.edit({ ...document.snapshot().content, ...(wrongFirst ? wrong : right) });
      document.edit({ ...document.snapshot().content, ...(wrongFirst ? right : wrong) });
      await stand.pass();
      for (let i = 0; i < stand.sent.length; i++) {
        const { version, content: sent } = at(stand, i);
        if (sent.minutes < 0) {
          at(stand, i).fail(problem(422));
        } else {
          at(stand, i).answer(view(version + 1, sent));
        }
        await stand.pass();
      }
      expect(stand.sent.length).toBeLessThan(5);
      expect(document.unsaved()).toBe(false);
      expect(document.snapshot().content).toEqual(content({ chair: 'Basin' }));
      expect(document.snapshot().saving.status).toBe('refused');
    }
  });

  it('keeps a valid edit made while a refused one was on its way, and never sends the refused one again', async () => {
    const { stand, document } = opened();
    document.edit(content({ minutes: -5 }));
    await stand.pass();
    document.edit({ ...document.snapshot().content, chair: 'Basin' });
    await stand.pass();
    at(stand, 0).fail(problem(422));
    await stand.pass();
    expect(document.snapshot().content).toEqual(content({ chair: 'Basin' }));
    expect(document.snapshot().saving.status).toBe('refused');
    expect(at(stand, 1).content).toEqual(content({ chair: 'Basin' }));
    at(stand, 1).answer(view(2, at(stand, 1).content));
    await stand.pass();
    document.undo();
    await stand.pass();
    expect(document.snapshot().content).toEqual(content());
    expect(stand.sent.map(({ content: sent }) => sent.minutes)).toEqual([-5, 60, 60]);
  });

  it('sends a save whose answer was lost again under the same key', async () => {
    const { stand, document } = opened();
    document.edit(content({ chair: 'Window' }));
    await stand.pass();
    at(stand, 0).fail(new TypeError('network'));
    await stand.pass();
    expect(document.snapshot().saving.status).toBe('waiting');
    await stand.pass();
    expect(at(stand, 1).key).toBe(at(stand, 0).key);
    at(stand, 1).answer(view(2, at(stand, 1).content));
    await stand.pass();
    expect(document.snapshot().saving.status).toBe('saved');
  });

  it('puts what was changed here on top of what somebody else saved, or takes theirs', async () => {
    for (const mine of [true, false]) {
      const { stand, document } = opened();
      stand.theirs = view(9, content({ clientName: 'Ada Neu' }));
      document.edit(content({ chair: 'Window' }));
      await stand.pass();
      at(stand, 0).fail(problem(409));
      await stand.pass();
      const { saving, content: shown } = document.snapshot();
      expect(saving.status).toBe('conflict');
      expect(saving.status === 'conflict' && saving.differs).toEqual(['clientName', 'chair']);
      expect(shown.chair).toBe('Window');
      if (mine) {
        document.putMineOnTop();
        await stand.pass();
        expect(at(stand, 1).version).toBe(9);
        expect(at(stand, 1).content).toEqual(content({ clientName: 'Ada Neu', chair: 'Window' }));
      } else {
        document.takeTheirs();
        expect(document.snapshot().content).toEqual(content({ clientName: 'Ada Neu' }));
        expect(document.unsaved()).toBe(false);
      }
    }
  });

  it('replays what was typed meanwhile on what the server completed', async () => {
    const { stand, document } = opened();
    document.edit(content({ chair: 'A' }));
    await stand.pass();
    document.edit({ ...document.snapshot().content, minutes: 90 });
    at(stand, 0).answer(view(2, content({ chair: 'A', clientName: 'Ada B.' })));
    await stand.pass();
    expect(document.snapshot().content).toEqual(content({ chair: 'A', clientName: 'Ada B.', minutes: 90 }));
  });

  it('sends what is still gathered when the page goes, and only that', async () => {
    const { stand, document } = opened();
    document.leave();
    expect(stand.left).toEqual([]);
    const edited = content({ minutes: 90 });
    document.edit(edited);
    document.leave();
    expect(stand.left).toEqual([{ version: 1, content: edited }]);
    await stand.pass();
    expect(stand.sent).toEqual([]);
  });
});
