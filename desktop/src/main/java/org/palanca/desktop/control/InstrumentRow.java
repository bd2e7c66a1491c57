package org.palanca.desktop.control;

import java.io.IOException;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Words;
import org.palanca.floor.instrument.InstrumentLine;
import org.palanca.floor.instrument.InstrumentLink;
import org.palanca.floor.instrument.SimulatedInstrument;

/** Listens to an instrument at a port of this machine: connects, shows what it shows, hangs up; ships with some to try. */
public abstract class InstrumentRow extends FlowPane {
    private final Supplier<Words> words;
    private final Consumer<String> complain;
    private final String listenKey;
    private final TextField port = new TextField();
    private final Button listen = new Button();
    private final Button taking = new Button();
    private final Label shown = Labels.of("", "card-number");
    private @Nullable InstrumentLink link;
    private @Nullable SimulatedInstrument simulated;

    /**
     * @param prefix starts the ids of its fields and buttons
     * @param listenKey key of the button that connects
     * @param usualPort where such an instrument usually is
     */
    protected InstrumentRow(
            String prefix, String listenKey, String usualPort, Supplier<Words> words, Consumer<String> complain) {
        super(6, 6);
        this.words = words;
        this.complain = complain;
        this.listenKey = listenKey;
        setRowValignment(VPos.CENTER);
        port.setId(prefix + "-port");
        port.setText(usualPort);
        port.setPrefColumnCount(4);
        listen.setId(prefix + "-listen");
        listen.setOnAction(event -> toggle());
        taking.setId(prefix + "-take");
        taking.getStyleClass().add("main-action");
        taking.setOnAction(event -> take());
        shown.setId(prefix + "-shows");
        listen.setMinWidth(USE_PREF_SIZE);
        taking.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(listen, port, shown, taking);
    }

    /** Adds a button that tries a simulated one; it is there while nothing is listened to. */
    protected Button attempt(String id, Runnable action) {
        Button button = Labels.button(id, "", action);
        getChildren().add(getChildren().indexOf(shown), button);
        return button;
    }

    /** What is heard of it, on the window's own thread. */
    protected abstract void heard(InstrumentLine line);

    /** Hands what is shown over. */
    protected abstract void take();

    /** Forgets what was heard. */
    protected abstract void forget();

    /** Buttons that are there only while nothing is listened to, labelled anew. */
    protected abstract Iterable<Button> attempts();

    /** Key of the button that takes what is shown. */
    protected abstract String takeKey();

    public final void relabel() {
        boolean on = link != null;
        listen.setText(words().text(on ? "gauge.stop" : listenKey));
        taking.setText(words().text(takeKey()));
        for (Button button : attempts()) {
            show(button, !on);
        }
        show(taking, on);
        show(shown, on);
    }

    private static void show(Node node, boolean there) {
        node.setVisible(there);
        node.setManaged(there);
    }

    protected final Words words() {
        return words.get();
    }

    protected final void complain(String text) {
        complain.accept(text);
    }

    protected final void showText(String text) {
        shown.setText(text);
    }

    private void toggle() {
        if (link != null) {
            stop();
            return;
        }
        String text = port.getText().strip();
        if (!text.matches("\\d{1,5}") || Integer.parseInt(text) > 65_535) {
            complain.accept(words().text("gauge.port", port.getText()));
            return;
        }
        connect(Integer.parseInt(text));
    }

    /** Makes a simulated instrument. */
    protected interface Making {
        SimulatedInstrument make() throws IOException;
    }

    /** Starts a simulated instrument and listens to it. */
    protected final void simulate(Making making) {
        try {
            simulated = making.make();
            connect(simulated.port());
        } catch (IOException e) {
            complain.accept(words().text("gauge.none", "0", String.valueOf(e.getMessage())));
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
                String why = words().text("gauge.none", Integer.toString(at), String.valueOf(e.getMessage()));
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
            Platform.runLater(() -> heard(line));
        }

        @Override
        public void badLine(String why) {
            Platform.runLater(() -> complain.accept(words().text("gauge.bad_line", why)));
        }

        @Override
        public void ended(String why) {
            Platform.runLater(() -> {
                complain.accept(words().text("gauge.ended", why));
                stop();
            });
        }
    }

    /** Hangs up. */
    public final void stop() {
        try {
            if (link != null) {
                link.close();
            }
            if (simulated != null) {
                simulated.close();
            }
        } catch (IOException e) {
            complain.accept(words().text("gauge.ended", String.valueOf(e.getMessage())));
        }
        link = null;
        simulated = null;
        forget();
        shown.setText("");
        relabel();
    }
}
