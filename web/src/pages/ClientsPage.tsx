import { useQueryClient } from '@tanstack/react-query';
import { Button, Empty, Input, message, Spin } from 'antd';
import { useState, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { answered, api, problemOf, type CaseSummary, type ExportedCase, type Problem } from '../api/client';
import { useCases, useClients, usePast } from '../api/queries';
import { ClientImport } from '../parts/ClientImport';
import { FileButton } from '../parts/FileButton';
import { ProblemNote } from '../parts/ProblemNote';
import { Swatch } from '../parts/Swatch';
import { TopBar } from '../parts/TopBar';
import { useSettled } from '../state/useSettled';
import { erased, leavesLater } from '../state/erased';
import { say } from '../words/say';

const MOST_BYTES = 2 * 1024 * 1024;
const MOST_SHOWN = 12;

/** Clients to be searched, the latest cases, and a case from a file. */
export function ClientsPage(): ReactNode {
  const cases = useCases();
  const [problem, setProblem] = useState<Problem | null>(null);
  return (
    <>
      <TopBar title={say('clients.clients')} />
      <main className="cases">
        {problem && <ProblemNote problem={problem} />}
        <Search onProblem={setProblem} />
        <Past />
        <h2>{say('clients.latestCases')}</h2>
        {cases.isPending && <Spin />}
        {cases.isError && <ProblemNote problem={problemOf(cases.error)} />}
        {cases.data?.length === 0 && (
          <Empty image={Empty.PRESENTED_IMAGE_SIMPLE} description={say('clients.noCaseYetBeginOne')} />
        )}
        <ul className="case-list">
          {cases.data?.slice(0, MOST_SHOWN).map((one) => (
            <CaseLine key={one.id} one={one} onProblem={setProblem} />
          ))}
        </ul>
      </main>
    </>
  );
}

function Search({ onProblem }: { onProblem: (problem: Problem | null) => void }): ReactNode {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [words, setWords] = useState('');
  const found = useClients(useSettled(words, 120));
  const importFile = async (chosen: File): Promise<void> => {
    onProblem(null);
    try {
      const made = await sendFile(chosen);
      await queries.invalidateQueries();
      await navigate(`/cases/${made}/read`);
    } catch (error) {
      onProblem(problemOf(error));
    }
  };
  return (
    <section className="client-search" aria-label={say('clients.clients')}>
      <div className="begin">
        <label className="begin-client">
          <span>{say('clients.findAClientByName')}</span>
          <Input
            value={words}
            aria-label={say('clients.findAClient')}
            placeholder={say('clients.beginningOfAnyWord')}
            onChange={(event) => setWords(event.target.value)}
          />
        </label>
        <span className="push" />
        <ClientImport onProblem={onProblem} />
        <FileButton
          words={say('clients.importAFile')}
          label={say('clients.caseFile')}
          accept=".json,application/json"
          onFile={importFile}
        />
      </div>
      {found.isError && <ProblemNote problem={problemOf(found.error)} />}
      {found.data && (
        <p className="quiet" role="status">
          {found.data.clients.length === 0
            ? say('clients.nobodyOfThatName')
            : say('clients.ofClients', { clientsCount: found.data.clients.length, all: found.data.all })}
        </p>
      )}
      <ul className="client-list">
        {found.data?.clients.map((one) => (
          <li key={one.id}>
            <Link to={`/clients/${one.id}`}>
              <strong>{one.name}</strong>
              <small>
                {one.note && `${one.note} · `}
                {one.visits === 1 ? say('clients.n1Case') : say('clients.cases', { visits: one.visits })}
                {one.lastDay && say('clients.last', { lastDay: one.lastDay })}
              </small>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Past work, asked for in one's own words. */
function Past(): ReactNode {
  const [words, setWords] = useState('');
  const asked = useSettled(words, 200);
  const past = usePast(asked);
  return (
    <section className="past" aria-label={say('clients.pastWork')}>
      <label className="begin-client">
        <span>{say('clients.findPastWorkByCanvas')}</span>
        <Input
          value={words}
          aria-label={say('clients.findPastWork')}
          placeholder={say('clients.n10To6OnPorous')}
          onChange={(event) => setWords(event.target.value)}
        />
      </label>
      {past.isError && <ProblemNote problem={problemOf(past.error)} />}
      {asked.trim() !== '' && past.data && (
        <p className="quiet" role="status" aria-label={say('clients.understood')}>
          {past.data.visits.length === 0
            ? say('clients.nothingFoundWhere')
            : say('clients.foundWhere', { visitsCount: past.data.visits.length })}
          {past.data.understood.join(', ') || say('clients.anythingWasDone')}
        </p>
      )}
      <ul>
        {(asked.trim() === '' ? [] : (past.data?.visits ?? [])).map((one) => (
          <li key={one.visitId}>
            <Link to={`/cases/${one.visitId}/look-back`}>
              <strong>
                {one.clientName}, {one.date}
              </strong>
            </Link>
            <span>
              {say('clients.toPorosity', {
                canvas: one.canvas,
                wish: one.wish,
                school: one.school,
                porosity: one.porosity,
                shades: one.shades && `; ${one.shades}`,
              })}
            </span>
            <span>{one.outcome}</span>
            {[one.worked, one.alsoWorked].filter(Boolean).map((line) => (
              <small key={line}>{say('clients.workedWell', { line })}</small>
            ))}
            {one.toChange && <small>{say('clients.doDifferently', { toChange: one.toChange })}</small>}
          </li>
        ))}
      </ul>
    </section>
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
  const path = { params: { path: { id: one.id } } };
  const erase = async (): Promise<void> => {
    try {
      const kept = await answered(api.GET('/api/cases/{id}/file', path));
      const later = await erased(api.DELETE('/api/cases/{id}', path));
      await queries.invalidateQueries({ queryKey: ['cases'] });
      const key = `erased ${one.id}`;
      void message.open({
        key,
        type: 'info',
        duration: 12,
        content: (
          <>
            {say('clients.wasErasedPhotographsForGood', {
              clientName: one.clientName,
              date: one.date,
              later: later && `${leavesLater()} `,
            })}
            <Button
              size="small"
              onClick={() => {
                message.destroy(key);
                void bringBack(kept);
              }}
            >
              {say('clients.bringBack')}
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
      await answered(
        api.POST('/api/cases/file', { body: kept, params: { query: { clientId: one.clientId } } }),
      );
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
        <Swatch look={one.wishLook}>{say('clients.wish', { wish: one.wish })}</Swatch>
      </Link>
      <Link to={`/cases/${one.id}/decide?open=chosen`} className="case-plan">
        {say('clients.plan')}
      </Link>
      <Button
        type="text"
        aria-label={say('clients.erase', { clientName: one.clientName })}
        onClick={() => void erase()}
      >
        {say('clients.erase2')}
      </Button>
    </li>
  );
}
