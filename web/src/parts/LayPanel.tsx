import { Button } from 'antd';
import type { ReactNode } from 'react';
import type { BandView } from '../api/client';
import { useVocabulary } from '../api/queries';
import { halves } from '../state/strands';
import { Choice } from './Choice';
import { LadderPicker } from './Ladder';
import { say } from '../words/say';

/** What the next press lays on a strand. */
export type Brush = Pick<BandView, 'kind' | 'level' | 'tone'>;

/** A reading taken up once and laid on strand after strand: press each where the band ends. */
export function LayPanel(props: {
  brush: Brush;
  onBrush: (brush: Brush) => void;
  onDone: () => void;
}): ReactNode {
  const vocabulary = useVocabulary().data;
  const { brush, onBrush } = props;
  const tone = (kind: Brush['kind']): Brush['tone'] =>
    vocabulary?.kinds.find(({ value }) => value === kind)?.usualTone ?? 'NATURAL';
  return (
    <aside className="panel" aria-label={say('read.laying')}>
      <h2>
        {say('read.laying2', {
          level: halves(brush.level),
          words: vocabulary?.kinds.find(({ value }) => value === brush.kind)?.words,
        })}
      </h2>
      <p className="how">{say('read.pressEachStrandWhereThis')}</p>
      <LadderPicker band={brush} onRead={(kind, level) => onBrush({ kind, level, tone: tone(kind) })} />
      <div className="level-line">
        <Button
          aria-label={say('read.halfALevelDarker')}
          onClick={() => onBrush({ ...brush, level: Math.max(1, brush.level - 0.5) })}
        >
          −½
        </Button>
        <Button
          aria-label={say('read.halfALevelLighter')}
          onClick={() => onBrush({ ...brush, level: Math.min(12, brush.level + 0.5) })}
        >
          +½
        </Button>
      </div>
      <Choice
        label={say('read.whatWasDone')}
        value={brush.kind}
        onChoose={(kind) => onBrush({ ...brush, kind, tone: tone(kind) })}
        options={(vocabulary?.kinds ?? []).map(({ value, words }) => ({ value, label: words }))}
      />
      <Button type="primary" onClick={props.onDone}>
        {say('read.doneLaying')}
      </Button>
    </aside>
  );
}
