import type { Recording, Stage } from '../../../contracts/piece';

/** how long the first sound is waited for, in milliseconds */
const PATIENCE = 1500;
/** the end of a recording, in milliseconds, in which it is not begun */
const LAST = 150;
/** what is heard of a moment while it is scrubbed */
const GRAIN = 120;
/** seconds by which the clock may be off the sound before it is set anew; and how much of less it makes up at a time */
const JUMP = 0.05;
const PULL = 0.1;

/**
 * Plays the recording in step with the stage: while it sounds, the stage follows the sound, so that they cannot part.
 * Before its beginning and after its end the clock goes on by itself.
 */
class SoundPlayer {
  private element: HTMLAudioElement | null = null;
  private context: AudioContext | null = null;
  private gain: GainNode | null = null;
  private recording: Recording | null = null;
  private rate = 30;
  private loaded = '';
  private begunAt = 0;
  private state: 'silent' | 'starting' | 'sounding' = 'silent';
  private failed = '';
  /** the sound did not come: this time it is played without */
  private gaveUp = false;
  private grainTimer = 0;
  /** where the sound was last found to be, in seconds, and when, in milliseconds */
  private steady = { at: -Infinity, when: 0 };
  /** turned off at this desk; the film is not changed */
  private isMuted = false;

  prepare(recording: Recording | undefined, rate: Stage['rate']): void {
    this.recording = recording?.sound ? recording : null;
    this.rate = rate[0] / rate[1];
    const wanted = this.recording?.sound ?? '';
    if (wanted !== this.loaded) {
      this.stop();
      this.loaded = wanted;
      this.failed = '';
      if (this.element) this.element.src = wanted ? `/api/sounds/${wanted}.flac` : '';
    }
    if (this.gain && this.recording) this.gain.gain.value = this.recording.level;
  }

  /** The first sound needs a press of somebody’s hand, so the player is made with it. */
  private wake(): HTMLAudioElement {
    if (!this.element) {
      this.element = new Audio(this.loaded ? `/api/sounds/${this.loaded}.flac` : '');
      this.element.preload = 'auto';
      this.element.addEventListener('playing', () => {
        if (this.state === 'starting') this.state = 'sounding';
      });
      this.element.addEventListener('error', () => {
        this.failed = this.loaded;
        this.state = 'silent';
      });
      this.context = new AudioContext();
      this.gain = this.context.createGain();
      this.context.createMediaElementSource(this.element).connect(this.gain).connect(this.context.destination);
    }
    if (this.context?.state === 'suspended') void this.context.resume();
    if (this.gain) this.gain.gain.value = this.recording?.level ?? 1;
    return this.element;
  }

  private milliseconds(frame: number): number {
    const { begin = 0, from = 0 } = this.recording ?? {};
    return from + ((frame - begin) * 1000) / this.rate;
  }

  /** Is something to be heard in a frame? */
  reaches(frame: number, speed: number): boolean {
    if (!this.recording || this.isMuted || this.gaveUp || speed <= 0 || this.failed === this.loaded) return false;
    const at = this.milliseconds(frame);
    // The last moment of it is not begun anew: that would never come to its end.
    return at >= this.recording.from - 1e-6 && at < this.recording.to - LAST;
  }

  start(frame: number, speed: number): void {
    const element = this.wake();
    window.clearTimeout(this.grainTimer);
    this.state = 'starting';
    this.begunAt = performance.now();
    element.currentTime = this.milliseconds(frame) / 1000;
    element.playbackRate = speed;
    element.preservesPitch = true;
    element.play().catch(() => {
      this.gaveUp = true;
      this.state = 'silent';
    });
  }

  mute(isMuted: boolean): void {
    this.isMuted = isMuted;
    if (isMuted) this.stop();
  }

  /** Playing begins: what did not come the last time may come now. */
  begin(): void {
    this.gaveUp = false;
  }

  /** The frame that is heard now, with its fraction; “held” while the first sound is on its way; null where none is. */
  now(): number | 'held' | null {
    const { element, recording } = this;
    if (this.state === 'silent' || !element || !recording) return null;
    if (this.state === 'starting') {
      if (performance.now() - this.begunAt < PATIENCE) return 'held';
      this.gaveUp = true;
      this.stop();
      return null;
    }
    const late = (this.context?.outputLatency ?? 0) * element.playbackRate;
    const at = (this.steadied(element) - late) * 1000;
    if (element.ended || at >= recording.to) {
      this.stop();
      return null;
    }
    return recording.begin + ((Math.max(recording.from, at) - recording.from) / 1000) * this.rate;
  }

  /** Where the sound is, in seconds: it tells that in steps, so the clock goes on between them. */
  private steadied(element: HTMLAudioElement): number {
    const now = performance.now();
    const told = element.currentTime;
    const { at, when } = this.steady;
    const expected = at + ((now - when) / 1000) * element.playbackRate;
    const off = told - expected;
    this.steady = { at: Math.abs(off) > JUMP ? told : expected + off * PULL, when: now };
    return this.steady.at;
  }

  stop(): void {
    window.clearTimeout(this.grainTimer);
    this.element?.pause();
    this.state = 'silent';
    this.steady = { at: -Infinity, when: 0 };
  }

  /** A short piece of what is said in a frame, while somebody looks for it. */
  grain(frame: number): void {
    if (this.gaveUp || !this.reaches(frame, 1)) return;
    const element = this.wake();
    element.playbackRate = 1;
    element.currentTime = this.milliseconds(frame) / 1000;
    void element.play().catch(() => undefined);
    window.clearTimeout(this.grainTimer);
    this.grainTimer = window.setTimeout(() => {
      if (this.state !== 'starting') this.stop();
      element.pause();
    }, GRAIN);
    this.state = 'silent';
  }
}

export const soundPlayer = new SoundPlayer();
