import { Modal } from 'antd';
import type { ReactNode } from 'react';
import type { ClockView } from '../api/client';
import { SeenForm, type SeenHair } from './SeenForm';
import { say } from '../words/say';

interface Props {
  clock: ClockView;
  onClose: () => void;
  onSeen: (seen: SeenHair) => void;
}

/** What a wiped strand shows. */
export function ChairLook({ clock, onClose, onSeen }: Props): ReactNode {
  return (
    <Modal
      title={say('chair.aWipedStrandOfThe', { zone: clock.zone })}
      open
      onCancel={onClose}
      footer={null}
      width={760}
    >
      <h3>{say('chair.whichOfTheseDoesIt')}</h3>
      <SeenForm
        label={say('chair.levelSeen')}
        hair="lifted"
        place={clock.place}
        cm={10}
        done={say('chair.seen')}
        needsTone={false}
        onSeen={onSeen}
      />
    </Modal>
  );
}
