package org.palanca.floor.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class InstrumentTest {
    /** Keeps what a link tells. */
    private static final class Heard implements InstrumentLink.Listener {
        private final BlockingQueue<InstrumentLine> readings = new LinkedBlockingQueue<>();
        private final BlockingQueue<String> bad = new LinkedBlockingQueue<>();
        private final BlockingQueue<String> ended = new LinkedBlockingQueue<>();

        @Override
        public void reading(InstrumentLine line) {
            readings.add(line);
        }

        @Override
        public void badLine(String why) {
            bad.add(why);
        }

        @Override
        public void ended(String why) {
            ended.add(why);
        }
    }

    private static <T> T next(BlockingQueue<T> queue) throws InterruptedException {
        T next = queue.poll(10, TimeUnit.SECONDS);
        assertThat(next).as("something was heard").isNotNull();
        return next;
    }

    /** Four pads in one stream, each steady after a while, as a set of wheel scales has them. */
    @Test
    void scalesStreamAllFourWheels() throws Exception {
        Map<InstrumentLine.Kind, Double> truths = Map.of(
                InstrumentLine.Kind.WEIGHT_FRONT_LEFT, 612.0,
                InstrumentLine.Kind.WEIGHT_FRONT_RIGHT, 598.0,
                InstrumentLine.Kind.WEIGHT_REAR_LEFT, 571.0,
                InstrumentLine.Kind.WEIGHT_REAR_RIGHT, 560.0);
        try (SimulatedInstrument scales = new SimulatedInstrument("scales", truths, 0, 1, 9)) {
            Heard heard = new Heard();
            try (InstrumentLink link = new InstrumentLink(scales.port(), heard)) {
                assertThat(link).isNotNull();
                Map<InstrumentLine.Kind, InstrumentLine> last = new EnumMap<>(InstrumentLine.Kind.class);
                for (int i = 0; i < 60; i++) {
                    InstrumentLine line = next(heard.readings);
                    last.put(line.kind(), line);
                    assertThat(InstrumentLine.parse(line.text()).kind()).isEqualTo(line.kind());
                }
                assertThat(last).containsOnlyKeys(truths.keySet());
                truths.forEach((kind, truth) -> {
                    assertThat(last.get(kind).steady()).isTrue();
                    assertThat(last.get(kind).value()).isCloseTo(truth, within(6 * SimulatedInstrument.noise(kind)));
                });
            }
        }
    }

    @Test
    void aGaugeStreamsItsAngleWithNoise() throws Exception {
        double truth = Math.toRadians(4.5);
        try (SimulatedInstrument gauge = new SimulatedInstrument(InstrumentLine.Kind.ANGLE, 0, truth, 1, 3)) {
            Heard heard = new Heard();
            try (InstrumentLink link = new InstrumentLink(gauge.port(), heard)) {
                assertThat(link).isNotNull();
                double sum = 0;
                int steady = 0;
                for (int i = 0; i < 205; i++) {
                    InstrumentLine line = next(heard.readings);
                    steady += line.steady() ? 1 : 0;
                    sum += line.value();
                }
                assertThat(steady).isEqualTo(200);
                // Five standard errors of the mean.
                assertThat(sum / 205)
                        .isCloseTo(
                                truth,
                                within(5 * SimulatedInstrument.noise(InstrumentLine.Kind.ANGLE) / Math.sqrt(205)));
                gauge.lay(0);
                InstrumentLine line = next(heard.readings);
                while (line.steady()) {
                    line = next(heard.readings);
                }
                assertThat(line.value()).isCloseTo(0, within(6 * SimulatedInstrument.noise(InstrumentLine.Kind.ANGLE)));
            }
        }
    }

    @Test
    void theLaserSpeaksMillimetres() throws Exception {
        InstrumentLine line = InstrumentLine.parse("distance 1523.500 mm steady");
        assertThat(line.value()).isCloseTo(1.5235, within(1e-12));
        assertThat(InstrumentLine.parse(line.text())).isEqualTo(line);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "angle 1.25 deg",
                "angle 1.25 mm steady",
                "weight 12 kg steady",
                "angle 1,25 deg steady",
                "angle NaN deg steady",
                "distance 1e9 mm steady",
                "angle 1 deg asleep"
            })
    void whatIsNotTheFormatIsSaidSo(String line) {
        assertThatThrownBy(() -> InstrumentLine.parse(line))
                .isInstanceOf(InstrumentLine.BadLine.class)
                .hasMessageContaining("wanted");
    }

    @Test
    void aBadLineIsToldAndTheStreamGoesOn() throws Exception {
        try (ServerSocket server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            Thread other = serving(
                    server, "palanca-instrument 1 angle\nangle 1 deg steady\n# warm\nrubbish\nangle 2 deg steady\n");
            Heard heard = new Heard();
            try (InstrumentLink link = new InstrumentLink(server.getLocalPort(), heard)) {
                assertThat(link).isNotNull();
                assertThat(next(heard.readings).value()).isCloseTo(Math.toRadians(1), within(1e-12));
                assertThat(next(heard.readings).value()).isCloseTo(Math.toRadians(2), within(1e-12));
                assertThat(next(heard.bad)).contains("rubbish");
                assertThat(next(heard.ended)).contains("hung up");
            }
            other.join();
        }
    }

    @Test
    void whatIsNoInstrumentIsRefused() throws Exception {
        try (ServerSocket server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            for (String greeting : List.of("HTTP/1.1 400 Bad Request\n", "x".repeat(1000))) {
                Thread other = serving(server, greeting);
                assertThatThrownBy(() -> new InstrumentLink(server.getLocalPort(), new Heard()))
                        .isInstanceOf(IOException.class);
                other.join();
            }
        }
    }

    @Test
    void nobodyThere() throws Exception {
        int port;
        try (ServerSocket server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            port = server.getLocalPort();
        }
        assertThatThrownBy(() -> new InstrumentLink(port, new Heard())).isInstanceOf(IOException.class);
    }

    private static Thread serving(ServerSocket server, String text) {
        Thread thread = new Thread(() -> {
            try (Socket socket = server.accept();
                    OutputStream out = socket.getOutputStream()) {
                out.write(text.getBytes(StandardCharsets.UTF_8));
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        });
        thread.start();
        return thread;
    }
}
