import { isLoop, type Format, type Frames, type Kind, type Order } from './order';

const BT709 = ['-colorspace', 'bt709', '-color_primaries', 'bt709', '-color_trc', 'bt709'];

/** ffmpeg's own conversion, as the painters' is checked against it. */
export const CONVERSION =
  'scale=in_range=full:out_range=tv:out_color_matrix=bt709:flags=accurate_rnd+full_chroma_int+area,format=yuv420p';

// Encoders take the tags of their frames; options alone are not heard by all of them.
const TAGS = 'setparams=range=tv:colorspace=bt709:color_primaries=bt709:color_trc=bt709';

const WITH_ALPHA = `scale=in_range=full:out_range=tv:out_color_matrix=bt709:flags=accurate_rnd+full_chroma_int+area,${TAGS}`;

// With so many threads on every machine, for what x264 writes depends on their number.
const H264 = ['-c:v', 'libx264', '-preset', 'veryfast', '-tune', 'animation', '-threads', '4'];

/** What of a film is told to ffmpeg besides its codec. */
interface Around {
  /** that comes before what the codec is told */
  before: string[];
  timing: string[];
  heard: string[];
  tagged: string[];
  /** of its container */
  file: string[];
}

/**
 * ffmpeg's arguments: an H.264 film that every editor opens (yuv420p, BT.709, tagged as such), a small one with its
 * timecode burnt in, ProRes 4444 or VP9 with transparency, ProRes 422 HQ without, its transparency alone as a matte,
 * every frame as a PNG, or what a picture that plays by itself is made of; at the exact rate.
 */
export function encoderArguments(format: Format, target: string, frames: Frames, order: Order): string[] {
  const rate = rateOf(format);
  const size = ['-video_size', `${format.width}x${format.height}`, '-framerate', rate];
  const picture =
    frames === 'planar'
      ? ['-f', 'rawvideo', '-pixel_format', 'yuv420p', ...size, '-color_range', 'tv', ...BT709, '-i', 'pipe:0']
      : ['-f', 'rawvideo', '-pixel_format', 'rgba', ...size, '-i', 'pipe:0'];
  return codecArguments(target, frames, order, {
    before: ['-hide_banner', '-loglevel', 'error', '-y', ...withSound(picture, order)],
    timing: ['-fps_mode', 'cfr', '-r', rate],
    heard: heardIn(order),
    tagged: ['-color_range', 'tv', ...BT709],
    file: fileOf(order.kind, format),
  });
}

const rateOf = ({ rate }: Pick<Format, 'rate'>): string => `${rate[0]}/${rate[1]}`;

/** What ffmpeg reads: the picture, what is heard with it, and what the film says of itself. */
function withSound(picture: string[], { sound, told }: Order): string[] {
  return [
    ...picture,
    ...(sound ? ['-i', sound.file] : []),
    // Nothing of the machine or of the encoder is told.
    ...(told ? ['-f', 'ffmetadata', '-i', told, '-map_metadata', sound ? '2' : '1'] : []),
    ...(told ? ['-map_chapters', sound ? '2' : '1'] : []),
    '-map',
    '0:v',
    ...(sound ? ['-map', '1:a', '-af', sound.filter] : []),
    '-fflags',
    '+bitexact',
    '-flags:v',
    '+bitexact',
    '-flags:a',
    '+bitexact',
  ];
}

const isMov = (kind: Kind): boolean => kind === 'mov' || kind === 'hq' || kind === 'matte';

/** The sound’s codec, where there is a sound. */
function heardIn({ kind, sound }: Order): string[] {
  if (!sound) return [];
  const codec = isMov(kind) ? ['pcm_s16le'] : kind === 'webm' ? ['libopus', '-b:a', '160k'] : ['aac', '-b:a', '192k'];
  return ['-c:a', ...codec, '-ar', '48000'];
}

function fileOf(kind: Kind, { rate }: Pick<Format, 'rate'>): string[] {
  if (kind === 'webm') return ['-f', 'webm'];
  const track = ['-video_track_timescale', String(rate[0])];
  return isMov(kind) ? [...track, '-f', 'mov'] : [...track, '-movflags', '+faststart', '-f', 'mp4'];
}

/**
 * ffmpeg's arguments to join parts of a film, one after the other, as they are: each begins with a whole picture and
 * refers to nothing outside of it. Sound, chapters and timecode are put to the whole.
 *
 * @param list a file of ffmpeg’s concat format
 */
export function joinArguments(list: string, target: string, format: Pick<Format, 'rate'>, order: Order): string[] {
  const timecode = isMov(order.kind) && order.timecode ? ['-timecode', order.timecode] : [];
  return [
    ...['-hide_banner', '-loglevel', 'error', '-y'],
    ...withSound(['-f', 'concat', '-safe', '0', '-i', list], order),
    ...['-c:v', 'copy', ...timecode],
    ...heardIn(order),
    ...fileOf(order.kind, format),
    target,
  ];
}

/** Files one after the other, for joinArguments; to the microsecond, as ffmpeg adds their lengths up. */
export function joinList(parts: { file: string; frames: number }[], { rate }: Pick<Format, 'rate'>): string {
  return parts
    .map(({ file, frames }) => {
      const quoted = file.replace(/'/g, "'\\''");
      return `file '${quoted}'\nduration ${((frames * rate[1]) / rate[0]).toFixed(6)}\n`;
    })
    .join('');
}

function codecArguments(target: string, frames: Frames, order: Order, around: Around): string[] {
  const { before, timing, heard, tagged, file } = around;
  const film = (filter: string[], codec: string[]): string[] => [
    ...before,
    ...(filter.length > 0 ? ['-vf', filter.join(',')] : []),
    ...codec,
    ...tagged,
    ...timing,
    ...heard,
    ...file,
    target,
  ];
  const proRes = ['-c:v', 'prores_ks', ...(order.timecode ? ['-timecode', order.timecode] : [])];
  switch (order.kind) {
    case 'mp4':
    case 'draft': {
      const conversion = frames === 'rgba' ? [CONVERSION] : [];
      const burnt = order.font && order.timecode ? [burning(order.font, order.timecode, around.timing[3])] : [];
      const codec = [...H264, '-crf', order.kind === 'mp4' ? '14' : '23', '-pix_fmt', 'yuv420p'];
      return film([...conversion, ...burnt], codec);
    }
    case 'mov': {
      const profile = ['-profile:v', '4444', '-alpha_bits', '16', '-pix_fmt', 'yuva444p10le'];
      return film([WITH_ALPHA], [...proRes, ...profile]);
    }
    case 'hq':
    case 'matte': {
      const alpha = order.kind === 'matte' ? ['alphaextract', 'format=gray'] : [];
      const profile = ['-profile:v', 'hq', '-pix_fmt', 'yuv422p10le'];
      return film([...alpha, WITH_ALPHA], [...proRes, ...profile]);
    }
    case 'webm': {
      const pace = ['-deadline', 'good', '-cpu-used', '4', '-row-mt', '1', '-auto-alt-ref', '0'];
      const codec = ['-c:v', 'libvpx-vp9', '-crf', '14', '-b:v', '0', ...pace, '-pix_fmt', 'yuva420p'];
      return film([WITH_ALPHA], codec);
    }
    case 'zip':
    case 'zip16': {
      const depth = order.kind === 'zip16' ? ['-pix_fmt', 'rgba64be'] : [];
      const number = ['-start_number', String(order.from), '-f', 'image2'];
      return [...before, ...timing, '-c:v', 'png', ...depth, ...number, target];
    }
    case 'gif':
    case 'apng':
    case 'webp':
      // As it is, to be read as often as is needed.
      return [...before, ...timing, '-c:v', 'ffv1', '-pix_fmt', 'bgra', '-f', 'nut', target];
  }
}

/** A timecode in the lower left, on a dark plate. Source: ffmpeg, drawtext. */
function burning(font: string, timecode: string, rate: string): string {
  const escaped = (text: string): string => text.replace(/[\\':;,]/g, (sign) => `\\${sign}`);
  return [
    `drawtext=fontfile='${font.replace(/'/g, "'\\\\\\''")}'`,
    `timecode='${escaped(timecode)}'`,
    `timecode_rate=${rate}`,
    'fontsize=h/22',
    'fontcolor=white',
    'box=1',
    'boxcolor=black@0.6',
    'boxborderw=8',
    'x=h/30',
    'y=h-th-h/30',
  ].join(':');
}

/**
 * What is done to the frames that were written as they are, one call of ffmpeg after the other, to make a picture that
 * plays by itself.
 *
 * A GIF has 256 colours for all of its frames, each of them opaque or open (GIF89a); APNG and WebP have all colours and
 * every opacity. Sources: GIF89a specification, 23; Portable Network Graphics, third edition, 11.3.6; WebP container
 * specification, Animation.
 *
 * @param frames the file that they are in
 */
export function loopArguments(frames: string, target: string, { kind, width, loops }: Order): string[][] {
  if (!isLoop(kind)) return [];
  const quiet = ['-hide_banner', '-loglevel', 'error', '-y', '-i', frames];
  const plain = ['-map_metadata', '-1', '-fflags', '+bitexact', '-flags:v', '+bitexact'];
  if (kind === 'apng')
    return [
      [...quiet, ...plain, '-c:v', 'apng', '-pix_fmt', 'rgba', '-plays', loops ? '0' : '1', '-f', 'apng', target],
    ];
  if (kind === 'webp') {
    const codec = [
      '-c:v',
      'libwebp_anim',
      '-pix_fmt',
      'bgra',
      '-quality',
      '82',
      '-compression_level',
      '4',
      '-loop',
      loops ? '0' : '1',
    ];
    return [[...quiet, ...plain, ...codec, '-f', 'webp', target]];
  }
  const palette = `${target}.palette.png`;
  // A small picture shows the grain of a dither that a large one hides.
  const dither = (width ?? 1920) <= 640 ? 'sierra2_4a' : 'bayer:bayer_scale=4';
  return [
    [...quiet, '-vf', 'palettegen=stats_mode=full:reserve_transparent=1', palette],
    [
      ...quiet,
      '-i',
      palette,
      '-lavfi',
      `[0:v][1:v]paletteuse=dither=${dither}:diff_mode=rectangle:alpha_threshold=128`,
      ...plain,
      '-loop',
      loops ? '0' : '-1',
      '-f',
      'gif',
      target,
    ],
  ];
}
