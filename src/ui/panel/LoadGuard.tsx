'use client';
import { Component, type ReactNode } from 'react';

/** An error of a part's code that did not come over, as bundlers and browsers name and word it. */
export const isNotFetched = ({ name, message }: Error): boolean =>
  name === 'ChunkLoadError' ||
  /failed to (load|fetch)|loading (css )?chunk|importing a module script failed|error loading dynamically imported/i.test(
    message,
  );

/**
 * Tells where a part of the screen could not be fetched, or could not be shown by the page's own fault, and lets the
 * keeper try again; nothing typed is lost.
 */
export class LoadGuard extends Component<
  { readonly children: ReactNode },
  { error: Error | null }
> {
  override state: { error: Error | null } = { error: null };

  static getDerivedStateFromError(error: unknown): { error: Error } {
    return { error: error instanceof Error ? error : new Error(String(error)) };
  }

  override render(): ReactNode {
    const { error } = this.state;
    if (error === null) return this.props.children;
    return (
      <div role="alert" className="border-oxide border-l-3 py-1 pl-3">
        {isNotFetched(error) ? (
          <p>
            This part could not be fetched: the server does not answer. What you entered is kept.
          </p>
        ) : (
          <p>
            This part could not be shown. The fault is this program’s own, not yours and not the
            server’s. What you entered is kept.
          </p>
        )}
        <button
          type="button"
          className="button mt-2"
          onClick={() => this.setState({ error: null })}
        >
          Try again
        </button>
      </div>
    );
  }
}
