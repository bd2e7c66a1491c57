package org.palanca.instrument;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Random;

/**
 * A stand-in for an angle gauge or a laser: serves the line format on a loopback port, with noise, and shows a value as
 * moving until it has been the same for a few lines. One client at a time.
 */
public final class SimulatedInstrument implements AutoCloseable {
    /** Spread of a digital angle gauge [rad] and of a laser [m]: what their sheets usually claim, from memory. */
    private static final double ANGLE_NOISE = Math.toRadians(0.05);

    private static final double DISTANCE_NOISE = 0.0008;
    private static final int STEADY_AFTER = 5;

    private final InstrumentLine.Kind kind;
    private final double noise;
    private final long pause;
    private final Random random;
    private final ServerSocket server;
    private final Thread thread;
    private volatile double truth;
    private volatile int unchanged;
    private volatile Socket client;

    /**
     * Starts serving.
     *
     * @param port to listen at; 0 for any that is free
     * @param truth what it lies against [rad or m]
     * @param pause between two lines [ms]
     * @param seed of its noise
     * @throws IOException when the port can't be had
     */
    public SimulatedInstrument(InstrumentLine.Kind kind, int port, double truth, long pause, long seed)
            throws IOException {
        this.kind = kind;
        this.truth = truth;
        this.pause = pause;
        noise = kind == InstrumentLine.Kind.ANGLE ? ANGLE_NOISE : DISTANCE_NOISE;
        random = new Random(seed);
        server = new ServerSocket(port, 1, InetAddress.getLoopbackAddress());
        thread = new Thread(this::serve, "simulated " + kind.id());
        thread.setDaemon(true);
        thread.start();
    }

    public int port() {
        return server.getLocalPort();
    }

    /** Standard deviation of its noise [rad or m]. */
    public double noise() {
        return noise;
    }

    /** Lays it against something else [rad or m]. */
    public void lay(double value) {
        truth = value;
        unchanged = 0;
    }

    private void serve() {
        while (!server.isClosed()) {
            try (Socket socket = server.accept();
                    Writer out = new BufferedWriter(
                            new OutputStreamWriter(socket.getOutputStream(), StandardCharsets.UTF_8))) {
                client = socket;
                out.write(InstrumentLine.GREETING + " " + kind.id() + "\n");
                while (!server.isClosed()) {
                    double shown = truth + noise * random.nextGaussian();
                    boolean steady = unchanged >= STEADY_AFTER;
                    unchanged++;
                    out.write(new InstrumentLine(kind, shown, steady).text() + "\n");
                    out.flush();
                    Thread.sleep(pause);
                }
            } catch (IOException e) {
                // The client hung up or the server closed: the loop's condition tells which.
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return;
            }
        }
    }

    @Override
    public void close() throws IOException {
        server.close();
        thread.interrupt();
        Socket open = client;
        if (open != null) {
            open.close();
        }
    }
}
