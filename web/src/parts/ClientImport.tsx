import { useQueryClient } from '@tanstack/react-query';
import { Modal } from 'antd';
import { useState, type ReactNode } from 'react';
import { problemOf, sendClients, type ImportedClients, type Problem } from '../api/client';
import { say } from '../words/say';
import { FileButton } from './FileButton';
import { ProblemNote } from './ProblemNote';

/** Clients from a file: looked at first, then all of them or nobody. */
export function ClientImport({ onProblem }: { onProblem: (problem: Problem | null) => void }): ReactNode {
  const queries = useQueryClient();
  const [file, setFile] = useState('');
  const [read, setRead] = useState<ImportedClients | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const look = async (chosen: File): Promise<void> => {
    onProblem(null);
    try {
      const text = await chosen.text();
      setRead(await sendClients(text, false));
      setFile(text);
      setProblem(null);
    } catch (error) {
      onProblem(problemOf(error));
    }
  };
  const take = async (): Promise<void> => {
    try {
      await sendClients(file, true);
      setRead(null);
      await queries.invalidateQueries();
    } catch (error) {
      setProblem(problemOf(error));
    }
  };
  return (
    <>
      <FileButton
        words={say('clients.bringClientsIn')}
        label={say('clients.fileOfClients')}
        accept=".csv,text/csv"
        onFile={look}
      />
      <Modal
        title={say('clients.bringClientsIn')}
        open={read !== null}
        onCancel={() => setRead(null)}
        okText={say('clients.takeOver', { fresh: read?.fresh ?? 0 })}
        okButtonProps={{ disabled: !read || read.wrong > 0 || read.fresh === 0 }}
        cancelText={say('clients.leaveIt')}
        onOk={() => void take()}
        width={720}
      >
        {problem && <ProblemNote problem={problem} />}
        {read && (
          <>
            <p role="status">{say('clients.inTheFile', { fresh: read.fresh, known: read.known })}</p>
            {read.wrong > 0 && (
              <p className="finding warning">{say('clients.wrongLines', { wrong: read.wrong })}</p>
            )}
            <ul className="client-import">
              {read.lines.map((one) => (
                <li key={one.line} className={one.outcome.toLowerCase()}>
                  <span>{say('clients.line', { line: one.line })}</span>
                  <span>
                    <strong>{one.name}</strong> {one.note}
                  </span>
                  <span>
                    {one.outcome === 'KNOWN' && say('clients.knownAlready')}
                    {one.remedy}
                  </span>
                </li>
              ))}
            </ul>
          </>
        )}
      </Modal>
    </>
  );
}
