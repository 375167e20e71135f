import type { ReactNode } from 'react';
import type { LookView, ModelRun, ModelView } from '../api/client';
import { Lock } from '../hair/Tress';
import { amountWords } from '../state/modelRun';
import { Swatch } from './Swatch';
import { capital } from '../state/words';

/** The same band at nine moments, scalp end up, with what it reads, how sure that is, and what strength is left. */
export function ModelStrands({
  view,
  kind,
}: {
  view: ModelView;
  kind: ModelRun['product']['kind'];
}): ReactNode {
  return (
    <>
      <p className="frames-key">
        One band from the beginning to the end: level and how sure, tone, hair strength.
      </p>
      <ol className="frames" aria-label="The band over time">
        {view.frames.map((frame) => (
          <li key={frame.at}>
            <span className="frame-at">{amountWords(kind, frame.at)}</span>
            <span className="frame-hair" aria-hidden="true">
              <Lock look={frame.look} />
            </span>
            <strong>{frame.look.levelWords}</strong>
            <small>{frame.rangeWords}</small>
            <span className="frame-tone">{frame.look.tone}</span>
            <span
              className="frame-strength"
              title={`Strength ${percent(frame.integrity)}: ${frame.elasticity}`}
            >
              <i style={{ width: width(frame.integrity) }} />
              <span>{percent(frame.integrity)}</span>
            </span>
          </li>
        ))}
      </ol>
    </>
  );
}

function width(share: number): string {
  return `${(100 * share).toFixed(1)}%`;
}

function percent(share: number): string {
  return `${Math.round(100 * share)} %`;
}

/** How the start was understood, how sure the end is, what is on the strand, and what a slip would do. */
export function ModelFindings({ view, run }: { view: ModelView; run: ModelRun }): ReactNode {
  const last = view.frames[view.frames.length - 1];
  if (!last) {
    return null;
  }
  return (
    <div className="model-findings">
      <section aria-label="How sure">
        <h3>How sure</h3>
        <p>
          After {amountWords(run.product.kind, last.at)}: level <strong>{last.look.level.toFixed(1)}</strong>,
          eight times in ten {last.levelFrom.toFixed(1)} to {last.levelTo.toFixed(1)}. a* and b* lie within{' '}
          {view.end.ellipse.major.toFixed(0)} by {view.end.ellipse.minor.toFixed(0)} of{' '}
          {view.end.ellipse.a.toFixed(0)} and {view.end.ellipse.b.toFixed(0)}.
        </p>
        <p>{view.end.tones.map(({ tone, share }) => `${tone} ${percent(share)}`).join(' · ')}</p>
        <p className={view.end.mayGoOn ? '' : 'stop'}>
          Strength {percent(view.end.integrityFrom)} to {percent(view.end.integrityTo)}: {last.elasticity}.{' '}
          {!view.end.mayGoOn && 'Do not go this far: rinse, treat, change the plan.'}
        </p>
        <Learned view={view} />
      </section>
      <section aria-label="What it is taken for">
        <h3>What the start is taken for</h3>
        <p>
          {capital(view.read.words)}
          {view.read.words.includes(', or ') ? ': these look alike, and the range holds them all.' : '.'}
        </p>
        <p className="quiet">
          Fits to CIEDE2000 {view.read.misfit.toFixed(1)}
          {view.read.misfit > 3 && ': hair of this history hardly reads so'}.
        </p>
        <p className="wet">
          <Patch look={view.end.wet}>
            Wet it reads {view.end.wet.levelWords} and looks darker than it will dry.
          </Patch>
        </p>
      </section>
      <Lights view={view} />
      <Pigments view={view} />
      <Slips view={view} />
    </div>
  );
}

function Patch({ look, children }: { look: LookView; children: ReactNode }): ReactNode {
  return <Swatch look={look}>{children}</Swatch>;
}

function Lights({ view }: { view: ModelView }): ReactNode {
  return (
    <section aria-label="In five lights" className="lights">
      <h3>The end in five lights</h3>
      <ul>
        {view.end.lights.map(({ light, words, colour }) => (
          <li key={light}>
            <span style={{ background: colour }} aria-hidden="true" />
            {words}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Learned({ view }: { view: ModelView }): ReactNode {
  const { learned } = view;
  if (!learned.done) {
    return <p className="quiet">Without a strand test the range is wide.</p>;
  }
  if (learned.flagged) {
    return (
      <p className="stop">
        The strand test lies {Math.abs(learned.deviation).toFixed(1)} deviations from the{' '}
        {learned.expectedLevel.toFixed(1)} expected. That is too far to be this hair: it is flagged and not
        taken in. Look at history and product again.
      </p>
    );
  }
  const moved = learned.factors.filter(({ median }) => Math.abs(median - 1) >= 0.02);
  return (
    <p>
      Expected {learned.expectedLevel.toFixed(1)}. Learned:{' '}
      {moved.length === 0
        ? 'this head is like the average.'
        : moved
            .map((f) => `${f.factor} × ${f.median.toFixed(2)} (${f.from.toFixed(2)}–${f.to.toFixed(2)})`)
            .join(', ')}
    </p>
  );
}

function Pigments({ view }: { view: ModelView }): ReactNode {
  const shown = view.amounts.filter(({ before, after }) => before > 0.0005 || after > 0.0005);
  const most = Math.max(...shown.map(({ before, after }) => Math.max(before, after)));
  return (
    <section aria-label="On the strand">
      <h3>On the strand, before and after</h3>
      <dl className="amounts">
        {shown.map(({ pigment, before, after }) => (
          <div key={pigment}>
            <dt>{pigment}</dt>
            <dd>
              <i className="before" style={{ width: width((0.62 * before) / most) }} />
              <span>{before.toFixed(3)}</span>
            </dd>
            <dd>
              <i style={{ width: width((0.62 * after) / most) }} />
              <span>{after.toFixed(3)}</span>
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

function Slips({ view }: { view: ModelView }): ReactNode {
  const kept = view.slips[0]?.kept;
  return (
    <section aria-label="If the hand slips">
      <h3>Half a centimetre too far, on natural 4</h3>
      <ul className="slips">
        {kept && (
          <li>
            <Patch look={kept}>
              kept: {kept.levelWords} {kept.tone}
            </Patch>
          </li>
        )}
        {view.slips.map(({ barrier, strip, difference, seen }) => (
          <li key={barrier}>
            <Patch look={strip}>
              {barrier === 'none' ? 'bare' : `behind ${barrier}`}: {strip.levelWords} {strip.tone},{' '}
              {seen ? <strong>a band shows</strong> : 'hardly seen'} ({difference.toFixed(1)})
            </Patch>
          </li>
        ))}
      </ul>
    </section>
  );
}
