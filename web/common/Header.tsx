import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { openFind } from '../find/findStore';
import { useFindKeys } from '../find/useFindKeys';
import { Account } from '../session/Account';
import { Bloom } from './Bloom';
import { currentLight, switchLight } from './light';
import { ShortcutList } from './ShortcutList';

/** The head of every page: the mark, what the page is about, and what can be done there. */
export function Header({ children, actions }: { children?: ReactNode; actions?: ReactNode }) {
  const [light, setLight] = useState(currentLight());
  useFindKeys();
  return (
    <header className="head">
      <Link to="/" className="head-mark" aria-label="Lupine: go to the shelf">
        <Bloom /> Lupine
      </Link>
      <div className="head-about">{children}</div>
      <div className="head-actions">
        <button type="button" className="quiet-button" title="Find (F)" aria-label="Find" onClick={openFind}>
          <i className="bi bi-search" aria-hidden="true" />
        </button>
        {actions}
        <button
          type="button"
          className="quiet-button"
          onClick={() => setLight(switchLight())}
          title={light === 'dark' ? 'Light theme' : 'Dark theme'}
          aria-label={light === 'dark' ? 'Switch to light theme' : 'Switch to dark theme'}
        >
          <i className={`bi ${light === 'dark' ? 'bi-sun' : 'bi-moon'}`} />
        </button>
        <Account />
        <ShortcutList />
      </div>
    </header>
  );
}
