import { useQueryClient } from '@tanstack/react-query';
import { Button, Modal } from 'antd';
import { lazy, Suspense, useState, type ReactNode } from 'react';
import { answered, api } from '../api/client';
import { HERE, useHere } from '../state/here';
import { say } from '../words/say';

const SitDown = lazy(async () => ({ default: (await import('./SitDown')).SitDown }));

/** Who works at this screen, to be changed by a press; nothing where nobody is asked. */
export function WhoSits(): ReactNode {
  const queries = useQueryClient();
  const here = useHere().data;
  const [open, setOpen] = useState(false);
  if (!here || here.name === '') {
    return null;
  }
  const leave = async (): Promise<void> => {
    queries.setQueryData(HERE, await answered(api.DELETE('/api/people/here')));
    setOpen(false);
  };
  return (
    <>
      <Button
        type="text"
        className="who-sits"
        aria-label={say('shared.worksHere', { name: here.name })}
        onClick={() => setOpen(true)}
      >
        {here.name}
      </Button>
      <Modal
        title={say('shared.whoWorksHere')}
        open={open}
        onCancel={() => setOpen(false)}
        destroyOnHidden
        footer={<Button onClick={() => void leave()}>{say('shared.nobodyForNow')}</Button>}
      >
        <Suspense>
          <SitDown people={here.people} onDone={() => setOpen(false)} />
        </Suspense>
      </Modal>
    </>
  );
}
