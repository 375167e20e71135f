import { Modal } from 'antd';
import type { ReactNode } from 'react';
import type { ClockView } from '../api/client';
import { SeenForm, type SeenHair } from './SeenForm';

interface Props {
  clock: ClockView;
  onClose: () => void;
  onSeen: (seen: SeenHair) => void;
}

/** What a wiped strand shows. */
export function ChairLook({ clock, onClose, onSeen }: Props): ReactNode {
  return (
    <Modal title={`A wiped strand of the ${clock.zone}`} open onCancel={onClose} footer={null} width={760}>
      <h3>Which of these does it look like?</h3>
      <SeenForm
        label="Level seen"
        hair="lifted"
        place={clock.place}
        cm={10}
        done="Seen"
        needsTone={false}
        onSeen={onSeen}
      />
    </Modal>
  );
}
