package org.palanca.desktop.floor;

import java.io.IOException;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.geometry.VPos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import org.palanca.desktop.control.Labels;
import org.palanca.instrument.InstrumentLine;
import org.palanca.instrument.InstrumentLink;
import org.palanca.instrument.SimulatedInstrument;
import org.palanca.words.Message;
import org.palanca.words.Words;

/** Listens to a gauge at a port of this machine and hands a steady reading over; ships with two to try it with. */
final class GaugeRow extends FlowPane {
    private final Supplier<Words> words;
    private final Consumer<String> complain;
    private final BiConsumer<InstrumentLine.Kind, Double> take;
    private final TextField port = new TextField();
    private final Button listen = new Button();
    private final Button tryAngle = new Button();
    private final Button tryLaser = new Button();
    private final Button taking = new Button();
    private final Label shown = Labels.of("", "card-number");
    private InstrumentLink link;
    private SimulatedInstrument simulated;
    private volatile InstrumentLine last;

    /** @param take is handed a steady value [rad or m] when the user takes it */
    GaugeRow(Supplier<Words> words, Consumer<String> complain, BiConsumer<InstrumentLine.Kind, Double> take) {
        super(6, 6);
        this.words = words;
        this.complain = complain;
        this.take = take;
        setRowValignment(VPos.CENTER);
        port.setId("gauge-port");
        port.setText("7710");
        port.setPrefColumnCount(4);
        listen.setId("gauge-listen");
        listen.setOnAction(event -> toggle());
        tryAngle.setId("gauge-try-angle");
        tryAngle.setOnAction(event -> simulate(InstrumentLine.Kind.ANGLE, Math.toRadians(4.7)));
        tryLaser.setId("gauge-try-laser");
        tryLaser.setOnAction(event -> simulate(InstrumentLine.Kind.DISTANCE, 1.2345));
        taking.setId("gauge-take");
        taking.getStyleClass().add("main-action");
        taking.setOnAction(event -> take());
        shown.setId("gauge-shows");
        for (Button button : new Button[] {listen, tryAngle, tryLaser, taking}) {
            button.setMinWidth(USE_PREF_SIZE);
        }
        getChildren().addAll(listen, port, tryAngle, tryLaser, shown, taking);
        relabel();
    }

    void relabel() {
        Words w = words.get();
        listen.setText(w.text(link == null ? "gauge.listen" : "gauge.stop"));
        tryAngle.setText(w.text("gauge.try_angle"));
        tryLaser.setText(w.text("gauge.try_laser"));
        taking.setText(w.text("gauge.take"));
        boolean on = link != null;
        for (Button button : new Button[] {tryAngle, tryLaser}) {
            button.setVisible(!on);
            button.setManaged(!on);
        }
        taking.setVisible(on);
        taking.setManaged(on);
        shown.setVisible(on);
        shown.setManaged(on);
    }

    private void toggle() {
        if (link != null) {
            stop();
            return;
        }
        if (!port.getText().strip().matches("\\d{1,5}")
                || Integer.parseInt(port.getText().strip()) > 65_535) {
            complain.accept(words.get().text("gauge.port", port.getText()));
            return;
        }
        connect(Integer.parseInt(port.getText().strip()));
    }

    private void simulate(InstrumentLine.Kind kind, double truth) {
        try {
            simulated = new SimulatedInstrument(kind, 0, truth, 100, System.nanoTime());
            connect(simulated.port());
        } catch (IOException e) {
            complain.accept(words.get().text("gauge.none", "0", String.valueOf(e.getMessage())));
        }
    }

    /** Beside the window, for what answers there may take its time. */
    private void connect(int at) {
        port.setText(Integer.toString(at));
        listen.setDisable(true);
        Thread thread = new Thread(() -> {
            try {
                InstrumentLink found = new InstrumentLink(at, new Heard());
                Platform.runLater(() -> connected(found));
            } catch (IOException e) {
                String why = words.get().text("gauge.none", Integer.toString(at), String.valueOf(e.getMessage()));
                Platform.runLater(() -> {
                    listen.setDisable(false);
                    complain.accept(why);
                });
            }
        });
        thread.setDaemon(true);
        thread.start();
    }

    private void connected(InstrumentLink found) {
        link = found;
        listen.setDisable(false);
        complain.accept("");
        relabel();
    }

    /** What the link tells, brought to the window's own thread. */
    private final class Heard implements InstrumentLink.Listener {
        @Override
        public void reading(InstrumentLine line) {
            last = line;
            Platform.runLater(() -> show(line));
        }

        @Override
        public void badLine(String why) {
            Platform.runLater(() -> complain.accept(words.get().text("gauge.bad_line", why)));
        }

        @Override
        public void ended(String why) {
            Platform.runLater(() -> {
                complain.accept(words.get().text("gauge.ended", why));
                stop();
            });
        }
    }

    private void show(InstrumentLine line) {
        Words w = words.get();
        Message.Measure measure = new Message.Measure(line.value(), line.kind().quantity());
        shown.setText(w.text(line.steady() ? "gauge.steady" : "gauge.moving", measure));
    }

    private void take() {
        InstrumentLine line = last;
        if (line == null || !line.steady()) {
            complain.accept(words.get().text("gauge.wait"));
            return;
        }
        take.accept(line.kind(), line.value());
    }

    /** Hangs up. */
    void stop() {
        try {
            if (link != null) {
                link.close();
            }
            if (simulated != null) {
                simulated.close();
            }
        } catch (IOException e) {
            complain.accept(words.get().text("gauge.ended", String.valueOf(e.getMessage())));
        }
        link = null;
        simulated = null;
        last = null;
        shown.setText("");
        relabel();
    }
}
