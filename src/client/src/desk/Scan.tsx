import decode from "qr/decode.js";
import { useEffect, useRef, useState } from "react";

/** Pixels across at which a frame is looked at: a code that fills a fifth of it is read. */
const widest = 1280;

/** Looks through the camera until it sees a code, and says what stands in it. The pictures never leave the page. */
export function Scan({ onRead, onClose }: { onRead: (text: string) => void; onClose: () => void }) {
  const video = useRef<HTMLVideoElement>(null);
  const [trouble, setTrouble] = useState("");
  const read = useRef(onRead);
  useEffect(() => {
    read.current = onRead;
  }, [onRead]);
  useEffect(() => {
    let over = false;
    let stream: MediaStream | null = null;
    const canvas = document.createElement("canvas");
    const pen = canvas.getContext("2d", { willReadFrequently: true })!;
    const look = () => {
      if (over) return;
      const from = video.current;
      const text = from && from.videoWidth > 0 ? textIn(from, canvas, pen) : "";
      if (text) {
        over = true;
        read.current(text);
      } else {
        setTimeout(look, 80);
      }
    };
    const begin = async () => {
      if (!navigator.mediaDevices) {
        setTrouble("The camera is open to secure pages only (https, or this machine). A scanner that types, or the number, does the same.");
        return;
      }
      try {
        stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: "environment", width: { ideal: widest } } });
        if (over) return stop(stream);
        video.current!.srcObject = stream;
        await video.current!.play();
        look();
      } catch {
        setTrouble("This browser gives no camera to this page. Allow it, or type the number of the card.");
      }
    };
    void begin();
    return () => {
      over = true;
      if (stream) stop(stream);
    };
  }, []);
  return (
    <div className="mt-3 max-w-xl">
      {trouble ? (
        <p role="alert" className="field-error">
          {trouble}
        </p>
      ) : (
        <>
          <p role="status">Hold the code of the card before the camera.</p>
          <video ref={video} className="mt-1 w-full border border-rule" muted playsInline aria-label="What the camera sees" />
        </>
      )}
      <button type="button" className="act mt-2" onClick={onClose}>
        Close the camera
      </button>
    </div>
  );
}

const stop = (stream: MediaStream) => stream.getTracks().forEach((t) => t.stop());

function textIn(video: HTMLVideoElement, canvas: HTMLCanvasElement, pen: CanvasRenderingContext2D): string {
  const scale = Math.min(1, widest / video.videoWidth);
  canvas.width = Math.round(video.videoWidth * scale);
  canvas.height = Math.round(video.videoHeight * scale);
  pen.drawImage(video, 0, 0, canvas.width, canvas.height);
  const { data, width, height } = pen.getImageData(0, 0, canvas.width, canvas.height);
  try {
    return decode({ data, width, height });
  } catch {
    // No code in this frame.
    return "";
  }
}
