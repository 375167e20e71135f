import { Modal } from 'antd';
import type { ReactNode } from 'react';
import { Link } from 'react-router';

const SHEET: { where: string; keys: [string, string][] }[] = [
  {
    where: 'Everywhere in a case',
    keys: [
      ['Ctrl Z', 'undo'],
      ['Ctrl Shift Z', 'redo'],
      ['1 · 2', 'Read · Plan'],
      ['L', 'next light'],
      ['?', 'this sheet'],
    ],
  },
  {
    where: 'On a band',
    keys: [
      ['Tab', 'next band or line'],
      ['↑ · ↓', 'half a level lighter · darker'],
      ['N · B', 'natural · lightened'],
      ['S', 'split in the middle'],
      ['Delete', 'join with its neighbour'],
      ['C', 'copy this zone to all others'],
    ],
  },
  {
    where: 'On a line between bands',
    keys: [
      ['← · →', 'half a centimetre up · down'],
      ['Shift ← · →', 'two centimetres'],
      ['Home · End', 'as far as it goes'],
    ],
  },
];

export function Shortcuts({ open, onClose }: { open: boolean; onClose: () => void }): ReactNode {
  return (
    <Modal title="Help" open={open} onCancel={onClose} footer={null} width={640}>
      <p className="help-model">
        <Link to="/model">The model at work</Link>: what is computed, tried out on one band, and every check
        it is held against.
      </p>
      <div className="shortcut-sheet">
        {SHEET.map(({ where, keys }) => (
          <section key={where}>
            <h3>{where}</h3>
            <dl>
              {keys.map(([key, does]) => (
                <div key={key}>
                  <dt>{key}</dt>
                  <dd>{does}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </div>
    </Modal>
  );
}
