import { Button, Input } from 'antd';
import { useState, type ReactNode } from 'react';
import { answered, api, type JobView } from '../api/client';
import type { Act } from '../pages/ChairPage';
import { say } from '../words/say';

/** What happened, newest first; a slip is taken back, which is an entry of its own. */
export function ChairLog(props: { job: JobView; hand: string; id: number; onAct: Act }): ReactNode {
  const { job, hand, id, onAct } = props;
  const [words, setWords] = useState('');
  const path = { params: { path: { id } } };
  return (
    <details className="chair-log">
      <summary>{say('chair.whatHappened')}</summary>
      <div className="chair-buttons">
        <Input
          aria-label={say('chair.worthRemembering')}
          placeholder={say('chair.worthRemembering')}
          value={words}
          onChange={(event) => setWords(event.target.value)}
          style={{ width: 320 }}
        />
        <Button
          disabled={words.trim() === ''}
          onClick={() => {
            void onAct(
              `said ${words}`,
              (headers) =>
                answered(api.POST('/api/cases/{id}/job/said', { ...path, headers, body: { hand, words } })),
              { deed: 'said', body: { hand, words } },
            );
            setWords('');
          }}
        >
          {say('chair.noteIt')}
        </Button>
      </div>
      <ul>
        {job.entries.map((entry) => (
          <li key={entry.number}>
            <time>{entry.clock}</time>
            <span>
              {entry.words} {entry.hand && <small>{entry.hand}</small>}
            </span>
            {entry.canBeTakenBack && (
              <Button
                aria-label={say('chair.takeBack', { words: entry.words })}
                onClick={() =>
                  void onAct(`back ${entry.number}`, (headers) =>
                    answered(
                      api.POST('/api/cases/{id}/job/taken-back', {
                        ...path,
                        headers,
                        body: { hand, entry: entry.number },
                      }),
                    ),
                  )
                }
              >
                {say('chair.takeBack2')}
              </Button>
            )}
          </li>
        ))}
      </ul>
    </details>
  );
}
