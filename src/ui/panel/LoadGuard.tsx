'use client';
import { Component, type ReactNode } from 'react';

/** Tells where a part of the screen could not be fetched, and lets the keeper try again; nothing typed is lost. */
export class LoadGuard extends Component<{ readonly children: ReactNode }, { failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError(): { failed: boolean } {
    return { failed: true };
  }

  override render(): ReactNode {
    if (!this.state.failed) return this.props.children;
    return (
      <div role="alert" className="border-oxide border-l-3 py-1 pl-3">
        <p>This part could not be fetched: the server does not answer. What you entered is kept.</p>
        <button
          type="button"
          className="button mt-2"
          onClick={() => this.setState({ failed: false })}
        >
          Try again
        </button>
      </div>
    );
  }
}
