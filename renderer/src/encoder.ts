import type { Reel } from '../../painter/src';

/** ffmpeg's arguments for an H.264 film that every editor opens: yuv420p, BT.709, tagged as such, the exact rate. */
export function encoderArguments(reel: Pick<Reel, 'width' | 'height' | 'rate'>, target: string): string[] {
  const rate = `${reel.rate[0]}/${reel.rate[1]}`;
  return [
    '-hide_banner', '-loglevel', 'error', '-y',
    '-f', 'rawvideo', '-pixel_format', 'rgba', '-video_size', `${reel.width}x${reel.height}`, '-framerate', rate, '-i', 'pipe:0',
    '-vf', 'scale=in_range=full:out_range=tv:out_color_matrix=bt709:flags=accurate_rnd+full_chroma_int+area,format=yuv420p',
    '-c:v', 'libx264', '-preset', 'veryfast', '-crf', '14', '-tune', 'animation',
    '-color_range', 'tv', '-colorspace', 'bt709', '-color_primaries', 'bt709', '-color_trc', 'bt709',
    '-fps_mode', 'cfr', '-r', rate, '-video_track_timescale', String(reel.rate[0]),
    '-movflags', '+faststart', '-f', 'mp4', target,
  ];
}
