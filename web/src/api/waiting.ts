const waiting = new Set<string>();

/** That nobody waits for an answer any more: what was begun for it is not finished. */
function waitNoLonger(name: string): void {
  if (waiting.delete(name)) {
    fetch(`/api/waiting/${name}`, { method: 'DELETE', keepalive: true }).catch(() => undefined);
  }
}

/** To be said once, when the program's page is opened. */
export function tellWhenThePageGoes(): void {
  window.addEventListener('pagehide', () => waiting.forEach(waitNoLonger));
}

const NOBODY = 'mischung:nobody-sits';

/** @return what makes it silent again */
export function onNobodySits(told: () => void): () => void {
  window.addEventListener(NOBODY, told);
  return () => window.removeEventListener(NOBODY, told);
}

/** Whoever sat here is not known here any more, or the whole device is not. */
function heed(answer: Response): Response {
  if (answer.status === 401) {
    window.dispatchEvent(new Event(NOBODY));
  } else if (answer.headers.get('Pairing') === 'needed') {
    window.location.reload();
  }
  return answer;
}

/** A question is asked under a name, so that it can be said of it that its answer is not wanted any more. */
export async function asked(request: Request): Promise<Response> {
  if (request.method !== 'GET') {
    return heed(await fetch(request));
  }
  const name = crypto.randomUUID();
  const named = new Request(request);
  named.headers.set('Waiting-Name', name);
  waiting.add(name);
  const goes = (): void => waitNoLonger(name);
  request.signal.addEventListener('abort', goes);
  try {
    return heed(await fetch(named));
  } finally {
    request.signal.removeEventListener('abort', goes);
    waiting.delete(name);
  }
}
