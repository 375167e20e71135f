import { Modal } from 'antd';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { say } from '../words/say';

function sheet(): { where: string; keys: [string, string][] }[] {
  return [
    {
      where: say('shared.everywhereInACase'),
      keys: [
        [say('shared.ctrlZ'), say('shared.undo')],
        [say('shared.ctrlShiftZ'), say('shared.redo')],
        ['1 … 9', say('shared.consultHistoryReadTestsDecide')],
        ['0', say('shared.designWhereTheColoursGo')],
        ['L', say('shared.nextLight')],
        ['?', say('shared.thisSheet')],
      ],
    },
    {
      where: say('shared.onABand'),
      keys: [
        [say('shared.tab'), say('shared.nextBandOrLine')],
        ['↑ · ↓', say('shared.halfALevelLighterDarker')],
        [say('shared.nBOD'), say('shared.naturalLightenedColouredDirectDye')],
        ['P', say('shared.nextPorosity')],
        ['T', say('shared.typeTheWholeStrandIn')],
        ['M', say('shared.measureWithTheColourReader')],
        ['S', say('shared.splitInTheMiddle')],
        [say('shared.delete'), say('shared.joinWithItsNeighbour')],
        ['C', say('shared.copyThisZoneToAll')],
      ],
    },
    {
      where: say('shared.typingAStrandInOne'),
      keys: [
        [say('shared.n6n58l13'), say('shared.natural6To5Cm')],
        [say('shared.nLCD'), say('shared.naturalLightenedColouredDirectDye2')],
        ['9l-beige', say('shared.aToneByItsFirst')],
        ['9l-beige+gold30', say('shared.aSecondToneBesideIt')],
        [say('shared.n10lp10lpp'), say('shared.highVeryHighPorosity')],
        [say('shared.enter'), say('shared.setItAndGoTo')],
      ],
    },
    {
      where: say('shared.onALayerOfThe'),
      keys: [
        [say('shared.enter'), say('shared.openItOrCloseIt')],
        [say('shared.pageUpPageDown'), say('shared.underOverTheNextOne')],
        ['O', say('shared.onOrOffToCompare')],
        [say('shared.cM'), say('shared.copyMirrorLeftToRight')],
        [say('shared.delete'), say('shared.takeItAway')],
      ],
    },
    {
      where: say('shared.onABlockOfThe'),
      keys: [
        ['← · →', say('shared.fiveMinutesEarlierLater')],
        [say('shared.enter'), say('shared.whatItIs')],
      ],
    },
    {
      where: say('shared.atTheChair'),
      keys: [
        [say('shared.space'), say('shared.beginOrEndWhatIs')],
        ['P', say('shared.pauseOrGoOn')],
      ],
    },
    {
      where: say('shared.onALineBetweenBands'),
      keys: [
        ['← · →', say('shared.halfACentimetreUpDown')],
        [say('shared.shift'), say('shared.twoCentimetres')],
        [say('shared.homeEnd'), say('shared.asFarAsItGoes')],
      ],
    },
  ];
}

export function Shortcuts({ open, onClose }: { open: boolean; onClose: () => void }): ReactNode {
  return (
    <Modal title={say('shared.help')} open={open} onCancel={onClose} footer={null} width={640}>
      <p className="help-model">
        <Link to="/model">{say('shared.theModelAtWork')}</Link>
        {say('shared.whatIsComputedTriedOut')}
      </p>
      <div className="shortcut-sheet">
        {sheet().map(({ where, keys }) => (
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
