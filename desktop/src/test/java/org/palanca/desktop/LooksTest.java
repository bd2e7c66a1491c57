package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.paint.Color;
import javafx.scene.text.Text;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.palanca.desktop.document.Settings;
import org.palanca.desktop.strips.StripView;
import org.palanca.desktop.theme.Theme;
import org.palanca.drawing.Elevation;

/** Nothing cut at larger text, every letter in the bundled fonts, enough contrast in both themes. */
class LooksTest extends WindowTest {
    @ParameterizedTest
    @ValueSource(ints = {100, 125, 150})
    void noWordIsCutAtAnyTextSize(int percent) {
        clickOn(mount("upper frame left", Elevation.SIDE));
        for (int i = 0; i < Settings.TEXT_SIZES.indexOf(percent); i++) {
            push(KeyCode.CONTROL, KeyCode.EQUALS);
        }
        eventually(() -> sizeNow().equals(Integer.toString(percent)));
        for (String step : steps()) {
            onFx(() -> window.open(step));
            onFx(() -> stage.getScene().getRoot().requestLayout());
            List<String> cut = cutWords();
            // A pane that was hidden is laid out at the next pulse, a few at the most.
            for (int pulse = 0; pulse < 10 && !cut.isEmpty(); pulse++) {
                settle();
                cut = cutWords();
            }
            assertThat(cut).as(step + " at " + percent + " %").isEmpty();
        }
    }

    /** Text grown and made small again leaves everything as it was, the strips too; one scrolled to has the colours of now. */
    @Test
    void grownAndMadeSmallAgainNothingIsClipped() {
        double before = stripsHeight();
        for (int i = 0; i < 3; i++) {
            push(KeyCode.CONTROL, KeyCode.EQUALS);
        }
        eventually(() -> sizeNow().equals("150"));
        assertThat(stripsHeight()).isGreaterThan(before * 1.2);
        for (int i = 0; i < 3; i++) {
            push(KeyCode.CONTROL, KeyCode.MINUS);
        }
        eventually(() -> sizeNow().equals("100"));
        eventually(() -> Math.abs(stripsHeight() - before) < 1);
        onFx(() -> lookup(".strip")
                .queryAllAs(StripView.class)
                .forEach(strip ->
                        assertThat(strip.getHeight()).isGreaterThanOrEqualTo(strip.prefHeight(strip.getWidth()) - 1)));
        push(KeyCode.CONTROL, KeyCode.T);
        settle();
        onFx(() -> lookup("#strip-scroll").queryAs(ScrollPane.class).setVvalue(1));
        settle();
        onFx(() -> {
            Canvas last = (Canvas) lookup(".strip").queryAllAs(StripView.class).stream()
                    .max(Comparator.comparingDouble(
                            strip -> strip.getBoundsInParent().getMinY()))
                    .orElseThrow()
                    .lookup("Canvas");
            assertThat(darkest(last)).as("graphite on card, no bright line").isLessThan(0.35);
        });
    }

    /** Brightness of the darkest pixel of a drawing. */
    private static double darkest(Canvas canvas) {
        var picture = canvas.snapshot(null, null);
        double least = 1;
        for (int y = 0; y < picture.getHeight(); y++) {
            for (int x = 0; x < picture.getWidth(); x++) {
                least = Math.min(least, picture.getPixelReader().getColor(x, y).getBrightness());
            }
        }
        return least;
    }

    private double stripsHeight() {
        settle();
        // Those in sight; what the others say is written when they are scrolled to.
        return lookup(".strip").queryAllAs(StripView.class).stream()
                .sorted(Comparator.comparingDouble(
                        strip -> strip.getBoundsInParent().getMinY()))
                .limit(4)
                .mapToDouble(StripView::getHeight)
                .sum();
    }

    /** Unlinking the sides leaves the keyboard on its button, and the board where it is. */
    @Test
    void unlinkingTheSidesMovesNeitherFocusNorBoard() {
        clickOn(mount("upper frame left", Elevation.SIDE));
        settle();
        double top = board().localToScene(0, 0).getY();
        double height = board().getHeight();
        clickOn("#mount-mirror");
        settle();
        assertThat(stage.getScene().getFocusOwner().getId()).isEqualTo("mount-mirror");
        assertThat(board().localToScene(0, 0).getY()).isEqualTo(top);
        assertThat(board().getHeight()).isEqualTo(height);
    }

    private List<String> cutWords() {
        List<String> cut = new ArrayList<>();
        onFx(() -> collectCut(stage.getScene().getRoot(), cut));
        return cut;
    }

    private String sizeNow() {
        String style = stage.getScene().getRoot().getStyle();
        double pixels = Double.parseDouble(style.replaceAll("[^0-9.]", ""));
        return Long.toString(Math.round(pixels / 14 * 100));
    }

    private static void collectCut(Node node, List<String> cut) {
        if (!node.isVisible()) {
            return;
        }
        // Where the pose stands is said at length and may be cut; the pad shows the same.
        if (node instanceof Labeled labeled
                && !"where".equals(node.getId())
                && !labeled.getText().isEmpty()) {
            Node drawn = labeled.lookup(".text");
            if (drawn instanceof Text text
                    && !text.getText()
                            .replace("\n", "")
                            .equals(labeled.getText().replace("\n", ""))) {
                cut.add(labeled.getText() + " shows as " + text.getText());
            }
        }
        if (node instanceof javafx.scene.Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> collectCut(child, cut));
        }
    }

    @ParameterizedTest
    @EnumSource(Theme.class)
    void textHasContrastInBothThemes(Theme theme) {
        for (Color text : List.of(theme.line(), theme.second(), theme.hand(), theme.limit())) {
            assertThat(contrast(text, theme.ground())).isGreaterThan(4.5);
            assertThat(contrast(text, theme.panel())).isGreaterThan(4.5);
        }
    }

    /** What has to be seen but is not read: 3 : 1 by WCAG 2.1, 1.4.11. */
    @ParameterizedTest
    @EnumSource(Theme.class)
    void edgesHaveContrastAndTheTwoAccentsAreNotTakenForOneAnother(Theme theme) {
        assertThat(contrast(theme.edge(), theme.ground())).isGreaterThan(3);
        assertThat(contrast(theme.edge(), theme.panel())).isGreaterThan(3);
        // CIE 1976 colour difference. That it has to be so many times the just noticeable 2.3 is our own measure.
        assertThat(difference(theme.hand(), theme.limit())).isGreaterThan(20 * 2.3);
        assertThat(difference(theme.hand(), theme.line())).isGreaterThan(19 * 2.3);
    }

    @ParameterizedTest
    @EnumSource(Theme.class)
    void theStyleSheetHasTheColoursOfWhatIsDrawnByHand(Theme theme) throws IOException {
        String sheet;
        try (InputStream in = Theme.class.getResourceAsStream("/org/palanca/desktop/palanca.css")) {
            sheet = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        String block = sheet.substring(sheet.indexOf("." + theme.styleClass() + " {"));
        Map<String, Color> colours = Map.of(
                "ground", theme.ground(),
                "panel", theme.panel(),
                "line", theme.line(),
                "second", theme.second(),
                "edge", theme.edge(),
                "faint", theme.faint(),
                "hand", theme.hand(),
                "limit", theme.limit());
        colours.forEach((name, colour) -> {
            String value = block.substring(block.indexOf("-" + name + ": ") + name.length() + 3);
            assertThat(Color.web(value.substring(0, 7))).as(name).isEqualTo(colour);
        });
    }

    private static double difference(Color a, Color b) {
        double[] one = lab(a);
        double[] other = lab(b);
        double square = 0;
        for (int i = 0; i < 3; i++) {
            square += (one[i] - other[i]) * (one[i] - other[i]);
        }
        return Math.sqrt(square);
    }

    /** L*, a*, b* for the white of sRGB (D65), by the formulas of CIE 15 and IEC 61966-2-1. */
    private static double[] lab(Color c) {
        double r = linear(c.getRed());
        double g = linear(c.getGreen());
        double b = linear(c.getBlue());
        double x = root((0.4124 * r + 0.3576 * g + 0.1805 * b) / 0.9505);
        double y = root(0.2126 * r + 0.7152 * g + 0.0722 * b);
        double z = root((0.0193 * r + 0.1192 * g + 0.9505 * b) / 1.089);
        return new double[] {116 * y - 16, 500 * (x - y), 200 * (y - z)};
    }

    private static double root(double t) {
        return t > 0.008856 ? Math.cbrt(t) : 7.787 * t + 16.0 / 116;
    }

    /** Contrast ratio of WCAG 2.1, relative luminance by its formula. */
    private static double contrast(Color a, Color b) {
        double one = luminance(a) + 0.05;
        double other = luminance(b) + 0.05;
        return Math.max(one, other) / Math.min(one, other);
    }

    private static double luminance(Color c) {
        return 0.2126 * linear(c.getRed()) + 0.7152 * linear(c.getGreen()) + 0.0722 * linear(c.getBlue());
    }

    private static double linear(double channel) {
        return channel <= 0.03928 ? channel / 12.92 : Math.pow((channel + 0.055) / 1.055, 2.4);
    }

    @Test
    void everyLetterOfEveryWordIsInTheBundledFonts() throws IOException {
        TrueTypeFont text = font("BarlowSemiCondensed-Medium.ttf");
        TrueTypeFont figures = font("B612-Regular.ttf");
        for (String bundle : List.of("org.palanca.base.words.core", "org.palanca.desktop.desktop")) {
            ResourceBundle words = ResourceBundle.getBundle(bundle, Locale.ENGLISH);
            for (String key : words.keySet()) {
                words.getString(key)
                        .codePoints()
                        .filter(c -> c > ' ')
                        .forEach(letter -> assertThat(has(text, letter))
                                .as(key + ": " + Character.toString(letter))
                                .isTrue());
            }
        }
        "0123456789/.-−°%∞ωΔ·√()=+¼½¾⅛⅜⅝⅞"
                .codePoints()
                .forEach(letter -> assertThat(has(figures, letter))
                        .as(Character.toString(letter))
                        .isTrue());
    }

    private static TrueTypeFont font(String name) throws IOException {
        try (InputStream in = LooksTest.class.getResourceAsStream("/org/palanca/fonts/" + name)) {
            return new TTFParser().parse(new RandomAccessReadBuffer(in));
        }
    }

    private static boolean has(TrueTypeFont font, int letter) {
        try {
            return font.getUnicodeCmapLookup().getGlyphId(letter) != 0;
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
