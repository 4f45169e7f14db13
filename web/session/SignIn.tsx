import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { reasonOf } from '../api/client';
import { Bloom } from '../common/Bloom';
import { signIn, useSession } from './session';

/** Asks who comes, before anything is shown; or again, over what somebody was working on. */
export function SignIn() {
  const queries = useQueryClient();
  const { who, hasEnded } = useSession();
  const [name, setName] = useState(who ?? '');
  const [password, setPassword] = useState('');
  const [reason, setReason] = useState('');
  const [isBusy, setBusy] = useState(false);

  async function send(): Promise<void> {
    setBusy(true);
    setReason('');
    try {
      await signIn(name, password);
      await queries.invalidateQueries();
    } catch (error) {
      setPassword('');
      setReason(reasonOf(error));
    } finally {
      setBusy(false);
    }
  }

  return (
    <div className={`sign-in${hasEnded ? ' is-over' : ''}`} role="dialog" aria-modal="true" aria-labelledby="sign-in">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void send();
        }}
      >
        <p className="head-mark" aria-hidden="true">
          <Bloom /> Lupine
        </p>
        <h1 id="sign-in">{hasEnded ? 'Sign in again' : 'Sign in'}</h1>
        {hasEnded && (
          <p className="soft">Your session has ended. Your work is still here and is saved when you are back.</p>
        )}
        <Form.Group controlId="sign-in-name">
          <Form.Label>Name</Form.Label>
          <Form.Control
            value={name}
            autoComplete="username"
            autoFocus={name === ''}
            required
            onChange={(event) => setName(event.target.value)}
          />
        </Form.Group>
        <Form.Group controlId="sign-in-password">
          <Form.Label>Password</Form.Label>
          <Form.Control
            type="password"
            value={password}
            autoComplete="current-password"
            autoFocus={name !== ''}
            required
            onChange={(event) => setPassword(event.target.value)}
          />
        </Form.Group>
        {reason !== '' && (
          <p className="problem-bar is-error" role="alert">
            {reason}
          </p>
        )}
        <Button type="submit" disabled={isBusy}>
          {isBusy ? 'Signing in…' : 'Sign in'}
        </Button>
      </form>
    </div>
  );
}
