import { Button, Input, InputNumber, Modal, Segmented, Select } from 'antd';
import { useState, type ReactNode } from 'react';
import type { ChangedView, JobView } from '../api/client';
import { say } from '../words/say';

type What = ChangedView['what'] | 'SCALP';

export type Scalp = 'WHOLE' | 'IRRITATED' | 'BROKEN';

const SCALPS: { value: Scalp; label: () => string }[] = [
  { value: 'WHOLE', label: () => say('chair.whole') },
  { value: 'IRRITATED', label: () => say('chair.irritated') },
  { value: 'BROKEN', label: () => say('chair.brokenSkin') },
];

const WHATS: { value: What; label: () => string }[] = [
  { value: 'HANDS', label: () => say('chair.staff') },
  { value: 'GOES_BY', label: () => say('chair.clientSHour') },
  { value: 'SHORT', label: () => say('chair.aBowlIsShort') },
  { value: 'LATE', label: () => say('chair.runningLate') },
  { value: 'SCALP', label: () => say('chair.theScalp') },
];

interface Props {
  job: JobView;
  onClose: () => void;
  onChanged: (change: Omit<ChangedView, 'hand'>) => void;
  onScalp: (scalp: Scalp) => void;
}

/** Something that came up besides what a strand shows; the rest is then planned again, to be accepted or left. */
export function ChairChange({ job, onClose, onChanged, onScalp }: Props): ReactNode {
  const [what, setWhat] = useState<What>('HANDS');
  const [hands, setHands] = useState(1);
  const [clock, setClock] = useState('');
  const bowls = [...new Set(job.tasks.flatMap((task) => task.bowls))].sort();
  const [bowl, setBowl] = useState(bowls[0] ?? '');
  const [scalp, setScalp] = useState<Scalp>('WHOLE');
  const [grams, setGrams] = useState<number | null>(30);
  return (
    <Modal title={say('chair.changeThePlan')} open onCancel={onClose} footer={null} width={720}>
      <Segmented<What>
        aria-label={say('chair.whatCameUp')}
        value={what}
        onChange={setWhat}
        options={WHATS.map(({ value, label }) => ({ value, label: label() }))}
        block
      />
      <div className="chair-change">
        {what === 'HANDS' && (
          <label>
            <span>{say('chair.peopleOnThisHeadFrom')}</span>
            <Segmented<number>
              aria-label={say('chair.people')}
              value={hands}
              onChange={setHands}
              options={[1, 2, 3]}
            />
          </label>
        )}
        {what === 'GOES_BY' && (
          <label>
            <span>{say('chair.theClientHasToLeave')}</span>
            <Input
              aria-label={say('chair.byWhen')}
              placeholder="16:30"
              value={clock}
              onChange={(event) => setClock(event.target.value)}
              style={{ width: 120 }}
            />
          </label>
        )}
        {what === 'SHORT' && (
          <>
            <label>
              <span>{say('chair.bowl')}</span>
              <Select
                aria-label={say('chair.bowl')}
                value={bowl}
                onChange={setBowl}
                options={bowls.map((one) => ({ value: one, label: one }))}
                style={{ width: 90 }}
              />
            </label>
            <label>
              <span>{say('chair.gramsStillWantedWithDeveloper')}</span>
              <InputNumber
                aria-label={say('chair.gramsWanted')}
                min={1}
                max={1000}
                value={grams}
                onChange={setGrams}
              />
            </label>
          </>
        )}
        {what === 'LATE' && <p>{say('chair.everythingThatHasNotBegun')}</p>}
        {what === 'SCALP' && (
          <>
            <label>
              <span>{say('chair.theScalpIs')}</span>
              <Segmented<Scalp>
                aria-label={say('chair.theScalpIs')}
                value={scalp}
                onChange={setScalp}
                options={SCALPS.map(({ value, label }) => ({ value, label: label() }))}
              />
            </label>
            <p>{say('chair.rednessBurningBlistersRinseAt')}</p>
          </>
        )}
      </div>
      <Button
        type="primary"
        onClick={() =>
          what === 'SCALP'
            ? onScalp(scalp)
            : onChanged({ what, hands, clock, bowl, grams: what === 'SHORT' ? (grams ?? 0) : 0 })
        }
      >
        {what === 'SCALP' ? say('chair.soItWasFound') : say('chair.planTheRestAgain')}
      </Button>
    </Modal>
  );
}
