import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { ask, reasonOf } from '../api/client';
import { useNotices } from '../common/Notices';
import { ReelCanvas } from '../common/ReelCanvas';

/** Ready-made pieces to begin from, each in a kit: all of them, or those of one kit. */
export function Starters({ isShown }: { isShown: boolean }) {
  const navigate = useNavigate();
  const [taking, setTaking] = useState<string | null>(null);
  const [only, setOnly] = useState<string | null>(null);
  const found = useQuery({
    queryKey: ['starters'],
    staleTime: Infinity,
    queryFn: () => ask('GET starters'),
  });
  const take = async (name: string): Promise<void> => {
    setTaking(name);
    try {
      const { id } = await ask('POST pieces', { body: { starter: name } });
      void navigate(`/pieces/${id}`);
    } catch (error) {
      useNotices.getState().say(reasonOf(error), { bad: true });
      setTaking(null);
    }
  };
  if (!found.data || !isShown) return null;
  const { starters } = found.data;
  const kits = [...new Set(starters.map(({ kit }) => kit).filter((kit) => kit !== null))];
  const shown = starters.filter(({ kit }) => only === null || kit === only);
  return (
    <section className="starters" aria-labelledby="starters">
      <div className="shelf-head">
        <h2 id="starters">Starters</h2>
        <span className="soft">Looks and forms, ready for your own figures</span>
      </div>
      <div className="starter-kits" role="group" aria-label="Starters in">
        {[null, ...kits].map((kit) => (
          <button
            key={kit ?? 'all'}
            type="button"
            className={`text-button${only === kit ? ' is-on' : ''}`}
            aria-pressed={only === kit}
            onClick={() => setOnly(kit)}
          >
            {kit ?? 'All kits'}
          </button>
        ))}
      </div>
      <div className="starter-cards">
        {shown.map((starter) => (
          <button
            key={starter.name}
            type="button"
            className="starter"
            aria-label={`Start from ${starter.title}, ${starter.form}`}
            disabled={taking !== null}
            onClick={() => void take(starter.name)}
          >
            <span className="card-still">
              {starter.reel && (
                <ReelCanvas reel={starter.reel} frame={starter.reel.to} width={200} label={starter.title} isPatient />
              )}
            </span>
            <span className="starter-words">
              {starter.title} <span className="soft">· {starter.form}</span>
            </span>
          </button>
        ))}
      </div>
    </section>
  );
}
