import { create } from 'zustand';
import { ask, signedIn, whenSignedOut } from '../api/client';

interface Session {
  /** whether one has to sign in here at all */
  asks: boolean;
  /** who has; null: nobody */
  who: string | null;
  /** It ended while somebody worked: the page stays as it is until they sign in again. */
  hasEnded: boolean;
}

const root = document.getElementById('lupine');

export const useSession = create<Session>(() => ({
  asks: root?.dataset.asks !== undefined,
  who: root?.dataset.who || null,
  hasEnded: false,
}));

whenSignedOut(() => {
  if (useSession.getState().asks) useSession.setState({ hasEnded: true });
});

export async function signIn(name: string, password: string): Promise<void> {
  const { name: who } = await ask('POST session', { body: { name, password } });
  signedIn();
  useSession.setState({ who, hasEnded: false });
}

/** Signs out, and leaves nothing of the work on the screen. */
export async function signOut(): Promise<void> {
  await ask('DELETE session');
  window.location.assign('/');
}
