import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input, Progress } from 'antd';
import { useState, type ReactNode } from 'react';
import { answered, api, problemOf, sendRange, type ImportView, type Problem } from '../api/client';
import { FileButton } from './FileButton';
import { ProblemNote } from './ProblemNote';
import { Swatch } from './Swatch';
import { say } from '../words/say';

const LOOK_EVERY = 150;

/** A range from a file: read, looked at, then put on the shelf whole or not at all. */
export function RangeImport(): ReactNode {
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [reading, setReading] = useState(0);
  const [problem, setProblem] = useState<Problem | null>(null);
  const progress = useQuery({
    queryKey: ['import', reading],
    queryFn: () => answered(api.GET('/api/shelf/imports/{id}', { params: { path: { id: reading } } })),
    enabled: reading > 0,
    refetchInterval: (query) => (query.state.data?.state === 'READING' ? LOOK_EVERY : false),
  });
  const begin = async (chosen: File): Promise<void> => {
    setProblem(null);
    try {
      const range = name.trim() || chosen.name.replace(/\.csv$/i, '').slice(0, 40);
      const begun = await sendRange(range, await chosen.text());
      setReading(begun.id);
    } catch (error) {
      setProblem(problemOf(error));
    }
  };
  const takeOver = async (): Promise<void> => {
    try {
      await answered(api.POST('/api/shelf/imports/{id}/taken-over', { params: { path: { id: reading } } }));
      setReading(0);
      setName('');
      await queries.invalidateQueries();
    } catch (error) {
      setProblem(problemOf(error));
    }
  };
  return (
    <div className="range-import">
      <div className="range-import-head">
        <Input
          aria-label={say('shelf.nameOfTheNewRange')}
          placeholder={say('shelf.nameOfYourRange')}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <FileButton
          words={say('shelf.importAProductRange')}
          label={say('shelf.rangeFile')}
          accept=".csv,text/csv"
          onFile={begin}
        />
      </div>
      {problem && <ProblemNote problem={problem} />}
      {reading > 0 && progress.data && (
        <Preview one={progress.data} onTakeOver={() => void takeOver()} onLeave={() => setReading(0)} />
      )}
    </div>
  );
}

function Preview(props: { one: ImportView; onTakeOver: () => void; onLeave: () => void }): ReactNode {
  const { one } = props;
  return (
    <section className="range-preview" aria-label={say('shelf.previewOf', { range: one.range })}>
      <h3>{say('shelf.ofLinesRead', { range: one.range, done: one.done, lines: one.lines })}</h3>
      <Progress
        percent={Math.round((100 * one.done) / Math.max(1, one.lines))}
        showInfo={false}
        aria-label={say('shelf.linesRead')}
      />
      {one.state === 'WRONG' && (
        <div role="alert">
          <p>
            <strong>{say('shelf.linesCannotBeNothingIs', { wrongCount: one.wrong.length })}</strong>
          </p>
          <ul className="wrong-lines">
            {one.wrong.map((wrong) => (
              <li key={`${wrong.line} ${wrong.column}`}>
                <b>{say('shelf.line', { line: wrong.line })}</b>
                {wrong.column && `, ${wrong.column}`}
                {wrong.value && ` “${wrong.value}”`}: {wrong.remedy}
              </li>
            ))}
          </ul>
        </div>
      )}
      {one.state === 'READ' && (
        <ul className="previewed">
          {one.preview.map((product) => (
            <li key={product.code}>
              {product.shade[0]?.look[0] ? (
                <Swatch look={product.shade[0].look[0]}>{product.name}</Swatch>
              ) : (
                product.name
              )}
              <small>
                {product.code} · {product.shade[0]?.classWords ?? product.kindWords}
              </small>
            </li>
          ))}
          {one.lines > one.preview.length && (
            <li>{say('shelf.andMore', { lines: one.lines - one.preview.length })}</li>
          )}
        </ul>
      )}
      <div className="range-import-head">
        <Button type="primary" disabled={one.state !== 'READ'} onClick={props.onTakeOver}>
          {say('shelf.putAllOfItOn')}
        </Button>
        <Button onClick={props.onLeave}>{say('shelf.leaveIt')}</Button>
      </div>
    </section>
  );
}
