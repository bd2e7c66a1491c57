package org.palanca.desktop.step.cutlist;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.FractionText;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.step.PickCard;
import org.palanca.desktop.theme.Fonts;
import org.palanca.desktop.theme.Lettering;
import org.palanca.desktop.theme.Theme;
import org.palanca.floor.cutting.CutWords;
import org.palanca.floor.cutting.EndCut;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.study.load.LinkStrength;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.BarPath;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.ThreadedShank;

/** One link as it is made: drawn to scale with its ends, the tube's cut length big, and how the threads hold. Press it to change it. */
final class LinkCard extends PickCard {
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
     * @param vehicle that it is a link of
     * @param strength what it bears, where that can be told
     * @param longest pin to pin of any card, which fills the width [m]
     * @param picked whether its fields are shown
     * @param pick shows them
     */
    LinkCard(
            Vehicle vehicle,
            LinkCut cut,
            Optional<LinkStrength> strength,
            double longest,
            Words words,
            Theme theme,
            double width,
            double size,
            boolean picked,
            Runnable pick) {
        super("link-" + of(cut), title(cut, words), picked, pick);
        this.cut = cut;
        this.words = words;
        this.theme = theme;
        this.size = size;
        String of = of(cut);
        Label name = Labels.of(getAccessibleText(), "link-name");
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
        double tubeHalf = tubeHalf(scale);
        double above = Math.max(0, extreme(1)) * scale;
        double beneath = Math.max(0, extreme(-1)) * scale;
        double axis = Math.max(22 * size, tubeHalf + 4) + above;
        Canvas canvas = new Canvas(wide, axis + beneath + tubeHalf + UNDER * size);
        draw(canvas.getGraphicsContext2D(), scale, axis, beneath);
        getChildren().addAll(head, canvas);
        if (!cut.missing().isEmpty()) {
            sentence(
                    words.text(
                            "cut.missing",
                            cut.missing().stream().map(words::text).collect(Collectors.joining("; "))),
                    "limit",
                    wide);
        }
        cut.faults(vehicle.build().rules().paint()).forEach(fault -> sentence(words.text(fault), "limit", wide));
        strength.ifPresent(one -> one.faults().forEach(fault -> sentence(words.text(fault), "limit", wide)));
        CutWords.bends(cut).forEach(bend -> sentence(words.text(bend), "bend-mark", wide));
        List<Message> told = new ArrayList<>(CutWords.told(vehicle, cut));
        strength.ifPresent(one -> told.addAll(one.told()));
        if (!told.isEmpty()) {
            sentence(told.stream().map(words::text).collect(Collectors.joining(" ")), "second", wide);
        }
    }

    private static String of(LinkCut cut) {
        return cut.axle().place().id() + "-" + cut.link().name().replace(' ', '-');
    }

    private static String title(LinkCut cut, Words words) {
        return words.text("axle." + cut.axle().place().id()) + " · "
                + cut.link().name();
    }

    private double tubeHalf(double scale) {
        return Math.max(5, cut.tube().outside() / 2 * scale);
    }

    /** The farthest that the bar's middle stands off the line of its pins, up or down by a sign [m]. */
    private double extreme(int sign) {
        return cut.path().points(0, 0).stream()
                .mapToDouble(point -> sign * point.getY())
                .max()
                .orElse(0);
    }

    /** Eye, shank, jam nut, insert, tube and the same again, to scale; a bent bar in the plane of its bends. */
    private void draw(GraphicsContext g, double scale, double y, double beneath) {
        double start = Math.max(15, reach(cut.from().end()) * EYE_PART * scale + 4);
        double end = start + cut.pinToPin() * scale;
        double tubeHalf = tubeHalf(scale);
        tube(g, start, y, scale);
        end(g, start, y, cut.path().way(0), cut.from(), scale);
        end(g, end, y, cut.path().way(cut.path().bends()).negate(), cut.to(), scale);
        double below = y + beneath + tubeHalf + 14 * size;
        Lettering lettering = Lettering.on(g.getCanvas());
        if (!cut.path().straight()) {
            offset(g, lettering, start, end, y, scale);
        } else if (cut.tubeLength().isPresent()) {
            double left = start + tubeReach(cut.from()) * scale;
            double right = end - tubeReach(cut.to()) * scale;
            g.setLineWidth(1);
            g.setStroke(theme.hand());
            g.strokeLine(left, below, right, below);
            g.strokeLine(left, below - 5, left, below + 5);
            g.strokeLine(right, below - 5, right, below + 5);
            figure(
                    lettering,
                    words.units().text(Math.max(0, cut.tubeLength().getAsDouble()), Quantity.LENGTH),
                    (start + end) / 2,
                    below);
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

    private void figure(Lettering lettering, String text, double x, double y) {
        lettering.label(text, x, y, TextAlignment.CENTER, theme.line(), theme.ground(), Fonts.figures(13 * size));
    }

    /** The tube's two sides: a broad stroke with the ground drawn over its inside. */
    private void tube(GraphicsContext g, double start, double y, double scale) {
        BarPath path = cut.path();
        double most = path.straight() ? path.length() / 2 : Double.MAX_VALUE;
        List<Vector2D> middle = path.points(
                Math.min(tubeReach(cut.from()), Math.min(most, path.straight(0))),
                Math.min(tubeReach(cut.to()), Math.min(most, path.straight(path.bends()))));
        double[] xs = middle.stream()
                .mapToDouble(point -> start + point.getX() * scale)
                .toArray();
        double[] ys =
                middle.stream().mapToDouble(point -> y - point.getY() * scale).toArray();
        double half = tubeHalf(scale);
        g.setLineCap(StrokeLineCap.BUTT);
        g.setLineJoin(StrokeLineJoin.ROUND);
        g.setStroke(theme.line());
        g.setLineWidth(2 * half + 1.8);
        g.strokePolyline(xs, ys, xs.length);
        g.setStroke(theme.ground());
        g.setLineWidth(2 * half - 1.8);
        g.strokePolyline(xs, ys, xs.length);
    }

    /** The line of the pins, and how far the bar stands off it where it does most. */
    private void offset(GraphicsContext g, Lettering lettering, double start, double end, double y, double scale) {
        g.setLineWidth(1);
        g.setStroke(theme.second());
        g.setLineDashes(10, 3, 2, 3);
        g.strokeLine(start, y, end, y);
        g.setLineDashes();
        List<Vector2D> middle = cut.path().points(0, 0);
        Vector2D most = middle.stream()
                .max(Comparator.comparingDouble(point -> Math.abs(point.getY())))
                .orElseThrow();
        double x = start + most.getX() * scale;
        double far = y - most.getY() * scale;
        g.setStroke(theme.hand());
        g.strokeLine(x, y, x, far);
        g.strokeLine(x - 5, far, x + 5, far);
        figure(lettering, words.units().text(cut.path().offset(), Quantity.LENGTH), x, (y + far) / 2);
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

    /** An end drawn from its pin into the bar, the way that the bar leaves the pin. */
    private void end(GraphicsContext g, double x, double y, Vector2D way, EndCut cutEnd, double scale) {
        g.save();
        g.translate(x, y);
        g.rotate(-Math.toDegrees(Math.atan2(way.getY(), way.getX())));
        g.setLineWidth(1.4);
        end(g, cutEnd, scale);
        g.restore();
    }

    private void end(GraphicsContext g, EndCut cutEnd, double scale) {
        LinkEnd made = cutEnd.end();
        double eye = Math.max(6, reach(made) * EYE_PART * scale);
        g.setStroke(theme.line());
        if (made.kind() == LinkEnd.Kind.UNKNOWN) {
            g.setLineDashes(3, 3);
        }
        if (made.kind() != LinkEnd.Kind.WELDED) {
            g.strokeOval(-eye, -eye, 2 * eye, 2 * eye);
        }
        g.setLineDashes();
        g.strokeOval(-2.5, -2.5, 5, 5);
        Optional<ThreadedShank> shank = cutEnd.shank();
        double tubeHalf = tubeHalf(scale);
        g.setStroke(theme.line());
        double tubeEnd = tubeReach(cutEnd) * scale;
        g.strokeLine(tubeEnd, -tubeHalf, tubeEnd, tubeHalf);
        if (shank.isEmpty() || made.reach().isEmpty()) {
            return;
        }
        double insertFace = (made.reach().getAsDouble() + shank.get().exposed()) * scale;
        double nut = shank.get().jamNut() * scale;
        double shoulder = shank.get().insertShoulder() * scale;
        g.strokeLine(eye, -2.5, insertFace, -2.5);
        g.strokeLine(eye, 2.5, insertFace, 2.5);
        g.setStroke(theme.hand());
        g.strokeRect(insertFace - nut, -6, nut, 12);
        g.setStroke(theme.second());
        g.strokeRect(insertFace, -8, shoulder, 16);
        g.setLineDashes(4, 3);
        g.setLineWidth(1);
        double insertEnd = tubeEnd + cutEnd.insertDepth() * scale;
        g.strokeLine(insertEnd, -tubeHalf, insertEnd, tubeHalf);
        g.setLineDashes();
        cut.plugs().ifPresent(plugs -> {
            double radius = Math.max(2, plugs.hole() / 2 * scale);
            double first = tubeEnd + plugs.first() * scale;
            double second = tubeEnd + plugs.second() * scale;
            g.strokeOval(first - radius, -radius, 2 * radius, 2 * radius);
            // Turned by 90 degrees: on edge at both sides.
            g.setLineWidth(3);
            g.strokeLine(second - radius, -tubeHalf, second + radius, -tubeHalf);
            g.strokeLine(second - radius, tubeHalf, second + radius, tubeHalf);
        });
    }
}
