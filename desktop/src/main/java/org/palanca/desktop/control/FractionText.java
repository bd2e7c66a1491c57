package org.palanca.desktop.control;

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
    private String plain = "";

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
        getChildren().clear();
        String number = text.number().replace("-", "−");
        int slash = number.indexOf('/');
        if (slash < 0) {
            add(number, em, 0, "figures");
        } else {
            int blank = number.indexOf(' ');
            boolean minusOnly = blank < 0 && number.startsWith("−");
            String whole = blank >= 0 ? number.substring(0, blank) : minusOnly ? "−" : "";
            if (!whole.isEmpty()) {
                add(whole, em, 0, "figures");
            }
            add(
                    number.substring(blank >= 0 ? blank + 1 : whole.length(), slash),
                    em * FRACTION_PART,
                    -RAISED,
                    "figures");
            add("/", em * SLASH_PART, 0, "figures");
            add(number.substring(slash + 1), em * FRACTION_PART, LOWERED, "figures");
        }
        if (text.unit().startsWith("°")) {
            add("°", em, 0, "figures");
            if (text.unit().length() > 1) {
                add(text.unit().substring(1), em * UNIT_PART, 0, "unit");
            }
        } else if (!text.unit().isEmpty()) {
            add(" " + text.unit(), em * UNIT_PART, 0, "unit");
        }
    }

    private void add(String part, double size, double raised, String styleClass) {
        Text text = new Text(part);
        text.setTextOrigin(VPos.BASELINE);
        text.getStyleClass().add(styleClass);
        text.setStyle("-fx-font-size: " + size + "em;");
        if (raised != 0) {
            text.fontProperty()
                    .addListener((o, before, font) -> text.setTranslateY(raised * font.getSize() / FRACTION_PART));
            text.setTranslateY(raised * text.getFont().getSize() / FRACTION_PART);
        }
        getChildren().add(text);
    }

    /** The number and unit as plain text. */
    public String plain() {
        return plain;
    }
}
