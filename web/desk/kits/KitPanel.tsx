import { useEffect, useId, useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { KitEntry, TriedKit } from '../../api/answers';
import type { Piece } from '../../../contracts/piece';
import { usePlay } from '../playStore';
import { shapeOf } from '../shapes';
import { KeepKit } from './KeepKit';
import { KitCard } from './KitCard';
import { endTrial, isTrying, tryOn } from './trial';
import { ALL_PARTS, takeKit } from './takeKit';
import { useKitActs } from './useKitActs';
import { PARTS, useKits, type KitPart } from './useKits';

/** The playhead's frame, as long as nothing is tried on the stage. */
function useRestingFrame(): number {
  const [frame, setFrame] = useState(() => usePlay.getState().frame);
  useEffect(
    () =>
      usePlay.subscribe((now) => {
        if (!now.playing && !isTrying()) setFrame(now.frame);
      }),
    [],
  );
  return frame;
}

/** Choosing a kit: all of them with this piece, over the script. Nothing is taken until it is said. */
export function KitPanel({ piece }: { piece: Piece }) {
  const kits = useKits();
  const [chosen, setChosen] = useState(piece.kit?.id ?? '');
  const [parts, setParts] = useState<KitPart[]>(ALL_PARTS);
  const [lettingGo, setLettingGo] = useState(false);
  const [isKeeping, setKeeping] = useState(false);
  const file = useRef<HTMLInputElement>(null);
  const panel = useRef<HTMLDivElement>(null);
  const shown = useRef<Piece | null>(null);
  const frame = useRestingFrame();
  const shape = usePlay((state) => shapeOf(piece, state.shape));
  const name = useId();
  // Something else may be open by then.
  const close = (): void => {
    if (usePlay.getState().beside === 'kits') usePlay.getState().set({ beside: null });
  };
  useEffect(() => {
    panel.current?.querySelector<HTMLElement>('input:checked, input')?.focus({ preventScroll: true });
    return endTrial;
  }, [kits === undefined]); // eslint-disable-line react-hooks/exhaustive-deps -- once the kits are there

  const { actsOf, keep, bring } = useKitActs(piece, kits, setChosen);
  const point = (tried: TriedKit | undefined): void => {
    if (!tried || shown.current === tried.document) return;
    shown.current = tried.document;
    void tryOn(tried.document);
  };
  const leave = (): void => {
    shown.current = null;
    endTrial();
  };
  const take = (kit: KitEntry): void => {
    leave();
    void takeKit(kit, parts, lettingGo).then((isDone) => {
      if (isDone) close();
    });
  };
  const taken = kits?.kits.find(({ id }) => id === chosen);
  const hasOwn = piece.charts.some(({ own }) =>
    Object.values(own).some((its) => Object.keys(its).some((key) => key !== 'label' && key !== 'off')),
  );
  return (
    <section className="kit-panel script" aria-labelledby={`${name}-title`} ref={panel}>
      <header>
        <h2 id={`${name}-title`}>Kits</h2>
        <p>Point at one to see this piece in it. Nothing is taken yet.</p>
        <button type="button" className="quiet-button" aria-label="Close the kits" title="Close (Esc)" onClick={close}>
          <i className="bi bi-x-lg" aria-hidden="true" />
        </button>
      </header>
      <div className="kit-list" role="radiogroup" aria-label="Kit">
        {kits?.kits.map((kit) => (
          <KitCard
            key={kit.id}
            kit={kit}
            piece={piece}
            frame={frame}
            shape={shape}
            parts={parts}
            lettingGo={lettingGo}
            isChosen={chosen === kit.id}
            isDefault={kits.default === kit.id}
            name={name}
            onChoose={() => setChosen(kit.id)}
            onTake={() => take(kit)}
            onPoint={point}
            onLeave={leave}
            onPutBack={() => {
              leave();
              void takeKit(kit, piece.kit?.parts ?? ALL_PARTS);
            }}
            acts={actsOf(kit)}
          />
        ))}
      </div>
      <footer>
        <div className="kit-parts" role="group" aria-label="Take of it">
          {PARTS.map(([part, text, title]) => (
            <label key={part} title={title}>
              <input
                type="checkbox"
                className="form-check-input"
                checked={parts.includes(part)}
                onChange={({ target: { checked } }) =>
                  setParts(PARTS.map(([one]) => one).filter((one) => (one === part ? checked : parts.includes(one))))
                }
              />
              {text}
            </label>
          ))}
          {hasOwn && (
            <label title="Colours and coats that single parts have of their own go, so that the kit shows everywhere">
              <input
                type="checkbox"
                className="form-check-input"
                checked={lettingGo}
                onChange={({ target: { checked } }) => setLettingGo(checked)}
              />
              Let go of parts’ own looks
            </label>
          )}
        </div>
        <div className="kit-take">
          <button
            type="button"
            className="text-button"
            data-act="Keep this look as a kit"
            onClick={() => setKeeping(true)}
          >
            Keep this look as a kit…
          </button>
          <button type="button" className="text-button" onClick={() => file.current?.click()}>
            Bring in a kit…
          </button>
          <input
            ref={file}
            type="file"
            className="visually-hidden"
            aria-label="Kit file"
            tabIndex={-1}
            accept=".zip,application/zip"
            onChange={({ target }) => {
              const [one] = target.files ?? [];
              target.value = '';
              if (one) bring(one);
            }}
          />
          <Button size="sm" disabled={!taken || parts.length === 0} onClick={() => taken && take(taken)}>
            {taken ? `Take ${taken.name}` : 'Take the kit'}
          </Button>
        </div>
      </footer>
      {isKeeping && (
        <KeepKit
          title={`${piece.title} look`}
          onKeep={(as) => {
            setKeeping(false);
            keep(as);
          }}
          onClose={() => setKeeping(false)}
        />
      )}
    </section>
  );
}
