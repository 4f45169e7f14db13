import { stopsOf, type PagePiece } from './piece';

/** The playhead of a page, and what moves it: a clock, the narrator's sound, or a hand. */
export class Playing {
  frame: number;
  isPlaying = false;
  private begun = { time: 0, frame: 0 };
  private stop: number;
  readonly stops: number[];
  readonly sound: HTMLAudioElement | null;

  /** @param onChange is told whenever the frame or the state changes */
  constructor(
    private readonly piece: PagePiece,
    private readonly onChange: () => void,
  ) {
    this.frame = piece.poster;
    this.stops = stopsOf(piece);
    this.stop = piece.to;
    this.sound = piece.sound === null ? null : new Audio(piece.sound);
  }

  private get perSecond(): number {
    return this.piece.rate[0] / this.piece.rate[1];
  }

  secondsAt(frame: number): number {
    return (frame - this.piece.from) / this.perSecond;
  }

  /** Plays on to the next stop; from the end, from the beginning. */
  play(): void {
    if (this.isPlaying) return;
    if (this.frame >= this.piece.to) this.frame = this.piece.from;
    this.stop = this.stops.find((frame) => frame > this.frame) ?? this.piece.to;
    this.isPlaying = true;
    this.begun = { time: performance.now(), frame: this.frame };
    if (this.sound) {
      this.sound.currentTime = this.secondsAt(this.frame);
      // A browser that does not play it yet plays the picture.
      void this.sound.play().catch(() => undefined);
    }
    requestAnimationFrame(() => this.tick());
    this.onChange();
  }

  pause(): void {
    this.isPlaying = false;
    this.sound?.pause();
    this.onChange();
  }

  seek(frame: number): void {
    const wasPlaying = this.isPlaying;
    this.isPlaying = false;
    this.sound?.pause();
    this.frame = Math.max(this.piece.from, Math.min(this.piece.to, frame));
    if (wasPlaying && this.frame < this.piece.to) this.play();
    else this.onChange();
  }

  private tick(): void {
    if (!this.isPlaying) return;
    const { sound, begun } = this;
    const isHeard = sound && !sound.paused && !sound.ended && sound.currentTime > 0;
    const frame = isHeard
      ? this.piece.from + sound.currentTime * this.perSecond
      : begun.frame + ((performance.now() - begun.time) / 1000) * this.perSecond;
    // A clock that takes over from the other goes on from where that was.
    if (isHeard) this.begun = { time: performance.now(), frame };
    this.frame = Math.min(this.stop, Math.max(this.piece.from, Math.floor(frame)));
    if (frame >= this.stop) {
      this.pause();
      return;
    }
    this.onChange();
    requestAnimationFrame(() => this.tick());
  }
}
