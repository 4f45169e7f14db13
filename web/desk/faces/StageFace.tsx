import type { Piece } from '../../../contracts/piece';
import { GroupFields } from '../../settings/GroupFields';
import { useDesk } from '../deskStore';
import { AlternativeFields } from './AlternativeFields';
import { ArrangementPicker } from './ArrangementPicker';
import { BackdropFields } from './BackdropFields';
import { PanelPicker } from './PanelPicker';
import { ShapeList } from './ShapeList';
import { ShotList } from './ShotList';
import { ShutterFields } from './ShutterFields';

/** The stage as a whole: how things share it, in which shapes it is made, what is behind them. */
export function StageFace({ piece }: { piece: Piece }) {
  const edit = useDesk((state) => state.edit);
  return (
    <div className="fields stage-face">
      <ArrangementPicker piece={piece} />
      <PanelPicker piece={piece} />
      <ShapeList piece={piece} />
      <ShotList piece={piece} />
      <ShutterFields piece={piece} />
      <AlternativeFields piece={piece} />
      <section>
        <h3>Backdrop</h3>
        <div className="fields three-columns">
          <BackdropFields piece={piece} />
          <GroupFields
            of="Ink"
            value={piece.inks ?? {}}
            onChange={(part) =>
              edit((draft) => {
                draft.inks = { ...draft.inks, ...part };
              })
            }
          />
        </div>
      </section>
    </div>
  );
}
