package org.palanca.desktop.strips;

import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.desktop.control.FractionText;
import org.palanca.desktop.control.KnownHeights;
import org.palanca.desktop.control.WrappingLabel;
import org.palanca.desktop.theme.Lettering;
import org.palanca.desktop.theme.Theme;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Glossary;
import org.palanca.result.ResultWords;
import org.palanca.vehicle.Travel;

/** One result: name, big value, curve with band and worst point, verdict, change from the baseline. */
public final class StripView extends VBox {
    private static final PseudoClass OUT = PseudoClass.getPseudoClass("out");
    private static final double CURVE_HEIGHT = 34;

    private final WrappingLabel name = new WrappingLabel();
    private final FractionText value = new FractionText(2);
    private final Canvas curve = new Canvas();
    private final WrappingLabel verdict = new WrappingLabel();
    private final Label change = new Label();
    private final Tooltip why = new Tooltip();

    /** The column asks every strip when one has changed. Null while the strip is being made. */
    private final @Nullable KnownHeights heights = new KnownHeights();

    /** @param press opens the working */
    public StripView(String resultId, Runnable press) {
        getStyleClass().add("strip");
        setId("strip-" + resultId);
        setFocusTraversable(true);
        name.getStyleClass().add("strip-name");
        name.setMinHeight(Region.USE_PREF_SIZE);
        value.setMinWidth(Region.USE_PREF_SIZE);
        value.setId("value-" + resultId);
        verdict.getStyleClass().add("strip-verdict");
        change.getStyleClass().add("strip-change");
        change.setMinWidth(Region.USE_PREF_SIZE);
        HBox.setHgrow(value, Priority.ALWAYS);
        HBox.setHgrow(verdict, Priority.ALWAYS);
        verdict.setMaxWidth(Double.MAX_VALUE);
        HBox head = new HBox(name, value);
        head.setAlignment(Pos.CENTER_LEFT);
        HBox foot = new HBox(6, verdict, change);
        foot.setAlignment(Pos.TOP_LEFT);
        getChildren().addAll(head, curve, foot);
        Tooltip.install(this, why);
        why.setWrapText(true);
        why.setMaxWidth(320);
        setOnMouseClicked(event -> press.run());
        setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                press.run();
                event.consume();
            }
        });
    }

    /** Shows a value. */
    public void show(
            Analysis.StripValue strip,
            WheelTravel pose,
            Travel travel,
            Words words,
            Theme theme,
            double size,
            double width) {
        name.setText(ResultWords.name(strip.result(), words));
        value.show(ResultWords.value(strip.result(), strip.outcome(), words));
        verdict.setText(Verdicts.sentence(strip, words));
        change.setText(Verdicts.change(strip, words));
        change.setManaged(!change.getText().isEmpty());
        why.setText(new Glossary(words).note(strip.result()));
        boolean out = strip.mark().filter(mark -> mark.distance() != 0).isPresent();
        pseudoClassStateChanged(OUT, out);
        setAccessibleText(name.getText() + " " + value.plain() + ". " + verdict.getText());
        size(size, width);
        new StripPainter(curve, theme, size, words).draw(strip, pose, travel);
    }

    /** Gives the curve its room, before it is drawn: a strip that is out of sight takes as much as it will. */
    void size(double size, double width) {
        double wide = Math.max(60, width);
        double high = CURVE_HEIGHT * size;
        if (wide != curve.getWidth() || high != curve.getHeight()) {
            // What was drawn for another size is not kept.
            curve.getGraphicsContext2D().clearRect(0, 0, curve.getWidth(), curve.getHeight());
            Lettering.on(curve).begin();
        }
        curve.setWidth(wide);
        curve.setHeight(high);
    }

    @Override
    public void requestLayout() {
        if (heights != null) {
            heights.forget();
        }
        super.requestLayout();
    }

    /** What it wants is what it needs. */
    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    @Override
    protected double computePrefHeight(double width) {
        return heights == null ? super.computePrefHeight(width) : heights.at(width, super::computePrefHeight);
    }

    /** The value as text, as a person reads it. */
    public String valueText() {
        return value.plain();
    }
}
