package org.palanca.desktop.step.cutlist;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.FractionText;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.theme.Fonts;
import org.palanca.desktop.theme.Lettering;
import org.palanca.desktop.theme.Theme;
import org.palanca.floor.cutting.CutWords;
import org.palanca.floor.cutting.EndCut;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.ThreadedShank;

/** One link as it is made: drawn to scale with its ends, the tube's cut length big, and how the threads hold. Press it to change it. */
final class LinkCard extends VBox {
    private static final PseudoClass PICKED = PseudoClass.getPseudoClass("in-hand");

    /** Room under the tube for its length and the names of its ends [px]. */
    private static final double UNDER = 42;

    /** Radius of the drawn eye, as part of the way from its centre to the shank. */
    private static final double EYE_PART = 0.8;

    /** Drawn from the pin to the tube where that is not known [m]. */
    private static final double UNKNOWN_REACH = 0.05;

    private final LinkCut cut;
    private final Words words;
    private final Theme theme;
    private final double size;

    /**
     * @param paint on each surface [m]
     * @param longest pin to pin of any card, which fills the width [m]
     * @param picked whether its fields are shown
     * @param pick shows them
     */
    LinkCard(
            LinkCut cut,
            double paint,
            double longest,
            Words words,
            Theme theme,
            double width,
            double size,
            boolean picked,
            Runnable pick) {
        this.cut = cut;
        this.words = words;
        this.theme = theme;
        this.size = size;
        String of = cut.axle().place().id() + "-" + cut.link().name().replace(' ', '-');
        getStyleClass().add("link-card");
        setId("link-" + of);
        setFocusTraversable(true);
        pseudoClassStateChanged(PICKED, picked);
        setOnMouseClicked(event -> pick.run());
        setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                pick.run();
                event.consume();
            }
        });
        String title = words.text("axle." + cut.axle().place().id()) + " · "
                + cut.link().name();
        Label name = Labels.of(title, "link-name");
        setAccessibleText(title);
        FractionText pins = new FractionText(1.45);
        pins.show(words.units().format(cut.pinToPin(), Quantity.LENGTH));
        name.setMinWidth(Region.USE_PREF_SIZE);
        HBox measures = new HBox(8, Labels.of(words.text("make.pin_to_pin"), "second"), pins);
        measures.getChildren().add(Labels.of(words.text("make.cut_tube"), "second"));
        if (cut.tubeLength().isPresent()) {
            FractionText tube = new FractionText(1.9);
            tube.show(words.units().format(Math.max(0, cut.tubeLength().getAsDouble()), Quantity.LENGTH));
            tube.setId("tube-" + of);
            measures.getChildren().add(tube);
        } else {
            Label unknown = Labels.of(words.text("make.unknown"), "limit");
            unknown.setId("tube-" + of);
            measures.getChildren().add(unknown);
        }
        measures.setAlignment(Pos.CENTER_RIGHT);
        measures.setMinWidth(Region.USE_PREF_SIZE);
        FlowPane head = new FlowPane(24, 0, name, measures);
        head.setPrefWrapLength(width);
        double wide = Math.max(200, width);
        double scale = (wide - 60) / (longest + 0.1);
        double tubeHalf = Math.max(5, cut.tube().outside() / 2 * scale);
        double axis = Math.max(22 * size, tubeHalf + 4);
        Canvas canvas = new Canvas(wide, axis + tubeHalf + UNDER * size);
        draw(canvas.getGraphicsContext2D(), scale, axis);
        getChildren().addAll(head, canvas);
        if (!cut.missing().isEmpty()) {
            sentence(
                    words.text(
                            "cut.missing",
                            cut.missing().stream().map(words::text).collect(Collectors.joining("; "))),
                    "limit",
                    wide);
        }
        cut.faults(paint).forEach(fault -> sentence(words.text(fault), "limit", wide));
        List<Message> told = CutWords.told(cut);
        if (!told.isEmpty()) {
            sentence(told.stream().map(words::text).collect(Collectors.joining(" ")), "second", wide);
        }
    }

    private void sentence(String text, String style, double width) {
        Label label = Labels.sentence(text, style);
        label.setMaxWidth(width);
        getChildren().add(label);
    }

    /** Eye, shank, jam nut, insert, tube and the same again, to scale along the link. */
    private void draw(GraphicsContext g, double scale, double y) {
        double start = Math.max(15, reach(cut.from().end()) * EYE_PART * scale + 4);
        double end = start + cut.pinToPin() * scale;
        double tubeHalf = Math.max(5, cut.tube().outside() / 2 * scale);
        double left = start + tubeReach(cut.from()) * scale;
        double right = end - tubeReach(cut.to()) * scale;
        g.setLineWidth(1.4);
        end(g, start, 1, y, cut.from(), scale);
        end(g, end, -1, y, cut.to(), scale);
        g.setStroke(theme.line());
        g.setLineWidth(1.8);
        g.strokeRect(left, y - tubeHalf, Math.max(0, right - left), 2 * tubeHalf);
        g.setLineDashes(4, 3);
        g.setLineWidth(1);
        g.setStroke(theme.second());
        insert(g, left + cut.from().insertDepth() * scale, y, tubeHalf, cut.from());
        insert(g, right - cut.to().insertDepth() * scale, y, tubeHalf, cut.to());
        g.setLineDashes();
        double below = y + tubeHalf + 14 * size;
        Lettering lettering = Lettering.on(g.getCanvas());
        if (cut.tubeLength().isPresent()) {
            g.setStroke(theme.hand());
            g.strokeLine(left, below, right, below);
            g.strokeLine(left, below - 5, left, below + 5);
            g.strokeLine(right, below - 5, right, below + 5);
            lettering.label(
                    words.units().text(Math.max(0, cut.tubeLength().getAsDouble()), Quantity.LENGTH),
                    (start + end) / 2,
                    below,
                    TextAlignment.CENTER,
                    theme.line(),
                    theme.ground(),
                    Fonts.figures(13 * size));
        }
        Font small = Fonts.text(12 * size);
        double names = below + 17 * size;
        String first = name(cut.from());
        String second = name(cut.to());
        // A short link's ends are nearer to one another than their words are long.
        double far = Math.max(end + 20, Lettering.width(first + "   " + second, small));
        double most = g.getCanvas().getWidth();
        lettering.write(first, 0, names, TextAlignment.LEFT, theme.second(), small);
        lettering.write(second, Math.min(most, far), names, TextAlignment.RIGHT, theme.second(), small);
    }

    private static void insert(GraphicsContext g, double x, double y, double half, EndCut end) {
        if (end.shank().isPresent()) {
            g.strokeLine(x, y - half, x, y + half);
        }
    }

    /** What is at an end, and its hand where it has a thread. */
    private String name(EndCut end) {
        String kind = words.text("end." + end.end().kind().id());
        return end.shank()
                .map(shank -> words.text(
                        "make.end_threaded",
                        kind,
                        words.text("hand." + shank.hand().id())))
                .orElse(kind);
    }

    private static double reach(LinkEnd end) {
        return end.kind() == LinkEnd.Kind.WELDED
                ? end.reach().orElse(0)
                : end.reach().orElse(UNKNOWN_REACH);
    }

    private static double tubeReach(EndCut end) {
        return end.tubeReach().orElse(UNKNOWN_REACH);
    }

    private void end(GraphicsContext g, double pin, int way, double y, EndCut cutEnd, double scale) {
        LinkEnd made = cutEnd.end();
        double eye = Math.max(6, reach(made) * EYE_PART * scale);
        g.setStroke(theme.line());
        if (made.kind() == LinkEnd.Kind.UNKNOWN) {
            g.setLineDashes(3, 3);
        }
        if (made.kind() != LinkEnd.Kind.WELDED) {
            g.strokeOval(pin - eye, y - eye, 2 * eye, 2 * eye);
        }
        g.setLineDashes();
        g.strokeOval(pin - 2.5, y - 2.5, 5, 5);
        Optional<ThreadedShank> shank = cutEnd.shank();
        if (shank.isEmpty() || made.reach().isEmpty()) {
            return;
        }
        double insertFace =
                pin + way * (made.reach().getAsDouble() + shank.get().exposed()) * scale;
        double nut = shank.get().jamNut() * scale;
        double shoulder = shank.get().insertShoulder() * scale;
        g.strokeLine(pin + way * eye, y - 2.5, insertFace, y - 2.5);
        g.strokeLine(pin + way * eye, y + 2.5, insertFace, y + 2.5);
        g.setStroke(theme.hand());
        g.strokeRect(Math.min(insertFace, insertFace - way * nut), y - 6, nut, 12);
        g.setStroke(theme.second());
        g.strokeRect(Math.min(insertFace, insertFace + way * shoulder), y - 8, shoulder, 16);
    }
}
