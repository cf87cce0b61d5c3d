import { Problem } from "./Problem";

/** An answer that is not here by then doesn’t come: what was sent is kept and sent again, ms. */
const ANSWER_MS = 30_000;
/** A whole house takes as long as it takes, ms. */
const FILE_MS = 300_000;

/**
 * Calls the API; every failure comes back as a Problem. What is kept alive arrives also if the page is left meanwhile; browsers
 * carry 64 kB so at most.
 */
export async function request<T>(method: string, path: string, body?: unknown, keepalive = false): Promise<T> {
  let response: Response;
  let text = "";
  try {
    response = await fetch(`/api${path}`, {
      method,
      keepalive,
      signal: AbortSignal.timeout(body instanceof Blob ? FILE_MS : ANSWER_MS),
      headers: { Accept: "application/json", ...(body === undefined ? {} : { "Content-Type": "application/json" }) },
      ...(body === undefined ? {} : { body: body instanceof Blob ? body : JSON.stringify(body) }),
    });
    text = await response.text();
  } catch {
    throw new Problem(0, "The kitchen server can’t be reached.");
  }
  if (response.status === 401) {
    toTheDoor();
  }
  if (response.status === 204) {
    return undefined as T;
  }
  let answer: unknown = null;
  try {
    answer = JSON.parse(text);
  } catch {
    // An answer that isn't JSON is reported below by its status.
  }
  if (!response.ok || answer === null) {
    const document = (answer ?? {}) as { title?: string; violations?: Problem["violations"] };
    throw new Problem(
      response.status,
      document.title ?? "The server gave an answer that can’t be read.",
      document.violations ?? [],
    );
  }
  return answer as T;
}

/** A device that isn’t let in is asked for the passphrase, and comes back to where it was. */
function toTheDoor() {
  if (location.pathname !== "/door") {
    location.assign(`/door?to=${encodeURIComponent(location.pathname + location.search)}`);
  }
}
