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
}

/** The server could not be reached at all. */
export class OutOfReach extends Error {
  constructor() {
    super('Lupine’s server cannot be reached. Is it still running? What you typed is kept here.');
  }
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
  const answer: unknown = await response.json().catch(() => null);
  if (!response.ok) {
    const said = (answer ?? {}) as { message?: string; where?: string; rowId?: string | null };
    throw new Refused(
      response.status,
      said.message || `The server answered with status ${response.status}.`,
      said.where ?? '',
      said.rowId ?? null,
      answer,
    );
  }
  return answer as T;
}

export function reasonOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error);
}
