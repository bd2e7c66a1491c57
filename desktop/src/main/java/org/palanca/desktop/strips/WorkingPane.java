package org.palanca.desktop.strips;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.theme.Theme;
import org.palanca.result.ResultKind;
import org.palanca.result.ResultWords;
import org.palanca.result.targets.Targets;
import org.palanca.result.working.Working;
import org.palanca.study.misconception.Misconception;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.TargetBand;

/** Why a number is what it is: formula, this vehicle's numbers in it, what each means, source; and the band, editable. */
final class WorkingPane extends VBox {
    private final Document document;
    private final Supplier<Words> words;
    private final Supplier<Theme> theme;
    private final Button back = new Button();
    private final StripView head;
    private final VBox lines = new VBox();
    private final ScrollPane scroll = new ScrollPane(lines);
    private final Label bandTitle = new Label();
    private final MeasureField[] low = new MeasureField[1];
    private final MeasureField[] high = new MeasureField[1];
    private final Label basis = new Label();
    private final Button defaults = new Button();
    private final HBox bandRow = new HBox(6);
    private final Consumer<String> complain;
    private String fieldsFor = "";

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private Analysis analysis;

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private Analysis.StripValue strip;

    WorkingPane(
            Document document,
            BoardState state,
            Supplier<Words> words,
            Supplier<Theme> theme,
            Consumer<String> complain) {
        this.document = document;
        this.words = words;
        this.theme = theme;
        this.complain = complain;
        getStyleClass().add("working");
        setId("working");
        back.setId("working-back");
        back.setOnAction(event -> state.litProperty().set(null));
        back.getStyleClass().add("quiet");
        head = new StripView("working-head", () -> state.litProperty().set(null));
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        lines.getStyleClass().add("working-lines");
        bandTitle.getStyleClass().add("working-title");
        basis.setWrapText(true);
        basis.getStyleClass().add("second");
        defaults.getStyleClass().add("quiet");
        defaults.setOnAction(event -> document.change(
                document.vehicle().withTarget(key(), Optional.empty()),
                Message.of("change.band", ResultWords.name(strip.result(), words.get())),
                ""));
        getChildren().addAll(back, head, scroll);
    }

    private String key() {
        return Targets.key(analysis.model().axle(), strip.result());
    }

    void show(Analysis next, String resultId, double size, double width) {
        analysis = next;
        strip = next.strip(resultId).orElseThrow();
        Words w = words.get();
        back.setText(w.text("working.back"));
        head.show(strip, next.pose(), next.model().axle().travel(), w, theme.get(), size, width - 44 * size);
        lines.getChildren().clear();
        lines.getChildren().add(line(ResultWords.why(strip.result(), w), "working-why"));
        if (ofBushings(strip.result().kind())) {
            next.model().bindNote().ifPresent(note -> lines.getChildren().add(line(w.text(note), "working-why")));
        }
        next.model().working(strip.result()).ifPresent(working -> write(working, w));
        believed(w);
        band(w);
    }

    private static boolean ofBushings(ResultKind kind) {
        return kind == ResultKind.BUSHING_PUSH || kind == ResultKind.BUSHING_FORCE;
    }

    private void write(Working working, Words w) {
        title("working.formula");
        for (Working.Step step : working.steps()) {
            lines.getChildren().add(line(pretty(step.symbol()) + " = " + pretty(step.formula()), "formula"));
            String numbers = working.withNumbers(step, (value, quantity) -> number(value, quantity, w));
            lines.getChildren()
                    .add(line(
                            "= " + pretty(numbers) + " = "
                                    + w.units()
                                            .text(step.value(), step.quantity())
                                            .replace("-", "−"),
                            "formula-numbers"));
        }
        title("working.givens");
        for (Working.Given given : working.givens()) {
            String number = w.units().text(given.value(), given.quantity()).replace("-", "−");
            Label value = line(pretty(given.symbol()) + " = " + number, "formula-numbers");
            lines.getChildren().addAll(value, line(w.text(given.meaning()), "working-meaning"));
        }
        title("working.source");
        lines.getChildren().add(line(w.text(working.source()), "working-meaning"));
    }

    /** What is often believed of this result, with this vehicle's numbers. */
    private void believed(Words w) {
        Misconception.about(
                        analysis.model().vehicle(),
                        analysis.model().axle().place(),
                        strip.result().id())
                .ifPresent(said -> {
                    title("working.believed");
                    lines.getChildren().add(line(w.text(said), "working-meaning"));
                });
    }

    private static String number(double value, Quantity quantity, Words w) {
        String text = w.units().text(value, quantity).replace("-", "−").replace(' ', '\u00a0');
        return text.startsWith("−") ? "(" + text + ")" : text;
    }

    private void title(String key) {
        lines.getChildren().add(line(words.get().text(key), "working-title"));
    }

    private static Label line(String text, String styleClass) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.getStyleClass().add(styleClass);
        return label;
    }

    /** Formulas are kept in plain letters; here they get the signs of a book. */
    static String pretty(String formula) {
        return formula.replace("( ", "(")
                .replace(" )", ")")
                .replace(" * ", " · ")
                .replace(" - ", " − ")
                .replaceAll("^- ", "−")
                .replace("(- ", "(−")
                .replace("tan_t", "tan t")
                .replace("sqrt(", "√(")
                .replace("w_", "ω_")
                .replaceAll("_([A-Za-z0-9])", "$1");
    }

    /** The band's fields; made anew only for another result, so that typing is not interrupted. */
    private void band(Words w) {
        bandTitle.setText(w.text("working.band"));
        if (!fieldsFor.equals(key())) {
            fieldsFor = key();
            Quantity quantity = strip.result().quantity();
            low[0] = new MeasureField(quantity, words, value -> edit(value, true), complain);
            high[0] = new MeasureField(quantity, words, value -> edit(value, false), complain);
            low[0].setId("band-low");
            high[0].setId("band-high");
            bandRow.getChildren()
                    .setAll(low[0], new Label("…"), high[0], new Label(w.units().unit(quantity)));
            bandRow.setAlignment(Pos.CENTER_LEFT);
        }
        Optional<TargetBand> band = strip.band();
        band.ifPresent(b -> {
            show(low[0], b.low());
            show(high[0], b.high());
        });
        Axle axle = analysis.model().axle();
        boolean own = document.vehicle().targets().containsKey(Targets.key(axle, strip.result()));
        String scope = band.map(b -> w.text("scope." + b.scope())).orElse("");
        basis.setText(
                band.map(b -> scope + " " + w.text("working.basis", b.basis())).orElse(w.text("working.no_band")));
        defaults.setText(w.text("working.defaults"));
        lines.getChildren().addAll(bandTitle, bandRow, basis);
        if (own) {
            lines.getChildren().add(defaults);
        }
    }

    private static void show(MeasureField field, double value) {
        if (Double.isInfinite(value)) {
            field.setText("");
        } else {
            field.show(value);
        }
    }

    private void edit(double value, boolean lower) {
        TargetBand now = strip.band()
                .orElse(new TargetBand(Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, TargetBand.Scope.RIDE, ""));
        double newLow = lower ? value : now.low();
        double newHigh = lower ? now.high() : value;
        if (newLow > newHigh) {
            complain.accept(words.get().text("working.band_reversed"));
            return;
        }
        TargetBand band =
                new TargetBand(newLow, newHigh, now.scope(), words.get().text("working.own_band"));
        document.change(
                document.vehicle().withTarget(key(), Optional.of(band)),
                Message.of("change.band", ResultWords.name(strip.result(), words.get())),
                "");
    }
}
