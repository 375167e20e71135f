import { Button } from 'antd';
import { lazy, useEffect, useState, type ReactNode } from 'react';
import { NavLink } from 'react-router';
import { Opened } from './Opened';

const Shortcuts = lazy(async () => ({ default: (await import('./Shortcuts')).Shortcuts }));

/** The bar of the pages that belong to the house and not to one case. */
export function TopBar({ title, children }: { title: string; children?: ReactNode }): ReactNode {
  const [help, setHelp] = useState(false);
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
      <title>{`${title} · Mischung`}</title>
      <NavLink to="/" className="logo" aria-label="Mischung, the day">
        misch<em>u</em>ng
      </NavLink>
      <nav aria-label="Salon">
        <NavLink to="/" end>
          Day
        </NavLink>
        <NavLink to="/clients">Clients</NavLink>
        <NavLink to="/shelf">Shelf</NavLink>
      </nav>
      {children}
      <span className="push" />
      <Button type="text" aria-label="Help" onClick={() => setHelp(true)}>
        ?
      </Button>
      <Opened open={help}>
        <Shortcuts open={help} onClose={() => setHelp(false)} />
      </Opened>
    </header>
  );
}
