import { useState } from "react";
import type { Schemas } from "../api/client";
import { Qr } from "../briefs/Qr";
import { when } from "../ui/days";

/** A link that was just made: shown this once, to be copied or scanned. */
export function Made({ link, of }: { link: Schemas["MadeLink"]; of: string }) {
  const [copied, setCopied] = useState(false);
  return (
    <div
      role="status"
      className="mt-3 grid max-w-[44rem] gap-4 border-l-4 border-spruce bg-sheet px-4 py-3 md:grid-cols-[minmax(0,1fr)_9rem]"
    >
      <div>
        <p>
          The link for <bdi>{of}</bdi>, until {when(link.ends)}. It is shown only now; give it to nobody else.
        </p>
        <p className="mono mt-2 text-[0.87rem] break-all select-all">{link.url}</p>
        {/* Only a secure page may write to the clipboard; the link can be marked and copied anywhere. */}
        {window.isSecureContext && (
          <p className="mt-2">
            <button className="act" onClick={() => void navigator.clipboard.writeText(link.url).then(() => setCopied(true))}>
              Copy
            </button>{" "}
            {copied && "Copied."}
          </p>
        )}
      </div>
      <Qr code={link.qr} label={`QR code of the link for ${of}`} />
    </div>
  );
}
