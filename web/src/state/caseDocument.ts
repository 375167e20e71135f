import {
  answered,
  api,
  problemOf,
  type BandView,
  type CaseFile,
  type CaseView,
  type LookView,
  type Problem,
} from '../api/client';
import { differences, rebased, same } from './merge';

/** Where the last change stands. */
export type Saving =
  | { status: 'saved' }
  | { status: 'saving' }
  | { status: 'refused'; problem: Problem }
  | { status: 'waiting'; problem: Problem }
  /** Somebody else has saved it: theirs, and where it differs from mine. */
  | { status: 'conflict'; problem: Problem; theirs: CaseView | null; differs: string[] };

export interface CaseState {
  readonly id: number;
  readonly version: number;
  readonly content: CaseFile;
  readonly clientId: number;
  /** Each zone read out, as the server last said it. */
  readonly sentences: readonly string[];
  readonly saving: Saving;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}

/** What a document needs of the world; tests bring their own. */
export interface Store {
  save: (id: number, version: number, content: CaseFile, key: string) => Promise<CaseView>;
  read: (id: number) => Promise<CaseView>;
  /** Sent although the page goes, so that nobody is there to hear whether it was taken. */
  saveLeaving: (id: number, version: number, content: CaseFile, key: string) => void;
  status: (id: number, status: CaseFile['status']) => Promise<CaseView>;
  later: (work: () => void, ms: number) => void;
  now: () => number;
  key: () => string;
}

const SERVER: Store = {
  save: (id, version, content, key) =>
    answered(
      api.PUT('/api/cases/{id}', {
        params: { path: { id } },
        headers: { 'Idempotency-Key': key },
        body: { version, content },
      }),
    ),
  saveLeaving: (id, version, content, key) =>
    void api
      .PUT('/api/cases/{id}', {
        params: { path: { id } },
        headers: { 'Idempotency-Key': key },
        body: { version, content },
        keepalive: true,
      })
      .catch(() => undefined),
  read: (id) => answered(api.GET('/api/cases/{id}', { params: { path: { id } } })),
  status: (id, status) =>
    answered(api.PUT('/api/cases/{id}/status', { params: { path: { id } }, body: { status } })),
  later: (work, ms) => void setTimeout(work, ms),
  now: () => Date.now(),
  key: () => crypto.randomUUID(),
};

const MERGE_MS = 1200;
const RETRY_MS = 1500;
/** Letters typed in a row are one save, and one plan. */
export const GATHER_MS = 300;
const MOST_UNDO = 200;

/**
 * One case on the screen. Every edit is shown at once; edits in quick succession are saved together, one save at a time and in
 * order. What the server refuses is taken back and its reason kept, while later edits are replayed on what was taken; what the
 * server could not be told is tried again under the same key until it answers, so that one's own save is never somebody else's.
 */
export class CaseDocument {
  private state: CaseState;
  private accepted: CaseFile;
  private past: CaseFile[] = [];
  private future: CaseFile[] = [];
  private merging: { key: string; at: number } | null = null;
  private sending = false;
  private oneByOne = false;
  private scheduled = 0;
  private readonly listeners = new Set<() => void>();
  private readonly looks = new Map<string, LookView>();

  constructor(
    loaded: CaseView,
    private readonly store: Store = SERVER,
  ) {
    this.accepted = loaded.content;
    this.state = {
      id: loaded.id,
      version: loaded.version,
      content: loaded.content,
      clientId: loaded.clientId,
      sentences: loaded.sentences,
      saving: { status: 'saved' },
      canUndo: false,
      canRedo: false,
    };
    this.remember(loaded);
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly snapshot = (): CaseState => this.state;

  /** How a band like this looks, if the server has ever said so. */
  look(band: BandView): LookView | undefined {
    return this.looks.get(lookKey(band));
  }

  /** Whether something on the screen is not stored yet. */
  unsaved(): boolean {
    return this.state.content !== this.accepted;
  }

  /** Edits with the same `merge` key in quick succession, such as a drag or typing, are one step of undo. */
  edit(content: CaseFile, merge?: string): void {
    const now = this.store.now();
    const merged = merge !== undefined && this.merging?.key === merge && now - this.merging.at < MERGE_MS;
    if (!merged) {
      this.past = [...this.past, this.state.content].slice(-MOST_UNDO);
    }
    this.future = [];
    this.merging = merge === undefined ? null : { key: merge, at: now };
    this.show(content);
  }

  undo(): void {
    const before = this.past.at(-1);
    if (before) {
      this.past = this.past.slice(0, -1);
      this.future = [this.state.content, ...this.future];
      this.merging = null;
      this.show(before);
    }
  }

  redo(): void {
    const next = this.future[0];
    if (next) {
      this.future = this.future.slice(1);
      this.past = [...this.past, this.state.content];
      this.merging = null;
      this.show(next);
    }
  }

  /** The page goes: what is still being gathered is sent at once. */
  leave(): void {
    if (this.unsaved() && !this.sending && this.state.saving.status === 'saving') {
      this.scheduled++;
      this.store.saveLeaving(this.state.id, this.state.version, this.state.content, this.store.key());
    }
  }

  /** How far the visit is: an operation of its own, so that nothing else of the case is sent along. */
  async move(status: CaseFile['status']): Promise<void> {
    try {
      const stored = await this.store.status(this.state.id, status);
      const content = rebased(this.accepted, this.state.content, stored.content);
      const unsaved = this.unsaved();
      this.take(stored);
      this.set({ content: unsaved ? content : stored.content });
    } catch (error) {
      this.set({ saving: { status: 'refused', problem: problemOf(error) } });
    }
  }

  /** After somebody else's save: what was changed here, on top of theirs. */
  putMineOnTop(): void {
    const { saving, content } = this.state;
    if (saving.status === 'conflict' && saving.theirs) {
      const { theirs } = saving;
      const mine = rebased(this.accepted, content, theirs.content);
      this.take(theirs);
      this.past = [...this.past, theirs.content].slice(-MOST_UNDO);
      this.set({ saving: { status: 'saving' } });
      this.show(mine);
    }
  }

  /** After somebody else's save: theirs, and what was changed here is gone. */
  takeTheirs(): void {
    const { saving } = this.state;
    if (saving.status === 'conflict' && saving.theirs) {
      this.take(saving.theirs);
      this.past = [];
      this.future = [];
      this.set({ content: saving.theirs.content, saving: { status: 'saved' } });
    }
  }

  /** What is stored now, whoever stored it. */
  private take(stored: CaseView): void {
    this.accepted = stored.content;
    this.remember(stored);
    this.set({ version: stored.version, sentences: stored.sentences });
  }

  private show(content: CaseFile): void {
    if (this.state.saving.status === 'conflict' && !this.sending) {
      // Until somebody has said which counts nothing is sent; what is typed meanwhile stays on the screen.
      this.set({ content });
      return;
    }
    this.set({ content, saving: { status: 'saving' } });
    const mine = ++this.scheduled;
    this.store.later(() => {
      if (mine === this.scheduled) {
        void this.send();
      }
    }, GATHER_MS);
  }

  private async send(): Promise<void> {
    if (this.sending) {
      return;
    }
    this.sending = true;
    try {
      while (this.unsaved()) {
        if (!(await this.sendOne(this.next(), this.store.key()))) {
          return;
        }
      }
      if (this.state.saving.status === 'saving') {
        this.set({ saving: { status: 'saved' } });
      }
    } finally {
      this.sending = false;
      this.oneByOne = false;
    }
  }

  /** What is not stored yet: all of it, or the first edit alone where one among several was refused. */
  private next(): CaseFile {
    return (this.oneByOne ? this.unsent()[0] : undefined) ?? this.state.content;
  }

  /** How the case stood after each edit that is not stored yet, but for the last. */
  private unsent(): CaseFile[] {
    const stored = this.past.lastIndexOf(this.accepted);
    return stored < 0 ? [] : this.past.slice(stored + 1);
  }

  /** One save, tried under one key until it is answered. @return whether there may be a next */
  private async sendOne(content: CaseFile, key: string): Promise<boolean> {
    for (;;) {
      try {
        this.saved(content, await this.store.save(this.state.id, this.state.version, content, key));
        return true;
      } catch (error) {
        const problem = problemOf(error);
        if (problem.status === 409 || problem.status === 404) {
          await this.conflict(problem);
          return false;
        }
        if (problem.status >= 400 && problem.status < 500) {
          if (content === this.state.content && this.unsent().length > 0) {
            // Edits that were gathered: one of them is wrong, and the others are not lost with it.
            this.oneByOne = true;
          } else {
            this.takeBack(content, problem);
          }
          return true;
        }
        this.set({ saving: { status: 'waiting', problem } });
        await new Promise<void>((resolve) => this.store.later(resolve, RETRY_MS));
      }
    }
  }

  /** Later edits are replayed on what was stored, which the server may have completed: moments by its clock. */
  private saved(sent: CaseFile, stored: CaseView): void {
    const later = this.state.content;
    const content = later === sent ? stored.content : rebased(sent, later, stored.content);
    this.past = this.past.map((before) => (before === sent ? stored.content : before));
    this.take(stored);
    const done = later === sent;
    // Why an earlier edit was refused stays said, though what was edited since is stored.
    const said = this.state.saving.status === 'refused' ? this.state.saving : null;
    this.set({
      content: done ? this.accepted : content,
      saving: said ?? { status: done ? 'saved' : 'saving' },
    });
  }

  private async conflict(problem: Problem): Promise<void> {
    let theirs: CaseView | null = null;
    try {
      theirs = await this.store.read(this.state.id);
    } catch {
      // It is gone, or nobody answers: there is nothing to put mine on.
    }
    const differs = theirs ? differences(this.state.content, theirs.content) : [];
    if (theirs && differs.length === 0) {
      this.take(theirs);
      this.set({ content: theirs.content, saving: { status: 'saved' } });
      return;
    }
    this.set({ saving: { status: 'conflict', problem, theirs, differs } });
  }

  /** The refused edit leaves the screen and the history, as if it had not been made; what was edited since stays. */
  private takeBack(refused: CaseFile, problem: Problem): void {
    const at = this.past.lastIndexOf(refused);
    const replayed = (content: CaseFile): CaseFile => rebased(refused, content, this.accepted);
    this.past = [
      ...this.past.slice(0, at < 0 ? undefined : at),
      ...(at < 0 ? [] : this.past.slice(at + 1).map(replayed)),
    ];
    this.future = [];
    this.merging = null;
    const later = this.state.content;
    while (later === refused && this.past.length > 0 && same(this.past.at(-1), this.accepted)) {
      this.past = this.past.slice(0, -1);
    }
    const content = later === refused ? this.accepted : replayed(later);
    this.set({
      content: same(content, this.accepted) ? this.accepted : content,
      saving: { status: 'refused', problem },
    });
  }

  private remember(stored: CaseView): void {
    stored.content.zones.forEach((zone, z) =>
      zone.bands.forEach((band, b) => {
        const look = stored.looks[z]?.[b];
        if (look) {
          this.looks.set(lookKey(band), look);
        }
      }),
    );
  }

  private set(change: Partial<CaseState>): void {
    this.state = {
      ...this.state,
      ...change,
      canUndo: this.past.length > 0,
      canRedo: this.future.length > 0,
    };
    this.listeners.forEach((listener) => listener());
  }
}

function lookKey(band: BandView): string {
  const { measured, layers, underFrom, underTo, second } = band.detail;
  return JSON.stringify([
    band.kind,
    band.level,
    band.tone,
    band.greyShare,
    measured,
    layers,
    underFrom,
    underTo,
    second,
  ]);
}
