package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicReference;
import javafx.event.ActionEvent;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.palanca.desktop.board.GripBoard;
import org.palanca.io.json.VehicleFile;
import org.palanca.io.json.VehicleFileException;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;

/**
 * Someone who presses and types whatever is there: nothing fails, no change leaves a vehicle that can't be opened again, and
 * undoing all of it brings back what was there.
 */
class FumblingTest extends WindowTest {
    private static final int TRIES = 20;

    private static final List<KeyCode> ARROWS = List.of(KeyCode.UP, KeyCode.DOWN, KeyCode.LEFT, KeyCode.RIGHT);

    private static final List<String> TYPED = List.of(
            "0",
            "1",
            "-1",
            "2 3/8",
            "12",
            "-7.5",
            "48",
            "300",
            "5000",
            "0.01",
            "1e6",
            "",
            "abc",
            "1/0",
            "3 mm",
            "2' 4",
            "1, 2, 3",
            "-100, 10, 30; -106, 10, 30",
            "10, 20; 30");

    private final Random random = new Random(11);
    private final List<String> done = new ArrayList<>();

    @ParameterizedTest
    @CsvSource({
        "cycle, tarn-4, REAR",
        "shocks, tarn-4, REAR",
        "shocks, sedge, REAR",
        "shocks, wain, REAR",
        "shaft, tarn-4, FRONT",
        "shaft, plover, REAR",
        "slope, gorse, REAR",
        "goals, tarn-4, REAR",
        "measure, tarn-4, REAR",
        "axle, tarn-4, REAR",
        "axle, plover, FRONT",
        "housing, tarn-4, REAR",
        "place, tarn-4, REAR",
        "compare, sedge, REAR",
        "cutlist, tarn-4, FRONT"
    })
    void whateverIsPressedCanBeUndone(String step, String example, AxlePlace place) throws Exception {
        Path file = folder.resolve(example + ".palanca.json");
        copyExample(example + ".palanca.json", file);
        onFx(() -> window.files().open(file));
        onFx(() -> {
            window.state().axleProperty().set(place);
            window.open(step);
        });
        AtomicReference<Throwable> failed = new AtomicReference<>();
        onFx(() -> Thread.currentThread().setUncaughtExceptionHandler((thread, failure) -> failed.set(failure)));
        Vehicle before = window.document().vehicle();
        for (int i = 0; i < TRIES; i++) {
            // Some buttons lead to another step: back from there.
            onFx(() -> window.open(step));
            onFx(() -> fumble("#" + step + "-pane"));
            assertThat(failed.get()).as("after %s", done).isNull();
            assertThat(VehicleCheck.hasErrors(
                            VehicleCheck.findings(window.document().vehicle())))
                    .as("errors after %s", done)
                    .isFalse();
            Path kept = folder.resolve("kept.palanca.json");
            assertThatCode(() -> VehicleFile.save(
                            kept,
                            VehicleFile.open(saved(window.document().vehicle())).vehicle()))
                    .as("opened again after %s", done)
                    .doesNotThrowAnyException();
            assertThat(kept).hasSameTextualContentAs(saved(window.document().vehicle()));
        }
        onFx(() -> {
            while (window.document().undoAvailable().get()) {
                window.document().undo();
            }
        });
        assertThat(window.document().vehicle()).isEqualTo(before);
        assertThat(done).as("pressed and typed").hasSizeGreaterThan(TRIES / 2);
    }

    private Path saved(Vehicle vehicle) throws VehicleFileException {
        Path file = folder.resolve("saved.palanca.json");
        VehicleFile.save(file, vehicle);
        return file;
    }

    private void fumble(String pane) {
        List<Node> controls = new ArrayList<>();
        collect(lookup(pane).query(), controls);
        lookup(".inspector").queryAll().forEach(side -> collect(side, controls));
        lookup(".floor-side").queryAll().forEach(side -> collect(side, controls));
        if (controls.isEmpty()) {
            // What there is to press is still being worked out.
            return;
        }
        Node one = controls.get(random.nextInt(controls.size()));
        String typed = TYPED.get(random.nextInt(TYPED.size()));
        done.add((one.getId() == null ? one.getClass().getSimpleName() : one.getId()) + " " + typed);
        one.requestFocus();
        if (one instanceof TextField field) {
            field.setText(typed);
            field.fireEvent(new ActionEvent());
        } else if (one instanceof ButtonBase button) {
            button.fire();
        } else if (one instanceof ComboBox<?> choice) {
            choice.getSelectionModel().select(random.nextInt(choice.getItems().size()));
        } else if (one instanceof GripBoard board && random.nextBoolean()) {
            mouse(board, MouseEvent.MOUSE_MOVED, random.nextDouble(), random.nextDouble());
            for (EventType<MouseEvent> what :
                    List.of(MouseEvent.MOUSE_PRESSED, MouseEvent.MOUSE_DRAGGED, MouseEvent.MOUSE_RELEASED)) {
                mouse(board, what, random.nextDouble(), random.nextDouble());
            }
        } else if (one instanceof GripBoard board) {
            for (KeyCode key : List.of(KeyCode.CLOSE_BRACKET, ARROWS.get(random.nextInt(ARROWS.size())))) {
                boolean far = key.isArrowKey() && random.nextBoolean();
                board.fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, far, false, false, false));
            }
        } else if (one instanceof Slider slider) {
            slider.setValue(slider.getMin() + random.nextDouble() * (slider.getMax() - slider.getMin()));
        }
    }

    /** The first button, somewhere on a board. */
    private void mouse(GripBoard board, EventType<MouseEvent> what, double across, double down) {
        double x = across * board.getWidth();
        double y = down * board.getHeight();
        boolean held = what != MouseEvent.MOUSE_MOVED && what != MouseEvent.MOUSE_RELEASED;
        board.fireEvent(new MouseEvent(
                what,
                x,
                y,
                x,
                y,
                MouseButton.PRIMARY,
                1,
                random.nextBoolean(),
                false,
                false,
                false,
                held,
                false,
                false,
                false,
                false,
                false,
                null));
    }

    /** What can be pressed, typed into, chosen from or pushed; the inside of a control is its own. */
    private static void collect(Node node, List<Node> into) {
        boolean usable = node instanceof TextField
                || node instanceof Button
                || node instanceof ToggleButton
                || node instanceof CheckBox
                || node instanceof ComboBox<?> choice && !choice.getItems().isEmpty()
                || node instanceof GripBoard
                || node instanceof Slider;
        if (!node.isVisible()) {
            return;
        }
        if (usable && !node.isDisabled()) {
            into.add(node);
        } else if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> collect(child, into));
        }
    }
}
