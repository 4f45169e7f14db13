import type { Reel } from '../../painter/src';

/** How frames come to ffmpeg: as the painters give them, or as a canvas has them, which only comparisons need. */
export type Frames = 'planar' | 'rgba';

const BT709 = ['-colorspace', 'bt709', '-color_primaries', 'bt709', '-color_trc', 'bt709'];

/** ffmpeg's arguments for an H.264 film that every editor opens: yuv420p, BT.709, tagged as such, the exact rate. */
export function encoderArguments(
  reel: Pick<Reel, 'width' | 'height' | 'rate'>,
  target: string,
  frames: Frames = 'planar',
): string[] {
  const rate = `${reel.rate[0]}/${reel.rate[1]}`;
  const size = ['-video_size', `${reel.width}x${reel.height}`, '-framerate', rate];
  const input =
    frames === 'planar'
      ? ['-f', 'rawvideo', '-pixel_format', 'yuv420p', ...size, '-color_range', 'tv', ...BT709, '-i', 'pipe:0']
      : ['-f', 'rawvideo', '-pixel_format', 'rgba', ...size, '-i', 'pipe:0', '-vf', CONVERSION];
  const codec = ['-c:v', 'libx264', '-preset', 'veryfast', '-crf', '14', '-tune', 'animation', '-pix_fmt', 'yuv420p'];
  const timing = ['-fps_mode', 'cfr', '-r', rate, '-video_track_timescale', String(reel.rate[0])];
  const file = ['-movflags', '+faststart', '-f', 'mp4', target];
  const quiet = ['-hide_banner', '-loglevel', 'error', '-y'];
  return [...quiet, ...input, ...codec, '-color_range', 'tv', ...BT709, ...timing, ...file];
}

/** ffmpeg's own conversion, as the painters' is checked against it. */
export const CONVERSION =
  'scale=in_range=full:out_range=tv:out_color_matrix=bt709:flags=accurate_rnd+full_chroma_int+area,format=yuv420p';
