import Nav from 'react-bootstrap/Nav';
import Tab from 'react-bootstrap/Tab';
import { lazily } from '../common/lazily';
import { Split } from '../common/Split';
import type { Piece } from '../../contracts/piece';
import { Details } from './details/Details';
import { ChartMenu } from './ChartMenu';
import { FACES, usePlay } from './playStore';
import { useChart } from './useChart';

const LOAD = {
  Figures: () => import('./figures/FiguresFace'),
  Form: () => import('./faces/FormFace'),
  Words: () => import('./faces/WordsFace'),
  Stage: () => import('./faces/StageFace'),
  Motion: () => import('./faces/MotionFace'),
  Finish: () => import('./finish/FinishFace'),
};
const FiguresFace = lazily(LOAD.Figures, 'FiguresFace');
const FormFace = lazily(LOAD.Form, 'FormFace');
const WordsFace = lazily(LOAD.Words, 'WordsFace');
const StageFace = lazily(LOAD.Stage, 'StageFace');
const MotionFace = lazily(LOAD.Motion, 'MotionFace');
const FinishFace = lazily(LOAD.Finish, 'FinishFace');

/** Faces that were not shown yet are there when somebody turns to them. */
export function loadFaces(): void {
  for (const load of Object.values(LOAD)) load().catch(() => undefined);
}

interface Props {
  piece: Piece;
  /** the same as the details show it, which may follow later */
  inDetails: Piece;
}

/** Six faces of one chart, and beside them the details of what is selected. */
export function Bench({ piece, inDetails }: Props) {
  const face = usePlay((state) => state.face);
  const set = usePlay((state) => state.set);
  const chart = useChart(piece);
  /** Menus on the bench tell of their choices here, too: those are no faces. */
  const choose = (key: string | null): void => {
    const chosen = FACES.find((name) => name === key);
    if (chosen) set({ face: chosen });
  };
  return (
    <div className="bench">
      <Tab.Container activeKey={face} onSelect={choose} mountOnEnter unmountOnExit>
        <div className="bench-top">
          <Nav className="bench-faces" aria-label="Bench">
            {FACES.map((name, index) => (
              <Nav.Item key={name}>
                <Nav.Link eventKey={name} title={`${name} (${index + 1})`}>
                  {name}
                </Nav.Link>
              </Nav.Item>
            ))}
          </Nav>
          <ChartMenu piece={piece} />
        </div>
        <div className="bench-body">
          {face === 'Finish' ? (
            <Tab.Pane eventKey="Finish" className="finish-face">
              {chart && <FinishFace key={chart.id} piece={piece} chart={chart} />}
            </Tab.Pane>
          ) : (
            <Split
              id="bench-body"
              label="Resize details"
              parts={[
                { id: 'face', least: '320px', content: <Faces piece={piece} /> },
                {
                  id: 'details',
                  usual: '256px',
                  least: '210px',
                  folded: '0px',
                  keepsSize: true,
                  content: <Details piece={inDetails} />,
                },
              ]}
            />
          )}
        </div>
      </Tab.Container>
    </div>
  );
}

function Faces({ piece }: { piece: Piece }) {
  const chart = useChart(piece);
  return (
    <Tab.Content className="bench-face">
      <Tab.Pane eventKey="Figures">{chart && <FiguresFace piece={piece} chart={chart} />}</Tab.Pane>
      <Tab.Pane eventKey="Form">{chart && <FormFace piece={piece} chart={chart} />}</Tab.Pane>
      <Tab.Pane eventKey="Words">
        <WordsFace piece={piece} chart={chart} />
      </Tab.Pane>
      <Tab.Pane eventKey="Stage">
        <StageFace piece={piece} />
      </Tab.Pane>
      <Tab.Pane eventKey="Motion">{chart && <MotionFace piece={piece} chart={chart} />}</Tab.Pane>
    </Tab.Content>
  );
}
