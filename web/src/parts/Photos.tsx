import { useQueryClient } from '@tanstack/react-query';
import { Button, Modal, Select } from 'antd';
import { useRef, useState, type PointerEvent, type ReactNode } from 'react';
import {
  answered,
  api,
  problemOf,
  sendPhoto,
  type FrameView,
  type MeasuredLook,
  type MeasuredView,
  type PhotoView,
  type Problem,
} from '../api/client';
import { usePhotos, useVocabulary } from '../api/queries';
import { useCase } from '../state/caseContext';
import { withDetail, type BandAt } from '../state/strands';
import { DraftField, typedNumber } from './DraftField';
import { PhotoConsent } from './PhotoConsent';
import { ProblemNote } from './ProblemNote';
import { Swatch } from './Swatch';
import { say } from '../words/say';

/** The photographs of a case; pressed, one opens to be looked at or measured in. */
export function Photos({
  measureFor,
  onColour,
}: {
  measureFor?: BandAt;
  /** Asked for a colour to wish for, instead of a reading. */
  onColour?: (measured: MeasuredView) => void;
}): ReactNode {
  const { state } = useCase();
  const queries = useQueryClient();
  const photos = usePhotos(state.id);
  const chooser = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const [sending, setSending] = useState(false);
  const [open, setOpen] = useState<PhotoView | null>(null);
  const again = (): Promise<void> => queries.invalidateQueries({ queryKey: ['photos', state.id] });
  const add = async (files: File[]): Promise<void> => {
    setSending(true);
    try {
      for (const file of files) {
        await sendPhoto(state.id, file.name.slice(0, 80), file);
      }
      setProblem(null);
    } catch (error) {
      setProblem(problemOf(error));
    } finally {
      setSending(false);
      await again();
    }
  };
  const erase = async (id: number): Promise<void> => {
    try {
      await answered(api.DELETE('/api/photos/{id}', { params: { path: { id } } }));
      setOpen(null);
    } catch (error) {
      setProblem(problemOf(error));
    }
    await again();
  };
  return (
    <section className="photos" aria-label={say('visit.photographs')}>
      <h3>{say('visit.photographs')}</h3>
      <PhotoConsent id={state.clientId} />
      {problem && <ProblemNote problem={problem} />}
      <div className="photo-list">
        {photos.data?.map((photo) => (
          <button
            key={photo.id}
            type="button"
            onClick={() => setOpen(photo)}
            aria-label={say('visit.photograph', { words: photo.words })}
          >
            <img src={`/api/photos/${photo.id}?small=true`} alt="" />
          </button>
        ))}
        <Button loading={sending} onClick={() => chooser.current?.click()}>
          {say('visit.addPhotographs')}
        </Button>
        <input
          ref={chooser}
          type="file"
          accept="image/jpeg,image/png"
          multiple
          className="unseen"
          tabIndex={-1}
          aria-label={say('visit.photographFile')}
          onChange={(event) => {
            const files = [...(event.target.files ?? [])];
            event.target.value = '';
            void add(files);
          }}
        />
      </div>
      <p className="quiet small">{say('visit.jpegOrPNGAtMost')}</p>
      <Modal
        title={open?.words}
        open={open !== null}
        onCancel={() => setOpen(null)}
        footer={null}
        width={980}
      >
        {open && (
          <>
            <Measuring
              key={open.id}
              photo={open}
              measureFor={measureFor}
              onColour={onColour}
              onDone={() => setOpen(null)}
            />
            <Button onClick={() => void erase(open.id)}>{say('visit.eraseThisPhotograph')}</Button>
          </>
        )}
      </Modal>
    </section>
  );
}

type Marked = 'card' | 'hair';

const FIRST: Record<Marked, FrameView> = {
  card: { x: 0.08, y: 0.3, width: 0.2, height: 0.3 },
  hair: { x: 0.6, y: 0.3, width: 0.25, height: 0.3 },
};

/** The user marks the grey card and a patch of hair; the core does the rest. */
function Measuring(props: {
  photo: PhotoView;
  measureFor?: BandAt | undefined;
  onColour?: ((measured: MeasuredView) => void) | undefined;
  onDone: () => void;
}): ReactNode {
  const { document, state } = useCase();
  const lamps = useVocabulary().data?.lamps ?? [];
  const [frames, setFrames] = useState(FIRST);
  const [marking, setMarking] = useState<Marked>('card');
  const [lamp, setLamp] = useState<(typeof lamps)[number]['value']>('UNKNOWN');
  const [card, setCard] = useState('18');
  const [found, setFound] = useState<MeasuredLook | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const picture = useRef<HTMLDivElement>(null);
  const begun = useRef<{ x: number; y: number } | null>(null);
  const place = (event: PointerEvent): { x: number; y: number } => {
    const box = picture.current?.getBoundingClientRect() ?? new DOMRect();
    const share = (v: number): number => Math.min(1, Math.max(0, v));
    return {
      x: share((event.clientX - box.left) / box.width),
      y: share((event.clientY - box.top) / box.height),
    };
  };
  const mark = (a: { x: number; y: number }, b: { x: number; y: number }): void =>
    setFrames({
      ...frames,
      [marking]: {
        x: Math.min(a.x, b.x),
        y: Math.min(a.y, b.y),
        width: Math.abs(a.x - b.x),
        height: Math.abs(a.y - b.y),
      },
    });
  const nudge = (key: string, large: boolean): void => {
    const step = 0.01;
    const now = frames[marking];
    const by = {
      ArrowLeft: { x: -step },
      ArrowRight: { x: step },
      ArrowUp: { y: -step },
      ArrowDown: { y: step },
    }[key] as { x?: number; y?: number } | undefined;
    if (by) {
      const next = large
        ? { ...now, width: now.width + (by.x ?? 0), height: now.height + (by.y ?? 0) }
        : { ...now, x: now.x + (by.x ?? 0), y: now.y + (by.y ?? 0) };
      const fits = next.x >= 0 && next.y >= 0 && next.x + next.width <= 1 && next.y + next.height <= 1;
      if (fits && next.width > 0 && next.height > 0) {
        setFrames({ ...frames, [marking]: next });
      }
    }
  };
  const measure = async (): Promise<void> => {
    try {
      const answer = await answered(
        api.POST('/api/photos/{id}/measure', {
          params: { path: { id: props.photo.id } },
          body: { ...frames, cardReflectance: (typedNumber(card) || 0) / 100, lamp },
        }),
      );
      setFound(answer);
      setProblem(null);
    } catch (error) {
      setFound(null);
      setProblem(problemOf(error));
    }
  };
  const take = (): void => {
    const at = props.measureFor;
    const band = at && state.content.zones[at.zone]?.bands[at.band];
    if (at && band && found) {
      document.edit(withDetail(state.content, at, { measured: [...band.detail.measured, found.measured] }));
      props.onDone();
    }
  };
  return (
    <div className="measuring">
      <div
        ref={picture}
        className="measuring-picture"
        role="application"
        aria-label={say('visit.markTheDragOrArrow', { marking })}
        tabIndex={0}
        onKeyDown={(event) => {
          if (event.key.startsWith('Arrow')) {
            event.preventDefault();
            nudge(event.key, event.shiftKey);
          }
        }}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          begun.current = place(event);
        }}
        onPointerMove={(event) => begun.current && mark(begun.current, place(event))}
        onPointerUp={() => {
          begun.current = null;
        }}
      >
        <img src={`/api/photos/${props.photo.id}`} alt={props.photo.words} draggable={false} />
        {(['card', 'hair'] as const).map((which) => (
          <span
            key={which}
            className={`mark ${which === marking ? 'marking' : ''}`}
            style={{
              left: `${100 * frames[which].x}%`,
              top: `${100 * frames[which].y}%`,
              width: `${100 * frames[which].width}%`,
              height: `${100 * frames[which].height}%`,
            }}
          >
            {which}
          </span>
        ))}
      </div>
      <div className="measuring-line">
        {(['card', 'hair'] as const).map((which) => (
          <Button
            key={which}
            type={marking === which ? 'primary' : 'default'}
            onClick={() => setMarking(which)}
          >
            {say('visit.markThe', { figure: which === 'card' ? say('visit.greyCard') : say('visit.hair') })}
          </Button>
        ))}
        <DraftField
          label={say('visit.card')}
          suffix="%"
          width={80}
          inputMode="decimal"
          value={card}
          onText={setCard}
        />
        <Select
          aria-label={say('visit.whatLightsIt')}
          virtual={false}
          value={lamp}
          style={{ width: 190 }}
          onChange={setLamp}
          options={lamps.map(({ value, words }) => ({ value, label: words }))}
        />
        <Button onClick={() => void measure()}>{say('visit.measure')}</Button>
      </div>
      {lamp === 'UNKNOWN' && <p className="how">{say('visit.nameTheLampIfYou')}</p>}
      {problem && <ProblemNote problem={problem} />}
      {found && (
        <div className="measuring-line" role="status">
          <Swatch look={found.look}>{found.words}</Swatch>
          {props.onColour && (
            <Button
              onClick={() => {
                props.onColour?.(found.measured);
                props.onDone();
              }}
            >
              {say('visit.wishForIt')}
            </Button>
          )}
          {props.measureFor && <Button onClick={take}>{say('visit.takeItForTheBand')}</Button>}
        </div>
      )}
    </div>
  );
}
