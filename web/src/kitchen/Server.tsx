import { useContext } from "react";
import { Link } from "react-router";
import { useSendAway, useServer } from "../api/queries";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { ToastContext } from "../kit/toast";

/** The house’s own server: where its phones find it, how its store is, and which devices were let in. */
export function Server() {
  const { data: server } = useServer();
  const sendAway = useSendAway();
  const say = useContext(ToastContext);
  if (server === undefined) {
    return null;
  }
  return (
    <Panel title="The machine">
      <p>
        {server.address === "" ? (
          <>
            It serves itself alone; <code>bin/serve --lan</code> opens it to the phones in the house.
          </>
        ) : (
          <>
            The phones in the house find it at{" "}
            <Link to="/phone" className="link">
              {server.address}
            </Link>
            .
          </>
        )}{" "}
        {server.store !== "" && `Its store holds ${server.store}. `}
        {server.copy === "" ? "There is no copy of it yet: bin/backup makes one." : `Last copied ${server.copy}.`}
      </p>
      {server.devices.length > 0 && (
        <ul aria-label="Devices that were let in">
          {server.devices.map((device) => (
            <li key={device.id} className="flex items-center gap-3 border-b border-line py-1 last:border-0">
              <span className="min-w-0 flex-1 truncate">
                {device.name}
                {device.isThis && <strong> (this one)</strong>}
              </span>
              <span className="text-sm text-soft">seen {device.seen}</span>
              <Button
                weight="quiet"
                aria-label={`Send away ${device.name}`}
                onClick={() =>
                  sendAway.mutate(device.id, {
                    onSuccess: () => say({ text: `${device.name} is asked for the passphrase again.` }),
                  })
                }
              >
                send away
              </Button>
            </li>
          ))}
        </ul>
      )}
    </Panel>
  );
}
