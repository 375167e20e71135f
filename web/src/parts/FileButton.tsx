import { Button } from 'antd';
import { useRef, useState, type ReactNode } from 'react';

interface Props {
  words: string;
  /** Of the field behind the button. */
  label: string;
  accept: string;
  /** Done when the file was answered; until then no other can be chosen, so that answers never overtake each other. */
  onFile: (file: File) => Promise<void>;
}

/** A button that asks for one file; the same file can be chosen again. */
export function FileButton({ words, label, accept, onFile }: Props): ReactNode {
  const field = useRef<HTMLInputElement>(null);
  const [underWay, setUnderWay] = useState(false);
  const send = async (file: File): Promise<void> => {
    setUnderWay(true);
    try {
      await onFile(file);
    } finally {
      setUnderWay(false);
    }
  };
  return (
    <>
      <Button loading={underWay} onClick={() => field.current?.click()}>
        {words}
      </Button>
      <input
        ref={field}
        type="file"
        accept={accept}
        className="unseen"
        aria-label={label}
        tabIndex={-1}
        disabled={underWay}
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (chosen) {
            void send(chosen);
          }
        }}
      />
    </>
  );
}
