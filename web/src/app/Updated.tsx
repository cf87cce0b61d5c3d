import { Component, type ReactNode } from "react";
import { Button } from "../kit/Button";

/** A place that can't be fetched any more, as after an update while a tab stood open, or one that broke: said, and fetched anew. */
export class Updated extends Component<{ children: ReactNode }, { failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override render() {
    return this.state.failed ? (
      <main id="content" className="mx-auto max-w-xl p-8 text-center">
        <h1 className="text-xl font-bold">This place could not be shown</h1>
        <p className="my-2">
          Pausis may have been updated since this page was opened. What you typed is kept; open the page anew.
        </p>
        <Button weight="main" onClick={() => location.reload()}>
          Open it anew
        </Button>
      </main>
    ) : (
      this.props.children
    );
  }
}
