import { Fold } from '../../common/Fold';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import Button from 'react-bootstrap/Button';
import { ask } from '../../api/client';
import type { AlikePair, ApartColours, SheetFigure } from '../../api/answers';
import { Flyout } from '../../common/Flyout';
import type { Chart } from '../../../contracts/piece';
import { setOwn } from '../../piece/changes';
import { useDesk } from '../deskStore';
import { endTrial, tryOn } from '../kits/trial';
import { usePlay } from '../playStore';

interface Props {
  chart: Chart;
  figures: SheetFigure[];
  ground: string;
  edit: (change: (draft: Chart) => void) => void;
}

/** Each part has its repaired colour: the set where the colours are the set’s, else as its own. */
function repair(draft: Chart, figures: SheetFigure[], colours: string[]): void {
  figures.forEach((figure, place) => {
    const at = draft.finish.swatches.indexOf(figure.colour);
    if (colours[place] === figure.colour) return;
    if (draft.finish.colours === 'set' && at >= 0 && !draft.own[figure.id]?.colour)
      draft.finish.swatches[at] = colours[place];
    else setOwn(draft, figure.id, { colour: colours[place] });
  });
}

/** Whether the colours of a chart are told apart by everybody; where not, which, and how little it takes. */
export function Apart({ chart, figures, ground, edit }: Props) {
  const colours = figures.map(({ colour }) => colour);
  const { data } = useQuery<ApartColours>({
    queryKey: ['apart', colours, ground],
    enabled: colours.length > 1,
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) => ask('POST colours/apart', { body: { colours, ground }, signal }),
  });
  if (!data || colours.length < 2) return null;
  const count = data.alike.length;
  return (
    <Flyout
      className={`text-button apart-word${count > 0 ? ' is-off' : ''}`}
      title="Who can tell these colours apart, and how to mend it"
      label="Told apart"
      panelClass="apart"
      face={
        <>
          <i className={`bi ${count > 0 ? 'bi-exclamation-lg' : 'bi-check2'}`} aria-hidden="true" />{' '}
          {count === 0 ? 'Told apart by all' : count === 1 ? '1 pair alike' : `${count} pairs alike`}
        </>
      }
      content={(close) => (
        <ApartMenu
          data={data}
          chart={chart}
          figures={figures}
          onRepair={() => {
            close();
            edit((draft) => repair(draft, figures, data.repaired));
          }}
        />
      )}
    />
  );
}

interface MenuProps extends Pick<Props, 'chart' | 'figures'> {
  data: ApartColours;
  onRepair: () => void;
}

function ApartMenu({ data, chart, figures, onRepair }: MenuProps) {
  const { alike, grey, enough, repaired, left } = data;
  const canRepair = repaired.some((colour, place) => colour !== figures[place]?.colour);
  useEffect(
    () => () => {
      endTrial();
      usePlay.setState({ alike: null });
    },
    [],
  );
  /** The repair on the stage, before it is taken. */
  const show = (): void => {
    const { document } = useDesk.getState();
    if (!document) return;
    const tried = structuredClone(document);
    const its = tried.charts.find(({ id }) => id === chart.id);
    if (its) repair(its, figures, repaired);
    void tryOn(tried, false);
  };
  const greyPairs = grey.length === 1 ? 'one pair is' : `${grey.length} pairs are`;
  return (
    <>
      {alike.length === 0 ? (
        <p>Everybody can tell these colours apart, with any common kind of colour vision.</p>
      ) : (
        <Pairs pairs={alike} enough={enough} chart={chart} figures={figures} />
      )}
      {grey.length > 0 && (
        <Fold name="grey" label={`In grey, ${greyPairs} alike. Patterns would tell them.`}>
          <Pairs pairs={grey} enough={enough} chart={chart} figures={figures} />
        </Fold>
      )}
      {canRepair && (
        <>
          <h3>Repaired, moved as little as it takes</h3>
          <div className="apart-rows">
            <Row colours={figures.map(({ colour }) => colour)} label="Now" />
            <Row colours={repaired} label="Repaired" />
          </div>
          {left.length > 0 && (
            <p className="soft">
              {left.length === 1 ? 'One pair stays' : `${left.length} pairs stay`} alike: there are too many colours.
            </p>
          )}
          <Button
            size="sm"
            onClick={onRepair}
            onPointerEnter={show}
            onPointerLeave={endTrial}
            onFocus={show}
            onBlur={endTrial}
          >
            Take the repair
          </Button>
        </>
      )}
    </>
  );
}

function Row({ colours, label }: { colours: string[]; label: string }) {
  return (
    <>
      <span>{label}</span>
      <span className="apart-strip" role="img" aria-label={`${label}: ${colours.join(', ')}`}>
        {colours.map((colour, place) => (
          <span key={place} style={{ background: colour }} />
        ))}
      </span>
    </>
  );
}

interface PairsProps extends Pick<Props, 'chart' | 'figures'> {
  pairs: AlikePair[];
  enough: number;
}

/** Pairs that are alike; the one that is pointed at is outlined on the stage, which is seen as those people see it. */
function Pairs({ pairs, enough, chart, figures }: PairsProps) {
  const point = ({ one, other, eyes }: AlikePair): void =>
    usePlay.setState({
      alike: { chart: chart.id, figures: [figures[one].id, figures[other].id], eyes },
    });
  const leave = (): void => usePlay.setState({ alike: null });
  return (
    <ul className="apart-pairs">
      {pairs
        .filter(({ one, other }) => figures[one] && figures[other])
        .map((pair) => (
          <li key={`${pair.one}-${pair.other}-${pair.people}`}>
            <button
              type="button"
              title="Show both on the stage as these people see them"
              onPointerEnter={() => point(pair)}
              onPointerLeave={leave}
              onFocus={() => point(pair)}
              onBlur={leave}
            >
              <span className="apart-pair" aria-hidden="true">
                <span style={{ background: figures[pair.one].colour }} />
                <span style={{ background: figures[pair.other].colour }} />
              </span>
              <span>
                {figures[pair.one].label} and {figures[pair.other].label}
                {!pair.people.startsWith('in ') && (
                  <small>{pair.people === 'everybody' ? 'to everybody' : `to ${pair.people}`}</small>
                )}
              </span>
              <span className="soft" title={`CIEDE2000 between the two; ${enough} and more is told apart`}>
                {pair.distance}
              </span>
            </button>
          </li>
        ))}
    </ul>
  );
}
