import Button from 'react-bootstrap/Button';
import type { Repair } from '../api/answers';

interface Props {
  problem: string;
  /** a piece can be made all the same */
  isNotice: boolean;
  repairs: Repair[];
  onRepair: (repair: Repair) => void;
  onKeep: () => void;
}

/** What is wrong with figures, or should be looked at, and how it can be mended. */
export function FiguresProblem({ problem, isNotice, repairs, onRepair, onKeep }: Props) {
  return (
    <p className={`problem-bar ${isNotice ? 'is-notice' : 'is-error'}`} role={isNotice ? 'status' : 'alert'}>
      <span>{problem}</span>
      {repairs.map((repair) => (
        <Button key={repair.label} size="sm" variant="outline-secondary" onClick={() => onRepair(repair)}>
          {repair.label}
        </Button>
      ))}
      {isNotice && repairs.length > 0 && (
        <Button size="sm" variant="link" onClick={onKeep}>
          Keep as typed
        </Button>
      )}
    </p>
  );
}
