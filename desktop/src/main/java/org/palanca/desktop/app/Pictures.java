package org.palanca.desktop.app;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import javafx.animation.PauseTransition;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.steps.Step;
import org.palanca.desktop.theme.Theme;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Walks the window through its main views and writes a picture of each. */
final class Pictures {
    private static final Logger LOG = LoggerFactory.getLogger(Pictures.class);

    /** Long enough for the search beside the drawing to answer. */
    private static final Duration SETTLE = Duration.millis(1600);

    /** Pauses in which the clearances are worked out. */
    private static final int WORK = 5;

    private final MainWindow window;
    private final Stage stage;
    private final Deque<Runnable> steps = new ArrayDeque<>();

    Pictures(MainWindow window, Stage stage) {
        this.window = window;
        this.stage = stage;
    }

    /** Writes the pictures into a folder and then runs {@code done}. */
    void take(Path folder, Runnable done) {
        BoardState state = window.state();
        MountRef upper = new MountRef(AxlePlace.REAR, "upper frame left");
        window.setTheme(Theme.BLUE);
        view(folder, "board-rear", () -> state.selectionProperty().set(upper));
        view(folder, "board-card", () -> window.setTheme(Theme.CARD));
        view(folder, "working", () -> {
            window.setTheme(Theme.BLUE);
            state.litProperty().set("anti_squat");
            state.poseProperty().set(WheelTravel.both(-0.1));
        });
        view(folder, "goals", () -> {
            state.litProperty().set(null);
            state.selectionProperty().set(null);
            state.poseProperty().set(WheelTravel.RIDE);
            state.axleProperty().set(AxlePlace.REAR);
            state.stepProperty().set(Step.GOALS);
        });
        view(folder, "measure", () -> {
            state.stepProperty().set(Step.MEASURE);
            window.measure().hold("horn right", "kick right");
        });
        view(folder, "axle", () -> state.stepProperty().set(Step.AXLE));
        view(folder, "housing", () -> state.stepProperty().set(Step.HOUSING));
        view(folder, "place", () -> state.stepProperty().set(Step.PLACE));
        steps.add(() -> state.stepProperty().set(Step.CYCLE));
        work();
        view(folder, "cycle", () -> {
            window.cycle().goToTightest();
            window.cycle().hold("tank guard");
        });
        steps.add(() -> {
            state.poseProperty().set(WheelTravel.RIDE);
            state.stepProperty().set(Step.SHOCKS);
        });
        work();
        view(folder, "shocks", () -> {
            // The patch is there by now.
        });
        view(folder, "slope", () -> {
            state.stepProperty().set(Step.SLOPE);
            window.slope().tilt(Math.toRadians(12), Math.toRadians(-18));
        });
        view(folder, "shaft", () -> {
            state.axleProperty().set(AxlePlace.REAR);
            state.stepProperty().set(Step.SHAFT);
        });
        view(folder, "make", () -> state.stepProperty().set(Step.MAKE));
        view(folder, "new-vehicle", window::startNew);
        view(folder, "board-roadster", () -> {
            window.openExample("plover.palanca.json");
            state.axleProperty().set(AxlePlace.FRONT);
            state.selectionProperty().set(new MountRef(AxlePlace.FRONT, "tie rod inner left"));
        });
        steps.add(() -> state.stepProperty().set(Step.STEER));
        work();
        view(folder, "steer", () -> {
            // The ways to set the pickups are there by now.
        });
        view(folder, "compare", () -> state.stepProperty().set(Step.COMPARE));
        view(folder, "half-shafts", () -> {
            state.stepProperty().set(Step.SHAFT);
            state.axleProperty().set(AxlePlace.REAR);
        });
        steps.add(() -> {
            window.setTextSize(100);
            done.run();
        });
        next();
    }

    /** Waits until what runs beside the window has come to its end. */
    private void work() {
        for (int i = 0; i < WORK; i++) {
            steps.add(() -> {
                // Only time passes.
            });
        }
    }

    private void view(Path folder, String name, Runnable arrange) {
        steps.add(arrange);
        steps.add(() -> write(folder.resolve(name + ".png")));
    }

    private void next() {
        Runnable step = steps.poll();
        if (step != null) {
            PauseTransition pause = new PauseTransition(SETTLE);
            pause.setOnFinished(event -> {
                step.run();
                next();
            });
            pause.play();
        }
    }

    private void write(Path file) {
        WritableImage shot = stage.getScene().snapshot(null);
        int width = (int) shot.getWidth();
        int height = (int) shot.getHeight();
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        PixelReader pixels = shot.getPixelReader();
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                image.setRGB(x, y, pixels.getArgb(x, y));
            }
        }
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            ImageIO.write(image, "png", file.toFile());
        } catch (IOException e) {
            LOG.error("{} could not be written", file, e);
        }
    }
}
