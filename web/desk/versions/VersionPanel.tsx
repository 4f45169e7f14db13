import { useEffect, useId, useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { reasonOf } from '../../api/client';
import type { VersionEntry } from '../../api/answers';
import { More } from '../../common/More';
import { useNotices } from '../../common/Notices';
import { counted } from '../../common/words';
import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { Compared } from './Compared';
import { NameVersion } from './NameVersion';
import { byDay, useVersionList } from './useVersionList';
import { useVersionActs } from './useVersionActs';
import { lookAt, lookNoMore, useVersions, type Side } from './versionStore';
import { VersionRow } from './VersionRow';
import { timeOf, titleOf } from './versionWords';

/** What there was of the piece, over the script: looked at on the stage, compared, named, and taken back. */
export function VersionPanel({ piece }: { piece: Piece }) {
  const id = useDesk((state) => state.id);
  const saved = useDesk((state) => state.version);
  const list = useVersionList(id, saved);
  const { chosen, left, right } = useVersions();
  const [isNaming, setNaming] = useState(false);
  const acts = useVersionActs(id);
  const panel = useRef<HTMLElement>(null);
  const group = useId();
  const isThere = list.versions.length > 0;
  useEffect(() => {
    // Whoever is typing a name already goes on.
    if (!panel.current?.querySelector('.version-name'))
      panel.current?.querySelector<HTMLElement>('.version-list input:checked')?.focus({ preventScroll: true });
    return lookNoMore;
  }, [isThere]);
  const look = (side: Side, number: number | null): void => {
    lookAt(side, id, number).catch((error: unknown) => useNotices.getState().say(reasonOf(error), { bad: true }));
  };
  const days = byDay(list.versions);
  const shown = list.versions.find(({ number }) => number === left?.number);
  return (
    <section className="version-panel script" aria-labelledby={`${group}-title`} ref={panel}>
      <header>
        <h2 id={`${group}-title`}>Versions</h2>
        {!isNaming && (
          <Button size="sm" variant="outline-secondary" data-act="Name this version" onClick={() => setNaming(true)}>
            Name this version…
          </Button>
        )}
        <button
          type="button"
          className="quiet-button"
          aria-label="Close the versions"
          title="Close (Esc)"
          onClick={() => usePlay.getState().set({ beside: null })}
        >
          <i className="bi bi-x-lg" aria-hidden="true" />
        </button>
        {isNaming && (
          <NameVersion
            name=""
            label="Name of this version"
            onName={(name) => {
              setNaming(false);
              if (name !== '') acts.nameNow(name);
            }}
            onLeave={() => setNaming(false)}
          />
        )}
      </header>
      <div className="version-list" role="radiogroup" aria-label="Version">
        {days.map(({ day, versions }) => (
          <section key={day}>
            <h3>{day === '' ? 'Before' : day[0].toUpperCase() + day.slice(1)}</h3>
            {versions.map((version) => {
              const isNow = version.state === 'now';
              return (
                <VersionRow
                  key={version.number}
                  piece={id}
                  version={version}
                  group={group}
                  isChosen={chosen === null ? isNow : chosen === version.number}
                  now={isNow ? sinceNamed(list.versions) : null}
                  onChoose={() => look('left', isNow ? null : version.number)}
                />
              );
            })}
          </section>
        ))}
        <More more={list.hasMore} busy={list.isBusy} onMore={list.more} label="Show older ones" />
      </div>
      {left && shown ? (
        <Compared
          piece={piece}
          left={left}
          right={right}
          called={titleOf(shown)}
          entry={shown}
          versions={list.versions}
          acts={acts}
          onCompare={(number) => look('right', number)}
          onLeave={lookNoMore}
        />
      ) : (
        <p className="version-hint">
          Choose a version to see it beside the piece as it is. Nothing changes until you go back to one.
        </p>
      )}
    </section>
  );
}

/** What is said of the piece as it is now. */
function sinceNamed(versions: VersionEntry[]): string {
  const now = versions.findIndex(({ state }) => state === 'now');
  if (now < 0) return '';
  const line = versions.slice(now).filter(({ state }) => state !== 'aside');
  const [newest] = line;
  if (newest.name !== null) return 'named, kept for ever';
  const named = line.findIndex(({ name }) => name !== null);
  const last = `last: ${titleOf({ ...newest, name: null })}`;
  return named > 0
    ? `${counted(named, 'change')} since “${line[named].name ?? ''}”, ${timeOf(line[named].at)}`
    : newest.isFirst
      ? 'as it was begun'
      : last;
}
