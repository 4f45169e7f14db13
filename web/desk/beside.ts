// What is on the desk beside the stage. It is loaded while the first picture is painted.
export { Aloud } from '../common/Aloud';
export { Bench } from './Bench';
export { ConflictChoice } from './ConflictChoice';
export { DeskHabits } from './DeskHabits';
export { DeskHeader } from './DeskHeader';
export { Find } from './find/Find';
export { KitPanel } from './kits/KitPanel';
export { ProblemBar } from './issues/ProblemBar';
export { ScriptColumn } from './script/ScriptColumn';
export { DeskFiles } from './tables/DeskFiles';
export { Transport } from './Transport';
export { VersionPanel } from './versions/VersionPanel';
