// Stands between browsers and server, and can lose what the server answered: what no browser can do of itself.
import { createServer, request, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';

export interface LossyProxy {
  readonly url: string;
  /** So many of the next answers to entries never arrive, though the server has stored them. */
  loseNext: number;
  /** Answers that were lost. */
  readonly lost: () => number;
  readonly stop: () => Promise<void>;
}

/** @param serverPort where the server listens, whenever it does */
export async function lossyProxy(serverPort: number): Promise<LossyProxy> {
  let lost = 0;
  const server: Server = createServer((incoming, outgoing) => pass(incoming, outgoing));
  function pass(incoming: IncomingMessage, outgoing: ServerResponse): void {
    const { method, headers, url } = incoming;
    const onward = request({ host: '127.0.0.1', port: serverPort, method, path: url, headers }, (answer) => {
      const isEntries = method === 'POST' && Boolean(url?.endsWith('/sync'));
      if (isEntries && proxy.loseNext > 0) {
        proxy.loseNext--;
        lost++;
        // All of it is read first: by then the server has stored what it answers of.
        answer.resume().on('end', () => outgoing.destroy());
        return;
      }
      outgoing.writeHead(answer.statusCode ?? 502, answer.headers);
      answer.pipe(outgoing);
      answer.on('error', () => outgoing.destroy());
    });
    onward.on('error', () => outgoing.destroy());
    outgoing.on('close', () => onward.destroy());
    incoming.pipe(onward);
  }
  await new Promise<void>((go) => server.listen(0, '127.0.0.1', go));
  const proxy: LossyProxy = {
    url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    loseNext: 0,
    lost: () => lost,
    stop: () =>
      new Promise((done) => {
        server.close(() => done());
        server.closeAllConnections();
      }),
  };
  return proxy;
}
