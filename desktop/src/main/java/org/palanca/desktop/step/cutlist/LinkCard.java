package org.palanca.desktop.step.cutlist;

import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
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
import org.palanca.floor.cutting.LinkCut;
import org.palanca.floor.cutting.ThreadEngagement;
import org.palanca.vehicle.LinkHardware;

/** One link as it is made: drawn to scale with its joints, the tube's cut length big, and how the threads hold. */
final class LinkCard extends VBox {
    /** Room under the tube for its length and the hands of its threads [px]. */
    private static final double UNDER = 42;

    /** Radius of the drawn eye, as part of the way from its centre to the shank. */
    private static final double EYE_PART = 0.8;

    LinkCard(LinkCut cut, LinkHardware hardware, double longest, Words words, Theme theme, double width, double size) {
        getStyleClass().add("link-card");
        setId("link-" + cut.axle().place().id() + "-" + cut.link().name().replace(' ', '-'));
        Label name = new Label(words.text("axle." + cut.axle().place().id()) + " · "
                + cut.link().name());
        name.getStyleClass().add("link-name");
        FractionText pins = new FractionText(1.45);
        pins.show(words.units().format(cut.pinToPin(), Quantity.LENGTH));
        FractionText tube = new FractionText(1.9);
        tube.show(words.units().format(Math.max(0, cut.tube()), Quantity.LENGTH));
        tube.setId("tube-" + cut.axle().place().id() + "-" + cut.link().name().replace(' ', '-'));
        Label pinsName = second(words.text("make.pin_to_pin"));
        Label tubeName = second(words.text("make.cut_tube"));
        name.setMinWidth(Region.USE_PREF_SIZE);
        HBox measures = new HBox(8, pinsName, pins, tubeName, tube);
        measures.setAlignment(Pos.CENTER_RIGHT);
        measures.setMinWidth(Region.USE_PREF_SIZE);
        FlowPane head = new FlowPane(24, 0, name, measures);
        head.setPrefWrapLength(width);
        double scale = (Math.max(200, width) - 60) / (longest + 0.1);
        double tubeHalf = Math.max(5, hardware.tubeDiameter() / 2 * scale);
        double axis = Math.max(22 * size, tubeHalf + 4);
        Canvas canvas = new Canvas(Math.max(200, width), axis + tubeHalf + UNDER * size);
        draw(canvas.getGraphicsContext2D(), cut, hardware, scale, axis, words, theme, size);
        Label holds = Labels.sentence(
                engagement(cut, hardware, words), cut.out().meetsRule() && cut.makeable(hardware) ? "second" : "limit");
        holds.setMaxWidth(Math.max(200, width));
        getChildren().addAll(head, canvas, holds);
    }

    private static Label second(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("second");
        return label;
    }

    private static String engagement(LinkCut cut, LinkHardware hardware, Words words) {
        if (!cut.makeable(hardware)) {
            return words.text(
                    "make.too_short",
                    Message.length(cut.pinToPin()),
                    Message.length(2 * LinkCut.jointReach(hardware) + 2 * hardware.insertThread()));
        }
        String three = words.text(
                "make.engagement",
                percent(cut.mid()),
                Message.length(hardware.adjustment()),
                percent(cut.out()),
                percent(cut.in()));
        if (cut.out().meetsRule()) {
            return three;
        }
        double room = ThreadEngagement.outwardRoom(hardware);
        return three + " "
                + (room > 0
                        ? words.text("make.breaks_rule", Message.length(room))
                        : words.text("make.breaks_rule_at_mid"));
    }

    private static String percent(ThreadEngagement engagement) {
        return Math.round(engagement.share() * 100) + " %";
    }

    /** Eye, shank, jam nut, insert, tube and the same again, to scale along the link. */
    private static void draw(
            GraphicsContext g,
            LinkCut cut,
            LinkHardware hw,
            double scale,
            double y,
            Words words,
            Theme theme,
            double size) {
        double start = Math.max(15, hw.eyeToShank() * EYE_PART * scale + 4);
        double end = start + cut.pinToPin() * scale;
        double tubeHalf = Math.max(5, hw.tubeDiameter() / 2 * scale);
        double reach = LinkCut.jointReach(hw) * scale;
        g.setLineWidth(1.4);
        joint(g, theme, start, 1, y, hw, scale);
        joint(g, theme, end, -1, y, hw, scale);
        g.setStroke(theme.line());
        g.setLineWidth(1.8);
        g.strokeRect(start + reach, y - tubeHalf, Math.max(0, end - start - 2 * reach), 2 * tubeHalf);
        g.setLineDashes(4, 3);
        g.setLineWidth(1);
        g.setStroke(theme.second());
        double insert = hw.insertThread() * scale;
        g.strokeLine(start + reach + insert, y - tubeHalf, start + reach + insert, y + tubeHalf);
        g.strokeLine(end - reach - insert, y - tubeHalf, end - reach - insert, y + tubeHalf);
        g.setLineDashes();
        double below = y + tubeHalf + 14 * size;
        g.setStroke(theme.hand());
        g.strokeLine(start + reach, below, end - reach, below);
        g.strokeLine(start + reach, below - 5, start + reach, below + 5);
        g.strokeLine(end - reach, below - 5, end - reach, below + 5);
        String label = words.units().text(Math.max(0, cut.tube()), Quantity.LENGTH);
        double middle = (start + end) / 2;
        Lettering lettering = Lettering.on(g.getCanvas());
        lettering.label(
                label, middle, below, TextAlignment.CENTER, theme.line(), theme.ground(), Fonts.figures(13 * size));
        Font small = Fonts.text(12 * size);
        double hands = below + 17 * size;
        String right = words.text("make.right_hand");
        String left = words.text("make.left_hand");
        // A short link's ends are nearer to one another than their words are long.
        double far = Math.max(end + 20, Lettering.width(right + "   " + left, small));
        lettering.write(right, 0, hands, TextAlignment.LEFT, theme.second(), small);
        lettering.write(left, far, hands, TextAlignment.RIGHT, theme.second(), small);
    }

    private static void joint(
            GraphicsContext g, Theme theme, double pin, int way, double y, LinkHardware hw, double scale) {
        double eye = Math.max(6, hw.eyeToShank() * EYE_PART * scale);
        double exposed = ThreadEngagement.midExposed(hw) * scale;
        double shankStart = pin + way * hw.eyeToShank() * scale;
        double insertFace = shankStart + way * exposed;
        double nut = hw.jamNut() * scale;
        double shoulder = hw.insertShoulder() * scale;
        g.setStroke(theme.line());
        g.strokeOval(pin - eye, y - eye, 2 * eye, 2 * eye);
        g.strokeOval(pin - 2.5, y - 2.5, 5, 5);
        g.strokeLine(pin + way * eye, y - 2.5, insertFace, y - 2.5);
        g.strokeLine(pin + way * eye, y + 2.5, insertFace, y + 2.5);
        g.setStroke(theme.hand());
        g.strokeRect(Math.min(insertFace, insertFace - way * nut), y - 6, nut, 12);
        g.setStroke(theme.second());
        g.strokeRect(Math.min(insertFace, insertFace + way * shoulder), y - 8, shoulder, 16);
    }
}
