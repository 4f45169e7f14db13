import type { Answers } from '../../contracts/api';

/** An answer that is not what was asked for: what is wrong, where, and how to mend it. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly where: string,
    readonly rowId: string | null,
    readonly answer: unknown,
  ) {
    super(message);
  }

  /** Is the reason one that passes by itself, so that the same request can be sent again? */
  get passes(): boolean {
    return this.status >= 500 || this.status === 429 || this.status === 408 || this.status === 401;
  }
}

/** The server could not be reached at all. */
export class OutOfReach extends Error {
  constructor() {
    super('Cannot reach the Lupine server. Check that it is running.');
  }
}

/** The server said yes, and its answer came cut off or empty. */
export class Garbled extends Error {
  constructor() {
    super('The server’s answer did not arrive whole. Nothing is lost; it is tried again.');
  }
}

/** Whether what went wrong may go well when it is tried again. */
export function mayPass(error: unknown): boolean {
  return error instanceof OutOfReach || error instanceof Garbled || (error instanceof Refused && error.passes);
}

const BUSY = [401, 408, 429, 502, 503, 504];

/** Whether it is the server's state that is in the way, not what was asked: asked again later, it goes well. */
export function isAway(error: unknown): boolean {
  return mayPass(error) && !(error instanceof Refused && !BUSY.includes(error.status));
}

/** A method and a path, as app/Api/Contract.php has them. */
export type Route = keyof Answers;

/** What stands in braces in a path. */
type Places<Path extends string> = Path extends `${string}{${infer Place}}${infer Rest}` ? Place | Places<Rest> : never;

interface Plain {
  body?: unknown;
  version?: number;
  signal?: AbortSignal;
  keepalive?: boolean;
  query?: URLSearchParams | Record<string, string | number>;
}

type Options<Asked extends Route> = [Places<Asked>] extends [never]
  ? [options?: Plain]
  : [options: Plain & { at: Record<Places<Asked>, string> }];

export async function ask<Asked extends Route>(
  route: Asked,
  ...[options = {}]: Options<Asked>
): Promise<Answers[Asked]> {
  return answerOf(await sent(route, options), options.signal);
}

async function sent(route: string, options: Plain & { at?: Record<string, string> }): Promise<Response> {
  const { body, version, signal, keepalive } = options;
  const [method, path] = addressOf(route, options);
  const headers: Record<string, string> = { Accept: 'application/json' };
  if (body !== undefined) headers['Content-Type'] = 'application/json';
  if (version !== undefined) headers['If-Match'] = `"${version}"`;
  try {
    return await fetched(path, {
      method,
      headers,
      body: body === undefined ? undefined : JSON.stringify(body),
      signal,
      keepalive,
    });
  } catch (error) {
    if (signal?.aborted) throw error;
    throw new OutOfReach();
  }
}

/**
 * Asks for what comes part by part, each a line of JSON. Every part is told as soon as it is there, and the next when
 * that one is dealt with.
 */
export async function askParts<Asked extends Route>(
  route: Asked,
  options: Plain,
  onPart: (part: Answers[Asked]) => Promise<void> | void,
): Promise<void> {
  const { signal } = options;
  const response = await sent(route, options);
  if (!response.ok) throw await refusalOf(response);
  const reader = response.body?.getReader();
  const decoder = new TextDecoder();
  let line = '';
  for (let next = await reader?.read().catch(cut); next && !next.done; next = await reader?.read().catch(cut)) {
    const [first, ...others] = decoder.decode(next.value, { stream: true }).split('\n');
    line += first;
    for (const other of others) {
      await onPart(partOf(line));
      line = other;
      if (signal?.aborted) return;
    }
  }
  if (line !== '') throw new Garbled();

  function cut(error: unknown): never {
    throw signal?.aborted ? error : new Garbled();
  }

  function partOf(text: string): Answers[Asked] {
    try {
      return JSON.parse(text) as Answers[Asked];
    } catch {
      throw new Garbled();
    }
  }
}

function addressOf(route: string, { at = {}, query = {} }: Plain & { at?: Record<string, string> }): [string, string] {
  const [method, path] = route.split(' ');
  const asked = new URLSearchParams(
    query instanceof URLSearchParams ? query : Object.entries(query).map(([name, value]) => [name, String(value)]),
  ).toString();
  const filled = path.replace(/\{(\w+)\}/gu, (_, place: string) => encodeURIComponent(at[place]));
  return [method, `/api/${filled}${asked && `?${asked}`}`];
}

async function answerOf<T>(response: Response, signal?: AbortSignal): Promise<T> {
  if (!response.ok) throw await refusalOf(response);
  try {
    return (await response.json()) as T;
  } catch (error) {
    if (signal?.aborted) throw error;
    throw new Garbled();
  }
}

/** Sends a file, or part of one, as it is. */
export async function sendFile<Asked extends Route>(
  route: Asked,
  file: Blob,
  ...[options = {}]: Options<Asked>
): Promise<Answers[Asked]> {
  const { signal }: Plain = options;
  const [method, path] = addressOf(route, options);
  const response = await fetched(path, {
    method,
    headers: { Accept: 'application/json', 'Content-Type': 'application/octet-stream' },
    body: file,
    signal,
  }).catch((error: unknown) => {
    if (signal?.aborted) throw error;
    throw new OutOfReach();
  });
  return answerOf(response, signal);
}

/** How often a picture is asked for while others are being painted. */
const PATIENCE = 20;

/**
 * A file that takes a moment to be made: asked for again where others are in line, then given to the browser to keep.
 */
export async function fetchFile(path: string): Promise<void> {
  for (let time = 1; ; time++) {
    const response = await fetched(`/api/${path}`).catch(() => {
      throw new OutOfReach();
    });
    if (response.ok) {
      const url = URL.createObjectURL(await response.blob());
      const link = document.createElement('a');
      link.href = url;
      link.download = /filename="([^"]+)"/.exec(response.headers.get('Content-Disposition') ?? '')?.[1] ?? 'still';
      link.click();
      window.setTimeout(() => URL.revokeObjectURL(url), 10_000);
      return;
    }
    if (response.status !== 503 || time === PATIENCE) throw await refusalOf(response);
    await new Promise((resolve) => window.setTimeout(resolve, 1000));
  }
}

let onSignedOut = (): void => undefined;
/** Who is told when the server wants to know who comes. */
export function whenSignedOut(told: () => void): void {
  onSignedOut = told;
}

/** How often somebody has signed in, now and when an answer was asked for. */
let signIns = 0;
const askedAfter = new WeakMap<Response, number>();
/** From now on refusals of what was asked for before say nothing. */
export function signedIn(): void {
  signIns++;
}

async function fetched(path: string, how: RequestInit = {}): Promise<Response> {
  const before = signIns;
  const response = await fetch(path, how);
  askedAfter.set(response, before);
  return response;
}

async function refusalOf(response: Response): Promise<Refused> {
  if (response.status === 401 && askedAfter.get(response) === signIns) onSignedOut();
  const answer: unknown = await response.json().catch(() => null);
  const said = (answer ?? {}) as { message?: string; where?: string; rowId?: string | null };
  const message = said.message || `The server answered with status ${response.status}.`;
  return new Refused(response.status, message, said.where ?? '', said.rowId ?? null, answer);
}

export function reasonOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error);
}
