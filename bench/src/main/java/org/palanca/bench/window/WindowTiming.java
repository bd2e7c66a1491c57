package org.palanca.bench.window;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.words.Message;
import org.palanca.bench.fixture.Vehicles;
import org.palanca.desktop.app.MainWindow;
import org.palanca.desktop.control.Hand;
import org.palanca.desktop.document.FileAsker;
import org.palanca.desktop.document.Settings;
import org.palanca.desktop.theme.Fonts;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.MountMoves;

/**
 * Drags the pose and then a mount of several axles in the real window, a step a frame, and prints how long each step keeps the
 * window's own thread: what the step itself does, and the layout of the frame after it. Painting is on the toolkit's thread.
 */
public final class WindowTiming extends Application {
    private static final double FRAME = 1000.0 / 60;
    private static final int WARM_UP = 60;
    private static final int STEPS = 200;

    private final Deque<Runnable> drags = new ArrayDeque<>();

    @SuppressWarnings("NullAway.Init") // Made when the toolkit starts it.
    private MainWindow window;

    @SuppressWarnings("NullAway.Init") // Made when the toolkit starts it.
    private Scene scene;

    /** Opens the window, with settings of its own, and ends when all is printed. */
    public static void print() {
        try {
            System.setProperty(
                    Settings.HOME_PROPERTY, Files.createTempDirectory("bench").toString());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Application.launch(WindowTiming.class);
    }

    @Override
    public void start(Stage stage) {
        Fonts.load();
        window = new MainWindow(stage, Settings.load(), new NoFiles());
        axle("tarn-4", AxlePlace.REAR, "upper frame left");
        axle("gorse", AxlePlace.FRONT, "");
        axle("plover", AxlePlace.FRONT, "upper ball left");
        axle("marram", AxlePlace.FRONT, "panhard axle");
        axle("wain", AxlePlace.FRONT, "tie rod left");
        scene = stage.getScene();
        window.openDemo();
        window.show();
        next();
    }

    private void axle(String example, AxlePlace place, String named) {
        Vehicle vehicle = Vehicles.example(example + ".palanca.json");
        Axle axle = vehicle.axle(place).orElseThrow();
        String mount = named.isEmpty() ? axle.mounts().get(0).name() : named;
        drags.add(() -> {
            window.document().replace(vehicle, null, false);
            window.state().axleProperty().set(place);
            drag(example + " " + place.id() + ", its pose", i -> pose(axle, i));
        });
        drags.add(() ->
                drag(example + " " + place.id() + ", a mount", i -> move(vehicle, new MountRef(place, mount), i)));
    }

    private void pose(Axle axle, int i) {
        double left = axle.travel().bump() * 0.8 * Math.sin(i * 0.07);
        double right = axle.travel().droop() * 0.8 * Math.cos(i * 0.05);
        window.state().poseProperty().set(new WheelTravel(left, right));
    }

    private void move(Vehicle vehicle, MountRef ref, int i) {
        Axle axle = vehicle.axle(ref.axle()).orElseThrow();
        Vector3D from = axle.position(ref.mount(), vehicle.wheelbase());
        Vector3D by = new Vector3D(0.01 * Math.sin(i * 0.07), 0, 0.01 * Math.cos(i * 0.05));
        window.document()
                .change(MountMoves.moveTo(vehicle, ref, from.add(by)), Message.of("change.moved", ref.mount()), "drag");
    }

    private void next() {
        if (drags.isEmpty()) {
            Platform.exit();
        } else {
            drags.remove().run();
        }
    }

    private void drag(String what, IntConsumer step) {
        double[] steps = new double[WARM_UP + STEPS];
        double[] layouts = new double[WARM_UP + STEPS];
        long[] began = new long[1];
        int[] frame = new int[1];
        Runnable before = () -> began[0] = System.nanoTime();
        Runnable after = () -> layouts[Math.min(layouts.length - 1, frame[0])] += (System.nanoTime() - began[0]) / 1e6;
        scene.addPreLayoutPulseListener(before);
        scene.addPostLayoutPulseListener(after);
        new AnimationTimer() {
            @Override
            public void handle(long now) {
                if (frame[0] == steps.length) {
                    stop();
                    scene.removePreLayoutPulseListener(before);
                    scene.removePostLayoutPulseListener(after);
                    report(what, steps, layouts);
                    Platform.runLater(WindowTiming.this::next);
                } else if (window.upToDate() || frame[0] > 0) {
                    Hand.moves();
                    long start = System.nanoTime();
                    step.accept(frame[0]);
                    steps[frame[0]] = (System.nanoTime() - start) / 1e6;
                    frame[0]++;
                }
            }
        }.start();
    }

    private static void report(String what, double[] steps, double[] layouts) {
        double[] step = Arrays.copyOfRange(steps, WARM_UP, steps.length);
        double[] layout = Arrays.copyOfRange(layouts, WARM_UP, layouts.length);
        double[] both = new double[STEPS];
        Arrays.setAll(both, i -> step[i] + layout[i]);
        Arrays.sort(step);
        Arrays.sort(layout);
        Arrays.sort(both);
        System.out.printf(
                "drag of %s: %.1f ms of the window's thread (step %.1f, layout %.1f; 19 in 20 under %.1f), %.2f of a display frame%n",
                what,
                both[STEPS / 2],
                step[STEPS / 2],
                layout[STEPS / 2],
                both[STEPS * 19 / 20],
                both[STEPS / 2] / FRAME);
    }

    /** No file is asked for here. */
    private static final class NoFiles implements FileAsker {
        @Override
        public Optional<Path> toOpen(String title) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> toFolder(String title) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> toSave(String title, String proposed) {
            return Optional.empty();
        }
    }

    @Override
    public void stop() {
        window.dispose();
    }
}
