package org.palanca.desktop.step.links;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;
import org.palanca.base.geometry.Side;
import org.palanca.base.geometry.SidedName;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.document.Document;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
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
    private final Label about = new Label();
    private final Label aheadName = new Label();
    private final Label outName = new Label();
    private final Label upName = new Label();
    private final Button mirror = new Button();
    private final MeasureField ahead;
    private final MeasureField out;
    private final MeasureField up;
    private final FlowPane row = new FlowPane(10, 4);
    private final List<Label> units = new ArrayList<>();

    public MountBar(Document document, BoardState state, Supplier<Words> words, Consumer<String> complain) {
        this.document = document;
        this.state = state;
        this.words = words;
        getStyleClass().add("mount-bar");
        setMinWidth(0);
        ahead = new MeasureField(Quantity.LENGTH, words, value -> move(value, 0), complain);
        out = new MeasureField(Quantity.LENGTH, words, value -> move(value, 1), complain);
        up = new MeasureField(Quantity.LENGTH, words, value -> move(value, 2), complain);
        ahead.setId("mount-ahead");
        out.setId("mount-out");
        up.setId("mount-up");
        mirror.setId("mount-mirror");
        mirror.getStyleClass().add("quiet");
        mirror.setOnAction(event -> toggleMirror());
        name.getStyleClass().add("mount-name");
        about.getStyleClass().add("second");
        hint.getStyleClass().add("second");
        hint.setWrapText(true);
        for (Label label : new Label[] {aheadName, outName, upName}) {
            label.setMinWidth(USE_PREF_SIZE);
            label.getStyleClass().add("second");
        }
        VBox title = new VBox(name, about);
        title.setAlignment(Pos.CENTER_LEFT);
        title.getStyleClass().add("mount-title");
        mirror.setMinWidth(USE_PREF_SIZE);
        row.getChildren().addAll(title, pair(aheadName, ahead), pair(outName, out), pair(upName, up), mirror);
        row.setAlignment(Pos.CENTER_LEFT);
        row.prefWrapLengthProperty().bind(widthProperty());
        StackPane.setAlignment(hint, Pos.CENTER_LEFT);
        getChildren().addAll(hint, row);
        document.vehicleProperty().addListener((o, before, now) -> refresh());
        state.selectionProperty().addListener((o, before, now) -> refresh());
        state.axleProperty().addListener((o, before, now) -> refresh());
    }

    private HBox pair(Label label, MeasureField field) {
        Label unit = Labels.of("", "second");
        unit.setMinWidth(USE_PREF_SIZE);
        units.add(unit);
        HBox pair = new HBox(5, label, field, unit);
        pair.setAlignment(Pos.CENTER_LEFT);
        pair.setMinWidth(USE_PREF_SIZE);
        return pair;
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
        Vector3D at = axle.position(mount.name(), document.vehicle().wheelbase());
        name.setText(mount.name());
        boolean paired = mount.mirrored() || axle.mirrorImage(mount.name()).isPresent();
        about.setText(w.text(paired ? "mount.about_pair" : "mount.about", w.text("body." + mount.body())));
        aheadName.setText(w.text(axle.place() == AxlePlace.FRONT ? "mount.behind" : "mount.ahead"));
        outName.setText(w.text("mount.out"));
        upName.setText(w.text("mount.up"));
        units.forEach(unit -> unit.setText(w.units().unit(Quantity.LENGTH)));
        ahead.show(inward(axle) * (at.getX() - axle.lineX(document.vehicle().wheelbase())));
        out.show(Math.abs(at.getY()));
        up.show(at.getZ());
        mirror.setText(w.text(paired ? "mount.unlink" : "mount.link"));
        mirror.setVisible(paired || twin(axle, mount.name()) != null);
        mirror.setManaged(mirror.isVisible());
    }

    private static double inward(Axle axle) {
        return -axle.place().outward();
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

    private void move(double value, int measure) {
        Mount mount = mount();
        if (mount == null) {
            return;
        }
        Axle axle = axle();
        double wheelbase = document.vehicle().wheelbase();
        Vector3D at = axle.position(mount.name(), wheelbase);
        Vector3D to = switch (measure) {
            case 0 -> new Vector3D(axle.lineX(wheelbase) + inward(axle) * value, at.getY(), at.getZ());
            case 1 -> new Vector3D(at.getX(), Side.of(at.getY()).sign() * value, at.getZ());
            default -> new Vector3D(at.getX(), at.getY(), value);
        };
        change(MountMoves.moveTo(document.vehicle(), state.selectionProperty().get(), to), "change.moved");
    }

    /** Makes the change; where it is refused, the fields show again what is. */
    private void change(Vehicle next, String what) {
        Message said = Message.of(what, state.selectionProperty().get().mount());
        if (!document.change(next, said, "")) {
            refresh();
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
