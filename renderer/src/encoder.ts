import type { Reel } from '../../painter/src';

/** What is made of the frames. */
export type Kind = 'mp4' | 'mov' | 'hq' | 'webm' | 'zip';

/** How frames come to ffmpeg: converted already, or as a canvas has them, with transparency. */
export type Frames = 'planar' | 'rgba';

/** What is heard with the frames, and ffmpeg’s filter that cuts it to them. */
export interface Sound {
  file: string;
  filter: string;
}

export function framesFor(kind: Kind): Frames {
  return kind === 'mp4' ? 'planar' : 'rgba';
}

const BT709 = ['-colorspace', 'bt709', '-color_primaries', 'bt709', '-color_trc', 'bt709'];

/** ffmpeg's own conversion, as the painters' is checked against it. */
export const CONVERSION =
  'scale=in_range=full:out_range=tv:out_color_matrix=bt709:flags=accurate_rnd+full_chroma_int+area,format=yuv420p';

// Encoders take the tags of their frames; options alone are not heard by all of them.
const TAGS = 'setparams=range=tv:colorspace=bt709:color_primaries=bt709:color_trc=bt709';

const WITH_ALPHA = `scale=in_range=full:out_range=tv:out_color_matrix=bt709:flags=accurate_rnd+full_chroma_int+area,${TAGS}`;

/**
 * ffmpeg's arguments: an H.264 film that every editor opens (yuv420p, BT.709, tagged as such), ProRes 4444 or VP9 with
 * transparency, ProRes 422 HQ without, or every frame as a PNG; at the exact rate.
 *
 * @param first number of the first frame, which PNG files are named by
 * @param sound the narrator: AAC in MP4, PCM in MOV for editors, Opus in WebM
 * @param timecode of the first frame, for a track of its own in MOV; empty: none
 */
export function encoderArguments(
  reel: Pick<Reel, 'width' | 'height' | 'rate'>,
  target: string,
  frames: Frames = 'planar',
  kind: Kind = 'mp4',
  first = 0,
  sound: Sound | null = null,
  timecode = '',
): string[] {
  const rate = `${reel.rate[0]}/${reel.rate[1]}`;
  const size = ['-video_size', `${reel.width}x${reel.height}`, '-framerate', rate];
  const picture =
    frames === 'planar'
      ? ['-f', 'rawvideo', '-pixel_format', 'yuv420p', ...size, '-color_range', 'tv', ...BT709, '-i', 'pipe:0']
      : ['-f', 'rawvideo', '-pixel_format', 'rgba', ...size, '-i', 'pipe:0'];
  const input = sound ? [...picture, '-i', sound.file, '-map', '0:v', '-map', '1:a', '-af', sound.filter] : picture;
  const heard = (codec: string[]): string[] => (sound ? ['-c:a', ...codec, '-ar', '48000'] : []);
  const quiet = ['-hide_banner', '-loglevel', 'error', '-y'];
  const timing = ['-fps_mode', 'cfr', '-r', rate];
  const tagged = ['-color_range', 'tv', ...BT709];
  const track = ['-video_track_timescale', String(reel.rate[0])];
  switch (kind) {
    case 'mp4': {
      const conversion = frames === 'rgba' ? ['-vf', CONVERSION] : [];
      const codec = ['-c:v', 'libx264', '-preset', 'veryfast', '-crf', '14', '-tune', 'animation'];
      const file = [
        ...timing,
        ...track,
        ...heard(['aac', '-b:a', '192k']),
        '-movflags',
        '+faststart',
        '-f',
        'mp4',
        target,
      ];
      return [...quiet, ...input, ...conversion, ...codec, '-pix_fmt', 'yuv420p', ...tagged, ...file];
    }
    case 'mov':
    case 'hq': {
      const profile =
        kind === 'mov'
          ? ['-profile:v', '4444', '-alpha_bits', '16', '-pix_fmt', 'yuva444p10le']
          : ['-profile:v', 'hq', '-pix_fmt', 'yuv422p10le'];
      const codec = ['-c:v', 'prores_ks', ...profile, ...(timecode ? ['-timecode', timecode] : [])];
      return [
        ...quiet,
        ...input,
        '-vf',
        WITH_ALPHA,
        ...codec,
        ...tagged,
        ...timing,
        ...track,
        ...heard(['pcm_s16le']),
        '-f',
        'mov',
        target,
      ];
    }
    case 'webm': {
      const pace = ['-deadline', 'good', '-cpu-used', '4', '-row-mt', '1', '-auto-alt-ref', '0'];
      const codec = ['-c:v', 'libvpx-vp9', '-crf', '14', '-b:v', '0', ...pace, '-pix_fmt', 'yuva420p'];
      return [
        ...quiet,
        ...input,
        '-vf',
        WITH_ALPHA,
        ...codec,
        ...tagged,
        ...timing,
        ...heard(['libopus', '-b:a', '160k']),
        '-f',
        'webm',
        target,
      ];
    }
    case 'zip':
      return [...quiet, ...input, ...timing, '-c:v', 'png', '-start_number', String(first), '-f', 'image2', target];
  }
}
