package org.palanca.desktop.control;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.layout.HBox;
import javafx.scene.text.Text;
import org.palanca.base.units.UnitStyle;

/**
 * A big number with its unit. A fraction is set as a real one: numerator raised, denominator lowered. The plain text is
 * kept for screen readers and tests.
 */
public final class FractionText extends HBox {
    private static final double FRACTION_PART = 0.62;
    private static final double SLASH_PART = 0.9;
    private static final double RAISED = 0.3;
    private static final double LOWERED = 0.16;
    private static final double UNIT_PART = 0.5;

    private final double em;
    private List<Look> looks = List.of();
    private String plain = "";

    /** How one part of the text is set: each costs styling when it is new, so while the looks stay only the words change. */
    private record Look(double size, double raised, String styleClass) {}

    private record Part(String text, Look look) {}

    /** A text whose number is {@code em} times as large as the text around it. */
    public FractionText(double em) {
        this.em = em;
        setAlignment(Pos.CENTER_RIGHT);
        getStyleClass().add("fraction-text");
    }

    /** Shows a number and its unit. */
    public void show(UnitStyle.Text text) {
        String joined = text.joined();
        if (joined.equals(plain)) {
            return;
        }
        plain = joined;
        setAccessibleText(plain);
        List<Part> parts = parts(text);
        List<Look> wanted = parts.stream().map(Part::look).toList();
        if (!wanted.equals(looks)) {
            looks = wanted;
            getChildren().setAll(looks.stream().map(FractionText::node).toList());
        }
        for (int i = 0; i < parts.size(); i++) {
            ((Text) getChildren().get(i)).setText(parts.get(i).text());
        }
    }

    private List<Part> parts(UnitStyle.Text text) {
        List<Part> parts = new ArrayList<>();
        String number = text.number().replace("-", "−");
        int slash = number.indexOf('/');
        if (slash < 0) {
            parts.add(figures(number, em, 0));
        } else {
            int blank = number.indexOf(' ');
            boolean minusOnly = blank < 0 && number.startsWith("−");
            String whole = blank >= 0 ? number.substring(0, blank) : minusOnly ? "−" : "";
            if (!whole.isEmpty()) {
                parts.add(figures(whole, em, 0));
            }
            String numerator = number.substring(blank >= 0 ? blank + 1 : whole.length(), slash);
            parts.add(figures(numerator, em * FRACTION_PART, -RAISED));
            parts.add(figures("/", em * SLASH_PART, 0));
            parts.add(figures(number.substring(slash + 1), em * FRACTION_PART, LOWERED));
        }
        if (text.unit().startsWith("°")) {
            parts.add(figures("°", em, 0));
            if (text.unit().length() > 1) {
                parts.add(unit(text.unit().substring(1)));
            }
        } else if (!text.unit().isEmpty()) {
            parts.add(unit(" " + text.unit()));
        }
        return parts;
    }

    private static Part figures(String text, double size, double raised) {
        return new Part(text, new Look(size, raised, "figures"));
    }

    private Part unit(String text) {
        return new Part(text, new Look(em * UNIT_PART, 0, "unit"));
    }

    private static Text node(Look look) {
        Text text = new Text();
        text.setTextOrigin(VPos.BASELINE);
        text.getStyleClass().add(look.styleClass());
        text.setStyle("-fx-font-size: " + look.size() + "em;");
        if (look.raised() != 0) {
            double times = look.raised() / FRACTION_PART;
            text.fontProperty().addListener((o, before, font) -> text.setTranslateY(times * font.getSize()));
            text.setTranslateY(times * text.getFont().getSize());
        }
        return text;
    }

    /** The number and unit as plain text. */
    public String plain() {
        return plain;
    }
}
