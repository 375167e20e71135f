import { Button } from 'antd';
import { useRef, type ReactNode } from 'react';

interface Props {
  words: string;
  /** Of the field behind the button. */
  label: string;
  accept: string;
  onFile: (file: File) => void;
}

/** A button that asks for one file; the same file can be chosen again. */
export function FileButton({ words, label, accept, onFile }: Props): ReactNode {
  const field = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button onClick={() => field.current?.click()}>{words}</Button>
      <input
        ref={field}
        type="file"
        accept={accept}
        className="unseen"
        aria-label={label}
        tabIndex={-1}
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (chosen) {
            onFile(chosen);
          }
        }}
      />
    </>
  );
}
