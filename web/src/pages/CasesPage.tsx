import { useQueryClient } from '@tanstack/react-query';
import { App, Button, Empty, Input, Spin } from 'antd';
import { useRef, useState, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { answered, api, problemOf, type CaseSummary, type ExportedCase, type Problem } from '../api/client';
import { useCases } from '../api/queries';
import { ProblemNote } from '../parts/ProblemNote';
import { Shortcuts } from '../parts/Shortcuts';
import { Swatch } from '../parts/Swatch';

const MOST_BYTES = 2 * 1024 * 1024;

function today(): string {
  const now = new Date();
  return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
}

/** All cases, a new one, one from a file. */
export function CasesPage(): ReactNode {
  const cases = useCases();
  const [problem, setProblem] = useState<Problem | null>(null);
  const [help, setHelp] = useState(false);
  return (
    <>
      <header className="bar">
        <span className="logo">
          misch<em>u</em>ng
        </span>
        <span className="quiet">Corrective colour, computed on the hair</span>
        <span className="push" />
        <Button type="text" onClick={() => setHelp(true)}>
          Help
        </Button>
      </header>
      <Shortcuts open={help} onClose={() => setHelp(false)} />
      <main className="cases">
        {problem && <ProblemNote problem={problem} />}
        <Begin onProblem={setProblem} />
        <h1>Cases</h1>
        {cases.isPending && <Spin />}
        {cases.isError && <ProblemNote problem={problemOf(cases.error)} />}
        {cases.data?.length === 0 && (
          <Empty
            image={Empty.PRESENTED_IMAGE_SIMPLE}
            description="No case yet. Give the client a name above and begin to read the hair."
          />
        )}
        <ul className="case-list">
          {cases.data?.map((one) => (
            <CaseLine key={one.id} one={one} onProblem={setProblem} />
          ))}
        </ul>
      </main>
    </>
  );
}

function Begin({ onProblem }: { onProblem: (problem: Problem | null) => void }): ReactNode {
  const navigate = useNavigate();
  const file = useRef<HTMLInputElement>(null);
  const [name, setName] = useState('');
  const [date, setDate] = useState(today);
  const begin = async (): Promise<void> => {
    try {
      const made = await answered(api.POST('/api/cases', { body: { clientName: name, date } }));
      await navigate(`/cases/${made.id}/read`);
    } catch (error) {
      onProblem(problemOf(error));
    }
  };
  const importFile = async (chosen: File): Promise<void> => {
    try {
      const made = await sendFile(chosen);
      await navigate(`/cases/${made}/read`);
    } catch (error) {
      onProblem(problemOf(error));
    }
  };
  return (
    <form
      className="begin"
      onSubmit={(event) => {
        event.preventDefault();
        void begin();
      }}
    >
      <label>
        <span>Client</span>
        <Input value={name} placeholder="Name" onChange={(event) => setName(event.target.value)} />
      </label>
      <label>
        <span>Day</span>
        <Input type="date" value={date} onChange={(event) => setDate(event.target.value)} />
      </label>
      <Button type="primary" htmlType="submit">
        New case
      </Button>
      <span className="push" />
      <Button onClick={() => file.current?.click()}>Import a file</Button>
      <input
        ref={file}
        type="file"
        accept=".json,application/json"
        className="unseen"
        aria-label="Case file"
        tabIndex={-1}
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (chosen) {
            void importFile(chosen);
          }
        }}
      />
    </form>
  );
}

/** The file goes as it is: whether it is a case, and which field is wrong, is for the server to say. */
async function sendFile(chosen: File): Promise<number> {
  // The server says the same; a file this large need not travel first.
  const body = chosen.size > MOST_BYTES ? new Blob([new Uint8Array(MOST_BYTES + 1).fill(32)]) : chosen;
  const made = await answered(
    api.POST('/api/cases/file', {
      // Sent as the file's own text, so that a broken file is named as such.
      body: body as unknown as ExportedCase,
      bodySerializer: (text) => text as unknown as string,
      headers: { 'Content-Type': 'application/json' },
    }),
  );
  return made.id;
}

function CaseLine({
  one,
  onProblem,
}: {
  one: CaseSummary;
  onProblem: (p: Problem | null) => void;
}): ReactNode {
  const queries = useQueryClient();
  const { message } = App.useApp();
  const path = { params: { path: { id: one.id } } };
  const erase = async (): Promise<void> => {
    try {
      const kept = await answered(api.GET('/api/cases/{id}/file', path));
      await answered(api.DELETE('/api/cases/{id}', path));
      await queries.invalidateQueries({ queryKey: ['cases'] });
      const key = `erased ${one.id}`;
      message.open({
        key,
        type: 'info',
        duration: 12,
        content: (
          <>
            {one.clientName} was erased.{' '}
            <Button
              size="small"
              onClick={() => {
                message.destroy(key);
                void bringBack(kept);
              }}
            >
              Bring back
            </Button>
          </>
        ),
      });
    } catch (error) {
      onProblem(problemOf(error));
    }
  };
  const bringBack = async (kept: ExportedCase): Promise<void> => {
    try {
      await answered(api.POST('/api/cases/file', { body: kept }));
      await queries.invalidateQueries({ queryKey: ['cases'] });
    } catch (error) {
      onProblem(problemOf(error));
    }
  };
  return (
    <li>
      <Link to={`/cases/${one.id}/read`} className="case-link">
        <strong>{one.clientName}</strong>
        <span>{one.date}</span>
        <Swatch look={one.wishLook}>wish: {one.wish}</Swatch>
      </Link>
      <Link to={`/cases/${one.id}/plan`} className="case-plan">
        Plan
      </Link>
      <Button type="text" aria-label={`Erase ${one.clientName}`} onClick={() => void erase()}>
        Erase
      </Button>
    </li>
  );
}
