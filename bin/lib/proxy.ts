/** A small proxy in front of several processes, for tests: each request goes to the next one that answers. */
import { createServer, request, type IncomingMessage, type ServerResponse } from 'node:http';

export interface Proxy {
  address: string;
  close: () => Promise<void>;
}

/** Serves at `port` what stands behind it; a process that takes no connection is passed over. */
export async function proxyTo(upstreams: readonly string[], port: number): Promise<Proxy> {
  let turn = 0;
  const pass = (from: IncomingMessage, to: ServerResponse, body: Buffer, tries: number) => {
    const upstream = new URL(upstreams[(turn += 1) % upstreams.length]!);
    const { hostname, port: at } = upstream;
    const asked = request({ hostname, port: at, path: from.url, method: from.method, headers: from.headers, agent: false });
    asked.on('response', (answer) => {
      to.writeHead(answer.statusCode!, answer.rawHeaders);
      answer.pipe(to);
      answer.on('aborted', () => to.destroy());
    });
    asked.on('error', (error: NodeJS.ErrnoException) => {
      // One that never took the request can be passed over; what was taken may have been done, and is not sent twice from here.
      if (error.code === 'ECONNREFUSED' && tries > 1) pass(from, to, body, tries - 1);
      else if (to.headersSent) to.destroy();
      else to.writeHead(502).end();
    });
    asked.end(body);
  };
  const server = createServer((from, to) => {
    const parts: Buffer[] = [];
    from.on('data', (part: Buffer) => parts.push(part));
    from.on('end', () => pass(from, to, Buffer.concat(parts), upstreams.length));
  });
  await new Promise<void>((resolve) => server.listen(port, '127.0.0.1', resolve));
  return {
    address: `http://127.0.0.1:${port}`,
    close: () => new Promise((resolve) => (server.close(() => resolve()), server.closeAllConnections())),
  };
}
