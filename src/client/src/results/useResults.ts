import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { queries } from "../api/queries";
import { applied, type Change } from "./live";

/** Results that follow what the desk types, and whether changes are being told at the moment. */
export function useResults(cid: string) {
  const found = useQuery(queries.results(cid));
  const client = useQueryClient();
  const [live, setLive] = useState(false);
  useEffect(() => {
    const key = queries.results(cid).queryKey;
    let over = false;
    let stop = () => {};
    void (async () => {
      // The library is a part of its own: only who follows results fetches it.
      const { HubConnectionBuilder, HttpTransportType, LogLevel } = await import("@microsoft/signalr");
      if (over) return;
      const line = new HubConnectionBuilder()
        .withUrl(`/api/competitions/${cid}/results/live`, { transport: HttpTransportType.WebSockets, skipNegotiation: true })
        .withAutomaticReconnect({ nextRetryDelayInMilliseconds: (c) => Math.min(15_000, 500 * 2 ** c.previousRetryCount) })
        .configureLogging(LogLevel.None)
        .build();
      line.on("changed", (change: Change) => {
        const now = client.getQueryData(key);
        const next = now && applied(now, change);
        if (next) client.setQueryData(key, next);
        else void client.invalidateQueries({ queryKey: key });
      });
      // What happened while nothing was told is asked for.
      line.onreconnected(() => {
        setLive(true);
        void client.invalidateQueries({ queryKey: key });
      });
      line.onreconnecting(() => setLive(false));
      line.onclose(() => setLive(false));
      stop = () => void line.stop();
      try {
        await line.start();
        if (over) return stop();
        setLive(true);
        void client.invalidateQueries({ queryKey: key });
      } catch {
        // It is asked for every minute all the same.
      }
    })();
    return () => {
      over = true;
      stop();
    };
  }, [cid, client]);
  return { found, live };
}
