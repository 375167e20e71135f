import { Modal } from 'antd';
import type { ReactNode } from 'react';
import { Link } from 'react-router';

const SHEET: { where: string; keys: [string, string][] }[] = [
  {
    where: 'Everywhere in a case',
    keys: [
      ['Ctrl Z', 'undo'],
      ['Ctrl Shift Z', 'redo'],
      ['1 … 9', 'Consult · History · Read · Tests · Decide · Plan · Order · Mix · Chair'],
      ['0', 'Design: where the colours go'],
      ['L', 'next light'],
      ['?', 'this sheet'],
    ],
  },
  {
    where: 'On a band',
    keys: [
      ['Tab', 'next band or line'],
      ['↑ · ↓', 'half a level lighter · darker'],
      ['N · B · O · D', 'natural · lightened · coloured · direct dye'],
      ['P', 'next porosity'],
      ['T', 'type the whole strand in one line'],
      ['M', 'measure with the colour reader'],
      ['S', 'split in the middle'],
      ['Delete', 'join with its neighbour'],
      ['C', 'copy this zone to all others'],
    ],
  },
  {
    where: 'Typing a strand in one line',
    keys: [
      ['6n 5, 8l 13', 'natural 6 to 5 cm, lightened 8 to 13 cm'],
      ['n l c d', 'natural, lightened, coloured, direct dye'],
      ['9l-beige', 'a tone, by its first letters'],
      ['9l-beige+gold30', 'a second tone beside it, and how much in percent'],
      ['10lp · 10lpp', 'high · very high porosity'],
      ['Enter', 'set it and go to the next strand'],
    ],
  },
  {
    where: 'On a layer of the design',
    keys: [
      ['Enter', 'open it, or close it'],
      ['Page Up · Page Down', 'under · over the next one'],
      ['O', 'on or off, to compare'],
      ['C · M', 'copy · mirror left to right'],
      ['Delete', 'take it away'],
    ],
  },
  {
    where: 'On a block of the order',
    keys: [
      ['← · →', 'five minutes earlier · later'],
      ['Enter', 'what it is'],
    ],
  },
  {
    where: 'At the chair',
    keys: [
      ['Space', 'begin or end what is to be done now'],
      ['P', 'pause, or go on'],
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
