import { Component, type ReactNode } from 'react';
import { Button } from '../shared/ui';

/** Keeps a fault in one page from taking the frame with it. */
export class ErrorBoundary extends Component<{ children: ReactNode }, { failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override render() {
    if (!this.state.failed) return this.props.children;
    return (
      <div role="alert" className="m-6 max-w-xl border-l-4 border-brick bg-panel p-4">
        <h1 className="mb-2">This page stumbled</h1>
        <p className="mb-3">What was saved is safe. Load the page again; the other stops still work.</p>
        <Button onClick={() => window.location.reload()}>Load again</Button>
      </div>
    );
  }
}
