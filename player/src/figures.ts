import type { Picture } from './picture';
import { saidAt, type Course, type PagePiece } from './piece';

const byId = <T extends HTMLElement>(id: string): T => document.getElementById(id) as T;

/** The figure that is pointed at, or that the arrow keys have come to, and what is said of it. */
export class Figures {
  private at = -1;
  private readonly value = byId<HTMLOutputElement>('value');
  private readonly room = byId('picture');
  private readonly line = this.room.querySelector('svg')!;

  constructor(
    private readonly piece: PagePiece,
    private readonly now: () => { picture: Picture | null; frame: number },
  ) {
    this.room.addEventListener('pointermove', (event) => this.point(event));
    this.room.addEventListener('pointerleave', () => this.choose(-1));
    this.room.addEventListener('blur', () => this.choose(-1));
  }

  /** Goes to the next figure, or to the one before. */
  step(by: 1 | -1): void {
    const count = this.piece.figures.length;
    if (count === 0) return;
    this.choose(this.at < 0 ? (by > 0 ? 0 : count - 1) : (this.at + by + count) % count);
    const course = this.piece.figures[this.at];
    byId('said').textContent = this.sentence(course, this.now().frame);
  }

  letGo(): void {
    this.choose(-1);
  }

  /** Shows what is said now, where the mark is now. */
  show(): void {
    const { picture, frame } = this.now();
    const course = this.piece.figures[this.at];
    const place = course && picture ? picture.middleOf(course.chart, course.figure, frame) : null;
    this.value.hidden = !place;
    if (!course || !picture || !place) {
      this.line.firstElementChild!.setAttribute('d', '');
      return;
    }
    const { path, transform } = picture.outlineOf(course.chart, course.figure, frame);
    this.line.setAttribute('viewBox', `0 0 ${picture.reel.width} ${picture.reel.height}`);
    this.line.firstElementChild!.setAttribute('d', path);
    this.line.firstElementChild!.setAttribute('transform', transform ?? '');
    this.value.textContent = this.sentence(course, frame);
    const half = this.value.offsetWidth / 2 + 4;
    const across = Math.max(half, Math.min(this.room.clientWidth - half, place[0]));
    this.value.style.translate = `calc(${across.toFixed(1)}px - 50%) calc(${Math.max(40, place[1]).toFixed(1)}px - 130%)`;
  }

  private point({ offsetX, offsetY, pointerType }: PointerEvent): void {
    const { picture, frame } = this.now();
    if (pointerType === 'touch' || !picture) return;
    const found = picture.figureAt(frame, offsetX, offsetY);
    this.choose(this.piece.figures.findIndex(({ chart, figure }) => chart === found?.chart && figure === found.figure));
  }

  private choose(at: number): void {
    if (at === this.at) return;
    this.at = at;
    this.show();
  }

  private sentence(course: Course, frame: number): string {
    const [reading, value, share] = saidAt(course, frame) ?? ['', '', ''];
    const said = reading || value;
    const charts = new Set(this.piece.figures.map(({ chart }) => chart)).size;
    const of = charts > 1 ? ` (${course.chartName})` : '';
    const more = said.includes('%') ? (value && value !== said ? `, ${value}` : '') : share ? `, ${share}` : '';
    return `${course.label}${of}: ${said}${more}`;
  }
}
