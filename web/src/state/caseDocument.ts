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

/** Where the last change stands. */
export type Saving =
  | { status: 'saved' }
  | { status: 'saving' }
  | { status: 'refused'; problem: Problem }
  | { status: 'waiting'; problem: Problem }
  | { status: 'conflict'; problem: Problem };

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

const MERGE_MS = 1200;
const RETRY_MS = 1500;
const MOST_UNDO = 200;

/**
 * One case on the screen. Every edit is shown at once, sent at once, one at a time and in order; what the server refuses
 * is taken back and its reason kept, what it could not be told is tried again until it answers.
 */
export class CaseDocument {
  private state: CaseState;
  private accepted: CaseFile;
  private past: CaseFile[] = [];
  private future: CaseFile[] = [];
  private merging: { key: string; at: number } | null = null;
  private sending = false;
  private readonly listeners = new Set<() => void>();
  private readonly looks = new Map<string, LookView>();

  constructor(loaded: CaseView) {
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

  /** Edits with the same `merge` key in quick succession, such as a drag or typing, are one step of undo. */
  edit(content: CaseFile, merge?: string): void {
    const now = Date.now();
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

  private show(content: CaseFile): void {
    this.set({ content, saving: { status: 'saving' } });
    void this.send();
  }

  private async send(): Promise<void> {
    if (this.sending) {
      return;
    }
    this.sending = true;
    try {
      while (this.state.content !== this.accepted) {
        const content = this.state.content;
        try {
          const stored = await answered(
            api.PUT('/api/cases/{id}', {
              params: { path: { id: this.state.id } },
              body: { version: this.state.version, content },
            }),
          );
          this.accepted = content;
          this.remember(stored);
          this.set({
            version: stored.version,
            sentences: stored.sentences,
            saving: { status: 'saved' },
          });
        } catch (error) {
          const problem = problemOf(error);
          if (problem.status === 409 || problem.status === 404) {
            this.set({ saving: { status: 'conflict', problem } });
            return;
          }
          if (problem.status >= 400 && problem.status < 500) {
            if (this.state.content === content) {
              this.takeBack(problem);
            }
          } else {
            this.set({ saving: { status: 'waiting', problem } });
            await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
          }
        }
      }
    } finally {
      this.sending = false;
    }
  }

  /** The refused edit leaves the screen and the history, as if it had not been made; its reason stays. */
  private takeBack(problem: Problem): void {
    while (this.past.length > 0 && this.past.at(-1) === this.accepted) {
      this.past = this.past.slice(0, -1);
    }
    this.merging = null;
    this.set({ content: this.accepted, saving: { status: 'refused', problem } });
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
  const { measured, layers, underFrom, underTo } = band.detail;
  return JSON.stringify([
    band.kind,
    band.level,
    band.tone,
    band.greyShare,
    measured,
    layers,
    underFrom,
    underTo,
  ]);
}
