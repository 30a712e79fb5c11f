// Who asks in the bench. A browser unpacks on a machine of its own: here nothing is unpacked or read, so that what is measured is the server.
import { Agent, request } from 'node:http';

const agent = new Agent({ keepAlive: true, maxSockets: 400 });

export interface Question {
  readonly method?: 'GET' | 'POST';
  readonly headers?: Readonly<Record<string, string>>;
  readonly body?: string;
}

/** Asks, takes the answer off the wire to its end, and says whether it was one. */
export const askRaw = (url: string, { method = 'GET', headers = {}, body }: Question = {}): Promise<boolean> =>
  new Promise((resolve, reject) => {
    const asked = request(
      url,
      {
        method,
        agent,
        headers: {
          'accept-encoding': 'gzip',
          ...headers,
          ...(body === undefined ? {} : { 'content-length': String(Buffer.byteLength(body)) }),
        },
      },
      (answer) => {
        answer.on('end', () => resolve((answer.statusCode ?? 500) < 400)).on('error', reject);
        answer.resume();
      },
    );
    asked.on('error', reject);
    asked.end(body);
  });
