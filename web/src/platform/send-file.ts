interface FileOut {
  readonly method: string;
  readonly headers: Readonly<Record<string, string>>;
  readonly body: Blob;
  readonly signal: AbortSignal | undefined;
  readonly onSent: (share: number) => void;
}

/**
 * Sends a file and tells how much of it has gone: over a weak signal that is what one waits for, and `fetch` cannot tell.
 * @throws where the server is not reached or the sending is stopped
 */
export function sendFile(
  url: string,
  { method, headers, body, signal, onSent }: FileOut,
): Promise<Pick<Response, 'status' | 'ok' | 'json'>> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest();
    request.open(method, url);
    for (const [name, value] of Object.entries(headers)) request.setRequestHeader(name, value);
    request.upload.onprogress = (e) => onSent(e.total > 0 ? e.loaded / e.total : 0);
    request.onload = () => {
      const { status, responseText } = request;
      const ok = status >= 200 && status < 300;
      resolve({ status, ok, json: () => Promise.resolve().then(() => JSON.parse(responseText) as unknown) });
    };
    const failed = (): void => reject(new TypeError('The server was not reached.'));
    request.onerror = failed;
    request.ontimeout = failed;
    request.onabort = failed;
    signal?.addEventListener('abort', () => request.abort(), { once: true });
    if (signal?.aborted) return failed();
    request.send(body);
  });
}
