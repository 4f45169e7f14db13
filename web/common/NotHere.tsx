import { Link } from 'react-router';
import { FindElsewhere } from '../find/FindElsewhere';
import { Header } from './Header';

export function NotHere({ message = 'There is nothing at this address.' }: { message?: string }) {
  return (
    <>
      <FindElsewhere />
      <Header />
      <main className="empty-page">
        <h1>Page not found</h1>
        <p>{message}</p>
        <Link to="/" className="btn btn-primary">
          Go to the shelf
        </Link>
      </main>
    </>
  );
}
