import { Dialog } from "radix-ui";
import type { ReactNode } from "react";

/** A dialog that is closed by Escape, by its button, or by a click beside it. */
export function Leaf({
  open,
  onClose,
  title,
  children,
  lead,
  wide = false,
}: {
  open: boolean;
  onClose: () => void;
  title: string;
  lead?: string;
  /** For a table that needs the room. */
  wide?: boolean;
  children: ReactNode;
}) {
  return (
    <Dialog.Root open={open} onOpenChange={(o) => !o && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="veil" />
        <Dialog.Content className={wide ? "leaf leaf-wide" : "leaf"} {...(lead ? {} : { "aria-describedby": undefined })}>
          <div className="section-head mb-3">
            <Dialog.Title className="text-lg font-bold">{title}</Dialog.Title>
            <Dialog.Close className="act">Close</Dialog.Close>
          </div>
          {lead && <Dialog.Description className="mb-3 text-soft">{lead}</Dialog.Description>}
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
