/** Undo and redo, also by keyboard; pressed to the end, the focus goes to the other. */
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
  const look = "link aria-disabled:cursor-default aria-disabled:text-soft aria-disabled:no-underline";
  return (
    <span className="flex gap-2 text-sm">
      <button
        type="button"
        className={look}
        aria-disabled={!canUndo}
        tabIndex={canUndo || canRedo ? 0 : -1}
        onClick={() => canUndo && undo()}
        aria-keyshortcuts="Control+Z"
      >
        Undo
      </button>
      <button
        type="button"
        className={look}
        aria-disabled={!canRedo}
        tabIndex={canUndo || canRedo ? 0 : -1}
        onClick={() => canRedo && redo()}
        aria-keyshortcuts="Control+Shift+Z"
      >
        Redo
      </button>
    </span>
  );
}
