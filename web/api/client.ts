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
    return this.status >= 500 || this.status === 429 || this.status === 408;
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

interface Options {
  method?: 'GET' | 'POST' | 'PUT' | 'DELETE';
  body?: unknown;
  version?: number;
  signal?: AbortSignal;
  keepalive?: boolean;
}

export async function ask<T>(
  path: string,
  { method = 'GET', body, version, signal, keepalive }: Options = {},
): Promise<T> {
  const headers: Record<string, string> = { Accept: 'application/json' };
  if (body !== undefined) headers['Content-Type'] = 'application/json';
  if (version !== undefined) headers['If-Match'] = `"${version}"`;
  let response: Response;
  try {
    response = await fetch(`/api/${path}`, {
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
  return answerOf<T>(response, signal);
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
export async function sendFile<T>(
  path: string,
  file: Blob,
  signal?: AbortSignal,
  method: 'POST' | 'PUT' = 'POST',
): Promise<T> {
  const response = await fetch(`/api/${path}`, {
    method,
    headers: { Accept: 'application/json', 'Content-Type': 'application/octet-stream' },
    body: file,
    signal,
  }).catch((error: unknown) => {
    if (signal?.aborted) throw error;
    throw new OutOfReach();
  });
  return answerOf<T>(response, signal);
}

/** How often a picture is asked for while others are being painted. */
const PATIENCE = 20;

/**
 * A file that takes a moment to be made: asked for again where others are in line, then given to the browser to keep.
 */
export async function fetchFile(path: string): Promise<void> {
  for (let time = 1; ; time++) {
    const response = await fetch(`/api/${path}`).catch(() => {
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

async function refusalOf(response: Response): Promise<Refused> {
  const answer: unknown = await response.json().catch(() => null);
  const said = (answer ?? {}) as { message?: string; where?: string; rowId?: string | null };
  const message = said.message || `The server answered with status ${response.status}.`;
  return new Refused(response.status, message, said.where ?? '', said.rowId ?? null, answer);
}

export function reasonOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error);
}
