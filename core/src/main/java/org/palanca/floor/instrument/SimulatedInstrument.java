package org.palanca.floor.instrument;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/**
 * A stand-in for an angle gauge, a laser or a set of wheel scales: serves the line format on a loopback port, with noise, and shows a value as
 * moving until it has been the same for a few lines. One client at a time.
 */
public final class SimulatedInstrument implements AutoCloseable {
    /** Spread of a digital angle gauge [rad] and of a laser [m]: what their sheets usually claim, from memory. */
    private static final double ANGLE_NOISE = Math.toRadians(0.05);

    private static final double DISTANCE_NOISE = 0.0008;

    /** Spread of a wheel scale [kg], likewise. */
    private static final double WEIGHT_NOISE = 0.4;

    private static final int STEADY_AFTER = 5;

    private final String name;
    private final Map<InstrumentLine.Kind, Double> truths;
    private final long pause;
    private final Random random;
    private final ServerSocket server;
    private final Thread thread;
    private volatile int unchanged;
    private volatile @Nullable Socket client;

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
        this(kind.id(), Map.of(kind, truth), port, pause, seed);
    }

    /**
     * Starts serving several readings in turn, as wheel scales do.
     *
     * @param name what it calls itself
     * @param truths what each of them shows [rad, m or kg]
     * @param port to listen at; 0 for any that is free
     * @param pause between two lines [ms]
     * @param seed of its noise
     * @throws IOException when the port can't be had
     */
    public SimulatedInstrument(String name, Map<InstrumentLine.Kind, Double> truths, int port, long pause, long seed)
            throws IOException {
        this.name = name;
        this.truths = Collections.synchronizedMap(new EnumMap<>(truths));
        this.pause = pause;
        random = new Random(seed);
        server = new ServerSocket(port, 1, InetAddress.getLoopbackAddress());
        thread = new Thread(this::serve, "simulated " + name);
        thread.setDaemon(true);
        thread.start();
    }

    public int port() {
        return server.getLocalPort();
    }

    /** Standard deviation of the noise of one of its readings [rad, m or kg]. */
    public static double noise(InstrumentLine.Kind kind) {
        return switch (kind.quantity()) {
            case ANGLE -> ANGLE_NOISE;
            case MASS -> WEIGHT_NOISE;
            default -> DISTANCE_NOISE;
        };
    }

    /** Lays it against something else [rad, m or kg]: all its readings, where it has several. */
    public void lay(double value) {
        truths.replaceAll((kind, before) -> value);
        unchanged = 0;
    }

    private void serve() {
        while (!server.isClosed()) {
            try (Socket socket = server.accept();
                    Writer out = new BufferedWriter(
                            new OutputStreamWriter(socket.getOutputStream(), StandardCharsets.UTF_8))) {
                client = socket;
                out.write(InstrumentLine.GREETING + " " + name + "\n");
                while (!server.isClosed()) {
                    boolean steady = unchanged >= STEADY_AFTER;
                    unchanged++;
                    for (InstrumentLine.Kind kind : InstrumentLine.Kind.values()) {
                        Double truth = truths.get(kind);
                        if (truth != null) {
                            double shown = truth + noise(kind) * random.nextGaussian();
                            out.write(new InstrumentLine(kind, shown, steady).text() + "\n");
                        }
                    }
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
