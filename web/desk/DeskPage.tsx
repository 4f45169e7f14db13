import { memo, useDeferredValue, useEffect } from 'react';
import { useParams } from 'react-router';
import { NotHere } from '../common/NotHere';
import { lazily } from '../common/lazily';
import { Split } from '../common/Split';
import { StageTimeContext, useTimeOf } from '../fields/stageTime';
import type { Piece } from '../../contracts/piece';
import { useDesk } from './deskStore';
import { followsAfter, watchHands } from './followsAfter';
import { usePlay } from './playStore';
import { Stage } from './stage/Stage';
import { useFiles } from './tables/filesStore';
import { useClipboard } from './useClipboard';
import { useDeskKeys } from './useDeskKeys';

// The stage goes first. None of these follows the desk while its piece stays as it is.
const beside = (): Promise<typeof import('./beside')> => import('./beside');
const Header = memo(lazily(beside, 'DeskHeader', <div className="head" />));
const Script = memo(lazily(beside, 'ScriptColumn'));
const Transport = memo(lazily(beside, 'Transport', <div className="transport" />));
const Bench = memo(lazily(beside, 'Bench'));
const KitPanel = lazily(beside, 'KitPanel');
const VersionPanel = lazily(beside, 'VersionPanel');
const ProblemBar = lazily(beside, 'ProblemBar');
const ConflictChoice = lazily(beside, 'ConflictChoice');
const Aloud = lazily(beside, 'Aloud');
const Find = lazily(beside, 'Find');
const DeskFiles = lazily(beside, 'DeskFiles');
const DeskHabits = lazily(beside, 'DeskHabits');

/** A piece that is opened after another one begins with a desk of its own. */
export function DeskPage() {
  const { id = '' } = useParams();
  return <Desk key={id} id={id} />;
}

function Desk({ id }: { id: string }) {
  const document_ = useDesk((state) => state.document);
  const missing = useDesk((state) => state.missing);
  const frames = document_?.stage.frames;
  useEffect(() => {
    usePlay.getState().enter(id);
    void useDesk.getState().open(id);
    return () => {
      useDesk.getState().close();
      useFiles.getState().close();
    };
  }, [id]);
  useEffect(() => {
    if (frames === undefined) return;
    const { set, go, frame } = usePlay.getState();
    set({ frames });
    if (frame >= frames) go(frames - 1);
  }, [frames]);
  const sheet = useDesk((state) => (state.id === id && state.computed?.reel ? state.computed.sheet : undefined));
  useEffect(() => {
    if (sheet) usePlay.getState().begin(sheet.finished);
  }, [sheet]);
  useEffect(watchHands, []);
  const title = document_?.title;
  useEffect(() => {
    if (title) document.title = `${title} · Lupine`;
    return () => {
      document.title = 'Lupine';
    };
  }, [title]);
  const open = usePlay((state) => state.beside);
  const followed = useDesk((state) => state.followed) ?? document_;
  // When a piece is opened the stage goes first.
  const isThere = useDeferredValue(document_ !== null, false);
  const isHeld = usePlay((state) => state.isHeld);
  const pieceOf = (part: string): Piece | null => (isHeld || followsAfter(part) ? followed : document_);
  const time = useTimeOf(document_?.stage);
  useDeskKeys();
  useClipboard();
  if (missing) return <NotHere message={missing} />;
  if (!document_)
    return (
      <div className="waiting" role="status">
        Opening the piece…
      </div>
    );
  return (
    <StageTimeContext value={time}>
      <div className="desk">
        <Header piece={pieceOf('.head') ?? document_} />
        <Split
          id="desk"
          label="Resize script"
          parts={[
            {
              id: 'script',
              usual: '39%',
              least: '300px',
              folded: '0px',
              content:
                isThere &&
                (open === 'kits' ? (
                  <KitPanel piece={document_} />
                ) : open === 'versions' ? (
                  <VersionPanel piece={document_} />
                ) : (
                  <Script piece={pieceOf('.script') ?? document_} />
                )),
            },
            {
              id: 'work',
              least: '420px',
              content: (
                <main className="desk-right">
                  <ProblemBar />
                  <Split
                    id="work"
                    label="Resize bench"
                    upright
                    parts={[
                      {
                        id: 'picture',
                        least: '200px',
                        content: (
                          <>
                            <Stage piece={document_} />
                            <Transport piece={pieceOf('.transport') ?? document_} />
                          </>
                        ),
                      },
                      {
                        id: 'bench',
                        usual: '42%',
                        least: '150px',
                        folded: '42px',
                        content: isThere && (
                          <Bench
                            piece={pieceOf('.bench-face') ?? document_}
                            inDetails={pieceOf('.details') ?? document_}
                          />
                        ),
                      },
                    ]}
                  />
                </main>
              ),
            },
          ]}
        />
        <DeskHabits piece={document_} />
        <ConflictChoice />
        <Aloud />
        <Find piece={document_} />
        <DeskFiles piece={document_} />
      </div>
    </StageTimeContext>
  );
}
