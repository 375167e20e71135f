import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox, Input, Popconfirm, QRCode } from 'antd';
import { useState, type ReactNode } from 'react';
import { answered, api, problemOf, type DevicesView, type Problem } from '../api/client';
import { instantWords } from '../state/today';
import { say } from '../words/say';
import { ProblemNote } from './ProblemNote';

/** How often it is asked whether a device waits. */
const ASKED_EVERY = 3000;

/** The door to the house's network, and the devices that were let in by it. */
export function SalonDevices(): ReactNode {
  const queries = useQueryClient();
  const devices = useQuery({
    queryKey: ['devices'],
    queryFn: () => answered(api.GET('/api/devices')),
    refetchInterval: ({ state }) => (state.data?.network ? ASKED_EVERY : false),
  }).data;
  const [problem, setProblem] = useState<Problem | null>(null);
  const ask = async (answer: Promise<DevicesView>): Promise<boolean> => {
    try {
      queries.setQueryData(['devices'], await answer);
      setProblem(null);
      return true;
    } catch (error) {
      setProblem(problemOf(error));
      return false;
    }
  };
  return (
    <section className="salon-wide" aria-labelledby="salon-devices">
      <h2 id="salon-devices">{say('salon.devices')}</h2>
      {problem && <ProblemNote problem={problem} />}
      {devices && (
        <>
          <Checkbox
            className="salon-check"
            checked={devices.network}
            onChange={(event) =>
              void ask(answered(api.PUT('/api/devices/network', { body: { on: event.target.checked } })))
            }
          >
            {say('salon.letTheNetworkIn')}
          </Checkbox>
          {devices.network && (
            <Door
              devices={devices}
              onPair={(code, name) => ask(answered(api.POST('/api/devices', { body: { code, name } })))}
            />
          )}
          <ul className="salon-list">
            {devices.devices.map((one) => (
              <li key={one.id} data-device={one.name}>
                <label>
                  <span>{say('salon.name')}</span>
                  <Input
                    key={one.name}
                    defaultValue={one.name}
                    onBlur={({ target }) =>
                      target.value !== one.name &&
                      void ask(
                        answered(
                          api.PUT('/api/devices/{id}', {
                            params: { path: { id: one.id } },
                            body: { name: target.value },
                          }),
                        ),
                      )
                    }
                  />
                </label>
                <span className="quiet">{say('salon.lastSeen', { at: instantWords(one.seenAt) })}</span>
                <Popconfirm
                  title={say('salon.removeDevice', { name: one.name })}
                  description={say('salon.whatRemovingDoes')}
                  okText={say('salon.remove')}
                  cancelText={say('salon.no')}
                  onConfirm={() =>
                    void ask(answered(api.DELETE('/api/devices/{id}', { params: { path: { id: one.id } } })))
                  }
                >
                  <Button aria-label={say('salon.removeOne', { name: one.name })}>
                    {say('salon.remove')}
                  </Button>
                </Popconfirm>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

/** How a new device comes in. */
function Door({
  devices,
  onPair,
}: {
  devices: DevicesView;
  onPair: (code: string, name: string) => Promise<boolean>;
}): ReactNode {
  const [code, setCode] = useState('');
  const [name, setName] = useState('');
  const address = devices.addresses[0] ?? '';
  return (
    <div className="salon-door">
      {address !== '' && (
        <QRCode type="svg" value={address} size={160} bordered={false} aria-label={address} />
      )}
      <ol>
        <li>
          {say('salon.openOnTheDevice')} <strong>{devices.addresses.join(' · ')}</strong>
        </li>
        {devices.ownCertificate && <li>{say('salon.trustTheCertificate')}</li>}
        <li>{say('salon.typeWhatItShows')}</li>
      </ol>
      <form
        className="salon-new"
        aria-label={say('salon.pairADevice')}
        onSubmit={(event) => {
          event.preventDefault();
          void onPair(code, name).then((done) => {
            if (done) {
              setCode('');
              setName('');
            }
          });
        }}
      >
        <label>
          <span>{say('salon.figuresItShows')}</span>
          <Input
            className="salon-code"
            inputMode="numeric"
            value={code}
            onChange={(event) => setCode(event.target.value)}
          />
        </label>
        <label>
          <span>{say('salon.nameOfTheDevice')}</span>
          <Input value={name} onChange={(event) => setName(event.target.value)} />
        </label>
        <Button type="primary" htmlType="submit" disabled={code.trim() === '' || name.trim() === ''}>
          {say('salon.letItIn')}
        </Button>
        <span className="quiet" role="status">
          {say('salon.devicesWait', { waiting: devices.waiting })}
        </span>
      </form>
    </div>
  );
}
