package org.palanca.desktop.app;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.Deque;
import javafx.animation.PauseTransition;
import javafx.stage.Stage;
import javafx.util.Duration;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.step.Picture;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.theme.Theme;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Walks the window through the pictures of every step and writes each to a file. */
final class Pictures {
    private static final Logger LOG = LoggerFactory.getLogger(Pictures.class);

    /** Long enough for what a step works out when it is opened to begin and be drawn. */
    private static final Duration SETTLE = Duration.millis(1600);

    /** Pauses in which the clearances are worked out. */
    private static final int WORK = 5;

    private final MainWindow window;
    private final Stage stage;
    private final Deque<Runnable> actions = new ArrayDeque<>();
    private String example = Picture.DEMO;

    /** A picture with the step it is of. */
    private record Taken(Step step, Picture picture) {}

    Pictures(MainWindow window, Stage stage) {
        this.window = window;
        this.stage = stage;
    }

    /** Writes the pictures into a folder and then runs {@code done}. */
    void take(Path folder, Runnable done) {
        window.appearance().setTheme(Theme.BLUE);
        Steps.ALL.stream()
                .flatMap(step -> step.pictures().stream().map(picture -> new Taken(step, picture)))
                .sorted(Comparator.comparing(
                        (Taken one) -> !one.picture().example().equals(Picture.DEMO)))
                .forEach(one -> add(folder, one));
        Taken board = new Taken(Steps.BOARD, Steps.BOARD.pictures().get(0));
        view(folder, "board-card", () -> {
            arrange(board);
            board.picture().arrange().accept(window.pane(Steps.BOARD));
            window.appearance().setTheme(Theme.CARD);
        });
        view(folder, "new-vehicle", () -> {
            window.appearance().setTheme(Theme.BLUE);
            window.startNew();
        });
        actions.add(() -> {
            window.appearance().setTextSize(100);
            done.run();
        });
        next();
    }

    private void add(Path folder, Taken taken) {
        actions.add(() -> arrange(taken));
        if (taken.picture().searches()) {
            for (int i = 0; i < WORK; i++) {
                actions.add(() -> {
                    // Only time passes, until what runs beside the window has come to its end.
                });
            }
        }
        view(folder, taken.picture().name(), () -> taken.picture().arrange().accept(window.pane(taken.step())));
    }

    /** The example on the board at ride, with nothing selected, and the step open. */
    private void arrange(Taken taken) {
        BoardState state = window.state();
        if (!taken.picture().example().equals(example)) {
            example = taken.picture().example();
            window.openExample(example);
        }
        window.showAxle(taken.picture().axle());
        state.selectionProperty().set(null);
        window.openStep().set(taken.step());
    }

    private void view(Path folder, String name, Runnable arrange) {
        actions.add(arrange);
        actions.add(() -> write(folder.resolve(name + ".png")));
    }

    private void next() {
        if (!actions.isEmpty()) {
            PauseTransition pause = new PauseTransition(SETTLE);
            pause.setOnFinished(event -> {
                if (window.settled()) {
                    actions.remove().run();
                }
                next();
            });
            pause.play();
        }
    }

    private void write(Path file) {
        try {
            PngFile.write(stage.getScene().snapshot(null), file);
        } catch (IOException e) {
            LOG.error("{} could not be written", file, e);
        }
    }
}
