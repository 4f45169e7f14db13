import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { switchLight } from '../common/light';
import type { Entry } from './entries';
import { FindDialog } from './FindDialog';
import { useFind } from './findStore';
import { useShelved } from './useShelved';

/** Find on pages beside the desk: pieces, starters, and where else one can go. */
export function FindElsewhere() {
  const isOpen = useFind((state) => state.isOpen);
  return isOpen ? <Open /> : null;
}

function Open() {
  const [typed, setTyped] = useState('');
  const navigate = useNavigate();
  const shelved = useShelved(typed);
  const entries = useMemo(() => {
    const place = (title: string, where: string, also: string, icon: string, go: () => void): Entry => ({
      id: `act ${title}`,
      group: 'Acts',
      title,
      where,
      also,
      icon,
      go,
    });
    return [
      place('Shelf', 'all pieces', 'home, projects, open, new piece', 'bi-grid', () => void navigate('/')),
      place('Hand-offs', 'all files', 'renders, exports, queue', 'bi-film', () => void navigate('/hand-offs')),
      place(
        'Switch between light and dark',
        'the interface',
        'theme, night, appearance',
        'bi-moon',
        () => void switchLight(),
      ),
      ...shelved,
    ];
  }, [shelved, navigate]);
  return (
    <FindDialog
      what="a piece, a starter or a page"
      example="the name of a piece, “donut”, “dark”"
      typed={typed}
      entries={entries}
      onType={setTyped}
    />
  );
}
