package org.palanca.desktop.step.slope;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Slider;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.LatestTask;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.control.VerdictColumn;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.result.Result;
import org.palanca.result.ResultKind;
import org.palanca.result.ResultWords;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.terrain.EquilibriumWords;
import org.palanca.study.terrain.Ground;
import org.palanca.study.terrain.StandingVehicle;
import org.palanca.study.terrain.StaticEquilibrium;
import org.palanca.study.terrain.TipStudy;
import org.palanca.vehicle.Vehicle;

/** On real ground: drag a slope, put a rock under a wheel; see what each wheel carries, every result there, and when it tips. */
public final class SlopePane extends StepPane {
    private static final double STEEPEST = 50;
    private static final String[] WHEELS = {"front_left", "front_right", "rear_left", "rear_right"};

    private final SlopeView view;
    private final Slider climb = slider("slope-climb");
    private final Slider across = slider("slope-across");
    private final FlowPane slopes = new FlowPane(14, 4);
    private final FlowPane rocks = new FlowPane(14, 4);
    private final LatestTask tips = LatestTask.patient("tip angles", Duration.millis(250));
    private final LatestTask searches = LatestTask.live("where it stands", Duration.millis(40));

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private Vehicle standing;

    private Optional<StandingVehicle> vehicle = Optional.empty();
    private Ground ground = Ground.LEVEL;
    private List<TipStudy> tipping = List.of();

    public SlopePane(StepContext context) {
        super(context);
        getStyleClass().add("floor-pane");
        view = new SlopeView(wordsSupplier(), themeSupplier());
        setId("slope-pane");
        VBox.setVgrow(view, Priority.ALWAYS);
        VBox form = new VBox(4, slopes, rocks);
        form.getStyleClass().add("form");
        slopes.setRowValignment(VPos.CENTER);
        climb.valueProperty().addListener((o, before, now) -> tilted());
        across.valueProperty().addListener((o, before, now) -> tilted());
        getChildren().setAll(view, form);
    }

    private static Slider slider(String id) {
        Slider slider = new Slider(-STEEPEST, STEEPEST, 0);
        slider.setId(id);
        slider.setBlockIncrement(1);
        slider.setMajorTickUnit(10);
        slider.setShowTickMarks(true);
        slider.setPrefWidth(240);
        return slider;
    }

    /** Tilts the ground [rad], as dragging both slopes does. */
    public void tilt(double nose, double left) {
        climb.setValue(Math.toDegrees(nose));
        across.setValue(Math.toDegrees(left));
    }

    private void tilted() {
        Ground next = ground.withClimb(Math.toRadians(climb.getValue())).withAcross(Math.toRadians(across.getValue()));
        if (!next.equals(ground)) {
            ground = next;
            settle();
        }
    }

    @Override
    public void relabel() {
        // Everything is made anew when it is shown.
    }

    @Override
    public void setTextSize(double times) {
        view.setTextSize(times);
    }

    @Override
    protected void show() {
        if (standing != vehicle()) {
            standing = vehicle();
            vehicle = StandingVehicle.of(standing);
            tipping = List.of();
            Vehicle asked = standing;
            tips.ask(
                    goOn -> {
                        List<TipStudy> all = new ArrayList<>();
                        StandingVehicle.of(asked).ifPresent(one -> {
                            for (TipStudy.Way way : TipStudy.Way.values()) {
                                if (goOn.getAsBoolean()) {
                                    all.add(TipStudy.of(one, Ground.LEVEL, way));
                                }
                            }
                        });
                        return all;
                    },
                    found -> {
                        tipping = found;
                        settle();
                    });
        }
        fillForm();
        settle();
    }

    private void fillForm() {
        Words w = words();
        slopes.getChildren()
                .setAll(
                        Labels.over(w.text("slope.climb"), climb),
                        Labels.over(w.text("slope.across"), across),
                        Labels.button("slope-level", w.text("slope.level"), this::level));
        rocks.getChildren().clear();
        for (int i = 0; i < WHEELS.length; i++) {
            int wheel = i;
            MeasureField rock = new MeasureField(
                    Quantity.LENGTH,
                    wordsSupplier(),
                    value -> {
                        ground = ground.withRock(wheel, value);
                        settle();
                    },
                    complaints());
            rock.setId("slope-rock-" + WHEELS[i].replace('_', '-'));
            rock.show(ground.rocks().get(i));
            rocks.getChildren()
                    .add(Labels.over(
                            w.text("slope.rock", w.text("wheel." + WHEELS[i])),
                            rock,
                            Quantity.LENGTH,
                            wordsSupplier()));
        }
    }

    private void level() {
        ground = Ground.LEVEL;
        climb.setValue(0);
        across.setValue(0);
        vehicle.ifPresent(StandingVehicle::reset);
        fillForm();
        settle();
    }

    /** Comes to rest and shows everything there. */
    private void settle() {
        if (!isVisible()) {
            return;
        }
        if (vehicle.isEmpty()) {
            sideColumn()
                    .getChildren()
                    .setAll(VerdictColumn.headline(words().text("slope.two_axles"), "slope-headline", true));
            return;
        }
        Optional<StaticEquilibrium> rest = vehicle.get().follow(ground);
        if (rest.isPresent()) {
            searches.drop();
            show(rest, EquilibriumWords.of(vehicle.get(), rest));
            return;
        }
        // Ground that jumps, or holds nothing any more, takes a longer look than a drag can wait for.
        show(rest, List.of(Message.of("slope.looking")));
        Vehicle asked = standing;
        Ground on = ground;
        searches.ask(goOn -> StandingVehicle.of(asked).flatMap(one -> one.rest(on)), found -> {
            found.ifPresent(vehicle.get()::standAs);
            show(found, EquilibriumWords.of(vehicle.get(), found));
        });
    }

    private void show(Optional<StaticEquilibrium> rest, List<Message> said) {
        Words w = words();
        List<Node> side = new ArrayList<>();
        view.show(vehicle(), ground, rest);
        side.add(VerdictColumn.headline(
                w.text(
                        "slope.headline",
                        Message.angle(Math.abs(ground.climb())),
                        Message.of(ground.climb() >= 0 ? "slope.nose_up" : "slope.nose_down"),
                        Message.angle(Math.abs(ground.across())),
                        Message.of(ground.across() >= 0 ? "slope.left_up" : "slope.right_up")),
                "slope-headline",
                false));
        for (Message one : said) {
            boolean bad = one.key().equals("rest.none") || one.key().equals("rest.lifted");
            side.add(Labels.sentence(w.text(one), bad ? "limit" : "working-why"));
        }
        if (tipping.isEmpty()) {
            side.add(Labels.of(w.text("slope.tip_wait"), "second"));
        }
        for (TipStudy tip : tipping) {
            side.add(Labels.sentence(w.text(EquilibriumWords.tip(tip)), "working-why"));
        }
        rest.ifPresent(at -> results(at, w, side));
        sideColumn().getChildren().setAll(side);
    }

    /** Every result of the axle on the board, where it stands now. */
    private void results(StaticEquilibrium rest, Words w, List<Node> side) {
        AxleModel model = new AxleModel(vehicle(), place());
        if (!model.moveTo(rest.travel(place()))) {
            return;
        }
        side.add(Labels.of(w.text("slope.results", w.text("axle." + place().id())), "working-title"));
        for (Result result : model.results()) {
            if (result.kind() != ResultKind.LINK_LENGTH) {
                String value =
                        ResultWords.value(result, model.outcome(result), w).joined();
                side.add(Labels.sentence(ResultWords.name(result, w) + ": " + value, "second"));
            }
        }
    }

    /** Stops what runs beside the window. */
    @Override
    public void dispose() {
        tips.dispose();
        searches.dispose();
    }
}
