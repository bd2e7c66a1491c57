package org.palanca.desktop.app;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableBooleanValue;
import javafx.scene.input.KeyCode;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.desktop.board.MeasuringTool;
import org.palanca.desktop.command.Command;
import org.palanca.desktop.control.LatestTask;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.cycle.CyclePane;
import org.palanca.io.sheet.SheetKind;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.study.limits.LeafChange;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.HoleMoves;
import org.palanca.vehicle.edit.LeafMoves;

/** Everything the user can do by name: menus, keys, buttons and the finder are made from this list. */
final class WindowCommands {
    private static final List<String> POSES = List.of("ride", "bump", "droop", "twist", "play");
    private static final List<String> WORST_POSES = List.of("bump", "droop", "left_up", "right_up");
    private static final int DIGITS = 9;

    private final MainWindow window;
    private final Document document;
    private final BoardState state;
    private final Playback playback;
    private final LatestTask leafChange = LatestTask.patient("leaf springs", MainWindow.REST);
    private final List<Command> all = new ArrayList<>();

    WindowCommands(MainWindow window) {
        this.window = window;
        document = window.document();
        state = window.state();
        playback = new Playback(document, state);
        files();
        changes();
        mounts();
        poses();
        steps();
        looks();
    }

    List<Command> all() {
        return List.copyOf(all);
    }

    /** What moves the axle to a pose that has a name. */
    List<Command> poseCommands() {
        return all.stream().filter(command -> POSES.contains(command.id())).toList();
    }

    private void files() {
        FileActions files = window.files();
        all.add(Command.of("new", "Shortcut+N", window::startNew));
        all.add(Command.of("open", "Shortcut+O", files::askAndOpen));
        all.add(Command.of("save", "Shortcut+S", files::save));
        all.add(Command.of("save_as", "Shortcut+Shift+S", files::saveAs));
        for (SheetKind kind : SheetKind.values()) {
            String keys = kind == SheetKind.MOUNTS ? "Shortcut+P" : "";
            all.add(Command.of("sheet_" + kind.id(), keys, () -> files.sheet(kind, Optional.empty())));
        }
        all.add(Command.of(
                "export_board",
                "Shortcut+E",
                () -> files.board(window.pane(window.openStep().get()))));
        all.add(Command.of("note", "Shortcut+Shift+N", window::note));
        all.add(Command.of("copy_results", "Shortcut+Shift+C", window::copyResults));
        all.add(Command.of("copy_picture", "Shortcut+Shift+P", window::copyPicture));
        all.add(Command.of("guide", "", () -> files.whenWorkIsSafe(window::startGuide)));
        all.add(Command.of("demo", "", () -> files.whenWorkIsSafe(window::openDemo)));
    }

    /** The next mount of what is worked on, and the one before: on the board that is shown. */
    private void mounts() {
        all.add(Command.of("next_mount", "", () -> window.nextMount(KeyCode.CLOSE_BRACKET)));
        all.add(Command.of("mount_before", "", () -> window.nextMount(KeyCode.OPEN_BRACKET)));
    }

    private void changes() {
        all.add(Command.of("undo", "Shortcut+Z", document.undoAvailable(), document::undo));
        all.add(Command.of("redo", "Shortcut+Y", document.redoAvailable(), document::redo));
        all.add(Command.of(
                "pin", "Shortcut+B", () -> document.baselineProperty().set(document.vehicle())));
        all.add(Command.of("try", "Shortcut+Enter", window::attempt));
        all.add(Command.of("keep_hole", "Shortcut+H", this::keepHole));
        all.add(Command.of(
                "leaf_block", "", () -> arrangeLeaves((v, place) -> LeafMoves.block(v, place, Lengths.INCH))));
        all.add(Command.of("leaf_side", "", () -> arrangeLeaves(LeafMoves::otherSide)));
        all.add(Command.of("leaf_swap", "", () -> arrangeLeaves(LeafMoves::swapEnds)));
    }

    private void poses() {
        ObservableBooleanValue hasTwoAxles =
                Bindings.createBooleanBinding(() -> document.vehicle().axles().size() > 1, document.vehicleProperty());
        all.add(Command.of("other_axle", "F6", hasTwoAxles, this::otherAxle));
        all.add(Command.of("ride", "F2", () -> pose(0, 0)));
        all.add(Command.of("bump", "F3", () -> pose(1, 1)));
        all.add(Command.of("droop", "F4", () -> pose(-1, -1)));
        all.add(Command.of("twist", "F5", () -> pose(1, -1)));
        all.add(Command.of("steer_left", "F7", () -> steerTo(1)));
        all.add(Command.of("steer_right", "F8", () -> steerTo(-1)));
        all.add(Command.of("steer_straight", "Shift+F2", () -> steerTo(0)));
        for (int i = 0; i < WORST_POSES.size(); i++) {
            int number = i;
            all.add(Command.of("worst_" + WORST_POSES.get(i), "Alt+" + (i + 1), () -> worstPose(number)));
        }
        all.add(Command.of("play", "F9", playback::toggle));
    }

    private void steps() {
        for (int i = 0; i < Steps.ALL.size(); i++) {
            // The digits end at nine; the list goes on with Shift.
            int number = i + 1;
            String keys = number <= DIGITS ? "Shortcut+" + number : "Shortcut+Shift+" + (number - DIGITS);
            Step step = Steps.ALL.get(i);
            all.add(Command.of(
                    "step_" + step.id(), keys, () -> window.openStep().set(step)));
        }
        all.add(Command.of("board", "Shortcut+D", window::focusBoard));
        all.add(Command.of("fit", "Shortcut+0", window::fit));
        all.add(Command.of("enlarge", "Shortcut+L", window::enlarge));
        all.add(Command.of("turned", "Shortcut+R", window::turn));
        all.add(Command.of("measure", "Shortcut+M", () -> window.measure(MeasuringTool::toggle)));
        all.add(Command.of("rulers", "Shortcut+Shift+M", () -> window.measure(MeasuringTool::toggleRulers)));
    }

    private void looks() {
        all.add(Command.of("units", "Shortcut+U", window.appearance()::nextUnits));
        all.add(Command.of("theme", "Shortcut+T", window.appearance()::otherTheme));
        all.add(Command.of(
                "larger", "Shortcut+Equals", () -> window.appearance().stepText(1)));
        all.add(Command.of(
                "smaller", "Shortcut+Minus", () -> window.appearance().stepText(-1)));
        all.add(Command.of("find", "Shortcut+K", window::find));
        all.add(Command.of("keys", "F1", () -> window.read("keys")));
        all.add(Command.of("about", "", () -> window.read("about")));
    }

    private void otherAxle() {
        window.workOn(state.axleProperty().get() == AxlePlace.FRONT ? AxlePlace.REAR : AxlePlace.FRONT);
    }

    /** Full bump for 1, full droop for -1, each side; a twist goes as far as the shorter of the two. */
    private void pose(int left, int right) {
        playback.stop();
        Axle axle = document.vehicle().axle(state.axleProperty().get()).orElseThrow();
        double up = axle.travel().bump();
        double down = axle.travel().droop();
        state.poseProperty()
                .set(new WheelTravel(left > 0 ? up : left < 0 ? -down : 0, right > 0 ? up : right < 0 ? -down : 0));
    }

    /** One of the poses that are cycled to, on the step that shows what is near there. */
    private void worstPose(int number) {
        playback.stop();
        window.openStep().set(Steps.CYCLE);
        if (window.pane(Steps.CYCLE) instanceof CyclePane cycle) {
            cycle.goTo(number);
        }
    }

    private void steerTo(double part) {
        playback.stop();
        state.poseProperty().set(state.poseProperty().get().withSteer(part));
    }

    /** Keeps where the selected mount is bolted now as one of its holes. */
    private void keepHole() {
        MountRef ref = state.selectionProperty().get();
        if (ref != null) {
            document.change(
                    HoleMoves.keep(document.vehicle(), ref, window.words().text("compare.hole")),
                    Message.of("change.hole_kept", ref.mount()),
                    "");
        }
    }

    private void arrangeLeaves(BiFunction<Vehicle, AxlePlace, Vehicle> how) {
        AxlePlace place = state.axleProperty().get();
        Vehicle before = document.vehicle();
        boolean leaves = before.axle(place)
                .filter(axle -> !axle.linkage().leaves().isEmpty())
                .isPresent();
        if (!leaves) {
            return;
        }
        Vehicle after = how.apply(before, place);
        if (document.change(after, Message.of("change.leaf"), "")) {
            leafChange.ask(goOn -> LeafChange.of(before, after, place), told -> window.tell(told.said()));
        }
    }

    void dispose() {
        playback.stop();
        leafChange.dispose();
    }
}
