import { useQueryClient } from '@tanstack/react-query';
import { Button, Input, Popconfirm } from 'antd';
import { useState, type ReactNode } from 'react';
import { answered, api, problemOf, type CopiesView, type CopyView, type Problem } from '../api/client';
import { useCopies } from '../api/queries';
import { instantWords } from '../state/today';
import { figure, say } from '../words/say';
import { ProblemNote } from './ProblemNote';

const MEGABYTE = 1_000_000;

/** Copies of everything the salon keeps: which there are, one more, and one back. */
export function SafetyCopies(): ReactNode {
  const queries = useQueryClient();
  const copies = useCopies().data;
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<Problem | null>(null);
  const ask = async (answer: Promise<CopiesView>): Promise<boolean> => {
    setBusy(true);
    try {
      queries.setQueryData(['copies'], await answer);
      setProblem(null);
      return true;
    } catch (error) {
      setProblem(problemOf(error));
      return false;
    } finally {
      setBusy(false);
    }
  };
  return (
    <section className="salon-wide" aria-labelledby="salon-copies">
      <h2 id="salon-copies">{say('salon.safetyCopies')}</h2>
      {problem && <ProblemNote problem={problem} />}
      {copies && (
        <>
          <p className="quiet">{say('salon.copiesLieIn')}</p>
          <Folder
            key={copies.folder}
            folder={copies.folder}
            onMove={(folder) => ask(answered(api.PUT('/api/copies/folder', { body: { folder } })))}
          />
          <Encryption
            on={copies.encrypts}
            onChange={(passphrase) =>
              ask(answered(api.PUT('/api/copies/passphrase', { body: { passphrase } })))
            }
          />
          {copies.old && <p className="finding warning">{say('salon.lastCopyIsOld')}</p>}
          {copies.waits && (
            <p className="finding warning" role="status">
              {say('salon.aCopyWaits')}{' '}
              <Button onClick={() => void ask(answered(api.DELETE('/api/copies/waiting')))}>
                {say('salon.doNotRestore')}
              </Button>
            </p>
          )}
          <Button
            className="salon-copy-now"
            loading={busy}
            onClick={() => void ask(answered(api.POST('/api/copies')))}
          >
            {say('salon.copyNow')}
          </Button>
          <ul className="salon-copies">
            {copies.copies.map((copy) => (
              <OneCopy
                key={copy.name}
                copy={copy}
                onRestore={(passphrase) =>
                  ask(
                    answered(
                      api.POST('/api/copies/{name}/restore', {
                        params: { path: { name: copy.name } },
                        body: { passphrase },
                      }),
                    ),
                  )
                }
              />
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

function OneCopy(props: { copy: CopyView; onRestore: (passphrase: string) => Promise<boolean> }): ReactNode {
  const { copy, onRestore } = props;
  const [passphrase, setPassphrase] = useState('');
  const at = instantWords(copy.at);
  return (
    <li>
      <span>
        <strong>{at}</strong>{' '}
        <small>
          {say('salon.copyOf', { days: copy.days, megabytes: figure(copy.bytes / MEGABYTE, 1) })}
          {copy.encrypted && `, ${say('salon.encryptedCopy')}`}
        </small>
      </span>
      <Popconfirm
        title={say('salon.restoreThis')}
        description={
          <>
            <p>{say('salon.whatRestoringDoes')}</p>
            {copy.encrypted && (
              <Input.Password
                aria-label={say('salon.passphraseOfTheCopy')}
                placeholder={say('salon.passphraseOfTheCopy')}
                autoComplete="off"
                value={passphrase}
                onChange={({ target }) => setPassphrase(target.value)}
              />
            )}
          </>
        }
        okText={say('salon.restore')}
        cancelText={say('salon.no')}
        onConfirm={() => void onRestore(passphrase).then(() => setPassphrase(''))}
      >
        <Button aria-label={say('salon.restoreFrom', { at })}>{say('salon.restore')}</Button>
      </Popconfirm>
    </li>
  );
}

function Folder(props: { folder: string; onMove: (folder: string) => Promise<boolean> }): ReactNode {
  const [folder, setFolder] = useState(props.folder);
  return (
    <form
      className="salon-copy-form"
      onSubmit={(event) => {
        event.preventDefault();
        void props.onMove(folder);
      }}
    >
      <label>
        <span>{say('salon.copyFolder')}</span>
        <Input value={folder} spellCheck={false} onChange={({ target }) => setFolder(target.value)} />
      </label>
      <Button htmlType="submit" disabled={folder === props.folder}>
        {say('salon.keepCopiesThere')}
      </Button>
    </form>
  );
}

/** Typed twice: with a slip in it no copy would ever open. */
function Encryption(props: { on: boolean; onChange: (passphrase: string) => Promise<boolean> }): ReactNode {
  const { on, onChange } = props;
  const [open, setOpen] = useState(false);
  const [once, setOnce] = useState('');
  const [again, setAgain] = useState('');
  const [differ, setDiffer] = useState(false);
  const close = (): void => {
    setOpen(false);
    setOnce('');
    setAgain('');
    setDiffer(false);
  };
  return (
    <>
      <p>{on ? say('salon.copiesAreEncrypted') : say('salon.copiesAreReadable')}</p>
      {open ? (
        <form
          className="salon-copy-form"
          onSubmit={(event) => {
            event.preventDefault();
            if (once !== again) {
              setDiffer(true);
              return;
            }
            void onChange(once).then((taken) => taken && close());
          }}
        >
          <label>
            <span>{say('salon.encryptWith')}</span>
            <Input.Password
              autoComplete="new-password"
              value={once}
              onChange={({ target }) => setOnce(target.value)}
            />
          </label>
          <label>
            <span>{say('salon.passphraseTwice')}</span>
            <Input.Password
              autoComplete="new-password"
              value={again}
              status={differ ? 'error' : ''}
              onChange={({ target }) => setAgain(target.value)}
            />
          </label>
          <Button type="primary" htmlType="submit" disabled={once === ''}>
            {say('salon.encryptCopies')}
          </Button>
          {differ && (
            <span role="alert" className="field-wrong">
              {say('salon.passphrasesDiffer')}
            </span>
          )}
        </form>
      ) : (
        <div className="salon-copy-ways">
          <Button onClick={() => setOpen(true)}>
            {on ? say('salon.changePassphrase') : say('salon.encryptCopies')}
          </Button>
          {on && <Button onClick={() => void onChange('')}>{say('salon.copyOnly')}</Button>}
        </div>
      )}
    </>
  );
}
