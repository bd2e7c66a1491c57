package org.palanca.floor.instrument;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/** The other end of an instrument's stream: tells each reading as it comes, and why the stream ended. */
public final class InstrumentLink implements AutoCloseable {
    private static final int PATIENCE = 3000;
    private static final int LONGEST_LINE = 200;

    private final Socket socket = new Socket();
    private final Thread thread;
    private volatile boolean closed;

    /** What is heard from a link, on a thread of its own. */
    public interface Listener {
        /** A reading. */
        void reading(InstrumentLine line);

        /** A line that is not of the format; the stream goes on. */
        void badLine(String why);

        /** The instrument went silent or hung up; not told after {@link InstrumentLink#close}. */
        void ended(String why);
    }

    /**
     * Connects to an instrument on this machine.
     *
     * @throws IOException when nothing answers at the port, or what answers is no instrument
     */
    public InstrumentLink(int port, Listener listener) throws IOException {
        BufferedReader in;
        try {
            socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), PATIENCE);
            socket.setSoTimeout(PATIENCE);
            in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
            String greeting = line(in);
            if (greeting == null || !greeting.startsWith(InstrumentLine.GREETING)) {
                throw new IOException(
                        "what answers at port " + port + " does not start with \"" + InstrumentLine.GREETING + "\"");
            }
        } catch (IOException e) {
            socket.close();
            throw e;
        }
        BufferedReader lines = in;
        thread = new Thread(() -> listen(lines, listener), "instrument link");
        thread.setDaemon(true);
        thread.start();
    }

    private void listen(BufferedReader in, Listener listener) {
        try {
            String line = line(in);
            while (line != null) {
                hear(line, listener::reading, listener::badLine);
                line = line(in);
            }
            end(listener, "it hung up");
        } catch (IOException e) {
            end(listener, String.valueOf(e.getMessage()));
        }
    }

    /** A line, cut off where it runs on for ever; null where there is none any more. */
    private static @Nullable String line(BufferedReader in) throws IOException {
        StringBuilder line = new StringBuilder();
        int letter = in.read();
        if (letter < 0) {
            return null;
        }
        while (letter >= 0 && letter != '\n') {
            if (line.length() >= LONGEST_LINE) {
                throw new IOException("a line is longer than " + LONGEST_LINE + " letters");
            }
            line.append((char) letter);
            letter = in.read();
        }
        return line.toString().strip();
    }

    private static void hear(String line, Consumer<InstrumentLine> reading, Consumer<String> bad) {
        if (line.isEmpty() || line.startsWith("#")) {
            return;
        }
        try {
            reading.accept(InstrumentLine.parse(line));
        } catch (InstrumentLine.BadLine e) {
            bad.accept(e.getMessage());
        }
    }

    private void end(Listener listener, String why) {
        if (!closed) {
            listener.ended(why);
        }
    }

    @Override
    public void close() throws IOException {
        closed = true;
        socket.close();
    }
}
