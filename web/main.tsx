import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes, useLocation } from 'react-router';
import { Broken } from './common/Broken';
import { NotHere } from './common/NotHere';
import { Notices } from './common/Notices';
import { watchActs } from './common/acts';
import { watchKeys } from './common/keys';
import { lazily } from './common/lazily';
import { startInRightLight } from './common/light';
import { useSession } from './session/session';
import { SignIn } from './session/SignIn';
import 'bootstrap-icons/font/bootstrap-icons.css';
import './styles/lupine.scss';

startInRightLight();
watchKeys(window);
watchActs(window);
/** milliseconds that an answer is kept which nobody looks at: each edit asks for some anew */
const KEPT = 60_000;
const queries = new QueryClient({
  defaultOptions: { queries: { refetchOnWindowFocus: false, retry: 1, gcTime: KEPT } },
});

// Each page is loaded when it is first shown; the server names the one that is asked for, so it comes along.
const DeskPage = lazily(() => import('./desk/DeskPage'), 'DeskPage');
const HandOffPage = lazily(() => import('./handoff/HandOffPage'), 'HandOffPage');
const ProofPage = lazily(() => import('./proof/ProofPage'), 'ProofPage');
const ShelfPage = lazily(() => import('./shelf/ShelfPage'), 'ShelfPage');

/** One page that cannot be drawn leaves the others as they are. */
function Pages() {
  const { pathname } = useLocation();
  return (
    <Broken place={pathname}>
      <Routes>
        <Route path="/" element={<ShelfPage />} />
        <Route path="/pieces/:id" element={<DeskPage />} />
        <Route path="/pieces/:id/proof" element={<ProofPage />} />
        <Route path="/pieces/:id/hand-off" element={<HandOffPage />} />
        <Route path="/hand-offs" element={<HandOffPage />} />
        <Route path="*" element={<NotHere />} />
      </Routes>
    </Broken>
  );
}

/** Where one has to sign in, nothing is shown before that; and what is shown stays when a session ends. */
function Signed() {
  const { asks, who, hasEnded } = useSession();
  return (
    <>
      {(!asks || who !== null) && <Pages />}
      {asks && (who === null || hasEnded) && <SignIn />}
    </>
  );
}

createRoot(document.getElementById('lupine')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <Signed />
        <Notices />
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
