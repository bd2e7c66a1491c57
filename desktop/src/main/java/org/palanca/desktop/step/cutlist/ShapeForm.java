package org.palanca.desktop.step.cutlist;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.MountDrag;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.LatestTask;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.step.FormFields;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.study.assessment.StraightBarOffer;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.BarBend;
import org.palanca.vehicle.hardware.BarPath;
import org.palanca.vehicle.hardware.BarShape;
import org.palanca.vehicle.hardware.LinkMake;

/** The bends of the link that is picked: each corner, how their plane is turned, and the force that the bar is asked to bear. */
final class ShapeForm {
    /** A bend that is begun is this many diameters of the tube in radius, where there is room: what shop benders make. */
    private static final double RADIUS = 3;

    /** How far a first bend stands off, as a part of the link's length. */
    private static final double OFF = 0.05;

    /** Of the radius that just fits. */
    private static final double FITS = 0.8;

    private static final Duration REST = Duration.millis(300);

    private final CutListPane pane;
    private final FormFields fields;
    private final BiConsumer<LinkCut, UnaryOperator<LinkMake>> change;
    private final LatestTask offering = LatestTask.patient("straight bar", REST);
    private Optional<Asked> asked = Optional.empty();
    private Optional<StraightBarOffer> offer = Optional.empty();
    private boolean answered;

    /** What the other school was asked for. */
    private record Asked(Vehicle vehicle, AxlePlace place, String link) {
        boolean same(Asked other) {
            return vehicle == other.vehicle && place == other.place && link.equals(other.link);
        }
    }

    ShapeForm(CutListPane pane, FormFields fields, BiConsumer<LinkCut, UnaryOperator<LinkMake>> change) {
        this.pane = pane;
        this.fields = fields;
        this.change = change;
    }

    List<Node> rows(LinkCut cut) {
        Words w = pane.words();
        BarShape now = cut.link().make().shape().orElse(new BarShape(0, List.of(), OptionalDouble.empty()));
        List<Node> rows = new ArrayList<>();
        rows.add(Labels.sentence(
                now.bends().isEmpty()
                        ? w.text("cutlist.straight")
                        : w.text("cutlist.bent", cut.link().from()),
                "second"));
        for (int i = 0; i < now.bends().size(); i++) {
            rows.add(bend(cut, now, i));
        }
        if (!now.bends().isEmpty()) {
            FlowPane row = fields.row();
            MeasureField turned = new MeasureField(
                    Quantity.ANGLE, pane.wordsSupplier(), typed -> take(cut, now.withTurned(typed)), pane.complaints());
            turned.setId("cut-turned");
            turned.show(now.turned());
            row.getChildren()
                    .addAll(
                            Labels.over(w.text("cutlist.turned"), turned, Quantity.ANGLE, pane.wordsSupplier()),
                            fields.field(
                                    "cut-force",
                                    "cutlist.force",
                                    Quantity.FORCE,
                                    now.force(),
                                    typed -> take(cut, now.withForce(typed))));
            rows.add(row);
        }
        Button another = Labels.button(
                "cut-bend-add",
                w.text(now.bends().isEmpty() ? "cutlist.bend_first" : "cutlist.bend_add"),
                () -> take(cut, now.withBends(another(cut, now.bends()))));
        rows.add(another);
        if (!now.bends().isEmpty()) {
            rows.add(straight(cut, w));
        }
        return rows;
    }

    /** The other school, once it has been held against every study. */
    private Node straight(LinkCut cut, Words w) {
        Asked now = new Asked(pane.vehicle(), cut.axle().place(), cut.link().name());
        if (asked.filter(now::same).isEmpty()) {
            asked = Optional.of(now);
            offer = Optional.empty();
            answered = false;
            double grid = MountDrag.grid(w.units().length());
            offering.ask(goOn -> StraightBarOffer.of(now.vehicle(), now.place(), now.link(), grid, goOn), found -> {
                offer = found;
                answered = true;
                pane.refresh();
            });
        }
        if (offer.isEmpty()) {
            return Labels.sentence(answered ? "" : w.text("cutlist.straight_trying"), "second");
        }
        StraightBarOffer other = offer.get();
        String said = w.text(other.said(now.vehicle()));
        Label does = Labels.sentence(said, other.worse().isEmpty() ? "working-why" : "limit");
        does.setId("cut-straight");
        Button attempt = Labels.button(
                "cut-straight-try",
                w.text("trouble.try"),
                () -> pane.document()
                        .tryout()
                        .begin(
                                other.after(),
                                Message.of("change.straight_bar", cut.link().name()),
                                said));
        attempt.setAccessibleText(w.text("trouble.try") + ": " + said);
        return new VBox(3, does, attempt);
    }

    /** Ends the work beside the window. */
    void dispose() {
        offering.dispose();
    }

    private Node bend(LinkCut cut, BarShape now, int index) {
        Words w = pane.words();
        BarBend bend = now.bends().get(index);
        String id = Integer.toString(index + 1);
        FlowPane head = fields.row();
        head.setRowValignment(VPos.CENTER);
        head.getChildren()
                .addAll(
                        Labels.of(w.text("cutlist.bend", id), "second"),
                        Labels.button("cut-bend-drop-" + id, w.text("cutlist.bend_drop"), () -> {
                            List<BarBend> left = new ArrayList<>(now.bends());
                            left.remove(index);
                            take(cut, now.withBends(left));
                        }));
        FlowPane row = fields.row();
        fields.length(
                row,
                "cut-bend-along-" + id,
                "cutlist.bend_along",
                bend.along(),
                typed -> take(cut, now.withBend(index, new BarBend(typed, bend.off(), bend.radius()))));
        fields.length(
                row,
                "cut-bend-off-" + id,
                "cutlist.bend_off",
                bend.off(),
                typed -> take(cut, now.withBend(index, new BarBend(bend.along(), typed, bend.radius()))));
        fields.length(
                row,
                "cut-bend-radius-" + id,
                "cutlist.bend_radius",
                bend.radius(),
                typed -> take(cut, now.withBend(index, new BarBend(bend.along(), bend.off(), typed))));
        return new VBox(4, head, row);
    }

    /** One more, half-way between the last and the pin, with the radius that fits: a place to begin from. */
    private static List<BarBend> another(LinkCut cut, List<BarBend> bends) {
        double pins = cut.pinToPin();
        double last = bends.isEmpty() ? 0 : bends.get(bends.size() - 1).along();
        double off = bends.isEmpty() ? OFF * pins : bends.get(bends.size() - 1).off();
        double radius = RADIUS * cut.tube().outside();
        List<BarBend> all = new ArrayList<>(bends);
        all.add(new BarBend(grid((last + pins) / 2), grid(off), radius));
        BarPath path = BarPath.of(pins, all);
        int added = bends.size();
        for (int piece = added; piece <= added + 1; piece++) {
            double tight = path.straight(piece);
            if (tight < 0) {
                double there = tight + path.setback(added);
                radius = Math.min(radius, FITS * path.bend(added).radius() * there / path.setback(added));
            }
        }
        all.set(added, new BarBend(grid((last + pins) / 2), grid(off), grid(radius)));
        return all;
    }

    private static double grid(double length) {
        return Quantity.LENGTH.onGrid(length);
    }

    private void take(LinkCut cut, BarShape shape) {
        change.accept(
                cut,
                make -> make.withShape(
                        Optional.of(shape).filter(one -> !one.bends().isEmpty())));
    }
}
