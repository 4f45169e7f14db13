import { Component, type ReactNode } from 'react';

interface Props {
  /** what is tried anew when it is another: the address */
  place: string;
  children: ReactNode;
}

/** Where a page cannot be drawn: what happened, that nothing is lost, and the ways on. */
export class Broken extends Component<Props, { error: Error | null; place: string }> {
  override state = { error: null as Error | null, place: this.props.place };

  static getDerivedStateFromError(error: Error): { error: Error } {
    return { error };
  }

  static getDerivedStateFromProps(
    { place }: Props,
    state: { error: Error | null; place: string },
  ): { error: null; place: string } | null {
    return place === state.place ? null : { error: null, place };
  }

  override render(): ReactNode {
    const { error } = this.state;
    if (!error) return this.props.children;
    return (
      <main className="empty-page" role="alert">
        <h1>This page could not be drawn</h1>
        <p>
          What was changed is kept, here or on the server. Open the page again; if it stays like this, undo the last
          change, or go on with another piece. The reason was: {error.message}
        </p>
        <button type="button" className="btn btn-primary" onClick={() => window.location.reload()}>
          Open it again
        </button>{' '}
        <a href="/" className="btn btn-outline-secondary">
          To the shelf
        </a>
      </main>
    );
  }
}
