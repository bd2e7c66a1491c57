package org.palanca.desktop.step.compare;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Comparison;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.strips.Verdicts;
import org.palanca.floor.adjust.CutPlan;
import org.palanca.result.Outcome;
import org.palanca.result.Result;
import org.palanca.result.ResultWords;
import org.palanca.result.targets.Scorecard;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Scheme;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.HoleMoves;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.layout.TypeChange;
import org.palanca.vehicle.survey.Cut;

/**
 * Compare: the plan beside other ways the same vehicle may stand, drawn and in numbers at the board's pose, checked
 * against the same bands; and the holes of a bracket likewise.
 */
public final class ComparePane extends StepPane {
    /** The least and the most that a column is wide, and the room for the names of the results [em]. */
    private static final double LEAST = 16;

    private static final double MOST = 34;
    private static final double NAMES = 9.5;

    /** Between columns [px]. */
    private static final double GAP = 16;
    /** Height of a drawing against its width. */
    private static final double DRAWN_HIGH = 0.6;

    /** What scroll bar and margins take of the width. */
    private static final double SCROLL_ROOM = 70;

    private final ScrollPane scroll = new ScrollPane();
    private final VBox page = new VBox(12);
    private final TextField name = new TextField();
    private final StatesView states = new StatesView(this);
    private int columnsNow = 1;
    private final ComboBox<SuspensionType> type = new ComboBox<>();

    public ComparePane(StepContext context) {
        super(context);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
        state().poseProperty().addListener((o, before, now) -> refresh());
        setId("compare-pane");
        scroll.getStyleClass().add("compare-pane");
        page.getStyleClass().add("pane-page");
        scroll.setContent(page);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        widthProperty().addListener((o, before, now) -> refresh());
        scroll.setFitToHeight(false);
        name.setId("scheme-name");
        name.setPrefColumnCount(16);
        type.setId("scheme-type");
        type.getItems().setAll(SuspensionType.values());
        type.setConverter(new TypeNames());
    }

    /** Types by their names, in the words of the moment. */
    private final class TypeNames extends StringConverter<SuspensionType> {
        @Override
        public String toString(SuspensionType shown) {
            return shown == null ? "" : words().text("type." + shown.id());
        }

        @Override
        public @Nullable SuspensionType fromString(String text) {
            return Arrays.stream(SuspensionType.values())
                    .filter(one -> toString(one).equals(text))
                    .findFirst()
                    .orElse(null);
        }
    }

    @Override
    public Optional<Node> side() {
        return Optional.empty();
    }

    @Override
    protected void show() {
        Words w = words();
        Vehicle vehicle = vehicle();
        AxlePlace place = place();
        Optional<Axle> axle = vehicle.axle(place);
        if (axle.isEmpty()) {
            return;
        }
        if (type.getValue() == null) {
            type.setValue(axle.get().type());
        }
        Comparison schemes =
                Comparison.ofSchemes(vehicle, place, state().poseProperty().get());
        page.getChildren().setAll(title(w.text("compare.title", w.text("axle." + place.id()))), makers(w));
        tables(schemes, w, column -> head(column, place, w));
        for (MountRef ref : Comparison.holed(axle.get())) {
            Comparison holes =
                    Comparison.ofHoles(vehicle, ref, state().poseProperty().get());
            page.getChildren().add(title(w.text("compare.holes", ref.mount())));
            tables(holes, w, column -> holeHead(ref, column, w));
        }
        page.getChildren().addAll(states.rows());
    }

    /** Another vehicle drawn behind this one on the board. */
    void overlay(Vehicle other) {
        document().baselineProperty().set(other);
        context().openBoard();
    }

    void openCopy(Vehicle other) {
        context().openCopy(other);
    }

    private FlowPane makers(Words w) {
        Button keep = new Button(w.text("compare.keep"));
        keep.setId("scheme-keep");
        keep.setOnAction(event -> keep());
        Button other = new Button(w.text("compare.other_type"));
        other.setId("scheme-other-type");
        other.setOnAction(event -> otherType());
        name.setPromptText(w.text("compare.name"));
        for (Region part : new Region[] {name, keep, type, other}) {
            part.setMinWidth(USE_PREF_SIZE);
        }
        FlowPane row = new FlowPane(8, 8, name, keep, type, other);
        row.prefWrapLengthProperty().bind(widthProperty().subtract(SCROLL_ROOM));
        return row;
    }

    /** The plan's axle kept as a scheme, so that the plan can be changed and held against it. */
    private void keep() {
        Axle axle = vehicle().axle(place()).orElseThrow();
        add(
                axle,
                name.getText().isBlank()
                        ? words().text("compare.kept")
                        : name.getText().strip(),
                "");
    }

    /** The axle held in the way that was chosen, with the mounts that both ways share where they are. */
    private void otherType() {
        Words w = words();
        Vehicle vehicle = vehicle();
        AxlePlace place = place();
        Axle axle = vehicle.axle(place).orElseThrow();
        SuspensionType chosen = type.getValue();
        StarterSteering steering = axle.steering().isEmpty()
                ? StarterSteering.NONE
                : chosen.independent() ? StarterSteering.RACK : StarterSteering.HIGH_STEER;
        Axle other = TypeChange.to(
                vehicle, place, new StarterLayout(chosen, steering.suits(chosen) ? steering : StarterSteering.NONE));
        String called = name.getText().isBlank()
                ? w.text("type." + chosen.id())
                : name.getText().strip();
        add(other, called, w.text("compare.shared", Long.toString(TypeChange.shared(axle, other))));
    }

    private void add(Axle axle, String called, String note) {
        Vehicle vehicle = vehicle();
        List<Scheme> schemes = new ArrayList<>(vehicle.schemes());
        String free = free(schemes, called);
        schemes.add(new Scheme(free, note, List.of(axle)));
        document().change(vehicle.withSchemes(schemes), Message.of("change.scheme_added", free), "");
        name.clear();
    }

    /** A name that no scheme has yet: as it is, or with the next number. */
    private static String free(List<Scheme> schemes, String called) {
        Set<String> taken = schemes.stream().map(Scheme::name).collect(Collectors.toSet());
        String free = called;
        for (int n = 2; taken.contains(free); n++) {
            free = called + " " + n;
        }
        return free;
    }

    /** What stands over a column. */
    private interface Head {
        Node of(Comparison.Column column);
    }

    private Node head(Comparison.Column column, AxlePlace place, Words w) {
        boolean plan = column.name().isEmpty();
        Label title = new Label(plan ? w.text("compare.plan") : column.name());
        title.getStyleClass().add("form-title");
        title.setWrapText(true);
        Axle axle = column.vehicle().axle(place).orElseThrow();
        Label held = new Label(w.text("type." + axle.type().id()));
        held.getStyleClass().add("second");
        held.setWrapText(true);
        AxleSketch sketch = new AxleSketch(column.vehicle(), place, themeSupplier());
        sketch.setPrefSize(column(), column() * DRAWN_HIGH);
        Label out =
                new Label(column.out() == 0 ? w.text("rail.in_band") : w.text("rail.out", Long.toString(column.out())));
        out.getStyleClass().add(column.out() == 0 ? "second" : "limit");
        VBox head = new VBox(4, title, held, sketch, out);
        removed(column, w).ifPresent(head.getChildren()::add);
        head.setPrefWidth(column());
        head.setMinWidth(column());
        if (!plan) {
            head.getChildren().add(actions(column, w));
        }
        return head;
    }

    /** What a way of holding the axle takes off the vehicle, and what goes with it. */
    private static Optional<Label> removed(Comparison.Column column, Words w) {
        CutPlan plan = column.cuts();
        if (plan.cuts().isEmpty()) {
            return Optional.empty();
        }
        String cuts = plan.cuts().stream().map(Cut::name).collect(Collectors.joining("; "));
        Label label = new Label(w.text(
                plan.forbidden().isEmpty() ? "compare.removes" : "compare.removes_forbidden",
                cuts,
                Integer.toString(plan.marks().size()),
                Integer.toString(plan.supports().size())));
        label.getStyleClass().add(plan.forbidden().isEmpty() ? "second" : "limit");
        label.setWrapText(true);
        return Optional.of(label);
    }

    private FlowPane actions(Comparison.Column column, Words w) {
        String id = column.name().replace(' ', '-');
        Button overlay = new Button(w.text("compare.overlay"));
        overlay.setId("overlay-" + id);
        overlay.setOnAction(event -> overlay(column.vehicle()));
        Button take = new Button(w.text("compare.take"));
        take.setId("take-" + id);
        take.setOnAction(event -> take(column));
        Button remove = new Button(w.text("compare.remove"));
        remove.setId("remove-" + id);
        remove.setOnAction(event -> {
            Vehicle vehicle = vehicle();
            document()
                    .change(
                            vehicle.withSchemes(without(vehicle, column.name())),
                            Message.of("change.scheme_removed", column.name()),
                            "");
        });
        return new FlowPane(6, 6, overlay, take, remove);
    }

    /** The scheme becomes the plan, and what was the plan becomes a scheme under the name it had: nothing is lost. */
    private void take(Comparison.Column column) {
        Vehicle vehicle = vehicle();
        Scheme scheme = vehicle.schemes().stream()
                .filter(one -> one.name().equals(column.name()))
                .findFirst()
                .orElseThrow();
        List<Axle> was = scheme.axles().stream()
                .map(axle -> vehicle.axle(axle.place()).orElseThrow())
                .toList();
        String called = words().text("compare.was_plan");
        List<Scheme> schemes = without(vehicle, column.name());
        schemes.add(new Scheme(free(schemes, called), "", was));
        document()
                .change(vehicle.in(scheme).withSchemes(schemes), Message.of("change.scheme_taken", column.name()), "");
    }

    private static List<Scheme> without(Vehicle vehicle, String called) {
        List<Scheme> schemes = new ArrayList<>(vehicle.schemes());
        schemes.removeIf(scheme -> scheme.name().equals(called));
        return schemes;
    }

    private Node holeHead(MountRef ref, Comparison.Column column, Words w) {
        if (column.name().isEmpty()) {
            Label title = new Label(w.text("compare.hole_now"));
            title.getStyleClass().add("form-title");
            return title;
        }
        Button use = new Button(w.text("compare.hole_use", column.name()));
        use.setId("hole-" + column.name().replace(' ', '-'));
        use.setOnAction(event -> document()
                .change(
                        HoleMoves.use(vehicle(), ref, column.name()),
                        Message.of("change.hole_used", ref.mount(), column.name()),
                        ""));
        return use;
    }

    /** Room for the names of the results [px]. */
    private double names() {
        return NAMES * em();
    }

    /** How large the text is here [px]. */
    private double em() {
        return name.getFont().getSize();
    }

    private double room() {
        return Math.max(1, getWidth() - SCROLL_ROOM - names());
    }

    /** How many columns stand beside one another. */
    private int abreast() {
        return (int) Math.max(1, Math.floor(room() / (LEAST * em() + GAP)));
    }

    /** Width of a column [px]: the room shared out, as far as a drawing gains by it. */
    private double column() {
        int columns = Math.min(abreast(), columnsNow);
        return Math.min(Math.min(MOST * em(), room() - GAP), Math.max(LEAST * em(), room() / columns - GAP));
    }

    /** The columns beside one another, and what does not fit there below them. */
    private void tables(Comparison comparison, Words w, Head head) {
        columnsNow = comparison.columns().size();
        for (int first = 0; first < columnsNow; first += abreast()) {
            List<Comparison.Column> columns =
                    comparison.columns().subList(first, Math.min(columnsNow, first + abreast()));
            page.getChildren().add(table(columns, comparison.rows(), w, head));
        }
    }

    private GridPane table(List<Comparison.Column> columns, List<Result> rows, Words w, Head head) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("card-grid");
        grid.setHgap(GAP);
        grid.setVgap(5);
        grid.getColumnConstraints().add(new ColumnConstraints(names()));
        columns.forEach(column -> grid.getColumnConstraints().add(new ColumnConstraints(column())));
        for (int c = 0; c < columns.size(); c++) {
            grid.add(head.of(columns.get(c)), c + 1, 0);
        }
        int row = 1;
        for (Result result : rows) {
            grid.add(Labels.sentence(ResultWords.name(result, w), "second"), 0, row);
            for (int c = 0; c < columns.size(); c++) {
                grid.add(cell(columns.get(c), result, w), c + 1, row);
            }
            row++;
        }
        return grid;
    }

    /** The value at the pose, with the band's verdict in a word where it is missed. */
    private static Label cell(Comparison.Column column, Result result, Words w) {
        Optional<Outcome> outcome = Comparison.outcome(column, result);
        if (outcome.isEmpty() || column.trouble()) {
            Label none = new Label(column.trouble() ? w.text("pad.out_of_reach") : "");
            none.getStyleClass().add("second");
            return none;
        }
        String value = ResultWords.value(result, outcome.get(), w).joined().replace("-", "−");
        Scorecard.Mark mark = column.marks().get(result.id());
        Label label = new Label(value);
        label.getStyleClass().add("card-number");
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        if (mark != null && mark.distance() != 0) {
            label.setText(value + "   " + missed(mark, w));
            label.getStyleClass().add("limit");
        }
        return label;
    }

    /** The worst value that counts and which way it is out: it need not be the one at this pose. */
    private static String missed(Scorecard.Mark mark, Words w) {
        String verdict = w.text("verdict." + mark.band().verdict(mark.value()));
        return w.text("compare.worst", Verdicts.value(mark, w), verdict);
    }

    private static Label title(String text) {
        return Labels.sentence(text, "page-title");
    }
}
