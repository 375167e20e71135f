import { Button } from 'antd';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { say } from '../words/say';

/** Instead of a page that could not be shown, or could not be fetched because the program was renewed meanwhile. */
export function BrokenPage(): ReactNode {
  return (
    <main className="alone" role="alert">
      <title>{say('shared.notShownMischung')}</title>
      <h1>{say('shared.thisPageCouldNotBe')}</h1>
      <p>{say('shared.whatWasSavedIsSafe')}</p>
      <p>
        <Button type="primary" onClick={() => window.location.reload()}>
          {say('shared.loadAgain')}
        </Button>{' '}
        <Link to="/" reloadDocument>
          {say('shared.toTheDay')}
        </Link>
      </p>
    </main>
  );
}
