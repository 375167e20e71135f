import { Button } from 'antd';
import type { ReactNode } from 'react';
import type { BandBack, ShownView } from '../api/client';
import { FullTress, seedOf, type HairLook } from '../hair/Tress';
import { say } from '../words/say';

/** One strand three times, from the scalp on the left to the ends. */
export function BackZone(props: {
  words: string;
  bands: BandBack[];
  onRead: (band: BandBack) => void;
}): ReactNode {
  const { words, bands, onRead } = props;
  const length = bands[bands.length - 1]?.toCm ?? 1;
  const share = (band: BandBack): string => `${(100 * (band.toCm - band.fromCm)) / length}%`;
  const rows: { label: string; of: (band: BandBack) => ShownView | undefined }[] = [
    { label: say('lookBack.before'), of: (band) => band.before },
    { label: say('lookBack.predicted'), of: (band) => band.predicted },
    { label: say('lookBack.result'), of: (band) => band.real[0]?.shown },
  ];
  return (
    <article className="back-zone" aria-label={words}>
      <h2>{words}</h2>
      {rows.map(({ label, of }) => (
        <div key={label} className="back-row">
          <small>{label}</small>
          <div className="back-strand">
            <FullTress
              bands={bands.map((band) => {
                const shown = of(band);
                const { fromCm, toCm } = band;
                return { fromCm, toCm, pieces: shown ? [{ share: 1, look: lookOf(shown) }] : [] };
              })}
              seed={seedOf(bands[0]?.zone ?? '')}
            />
            {bands.map((band) => {
              const shown = of(band);
              return shown ? (
                <span
                  key={band.band}
                  className="back-band"
                  style={{ width: share(band) }}
                  title={shown.words}
                />
              ) : (
                <button
                  key={band.band}
                  type="button"
                  className="back-unread"
                  style={{ width: share(band) }}
                  aria-label={say('lookBack.readCm', { words, fromCm: band.fromCm, toCm: band.toCm })}
                  onClick={() => onRead(band)}
                >
                  {say('lookBack.readIt')}
                </button>
              );
            })}
          </div>
        </div>
      ))}
      <table className="back-table figures">
        <thead>
          <tr>
            <th scope="col">cm</th>
            <th scope="col">{say('lookBack.before')}</th>
            <th scope="col">{say('lookBack.predicted')}</th>
            <th scope="col">{say('lookBack.result')}</th>
            <th scope="col">{say('lookBack.eFromPredictedWished')}</th>
            <th scope="col">{say('lookBack.level')}</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {bands.map((band) => (
            <Figures key={band.band} band={band} onRead={() => onRead(band)} />
          ))}
        </tbody>
      </table>
    </article>
  );
}

/** What a job keeps is a colour in daylight; it looks so in every light, and says nothing of white fibres. */
/** What is known of it is one colour, the same in every light. */
export function lookOf({ hex }: ShownView): HairLook {
  return { colours: { daylight: hex, sun: hex, warm: hex, tube: hex, shop: hex }, white: [] };
}

function Figures({ band, onRead }: { band: BandBack; onRead: () => void }): ReactNode {
  const real = band.real[0];
  return (
    <tr>
      <th scope="row">
        {band.fromCm}–{band.toCm}
      </th>
      <td>{band.before.words}</td>
      <td>
        {band.predicted.words} <small>({band.range})</small>
      </td>
      {real ? (
        <>
          <td>
            <strong>{real.shown.words}</strong>
          </td>
          <td>
            {real.fromPrediction}, {real.fromWish}
          </td>
          <td className={real.inside ? 'back-inside' : 'back-outside'}>
            {real.inside ? '✓' : '✕'}{' '}
            {Math.abs(real.levels) < 0.05
              ? say('lookBack.asSaid')
              : `${Math.abs(real.levels)} ${real.levels > 0 ? say('lookBack.lighter') : say('lookBack.darker')}`}
          </td>
          <td>
            <Button
              onClick={onRead}
              aria-label={say('lookBack.readCmAgain', { zoneWords: band.zoneWords, fromCm: band.fromCm })}
            >
              {say('lookBack.again')}
            </Button>
          </td>
        </>
      ) : (
        <td colSpan={4}>
          <small>{say('lookBack.notReadYet')}</small>
        </td>
      )}
    </tr>
  );
}
