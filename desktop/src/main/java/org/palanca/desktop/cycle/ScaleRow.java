package org.palanca.desktop.cycle;

import java.io.IOException;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
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
import org.palanca.units.Quantity;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Weights;
import org.palanca.words.Words;

/** Listens to four wheel scales at a port of this machine and hands their steady readings over; ships with a set to try. */
final class ScaleRow extends FlowPane {
    private static final InstrumentLine.Kind[] PADS = {
        InstrumentLine.Kind.WEIGHT_FRONT_LEFT,
        InstrumentLine.Kind.WEIGHT_FRONT_RIGHT,
        InstrumentLine.Kind.WEIGHT_REAR_LEFT,
        InstrumentLine.Kind.WEIGHT_REAR_RIGHT
    };

    /** The stand-in shows the plan's loads put off by these parts, as a real vehicle is. */
    private static final double[] OFF = {1.012, 0.988, 1.02, 0.98};

    private final Supplier<Words> words;
    private final Consumer<String> complain;
    private final Consumer<double[]> take;
    private final TextField port = new TextField("7711");
    private final Button listen = new Button();
    private final Button attempt = new Button();
    private final Button taking = new Button();
    private final Label shown = Labels.of("", "card-number");
    private final Map<InstrumentLine.Kind, InstrumentLine> last = new EnumMap<>(InstrumentLine.Kind.class);
    private Vehicle vehicle;
    private InstrumentLink link;
    private SimulatedInstrument simulated;

    /** @param take is handed front left, front right, rear left and rear right [kg] when the user takes them */
    ScaleRow(Supplier<Words> words, Consumer<String> complain, Consumer<double[]> take) {
        super(6, 4);
        this.words = words;
        this.complain = complain;
        this.take = take;
        setRowValignment(VPos.CENTER);
        port.setId("scale-port");
        port.setPrefColumnCount(4);
        listen.setId("scale-listen");
        listen.setOnAction(event -> toggle());
        attempt.setId("scale-try");
        attempt.setOnAction(event -> simulate());
        taking.setId("scale-take");
        taking.getStyleClass().add("main-action");
        taking.setOnAction(event -> take());
        shown.setId("scale-shows");
        for (Button button : new Button[] {listen, attempt, taking}) {
            button.getStyleClass().add("pad-button");
            button.setMinWidth(USE_PREF_SIZE);
        }
        getChildren().addAll(listen, port, attempt, shown, taking);
        relabel();
    }

    void show(Vehicle next) {
        vehicle = next;
    }

    void relabel() {
        Words w = words.get();
        boolean on = link != null;
        listen.setText(w.text(on ? "gauge.stop" : "scales.listen"));
        attempt.setText(w.text("scales.try"));
        taking.setText(w.text("scales.take"));
        attempt.setVisible(!on);
        attempt.setManaged(!on);
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
        String text = port.getText().strip();
        if (!text.matches("\\d{1,5}") || Integer.parseInt(text) > 65_535) {
            complain.accept(words.get().text("gauge.port", text));
            return;
        }
        connect(Integer.parseInt(text));
    }

    private void simulate() {
        Map<InstrumentLine.Kind, Double> truths = new EnumMap<>(InstrumentLine.Kind.class);
        for (int i = 0; i < PADS.length; i++) {
            AxlePlace place = i < 2 ? AxlePlace.FRONT : AxlePlace.REAR;
            double load = vehicle.axle(place)
                    .map((Axle axle) -> Weights.planned(vehicle, axle).both() / 2)
                    .orElse(0.0);
            truths.put(PADS[i], load * OFF[i]);
        }
        try {
            simulated = new SimulatedInstrument("scales", truths, 0, 100, System.nanoTime());
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
            Platform.runLater(() -> {
                last.put(line.kind(), line);
                shown.setText(all());
            });
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

    private String all() {
        StringBuilder text = new StringBuilder();
        for (InstrumentLine.Kind pad : PADS) {
            InstrumentLine line = last.get(pad);
            text.append(text.isEmpty() ? "" : " · ")
                    .append(line == null ? "–" : words.get().units().text(line.value(), Quantity.MASS));
        }
        return text.toString();
    }

    private void take() {
        boolean steady = Arrays.stream(PADS)
                .allMatch(pad -> last.containsKey(pad) && last.get(pad).steady());
        if (!steady) {
            complain.accept(words.get().text("scales.wait"));
            return;
        }
        take.accept(
                Arrays.stream(PADS).mapToDouble(pad -> last.get(pad).value()).toArray());
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
        last.clear();
        relabel();
    }
}
