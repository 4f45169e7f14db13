import { readFileSync } from 'node:fs';
import type { Piece } from '../../contracts/piece';

export const demo = JSON.parse(
  readFileSync(new URL('../../demo/mended-or-not.json', import.meta.url), 'utf8'),
) as Piece;

interface Kept {
  version: number;
  document: Piece;
  save: string | null;
  /** versions by the saves that led to them */
  saves: Map<string, number>;
  /** the documents that undo and redo walk through, and which of them it is at */
  history: Piece[];
  at: number;
}

/** A server that keeps pieces, as the real one answers. */
export class Server {
  readonly pieces = new Map<string, Kept>();
  down = false;
  /** saves are kept, and their answers do not arrive: not at all, or empty */
  loses: 'answers' | 'contents' | null = null;
  /** a status that saves are refused with */
  busy = 0;
  /** a title that saves are refused for */
  refuses = '';
  /** saves that were tried */
  asked = 0;
  computed = 0;
  /** what of a piece is computed */
  part = {};
  readonly saved: string[] = [];
  /** steps that each request of undo and redo asked for, and milliseconds that its answer takes */
  readonly walks: number[] = [];
  slow = 0;
  /** a status that acts are refused with */
  refusal = 422;
  /** what an act leads to; null: it cannot be done */
  act: (document: Piece) => { document: Piece; made: string[] } | null = (document) => ({ document, made: [] });

  piece(id = 'p1'): Kept {
    const kept = this.pieces.get(id) ?? {
      version: 1,
      document: structuredClone(demo),
      save: null,
      saves: new Map<string, number>(),
      history: [demo],
      at: 0,
    };
    this.pieces.set(id, kept);
    return kept;
  }

  private compute(document: Piece): { problems: object[]; sheet: object; reel: object | null } {
    this.computed++;
    const wrong = document.tables[0].rows.some(({ cells }) => cells[0] === 'many');
    return {
      problems: wrong ? [{ severity: 'error', code: 'x', where: '', message: 'no', rowId: null, repairs: [] }] : [],
      sheet: {
        charts: wrong ? {} : { chart1: { whole: '1', figures: [] } },
        words: {},
        lines: {},
        length: '',
        seconds: [],
      },
      reel: wrong ? null : { title: document.title, ...this.part },
    };
  }

  /** Part by part, as an edit is answered. */
  private live(document: Piece): Response {
    const { problems, sheet, reel } = this.compute(document);
    const none = { problems: null, places: null, sheet: null, reel: null };
    const parts = reel
      ? [
          { ...none, places: {}, reel: { ...reel, isSeenAlone: true } },
          { ...none, problems, sheet },
          { ...none, reel },
        ]
      : [{ ...none, problems, sheet }];
    return new Response(parts.map((part) => `${JSON.stringify(part)}\n`).join(''), { status: 200 });
  }

  answer = (path: string, options: RequestInit): Promise<Response> =>
    this.down ? Promise.reject(new TypeError('Failed to fetch')) : this.answered(path, options);

  private async answered(path: string, options: RequestInit): Promise<Response> {
    const body = options.body
      ? (JSON.parse(options.body as string) as { document: Piece; save: string; steps: number })
      : null;
    const reply = (answer: unknown, status = 200): Response => new Response(JSON.stringify(answer), { status });
    if (path.endsWith('/compute')) return reply(this.compute(body!.document));
    if (path.endsWith('/compute/live')) return this.live(body!.document);
    if (path.endsWith('/proof')) return reply({ exact: true });
    if (path.includes('/acts/')) {
      await new Promise((resolve) => setTimeout(resolve, this.slow));
      const done = this.act(body!.document);
      return done ? reply(done) : reply({ message: 'That cannot be done.' }, this.refusal);
    }
    const id = /pieces\/(\w+)/.exec(path)?.[1] ?? 'p1';
    const kept = this.piece(id);
    const its = (): object => ({
      id,
      version: kept.version,
      canUndo: kept.at > 0,
      canRedo: kept.at < kept.history.length - 1,
    });
    const stored = (): object => ({ ...its(), updatedAt: '', save: kept.save, document: kept.document });
    if (path.endsWith('/desk')) return reply({ piece: stored(), computed: this.compute(kept.document) });
    const way = /\/(undo|redo)$/.exec(path)?.[1];
    if (way) {
      const { steps } = body!;
      this.walks.push(way === 'undo' ? -steps : steps);
      kept.at = Math.max(0, Math.min(kept.history.length - 1, kept.at + (way === 'undo' ? -steps : steps)));
      Object.assign(kept, { version: kept.version + 1, document: kept.history[kept.at] });
      await new Promise((resolve) => setTimeout(resolve, this.slow));
    }
    if (options.method !== 'PUT') return reply(stored());
    this.asked++;
    const { document, save } = body!;
    if (document.title === this.refuses) return reply({ message: 'refused' }, 422);
    if (this.busy > 0) return reply({ message: 'busy' }, this.busy);
    const before = kept.saves.get(save);
    if (before !== undefined) return reply({ ...its(), version: before });
    const seen = Number(new Headers(options.headers).get('If-Match')?.replaceAll('"', ''));
    if (seen !== kept.version) return reply({ message: 'changed', piece: stored() }, 412);
    kept.version++;
    Object.assign(kept, { document, save });
    kept.saves.set(save, kept.version);
    kept.history = [...kept.history.slice(0, kept.at + 1), document];
    kept.at++;
    this.saved.push(document.title);
    if (this.loses === 'answers') throw new TypeError('Failed to fetch');
    return this.loses === 'contents' ? new Response('', { status: 200 }) : reply(its());
  }
}
