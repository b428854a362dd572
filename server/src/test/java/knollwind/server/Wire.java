package knollwind.server;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** A wire to the database that can be cut: open connections break and new ones are refused until it is mended. */
public final class Wire implements AutoCloseable {
    private final int to;
    private final int port;
    private final Set<Socket> open = ConcurrentHashMap.newKeySet();
    private ServerSocket listening;

    public Wire(int to) {
        this.to = to;
        listening = listen(0);
        port = listening.getLocalPort();
        accept(listening);
    }

    public int port() {
        return port;
    }

    public void cut() {
        close();
    }

    public void mend() {
        listening = listen(port);
        accept(listening);
    }

    private static ServerSocket listen(int port) {
        try {
            ServerSocket socket = new ServerSocket();
            socket.setReuseAddress(true);
            socket.bind(new java.net.InetSocketAddress(InetAddress.getLoopbackAddress(), port));
            return socket;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void accept(ServerSocket server) {
        daemon(() -> {
            while (!server.isClosed()) {
                Socket near = server.accept();
                Socket far = new Socket(InetAddress.getLoopbackAddress(), to);
                open.add(near);
                open.add(far);
                daemon(() -> pass(near, far));
                daemon(() -> pass(far, near));
            }
        });
    }

    private static void pass(Socket from, Socket into) throws IOException {
        try (from;
                into;
                InputStream in = from.getInputStream();
                OutputStream out = into.getOutputStream()) {
            in.transferTo(out);
        }
    }

    private interface Job {
        void run() throws IOException;
    }

    private static void daemon(Job job) {
        Thread thread = new Thread(() -> {
            try {
                job.run();
            } catch (IOException closed) {
                // The wire was cut, or one end has gone.
            }
        });
        thread.setDaemon(true);
        thread.start();
    }

    @Override
    public void close() {
        try {
            listening.close();
            for (Socket socket : open) {
                socket.close();
            }
            open.clear();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
