import { useQueryClient } from '@tanstack/react-query';
import { Button, Input, message, Modal, Spin } from 'antd';
import { useState, type ReactNode } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { answered, api, problemOf, type ClientView, type Problem } from '../api/client';
import { useClient, useLearnedOfClient } from '../api/queries';
import { Factors } from '../parts/Factors';
import { PhotoConsent } from '../parts/PhotoConsent';
import { ProblemNote } from '../parts/ProblemNote';
import { TopBar } from '../parts/TopBar';
import { VisitStory } from '../parts/VisitStory';
import { erased, leavesLater } from '../state/erased';
import { today } from '../state/today';
import { useTell } from '../state/useTell';
import { say } from '../words/say';

/** A client with all cases: any of them can be the beginning of a new one. */
export function ClientPage(): ReactNode {
  const id = Number(useParams().id);
  const client = useClient(id);
  return (
    <>
      <TopBar title={say('client.client')} />
      <main className="cases">
        {client.isPending && <Spin className="wait" />}
        {client.isError && (
          <>
            <ProblemNote problem={problemOf(client.error)} />
            <Link to="/clients">{say('client.allClients')}</Link>
          </>
        )}
        {client.data && <Known key={id} client={client.data} />}
      </main>
    </>
  );
}

function Known({ client }: { client: ClientView }): ReactNode {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [name, setName] = useState(client.name);
  const [note, setNote] = useState(client.note);
  const [problem, setProblem] = useState<Problem | null>(null);
  const [erasing, setErasing] = useState(false);
  const [typed, setTyped] = useState('');
  const path = { params: { path: { id: client.id } } };
  const done = async (work: () => Promise<void>): Promise<void> => {
    try {
      await work();
      setProblem(null);
    } catch (error) {
      setProblem(problemOf(error));
    }
  };
  const keep = (): Promise<void> =>
    done(async () => {
      await answered(
        api.PUT('/api/clients/{id}', { ...path, body: { version: client.version, name, note } }),
      );
      await queries.invalidateQueries();
    });
  const book = (copyOf: number): Promise<void> =>
    done(async () => {
      const made = await answered(
        api.POST('/api/clients/{id}/cases', {
          ...path,
          body: { date: today(), startTime: '09:00', minutes: 240, chair: '', copyOf },
        }),
      );
      await navigate(`/cases/${made.id}/consult`);
    });
  const erase = (): Promise<void> =>
    done(async () => {
      if (await erased(api.DELETE('/api/clients/{id}', path))) {
        void message.info(leavesLater());
      }
      await queries.invalidateQueries();
      await navigate('/clients');
    });
  return (
    <>
      {problem && <ProblemNote problem={problem} />}
      <div className="begin">
        <label>
          <span>{say('client.name')}</span>
          <Input value={name} onChange={(e) => setName(e.target.value)} onBlur={() => void keep()} />
        </label>
        <label className="begin-client">
          <span>{say('client.noteAlsoToBeFound')}</span>
          <Input value={note} onChange={(e) => setNote(e.target.value)} onBlur={() => void keep()} />
        </label>
        <Button type="primary" onClick={() => void book(0)}>
          {say('client.newCase')}
        </Button>
      </div>
      <PhotoConsent id={client.id} />
      <div className="client-deeds">
        <h1>{say('client.visits')}</h1>
        <span className="push" />
        <Button href={`/api/clients/${client.id}/archive`}>{say('client.exportAllAsAnArchive')}</Button>
        <Button danger onClick={() => setErasing(true)}>
          {say('client.eraseForGood')}
        </Button>
      </div>
      {client.cases.length === 0 && <p className="hint">{say('client.noCaseYetBeginOne')}</p>}
      <VisitStory visits={client.cases} onBegin={(copyOf) => void book(copyOf)} />
      <Learned id={client.id} />
      <Modal
        title={say('client.eraseForGood2', { name: client.name })}
        open={erasing}
        onCancel={() => setErasing(false)}
        okText={say('client.eraseForGood')}
        okButtonProps={{ danger: true, disabled: typed.trim() !== client.name }}
        onOk={() => void erase()}
      >
        <p>{say('client.allCasesAndPhotographsGo')}</p>
        <Input
          aria-label={say('client.nameToErase')}
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
        />
      </Modal>
    </>
  );
}

/** What this client's visits have taught, to be forgotten if it misleads. */
function Learned({ id }: { id: number }): ReactNode {
  const queries = useQueryClient();
  const tell = useTell();
  const learned = useLearnedOfClient(id).data;
  if (!learned) {
    return null;
  }
  return (
    <section className="back-box" aria-label={say('client.learned')}>
      <h2>{say('client.whatWeKnowAboutThis')}</h2>
      {learned.from + learned.bowls === 0 ? (
        <p className="quiet">{say('client.noVisitWasLookedBack')}</p>
      ) : (
        <>
          <p className="quiet">
            {say('client.bowlsTimesWhatWasReckoned', {
              figure:
                learned.from === 0
                  ? say('client.noVisitWasLookedBack')
                  : say('client.fromVisits', { from: learned.from }),
              grams: learned.grams,
              bowls: learned.bowls,
            })}
          </p>
          <Factors changes={learned.hair} />
        </>
      )}
      {learned.from > 0 && (
        <Button
          onClick={() =>
            tell(
              answered(api.DELETE('/api/clients/{id}/learned', { params: { path: { id } } })).then(() =>
                queries.invalidateQueries(),
              ),
            )
          }
        >
          {say('client.forgetWhatVisitsHaveTaught')}
        </Button>
      )}
    </section>
  );
}
