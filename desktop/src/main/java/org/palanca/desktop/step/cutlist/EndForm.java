package org.palanca.desktop.step.cutlist;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.step.EarsFields;
import org.palanca.desktop.step.FormFields;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.vehicle.hardware.BoltWay;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.hardware.Hand;
import org.palanca.vehicle.hardware.HardwareCatalogue;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.LinkMake;
import org.palanca.vehicle.hardware.Thread;
import org.palanca.vehicle.hardware.ThreadedShank;

/** The fields of one end of a link: what it is, its size from the catalogue or typed, its thread, and the ears of its bracket. */
final class EndForm {
    private final CutListPane pane;
    private final FormFields fields;
    private final BiConsumer<LinkCut, UnaryOperator<LinkMake>> change;

    /** @param change changes what a link is made of */
    EndForm(CutListPane pane, FormFields fields, BiConsumer<LinkCut, UnaryOperator<LinkMake>> change) {
        this.pane = pane;
        this.fields = fields;
        this.change = change;
    }

    /** The fields of one end. */
    List<Node> rows(LinkCut cut, boolean first, HardwareCatalogue catalogue) {
        Words w = pane.words();
        LinkEnd now = (first ? cut.from() : cut.to()).end();
        boolean own = (first ? cut.link().make().from() : cut.link().make().to()).isPresent();
        Consumer<LinkEnd> take = next ->
                change.accept(cut, make -> first ? make.withFrom(Optional.of(next)) : make.withTo(Optional.of(next)));
        String id = first ? "from" : "to";
        List<Node> rows = new ArrayList<>();
        rows.add(Labels.sentence(
                w.text(own ? "cutlist.at" : "cutlist.at_usual", (first ? cut.from() : cut.to()).mount()), "second"));
        ComboBox<LinkEnd.Kind> kind = new ComboBox<>();
        kind.setId("cut-kind-" + id);
        kind.getItems().setAll(Arrays.asList(LinkEnd.Kind.values()));
        kind.setConverter(Choices.names(pane::words, one -> "end." + one.id()));
        kind.setValue(now.kind());
        kind.setOnAction(event -> take.accept(ofKind(kind.getValue(), now)));
        rows.add(kind);
        if (!now.name().isEmpty()) {
            rows.add(Labels.sentence(now.name(), "working-why"));
        }
        List<LinkEnd> known = catalogue.ends(now.kind());
        if (!known.isEmpty()) {
            ComboBox<LinkEnd> sizes = new ComboBox<>();
            sizes.setId("cut-size-" + id);
            sizes.getItems().setAll(known);
            sizes.setConverter(Choices.named(LinkEnd::name));
            sizes.setPromptText(w.text("cutlist.catalogue"));
            sizes.setMaxWidth(Double.MAX_VALUE);
            sizes.setOnAction(event -> take.accept(sizes.getValue()
                    .ofHand(now.shank().map(ThreadedShank::hand).orElse(usual(first)))
                    .withEars(now.ears())
                    .withBolt(now.bolt())));
            rows.add(sizes);
        }
        FlowPane row = fields.row();
        if (now.kind() != LinkEnd.Kind.UNKNOWN) {
            row.getChildren()
                    .add(fields.field(
                            "cut-reach-" + id,
                            now.kind().threaded() ? "cutlist.reach" : "cutlist.sleeve",
                            Quantity.LENGTH,
                            now.reach(),
                            value -> take.accept(now.withReach(value))));
        }
        if (now.kind().threaded()) {
            shank(row, id, now, first, take);
        }
        if (now.kind() != LinkEnd.Kind.UNKNOWN && now.kind() != LinkEnd.Kind.WELDED) {
            row.getChildren()
                    .addAll(
                            fields.field(
                                    "cut-tilt-" + id,
                                    "cutlist.misalignment",
                                    Quantity.ANGLE,
                                    now.misalignment(),
                                    value -> take.accept(now.withMisalignment(value))),
                            fields.field(
                                    "cut-width-" + id,
                                    "cutlist.width",
                                    Quantity.LENGTH,
                                    now.width(),
                                    value -> take.accept(now.withWidth(value))));
        }
        rows.add(row);
        if (now.kind() != LinkEnd.Kind.UNKNOWN && now.kind() != LinkEnd.Kind.WELDED) {
            rows.add(bolt(id, now, take));
            rows.addAll(ears(id, now, take));
        }
        if (own) {
            rows.add(Labels.button(
                    "cut-usual-" + id,
                    w.text("cutlist.as_usual"),
                    () -> change.accept(
                            cut, make -> first ? make.withFrom(Optional.empty()) : make.withTo(Optional.empty()))));
        }
        return rows;
    }

    private static Hand usual(boolean first) {
        return first ? Hand.RIGHT : Hand.LEFT;
    }

    /** Another kind of end: nothing of the one before holds for it but its bracket, and nothing is made up. */
    private static LinkEnd ofKind(LinkEnd.Kind kind, LinkEnd before) {
        return before.kind() == kind
                ? before
                : LinkEnd.of(kind).withEars(before.ears()).withBolt(before.bolt());
    }

    private void shank(FlowPane row, String id, LinkEnd now, boolean first, Consumer<LinkEnd> take) {
        Words w = pane.words();
        if (now.shank().isEmpty()) {
            row.getChildren()
                    .add(Labels.button(
                            "cut-shank-" + id,
                            w.text("cutlist.shank_add"),
                            () -> take.accept(now.withShank(
                                    pane.vehicle().hardware().end(first).shank()))));
            return;
        }
        ThreadedShank shank = now.shank().get();
        TextField thread = new TextField(shank.thread().map(Thread::text).orElse(""));
        thread.setId("cut-thread-" + id);
        thread.setPromptText("3/4-16");
        thread.setPrefColumnCount(6);
        Runnable typed = () -> thread(thread.getText(), shank, now, take);
        thread.setOnAction(event -> typed.run());
        thread.focusedProperty().addListener((o, was, focused) -> {
            if (!focused) {
                typed.run();
            }
        });
        row.getChildren().add(Labels.over(w.text("cutlist.thread"), thread));
        row.getChildren()
                .add(Labels.over(
                        w.text("cutlist.hand"),
                        Labels.button(
                                "cut-hand-" + id,
                                w.text("hand." + shank.hand().id()),
                                () -> take.accept(now.ofHand(shank.hand().other())))));
        Consumer<ThreadedShank> set = next -> take.accept(now.withShank(Optional.of(next)));
        fields.length(
                row,
                "cut-shank-length-" + id,
                "cutlist.shank",
                shank.length(),
                value -> set.accept(shank.withLength(value)));
        fields.length(
                row,
                "cut-insert-" + id,
                "cutlist.insert",
                shank.insertThread(),
                value -> set.accept(shank.withInsertThread(value)));
        fields.length(
                row,
                "cut-shoulder-" + id,
                "cutlist.shoulder",
                shank.insertShoulder(),
                value -> set.accept(shank.withInsertShoulder(value)));
        fields.length(
                row, "cut-nut-" + id, "cutlist.jam_nut", shank.jamNut(), value -> set.accept(shank.withJamNut(value)));
        fields.length(
                row,
                "cut-set-" + id,
                "cutlist.set",
                shank.exposed(),
                value -> set.accept(shank.withSet(OptionalDouble.of(value))));
        row.getChildren()
                .add(Labels.button(
                        "cut-middle-" + id,
                        w.text("cutlist.middle"),
                        () -> set.accept(
                                shank.withSet(OptionalDouble.of(Quantity.LENGTH.onGrid(shank.middleExposed()))))));
    }

    private void thread(String text, ThreadedShank shank, LinkEnd now, Consumer<LinkEnd> take) {
        String before = shank.thread().map(Thread::text).orElse("");
        if (text.strip().equals(before)) {
            return;
        }
        Optional<Thread> thread = Thread.parse(text).filter(Thread::cuttable);
        if (thread.isEmpty() && !text.isBlank()) {
            pane.complain(pane.words().text("cutlist.no_thread", text.strip()));
            return;
        }
        take.accept(now.withShank(Optional.of(shank.withThread(thread))));
    }

    /** Which way its bolt points, where that is known. */
    private Node bolt(String id, LinkEnd now, Consumer<LinkEnd> take) {
        ComboBox<Optional<BoltWay>> ways = new ComboBox<>();
        ways.setId("cut-bolt-way-" + id);
        ways.getItems().add(Optional.empty());
        Arrays.stream(BoltWay.values()).map(Optional::of).forEach(ways.getItems()::add);
        ways.setConverter(Choices.names(
                pane::words, way -> "cutlist.bolt_way." + way.map(BoltWay::id).orElse("square")));
        ways.setValue(now.bolt());
        ways.setOnAction(event -> take.accept(now.withBolt(ways.getValue())));
        return Labels.over(pane.words().text("cutlist.bolt_way"), ways);
    }

    private List<Node> ears(String id, LinkEnd now, Consumer<LinkEnd> take) {
        Words w = pane.words();
        if (now.ears().isEmpty()) {
            return List.of(Labels.button(
                    "cut-ears-" + id,
                    w.text("cutlist.ears_add"),
                    () -> take.accept(now.withEars(Optional.of(new Ears(
                            now.width().orElse(EarsFields.FIRST.gap()),
                            EarsFields.FIRST.thickness(),
                            EarsFields.FIRST.bolt(),
                            EarsFields.FIRST.hole()))))));
        }
        Ears ears = now.ears().get();
        Consumer<Ears> changed = next -> take.accept(now.withEars(Optional.of(next)));
        FlowPane row = EarsFields.row(fields, "cut", "-" + id, ears, changed);
        return List.of(
                row,
                Labels.button(
                        "cut-no-ears-" + id,
                        w.text("cutlist.ears_drop"),
                        () -> take.accept(now.withEars(Optional.empty()))));
    }
}
