package org.palanca.desktop.step.housing;

import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.vehicle.housing.DialReading;
import org.palanca.vehicle.housing.DialWords;
import org.palanca.vehicle.housing.Straightness;

/** Straightness by dial: a round at either end, what it says, and where to bead next. */
final class DialForm {
    private static final double THOUSANDTH = 0.001 * Lengths.INCH;

    private final HousingPane pane;
    private final VBox rounds = new VBox(4);
    private final ComboBox<Side> dialSide = new ComboBox<>();
    private final ComboBox<DialReading.Stage> dialStage = new ComboBox<>();
    private final ComboBox<DialReading.Way> dialWay = new ComboBox<>();
    private final TextField[] clock = new TextField[4];

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private MeasureField dialReach;

    private double reach = Lengths.inches(4);
    private Runnable refresher = () -> {};

    DialForm(HousingPane pane) {
        this.pane = pane;
    }

    /** The fields, made anew for other words or units. */
    List<Node> fields(Words w) {
        return List.of(dials(w), rounds);
    }

    /** Shows what is known now. */
    void refresh() {
        refresher.run();
        rounds();
    }

    private VBox dials(Words w) {
        choices();
        dialReach = new MeasureField(Quantity.LENGTH, pane.wordsSupplier(), value -> reach = value, pane.complaints());
        dialReach.setId("dial-reach");
        dialReach.show(reach);
        Button add = new Button(w.text("housing.dial_add"));
        add.setId("dial-add");
        add.getStyleClass().add("main-action");
        add.setOnAction(event -> addRound());
        MeasureField accepted = new MeasureField(
                Quantity.LENGTH,
                pane.wordsSupplier(),
                value -> pane.set(pane.housing().withAccepted(value), w.text("housing.accepted")),
                pane.complaints());
        accepted.fine().setId("housing-accepted");
        refresher = () -> accepted.show(pane.housing().accepted());
        FlowPane first = new FlowPane(
                8,
                6,
                dialSide,
                dialStage,
                dialWay,
                Labels.over(w.text("housing.dial_reach"), dialReach, Quantity.LENGTH, pane.wordsSupplier()),
                hours(),
                add,
                Labels.over(w.text("housing.accepted"), accepted, Quantity.LENGTH, pane.wordsSupplier()));
        first.setRowValignment(VPos.BOTTOM);
        return new VBox(6, Labels.sentence(w.text("housing.dial_note"), "second"), first);
    }

    /** Which end, when in the work, and which way the dial was put. */
    private void choices() {
        dialSide.setId("dial-side");
        dialSide.getItems().setAll(Side.values());
        dialSide.setConverter(Choices.names(pane.wordsSupplier(), one -> "housing.dial." + one.id()));
        dialSide.setValue(Side.LEFT);
        dialStage.setId("dial-stage");
        dialStage.getItems().setAll(DialReading.Stage.values());
        dialStage.setConverter(Choices.names(
                pane.wordsSupplier(), one -> "housing.stage." + one.name().toLowerCase(Locale.ROOT)));
        dialStage.setValue(DialReading.Stage.BETWEEN);
        dialWay.setId("dial-way");
        dialWay.getItems().setAll(DialReading.Way.values());
        dialWay.setConverter(Choices.names(
                pane.wordsSupplier(), one -> "housing.way." + one.name().toLowerCase(Locale.ROOT)));
        dialWay.setValue(DialReading.Way.FACE);
    }

    /** What the dial shows at the four hours of a round. */
    private HBox hours() {
        HBox hours = new HBox(6);
        hours.setAlignment(Pos.BOTTOM_LEFT);
        String[] names = {"12", "3", "6", "9"};
        for (int i = 0; i < clock.length; i++) {
            clock[i] = new TextField();
            clock[i].setId("dial-" + names[i]);
            clock[i].setPrefColumnCount(4);
            clock[i].setOnAction(event -> addRound());
            hours.getChildren().add(Labels.over(names[i], clock[i]));
        }
        return hours;
    }

    private void addRound() {
        double[] values = new double[4];
        for (int i = 0; i < clock.length; i++) {
            String text = clock[i].getText().strip().replace('−', '-');
            if (!text.matches("[-+]?(\\d+\\.?\\d*|\\.\\d+)")) {
                pane.complain(pane.words().text("housing.dial_number", text));
                clock[i].requestFocus();
                return;
            }
            double number = Double.parseDouble(text);
            // Thousandths are read out as whole numbers: 5 on the dial is 0.005.
            values[i] = Quantity.LENGTH.onGrid(text.contains(".") ? number * Lengths.INCH : number * THOUSANDTH);
        }
        Side side = dialSide.getValue();
        DialReading reading = new DialReading(
                dialStage.getValue(), dialWay.getValue(), reach, values[0], values[1], values[2], values[3]);
        pane.set(pane.housing().with(side, reading), pane.words().text("housing.dial." + side.id()));
        pane.complain("");
        for (TextField field : clock) {
            field.clear();
        }
        clock[0].requestFocus();
    }

    private void rounds() {
        Words w = pane.words();
        rounds.getChildren().clear();
        for (Side side : Side.values()) {
            List<DialReading> taken = pane.housing().dial(side);
            for (DialReading dial : taken) {
                Straightness found = Straightness.of(side, dial);
                rounds.getChildren().add(round(side, dial, found, w));
            }
        }
    }

    private HBox round(Side side, DialReading dial, Straightness found, Words w) {
        boolean good = found.verdict(pane.housing().accepted(), pane.housing().seat()) == Straightness.Verdict.GOOD;
        Label label = Labels.sentence(w.text(DialWords.of(pane.housing(), side, dial)), good ? "working-why" : "limit");
        HBox.setHgrow(label, Priority.ALWAYS);
        label.setMaxWidth(Double.MAX_VALUE);
        List<DialReading> taken = pane.housing().dial(side);
        label.setId("round-" + side.id() + "-" + taken.indexOf(dial));
        Button gone = new Button("✕");
        gone.getStyleClass().add("pad-button");
        gone.setMinWidth(Region.USE_PREF_SIZE);
        gone.setOnAction(event -> pane.set(
                pane.housing()
                        .withDial(
                                side, taken.stream().filter(one -> one != dial).toList()),
                w.text("housing.dial." + side.id())));
        HBox row = new HBox(8, new ClockFace(found, pane.themeSupplier()), label, gone);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }
}
