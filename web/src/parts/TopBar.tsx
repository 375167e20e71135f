import { Logo } from './Logo';
import { Button } from 'antd';
import { lazy, useEffect, useState, type ReactNode } from 'react';
import { NavLink } from 'react-router';
import { useHere } from '../state/here';
import { Opened } from './Opened';
import { WhoSits } from './WhoSits';
import { say } from '../words/say';

const Shortcuts = lazy(async () => ({ default: (await import('./Shortcuts')).Shortcuts }));

/** The bar of the pages that belong to the house and not to one case. */
export function TopBar({ title, children }: { title: string; children?: ReactNode }): ReactNode {
  const [help, setHelp] = useState(false);
  const role = useHere().data?.role;
  useEffect(() => {
    const listener = (event: KeyboardEvent): void => {
      const typing = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement;
      if (event.key === '?' && !typing) {
        setHelp(true);
      }
    };
    window.addEventListener('keydown', listener);
    return () => window.removeEventListener('keydown', listener);
  }, []);
  return (
    <header className="bar">
      <title>{say('shared.mischung', { title })}</title>
      <NavLink to="/" className="logo" aria-label={say('shared.mischungTheDay')}>
        <Logo />
      </NavLink>
      <nav aria-label={say('shared.pagesOfTheSalon')}>
        <NavLink to="/" end>
          {say('shared.day')}
        </NavLink>
        <NavLink to="/clients">{say('shared.clients')}</NavLink>
        <NavLink to="/shelf">{say('shared.shelf')}</NavLink>
        {(role === undefined || role === 'OWNER') && <NavLink to="/salon">{say('shared.salon')}</NavLink>}
      </nav>
      {children}
      <span className="push" />
      <WhoSits />
      <Button type="text" aria-label={say('shared.help')} onClick={() => setHelp(true)}>
        ?
      </Button>
      <Opened open={help}>
        <Shortcuts open={help} onClose={() => setHelp(false)} />
      </Opened>
    </header>
  );
}
