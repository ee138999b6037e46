import { connect, createServer, type AddressInfo, type Server, type Socket } from 'node:net';

/** The way from a phone to the server, which can be cut: what is on its way is lost, and nothing new gets through. */
export class Cable {
  private readonly server: Server;
  private readonly open = new Set<Socket>();
  private whole = true;

  private constructor(server: Server) {
    this.server = server;
  }

  static async to(address: string): Promise<Cable> {
    const { hostname, port } = new URL(address);
    const server = createServer();
    const cable = new Cable(server);
    server.on('connection', (phone) => {
      if (!cable.whole) {
        phone.destroy();
        return;
      }
      const far = connect(Number(port), hostname);
      for (const socket of [phone, far]) {
        cable.open.add(socket);
        socket.on('close', () => cable.open.delete(socket));
        socket.on('error', () => socket.destroy());
      }
      phone.pipe(far);
      far.pipe(phone);
      phone.on('close', () => far.destroy());
      far.on('close', () => phone.destroy());
    });
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    return cable;
  }

  get address(): string {
    return `http://127.0.0.1:${(this.server.address() as AddressInfo).port}`;
  }
  cut(): void {
    this.whole = false;
    for (const socket of this.open) socket.destroy();
  }
  join(): void {
    this.whole = true;
  }
  end(): void {
    this.cut();
    this.server.close();
  }
}
