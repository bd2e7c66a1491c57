package org.palanca.desktop.step.cycle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import org.palanca.desktop.board.Grip;
import org.palanca.desktop.board.Grips;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.document.FileAsker;
import org.palanca.desktop.step.MountMeasures;
import org.palanca.vehicle.Hose;

/** The fields of what is picked on the drawing, or from the list of all there is: no others. */
final class Inspector {
    private final CyclePane pane;
    private final Consumer<Optional<Grip>> take;
    private final ComboBox<Picked> list = new ComboBox<>();
    private final PartForm part;
    private final HoseForm hose;
    private final RulesForm rules;
    private final AddForm add;
    private final MountMeasures mount;
    private Optional<Picked> picked = Optional.empty();
    private boolean filling;

    /** @param take takes something drawn in hand, or nothing */
    Inspector(CyclePane pane, FileAsker asker, Consumer<Optional<Grip>> take) {
        this.pane = pane;
        this.take = take;
        part = new PartForm(pane);
        hose = new HoseForm(pane);
        rules = new RulesForm(pane);
        add = new AddForm(pane, asker, this::pick);
        mount = new MountMeasures("cycle-mount", pane.document(), pane.wordsSupplier(), pane.complaints());
        list.setId("cycle-pick");
        list.setMaxWidth(Double.MAX_VALUE);
        list.setVisibleRowCount(16);
        list.setOnAction(event -> {
            if (!filling && list.getValue() != null) {
                pick(list.getValue());
            }
        });
        relabel();
    }

    void relabel() {
        add.relabel();
        filling = true;
        list.setConverter(Choices.named(one -> one.name(pane.words())));
        filling = false;
    }

    /** Shows the fields of something, and takes it in hand where it is drawn. */
    void pick(Picked next) {
        picked = Optional.of(next);
        take.accept(next instanceof Picked.Thing thing ? Optional.of(thing.grip()) : Optional.empty());
    }

    /** What is in hand has its fields; what was picked from the list keeps them until something is in hand. */
    List<Node> rows(Grips grips, Optional<Grip> inHand) {
        List<Picked> all = all(grips);
        picked = inHand.<Picked>map(Picked.Thing::new)
                .or(() -> picked.filter(one -> !(one instanceof Picked.Thing)))
                .filter(all::contains);
        filling = true;
        if (!list.getItems().equals(all)) {
            list.getItems().setAll(all);
        }
        list.setPromptText(pane.words().text("cycle.pick"));
        list.setValue(picked.orElse(null));
        filling = false;
        List<Node> rows = new ArrayList<>();
        rows.add(list);
        picked.ifPresent(one -> rows.addAll(fields(one)));
        return rows;
    }

    /** Shows where a mount is while it is moved; the fields of a part wait until the hand rests. */
    void moved(Grip grip) {
        if (grip instanceof Grip.OnMount held) {
            mount.show(held.ref());
        }
    }

    private List<Picked> all(Grips grips) {
        List<Hose> hoses = pane.build().surroundings(pane.place()).hoses();
        return Stream.of(
                        grips.all().stream().map(Picked.Thing::new),
                        IntStream.range(0, hoses.size())
                                .mapToObj(
                                        i -> new Picked.Hanging(i, hoses.get(i).name())),
                        Stream.of(Picked.Other.values()))
                .flatMap(some -> some)
                .<Picked>map(one -> one)
                .toList();
    }

    private List<? extends Node> fields(Picked one) {
        if (one instanceof Picked.Thing thing) {
            return fields(thing.grip());
        }
        if (one instanceof Picked.Hanging hanging) {
            return hose.rows(hanging.index());
        }
        return one == Picked.Other.ADD
                ? add.rows()
                : List.of(Labels.sentence(pane.words().text("cycle.rules_why"), "second"), rules.row());
    }

    private List<? extends Node> fields(Grip grip) {
        if (grip instanceof Grip.OnPart described) {
            return part.rows(described.ref());
        }
        mount.show(((Grip.OnMount) grip).ref());
        return mount.pairs();
    }
}
