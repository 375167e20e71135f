import { useQueryClient } from '@tanstack/react-query';
import { Button, Input, message, Modal, Spin } from 'antd';
import { useState, type ReactNode } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { answered, api, problemOf, type ClientView, type Problem } from '../api/client';
import { useClient, useLearnedOfClient } from '../api/queries';
import { Factors } from '../parts/Factors';
import { ProblemNote } from '../parts/ProblemNote';
import { Swatch } from '../parts/Swatch';
import { TopBar } from '../parts/TopBar';
import { erased, LEAVES_LATER } from '../state/erased';
import { today } from '../state/today';
import { useTell } from '../state/useTell';

/** A client with all cases: any of them can be the beginning of a new one. */
export function ClientPage(): ReactNode {
  const id = Number(useParams().id);
  const client = useClient(id);
  return (
    <>
      <TopBar title="Client" />
      <main className="cases">
        {client.isPending && <Spin className="wait" />}
        {client.isError && (
          <>
            <ProblemNote problem={problemOf(client.error)} />
            <Link to="/clients">All clients</Link>
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
        void message.info(LEAVES_LATER);
      }
      await queries.invalidateQueries();
      await navigate('/clients');
    });
  return (
    <>
      {problem && <ProblemNote problem={problem} />}
      <div className="begin">
        <label>
          <span>Name</span>
          <Input value={name} onChange={(e) => setName(e.target.value)} onBlur={() => void keep()} />
        </label>
        <label className="begin-client">
          <span>Note, also to be found by</span>
          <Input value={note} onChange={(e) => setNote(e.target.value)} onBlur={() => void keep()} />
        </label>
        <Button type="primary" onClick={() => void book(0)}>
          New case
        </Button>
      </div>
      <div className="client-deeds">
        <h1>Cases</h1>
        <span className="push" />
        <Button href={`/api/clients/${client.id}/archive`}>Export all as an archive</Button>
        <Button danger onClick={() => setErasing(true)}>
          Erase for good
        </Button>
      </div>
      {client.cases.length === 0 && <p className="hint">No case yet. Begin one above.</p>}
      <ul className="case-list">
        {client.cases.map((one) => (
          <li key={one.id}>
            <Link to={`/cases/${one.id}/read`} className="case-link">
              <strong>{one.date}</strong>
              <span>{one.status.toLowerCase()}</span>
              <Swatch look={one.wishLook}>wish: {one.wish}</Swatch>
            </Link>
            <Link to={`/cases/${one.id}/plan`} className="case-plan">
              Plan
            </Link>
            <Link to={`/cases/${one.id}/look-back`} className="case-plan">
              Look back
            </Link>
            <Button
              type="text"
              aria-label={`Begin a new case from ${one.date}`}
              onClick={() => void book(one.id)}
            >
              Start a new visit from this one
            </Button>
          </li>
        ))}
      </ul>
      <Learned id={client.id} />
      <Modal
        title={`Erase ${client.name} for good?`}
        open={erasing}
        onCancel={() => setErasing(false)}
        okText="Erase for good"
        okButtonProps={{ danger: true, disabled: typed.trim() !== client.name }}
        onOk={() => void erase()}
      >
        <p>
          All cases and photographs go, and nothing can bring them back. Export the archive first if anything
          of it is to be kept. Type the name to go on.
        </p>
        <Input aria-label="Name to erase" value={typed} onChange={(e) => setTyped(e.target.value)} />
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
    <section className="back-box" aria-label="Learned">
      <h2>What we know about this hair</h2>
      <p className="quiet">
        {learned.from === 0
          ? 'No visit was looked back on yet.'
          : `From ${learned.from} ${learned.from === 1 ? 'visit' : 'visits'}.`}{' '}
        Bowls: {learned.grams} times what was reckoned, from {learned.bowls}{' '}
        {learned.bowls === 1 ? 'bowl' : 'bowls'}.
      </p>
      <Factors changes={learned.hair} />
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
          Forget what visits have taught
        </Button>
      )}
    </section>
  );
}
