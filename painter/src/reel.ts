import type { Reel, ReelGroup, ReelPath, ReelText } from '../../contracts/reel';

// The reel as core declares it (core/src/Reel, docs/reel.md), under the names that the painter uses.
export type {
  AlongPaint,
  Blur,
  CloudsPaint,
  DotsPaint,
  Inner,
  LinearPaint,
  PatternPaint,
  PicturePaint,
  RadialPaint,
  Reel,
  ReelGroup,
  ReelMark,
  ReelPath,
  ReelStroke,
  ReelText,
  ReelTrack,
  TilePaint,
} from '../../contracts/reel';
export type ReelNode = ReelGroup | ReelPath | ReelText;
export type Paint = Reel['paints'][number];
export type Effect = Reel['effects'][number];
