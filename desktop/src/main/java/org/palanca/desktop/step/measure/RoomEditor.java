package org.palanca.desktop.step.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.AxleTape;
import org.palanca.desktop.control.BoxFields;
import org.palanca.desktop.control.Labels;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.study.fit.CutReady;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.survey.Cut;
import org.palanca.vehicle.survey.Support;
import org.palanca.vehicle.survey.Survey;
import org.palanca.vehicle.survey.Zone;

/** Zones, cuts and supports: drawn as a box in the top view, then named and measured. */
final class RoomEditor {
    private static final double LOW = Lengths.inches(20);
    private static final double HIGH = Lengths.inches(28);

    private final MeasurePane pane;
    private final ComboBox<Kind> kind = new ComboBox<>();
    private final ComboBox<Item> known = new ComboBox<>();
    private final Button draw = new Button();
    private Optional<Item> inHand = Optional.empty();

    /** What a box can be. */
    enum Kind {
        NEVER_CUT,
        MAY_BEND,
        MAY_CUT,
        CUT,
        SUPPORT
    }

    /**
     * One box, as it is found again after a change.
     *
     * @param kind what it is
     * @param index its place in the survey's list of such things
     */
    record Item(Kind kind, int index) {}

    RoomEditor(MeasurePane pane) {
        this.pane = pane;
        kind.setId("room-kind");
        kind.getItems().setAll(Kind.values());
        kind.setConverter(new KindNames());
        known.setId("room-known");
        known.setConverter(new ItemNames());
        known.setOnAction(event -> {
            if (known.getValue() != null && (known.isShowing() || known.isFocused())) {
                inHand = Optional.of(known.getValue());
                pane.refresh();
            }
        });
        draw.setId("room-draw");
        draw.setOnAction(event -> start());
        kind.setValue(Kind.CUT);
    }

    /** Boxes by kind, in the words of the moment. */
    private final class KindNames extends StringConverter<Kind> {
        @Override
        public String toString(Kind shown) {
            return shown == null ? "" : pane.words().text("room." + shown.name().toLowerCase(Locale.ROOT));
        }

        @Override
        public @Nullable Kind fromString(String text) {
            return null;
        }
    }

    /** Boxes by their names. */
    private final class ItemNames extends StringConverter<Item> {
        @Override
        public String toString(Item shown) {
            return shown == null ? "" : name(survey(), shown);
        }

        @Override
        public @Nullable Item fromString(String text) {
            return null;
        }
    }

    private Survey survey() {
        return pane.build().survey();
    }

    FlowPane starter() {
        for (Region part : new Region[] {kind, draw, known}) {
            part.setMinWidth(Region.USE_PREF_SIZE);
        }
        return new FlowPane(6, 6, draw, kind, known);
    }

    void relabel() {
        Words w = pane.words();
        draw.setText(w.text("room.draw"));
        known.setPromptText(w.text("room.known"));
        kind.setConverter(new KindNames());
    }

    private void start() {
        pane.complain(pane.words().text("room.drag"));
        pane.board().drawBoxes((one, other) -> {
            pane.board().drawBoxes(null);
            pane.complain("");
            drawn(one, other);
        });
    }

    private void drawn(Vector3D one, Vector3D other) {
        Box box = new Box(
                Math.min(one.getX(), other.getX()),
                Math.max(one.getX(), other.getX()),
                Math.min(one.getY(), other.getY()),
                Math.max(one.getY(), other.getY()),
                kind.getValue() == Kind.SUPPORT ? 0 : LOW,
                HIGH);
        Kind what = kind.getValue();
        String name = pane.words().text("room.new_name");
        Survey next = switch (what) {
            case CUT -> survey().withCuts(with(survey().cuts(), new Cut(name, "", box, false)));
            case SUPPORT -> survey().withSupports(with(survey().supports(), new Support(name, "", box)));
            default -> survey().withZones(with(survey().zones(), new Zone(name, Zone.Rule.valueOf(what.name()), box)));
        };
        Kind group = what == Kind.CUT || what == Kind.SUPPORT ? what : Kind.NEVER_CUT;
        int index = list(next, group).size() - 1;
        inHand = Optional.of(new Item(group, index));
        pane.change(build -> build.withSurvey(next), "room", name);
    }

    private static <T> List<T> with(List<T> list, T more) {
        List<T> next = new ArrayList<>(list);
        next.add(more);
        return next;
    }

    private static List<?> list(Survey survey, Kind kind) {
        return switch (kind) {
            case CUT -> survey.cuts();
            case SUPPORT -> survey.supports();
            default -> survey.zones();
        };
    }

    private static String name(Survey survey, Item item) {
        if (item.index() >= list(survey, item.kind()).size()) {
            return "";
        }
        return switch (item.kind()) {
            case CUT -> survey.cuts().get(item.index()).name();
            case SUPPORT -> survey.supports().get(item.index()).name();
            default -> survey.zones().get(item.index()).name();
        };
    }

    private static Box room(Survey survey, Item item) {
        return switch (item.kind()) {
            case CUT -> survey.cuts().get(item.index()).room();
            case SUPPORT -> survey.supports().get(item.index()).room();
            default -> survey.zones().get(item.index()).room();
        };
    }

    private List<Item> items() {
        List<Item> all = new ArrayList<>();
        for (Kind group : List.of(Kind.CUT, Kind.SUPPORT, Kind.NEVER_CUT)) {
            for (int i = 0; i < list(survey(), group).size(); i++) {
                all.add(new Item(group, i));
            }
        }
        return all;
    }

    /** The box in hand, to be named and measured; empty when none is. */
    Optional<VBox> card() {
        List<Item> items = items();
        if (!known.getItems().equals(items)) {
            known.getItems().setAll(items);
        }
        if (inHand.isPresent() && !items.contains(inHand.get())) {
            inHand = Optional.empty();
        }
        return inHand.map(this::card);
    }

    private VBox card(Item item) {
        Words w = pane.words();
        TextField name = new TextField(name(survey(), item));
        name.setId("room-name");
        takeWhenLeft(name, item, text -> renamed(item, text));
        BoxFields sizes = new BoxFields(
                "room",
                room(survey(), item),
                AxleTape.of(pane.vehicle(), pane.place()),
                pane.wordsSupplier(),
                pane.complaints(),
                box -> replaced(item, name(survey(), item), box));
        Button gone = new Button(w.text("room.remove"));
        gone.setId("room-remove");
        gone.getStyleClass().add("pad-button");
        gone.setOnAction(event -> remove(item));
        VBox card = new VBox(5, Labels.of(name(survey(), item), "form-title"), name, sizes, gone);
        if (item.kind() == Kind.CUT) {
            Button done = new Button(w.text(survey().cuts().get(item.index()).done() ? "room.undone" : "room.done"));
            done.setId("room-done");
            done.getStyleClass().add("pad-button");
            done.setOnAction(event -> toggleDone(item));
            card.getChildren().addAll(Labels.over(w.text("room.scheme"), schemes(item)), done);
        }
        if (item.kind() == Kind.SUPPORT) {
            TextField holds =
                    new TextField(survey().supports().get(item.index()).holds());
            holds.setId("room-holds");
            holds.setPromptText(w.text("room.holds"));
            takeWhenLeft(holds, item, text -> holds(item, text));
            card.getChildren().add(holds);
        }
        card.getStyleClass().add("side-card");
        return card;
    }

    /** What is typed takes effect on Enter and when the field is left, unless the box is gone by then. */
    private void takeWhenLeft(TextField field, Item item, Consumer<String> take) {
        String shown = field.getText();
        Runnable changed = () -> {
            boolean there = item.index() < list(survey(), item.kind()).size();
            if (there && !field.getText().equals(shown)) {
                take.accept(field.getText());
            }
        };
        field.setOnAction(event -> changed.run());
        field.focusedProperty().addListener((o, before, focused) -> {
            if (!focused) {
                changed.run();
            }
        });
    }

    private void renamed(Item item, String name) {
        if (!name.isBlank()) {
            replaced(item, name.strip(), room(survey(), item));
        }
    }

    private void replaced(Item item, String name, Box box) {
        int at = item.index();
        Survey now = survey();
        Survey next = switch (item.kind()) {
            case CUT -> {
                Cut old = now.cuts().get(at);
                yield now.withCuts(set(now.cuts(), at, new Cut(name, old.scheme(), box, old.done())));
            }
            case SUPPORT ->
                now.withSupports(set(
                        now.supports(),
                        at,
                        new Support(name, now.supports().get(at).holds(), box)));
            default ->
                now.withZones(
                        set(now.zones(), at, new Zone(name, now.zones().get(at).rule(), box)));
        };
        pane.change(build -> build.withSurvey(next), "room", name);
    }

    /** The scheme that wants a cut; the plan's cuts count for all. */
    private ComboBox<String> schemes(Item item) {
        Cut cut = survey().cuts().get(item.index());
        ComboBox<String> box = new ComboBox<>();
        box.setId("room-scheme");
        String plan = pane.words().text("room.plan");
        box.getItems().add(plan);
        pane.vehicle().schemes().forEach(scheme -> box.getItems().add(scheme.name()));
        box.setValue(cut.scheme().isEmpty() ? plan : cut.scheme());
        box.valueProperty().addListener((o, before, now) -> {
            String scheme = now.equals(plan) ? "" : now;
            List<Cut> cuts = set(survey().cuts(), item.index(), new Cut(cut.name(), scheme, cut.room(), cut.done()));
            pane.change(build -> build.withSurvey(build.survey().withCuts(cuts)), "room", cut.name());
        });
        return box;
    }

    private void toggleDone(Item item) {
        Cut old = survey().cuts().get(item.index());
        List<Message> missing = old.done() ? List.of() : CutReady.missing(pane.vehicle(), Adjustment.of(survey()), old);
        if (!missing.isEmpty()) {
            pane.complain(pane.words().text(missing.get(0)));
            return;
        }
        List<Cut> cuts = set(survey().cuts(), item.index(), new Cut(old.name(), old.scheme(), old.room(), !old.done()));
        pane.change(build -> build.withSurvey(build.survey().withCuts(cuts)), "room", old.name());
    }

    private void holds(Item item, String what) {
        Support old = survey().supports().get(item.index());
        List<Support> supports =
                set(survey().supports(), item.index(), new Support(old.name(), what.strip(), old.room()));
        pane.change(build -> build.withSurvey(build.survey().withSupports(supports)), "room", old.name());
    }

    private void remove(Item item) {
        String name = name(survey(), item);
        Survey now = survey();
        Survey next = switch (item.kind()) {
            case CUT -> now.withCuts(without(now.cuts(), item.index()));
            case SUPPORT -> now.withSupports(without(now.supports(), item.index()));
            default -> now.withZones(without(now.zones(), item.index()));
        };
        inHand = Optional.empty();
        pane.change(build -> build.withSurvey(next), "room_gone", name);
    }

    private static <T> List<T> set(List<T> list, int index, T value) {
        List<T> next = new ArrayList<>(list);
        next.set(index, value);
        return next;
    }

    private static <T> List<T> without(List<T> list, int index) {
        List<T> next = new ArrayList<>(list);
        next.remove(index);
        return next;
    }
}
