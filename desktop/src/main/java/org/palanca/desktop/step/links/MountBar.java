package org.palanca.desktop.step.links;

import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import org.palanca.base.geometry.SidedName;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.BodyChooser;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.step.MountMeasures;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.MountMoves;

/** The mount in hand above the board: its name and its three measures, as a tape gives them, to be typed. */
public final class MountBar extends StackPane {
    private final Document document;
    private final BoardState state;
    private final Supplier<Words> words;
    private final Label hint = new Label();
    private final Label name = new Label();
    private final Button mirror = new Button();
    private final BodyChooser body;
    private final MountMeasures measures;
    private final FlowPane row = new FlowPane(10, 4);

    public MountBar(Document document, BoardState state, Supplier<Words> words, Consumer<String> complain) {
        this.document = document;
        this.state = state;
        this.words = words;
        getStyleClass().add("mount-bar");
        setMinWidth(0);
        measures = new MountMeasures("mount", document, words, complain);
        mirror.setId("mount-mirror");
        mirror.getStyleClass().add("quiet");
        mirror.setOnAction(event -> toggleMirror());
        body = new BodyChooser("mount-body", words, this::fixTo);
        name.getStyleClass().add("mount-name");
        hint.getStyleClass().add("second");
        hint.setWrapText(true);
        VBox title = new VBox(name, body);
        title.setAlignment(Pos.CENTER_LEFT);
        title.getStyleClass().add("mount-title");
        mirror.setMinWidth(USE_PREF_SIZE);
        row.getChildren().add(title);
        row.getChildren().addAll(measures.pairs());
        row.getChildren().add(mirror);
        row.setAlignment(Pos.CENTER_LEFT);
        row.prefWrapLengthProperty().bind(widthProperty());
        StackPane.setAlignment(hint, Pos.CENTER_LEFT);
        getChildren().addAll(hint, row);
        document.vehicleProperty().addListener((o, before, now) -> refresh());
        state.selectionProperty().addListener((o, before, now) -> refresh());
        state.axleProperty().addListener((o, before, now) -> refresh());
    }

    /** Shows the selection as it is now, in the present units and words. */
    public void refresh() {
        Words w = words.get();
        hint.setText(w.text("mount.hint"));
        Mount mount = mount();
        row.setVisible(mount != null);
        hint.setVisible(mount == null);
        if (mount == null) {
            return;
        }
        Axle axle = axle();
        name.setText(mount.name());
        boolean paired = mount.mirrored() || axle.mirrorImage(mount.name()).isPresent();
        body.setAccessibleText(w.text("mount.body"));
        body.show(axle, mount.body());
        measures.show(state.selectionProperty().get());
        mirror.setText(w.text(paired ? "mount.unlink" : "mount.link"));
        mirror.setVisible(paired || twin(axle, mount.name()) != null);
        mirror.setManaged(mirror.isVisible());
    }

    private Axle axle() {
        return document.vehicle().axle(state.axleProperty().get()).orElseThrow();
    }

    private @Nullable Mount mount() {
        MountRef ref = state.selectionProperty().get();
        if (ref == null || ref.axle() != state.axleProperty().get()) {
            return null;
        }
        return document.vehicle()
                .axle(ref.axle())
                .flatMap(axle -> axle.mount(ref.mount()))
                .orElse(null);
    }

    /** Makes the change; where it is refused, the fields show again what is. */
    private void change(Vehicle next, String what) {
        Message said = Message.of(what, state.selectionProperty().get().mount());
        if (!document.change(next, said, "")) {
            refresh();
        }
    }

    private void fixTo(BodyName chosen) {
        Mount mount = mount();
        if (mount != null && chosen != mount.body()) {
            change(
                    MountMoves.onBody(
                            document.vehicle(), state.selectionProperty().get(), chosen),
                    "change.body");
        }
    }

    private void toggleMirror() {
        Mount mount = mount();
        if (mount == null) {
            return;
        }
        Axle axle = axle();
        MountRef ref = state.selectionProperty().get();
        if (mount.mirrored()) {
            change(MountMoves.mirror(document.vehicle(), ref, null), "change.unlinked");
            return;
        }
        var image = axle.mirrorImage(mount.name());
        if (image.isPresent()) {
            MountRef follower = new MountRef(ref.axle(), image.get().name());
            change(MountMoves.mirror(document.vehicle(), follower, null), "change.unlinked");
            return;
        }
        String twin = twin(axle, mount.name());
        if (twin != null) {
            MountRef follower = new MountRef(ref.axle(), twin);
            change(MountMoves.mirror(document.vehicle(), follower, mount.name()), "change.linked");
        }
    }

    /** The mount of the same name on the other side, if it stands on its own. */
    private static @Nullable String twin(Axle axle, String name) {
        SidedName sided = SidedName.of(name);
        return sided.side()
                .flatMap(side -> axle.mount(sided.mirrored()))
                .filter(mount -> !(mount.placement() instanceof Placement.MirrorOf))
                .map(Mount::name)
                .orElse(null);
    }
}
