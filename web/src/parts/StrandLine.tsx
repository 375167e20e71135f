import { Input } from 'antd';
import { useRef, useState, type ReactNode } from 'react';
import { answered, api, problemOf, type BandView, type ZoneView } from '../api/client';
import { say } from '../words/say';

/** A strand typed in one line; what is not understood stays and says where. */
export function StrandLine(props: {
  zone: ZoneView;
  name: string;
  onLaid: (bands: BandView[]) => void;
  onClose: () => void;
}): ReactNode {
  const [line, setLine] = useState('');
  const [refused, setRefused] = useState('');
  const here = useRef<HTMLDivElement>(null);
  /** The next key goes on from the strand that was typed, unless the next strand's line takes it. */
  const toTheStrand = (): void =>
    here.current?.closest('[data-zone]')?.querySelector<HTMLElement>('[data-band]')?.focus();
  const lay = async (): Promise<void> => {
    try {
      const bands = await answered(api.POST('/api/strand-line', { body: { line } }));
      toTheStrand();
      props.onLaid(bands);
    } catch (error) {
      const problem = problemOf(error);
      setRefused(`${problem.field === 'line' ? '' : `${problem.field}: `}${problem.remedy}`);
    }
  };
  return (
    <div ref={here} className="strand-typed">
      <Input
        autoFocus
        aria-label={say('read.inOneLine', { name: props.name })}
        placeholder={say('read.n6n58l1310lp')}
        value={line}
        status={refused ? 'error' : ''}
        onChange={(event) => {
          setLine(event.target.value);
          setRefused('');
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            event.preventDefault();
            void lay();
          } else if (event.key === 'Escape') {
            toTheStrand();
            props.onClose();
          }
        }}
      />
      {refused && (
        <span className="refused" role="alert">
          {refused}
        </span>
      )}
    </div>
  );
}
