package org.civitane.server;

import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** A wire to the database that can be cut and mended. */
final class Wire implements Closeable {
    private final ServerSocket here;
    private final int there;
    private final Set<Socket> ends = ConcurrentHashMap.newKeySet();
    private volatile boolean cut;

    /** @param there the port of the database */
    Wire(int there) throws IOException {
        this.here = new ServerSocket(0, 200, InetAddress.getLoopbackAddress());
        this.there = there;
        Thread.ofPlatform().daemon().start(this::join);
    }

    int port() {
        return here.getLocalPort();
    }

    void cut() {
        cut = true;
        ends.forEach(Wire::end);
        ends.clear();
    }

    void mend() {
        cut = false;
    }

    @Override
    public void close() throws IOException {
        cut();
        here.close();
    }

    private void join() {
        while (!here.isClosed()) {
            try {
                Socket one = here.accept();
                if (cut) {
                    end(one);
                    continue;
                }
                Socket other = new Socket(InetAddress.getLoopbackAddress(), there);
                ends.add(one);
                ends.add(other);
                Thread.ofPlatform().daemon().start(() -> carry(one, other));
                Thread.ofPlatform().daemon().start(() -> carry(other, one));
            } catch (IOException e) {
                cut = cut || here.isClosed();
            }
        }
    }

    private static void carry(Socket from, Socket to) {
        try (InputStream in = from.getInputStream();
                OutputStream out = to.getOutputStream()) {
            in.transferTo(out);
        } catch (IOException e) {
            end(from);
        }
        end(to);
    }

    private static void end(Socket socket) {
        try {
            socket.close();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
