import { useEffect, useId, useRef, useState } from 'react';
import { Dialog } from '../common/Dialog';
import { counted } from '../common/words';
import { found, type Entry } from './entries';
import { closeFind } from './findStore';

/** milliseconds until the desk has the keyboard again, after the dialog has gone */
const AFTER_CLOSING = 30;

/** What was found last, before anything is typed. */
let last: string[] = [];

interface Props {
  /** what can be found, such as “a starter or a piece”, and an example of it */
  what: string;
  example: string;
  typed: string;
  entries: Entry[];
  onType: (typed: string) => void;
}

/** A field, and what it finds by name or by what people call it: Enter goes there, or does it. */
export function FindDialog({ what, example, typed, entries, onType }: Props) {
  const [at, setAt] = useState(0);
  const id = useId();
  const list = useRef<HTMLDivElement>(null);
  const groups =
    typed.trim() === ''
      ? [{ group: 'Found last', entries: lastOf(entries), more: 0 }].filter(({ entries: its }) => its.length > 0)
      : found(entries, typed);
  const all = groups.flatMap((one) => one.entries);
  const chosen = all[Math.min(at, all.length - 1)] as Entry | undefined;
  useEffect(() => {
    list.current?.querySelector('[aria-selected="true"]')?.scrollIntoView({ block: 'nearest' });
  }, [chosen]);
  const take = (entry: Entry, here = false): void => {
    last = [entry.id, ...last.filter((one) => one !== entry.id)].slice(0, 6);
    closeFind();
    const act = here ? entry.here?.do : entry.go;
    if (act) window.setTimeout(act, AFTER_CLOSING);
  };
  const option = (entry: Entry): string => `${id}-${all.indexOf(entry)}`;
  let count = 0;
  for (const one of groups) count += one.entries.length + one.more;
  return (
    <Dialog titled={`${id}-title`} onClose={closeFind} frameClass="find-frame">
      <h2 id={`${id}-title`} className="visually-hidden">
        Find
      </h2>
      <div className="find-field">
        <i className="bi bi-search" aria-hidden="true" />
        <input
          role="combobox"
          aria-label={`Find ${what}`}
          aria-expanded={all.length > 0}
          aria-controls={`${id}-list`}
          aria-activedescendant={chosen && option(chosen)}
          aria-autocomplete="list"
          placeholder={`Find ${what}…`}
          value={typed}
          maxLength={80}
          autoFocus
          onChange={({ target }) => {
            onType(target.value);
            setAt(0);
          }}
          onKeyDown={(event) => {
            const by = { ArrowDown: 1, ArrowUp: -1, PageDown: 6, PageUp: -6 }[event.key];
            if (by !== undefined && all.length > 0) {
              event.preventDefault();
              setAt((now) =>
                Math.abs(by) === 1 ? (now + by + all.length) % all.length : within(now + by, all.length),
              );
            } else if (event.key === 'Enter' && chosen) {
              event.preventDefault();
              take(chosen, event.shiftKey && chosen.here !== undefined);
            }
          }}
        />
        <span className="find-count" role="status">
          {typed.trim() === '' ? '' : count === 0 ? 'Nothing found' : `${counted(count, 'found', 'found')}`}
        </span>
      </div>
      <div className="find-list" id={`${id}-list`} role="listbox" aria-label="Found" ref={list}>
        {groups.map(({ group, entries: its, more }) => (
          <div key={group} role="group" aria-label={group}>
            <h3 aria-hidden="true">
              {group}
              {more > 0 && <span className="soft"> · {more} more: type on to narrow them down</span>}
            </h3>
            {its.map((entry) => (
              <div
                key={entry.id}
                id={option(entry)}
                role="option"
                aria-selected={entry === chosen}
                className={`find-entry${entry === chosen ? ' is-on' : ''}`}
                onPointerMove={() => setAt(all.indexOf(entry))}
                tabIndex={-1}
                onPointerUp={() => take(entry)}
              >
                <i className={`bi ${entry.icon}`} aria-hidden="true" />
                <span className="find-title">{entry.title}</span>
                <span className="find-where">{entry.where}</span>
                {entry.value && <span className="find-value">{entry.value}</span>}
                {entry.key && <kbd>{entry.key}</kbd>}
              </div>
            ))}
          </div>
        ))}
        {typed.trim() !== '' && count === 0 && (
          <p className="find-none">
            Nothing here is called that. Try a part of a word, or what another program calls it.
          </p>
        )}
        {typed.trim() === '' && groups.length === 0 && <p className="find-none">Type what you look for: {example}.</p>}
      </div>
      <footer className="find-foot" aria-hidden="true">
        <span>↑ ↓ choose</span>
        <span>Enter {chosen?.group === 'Acts' ? 'does it' : 'goes there'}</span>
        {chosen?.here && <span>Shift Enter {chosen.here.does}</span>}
        <span className="ms-auto">Esc</span>
      </footer>
    </Dialog>
  );
}

const within = (at: number, count: number): number => Math.max(0, Math.min(count - 1, at));

const lastOf = (entries: Entry[]): Entry[] =>
  last.map((id) => entries.find((one) => one.id === id)).filter((one): one is Entry => one !== undefined);
