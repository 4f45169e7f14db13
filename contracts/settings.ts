// Made from what core declares by bin/contracts.php. Do not edit.
import type * as piece from './piece';

/** How a setting is shown: one entry for each that core declares. */
export interface Setting {
  name: string;
  label: string;
  kind: string;
  unit?: string;
  min?: number;
  max?: number;
  step?: number;
  longest?: number;
  choices?: [value: string | number, word: string][];
  default?: unknown;
  hint?: string;
  /** it matters where these are on (true), off (false), or one of the values */
  when?: Record<string, boolean | string[]>;
  isKeyed?: boolean;
  isFirst?: boolean;
  canBeNone?: boolean;
  /** the word for having none */
  none?: string;
  /** the group that stands in it */
  group?: string;
}

export interface Group {
  label: string;
  hint: string;
  fields: Setting[];
}

/** What each group is in a document. */
export interface Groups {
  Piece: piece.Piece;
  Stage: piece.Stage;
  Table: piece.Table;
  Chart: piece.Chart;
  FreeText: piece.FreeText;
  Captions: piece.Captions;
  Backdrop: piece.Backdrop;
  Move: piece.Move;
  Arrangement: piece.Arrangement;
  StageShape: piece.StageShape;
  Camera: piece.Camera;
  Shutter: piece.Shutter;
  OwnCurve: piece.OwnCurve;
  Panel: piece.Panel;
  Picture: piece.Picture;
  Ink: piece.Ink;
  KitMark: piece.KitMark;
  TextAlternative: piece.TextAlternative;
  Column: piece.Column;
  Row: piece.Row;
  Place: piece.Place;
  Finish: piece.Finish;
  ChartWords: piece.ChartWords;
  ChartMotion: piece.ChartMotion;
  Own: piece.Own;
  Run: piece.Run;
  Pick: piece.Pick;
  Drift: piece.Drift;
  Plate: piece.Plate;
  Fill: piece.Fill;
  Pattern: piece.Pattern;
  Texture: piece.Texture;
  Inner: piece.Inner;
  EdgeLine: piece.EdgeLine;
  EdgeLight: piece.EdgeLight;
  Glow: piece.Glow;
  Shadow: piece.Shadow;
  Stop: piece.Stop;
  BackdropLight: piece.BackdropLight;
  Clouds: piece.Clouds;
  Line: piece.Line;
  Recording: piece.Recording;
  Pin: piece.Pin;
  Emphasis: piece.Emphasis;
  Shot: piece.Shot;
  Follow: piece.Follow;
  Track: piece.Track;
  Accent: piece.Accent;
  Reading: piece.Reading;
  Labels: piece.Labels;
  Names: piece.Names;
  Legend: piece.Legend;
  Centre: piece.Centre;
  AxisTitles: piece.AxisTitles;
  OwnLabel: piece.OwnLabel;
  Faces: piece.Faces;
  ScratchVoice: piece.ScratchVoice;
}

export const settings: Record<keyof Groups, Group> = {
  Piece: {
    label: "",
    hint: "",
    fields: [
      {"name":"title","label":"Title","kind":"text","longest":200},
      {"name":"captions","label":"Captions","kind":"group","group":"Captions","canBeNone":true},
      {"name":"shutter","label":"Motion blur","kind":"group","group":"Shutter","canBeNone":true},
      {"name":"panels","label":"Panels","kind":"list","max":40},
      {"name":"pictures","label":"Pictures","kind":"list","max":60},
      {"name":"inks","label":"Inks","kind":"group","group":"Ink","canBeNone":true},
      {"name":"alternative","label":"Text alternative","kind":"group","group":"TextAlternative","canBeNone":true},
    ],
  },
  Stage: {
    label: "",
    hint: "",
    fields: [
      {"name":"width","label":"Width","kind":"whole","unit":"pixels","min":64,"max":3840,"step":1},
      {"name":"height","label":"Height","kind":"whole","unit":"pixels","min":64,"max":3840,"step":1},
      {"name":"rate","label":"Frame rate","kind":"rate"},
      {"name":"dropFrame","label":"Drop-frame timecode","kind":"switch"},
      {"name":"frames","label":"Length","kind":"whole","unit":"frames","min":1,"max":18000,"step":1},
    ],
  },
  Table: {
    label: "",
    hint: "",
    fields: [
      {"name":"name","label":"Name","kind":"text","longest":200},
    ],
  },
  Chart: {
    label: "",
    hint: "",
    fields: [
      {"name":"name","label":"Name","kind":"text","longest":80},
      {"name":"hidden","label":"Hidden","kind":"switch"},
      {"name":"run","label":"Run through columns","kind":"group","group":"Run","canBeNone":true},
      {"name":"drift","label":"Drift","kind":"group","group":"Drift","canBeNone":true},
    ],
  },
  FreeText: {
    label: "",
    hint: "",
    fields: [
      {"name":"text","label":"Text","kind":"text","longest":500},
      {"name":"x","label":"X","kind":"number","unit":"pixels","min":-8000,"max":8000,"step":2,"isKeyed":true},
      {"name":"y","label":"Y","kind":"number","unit":"pixels","min":-8000,"max":8000,"step":2,"isKeyed":true},
      {"name":"width","label":"Width","kind":"number","unit":"pixels","min":20,"max":8000,"step":10,"default":8000},
      {"name":"align","label":"Align","kind":"choice","choices":[["left","Left"],["middle","Middle"],["right","Right"]],"default":"left"},
      {"name":"font","label":"Font","kind":"font","choices":[["figtree-regular","Figtree"],["figtree-semibold","Figtree semibold"],["figtree-bold","Figtree bold"],["bricolage-semibold","Bricolage semibold"],["bricolage-bold","Bricolage bold"],["inter-medium","Inter medium"],["inter-bold","Inter bold"],["inter-black","Inter black"],["outfit-regular","Outfit"],["outfit-semibold","Outfit semibold"],["nunito-semibold","Nunito semibold"],["nunito-bold","Nunito bold"],["nunito-extrabold","Nunito extrabold"],["newsreader-regular","Newsreader"],["newsreader-italic","Newsreader italic"],["newsreader-semibold","Newsreader semibold"],["fraunces-semibold","Fraunces semibold"],["fraunces-bold","Fraunces bold"],["source-serif-regular","Source Serif"],["source-serif-semibold","Source Serif semibold"],["slab-medium","Roboto Slab medium"],["slab-bold","Roboto Slab bold"],["anton-regular","Anton"],["barlow-semibold","Barlow Condensed semibold"],["barlow-bold","Barlow Condensed bold"],["caveat-brush","Caveat Brush"]],"default":"bricolage-bold"},
      {"name":"size","label":"Size","kind":"number","unit":"pixels","min":6,"max":600,"step":1,"default":72},
      {"name":"colour","label":"Colour","kind":"colour","isKeyed":true,"canBeNone":true,"none":"Dark or light by itself"},
      {"name":"ofPart","label":"In the colour of its part","kind":"switch"},
      {"name":"upperCase","label":"All capitals","kind":"switch"},
      {"name":"letterSpacing","label":"Letter spacing","kind":"number","unit":"fraction","min":-0.2,"max":2,"step":1,"default":0},
      {"name":"leading","label":"Line height","kind":"number","unit":"times","min":0.6,"max":4,"step":0.02,"default":1.18},
      {"name":"balanced","label":"Balance lines","kind":"switch"},
      {"name":"plate","label":"Plate","kind":"group","group":"Plate","canBeNone":true},
      {"name":"oldFigures","label":"Old-style figures","kind":"switch","when":{"font":["bricolage-semibold","bricolage-bold","nunito-semibold","nunito-bold","nunito-extrabold","source-serif-regular","source-serif-semibold"]}},
      {"name":"fills","label":"Fill","kind":"list","max":5},
      {"name":"patterns","label":"Pattern","kind":"list","max":5},
      {"name":"textures","label":"Texture","kind":"list","max":5},
      {"name":"inners","label":"Inner glow","kind":"list","max":5},
      {"name":"lines","label":"Line","kind":"list","max":5},
      {"name":"edges","label":"Edge light","kind":"list","max":5},
      {"name":"glows","label":"Glow","kind":"list","max":5},
      {"name":"shadows","label":"Shadow","kind":"list","max":5},
      {"name":"role","label":"Role","kind":"choice","choices":[["note","Note"],["title","Title"],["subtitle","Subtitle"],["source","Source line"]],"default":"note"},
      {"name":"hidden","label":"Hidden","kind":"switch"},
      {"name":"drift","label":"Drift","kind":"group","group":"Drift","canBeNone":true},
      {"name":"arc","label":"Arc radius","kind":"number","unit":"pixels","min":-8000,"max":8000,"step":10,"default":0,"hint":"Bends the text to a circle of this radius, up or, below 0, down. 0 is straight."},
    ],
  },
  Captions: {
    label: "Captions",
    hint: "Shows each line of the script while it is spoken.",
    fields: [
      {"name":"y","label":"Baseline","kind":"number","unit":"pixels","min":0,"max":4000,"step":2},
      {"name":"width","label":"Width","kind":"number","unit":"pixels","min":60,"max":4000,"step":10},
      {"name":"font","label":"Font","kind":"font","choices":[["figtree-regular","Figtree"],["figtree-semibold","Figtree semibold"],["figtree-bold","Figtree bold"],["bricolage-semibold","Bricolage semibold"],["bricolage-bold","Bricolage bold"],["inter-medium","Inter medium"],["inter-bold","Inter bold"],["inter-black","Inter black"],["outfit-regular","Outfit"],["outfit-semibold","Outfit semibold"],["nunito-semibold","Nunito semibold"],["nunito-bold","Nunito bold"],["nunito-extrabold","Nunito extrabold"],["newsreader-regular","Newsreader"],["newsreader-italic","Newsreader italic"],["newsreader-semibold","Newsreader semibold"],["fraunces-semibold","Fraunces semibold"],["fraunces-bold","Fraunces bold"],["source-serif-regular","Source Serif"],["source-serif-semibold","Source Serif semibold"],["slab-medium","Roboto Slab medium"],["slab-bold","Roboto Slab bold"],["anton-regular","Anton"],["barlow-semibold","Barlow Condensed semibold"],["barlow-bold","Barlow Condensed bold"],["caveat-brush","Caveat Brush"]],"default":"figtree-regular"},
      {"name":"size","label":"Size","kind":"number","unit":"pixels","min":6,"max":600,"step":1,"default":44},
      {"name":"colour","label":"Colour","kind":"colour","isKeyed":true,"canBeNone":true,"none":"Dark or light by itself"},
      {"name":"ofPart","label":"In the colour of its part","kind":"switch"},
      {"name":"upperCase","label":"All capitals","kind":"switch"},
      {"name":"letterSpacing","label":"Letter spacing","kind":"number","unit":"fraction","min":-0.2,"max":2,"step":1,"default":0},
      {"name":"leading","label":"Line height","kind":"number","unit":"times","min":0.6,"max":4,"step":0.02,"default":1.18},
      {"name":"balanced","label":"Balance lines","kind":"switch"},
      {"name":"plate","label":"Plate","kind":"group","group":"Plate","canBeNone":true},
      {"name":"oldFigures","label":"Old-style figures","kind":"switch","when":{"font":["bricolage-semibold","bricolage-bold","nunito-semibold","nunito-bold","nunito-extrabold","source-serif-regular","source-serif-semibold"]}},
      {"name":"fills","label":"Fill","kind":"list","max":5},
      {"name":"patterns","label":"Pattern","kind":"list","max":5},
      {"name":"textures","label":"Texture","kind":"list","max":5},
      {"name":"inners","label":"Inner glow","kind":"list","max":5},
      {"name":"lines","label":"Line","kind":"list","max":5},
      {"name":"edges","label":"Edge light","kind":"list","max":5},
      {"name":"glows","label":"Glow","kind":"list","max":5},
      {"name":"shadows","label":"Shadow","kind":"list","max":5},
      {"name":"fade","label":"Fade","kind":"whole","unit":"frames","min":0,"max":60,"step":1,"default":0},
      {"name":"align","label":"Align","kind":"choice","choices":[["middle","Middle"],["left","Left"],["right","Right"]],"default":"middle"},
    ],
  },
  Backdrop: {
    label: "",
    hint: "",
    fields: [
      {"name":"kind","label":"Backdrop","kind":"choice","choices":[["colour","Colour"],["linear","Linear"],["radial","Radial"],["picture","Picture"],["transparent","Transparent"]],"default":"colour"},
      {"name":"colour","label":"Colour","kind":"colour","default":"#1d3a35","when":{"kind":["colour","linear","radial","picture"]},"isKeyed":true},
      {"name":"edge","label":"Edge colour","kind":"colour","default":"#12211f","when":{"kind":["linear","radial"]},"isKeyed":true},
      {"name":"vignette","label":"Vignette","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0,"when":{"kind":["colour","linear","radial","picture"]},"isKeyed":true},
      {"name":"picture","label":"Picture","kind":"id","when":{"kind":["picture"]},"canBeNone":true},
      {"name":"dim","label":"Dim","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0,"hint":"Dims the picture towards the colour.","when":{"kind":["picture"]},"isKeyed":true},
      {"name":"blur","label":"Blur","kind":"number","unit":"fraction","min":0,"max":0.1,"step":1,"default":0,"when":{"kind":["picture"]},"isKeyed":true},
      {"name":"drift","label":"Drift","kind":"number","unit":"fraction","min":0,"max":0.2,"step":1,"default":0,"hint":"Moves the picture slowly to and fro, without a jump.","when":{"kind":["picture"]}},
      {"name":"every","label":"Period","kind":"whole","unit":"frames","min":2,"max":18000,"step":1,"default":600,"when":{"kind":["picture"],"drift":true}},
      {"name":"stops","label":"Colours","kind":"list","max":8},
      {"name":"degrees","label":"Angle","kind":"number","unit":"degrees","min":-720,"max":720,"step":1,"default":180,"when":{"kind":["linear"]},"isKeyed":true},
      {"name":"x","label":"Centre X","kind":"number","unit":"fraction","min":-2,"max":3,"step":1,"default":0.5,"when":{"kind":["radial","picture"]},"isKeyed":true},
      {"name":"y","label":"Centre Y","kind":"number","unit":"fraction","min":-2,"max":3,"step":1,"default":0.5,"when":{"kind":["radial","picture"]},"isKeyed":true},
      {"name":"size","label":"Size","kind":"number","unit":"fraction","min":0.02,"max":8,"step":5,"default":1,"when":{"kind":["linear","radial","picture"]},"isKeyed":true},
      {"name":"textures","label":"Textures","kind":"list","max":5},
      {"name":"lights","label":"Lights","kind":"list","max":5},
      {"name":"clouds","label":"Clouds","kind":"list","max":5},
      {"name":"preview","label":"Shown on","kind":"colour","when":{"kind":["transparent"]},"canBeNone":true},
    ],
  },
  Move: {
    label: "",
    hint: "",
    fields: [
      {"name":"begin","label":"Starts","kind":"whole","unit":"frames","min":0,"max":18000,"step":1,"default":0},
      {"name":"frames","label":"Lasts","kind":"whole","unit":"frames","min":1,"max":18000,"step":1,"default":24},
      {"name":"curve","label":"Easing","kind":"curve","default":"ease-in-out"},
      {"name":"opens","label":"Direction","kind":"choice","choices":[["forward","Forwards"],["backward","Backwards"],["middle","Middle"],["neighbour","Neighbour’s edge"],["baseline","Baseline"]],"default":"forward"},
      {"name":"manner","label":"Manner","kind":"choice","choices":[["open","Open"],["pop","Pop"],["fade","Fade"],["rise","Rise"],["letters","Letter by letter"],["words","Word by word"]],"default":"open"},
      {"name":"toLineEnd","label":"Until the line ends","kind":"switch"},
      {"name":"passes","label":"Overshoot the figure","kind":"switch"},
    ],
  },
  Arrangement: {
    label: "",
    hint: "",
    fields: [
      {"name":"charts","label":"Charts","kind":"choice","choices":[["left","Chart left, words right"],["right","Words left, chart right"],["below","Words above the chart"],["above","Chart above the words"],["alone","Chart only, small title"]],"default":"left"},
      {"name":"several","label":"Several charts","kind":"choice","choices":[["fitting","Best fit"],["row","Charts in a row"],["column","Charts in a column"],["grid","Charts in a grid"]],"default":"fitting"},
      {"name":"across","label":"Side margins","kind":"number","unit":"fraction","min":0.03,"max":0.3,"step":1,"default":0.11},
      {"name":"down","label":"Margins above and below","kind":"number","unit":"fraction","min":0.03,"max":0.3,"step":1,"default":0.1},
      {"name":"columns","label":"Columns","kind":"whole","unit":"count","min":1,"max":24,"step":1,"default":12},
      {"name":"rows","label":"Rows","kind":"whole","unit":"count","min":1,"max":24,"step":1,"default":6},
      {"name":"gutter","label":"Gutter","kind":"number","unit":"fraction","min":0,"max":0.1,"step":1,"default":0.02},
    ],
  },
  StageShape: {
    label: "",
    hint: "",
    fields: [
      {"name":"width","label":"Width","kind":"whole","unit":"pixels","min":64,"max":3840,"step":1},
      {"name":"height","label":"Height","kind":"whole","unit":"pixels","min":64,"max":3840,"step":1},
    ],
  },
  Camera: {
    label: "",
    hint: "",
    fields: [
      {"name":"backdrop","label":"Backdrop","kind":"choice","choices":[["stays","Stays"],["goes along","Moves with the camera"]],"default":"stays"},
    ],
  },
  Shutter: {
    label: "Motion blur",
    hint: "Off: every frame is sharp.",
    fields: [
      {"name":"angle","label":"Shutter angle","kind":"number","unit":"degrees","min":1,"max":360,"step":1,"default":180},
      {"name":"samples","label":"Samples","kind":"choice","choices":[[5,"5 · preview"],[9,"9"],[17,"17 · smooth"],[33,"33 · large moves"]],"default":9},
      {"name":"charts","label":"Charts","kind":"switch","default":true},
      {"name":"words","label":"Titles, notes and panels","kind":"switch","default":true},
      {"name":"camera","label":"Camera moves","kind":"switch","default":true},
    ],
  },
  OwnCurve: {
    label: "",
    hint: "",
    fields: [
      {"name":"name","label":"Curve name","kind":"text","longest":60},
      {"name":"curve","label":"Easing","kind":"curve","default":"linear"},
    ],
  },
  Panel: {
    label: "Panel",
    hint: "",
    fields: [
      {"name":"kind","label":"Shape","kind":"choice","choices":[["rectangle","Rectangle"],["pill","Pill"],["circle","Circle"],["ring","Ring"],["rule","Rule"],["frame","Frame"],["bracket","Bracket"],["arrow","Arrow"]],"default":"rectangle"},
      {"name":"x","label":"X","kind":"number","unit":"pixels","min":-8000,"max":8000,"step":2,"isKeyed":true},
      {"name":"y","label":"Y","kind":"number","unit":"pixels","min":-8000,"max":8000,"step":2,"isKeyed":true},
      {"name":"width","label":"Width","kind":"number","unit":"pixels","min":1,"max":8000,"step":2,"isKeyed":true},
      {"name":"height","label":"Height","kind":"number","unit":"pixels","min":1,"max":8000,"step":2,"isKeyed":true},
      {"name":"turn","label":"Rotation","kind":"number","unit":"degrees","min":-3600,"max":3600,"step":1,"default":0,"isKeyed":true},
      {"name":"radius","label":"Corner radius","kind":"number","unit":"pixels","min":0,"max":1000,"step":1,"default":24,"when":{"kind":["rectangle","rule","frame","bracket"]},"isKeyed":true},
      {"name":"thickness","label":"Thickness","kind":"number","unit":"pixels","min":1,"max":2000,"step":1,"default":12,"when":{"kind":["ring","frame","bracket","arrow"]},"isKeyed":true},
      {"name":"colour","label":"Colour","kind":"colour","default":"#2b4a44","isKeyed":true},
      {"name":"stands","label":"Stands","kind":"choice","choices":[["back","Behind charts"],["between","Between charts and words"],["front","In front"]],"default":"back"},
      {"name":"padding","label":"Padding","kind":"number","unit":"pixels","min":-400,"max":1000,"step":2,"default":40,"when":{"around":true}},
      {"name":"name","label":"Name","kind":"text","longest":80},
      {"name":"hidden","label":"Hidden","kind":"switch"},
      {"name":"drift","label":"Drift","kind":"group","group":"Drift","canBeNone":true},
      {"name":"fills","label":"Fill","kind":"list","max":5},
      {"name":"patterns","label":"Pattern","kind":"list","max":5},
      {"name":"textures","label":"Texture","kind":"list","max":5},
      {"name":"inners","label":"Inner glow","kind":"list","max":5},
      {"name":"lines","label":"Line","kind":"list","max":5},
      {"name":"edges","label":"Edge light","kind":"list","max":5},
      {"name":"glows","label":"Glow","kind":"list","max":5},
      {"name":"shadows","label":"Shadow","kind":"list","max":5},
    ],
  },
  Picture: {
    label: "",
    hint: "",
    fields: [
      {"name":"name","label":"Name","kind":"text","longest":200},
    ],
  },
  Ink: {
    label: "Inks",
    hint: "",
    fields: [
      {"name":"light","label":"Light words","kind":"colour","default":"#ffffff"},
      {"name":"dark","label":"Dark words","kind":"colour","default":"#1c2229"},
    ],
  },
  KitMark: {
    label: "",
    hint: "",
    fields: [
      {"name":"name","label":"Name","kind":"text","longest":60},
    ],
  },
  TextAlternative: {
    label: "Text alternative",
    hint: "Empty: made from figures and script.",
    fields: [
      {"name":"short","label":"In short","kind":"text","longest":500},
      {"name":"long","label":"At length","kind":"text","longest":8000},
    ],
  },
  Column: {
    label: "",
    hint: "",
    fields: [
      {"name":"name","label":"Name","kind":"text","longest":200},
    ],
  },
  Row: {
    label: "",
    hint: "",
    fields: [
      {"name":"label","label":"Label","kind":"text","longest":200},
    ],
  },
  Place: {
    label: "",
    hint: "",
    fields: [
      {"name":"x","label":"X","kind":"number","unit":"pixels","min":-8000,"max":8000,"step":2},
      {"name":"y","label":"Y","kind":"number","unit":"pixels","min":-8000,"max":8000,"step":2},
      {"name":"size","label":"Size","kind":"number","unit":"fraction","min":0.02,"max":20,"step":1,"default":1},
      {"name":"turn","label":"Rotation","kind":"number","unit":"degrees","min":-3600,"max":3600,"step":1,"default":0},
    ],
  },
  Finish: {
    label: "",
    hint: "",
    fields: [
      {"name":"colours","label":"Colours","kind":"choice","choices":[["tints","Tints"],["set","Colour set"],["one","One colour"]],"default":"tints"},
      {"name":"swatches","label":"Swatches","kind":"list","max":40},
      {"name":"fills","label":"Fill","kind":"list","max":5},
      {"name":"patterns","label":"Pattern","kind":"list","max":5},
      {"name":"textures","label":"Texture","kind":"list","max":5},
      {"name":"inners","label":"Inner glow","kind":"list","max":5},
      {"name":"lines","label":"Line","kind":"list","max":5},
      {"name":"edges","label":"Edge light","kind":"list","max":5},
      {"name":"glows","label":"Glow","kind":"list","max":5},
      {"name":"shadows","label":"Shadow","kind":"list","max":5},
      {"name":"tracks","label":"Tracks","kind":"group","group":"Track","canBeNone":true},
      {"name":"accent","label":"Accent","kind":"group","group":"Accent","canBeNone":true},
    ],
  },
  ChartWords: {
    label: "",
    hint: "",
    fields: [
      {"name":"legend","label":"Legend","kind":"group","group":"Legend","canBeNone":true},
      {"name":"centre","label":"Centre number","kind":"group","group":"Centre","canBeNone":true},
      {"name":"axis","label":"Axis titles","kind":"group","group":"AxisTitles","canBeNone":true},
    ],
  },
  ChartMotion: {
    label: "",
    hint: "",
    fields: [
      {"name":"begin","label":"Starts","kind":"whole","unit":"frames","min":0,"max":18000,"step":1,"default":12},
      {"name":"frames","label":"Lasts","kind":"whole","unit":"frames","min":1,"max":18000,"step":1,"default":24},
      {"name":"curve","label":"Easing","kind":"curve","default":"ease-in-out"},
      {"name":"order","label":"Order","kind":"choice","choices":[["together","All at once"],["after","One after another"],["overlapping","Overlapping"],["length","By path length"],["one","As one sweep"]],"default":"after"},
      {"name":"overlap","label":"Overlap","kind":"whole","unit":"frames","min":0,"max":18000,"step":1,"default":12,"when":{"order":["overlapping"]}},
      {"name":"opens","label":"Direction","kind":"choice","choices":[["forward","Forwards"],["backward","Backwards"],["middle","Middle"],["neighbour","Neighbour’s edge"],["baseline","Baseline"]],"default":"forward"},
      {"name":"manner","label":"Manner","kind":"choice","choices":[["open","Open"],["pop","Pop"],["fade","Fade"],["rise","Rise"],["bend","Bend as a whole"]],"default":"open"},
      {"name":"sequence","label":"Sequence","kind":"choice","choices":[["laid","Chart order"],["backward","Reverse chart order"],["sheet","Sheet order"],["largest","Largest first"],["smallest","Smallest first"],["outward","From the middle"],["inward","From the ends"]],"default":"laid"},
      {"name":"hold","label":"Wait between","kind":"whole","unit":"frames","min":0,"max":18000,"step":1,"default":0},
      {"name":"passes","label":"Overshoot the figure","kind":"switch"},
    ],
  },
  Own: {
    label: "",
    hint: "",
    fields: [
      {"name":"colour","label":"Custom colour","kind":"colour","canBeNone":true},
      {"name":"out","label":"Pull out","kind":"number","unit":"pixels","min":0,"max":1000,"step":2,"default":0},
    ],
  },
  Run: {
    label: "Run through columns",
    hint: "",
    fields: [
      {"name":"begin","label":"Starts","kind":"whole","unit":"frames","min":0,"max":18000,"step":1,"default":0},
      {"name":"frames","label":"Lasts","kind":"whole","unit":"frames","min":1,"max":18000,"step":1,"default":240},
      {"name":"between","label":"Between moments","kind":"choice","choices":[["straight","Even"],["eased","Eased"],["hold","Hold"]],"default":"straight"},
      {"name":"places","label":"Rank change","kind":"whole","unit":"frames","min":1,"max":300,"step":1,"default":14},
    ],
  },
  Pick: {
    label: "",
    hint: "",
    fields: [
      {"name":"by","label":"By","kind":"choice","choices":[["largest","Largest"],["label","Label"],["group","Group"]],"default":"largest"},
      {"name":"count","label":"Rows","kind":"whole","unit":"count","min":1,"max":200,"step":1,"default":10},
      {"name":"others","label":"Others","kind":"switch","default":true},
      {"name":"label","label":"Name","kind":"text","longest":200,"default":"Others","when":{"others":true}},
    ],
  },
  Drift: {
    label: "Drift",
    hint: "",
    fields: [
      {"name":"across","label":"Side to side","kind":"number","unit":"pixels","min":0,"max":2000,"step":1,"default":14},
      {"name":"down","label":"Up and down","kind":"number","unit":"pixels","min":0,"max":2000,"step":1,"default":8},
      {"name":"turn","label":"Rotate by","kind":"number","unit":"degrees","min":0,"max":180,"step":1,"default":0},
      {"name":"every","label":"Period","kind":"whole","unit":"frames","min":2,"max":18000,"step":1,"default":192},
    ],
  },
  Plate: {
    label: "Plate",
    hint: "",
    fields: [
      {"name":"colour","label":"Colour","kind":"colour","default":"#10201d","isKeyed":true},
      {"name":"padding","label":"Padding","kind":"number","unit":"times","min":0,"max":4,"step":0.05,"default":0.4,"isKeyed":true},
      {"name":"radius","label":"Corner radius","kind":"number","unit":"times","min":0,"max":4,"step":0.05,"default":0.4,"isKeyed":true},
      {"name":"fills","label":"Fill","kind":"list","max":5},
      {"name":"patterns","label":"Pattern","kind":"list","max":5},
      {"name":"textures","label":"Texture","kind":"list","max":5},
      {"name":"inners","label":"Inner glow","kind":"list","max":5},
      {"name":"lines","label":"Line","kind":"list","max":5},
      {"name":"edges","label":"Edge light","kind":"list","max":5},
      {"name":"glows","label":"Glow","kind":"list","max":5},
      {"name":"shadows","label":"Shadow","kind":"list","max":5},
    ],
  },
  Fill: {
    label: "Fill",
    hint: "",
    fields: [
      {"name":"kind","label":"Kind","kind":"choice","choices":[["flat","Flat"],["shaded","Shaded"],["linear","Linear"],["radial","Radial"],["along","Along"],["picture","Picture"]],"default":"flat"},
      {"name":"colour","label":"Colour","kind":"colour","when":{"kind":["flat","shaded"]},"isKeyed":true,"canBeNone":true,"none":"Part’s colour"},
      {"name":"shade","label":"Lighter","kind":"number","unit":"fraction","min":-1,"max":1,"step":1,"default":0,"hint":"Below 0 it is darker.","when":{"kind":["flat","shaded"]},"isKeyed":true},
      {"name":"stops","label":"Colours","kind":"list","max":8,"when":{"kind":["linear","radial","along"]}},
      {"name":"picture","label":"Picture","kind":"id","when":{"kind":["picture"]},"canBeNone":true},
      {"name":"fit","label":"Fit","kind":"choice","choices":[["cover","Cover"],["contain","Whole"],["tile","Tile"]],"default":"cover","when":{"kind":["picture"]}},
      {"name":"blur","label":"Blur","kind":"number","unit":"fraction","min":0,"max":0.1,"step":1,"default":0,"when":{"kind":["picture"]},"isKeyed":true},
      {"name":"across","label":"Across","kind":"choice","choices":[["part","Each part"],["chart","The chart"],["stage","The stage"]],"default":"part","when":{"kind":["linear","radial","picture"]}},
      {"name":"degrees","label":"Angle","kind":"number","unit":"degrees","min":-720,"max":720,"step":1,"default":0,"when":{"kind":["linear","picture"]},"isKeyed":true},
      {"name":"x","label":"Centre X","kind":"number","unit":"fraction","min":-2,"max":3,"step":1,"default":0.5,"when":{"kind":["radial","picture"]},"isKeyed":true},
      {"name":"y","label":"Centre Y","kind":"number","unit":"fraction","min":-2,"max":3,"step":1,"default":0.5,"when":{"kind":["radial","picture"]},"isKeyed":true},
      {"name":"size","label":"Size","kind":"number","unit":"fraction","min":0.02,"max":8,"step":5,"default":1,"when":{"kind":["linear","radial","picture"]},"isKeyed":true},
      {"name":"shiftX","label":"Shift X","kind":"number","unit":"pixels","min":-400,"max":400,"step":1,"default":0,"isKeyed":true},
      {"name":"shiftY","label":"Shift Y","kind":"number","unit":"pixels","min":-400,"max":400,"step":1,"default":0,"isKeyed":true},
      {"name":"opacity","label":"Opacity","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":1,"isKeyed":true},
      {"name":"blend","label":"Blend","kind":"choice","choices":[["normal","Normal"],["multiply","Multiply"],["screen","Screen"],["overlay","Overlay"],["soft-light","Soft light"],["add","Add"]],"default":"normal"},
    ],
  },
  Pattern: {
    label: "Pattern",
    hint: "Repeats a shape over the fill.",
    fields: [
      {"name":"kind","label":"Kind","kind":"choice","choices":[["dots","Dots"],["stripes","Stripes"],["crossed","Crossed"],["grid","Grid"],["waves","Waves"],["rings","Rings"],["bricks","Bricks"],["crosses","Crosses"],["halftone","Halftone"],["hand","By hand"],["own","Own tile"]],"default":"dots"},
      {"name":"tile","label":"Tile","kind":"text","longest":20000,"when":{"kind":["own"]}},
      {"name":"size","label":"Size","kind":"number","unit":"pixels","min":4,"max":400,"step":1,"default":30,"isKeyed":true},
      {"name":"degrees","label":"Angle","kind":"number","unit":"degrees","min":-360,"max":360,"step":1,"default":30,"isKeyed":true},
      {"name":"weight","label":"Weight","kind":"number","unit":"fraction","min":0.02,"max":0.98,"step":1,"default":0.5,"when":{"kind":["dots","stripes","crossed","grid","waves","rings","bricks","crosses","hand"]},"isKeyed":true},
      {"name":"inked","label":"Ink","kind":"choice","choices":[["shows","Black or white"],["part","Part’s colour"],["own","Own"]],"default":"shows"},
      {"name":"ink","label":"Ink colour","kind":"colour","default":"#000000","when":{"inked":["own"]},"isKeyed":true},
      {"name":"ground","label":"Second ink","kind":"colour","isKeyed":true,"canBeNone":true,"none":"Fill below"},
      {"name":"opacity","label":"Opacity","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0.14,"isKeyed":true},
      {"name":"drift","label":"Drift","kind":"number","unit":"pixels a second","min":-2000,"max":2000,"step":5,"default":0,"hint":"Moves across its own lines.","when":{"kind":["dots","stripes","crossed","grid","waves","rings","bricks","crosses","own"]}},
      {"name":"blend","label":"Blend","kind":"choice","choices":[["normal","Normal"],["multiply","Multiply"],["screen","Screen"],["overlay","Overlay"],["soft-light","Soft light"],["add","Add"]],"default":"normal"},
    ],
  },
  Texture: {
    label: "Texture",
    hint: "Gives the parts a surface, such as paper or felt.",
    fields: [
      {"name":"kind","label":"Kind","kind":"choice","choices":[["grain","Grain"],["paper","Paper"],["felt","Felt"],["linen","Linen"],["slate","Slate"],["brushed","Brushed"],["chalk","Chalk"],["print","Print"]],"default":"grain"},
      {"name":"amount","label":"Amount","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0.5,"isKeyed":true},
      {"name":"size","label":"Size","kind":"number","unit":"fraction","min":0.25,"max":4,"step":5,"default":1,"isKeyed":true},
      {"name":"degrees","label":"Turn","kind":"number","unit":"degrees","min":-360,"max":360,"step":1,"default":0,"isKeyed":true},
      {"name":"lie","label":"Direction","kind":"choice","choices":[["still","Fixed"],["along","Along the part"]],"default":"still"},
      {"name":"blend","label":"Blend","kind":"choice","choices":[["soft-light","Soft light"],["overlay","Overlay"],["multiply","Multiply"],["screen","Screen"],["relief","Relief"]],"default":"soft-light","when":{"kind":["grain","paper","felt","linen","slate","brushed"]}},
    ],
  },
  Inner: {
    label: "Inner glow",
    hint: "Lights or darkens each part from its edge inwards.",
    fields: [
      {"name":"reach","label":"Radius","kind":"number","unit":"pixels","min":1,"max":400,"step":1,"default":24,"isKeyed":true},
      {"name":"colour","label":"Colour","kind":"colour","isKeyed":true,"canBeNone":true,"none":"Part’s colour"},
      {"name":"shade","label":"Lighter","kind":"number","unit":"fraction","min":-1,"max":1,"step":1,"default":0,"hint":"Below 0 it is darker.","isKeyed":true},
      {"name":"opacity","label":"Opacity","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0.6,"isKeyed":true},
      {"name":"x","label":"Offset X","kind":"number","unit":"pixels","min":-400,"max":400,"step":1,"default":0,"isKeyed":true},
      {"name":"y","label":"Offset Y","kind":"number","unit":"pixels","min":-400,"max":400,"step":1,"default":0,"isKeyed":true},
      {"name":"blend","label":"Blend","kind":"choice","choices":[["normal","Normal"],["multiply","Multiply"],["screen","Screen"],["overlay","Overlay"],["soft-light","Soft light"],["add","Add"]],"default":"normal"},
    ],
  },
  EdgeLine: {
    label: "Line",
    hint: "Draws a line along the edge of each part, solid, dashed or stitched.",
    fields: [
      {"name":"width","label":"Width","kind":"number","unit":"pixels","min":0.1,"max":200,"step":1,"default":4,"isKeyed":true},
      {"name":"place","label":"Position","kind":"choice","choices":[["inside","Inside"],["centred","Centred"],["outside","Outside"],["apart","At a distance"]],"default":"inside"},
      {"name":"distance","label":"Distance","kind":"number","unit":"pixels","min":0.1,"max":400,"step":1,"default":16,"when":{"place":["apart"]},"isKeyed":true},
      {"name":"colour","label":"Colour","kind":"colour","isKeyed":true,"canBeNone":true,"none":"Part’s colour"},
      {"name":"shade","label":"Lighter","kind":"number","unit":"fraction","min":-1,"max":1,"step":1,"default":0,"hint":"Below 0 it is darker.","isKeyed":true},
      {"name":"opacity","label":"Opacity","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0.8,"isKeyed":true},
      {"name":"dash","label":"Dash","kind":"number","unit":"pixels","min":0,"max":2000,"step":1,"default":0,"isKeyed":true},
      {"name":"gap","label":"Gap","kind":"number","unit":"pixels","min":0,"max":2000,"step":1,"default":14,"when":{"dash":true},"isKeyed":true},
      {"name":"fitted","label":"Fit dashes to the edge","kind":"switch","when":{"dash":true}},
      {"name":"march","label":"Dash speed","kind":"number","unit":"pixels a second","min":-5000,"max":5000,"step":10,"default":0,"hint":"Below 0 dashes run the other way.","when":{"dash":true}},
      {"name":"caps","label":"Caps","kind":"choice","choices":[["round","Round"],["butt","Flat"]],"default":"round","when":{"dash":true}},
      {"name":"blend","label":"Blend","kind":"choice","choices":[["normal","Normal"],["multiply","Multiply"],["screen","Screen"],["overlay","Overlay"],["soft-light","Soft light"],["add","Add"]],"default":"normal"},
    ],
  },
  EdgeLight: {
    label: "Edge light",
    hint: "Lays a light on the edge of each part, still or travelling.",
    fields: [
      {"name":"length","label":"Length","kind":"number","unit":"pixels","min":4,"max":4000,"step":10,"default":300,"isKeyed":true},
      {"name":"at","label":"Place","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0.1,"isKeyed":true},
      {"name":"width","label":"Width","kind":"number","unit":"pixels","min":0.1,"max":100,"step":1,"default":6,"isKeyed":true},
      {"name":"colour","label":"Colour","kind":"colour","isKeyed":true,"canBeNone":true,"none":"Part’s colour"},
      {"name":"shade","label":"Lighter","kind":"number","unit":"fraction","min":-1,"max":1,"step":1,"default":0,"hint":"Below 0 it is darker.","isKeyed":true},
      {"name":"opacity","label":"Opacity","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0.9,"isKeyed":true},
      {"name":"halo","label":"Halo","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0.28,"isKeyed":true},
      {"name":"round","label":"Time per lap","kind":"whole","unit":"frames","min":-18000,"max":18000,"step":1,"default":0,"hint":"0 keeps it still. Below 0 it runs the other way."},
      {"name":"blend","label":"Blend","kind":"choice","choices":[["normal","Normal"],["multiply","Multiply"],["screen","Screen"],["overlay","Overlay"],["soft-light","Soft light"],["add","Add"]],"default":"screen"},
    ],
  },
  Glow: {
    label: "Glow",
    hint: "Adds light around each part.",
    fields: [
      {"name":"reach","label":"Radius","kind":"number","unit":"pixels","min":1,"max":400,"step":1,"default":26,"isKeyed":true},
      {"name":"opacity","label":"Opacity","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0.6,"isKeyed":true},
      {"name":"colour","label":"Colour","kind":"colour","isKeyed":true,"canBeNone":true,"none":"Part’s colour"},
      {"name":"shade","label":"Lighter","kind":"number","unit":"fraction","min":-1,"max":1,"step":1,"default":0,"hint":"Below 0 it is darker.","isKeyed":true},
      {"name":"tight","label":"Tight light","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":1,"isKeyed":true},
      {"name":"breath","label":"Pulse","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0},
      {"name":"every","label":"Pulse period","kind":"whole","unit":"frames","min":2,"max":18000,"step":1,"default":72,"when":{"breath":true}},
      {"name":"blend","label":"Blend","kind":"choice","choices":[["normal","Normal"],["multiply","Multiply"],["screen","Screen"],["overlay","Overlay"],["soft-light","Soft light"],["add","Add"]],"default":"normal"},
    ],
  },
  Shadow: {
    label: "Shadow",
    hint: "Adds a shadow below the parts.",
    fields: [
      {"name":"reach","label":"Radius","kind":"number","unit":"pixels","min":0,"max":400,"step":1,"default":24,"isKeyed":true},
      {"name":"opacity","label":"Opacity","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0.35,"isKeyed":true},
      {"name":"colour","label":"Colour","kind":"colour","default":"#000000","isKeyed":true},
      {"name":"x","label":"Offset X","kind":"number","unit":"pixels","min":-400,"max":400,"step":1,"default":0,"isKeyed":true},
      {"name":"y","label":"Offset Y","kind":"number","unit":"pixels","min":-400,"max":400,"step":1,"default":0,"isKeyed":true},
      {"name":"spread","label":"Spread","kind":"number","unit":"pixels","min":0,"max":200,"step":1,"default":0,"isKeyed":true},
      {"name":"long","label":"Long","kind":"switch"},
      {"name":"blend","label":"Blend","kind":"choice","choices":[["normal","Normal"],["multiply","Multiply"],["screen","Screen"],["overlay","Overlay"],["soft-light","Soft light"],["add","Add"]],"default":"normal"},
    ],
  },
  Stop: {
    label: "",
    hint: "",
    fields: [
      {"name":"at","label":"Place","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0,"isKeyed":true},
      {"name":"colour","label":"Colour","kind":"colour","isKeyed":true,"canBeNone":true,"none":"Part’s colour"},
      {"name":"shade","label":"Lighter","kind":"number","unit":"fraction","min":-1,"max":1,"step":1,"default":0,"hint":"Below 0 it is darker.","isKeyed":true},
      {"name":"opacity","label":"Opacity","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":1,"isKeyed":true},
    ],
  },
  BackdropLight: {
    label: "Light",
    hint: "",
    fields: [
      {"name":"colour","label":"Colour","kind":"colour","default":"#ffffff","isKeyed":true},
      {"name":"x","label":"X","kind":"number","unit":"fraction","min":-1,"max":2,"step":1,"default":0.5,"isKeyed":true},
      {"name":"y","label":"Y","kind":"number","unit":"fraction","min":-1,"max":2,"step":1,"default":0.5,"isKeyed":true},
      {"name":"size","label":"Size","kind":"number","unit":"fraction","min":0.02,"max":3,"step":5,"default":0.5,"isKeyed":true},
      {"name":"opacity","label":"Opacity","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0.6,"isKeyed":true},
      {"name":"wander","label":"Wander","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0},
      {"name":"every","label":"Period","kind":"whole","unit":"frames","min":2,"max":18000,"step":1,"default":300,"when":{"wander":true}},
      {"name":"from","label":"Begins at","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0,"when":{"wander":true}},
      {"name":"blend","label":"Blend","kind":"choice","choices":[["normal","Normal"],["multiply","Multiply"],["screen","Screen"],["overlay","Overlay"],["soft-light","Soft light"],["add","Add"]],"default":"normal"},
    ],
  },
  Clouds: {
    label: "Clouds",
    hint: "",
    fields: [
      {"name":"colour","label":"Colour","kind":"colour","default":"#ffffff","isKeyed":true},
      {"name":"amount","label":"Amount","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0.25,"isKeyed":true},
      {"name":"across","label":"Across","kind":"whole","unit":"count","min":1,"max":12,"step":1,"default":5},
      {"name":"every","label":"Period","kind":"whole","unit":"frames","min":0,"max":18000,"step":1,"default":300,"hint":"0 keeps them still."},
      {"name":"variant","label":"Variant","kind":"whole","unit":"count","min":1,"max":99,"step":1,"default":1},
      {"name":"blend","label":"Blend","kind":"choice","choices":[["normal","Normal"],["multiply","Multiply"],["screen","Screen"],["overlay","Overlay"],["soft-light","Soft light"],["add","Add"]],"default":"soft-light"},
    ],
  },
  Line: {
    label: "",
    hint: "",
    fields: [
      {"name":"text","label":"Text","kind":"text","longest":600},
      {"name":"begin","label":"Starts","kind":"whole","unit":"frames","min":0,"max":18000,"step":1},
      {"name":"end","label":"Ends","kind":"whole","unit":"frames","min":0,"max":18000,"step":1},
      {"name":"other","label":"Second language","kind":"text","longest":600},
    ],
  },
  Recording: {
    label: "",
    hint: "",
    fields: [
      {"name":"name","label":"Name","kind":"text","longest":200},
      {"name":"begin","label":"Starts","kind":"whole","unit":"frames","min":0,"max":18000,"step":1,"default":0},
      {"name":"level","label":"Level","kind":"number","unit":"fraction","min":0,"max":4,"step":5,"default":1},
    ],
  },
  Pin: {
    label: "",
    hint: "",
    fields: [
      {"name":"offset","label":"Offset","kind":"whole","unit":"frames","min":-18000,"max":18000,"step":1,"default":0},
    ],
  },
  Emphasis: {
    label: "",
    hint: "",
    fields: [
      {"name":"until","label":"Ends","kind":"whole","unit":"frames","min":0,"max":18000,"step":1,"canBeNone":true,"none":"Automatically"},
      {"name":"out","label":"Pull out","kind":"number","unit":"pixels","min":0,"max":1000,"step":2,"default":0},
      {"name":"light","label":"Brighten","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0},
      {"name":"size","label":"Size","kind":"number","unit":"fraction","min":0.1,"max":5,"step":1,"default":1},
      {"name":"dim","label":"Dim others","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0},
      {"name":"label","label":"Label size","kind":"number","unit":"fraction","min":0.2,"max":5,"step":1,"default":1},
      {"name":"note","label":"Note","kind":"id","canBeNone":true},
    ],
  },
  Shot: {
    label: "",
    hint: "",
    fields: [
      {"name":"zoom","label":"Zoom","kind":"number","unit":"fraction","min":1,"max":20,"step":1,"default":1},
      {"name":"x","label":"X","kind":"number","unit":"fraction","min":-1,"max":1,"step":1,"canBeNone":true},
      {"name":"y","label":"Y","kind":"number","unit":"fraction","min":-1,"max":1,"step":1,"canBeNone":true},
      {"name":"turn","label":"Roll","kind":"number","unit":"degrees","min":-360,"max":360,"step":1,"default":0},
    ],
  },
  Follow: {
    label: "",
    hint: "",
    fields: [
      {"name":"how","label":"Follows","kind":"choice","choices":[["with","With"],["after","After"]],"default":"with"},
      {"name":"offset","label":"Offset","kind":"whole","unit":"frames","min":-18000,"max":18000,"step":1,"default":0},
    ],
  },
  Track: {
    label: "Tracks",
    hint: "",
    fields: [
      {"name":"colour","label":"Colour","kind":"colour","isKeyed":true,"canBeNone":true,"none":"As the form has it"},
      {"name":"opacity","label":"Opacity","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":1,"when":{"colour":true},"isKeyed":true},
      {"name":"fills","label":"Fill","kind":"list","max":5},
      {"name":"patterns","label":"Pattern","kind":"list","max":5},
      {"name":"textures","label":"Texture","kind":"list","max":5},
      {"name":"inners","label":"Inner glow","kind":"list","max":5},
      {"name":"lines","label":"Line","kind":"list","max":5},
      {"name":"edges","label":"Edge light","kind":"list","max":5},
      {"name":"glows","label":"Glow","kind":"list","max":5},
      {"name":"shadows","label":"Shadow","kind":"list","max":5},
    ],
  },
  Accent: {
    label: "Accent",
    hint: "",
    fields: [
      {"name":"of","label":"Accent","kind":"choice","choices":[["title","What the title names"],["part","One part"],["none","No part"]],"default":"title"},
      {"name":"part","label":"Part","kind":"id","when":{"of":["part"]},"canBeNone":true},
      {"name":"colour","label":"Accent colour","kind":"colour","canBeNone":true,"none":"Its own"},
      {"name":"out","label":"Accent pull out","kind":"number","unit":"pixels","min":0,"max":1000,"step":2,"default":0},
    ],
  },
  Reading: {
    label: "",
    hint: "",
    fields: [
      {"name":"of","label":"Show","kind":"choice","choices":[["share","Shares"],["value","Values"]],"default":"share"},
      {"name":"decimals","label":"Decimals","kind":"whole","unit":"count","min":0,"max":4,"step":1,"canBeNone":true,"none":"Auto"},
      {"name":"prefix","label":"Prefix","kind":"text","longest":20},
      {"name":"suffix","label":"Suffix","kind":"text","longest":20,"canBeNone":true},
      {"name":"group","label":"Thousands separator","kind":"choice","choices":[[",","1,234"],[".","1.234"],[" ","1 234"],["’","1’234"],["","1234"]],"default":","},
      {"name":"point","label":"Decimal separator","kind":"choice","choices":[[".","0.5"],[",","0,5"]],"default":"."},
    ],
  },
  Labels: {
    label: "",
    hint: "",
    fields: [
      {"name":"show","label":"Position","kind":"choice","choices":[["none","None"],["on","On parts"],["along","Along"],["beside","Beside"]],"default":"none"},
      {"name":"text","label":"Show","kind":"choice","choices":[["reading","Reading"],["label","Label"],["both","Both"]],"default":"reading"},
      {"name":"font","label":"Font","kind":"font","choices":[["figtree-regular","Figtree"],["figtree-semibold","Figtree semibold"],["figtree-bold","Figtree bold"],["bricolage-semibold","Bricolage semibold"],["bricolage-bold","Bricolage bold"],["inter-medium","Inter medium"],["inter-bold","Inter bold"],["inter-black","Inter black"],["outfit-regular","Outfit"],["outfit-semibold","Outfit semibold"],["nunito-semibold","Nunito semibold"],["nunito-bold","Nunito bold"],["nunito-extrabold","Nunito extrabold"],["newsreader-regular","Newsreader"],["newsreader-italic","Newsreader italic"],["newsreader-semibold","Newsreader semibold"],["fraunces-semibold","Fraunces semibold"],["fraunces-bold","Fraunces bold"],["source-serif-regular","Source Serif"],["source-serif-semibold","Source Serif semibold"],["slab-medium","Roboto Slab medium"],["slab-bold","Roboto Slab bold"],["anton-regular","Anton"],["barlow-semibold","Barlow Condensed semibold"],["barlow-bold","Barlow Condensed bold"],["caveat-brush","Caveat Brush"]],"default":"figtree-bold"},
      {"name":"size","label":"Size","kind":"number","unit":"pixels","min":6,"max":600,"step":1,"default":40},
      {"name":"colour","label":"Colour","kind":"colour","isKeyed":true,"canBeNone":true,"none":"Dark or light by itself"},
      {"name":"ofPart","label":"In the colour of its part","kind":"switch"},
      {"name":"upperCase","label":"All capitals","kind":"switch"},
      {"name":"letterSpacing","label":"Letter spacing","kind":"number","unit":"fraction","min":-0.2,"max":2,"step":1,"default":0},
      {"name":"leading","label":"Line height","kind":"number","unit":"times","min":0.6,"max":4,"step":0.02,"default":1.18},
      {"name":"balanced","label":"Balance lines","kind":"switch"},
      {"name":"plate","label":"Plate","kind":"group","group":"Plate","canBeNone":true},
      {"name":"oldFigures","label":"Old-style figures","kind":"switch","when":{"font":["bricolage-semibold","bricolage-bold","nunito-semibold","nunito-bold","nunito-extrabold","source-serif-regular","source-serif-semibold"]}},
      {"name":"fills","label":"Fill","kind":"list","max":5},
      {"name":"patterns","label":"Pattern","kind":"list","max":5},
      {"name":"textures","label":"Texture","kind":"list","max":5},
      {"name":"inners","label":"Inner glow","kind":"list","max":5},
      {"name":"lines","label":"Line","kind":"list","max":5},
      {"name":"edges","label":"Edge light","kind":"list","max":5},
      {"name":"glows","label":"Glow","kind":"list","max":5},
      {"name":"shadows","label":"Shadow","kind":"list","max":5},
      {"name":"comes","label":"Appear","kind":"choice","choices":[["under","When there is room"],["begin","With their part"],["end","After their part"]],"default":"under"},
      {"name":"leaders","label":"Leader lines to moved labels","kind":"switch","default":true},
      {"name":"align","label":"Align","kind":"choice","choices":[["marks","To their marks"],["left","Left"],["middle","Centre"],["right","Right"]],"default":"marks","when":{"text":["both"]}},
    ],
  },
  Names: {
    label: "",
    hint: "",
    fields: [
      {"name":"font","label":"Font","kind":"font","choices":[["figtree-regular","Figtree"],["figtree-semibold","Figtree semibold"],["figtree-bold","Figtree bold"],["bricolage-semibold","Bricolage semibold"],["bricolage-bold","Bricolage bold"],["inter-medium","Inter medium"],["inter-bold","Inter bold"],["inter-black","Inter black"],["outfit-regular","Outfit"],["outfit-semibold","Outfit semibold"],["nunito-semibold","Nunito semibold"],["nunito-bold","Nunito bold"],["nunito-extrabold","Nunito extrabold"],["newsreader-regular","Newsreader"],["newsreader-italic","Newsreader italic"],["newsreader-semibold","Newsreader semibold"],["fraunces-semibold","Fraunces semibold"],["fraunces-bold","Fraunces bold"],["source-serif-regular","Source Serif"],["source-serif-semibold","Source Serif semibold"],["slab-medium","Roboto Slab medium"],["slab-bold","Roboto Slab bold"],["anton-regular","Anton"],["barlow-semibold","Barlow Condensed semibold"],["barlow-bold","Barlow Condensed bold"],["caveat-brush","Caveat Brush"]],"default":"figtree-semibold"},
      {"name":"size","label":"Size","kind":"number","unit":"pixels","min":6,"max":600,"step":1,"default":32},
      {"name":"colour","label":"Colour","kind":"colour","isKeyed":true,"canBeNone":true,"none":"Dark or light by itself"},
      {"name":"ofPart","label":"In the colour of its part","kind":"switch"},
      {"name":"upperCase","label":"All capitals","kind":"switch"},
      {"name":"letterSpacing","label":"Letter spacing","kind":"number","unit":"fraction","min":-0.2,"max":2,"step":1,"default":0},
      {"name":"leading","label":"Line height","kind":"number","unit":"times","min":0.6,"max":4,"step":0.02,"default":1.18},
      {"name":"balanced","label":"Balance lines","kind":"switch"},
      {"name":"plate","label":"Plate","kind":"group","group":"Plate","canBeNone":true},
      {"name":"oldFigures","label":"Old-style figures","kind":"switch","when":{"font":["bricolage-semibold","bricolage-bold","nunito-semibold","nunito-bold","nunito-extrabold","source-serif-regular","source-serif-semibold"]}},
      {"name":"fills","label":"Fill","kind":"list","max":5},
      {"name":"patterns","label":"Pattern","kind":"list","max":5},
      {"name":"textures","label":"Texture","kind":"list","max":5},
      {"name":"inners","label":"Inner glow","kind":"list","max":5},
      {"name":"lines","label":"Line","kind":"list","max":5},
      {"name":"edges","label":"Edge light","kind":"list","max":5},
      {"name":"glows","label":"Glow","kind":"list","max":5},
      {"name":"shadows","label":"Shadow","kind":"list","max":5},
      {"name":"align","label":"Align","kind":"choice","choices":[["marks","To their marks"],["left","Left"],["right","Right"]],"default":"marks"},
    ],
  },
  Legend: {
    label: "Legend",
    hint: "",
    fields: [
      {"name":"x","label":"X","kind":"number","unit":"pixels","min":-4000,"max":8000,"step":2},
      {"name":"y","label":"Y","kind":"number","unit":"pixels","min":-4000,"max":8000,"step":2},
      {"name":"width","label":"Width","kind":"number","unit":"pixels","min":40,"max":4000,"step":2,"default":640},
      {"name":"spacing","label":"Row spacing","kind":"number","unit":"times","min":1,"max":6,"step":0.1,"default":2},
      {"name":"font","label":"Font","kind":"font","choices":[["figtree-regular","Figtree"],["figtree-semibold","Figtree semibold"],["figtree-bold","Figtree bold"],["bricolage-semibold","Bricolage semibold"],["bricolage-bold","Bricolage bold"],["inter-medium","Inter medium"],["inter-bold","Inter bold"],["inter-black","Inter black"],["outfit-regular","Outfit"],["outfit-semibold","Outfit semibold"],["nunito-semibold","Nunito semibold"],["nunito-bold","Nunito bold"],["nunito-extrabold","Nunito extrabold"],["newsreader-regular","Newsreader"],["newsreader-italic","Newsreader italic"],["newsreader-semibold","Newsreader semibold"],["fraunces-semibold","Fraunces semibold"],["fraunces-bold","Fraunces bold"],["source-serif-regular","Source Serif"],["source-serif-semibold","Source Serif semibold"],["slab-medium","Roboto Slab medium"],["slab-bold","Roboto Slab bold"],["anton-regular","Anton"],["barlow-semibold","Barlow Condensed semibold"],["barlow-bold","Barlow Condensed bold"],["caveat-brush","Caveat Brush"]],"default":"figtree-semibold"},
      {"name":"size","label":"Size","kind":"number","unit":"pixels","min":6,"max":600,"step":1,"default":40},
      {"name":"colour","label":"Colour","kind":"colour","isKeyed":true,"canBeNone":true,"none":"Dark or light by itself"},
      {"name":"ofPart","label":"In the colour of its part","kind":"switch"},
      {"name":"upperCase","label":"All capitals","kind":"switch"},
      {"name":"letterSpacing","label":"Letter spacing","kind":"number","unit":"fraction","min":-0.2,"max":2,"step":1,"default":0},
      {"name":"leading","label":"Line height","kind":"number","unit":"times","min":0.6,"max":4,"step":0.02,"default":1.18},
      {"name":"balanced","label":"Balance lines","kind":"switch"},
      {"name":"plate","label":"Plate","kind":"group","group":"Plate","canBeNone":true},
      {"name":"oldFigures","label":"Old-style figures","kind":"switch","when":{"font":["bricolage-semibold","bricolage-bold","nunito-semibold","nunito-bold","nunito-extrabold","source-serif-regular","source-serif-semibold"]}},
      {"name":"fills","label":"Fill","kind":"list","max":5},
      {"name":"patterns","label":"Pattern","kind":"list","max":5},
      {"name":"textures","label":"Texture","kind":"list","max":5},
      {"name":"inners","label":"Inner glow","kind":"list","max":5},
      {"name":"lines","label":"Line","kind":"list","max":5},
      {"name":"edges","label":"Edge light","kind":"list","max":5},
      {"name":"glows","label":"Glow","kind":"list","max":5},
      {"name":"shadows","label":"Shadow","kind":"list","max":5},
      {"name":"flow","label":"Flow","kind":"choice","choices":[["column","Column"],["rows","Rows"]],"default":"column"},
      {"name":"values","label":"Readings","kind":"choice","choices":[["right","At the right edge"],["after","After the names"],["none","None"]],"default":"right"},
      {"name":"plates","label":"Plate around","kind":"choice","choices":[["all","All rows"],["rows","Each row"]],"default":"all","when":{"plate":true}},
      {"name":"stands","label":"Position","kind":"choice","choices":[["beside","Beside"],["middle","Inside the hole"]],"default":"beside"},
    ],
  },
  Centre: {
    label: "Centre number",
    hint: "",
    fields: [
      {"name":"figure","label":"Shows","kind":"id","canBeNone":true,"none":"Total"},
      {"name":"caption","label":"Caption","kind":"text","longest":80},
      {"name":"prefix","label":"Prefix","kind":"text","longest":20,"when":{"figure":false}},
      {"name":"suffix","label":"Suffix","kind":"text","longest":20,"when":{"figure":false}},
      {"name":"font","label":"Font","kind":"font","choices":[["figtree-regular","Figtree"],["figtree-semibold","Figtree semibold"],["figtree-bold","Figtree bold"],["bricolage-semibold","Bricolage semibold"],["bricolage-bold","Bricolage bold"],["inter-medium","Inter medium"],["inter-bold","Inter bold"],["inter-black","Inter black"],["outfit-regular","Outfit"],["outfit-semibold","Outfit semibold"],["nunito-semibold","Nunito semibold"],["nunito-bold","Nunito bold"],["nunito-extrabold","Nunito extrabold"],["newsreader-regular","Newsreader"],["newsreader-italic","Newsreader italic"],["newsreader-semibold","Newsreader semibold"],["fraunces-semibold","Fraunces semibold"],["fraunces-bold","Fraunces bold"],["source-serif-regular","Source Serif"],["source-serif-semibold","Source Serif semibold"],["slab-medium","Roboto Slab medium"],["slab-bold","Roboto Slab bold"],["anton-regular","Anton"],["barlow-semibold","Barlow Condensed semibold"],["barlow-bold","Barlow Condensed bold"],["caveat-brush","Caveat Brush"]],"default":"bricolage-bold"},
      {"name":"size","label":"Size","kind":"number","unit":"pixels","min":6,"max":600,"step":1,"default":110},
      {"name":"colour","label":"Colour","kind":"colour","isKeyed":true,"canBeNone":true,"none":"Dark or light by itself"},
      {"name":"ofPart","label":"In the colour of its part","kind":"switch"},
      {"name":"upperCase","label":"All capitals","kind":"switch"},
      {"name":"letterSpacing","label":"Letter spacing","kind":"number","unit":"fraction","min":-0.2,"max":2,"step":1,"default":0},
      {"name":"leading","label":"Line height","kind":"number","unit":"times","min":0.6,"max":4,"step":0.02,"default":1.18},
      {"name":"balanced","label":"Balance lines","kind":"switch"},
      {"name":"plate","label":"Plate","kind":"group","group":"Plate","canBeNone":true},
      {"name":"oldFigures","label":"Old-style figures","kind":"switch","when":{"font":["bricolage-semibold","bricolage-bold","nunito-semibold","nunito-bold","nunito-extrabold","source-serif-regular","source-serif-semibold"]}},
      {"name":"fills","label":"Fill","kind":"list","max":5},
      {"name":"patterns","label":"Pattern","kind":"list","max":5},
      {"name":"textures","label":"Texture","kind":"list","max":5},
      {"name":"inners","label":"Inner glow","kind":"list","max":5},
      {"name":"lines","label":"Line","kind":"list","max":5},
      {"name":"edges","label":"Edge light","kind":"list","max":5},
      {"name":"glows","label":"Glow","kind":"list","max":5},
      {"name":"shadows","label":"Shadow","kind":"list","max":5},
    ],
  },
  AxisTitles: {
    label: "Axis titles",
    hint: "",
    fields: [
      {"name":"scale","label":"Scale axis","kind":"text","longest":120},
      {"name":"figures","label":"Figure axis","kind":"text","longest":120},
      {"name":"font","label":"Font","kind":"font","choices":[["figtree-regular","Figtree"],["figtree-semibold","Figtree semibold"],["figtree-bold","Figtree bold"],["bricolage-semibold","Bricolage semibold"],["bricolage-bold","Bricolage bold"],["inter-medium","Inter medium"],["inter-bold","Inter bold"],["inter-black","Inter black"],["outfit-regular","Outfit"],["outfit-semibold","Outfit semibold"],["nunito-semibold","Nunito semibold"],["nunito-bold","Nunito bold"],["nunito-extrabold","Nunito extrabold"],["newsreader-regular","Newsreader"],["newsreader-italic","Newsreader italic"],["newsreader-semibold","Newsreader semibold"],["fraunces-semibold","Fraunces semibold"],["fraunces-bold","Fraunces bold"],["source-serif-regular","Source Serif"],["source-serif-semibold","Source Serif semibold"],["slab-medium","Roboto Slab medium"],["slab-bold","Roboto Slab bold"],["anton-regular","Anton"],["barlow-semibold","Barlow Condensed semibold"],["barlow-bold","Barlow Condensed bold"],["caveat-brush","Caveat Brush"]],"default":"figtree-semibold"},
      {"name":"size","label":"Size","kind":"number","unit":"pixels","min":6,"max":600,"step":1,"default":28},
      {"name":"colour","label":"Colour","kind":"colour","isKeyed":true,"canBeNone":true,"none":"Dark or light by itself"},
      {"name":"ofPart","label":"In the colour of its part","kind":"switch"},
      {"name":"upperCase","label":"All capitals","kind":"switch"},
      {"name":"letterSpacing","label":"Letter spacing","kind":"number","unit":"fraction","min":-0.2,"max":2,"step":1,"default":0},
      {"name":"leading","label":"Line height","kind":"number","unit":"times","min":0.6,"max":4,"step":0.02,"default":1.18},
      {"name":"balanced","label":"Balance lines","kind":"switch"},
      {"name":"plate","label":"Plate","kind":"group","group":"Plate","canBeNone":true},
      {"name":"oldFigures","label":"Old-style figures","kind":"switch","when":{"font":["bricolage-semibold","bricolage-bold","nunito-semibold","nunito-bold","nunito-extrabold","source-serif-regular","source-serif-semibold"]}},
      {"name":"fills","label":"Fill","kind":"list","max":5},
      {"name":"patterns","label":"Pattern","kind":"list","max":5},
      {"name":"textures","label":"Texture","kind":"list","max":5},
      {"name":"inners","label":"Inner glow","kind":"list","max":5},
      {"name":"lines","label":"Line","kind":"list","max":5},
      {"name":"edges","label":"Edge light","kind":"list","max":5},
      {"name":"glows","label":"Glow","kind":"list","max":5},
      {"name":"shadows","label":"Shadow","kind":"list","max":5},
    ],
  },
  OwnLabel: {
    label: "",
    hint: "",
    fields: [
      {"name":"hidden","label":"Hidden","kind":"switch"},
      {"name":"text","label":"Text","kind":"text","longest":120,"canBeNone":true},
      {"name":"size","label":"Size","kind":"number","unit":"fraction","min":0.2,"max":5,"step":1,"default":1},
      {"name":"colour","label":"Custom colour","kind":"colour","canBeNone":true},
      {"name":"x","label":"X","kind":"number","unit":"pixels","min":-4000,"max":4000,"step":1,"canBeNone":true},
      {"name":"y","label":"Y","kind":"number","unit":"pixels","min":-4000,"max":4000,"step":1,"canBeNone":true},
    ],
  },
  Faces: {
    label: "",
    hint: "",
    fields: [
      {"name":"wall","label":"Outer wall","kind":"colour","canBeNone":true},
      {"name":"inner","label":"Inner wall","kind":"colour","canBeNone":true},
      {"name":"cut","label":"Cut faces","kind":"colour","canBeNone":true},
    ],
  },
  ScratchVoice: {
    label: "",
    hint: "",
    fields: [
      {"name":"speaker","label":"Voice","kind":"text","longest":60},
      {"name":"pace","label":"Pace","kind":"whole","unit":"count","min":80,"max":320,"step":5,"default":150},
    ],
  },
};

/** Groups as they begin. */
export const first = {
  Backdrop: {"kind":"colour","colour":"#1d3a35","edge":"#12211f","vignette":0},
  Arrangement: {"charts":"left","several":"fitting"},
  Camera: {"backdrop":"stays"},
  Shutter: {"angle":180,"samples":9,"charts":true,"words":true,"camera":true},
  TextAlternative: {"short":"","long":""},
  ChartMotion: {"begin":12,"frames":24,"curve":"ease-in-out","order":"after","overlap":12,"opens":"forward"},
  Run: {"begin":0,"frames":240,"between":"straight","places":14,"pins":[]},
  Pick: {"by":"largest","count":10},
  Drift: {"across":14,"down":8,"turn":0,"every":192},
  Plate: {"colour":"#10201d"},
  Fill: {"kind":"flat"},
  Pattern: {"kind":"dots","size":30,"degrees":30,"opacity":0.14},
  Texture: {"kind":"grain","amount":0.5},
  Inner: {"reach":24,"opacity":0.6},
  EdgeLine: {"width":4,"place":"inside","opacity":0.8},
  EdgeLight: {"length":300,"at":0.1,"width":6,"opacity":0.9},
  Glow: {"reach":26,"opacity":0.6},
  Shadow: {"reach":24,"opacity":0.35},
  Stop: {"at":0},
  BackdropLight: {"colour":"#ffffff","x":0.5,"y":0.5,"size":0.5,"opacity":0.6},
  Clouds: {"colour":"#ffffff","amount":0.25},
  Emphasis: {"until":null,"untilPin":null,"out":0,"light":0,"size":1,"dim":0,"label":1},
  Labels: {"show":"none","text":"reading","font":"figtree-bold","size":40},
  Names: {"font":"figtree-semibold","size":32},
  Centre: {"caption":"","prefix":"","suffix":"","font":"bricolage-bold","size":110},
  AxisTitles: {"scale":"","figures":"","font":"figtree-semibold","size":28},
} satisfies Partial<Groups>;

/** The numbers of curves that are told by numbers. */
export const curves: Record<string, Group> = {
  settle: {
    label: "",
    hint: "",
    fields: [
      {"name":"past","label":"Overshoot","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0.06},
      {"name":"back","label":"Settle time","kind":"whole","unit":"frames","min":0,"max":18000,"step":1,"default":9},
    ],
  },
  spring: {
    label: "",
    hint: "",
    fields: [
      {"name":"damping","label":"Damping","kind":"number","unit":"count","min":0.05,"max":1,"step":0.05,"default":0.35},
    ],
  },
  bounce: {
    label: "",
    hint: "",
    fields: [
      {"name":"times","label":"Bounces","kind":"whole","unit":"count","min":1,"max":8,"step":1,"default":3},
      {"name":"height","label":"Bounce height","kind":"number","unit":"fraction","min":0.02,"max":0.9,"step":1,"default":0.25},
    ],
  },
};

/** The lists of coats, from the ground to the eye, and the group that stands in each. */
export const coats = {"shadows":"Shadow","glows":"Glow","fills":"Fill","patterns":"Pattern","textures":"Texture","inners":"Inner","lines":"EdgeLine","edges":"EdgeLight"} as const;

/** Coats to begin from. */
export const samples: { [K in keyof typeof coats]: { name: string; coats: Groups[(typeof coats)[K]][] }[] } =
  {"edges":[{"name":"Glint","coats":[{"length":300,"at":0.1,"width":6,"shade":0.75,"opacity":0.9}]},{"name":"Two glints","coats":[{"length":300,"at":0.1,"width":6,"shade":0.75,"opacity":0.9},{"length":180,"at":0.6,"width":4,"shade":0.6,"opacity":0.7}]},{"name":"Rim","coats":[{"length":900,"at":0.15,"width":3,"shade":0.85,"opacity":0.8,"halo":0}]},{"name":"Travelling","coats":[{"length":260,"at":0,"width":6,"shade":0.8,"opacity":0.95,"round":96}]}],"lines":[{"name":"Inside","coats":[{"colour":"#ffffff","width":4,"place":"inside","opacity":0.8}]},{"name":"Outline","coats":[{"colour":"#ffffff","width":4,"place":"centred","opacity":1}]},{"name":"Around","coats":[{"width":4,"place":"outside","opacity":1,"shade":-0.7}]},{"name":"Dashes","coats":[{"colour":"#ffffff","width":4,"place":"inside","opacity":0.8,"dash":18,"gap":14,"fitted":true}]},{"name":"Stitches","coats":[{"colour":"#f4ead2","width":4,"place":"apart","distance":18,"opacity":1,"dash":22,"gap":13,"fitted":true}]},{"name":"Two lines","coats":[{"colour":"#ffffff","width":3,"place":"inside","opacity":0.9},{"colour":"#ffffff","width":1.5,"place":"apart","distance":9,"opacity":0.9}]}],"inners":[{"name":"Light edge","coats":[{"reach":24,"shade":0.7,"opacity":0.7}]},{"name":"Dark edge","coats":[{"reach":18,"shade":-0.8,"opacity":0.45}]},{"name":"Gloss","coats":[{"reach":16,"shade":-0.7,"opacity":0.5,"y":-6},{"reach":9,"shade":1,"opacity":0.7,"y":5}]},{"name":"Sunk","coats":[{"reach":18,"shade":-0.85,"opacity":0.6,"y":8}]},{"name":"Lit","coats":[{"reach":34,"shade":0.75,"opacity":0.62,"blend":"screen"},{"reach":10,"shade":0.55,"opacity":0.75,"blend":"screen"}]}],"textures":[{"name":"Grain","coats":[{"kind":"grain","amount":0.3}]},{"name":"Paper","coats":[{"kind":"paper","amount":0.55}]},{"name":"Felt","coats":[{"kind":"felt","amount":0.6,"lie":"along","degrees":8,"blend":"overlay"}]},{"name":"Linen","coats":[{"kind":"linen","amount":0.6}]},{"name":"Slate","coats":[{"kind":"slate","amount":0.6}]},{"name":"Brushed","coats":[{"kind":"brushed","amount":0.6,"lie":"along"}]},{"name":"Chalk","coats":[{"kind":"chalk","amount":1}]},{"name":"Print","coats":[{"kind":"print","amount":1}]}],"patterns":[{"name":"Dots","coats":[{"kind":"dots","size":26,"degrees":30,"opacity":0.2}]},{"name":"Stripes","coats":[{"kind":"stripes","size":26,"degrees":30,"opacity":0.2}]},{"name":"Crossed","coats":[{"kind":"crossed","size":26,"degrees":30,"opacity":0.2}]},{"name":"Grid","coats":[{"kind":"grid","size":26,"degrees":30,"opacity":0.2}]},{"name":"Waves","coats":[{"kind":"waves","size":26,"degrees":30,"opacity":0.2}]},{"name":"Rings","coats":[{"kind":"rings","size":34,"degrees":0,"opacity":0.25}]},{"name":"Bricks","coats":[{"kind":"bricks","size":34,"degrees":0,"opacity":0.25}]},{"name":"Crosses","coats":[{"kind":"crosses","size":34,"degrees":0,"opacity":0.25}]},{"name":"Halftone","coats":[{"kind":"halftone","size":13,"degrees":180,"opacity":0.8}]},{"name":"By hand","coats":[{"kind":"hand","size":17,"degrees":25,"opacity":0.5}]}],"fills":[{"name":"Flat","coats":[{"kind":"flat"}]},{"name":"Shaded","coats":[{"kind":"shaded"}]},{"name":"Upward","coats":[{"kind":"linear","degrees":0,"stops":[{"at":0,"shade":-0.16},{"at":0.5},{"at":1,"shade":0.2}]}]},{"name":"Slanted","coats":[{"kind":"linear","degrees":45,"stops":[{"at":0,"shade":-0.16},{"at":0.5},{"at":1,"shade":0.2}]}]},{"name":"Along","coats":[{"kind":"along","stops":[{"at":0,"shade":-0.4},{"at":0.6},{"at":1,"shade":0.55}]}]},{"name":"Ball","coats":[{"kind":"radial","x":0.35,"y":0.3,"size":1,"stops":[{"at":0,"shade":0.4},{"at":0.5},{"at":1,"shade":-0.2}]}]},{"name":"Highlight","coats":[{"kind":"flat"},{"kind":"radial","across":"chart","x":0.25,"y":0.15,"size":0.9,"blend":"soft-light","stops":[{"at":0,"colour":"#ffffff","opacity":0.7},{"at":1,"colour":"#ffffff","opacity":0}]}]},{"name":"Misprint","coats":[{"kind":"flat"},{"kind":"flat","colour":"#3aa0c9","opacity":0.7,"blend":"multiply","shiftX":-5,"shiftY":4}]},{"name":"Glass","coats":[{"kind":"linear","degrees":0,"opacity":1,"stops":[{"at":0,"opacity":0.25},{"at":1,"opacity":0.7}]}]}],"glows":[{"name":"Soft","coats":[{"reach":26,"opacity":0.6}]},{"name":"Tight","coats":[{"reach":10,"opacity":0.8,"shade":0.3,"tight":0}]},{"name":"Wide","coats":[{"reach":90,"opacity":0.45,"tight":0}]},{"name":"Lamp","coats":[{"reach":92,"opacity":0.4,"tight":0},{"reach":28,"opacity":0.4,"shade":0.25,"tight":0}]},{"name":"Pulsing","coats":[{"reach":34,"opacity":0.6,"breath":0.6}]}],"shadows":[{"name":"Soft","coats":[{"reach":24,"opacity":0.35}]},{"name":"Drop","coats":[{"reach":20,"opacity":0.45,"x":5,"y":10}]},{"name":"Lifted","coats":[{"reach":50,"opacity":0.4,"y":26}]},{"name":"Hard","coats":[{"reach":0,"opacity":0.35,"x":10,"y":10}]},{"name":"Long","coats":[{"reach":6,"opacity":0.28,"x":130,"y":76,"long":true}]}]};

/** The colours of a gradient that says none. */
export const usualStops: piece.Stop[] = [{"at":0,"shade":-0.12},{"at":0.5,"shade":0},{"at":1,"shade":0.16}];

/** Backdrops to begin from. */
export const grounds: { name: string; backdrop: piece.Backdrop }[] = [{"name":"Plain","backdrop":{"kind":"colour","colour":"#1d3a35","edge":"#1d3a35","vignette":0}},{"name":"Dusk","backdrop":{"kind":"radial","colour":"#24514a","edge":"#12211f","vignette":0.3}},{"name":"Lamp","backdrop":{"kind":"radial","colour":"#8c6a45","edge":"#0b0603","vignette":0,"x":0.3,"y":0.22,"size":1.35,"stops":[{"at":0,"colour":"#8c6a45"},{"at":0.22,"colour":"#5b4129"},{"at":0.5,"colour":"#2a1b10"},{"at":1,"colour":"#0b0603"}],"textures":[{"kind":"grain","amount":0.055,"blend":"relief"}]}},{"name":"Paper","backdrop":{"kind":"radial","colour":"#f7f0e1","edge":"#e9deca","vignette":0,"textures":[{"kind":"paper","amount":0.5,"size":1.4}]}},{"name":"Linen","backdrop":{"kind":"colour","colour":"#d6c3a0","edge":"#d6c3a0","vignette":0.2,"textures":[{"kind":"linen","amount":0.75,"size":1.5},{"kind":"slate","amount":0.5,"size":1.3}]}},{"name":"Slate","backdrop":{"kind":"colour","colour":"#2d3d40","edge":"#2d3d40","vignette":0.45,"textures":[{"kind":"slate","amount":0.5,"size":1.6},{"kind":"grain","amount":0.25}]}},{"name":"Daylight","backdrop":{"kind":"radial","colour":"#ffffff","edge":"#d9e2ee","vignette":0,"x":0.45,"y":0.38,"textures":[{"kind":"grain","amount":0.015,"blend":"relief"}]}},{"name":"Poster","backdrop":{"kind":"colour","colour":"#f6c443","edge":"#f6c443","vignette":0,"textures":[{"kind":"grain","amount":0.1,"blend":"multiply"}]}},{"name":"Lights","backdrop":{"kind":"colour","colour":"#070b18","edge":"#070b18","vignette":0,"lights":[{"colour":"#4b2fb0","x":0.22,"y":0.85,"size":0.42,"opacity":0.75,"wander":0.07,"every":480,"from":0,"blend":"screen"},{"colour":"#16a37c","x":0.88,"y":0.2,"size":0.4,"opacity":0.75,"wander":0.07,"every":480,"from":0.35,"blend":"screen"},{"colour":"#1d5fd0","x":0.55,"y":1.05,"size":0.34,"opacity":0.75,"wander":0.07,"every":480,"from":0.7,"blend":"screen"}],"textures":[{"kind":"grain","amount":0.03,"blend":"relief"}]}},{"name":"Clouds","backdrop":{"kind":"linear","colour":"#26476b","edge":"#101c33","vignette":0,"clouds":[{"colour":"#cfe3ff","amount":0.45,"across":4,"every":480}],"textures":[{"kind":"grain","amount":0.03,"blend":"relief"}]}}];

/** What colours are to each kind of eye: rows of a matrix for linear light; and what that is called. */
export const eyes = {"usual":{"label":"All colours","matrix":[[1,0,0],[0,1,0],[0,0,1]]},"protan":{"label":"Reduced red vision","matrix":[[0.152286,1.052583,-0.204868],[0.114503,0.786281,0.099216],[-0.003882,-0.048116,1.051998]]},"deutan":{"label":"Reduced green vision","matrix":[[0.367322,0.860646,-0.227968],[0.280085,0.672501,0.047413],[-0.01182,0.04294,0.968881]]},"tritan":{"label":"Reduced blue vision","matrix":[[1.255528,-0.076749,-0.178779],[-0.078411,0.930809,0.147602],[0.004733,0.691367,0.3039]]},"grey":{"label":"In grey","matrix":[[0.2126,0.7152,0.0722],[0.2126,0.7152,0.0722],[0.2126,0.7152,0.0722]]}} as const;

/** What people call settings: by group, by group and setting, or by setting in every group. */
export const alsoCalled: Record<string, string> = {"Shadow":"drop shadow, cast shadow, depth","Glow":"outer glow, bloom, neon, halo, light around","Inner":"inner shadow, inset, bevel, emboss, sunk","EdgeLine":"stroke, outline, border, contour, dashes, stitches","EdgeLight":"rim light, highlight, specular, gloss, shine","Texture":"grain, noise, paper, felt, linen, chalk, material","Pattern":"hatching, stripes, dots, halftone, lines","Fill":"gradient, solid colour, paint, image fill","Track":"unfilled rest, background ring, rail","Accent":"highlight one part, hero colour, focus","Plate":"box behind words, label background, pill","Backdrop":"background, ground, wallpaper","Shutter":"motion blur, smear","Captions":"subtitles, spoken words on screen","Legend":"key, colour key","Centre":"counter, total in the middle, number in the hole","AxisTitles":"axis labels, axis names, units of the axis","Labels":"data labels, callouts, percentages on the chart","Names":"category labels, tick labels","Reading":"number format","Run":"race, time lapse, through the years","Drift":"float, wiggle, hover, sway","Arrangement":"layout, composition, alignment","Ink":"text colour, dark and light words","Stage":"composition size, canvas, format, resolution","Panel":"shape layer, box, card, rectangle, logo","Faces":"sides of the solid, walls","Emphasis":"highlight, call out, spotlight","Shot":"camera, zoom, pan","Stage.rate":"fps, frames per second","Stage.frames":"duration, how long","Stage.width":"resolution, aspect ratio","Stage.height":"resolution, aspect ratio","Form.hole":"inner radius, donut hole, ring width, thickness of the donut","Form.radius":"outer radius, size of the pie, diameter","Form.gap":"padding between slices, separation, spacing","Form.corner":"rounding, rounded corners, radius","Form.startDegrees":"rotation, begin angle, first slice angle","Form.sweepDegrees":"half donut, gauge, arc length, total angle","Form.spacing":"gap between bars, distance","Form.order":"sort, largest first","Form.axis":"gridlines, ticks, scale","Form.maximum":"axis maximum, scale limit, range","Form.ends":"caps, rounded ends","Form.stack":"stacked, grouped, clustered, hundred per cent","Form.points":"dots, markers","Form.tilt":"perspective, 3d, angle of view","Form.bend":"curvature, arch","Form.track":"background ring, unfilled rest","Own.out":"explode, offset slice, pull a slice","Arrangement.across":"padding, safe margins","Arrangement.down":"padding, safe margins","Backdrop.vignette":"dark edges, falloff","Reading.decimals":"digits, precision, rounding, places after the point","Reading.group":"comma, thousands","Reading.suffix":"unit, percent sign","Reading.prefix":"currency, sign before","Legend.spacing":"line spacing, row height","Labels.leaders":"connector lines, callout lines","ChartMotion.order":"stagger, cascade, delay between","ChartMotion.overlap":"stagger, offset","ChartMotion.sequence":"stagger order, direction","ChartMotion.passes":"overshoot, elastic",".curve":"ease, ease in, ease out, interpolation, spring, bounce, timing function",".frames":"duration, speed",".begin":"start time, delay",".manner":"animation, transition, pop, fade, wipe, grow, sweep",".letterSpacing":"tracking, kerning",".leading":"line spacing",".upperCase":"uppercase, caps",".font":"typeface, family, weight, bold",".size":"scale, bigger, smaller",".opacity":"transparency, alpha",".blend":"blending mode, multiply, screen, overlay, add",".turn":"rotate, angle",".degrees":"rotate, direction",".reach":"blur, softness, size",".dash":"dotted, dashes",".march":"marching, moving dashes",".colour":"tint, hue, hex",".hidden":"visibility, show, hide",".drift":"float, wiggle, hover",".x":"position, left, right",".y":"position, up, down"};

/** Shapes of panels as path data, in a box of 44 by 30. */
export const panels: Record<piece.Panel['kind'], string> = {"rectangle":"M8 4L36 4A4 4 0 0 1 40 8L40 22A4 4 0 0 1 36 26L8 26A4 4 0 0 1 4 22L4 8A4 4 0 0 1 8 4Z","pill":"M10 8L34 8A7 7 0 0 1 41 15L41 15A7 7 0 0 1 34 22L10 22A7 7 0 0 1 3 15L3 15A7 7 0 0 1 10 8Z","circle":"M22 3A12 12 0 0 1 32.392305 21A12 12 0 0 1 11.607695 21A12 12 0 0 1 22 3Z","ring":"M22 3A12 12 0 0 1 32.392305 21A12 12 0 0 1 11.607695 21A12 12 0 0 1 22 3ZM22 6A9 9 0 0 0 14.205771 19.5A9 9 0 0 0 29.794229 19.5A9 9 0 0 0 22 6Z","rule":"M4 13.75L40 13.75L40 16.25L4 16.25Z","frame":"M8 4L36 4A4 4 0 0 1 40 8L40 22A4 4 0 0 1 36 26L8 26A4 4 0 0 1 4 22L4 8A4 4 0 0 1 8 4ZM8 7A1 1 0 0 0 7 8L7 22A1 1 0 0 0 8 23L36 23A1 1 0 0 0 37 22L37 8A1 1 0 0 0 36 7Z","bracket":"M26 3L22 3A4 4 0 0 0 18 7L18 23A4 4 0 0 0 22 27L26 27L26 24L22 24A1 1 0 0 1 21 23L21 7A1 1 0 0 1 22 6L26 6Z","arrow":"M39 15L28.2 21L28.2 16.5L5 16.5L5 13.5L28.2 13.5L28.2 9Z"};
