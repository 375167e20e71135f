import { useRef, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import type { LookView, ZoneView } from '../api/client';
import { useVocabulary } from '../api/queries';
import { seedOf, Tress } from '../hair/Tress';
import { cmWords, halves, readingWords, snapped } from '../state/strands';
import { say } from '../words/say';

interface Props {
  zone: ZoneView;
  name: string;
  looks: (LookView | undefined)[];
  pixelsPerCm: number;
  selected: number | null;
  bounds: (band: number) => [number, number];
  onSelect: (band: number) => void;
  onEdge: (band: number, cm: number) => void;
  onBandKey: (band: number, event: KeyboardEvent) => void;
  /** While bands are laid by pressing where they end. */
  onLay?: ((cm: number) => void) | undefined;
}

export const STRAND_HEIGHT = 52;
const HANDLE_WIDTH = 44;

/** A strand to scale, scalp at the left: bands to press, edges to drag or to move with the arrow keys. */
export function StrandRow(props: Props): ReactNode {
  const { zone, pixelsPerCm } = props;
  const kinds = useVocabulary().data?.kinds ?? [];
  const length = zone.bands.at(-1)?.toCm ?? 0;
  return (
    <div className="strand" style={{ width: length * pixelsPerCm, height: STRAND_HEIGHT }}>
      <Tress
        bands={zone.bands.map(({ fromCm, toCm }, b) => {
          const look = props.looks[b];
          return { fromCm, toCm, pieces: look ? [{ share: 1, look }] : [] };
        })}
        width={length * pixelsPerCm}
        height={STRAND_HEIGHT}
        seed={seedOf(zone.place)}
      />
      {zone.bands.map((band, b) => {
        const look = props.looks[b];
        const width = (band.toCm - band.fromCm) * pixelsPerCm;
        const words = look ? readingWords(band, look) : say(zone.read ? 'read.reading' : 'read.notReadYet');
        return (
          <button
            key={b}
            type="button"
            className={`band${look ? '' : ' unread'}${band.detail.measured.length > 0 ? ' measured' : ''}`}
            aria-pressed={props.selected === b}
            aria-label={say('read.toCm', {
              name: props.name,
              fromCm: cmWords(band.fromCm),
              toCm: cmWords(band.toCm),
              words,
              words2: kinds.find(({ value }) => value === band.kind)?.words ?? '',
            })}
            data-band={b}
            style={{
              left: band.fromCm * pixelsPerCm,
              width,
            }}
            onClick={(event) => {
              const strand = event.currentTarget.parentElement?.getBoundingClientRect();
              if (props.onLay && strand && event.detail > 0) {
                props.onLay((event.clientX - strand.left) / pixelsPerCm);
              } else {
                props.onSelect(b);
              }
            }}
            onFocus={() => props.onSelect(b)}
            onKeyDown={(event) => props.onBandKey(b, event)}
          >
            {width > 26 && (
              <span className="band-words">
                {width > 17 + 7.2 * words.length ? words : look ? halves(band.level) : '?'}
              </span>
            )}
          </button>
        );
      })}
      {(props.onLay ? [] : zone.bands).map((band, b) => (
        <Edge key={b} {...props} band={b} at={band.toCm} last={b === zone.bands.length - 1} />
      ))}
    </div>
  );
}

function Edge(props: Props & { band: number; at: number; last: boolean }): ReactNode {
  const dragging = useRef<{ x: number; cm: number } | null>(null);
  const { zone, band, at, pixelsPerCm } = props;
  const [low, high] = props.bounds(band);
  const move = (cm: number): void => {
    const kept = Math.min(high, Math.max(low, snapped(cm)));
    if (kept !== at) {
      props.onEdge(band, kept);
    }
  };
  const here = zone.bands[band];
  const below = zone.bands[band + 1];
  // Never wider than half of what lies beside it, so that a short band can still be pressed.
  const room = Math.min(
    (here ? here.toCm - here.fromCm : 0) * pixelsPerCm,
    below ? (below.toCm - below.fromCm) * pixelsPerCm : HANDLE_WIDTH,
  );
  const width = Math.max(16, Math.min(HANDLE_WIDTH, room));
  const onKeyDown = (event: KeyboardEvent): void => {
    const big = event.shiftKey ? 4 : 1;
    const to = { ArrowLeft: at - 0.5 * big, ArrowRight: at + 0.5 * big, Home: low, End: high }[event.key];
    if (to !== undefined) {
      event.preventDefault();
      move(to);
    }
  };
  return (
    <div
      className={props.last ? 'edge last' : 'edge'}
      role="slider"
      tabIndex={0}
      aria-label={
        props.last
          ? say('read.endsOfTheHair', { name: props.name })
          : say('read.lineBelowCm', { name: props.name, fromCm: cmWords(here?.fromCm ?? 0) })
      }
      aria-orientation="horizontal"
      aria-valuemin={low}
      aria-valuemax={high}
      aria-valuenow={at}
      aria-valuetext={say('read.cmFromTheScalp', { at: cmWords(at) })}
      style={{ left: at * pixelsPerCm - width / 2 - 1, width }}
      onKeyDown={onKeyDown}
      onPointerDown={(event: PointerEvent) => {
        event.preventDefault();
        event.currentTarget.setPointerCapture(event.pointerId);
        (event.currentTarget as HTMLElement).focus();
        dragging.current = { x: event.clientX, cm: at };
      }}
      onPointerMove={(event: PointerEvent) => {
        if (dragging.current) {
          move(dragging.current.cm + (event.clientX - dragging.current.x) / pixelsPerCm);
        }
      }}
      onPointerUp={() => {
        dragging.current = null;
      }}
      onPointerCancel={() => {
        dragging.current = null;
      }}
    >
      <i />
      <b>{cmWords(at)}</b>
    </div>
  );
}
