package org.palanca.desktop.step.bracket;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.step.EarsFields;
import org.palanca.desktop.step.FormFields;
import org.palanca.desktop.step.Sections;
import org.palanca.floor.plate.Bolted;
import org.palanca.floor.plate.BracketPlan;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.bracket.Seat;
import org.palanca.vehicle.bracket.Way;
import org.palanca.vehicle.hardware.BoltWay;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.work.ServiceMoment;

/** The fields of the bracket that is picked: its form, what it is welded on, its ears and hole, its fold, and how its bolt comes out. */
final class BracketForm {
    private static final String FORM = "form";
    private static final String SEAT = "seat";
    private static final String EARS = "ears";
    private static final String FOLD = "fold";
    private static final String BOLT = "bolt";

    private final BracketsPane pane;
    private final Sections sections = new Sections("brackets", List.of(FORM, SEAT, EARS, FOLD, BOLT));
    private final FormFields fields;
    private Optional<Chosen> chosen = Optional.empty();

    /**
     * Something to be welded on that was chosen and is not measured yet: nothing is made up for it.
     *
     * @param diameter of a tube [m]
     * @param clock where round it the bolt stands [rad]
     * @param distance from the bolt to the face, or to the tube's middle line [m]
     */
    private record Chosen(MountRef at, On on, OptionalDouble diameter, OptionalDouble clock, OptionalDouble distance) {}

    /** What a bracket is welded on, before it is said where it lies. */
    private enum On {
        HOUSING,
        FACE,
        TUBE;

        static On of(Optional<Seat> seat) {
            return seat.map(one -> one.match(face -> FACE, tube -> TUBE)).orElse(HOUSING);
        }
    }

    BracketForm(BracketsPane pane) {
        this.pane = pane;
        fields = new FormFields(
                pane, List.of("bracket-ear", "bracket-hole", "bracket-gap", "bracket-radius", "bracket-wall"));
        sections.open(Optional.of(SEAT));
    }

    /** The fields of a bracket. */
    List<Node> rows(BracketPlan plan) {
        Words w = pane.words();
        MountRef at = plan.mount();
        sections.relabel(w);
        sections.fill(FORM, form(plan));
        sections.fill(SEAT, seat(plan));
        sections.fill(EARS, ears(plan));
        sections.fill(FOLD, fold(plan));
        sections.fill(BOLT, bolt(plan));
        sections.offer(
                plan.bracket().form() == Bracket.Form.FOLDED
                        ? List.of(FORM, SEAT, EARS, FOLD, BOLT)
                        : List.of(FORM, SEAT, EARS, BOLT));
        List<Node> rows = new ArrayList<>();
        rows.add(Labels.sentence(w.text("axle." + at.axle().id()) + " · " + at.mount(), "form-title"));
        plan.bolted().ifPresent(one -> rows.add(Labels.sentence(w.text("brackets.holds", one.name()), "second")));
        rows.add(sections);
        rows.add(Labels.button("bracket-drop", w.text("brackets.drop"), () -> change(at, bracket -> Optional.empty())));
        return rows;
    }

    // --- What it is made of ---

    private List<Node> form(BracketPlan plan) {
        Words w = pane.words();
        Bracket now = plan.bracket();
        MountRef at = plan.mount();
        FlowPane row = fields.row();
        row.getChildren()
                .add(fields.choice(
                        "bracket-form",
                        "brackets.form",
                        List.of(Bracket.Form.values()),
                        now.form(),
                        one -> "bracket.form." + one.id(),
                        next -> set(at, bracket -> bracket.withForm(next))));
        TextField material = new TextField(now.material());
        material.setId("bracket-material");
        material.setPrefColumnCount(10);
        material.setPromptText(w.text("cutlist.not_known"));
        Runnable typed = () -> {
            String text = material.getText().strip();
            if (!text.equals(now.material())) {
                set(at, bracket -> bracket.withMaterial(text));
            }
        };
        material.setOnAction(event -> typed.run());
        material.focusedProperty().addListener((o, was, focused) -> {
            if (!focused) {
                typed.run();
            }
        });
        row.getChildren().add(Labels.over(w.text("cutlist.material"), material));
        List<Node> rows = new ArrayList<>(List.of(row));
        FlowPane foot = fields.row();
        foot.getChildren()
                .add(fields.field(
                        "bracket-foot",
                        "brackets.foot",
                        Quantity.LENGTH,
                        now.foot(),
                        "brackets.by_rule",
                        typedFoot -> set(at, bracket -> bracket.withFoot(typedFoot))));
        fields.length(
                foot,
                "bracket-shift",
                "brackets.shift",
                now.shift(),
                typedShift -> set(at, bracket -> bracket.withShift(typedShift)));
        rows.add(foot);
        if (now.form() == Bracket.Form.CLEVIS) {
            CheckBox tab = new CheckBox(w.text("brackets.locating"));
            tab.setId("bracket-locating");
            tab.setWrapText(true);
            tab.setSelected(now.locating());
            tab.setOnAction(event -> set(at, bracket -> bracket.withLocating(tab.isSelected())));
            rows.add(tab);
        }
        return rows;
    }

    // --- What it is welded on ---

    private List<Node> seat(BracketPlan plan) {
        Bracket now = plan.bracket();
        MountRef at = plan.mount();
        boolean onFrame = axle(at).mount(at.mount()).orElseThrow().onFrame();
        List<Node> rows = new ArrayList<>();
        Optional<Chosen> open = chosen.filter(one -> one.at().equals(at));
        rows.add(fields.choice(
                "bracket-on",
                "brackets.on",
                Arrays.asList(On.values()),
                open.map(Chosen::on).orElse(On.of(now.seat())),
                one -> one == On.HOUSING && onFrame ? "brackets.on_unknown" : "brackets.on." + one.name(),
                next -> choose(at, now, next)));
        if (open.isPresent()) {
            rows.add(measures(open.get(), onFrame));
            rows.add(Labels.sentence(pane.words().text("brackets.seat_wanted"), "second"));
            return rows;
        }
        now.seat().ifPresent(seat -> {
            FlowPane row = fields.row();
            Consumer<Seat> take = next -> set(at, bracket -> bracket.withSeat(Optional.of(next)));
            seat.visit(face -> face(row, face, take), tube -> tube(row, tube, take));
            rows.add(row);
        });
        return rows;
    }

    private void face(FlowPane row, Seat.Face face, Consumer<Seat> take) {
        row.getChildren()
                .add(fields.choice(
                        "bracket-way",
                        "brackets.face_lies",
                        List.of(Way.values()),
                        face.way(),
                        one -> "bracket.way." + one.id(),
                        next -> take.accept(new Seat.Face(next, face.distance(), face.wall()))));
        fields.length(
                row,
                "bracket-distance",
                "brackets.distance",
                face.distance(),
                typed -> take.accept(new Seat.Face(face.way(), typed, face.wall())));
        row.getChildren()
                .add(fields.field(
                        "bracket-wall",
                        "brackets.wall",
                        Quantity.LENGTH,
                        face.wall(),
                        typed -> take.accept(new Seat.Face(face.way(), face.distance(), typed))));
    }

    private void tube(FlowPane row, Seat.Tube tube, Consumer<Seat> take) {
        fields.length(
                row,
                "bracket-diameter",
                "cutlist.outside",
                tube.diameter(),
                typed -> take.accept(new Seat.Tube(typed, tube.along(), tube.clock(), tube.distance(), tube.wall())));
        row.getChildren()
                .add(fields.choice(
                        "bracket-along",
                        "brackets.tube_runs",
                        List.of(BoltWay.values()),
                        tube.along(),
                        one -> "cutlist.bolt_way." + one.id(),
                        next -> take.accept(
                                new Seat.Tube(tube.diameter(), next, tube.clock(), tube.distance(), tube.wall()))));
        MeasureField clock = new MeasureField(
                Quantity.ANGLE,
                pane.wordsSupplier(),
                typed -> take.accept(new Seat.Tube(tube.diameter(), tube.along(), typed, tube.distance(), tube.wall())),
                pane.complaints());
        clock.setId("bracket-clock");
        clock.show(tube.clock());
        row.getChildren()
                .add(Labels.over(
                        pane.words().text("brackets.clock." + tube.along().id()),
                        clock,
                        Quantity.ANGLE,
                        pane.wordsSupplier()));
        fields.length(
                row,
                "bracket-distance",
                "brackets.tube_distance",
                tube.distance(),
                typed -> take.accept(new Seat.Tube(tube.diameter(), tube.along(), tube.clock(), typed, tube.wall())));
        row.getChildren()
                .add(fields.field(
                        "bracket-wall",
                        "brackets.wall",
                        Quantity.LENGTH,
                        tube.wall(),
                        typed -> take.accept(
                                new Seat.Tube(tube.diameter(), tube.along(), tube.clock(), tube.distance(), typed))));
    }

    private void choose(MountRef at, Bracket now, On on) {
        chosen = Optional.empty();
        if (on == On.HOUSING) {
            set(at, bracket -> bracket.withSeat(Optional.empty()));
        } else if (on != On.of(now.seat())) {
            chosen = Optional.of(
                    new Chosen(at, on, OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty()));
        }
        pane.refresh();
    }

    /** What has to be measured before there is a seat. */
    private FlowPane measures(Chosen now, boolean onFrame) {
        FlowPane row = fields.row();
        boolean tube = now.on() == On.TUBE;
        BoltWay along = onFrame ? BoltWay.ALONG : BoltWay.ACROSS;
        if (tube) {
            row.getChildren()
                    .addAll(
                            fields.field(
                                    "bracket-diameter",
                                    "cutlist.outside",
                                    Quantity.LENGTH,
                                    now.diameter(),
                                    typed -> measured(
                                            new Chosen(now.at(), now.on(), typed, now.clock(), now.distance()), along)),
                            fields.field(
                                    "bracket-clock",
                                    "brackets.clock." + along.id(),
                                    Quantity.ANGLE,
                                    now.clock(),
                                    typed -> measured(
                                            new Chosen(now.at(), now.on(), now.diameter(), typed, now.distance()),
                                            along)));
        }
        row.getChildren()
                .add(fields.field(
                        "bracket-distance",
                        tube ? "brackets.tube_distance" : "brackets.distance",
                        Quantity.LENGTH,
                        now.distance(),
                        typed -> measured(new Chosen(now.at(), now.on(), now.diameter(), now.clock(), typed), along)));
        return row;
    }

    /** Makes it the bracket's seat once all is known; which way it lies or runs is chosen then. */
    private void measured(Chosen now, BoltWay along) {
        chosen = Optional.of(now);
        boolean tube = now.on() == On.TUBE;
        if (now.distance().isPresent()
                && (!tube || now.diameter().isPresent() && now.clock().isPresent())) {
            double distance = now.distance().getAsDouble();
            Seat seat = tube
                    ? new Seat.Tube(
                            now.diameter().getAsDouble(),
                            along,
                            now.clock().getAsDouble(),
                            distance,
                            OptionalDouble.empty())
                    : new Seat.Face(along == BoltWay.ALONG ? Way.UP : Way.AHEAD, distance, OptionalDouble.empty());
            chosen = Optional.empty();
            set(now.at(), bracket -> bracket.withSeat(Optional.of(seat)));
        }
        pane.refresh();
    }

    // --- Ears, hole and edge ---

    private List<Node> ears(BracketPlan plan) {
        Words w = pane.words();
        MountRef at = plan.mount();
        Bracket now = plan.bracket();
        List<Node> rows = new ArrayList<>();
        if (plan.bolted().isEmpty()) {
            return List.of(Labels.sentence(w.text("bracket.missing.bolted", at.mount()), "second"));
        }
        Bolted bolted = plan.bolted().get();
        if (bolted.link()) {
            rows.add(Labels.sentence(w.text("brackets.ears_of_link", bolted.name()), "second"));
        }
        Consumer<Ears> take = next -> take(at, Bolted.withEars(pane.vehicle(), axle(at), at.mount(), next));
        if (bolted.ears().isEmpty()) {
            rows.add(Labels.button(
                    "bracket-ears",
                    w.text("cutlist.ears_add"),
                    () -> take.accept(new Ears(
                            bolted.width().isPresent()
                                    ? Quantity.LENGTH.onGrid(bolted.width().getAsDouble() + Bracket.SIDE_ROOM)
                                    : EarsFields.FIRST.gap(),
                            EarsFields.FIRST.thickness(),
                            EarsFields.FIRST.bolt(),
                            EarsFields.FIRST.hole()))));
        } else {
            Ears ears = bolted.ears().get();
            rows.add(EarsFields.row(fields, "bracket", "", ears, take));
            if (bolted.width().isPresent()) {
                double gap = Quantity.LENGTH.onGrid(bolted.width().getAsDouble() + Bracket.SIDE_ROOM);
                double coated =
                        Quantity.LENGTH.onGrid(gap + 2 * pane.build().rules().paint());
                rows.add(Labels.sentence(
                        w.text(
                                "brackets.joint_wide",
                                Message.fine(bolted.width().getAsDouble())),
                        "second"));
                rows.add(Labels.button(
                        "bracket-gap-rule",
                        w.text("brackets.gap_rule", Message.fine(coated)),
                        () -> take.accept(new Ears(coated, ears.thickness(), ears.bolt(), ears.hole()))));
            }
        }
        rows.add(fields.field(
                "bracket-edge",
                "brackets.edge",
                Quantity.LENGTH,
                now.edge(),
                "brackets.by_rule",
                typed -> set(at, bracket -> bracket.withEdge(typed))));
        return rows;
    }

    // --- Fold ---

    private List<Node> fold(BracketPlan plan) {
        Bracket now = plan.bracket();
        MountRef at = plan.mount();
        FlowPane row = fields.row();
        row.getChildren()
                .addAll(
                        fields.field(
                                "bracket-radius",
                                "brackets.radius",
                                Quantity.LENGTH,
                                now.bendRadius(),
                                "brackets.by_rule",
                                typed -> set(at, bracket -> bracket.withFold(typed, bracket.kFactor()))),
                        fields.field(
                                "bracket-k",
                                "brackets.k",
                                Quantity.RATIO,
                                now.kFactor(),
                                "brackets.by_rule",
                                typed -> set(at, bracket -> bracket.withFold(bracket.bendRadius(), typed))));
        return List.of(row);
    }

    // --- Bolt ---

    private List<Node> bolt(BracketPlan plan) {
        Bracket now = plan.bracket();
        MountRef at = plan.mount();
        FlowPane row = fields.row();
        row.getChildren()
                .addAll(
                        fields.choice(
                                "bracket-out",
                                "brackets.out",
                                optional(Way.values()),
                                now.out(),
                                one -> one.map(way -> "bracket.draws." + way.id())
                                        .orElse("brackets.not_said"),
                                next -> set(at, bracket -> bracket.withOut(next, bracket.when()))),
                        fields.choice(
                                "bracket-when",
                                "brackets.when",
                                List.of(ServiceMoment.values()),
                                now.when(),
                                one -> "moment." + one.id(),
                                next -> set(at, bracket -> bracket.withOut(bracket.out(), next))));
        row.getChildren()
                .add(fields.choice(
                        "bracket-bolt-way",
                        "cutlist.bolt_way",
                        optional(BoltWay.values()),
                        Bolted.way(axle(at), at.mount()),
                        one -> one.map(way -> "cutlist.bolt_way." + way.id()).orElse("brackets.not_said"),
                        next -> take(at, Bolted.withBolt(pane.vehicle(), axle(at), at.mount(), next))));
        return List.of(row);
    }

    private static <T> List<Optional<T>> optional(T[] values) {
        return Stream.concat(
                        Stream.of(Optional.<T>empty()), Arrays.stream(values).map(Optional::of))
                .toList();
    }

    private Axle axle(MountRef at) {
        return pane.vehicle().axle(at.axle()).orElseThrow();
    }

    private void set(MountRef at, UnaryOperator<Bracket> how) {
        change(at, bracket -> Optional.of(how.apply(bracket)));
    }

    private void change(MountRef at, Function<Bracket, Optional<Bracket>> how) {
        Vehicle vehicle = pane.vehicle();
        Axle axle = axle(at);
        Optional<Bracket> next = axle.bracket(at.mount()).flatMap(how);
        take(at, vehicle.withAxle(axle.withBracket(at.mount(), next)));
    }

    private void take(MountRef at, Vehicle next) {
        if (!pane.document().change(next, Message.of("change.bracket", at.mount()), "")) {
            pane.refresh();
        }
    }
}
