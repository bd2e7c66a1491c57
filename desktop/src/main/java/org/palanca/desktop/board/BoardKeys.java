package org.palanca.desktop.board;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.document.Document;
import org.palanca.drawing.Axonometry;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.edit.MountMoves;

/** What the keys do on the board: choose a mount after another, and move it by the grid. */
final class BoardKeys {
    private static final int LONG_STEP = 16;

    private final Document document;
    private final BoardState state;
    private final Supplier<Words> words;
    private final Supplier<Optional<Axonometry>> seenFrom;
    private final Supplier<Elevation> lastElevation;

    /**
     * @param seenFrom from where the view from any side is seen, where that was touched last
     * @param lastElevation the one touched last otherwise, in which arrows point
     */
    BoardKeys(
            Document document,
            BoardState state,
            Supplier<Words> words,
            Supplier<Optional<Axonometry>> seenFrom,
            Supplier<Elevation> lastElevation) {
        this.seenFrom = seenFrom;
        this.document = document;
        this.state = state;
        this.words = words;
        this.lastElevation = lastElevation;
    }

    void pressed(KeyEvent event) {
        KeyCode code = event.getCode();
        MountRef selected = state.selectionProperty().get();
        if (code == KeyCode.ESCAPE) {
            state.selectionProperty().set(null);
        } else if (code == KeyCode.CLOSE_BRACKET || code == KeyCode.OPEN_BRACKET) {
            selectNext(code == KeyCode.CLOSE_BRACKET ? 1 : -1);
        } else if (code.isArrowKey() && selected != null && !event.isShortcutDown()) {
            nudge(selected, code, event.isShiftDown() ? LONG_STEP : 1);
        } else {
            return;
        }
        event.consume();
    }

    private Optional<Axle> axle() {
        return document.vehicle().axle(state.axleProperty().get());
    }

    private void selectNext(int step) {
        List<String> mounts = axle().stream()
                .flatMap(axle -> axle.mounts().stream().map(Mount::name))
                .toList();
        if (mounts.isEmpty()) {
            return;
        }
        MountRef selected = state.selectionProperty().get();
        int at = selected == null ? -1 : mounts.indexOf(selected.mount());
        int next = at < 0 ? 0 : Math.floorMod(at + step, mounts.size());
        state.selectionProperty().set(new MountRef(state.axleProperty().get(), mounts.get(next)));
    }

    /** Moves what is selected the way the arrow points in the elevation touched last. */
    private void nudge(MountRef ref, KeyCode code, int steps) {
        Optional<Axle> axle = axle().filter(one ->
                one.place() == ref.axle() && one.mount(ref.mount()).isPresent());
        if (axle.isEmpty()) {
            return;
        }
        Vector3D at = axle.get().position(ref.mount(), document.vehicle().wheelbase());
        double step = steps * MountDrag.grid(words.get().units().length());
        double across = code == KeyCode.RIGHT ? step : code == KeyCode.LEFT ? -step : 0;
        double up = code == KeyCode.UP ? step : code == KeyCode.DOWN ? -step : 0;
        Optional<Axonometry> seen = seenFrom.get();
        Elevation elevation = seen.map(Axonometry::faced).orElseGet(lastElevation);
        Shape.Point by = seen.map(view -> view.along(across, up)).orElse(new Shape.Point(across, up));
        Vector3D to = elevation.place(elevation.across(at) + by.across(), elevation.up(at) + by.up(), at);
        document.change(
                MountMoves.moveTo(document.vehicle(), ref, to),
                Message.of("change.moved", ref.mount()),
                "nudge " + ref.mount());
    }
}
