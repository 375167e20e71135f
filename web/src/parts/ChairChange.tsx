import { Button, Input, InputNumber, Modal, Segmented, Select } from 'antd';
import { useState, type ReactNode } from 'react';
import type { ChangedView, JobView } from '../api/client';

type What = ChangedView['what'] | 'SCALP';

export type Scalp = 'WHOLE' | 'IRRITATED' | 'BROKEN';

const SCALPS: { value: Scalp; label: string }[] = [
  { value: 'WHOLE', label: 'whole' },
  { value: 'IRRITATED', label: 'irritated' },
  { value: 'BROKEN', label: 'broken skin' },
];

const WHATS: { value: What; label: string }[] = [
  { value: 'HANDS', label: 'Staff' },
  { value: 'GOES_BY', label: 'Client’s hour' },
  { value: 'SHORT', label: 'A bowl is short' },
  { value: 'LATE', label: 'Running late' },
  { value: 'SCALP', label: 'The scalp' },
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
    <Modal title="Change the plan" open onCancel={onClose} footer={null} width={720}>
      <Segmented<What> aria-label="What came up" value={what} onChange={setWhat} options={WHATS} block />
      <div className="chair-change">
        {what === 'HANDS' && (
          <label>
            <span>People on this head from now on</span>
            <Segmented<number> aria-label="People" value={hands} onChange={setHands} options={[1, 2, 3]} />
          </label>
        )}
        {what === 'GOES_BY' && (
          <label>
            <span>The client has to leave by</span>
            <Input
              aria-label="By when"
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
              <span>Bowl</span>
              <Select
                aria-label="Bowl"
                value={bowl}
                onChange={setBowl}
                options={bowls.map((one) => ({ value: one, label: one }))}
                style={{ width: 90 }}
              />
            </label>
            <label>
              <span>Grams still wanted, with developer</span>
              <InputNumber aria-label="Grams wanted" min={1} max={1000} value={grams} onChange={setGrams} />
            </label>
          </>
        )}
        {what === 'LATE' && <p>Everything that has not begun is put on the clock anew, from now.</p>}
        {what === 'SCALP' && (
          <>
            <label>
              <span>The scalp is</span>
              <Segmented<Scalp>
                aria-label="The scalp is"
                value={scalp}
                onChange={setScalp}
                options={SCALPS}
              />
            </label>
            <p>
              Redness, burning, blisters: rinse at once. Nothing more goes on it today; the maker&rsquo;s
              sheet and a doctor go first.
            </p>
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
        {what === 'SCALP' ? 'So it was found' : 'Plan the rest again'}
      </Button>
    </Modal>
  );
}
