import type { Machine } from '../api/answers';
import { counted } from '../common/words';

/** The machines that make files for this desk, and what each of them is at. */
export function MachineList({ machines }: { machines: Machine[] }) {
  if (machines.length === 0)
    return (
      <p className="problem-bar is-notice" role="status">
        No machine is there to make files, so they wait. Start bin/worker on one, with the Redis and the disk of this
        desk.
      </p>
    );
  return (
    <ul className="machines" aria-label="Machines">
      {machines.map((machine) => (
        <li key={machine.name} className={machine.same ? undefined : 'is-other'}>
          <strong>{machine.name}</strong>
          <span className="machine-places" role="img" aria-label={placesOf(machine)} title={placesOf(machine)}>
            {Array.from({ length: machine.workers }, (_, place) => (
              <i key={place} className={place < machine.makes.length ? 'is-busy' : undefined} />
            ))}
          </span>
          <span className="soft machine-makes" title={machine.makes.join(', ')}>
            {machine.same ? machine.makes.join(', ') || 'Idle' : 'Runs another version of Lupine, so it makes nothing'}
          </span>
        </li>
      ))}
    </ul>
  );
}

const placesOf = ({ workers, makes }: Machine): string =>
  `Makes ${counted(makes.length, 'file')} now, ${workers} at most`;
