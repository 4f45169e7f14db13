import { usePlay } from '../playStore';

/** Opens what there was of the piece. */
export function VersionButton() {
  const isOpen = usePlay((state) => state.beside === 'versions');
  return (
    <button
      type="button"
      className={`quiet-button${isOpen ? ' is-on' : ''}`}
      aria-pressed={isOpen}
      title="Versions (E)"
      aria-label="Versions"
      onClick={() => usePlay.getState().set({ beside: isOpen ? null : 'versions' })}
    >
      <i className="bi bi-clock-history" aria-hidden="true" />
    </button>
  );
}
