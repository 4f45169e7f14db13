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
  Line: piece.Line;
  Recording: piece.Recording;
  Pin: piece.Pin;
  Emphasis: piece.Emphasis;
  Shot: piece.Shot;
  Follow: piece.Follow;
  Pattern: piece.Pattern;
  Stroke: piece.Stroke;
  Glow: piece.Glow;
  Shadow: piece.Shadow;
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
      {"name":"upperCase","label":"All capitals","kind":"switch"},
      {"name":"font","label":"Font","kind":"choice","choices":[["figtree-regular","Figtree"],["figtree-semibold","Figtree semibold"],["figtree-bold","Figtree bold"],["bricolage-semibold","Bricolage semibold"],["bricolage-bold","Bricolage bold"]],"default":"bricolage-bold"},
      {"name":"size","label":"Size","kind":"number","unit":"pixels","min":6,"max":600,"step":1,"default":72},
      {"name":"colour","label":"Colour","kind":"colour","default":"#ffffff"},
      {"name":"role","label":"Role","kind":"choice","choices":[["note","Note"],["title","Title"],["subtitle","Subtitle"],["source","Source line"]],"default":"note"},
      {"name":"hidden","label":"Hidden","kind":"switch"},
      {"name":"drift","label":"Drift","kind":"group","group":"Drift","canBeNone":true},
    ],
  },
  Captions: {
    label: "Captions",
    hint: "Shows each line of the script while it is spoken.",
    fields: [
      {"name":"y","label":"Baseline","kind":"number","unit":"pixels","min":0,"max":4000,"step":2},
      {"name":"width","label":"Width","kind":"number","unit":"pixels","min":60,"max":4000,"step":10},
      {"name":"font","label":"Font","kind":"choice","choices":[["figtree-regular","Figtree"],["figtree-semibold","Figtree semibold"],["figtree-bold","Figtree bold"],["bricolage-semibold","Bricolage semibold"],["bricolage-bold","Bricolage bold"]],"default":"figtree-regular"},
      {"name":"size","label":"Size","kind":"number","unit":"pixels","min":6,"max":600,"step":1,"default":44},
      {"name":"colour","label":"Colour","kind":"colour","default":"#ffffff"},
      {"name":"fade","label":"Fade","kind":"whole","unit":"frames","min":0,"max":60,"step":1,"default":0},
    ],
  },
  Backdrop: {
    label: "",
    hint: "",
    fields: [
      {"name":"kind","label":"Backdrop","kind":"choice","choices":[["colour","Colour"],["radial","Radial"],["transparent","Transparent"]],"default":"colour"},
      {"name":"colour","label":"Colour","kind":"colour","default":"#1d3a35","when":{"kind":["colour","radial"]},"isKeyed":true},
      {"name":"edge","label":"Edge colour","kind":"colour","default":"#12211f","when":{"kind":["radial"]},"isKeyed":true},
      {"name":"vignette","label":"Vignette","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0,"when":{"kind":["colour","radial"]},"isKeyed":true},
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
      {"name":"words","label":"Titles and notes","kind":"switch","default":true},
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
      {"name":"colours","label":"Colours","kind":"choice","choices":[["tints","Tints"],["set","Colour set"]],"default":"tints"},
      {"name":"swatches","label":"Swatches","kind":"list","max":40},
      {"name":"fill","label":"Fill","kind":"choice","choices":[["flat","Flat"],["gradient","Gradient"]],"default":"flat"},
      {"name":"pattern","label":"Pattern","kind":"group","group":"Pattern","canBeNone":true},
      {"name":"stroke","label":"Stroke","kind":"group","group":"Stroke","canBeNone":true},
      {"name":"glow","label":"Glow","kind":"group","group":"Glow","canBeNone":true},
      {"name":"shadow","label":"Shadow","kind":"group","group":"Shadow","canBeNone":true},
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
      {"name":"fill","label":"Custom colour","kind":"colour","canBeNone":true},
      {"name":"out","label":"Pull out","kind":"number","unit":"pixels","min":0,"max":1000,"step":2,"default":0},
      {"name":"pattern","label":"Pattern","kind":"group","group":"Pattern","canBeNone":true},
      {"name":"stroke","label":"Stroke","kind":"group","group":"Stroke","canBeNone":true},
      {"name":"glow","label":"Glow","kind":"group","group":"Glow","canBeNone":true},
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
  Line: {
    label: "",
    hint: "",
    fields: [
      {"name":"text","label":"Text","kind":"text","longest":600},
      {"name":"begin","label":"Starts","kind":"whole","unit":"frames","min":0,"max":18000,"step":1},
      {"name":"end","label":"Ends","kind":"whole","unit":"frames","min":0,"max":18000,"step":1},
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
  Pattern: {
    label: "Pattern",
    hint: "Adds stripes, dots, a grid or waves over the fill.",
    fields: [
      {"name":"kind","label":"Kind","kind":"choice","choices":[["dots","Dots"],["stripes","Stripes"],["grid","Grid"],["waves","Waves"]],"default":"dots"},
      {"name":"size","label":"Size","kind":"number","unit":"pixels","min":6,"max":400,"step":1,"default":30},
      {"name":"degrees","label":"Angle","kind":"number","unit":"degrees","min":-360,"max":360,"step":1,"default":30},
      {"name":"opacity","label":"Opacity","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0.14},
    ],
  },
  Stroke: {
    label: "Stroke",
    hint: "Draws a line along the edge of each mark, solid or dashed.",
    fields: [
      {"name":"width","label":"Width","kind":"number","unit":"pixels","min":0.1,"max":200,"step":1,"default":4},
      {"name":"place","label":"Position","kind":"choice","choices":[["inside","Inside"],["centred","Centred"]],"default":"inside"},
      {"name":"colour","label":"Colour","kind":"colour","default":"#ffffff"},
      {"name":"opacity","label":"Opacity","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0.8},
      {"name":"light","label":"Running light","kind":"number","unit":"pixels","min":0,"max":4000,"step":10,"default":0,"hint":"0 turns it off."},
      {"name":"round","label":"Time per lap","kind":"whole","unit":"frames","min":-18000,"max":18000,"step":1,"default":96,"hint":"Below 0 the light runs the other way.","when":{"light":true}},
      {"name":"dash","label":"Dash","kind":"number","unit":"pixels","min":0,"max":2000,"step":1,"default":0},
      {"name":"gap","label":"Gap","kind":"number","unit":"pixels","min":0,"max":2000,"step":1,"default":14,"when":{"dash":true}},
      {"name":"march","label":"Dash speed","kind":"number","unit":"pixels a second","min":-5000,"max":5000,"step":10,"default":0,"hint":"Below 0 dashes run the other way.","when":{"dash":true}},
      {"name":"caps","label":"Caps","kind":"choice","choices":[["round","Round"],["butt","Flat"]],"default":"round","when":{"dash":true}},
    ],
  },
  Glow: {
    label: "Glow",
    hint: "Adds light around each mark.",
    fields: [
      {"name":"reach","label":"Radius","kind":"number","unit":"pixels","min":1,"max":400,"step":1,"default":26},
      {"name":"opacity","label":"Opacity","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0.6},
      {"name":"colour","label":"Colour","kind":"colour","canBeNone":true,"none":"Use mark colour"},
      {"name":"breath","label":"Pulse","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0},
      {"name":"every","label":"Pulse period","kind":"whole","unit":"frames","min":2,"max":18000,"step":1,"default":72,"when":{"breath":true}},
    ],
  },
  Shadow: {
    label: "Shadow",
    hint: "Adds a soft shadow below each mark.",
    fields: [
      {"name":"reach","label":"Radius","kind":"number","unit":"pixels","min":1,"max":400,"step":1,"default":34},
      {"name":"opacity","label":"Opacity","kind":"number","unit":"fraction","min":0,"max":1,"step":1,"default":0.35},
      {"name":"colour","label":"Colour","kind":"colour","default":"#000000"},
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
      {"name":"font","label":"Font","kind":"choice","choices":[["figtree-regular","Figtree"],["figtree-semibold","Figtree semibold"],["figtree-bold","Figtree bold"],["bricolage-semibold","Bricolage semibold"],["bricolage-bold","Bricolage bold"]],"default":"figtree-bold"},
      {"name":"size","label":"Size","kind":"number","unit":"pixels","min":6,"max":600,"step":1,"default":40},
      {"name":"colour","label":"Colour","kind":"colour","default":"#ffffff"},
      {"name":"comes","label":"Appear","kind":"choice","choices":[["under","When there is room"],["begin","With their part"],["end","After their part"]],"default":"under"},
      {"name":"leaders","label":"Leader lines to moved labels","kind":"switch","default":true},
      {"name":"plate","label":"Background plate","kind":"colour","canBeNone":true},
    ],
  },
  Names: {
    label: "",
    hint: "",
    fields: [
      {"name":"font","label":"Font","kind":"choice","choices":[["figtree-regular","Figtree"],["figtree-semibold","Figtree semibold"],["figtree-bold","Figtree bold"],["bricolage-semibold","Bricolage semibold"],["bricolage-bold","Bricolage bold"]],"default":"figtree-semibold"},
      {"name":"size","label":"Size","kind":"number","unit":"pixels","min":6,"max":600,"step":1,"default":32},
      {"name":"colour","label":"Colour","kind":"colour","default":"#ffffff"},
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
      {"name":"font","label":"Font","kind":"choice","choices":[["figtree-regular","Figtree"],["figtree-semibold","Figtree semibold"],["figtree-bold","Figtree bold"],["bricolage-semibold","Bricolage semibold"],["bricolage-bold","Bricolage bold"]],"default":"figtree-semibold"},
      {"name":"size","label":"Size","kind":"number","unit":"pixels","min":6,"max":600,"step":1,"default":40},
      {"name":"colour","label":"Colour","kind":"colour","default":"#ffffff"},
      {"name":"flow","label":"Flow","kind":"choice","choices":[["column","Column"],["rows","Rows"]],"default":"column"},
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
      {"name":"font","label":"Font","kind":"choice","choices":[["figtree-regular","Figtree"],["figtree-semibold","Figtree semibold"],["figtree-bold","Figtree bold"],["bricolage-semibold","Bricolage semibold"],["bricolage-bold","Bricolage bold"]],"default":"bricolage-bold"},
      {"name":"size","label":"Size","kind":"number","unit":"pixels","min":6,"max":600,"step":1,"default":110},
      {"name":"colour","label":"Colour","kind":"colour","default":"#ffffff"},
    ],
  },
  AxisTitles: {
    label: "Axis titles",
    hint: "",
    fields: [
      {"name":"scale","label":"Scale axis","kind":"text","longest":120},
      {"name":"figures","label":"Figure axis","kind":"text","longest":120},
      {"name":"font","label":"Font","kind":"choice","choices":[["figtree-regular","Figtree"],["figtree-semibold","Figtree semibold"],["figtree-bold","Figtree bold"],["bricolage-semibold","Bricolage semibold"],["bricolage-bold","Bricolage bold"]],"default":"figtree-semibold"},
      {"name":"size","label":"Size","kind":"number","unit":"pixels","min":6,"max":600,"step":1,"default":28},
      {"name":"colour","label":"Colour","kind":"colour","default":"#ffffff"},
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
  ChartMotion: {"begin":12,"frames":24,"curve":"ease-in-out","order":"after","overlap":12,"opens":"forward"},
  Run: {"begin":0,"frames":240,"between":"straight","places":14,"pins":[]},
  Pick: {"by":"largest","count":10},
  Drift: {"across":14,"down":8,"turn":0,"every":192},
  Emphasis: {"until":null,"untilPin":null,"out":0,"light":0,"size":1,"dim":0,"label":1},
  Pattern: {"kind":"dots","size":30,"degrees":30,"opacity":0.14},
  Stroke: {"width":4,"place":"inside","colour":"#ffffff","opacity":0.8,"dash":0,"gap":14,"caps":"round"},
  Glow: {"reach":26,"opacity":0.6,"colour":null},
  Shadow: {"reach":34,"opacity":0.35,"colour":"#000000"},
  Labels: {"show":"none","text":"reading","font":"figtree-bold","size":40,"colour":"#ffffff"},
  Names: {"font":"figtree-semibold","size":32,"colour":"#ffffff"},
  Centre: {"caption":"","prefix":"","suffix":"","font":"bricolage-bold","size":110,"colour":"#ffffff"},
  AxisTitles: {"scale":"","figures":"","font":"figtree-semibold","size":28,"colour":"#ffffff"},
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
