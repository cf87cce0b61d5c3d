import { Button } from "./Button";

export function UndoButtons({
  canUndo,
  canRedo,
  undo,
  redo,
}: {
  canUndo: boolean;
  canRedo: boolean;
  undo: () => void;
  redo: () => void;
}) {
  return (
    <span className="flex">
      <Button weight="quiet" className="px-2 text-sm" disabled={!canUndo} onClick={undo} aria-keyshortcuts="Control+Z">
        Undo
      </Button>
      <Button
        weight="quiet"
        className="px-2 text-sm"
        disabled={!canRedo}
        onClick={redo}
        aria-keyshortcuts="Control+Shift+Z"
      >
        Redo
      </Button>
    </span>
  );
}
