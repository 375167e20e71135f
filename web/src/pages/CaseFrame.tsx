import { Button, Spin } from 'antd';
import { lazy, useEffect, useRef, useState, type ReactNode } from 'react';
import { Link, Outlet, useLocation, useNavigate, useParams } from 'react-router';
import { answered, api, problemOf, type CaseFile, type Problem, type Vocabulary } from '../api/client';
import { useVocabulary, useWay } from '../api/queries';
import { NextLine } from '../parts/NextLine';
import { Opened } from '../parts/Opened';
import { ProblemNote } from '../parts/ProblemNote';
import { Rail } from '../parts/Rail';
import { CaseContext, useCase } from '../state/caseContext';
import { CaseDocument } from '../state/caseDocument';
import { nextLight, useLight } from '../state/light';
import { cmWords } from '../state/strands';
import { dialogOpen } from '../state/keyboard';
import { RAIL } from '../state/way';
import { say } from '../words/say';

const Shortcuts = lazy(async () => ({ default: (await import('../parts/Shortcuts')).Shortcuts }));

/** The keys 1 to 9 lead there, 0 to Design, which belongs to Decide. */
const BY_KEY = ['consult', 'history', 'read', 'tests', 'decide', 'order', 'mix', 'chair', 'look-back'];

/** What stands beside the order of the work. */
const OTHER_PAGES = [
  { to: 'promise', words: () => say('visit.forTheClient') },
  { to: 'before-after', words: () => say('visit.beforeAndAfter') },
];

function pageOf(key: string): string | undefined {
  return key === '0' ? 'design' : BY_KEY[Number(key) - 1];
}

type Loading =
  { status: 'loading' } | { status: 'failed'; problem: Problem } | { status: 'open'; document: CaseDocument };

/** Opens one case and holds it open while one goes from screen to screen. */
export function CaseFrame(): ReactNode {
  const { id: asked } = useParams();
  const id = Number(asked);
  const [attempt, setAttempt] = useState(0);
  const key = `${id} ${attempt}`;
  return <OpenCase key={key} id={id} onAgain={() => setAttempt(attempt + 1)} />;
}

function OpenCase({ id, onAgain }: { id: number; onAgain: () => void }): ReactNode {
  const [loading, setLoading] = useState<Loading>({ status: 'loading' });
  const vocabulary = useVocabulary();
  useEffect(() => {
    let wanted = true;
    answered(api.GET('/api/cases/{id}', { params: { path: { id } } })).then(
      (loaded) => wanted && setLoading({ status: 'open', document: new CaseDocument(loaded) }),
      (error: unknown) => wanted && setLoading({ status: 'failed', problem: problemOf(error) }),
    );
    return () => {
      wanted = false;
    };
  }, [id]);
  // What a key or a press means is said by the vocabulary, so nothing can be pressed before it is there.
  if (loading.status === 'loading' || (loading.status === 'open' && vocabulary.isPending)) {
    return <Spin className="wait" />;
  }
  if (loading.status === 'failed') {
    return (
      <main className="alone">
        <ProblemNote
          problem={loading.problem}
          action={<Button onClick={onAgain}>{say('visit.tryAgain')}</Button>}
        />
        <p>
          <Link to="/clients">{say('visit.allClients')}</Link>
        </p>
      </main>
    );
  }
  return (
    <CaseContext value={loading.document}>
      <Frame onAgain={onAgain} />
    </CaseContext>
  );
}

function Frame({ onAgain }: { onAgain: () => void }): ReactNode {
  const { document, state } = useCase();
  const [sheet, setSheet] = useState(false);
  useKeys({ onSheet: () => setSheet(true) });
  useEffect(() => {
    const ask = (event: BeforeUnloadEvent): void => {
      if (document.unsaved()) {
        event.preventDefault();
      }
    };
    const leave = (): void => document.leave();
    window.addEventListener('beforeunload', ask);
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('beforeunload', ask);
      window.removeEventListener('pagehide', leave);
    };
  }, [document]);
  const places = useVocabulary().data?.places ?? [];
  const { pathname } = useLocation();
  const here = [...RAIL, ...OTHER_PAGES].find(({ to }) => pathname.endsWith(`/${to}`));
  const { content, saving } = state;
  const way = useWay(state.id, state.version, pathname).data;
  const problem = 'problem' in saving ? saving.problem : undefined;
  const refusedName = saving.status === 'refused' && saving.problem.field === 'content.clientName';
  return (
    <div className="case-frame">
      <title>
        {say('visit.mischung', {
          words: here?.words() ?? say('visit.visit'),
          clientName: content.clientName,
        })}
      </title>
      <Rail way={way} refusedName={refusedName ? problem?.remedy : undefined} onHelp={() => setSheet(true)} />
      <div className="case-page">
        <NextLine way={way} saving={saving} />
        {problem && !refusedName && (
          <div className="bar-problem">
            <ProblemNote
              problem={{ ...problem, field: spokenField(problem.field, content, places) }}
              action={
                saving.status === 'conflict' ? (
                  saving.theirs ? (
                    <>
                      <Button type="primary" onClick={() => document.putMineOnTop()}>
                        {say('visit.keepMineOnTop')}
                      </Button>
                      <Button onClick={() => document.takeTheirs()}>{say('visit.useTheirs')}</Button>
                    </>
                  ) : (
                    <Button onClick={onAgain}>{say('visit.openItAgain')}</Button>
                  )
                ) : undefined
              }
            />
            {saving.status === 'conflict' && saving.differs.length > 0 && (
              <p className="finding" role="status">
                {say('visit.differentThere', {
                  differs: saving.differs
                    .map((path) => spokenField(`content.${path}`, content, places))
                    .filter((words, i, all) => all.indexOf(words) === i)
                    .join('; '),
                })}
              </p>
            )}
          </div>
        )}
        <h1 className="unseen" tabIndex={-1}>
          {here?.words() ?? say('visit.visit')}
        </h1>
        <Outlet />
      </div>
      <Opened open={sheet}>
        <Shortcuts open={sheet} onClose={() => setSheet(false)} />
      </Opened>
    </div>
  );
}

const FIELD_WORDS: Record<string, () => string> = {
  level: () => say('visit.level'),
  tone: () => say('visit.tone'),
  fromCm: () => say('visit.beginning'),
  toCm: () => say('visit.end'),
  greyShare: () => say('visit.greyShare'),
  porosity: () => say('visit.porosity'),
  place: () => say('visit.zone'),
};

/** "content.zones[1].bands[2].level" as the colourist says it: "crown 13–30 cm, level". */
function spokenField(path: string, content: CaseFile, places: Vocabulary['places']): string {
  const found = /zones\[(\d+)\](?:\.bands\[(\d+)\])?\.(\w+)$/.exec(path);
  const zone = content.zones[Number(found?.[1])];
  if (!found || !zone) {
    return path.replace(/^content\./, '');
  }
  const place = places.find(({ value }) => value === zone.place)?.words ?? zone.place;
  const band = zone.bands[Number(found[2])];
  const where = band
    ? say('visit.cm', { place, fromCm: cmWords(band.fromCm), toCm: cmWords(band.toCm) })
    : place;
  const field = found[3] ?? '';
  return `${where}, ${FIELD_WORDS[field]?.() ?? field}`;
}

/** The page's heading takes the focus, so that it is read out and the next key is not lost. */
function focusPage(): void {
  requestAnimationFrame(() => {
    window.document.querySelector<HTMLElement>('.case-page > h1')?.focus({ preventScroll: true });
  });
}

/** The keys that work on every screen of a case; never while something is typed. */
function useKeys({ onSheet }: { onSheet: () => void }): void {
  const { document: open } = useCase();
  const { light, setLight } = useLight();
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const here = useRef(pathname);
  useEffect(() => {
    if (here.current !== pathname) {
      here.current = pathname;
      focusPage();
    }
  }, [pathname]);
  const act = useRef<(event: KeyboardEvent) => void>(() => undefined);
  useEffect(() => {
    act.current = (event) => {
      const typing =
        (event.target instanceof HTMLInputElement && !['radio', 'checkbox'].includes(event.target.type)) ||
        event.target instanceof HTMLTextAreaElement;
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && !typing) {
        event.preventDefault();
        if (event.shiftKey) {
          open.redo();
        } else {
          open.undo();
        }
      } else if (
        !typing &&
        !event.repeat &&
        !event.ctrlKey &&
        !event.metaKey &&
        !event.altKey &&
        !dialogOpen()
      ) {
        if (event.key === '?') {
          onSheet();
        } else if (pageOf(event.key)) {
          void navigate(pageOf(event.key) ?? 'read');
        } else if (event.key.toLowerCase() === 'l') {
          setLight(nextLight(light));
        }
      }
    };
  });
  useEffect(() => {
    const listener = (event: KeyboardEvent): void => act.current(event);
    window.addEventListener('keydown', listener);
    return () => window.removeEventListener('keydown', listener);
  }, []);
}
