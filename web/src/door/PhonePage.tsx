import { QRCodeSVG } from "qrcode.react";
import { Link, useLocation } from "react-router";
import { useServer } from "../api/queries";
import { useTitle } from "../app/useTitle";

/** Hands a place to a phone: its address as a picture that the phone’s camera reads. */
export function PhonePage() {
  useTitle("To the phone");
  const search = new URLSearchParams(useLocation().search);
  const { data: server, error } = useServer();
  const to = search.get("to") ?? "/";
  const path = to.startsWith("/") ? to : "/";
  return (
    <div className="mx-auto max-w-3xl">
      <h1 className="text-3xl font-extrabold text-rim">Take it to the stove</h1>
      {error && <p className="text-lg">▲ {error.message}</p>}
      {server && server.address === "" && (
        <p className="pt-2 text-lg">
          Pausis serves this machine alone. Started with <code className="font-bold">bin/serve --lan</code> it is there
          for the phones in the house, behind a passphrase.
        </p>
      )}
      {server && server.address !== "" && (
        <div className="grid gap-8 pt-4 sm:grid-cols-2">
          <Code
            title="1 · Once for each phone: trust it"
            address={server.trust}
            text="The kitchen’s machine signs its own pages; the page behind this says how a phone learns to believe it."
          />
          <Code
            title="2 · Open it"
            address={server.address + path}
            text="It asks for the house’s passphrase the first time."
          />
          {server.calendar !== "" && (
            <Code
              title="The calendar, to subscribe to"
              address={server.calendar}
              text="Whoever has this address sees what is planned. Another passphrase makes it another address."
            />
          )}
        </div>
      )}
      {!window.isSecureContext && (
        <p className="pt-4 text-lg">
          ▲ This address isn’t secure, so that this device can’t keep the places for when the server is away, nor keep
          its screen on. Opened at the second address above, once the first is trusted, it can.
        </p>
      )}
      <p className="pt-4">
        <Link to={path} className="link">
          Back
        </Link>
      </p>
    </div>
  );
}

function Code({ title, address, text }: { title: string; address: string; text: string }) {
  return (
    <section>
      <h2 className="text-xl font-bold">{title}</h2>
      <QRCodeSVG
        value={address}
        size={240}
        marginSize={2}
        title={address}
        className="my-2 h-auto w-full max-w-60 bg-white"
      />
      <a href={address} className="link break-all">
        {address}
      </a>
      <p className="text-soft">{text}</p>
    </section>
  );
}
