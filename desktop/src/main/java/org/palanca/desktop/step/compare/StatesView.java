package org.palanca.desktop.step.compare;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Verdict;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.study.ride.LoadSink;
import org.palanca.study.state.StateOutOfReachException;
import org.palanca.study.state.StateWords;
import org.palanca.study.state.VehicleInState;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.RideState;
import org.palanca.vehicle.Tyre;
import org.palanca.vehicle.Vehicle;

/** Other heights and tyres that the vehicle may stand on: what each changes, and the vehicle that stands so. */
final class StatesView {
    private final ComparePane pane;
    private final TextField name = new TextField();
    private final Map<RideState, List<Verdict>> said = new HashMap<>();
    private @Nullable Vehicle told;

    StatesView(ComparePane pane) {
        this.pane = pane;
        name.setId("state-name");
        name.setPrefColumnCount(16);
    }

    List<Node> rows() {
        Words w = pane.words();
        List<Node> rows = new ArrayList<>();
        rows.add(Labels.sentence(w.text("states.title"), "page-title"));
        rows.add(Labels.sentence(w.text("states.why"), "second"));
        name.setPromptText(w.text("states.name"));
        FlowPane maker = new FlowPane(8, 8, name, Labels.button("state-add", w.text("states.add"), this::add));
        rows.add(maker);
        List<RideState> states = vehicle().states();
        for (int i = 0; i < states.size(); i++) {
            rows.add(row(states.get(i), i + 1, w));
        }
        return rows;
    }

    private Vehicle vehicle() {
        return pane.document().vehicle();
    }

    private void add() {
        Set<String> taken = vehicle().states().stream().map(RideState::name).collect(Collectors.toSet());
        String wished = name.getText().isBlank()
                ? pane.words().text("states.called")
                : name.getText().strip();
        String free = wished;
        for (int n = 2; taken.contains(free); n++) {
            free = wished + " " + n;
        }
        List<RideState> states = new ArrayList<>(vehicle().states());
        states.add(new RideState(free, "", RideState.Standing.PLAN, RideState.Standing.PLAN));
        name.clear();
        pane.document().change(vehicle().withStates(states), Message.of("change.state_added", free), "");
    }

    private void change(RideState state, UnaryOperator<RideState> how) {
        List<RideState> states = vehicle().states().stream()
                .map(one -> one.name().equals(state.name()) ? how.apply(one) : one)
                .toList();
        if (!pane.document().change(vehicle().withStates(states), Message.of("change.state", state.name()), "")) {
            pane.refresh();
        }
    }

    private Node row(RideState state, int number, Words w) {
        VBox row = new VBox(6);
        row.getChildren().add(Labels.sentence(state.name(), "form-title"));
        FlowPane fields = new FlowPane(10, 6);
        for (AxlePlace place : AxlePlace.values()) {
            fields.getChildren().add(lower(state, place, number, w));
            boolean sprung = vehicle()
                    .axle(place)
                    .filter(axle -> axle.springing().carries())
                    .isPresent();
            if (sprung) {
                fields.getChildren().add(load(state, place, number, w));
            }
            if (vehicle().axle(place).isPresent()) {
                fields.getChildren().add(tyre(state, place, number, w));
            }
        }
        row.getChildren().add(fields);
        said(state)
                .forEach(one ->
                        row.getChildren().add(Labels.sentence(w.text(one.message()), one.good() ? "second" : "limit")));
        FlowPane actions = new FlowPane(6, 6);
        actions.getChildren()
                .addAll(
                        Labels.button("state-open-" + number, w.text("states.open"), () -> open(state)),
                        Labels.button("state-overlay-" + number, w.text("compare.overlay"), () -> overlay(state)),
                        Labels.button("state-remove-" + number, w.text("compare.remove"), () -> remove(state)));
        row.getChildren().add(actions);
        return row;
    }

    /** Worked out once a vehicle: the pane is shown anew at every pose. */
    private List<Verdict> said(RideState state) {
        if (told != vehicle()) {
            told = vehicle();
            said.clear();
        }
        return said.computeIfAbsent(state, one -> StateWords.of(vehicle(), one));
    }

    private Node lower(RideState state, AxlePlace place, int number, Words w) {
        MeasureField field = new MeasureField(
                Quantity.LENGTH,
                pane.wordsSupplier(),
                typed ->
                        change(state, one -> one.with(place, one.standing(place).withLower(typed))),
                pane.complaints());
        field.setId("state-lower-" + place.id() + "-" + number);
        field.show(state.standing(place).lower());
        return Labels.over(w.text("states.lower." + place.id()), field, Quantity.LENGTH, pane.wordsSupplier());
    }

    /** A load over an axle lets the chassis down as far as its springs let it: what is typed becomes that. */
    private Node load(RideState state, AxlePlace place, int number, Words w) {
        MeasureField field = new MeasureField(
                Quantity.MASS, pane.wordsSupplier(), typed -> load(state, place, typed), pane.complaints());
        field.setId("state-load-" + place.id() + "-" + number);
        field.showNone(w.text("states.load_none"));
        return Labels.over(w.text("states.load." + place.id()), field, Quantity.MASS, pane.wordsSupplier());
    }

    private void load(RideState state, AxlePlace place, double mass) {
        OptionalDouble sink = LoadSink.of(vehicle(), place, mass);
        if (sink.isEmpty()) {
            pane.complain(pane.words().text("states.load_too_much", new Message.Measure(mass, Quantity.MASS)));
            pane.refresh();
            return;
        }
        double lower = Quantity.LENGTH.onGrid(sink.getAsDouble());
        change(state, one -> one.with(place, one.standing(place).withLower(lower)));
    }

    /** By its diameter: the new one is squashed by the same part, and as wide. */
    private Node tyre(RideState state, AxlePlace place, int number, Words w) {
        Tyre planned = vehicle().axle(place).orElseThrow().tyre();
        MeasureField field = new MeasureField(
                Quantity.LENGTH,
                pane.wordsSupplier(),
                typed -> change(
                        state,
                        one -> one.with(place, one.standing(place).withTyre(Optional.of(sized(planned, typed))))),
                pane.complaints());
        field.setId("state-tyre-" + place.id() + "-" + number);
        field.setOnCleared(() ->
                change(state, one -> one.with(place, one.standing(place).withTyre(Optional.empty()))));
        state.standing(place)
                .tyre()
                .ifPresentOrElse(
                        tyre -> field.show(tyre.diameter()), () -> field.showNone(w.text("states.tyre_planned")));
        return Labels.over(w.text("states.tyre." + place.id()), field, Quantity.LENGTH, pane.wordsSupplier());
    }

    private static Tyre sized(Tyre planned, double diameter) {
        double radius = Quantity.LENGTH.onGrid(diameter * planned.loadedRadius() / planned.diameter());
        return new Tyre(diameter, radius, planned.width());
    }

    private Optional<Vehicle> standing(RideState state) {
        try {
            return Optional.of(VehicleInState.of(vehicle(), state));
        } catch (StateOutOfReachException e) {
            pane.complain(pane.words().text(e.said()));
            return Optional.empty();
        }
    }

    private void open(RideState state) {
        standing(state).ifPresent(pane::openCopy);
    }

    private void overlay(RideState state) {
        standing(state).ifPresent(pane::overlay);
    }

    private void remove(RideState state) {
        List<RideState> states = new ArrayList<>(vehicle().states());
        states.removeIf(one -> one.name().equals(state.name()));
        pane.document().change(vehicle().withStates(states), Message.of("change.state_removed", state.name()), "");
    }
}
