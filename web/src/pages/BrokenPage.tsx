import { Button } from 'antd';
import type { ReactNode } from 'react';
import { Link } from 'react-router';

/** Instead of a page that could not be shown, or could not be fetched because the program was renewed meanwhile. */
export function BrokenPage(): ReactNode {
  return (
    <main className="alone" role="alert">
      <title>Not shown · Mischung</title>
      <h1>This page could not be shown</h1>
      <p>
        What was saved is safe. Load the page again; if it still does not show, restart the program on the
        salon’s computer.
      </p>
      <p>
        <Button type="primary" onClick={() => window.location.reload()}>
          Load again
        </Button>{' '}
        <Link to="/" reloadDocument>
          To the day
        </Link>
      </p>
    </main>
  );
}
