import { useRef, useState, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import type { TaskView } from '../api/client';
import { useWidth } from '../state/useWidth';
import { say } from '../words/say';
import { nearest } from './nearest';

interface Props {
  tasks: TaskView[];
  minutes: number;
  hands: number;
  chosen: string;
  moved: string[];
  onChoose: (key: string) => void;
  onMove: (task: TaskView, minute: number) => void;
  onNudge: (task: TaskView, by: number) => void;
}

const LABEL = 92;
/** A finger's width: a task of a minute is a line, and is chosen by pressing near it. */
const ROW = 44;
const HEAD = 22;
const STEP = 5;

/** What a block says when there is little room. */
const SHORT: Record<TaskView['kind'], () => string> = {
  PREPARE: () => say('order.ready'),
  MIX: () => say('order.mix'),
  APPLY: () => say('order.apply'),
  WORK: () => '',
  CHECK: () => say('order.look'),
  RINSE: () => say('order.rinse'),
  DRY: () => say('order.dry'),
  BREAK: () => say('order.break'),
};

interface Line {
  name: string;
  blocks: TaskView[];
}

/** People first, then the zones of the head with what lies on them. */
function linesOf(tasks: TaskView[], hands: number): Line[] {
  const zones = [...new Set(tasks.flatMap((task) => (task.kind === 'APPLY' ? task.zones : [])))];
  const people = Array.from({ length: hands }, (_, i) => ({
    name: hands === 1 ? say('order.hands') : say('order.person', { i: i + 1 }),
    blocks: tasks.filter((task) => task.person === i + 1),
  }));
  return [
    ...people,
    ...zones.map((zone) => ({
      name: zone,
      blocks: tasks.filter(
        (task) => task.zones.includes(zone) && (task.kind === 'WORK' || task.kind === 'APPLY'),
      ),
    })),
  ];
}

/** Time along, one line for everybody who works and every zone; blocks are dragged by pointer or moved by arrow keys. */
export function Clocks({
  tasks,
  minutes,
  hands,
  chosen,
  moved,
  onChoose,
  onMove,
  onNudge,
}: Props): ReactNode {
  const [area, width] = useWidth<HTMLDivElement>();
  const scale = Math.max(0.5, (width - LABEL - 8) / Math.max(1, minutes));
  const lines = linesOf(tasks, hands);
  const height = HEAD + lines.length * ROW + 6;
  const begin = tasks[0];
  const marks = Array.from({ length: Math.floor(minutes / 30) + 1 }, (_, i) => i * 30);
  return (
    <div ref={area} className="clocks">
      <svg width={Math.max(0, width)} height={height} role="group" aria-label={say('order.tasksOnTheClock')}>
        {marks.map((minute) => (
          <g key={minute} transform={`translate(${LABEL + minute * scale} 0)`}>
            <line y1={HEAD - 4} y2={height} className="clock-mark" />
            <text x={2} y={14} className="clock-time">
              {begin ? clockAt(begin, minute) : ''}
            </text>
          </g>
        ))}
        {lines.map((line, row) => (
          <g key={line.name} transform={`translate(0 ${HEAD + row * ROW})`}>
            <text x={2} y={ROW / 2 + 5} className="clock-line">
              {line.name}
            </text>
            <rect
              className="clock-reach"
              x={LABEL}
              width={Math.max(0, minutes * scale)}
              height={ROW}
              onPointerDown={(event) => {
                const at = event.clientX - event.currentTarget.getBoundingClientRect().left;
                const near = nearest(line.blocks, at / scale, ROW / 2 / scale);
                if (near) {
                  onChoose(near.key);
                }
              }}
            />
            {line.blocks.map((task) => (
              <Block
                key={task.key}
                task={task}
                scale={scale}
                chosen={task.key === chosen}
                moved={moved.includes(task.key)}
                onChoose={() => onChoose(task.key)}
                onMove={(minute) => onMove(task, minute)}
                onNudge={(by) => onNudge(task, by)}
              />
            ))}
          </g>
        ))}
      </svg>
    </div>
  );
}

function Block(props: {
  task: TaskView;
  scale: number;
  chosen: boolean;
  moved: boolean;
  onChoose: () => void;
  onMove: (minute: number) => void;
  onNudge: (by: number) => void;
}): ReactNode {
  const { task, scale } = props;
  const from = useRef<number | null>(null);
  const [by, setBy] = useState(0);
  const clock = task.kind === 'WORK';
  const width = Math.max(3, task.minutes * scale - 1);
  const x = LABEL + task.startMinute * scale + by;
  const drop = (event: PointerEvent<SVGGElement>): void => {
    event.currentTarget.releasePointerCapture(event.pointerId);
    from.current = null;
    setBy(0);
    if (Math.abs(by) >= scale && !clock) {
      props.onMove(task.startMinute + Math.round(by / scale));
    }
  };
  const key = (event: KeyboardEvent): void => {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      props.onChoose();
    } else if ((event.key === 'ArrowLeft' || event.key === 'ArrowRight') && !clock) {
      event.preventDefault();
      props.onNudge(event.key === 'ArrowLeft' ? -STEP : STEP);
    }
  };
  const bowls = task.bowls.join(' ');
  const words = bowls || SHORT[task.kind]();
  const window = task.window[0];
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={say('order.to', {
        title: task.title,
        zones: task.zones.join(', '),
        clock: task.clock,
        endClock: task.endClock,
      })}
      aria-pressed={props.chosen}
      data-kind={task.kind}
      className={`clock-block ${task.kind.toLowerCase()}${props.chosen ? ' chosen' : ''}${props.moved ? ' moved' : ''}`}
      transform={`translate(${x} 0)`}
      onKeyDown={key}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        from.current = event.clientX;
        props.onChoose();
      }}
      onPointerMove={(event) => from.current !== null && !clock && setBy(event.clientX - from.current)}
      onPointerUp={drop}
      onPointerCancel={() => {
        from.current = null;
        setBy(0);
      }}
    >
      <rect y={clock ? 16 : 2} width={width} height={clock ? 12 : ROW - 4} rx={2} />
      {window && (
        <line
          x1={(window.earliest - task.startMinute) * scale}
          x2={(window.earliest - task.startMinute) * scale}
          y1={4}
          y2={ROW - 4}
          className="clock-earliest"
        />
      )}
      {!clock && width > 9 * words.length + 6 && (
        <text x={4} y={ROW / 2 + 5}>
          {words}
        </text>
      )}
    </g>
  );
}

/** "09:30": so many minutes after the visit began, told from its first task. */
function clockAt(first: TaskView, minute: number): string {
  const [hours = 0, minutes = 0] = first.clock.split(':').map(Number);
  const at = (hours * 60 + minutes - first.startMinute + minute) % 1440;
  return `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`;
}
