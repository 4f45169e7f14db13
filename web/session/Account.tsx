import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { ask, reasonOf } from '../api/client';
import { Menu } from '../common/Menu';
import { useNotices } from '../common/Notices';
import { signOut, useSession } from './session';

/** Who is signed in, and how they leave; nothing where nobody has to sign in. */
export function Account() {
  const { asks, who } = useSession();
  if (!asks || who === null) return null;
  return (
    <Menu
      label={`Signed in as ${who}`}
      icon="bi-person"
      className="account"
      content={(close) => <Leaving who={who} onClose={close} />}
    />
  );
}

function Leaving({ who, onClose }: { who: string; onClose: () => void }) {
  const say = useNotices((state) => state.say);
  const [password, setPassword] = useState('');
  const [reason, setReason] = useState('');

  async function endOthers(): Promise<void> {
    try {
      await ask('POST session/others', { body: { password } });
      say('All your other sessions have ended.');
      onClose();
    } catch (error) {
      setReason(reasonOf(error));
    }
  }

  return (
    <div className="account-menu">
      <p>
        <strong>{who}</strong>
      </p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void endOthers();
        }}
      >
        <Form.Group controlId="account-password">
          <Form.Label>End my other sessions</Form.Label>
          <Form.Control
            type="password"
            size="sm"
            placeholder="Your password"
            autoComplete="current-password"
            required
            value={password}
            onChange={(event) => setPassword(event.target.value)}
          />
        </Form.Group>
        {reason !== '' && (
          <p className="film-reason" role="alert">
            {reason}
          </p>
        )}
        <Button type="submit" size="sm" variant="outline-secondary">
          End them
        </Button>
      </form>
      <Button size="sm" onClick={() => void signOut().catch((error: unknown) => setReason(reasonOf(error)))}>
        Sign out
      </Button>
    </div>
  );
}
