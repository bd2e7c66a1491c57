package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.palanca.base.units.LengthStyle;
import org.palanca.desktop.document.Settings;
import org.palanca.desktop.theme.Lettering;
import org.testfx.util.NodeQueryUtils;

/**
 * No word of any step is cut or stands over another, on a small window, the usual one and a wide one: every label and every text
 * that is drawn by hand is read where it stands.
 */
class RoomForWordsTest extends WindowTest {
    /** Bounds are whole pixels here and parts of them there. */
    private static final double SLACK = 2;

    /** Every step but the tables: alternatives side by side, and links to cut. */
    private static final Set<String> DRAWN = Set.of(
            "goals", "links", "steer", "measure", "axle", "housing", "place", "cycle", "shocks", "shaft", "slope");

    private double usualWidth;
    private double usualHeight;

    @BeforeEach
    void keepTheSize() {
        onFx(() -> {
            usualWidth = stage.getWidth();
            usualHeight = stage.getHeight();
        });
    }

    /** The window of the tests that follow is this one: on a small screen parts of a wide one can't be pressed. */
    @AfterEach
    void giveTheSizeBack() {
        onFx(() -> {
            stage.setWidth(usualWidth);
            stage.setHeight(usualHeight);
        });
    }

    @ParameterizedTest(name = "{0} x {1} at {2} %, {3}, {4}")
    @CsvSource({
        "1024, 700, 100, in, blue",
        "1024, 700, 150, mm, card",
        "1280, 800, 100, mm, card",
        "1280, 800, 150, in, blue",
        "1920, 1080, 100, in, card",
        "1920, 1080, 150, in, blue"
    })
    void everyWordHasRoom(int width, int height, int percent, String units, String look) {
        if (look.equals("card")) {
            push(KeyCode.CONTROL, KeyCode.T);
        }
        assertThat(cutWords(width, height, percent, units)).isEmpty();
    }

    /** Other kinds of suspension say other things: independent wheels in front, leaves, air springs, a rack. */
    @ParameterizedTest
    @ValueSource(strings = {"plover", "wain", "gorse", "sedge", "marram"})
    void everyWordOfEveryKindOfSuspensionHasRoom(String example) throws IOException {
        Path file = folder.resolve(example + ".palanca.json");
        copyExample(example + ".palanca.json", file);
        onFx(() -> window.files().open(file));
        assertThat(cutWords(1024, 700, 150, "mm")).isEmpty();
    }

    private List<String> cutWords(int width, int height, int percent, String units) {
        onFx(() -> {
            stage.setWidth(width);
            stage.setHeight(height);
        });
        for (int i = 0; i < Settings.TEXT_SIZES.indexOf(percent); i++) {
            push(KeyCode.CONTROL, KeyCode.EQUALS);
        }
        for (int i = 0; units.equals("mm") && i < LengthStyle.MILLIMETRES.ordinal(); i++) {
            push(KeyCode.CONTROL, KeyCode.U);
        }
        List<String> all = new ArrayList<>();
        for (String step : steps()) {
            onFx(() -> window.open(step));
            settle();
            List<String> found = problems();
            // A pane that was hidden is laid out at the next pulse, a few at the most.
            for (int pulse = 0; pulse < 10 && !found.isEmpty(); pulse++) {
                settle();
                found = problems();
            }
            found.forEach(one -> all.add(step + ": " + one));
        }
        return all;
    }

    /** The drawing is the step: three fifths of the width and of the height, and not much less at the largest text. */
    @ParameterizedTest(name = "at {0} % at least {1}")
    @CsvSource({"100, 0.6", "150, 0.45"})
    void theDrawingHasMostOfTheWindow(int percent, double least) {
        onFx(() -> {
            stage.setWidth(1280);
            stage.setHeight(800);
        });
        for (int i = 0; i < Settings.TEXT_SIZES.indexOf(percent); i++) {
            push(KeyCode.CONTROL, KeyCode.EQUALS);
        }
        for (String step : steps()) {
            if (DRAWN.contains(step)) {
                onFx(() -> window.open(step));
                settle();
                settle();
                Bounds drawn = drawn();
                assertThat(drawn.getWidth() / stage.getScene().getWidth())
                        .as("width of " + step)
                        .isGreaterThan(least);
                assertThat(drawn.getHeight() / stage.getScene().getHeight())
                        .as("height of " + step)
                        .isGreaterThan(least);
            }
        }
    }

    /** What all drawings of the open step take together. */
    private Bounds drawn() {
        List<Bounds> all = new ArrayList<>();
        onFx(() -> lookup(".board").queryAll().stream()
                .filter(node -> NodeQueryUtils.isVisible().test(node))
                .map(node -> node.localToScene(node.getLayoutBounds()))
                .forEach(all::add));
        double left = all.stream().mapToDouble(Bounds::getMinX).min().orElse(0);
        double top = all.stream().mapToDouble(Bounds::getMinY).min().orElse(0);
        double right = all.stream().mapToDouble(Bounds::getMaxX).max().orElse(0);
        double bottom = all.stream().mapToDouble(Bounds::getMaxY).max().orElse(0);
        return new BoundingBox(left, top, right - left, bottom - top);
    }

    private List<String> problems() {
        List<String> found = new ArrayList<>();
        onFx(() -> collect(stage.getScene().getRoot(), whole(), found));
        return found;
    }

    private Bounds whole() {
        return new BoundingBox(
                0, 0, stage.getScene().getWidth(), stage.getScene().getHeight());
    }

    /** @param seen the columns that are shown of it: a scrolled column is cut above and below only */
    private void collect(Node node, Bounds seen, List<String> found) {
        if (!node.isVisible()) {
            return;
        }
        Bounds here = node.localToScene(node.getLayoutBounds());
        // Where the pose stands is said at length and may be cut; the pad shows the same.
        if (node instanceof Labeled labeled
                && !"where".equals(node.getId())
                && labeled.getText() != null
                && !labeled.getText().isEmpty()) {
            if (labeled.lookup(".text") instanceof Text drawn
                    && !plainly(drawn.getText()).equals(plainly(labeled.getText()))) {
                found.add("“" + labeled.getText() + "” shows as “" + drawn.getText() + "”");
            }
            if (here.getMinX() < seen.getMinX() - SLACK || here.getMaxX() > seen.getMaxX() + SLACK) {
                found.add("“" + labeled.getText() + "” is cut at the side: " + here + " in " + seen);
            }
        }
        if (node instanceof Canvas canvas && canvas.getWidth() > 0) {
            lettering(canvas, found);
        }
        Bounds inner = seen;
        if (node instanceof ScrollPane scroll) {
            Bounds shown = scroll.localToScene(scroll.getLayoutBounds());
            inner = new BoundingBox(
                    shown.getMinX(), 0, scroll.getViewportBounds().getWidth(), seen.getHeight());
        }
        if (node instanceof Parent parent) {
            for (Node child : parent.getChildrenUnmodifiable()) {
                collect(child, inner, found);
            }
        }
    }

    private static void lettering(Canvas canvas, List<String> found) {
        List<Lettering.Written> all = Lettering.on(canvas).written();
        for (int i = 0; i < all.size(); i++) {
            Bounds one = all.get(i).bounds();
            Bounds whole = canvas.getLayoutBounds();
            boolean inside = one.getMinX() > whole.getMinX() - SLACK
                    && one.getMaxX()
                            < Math.min(whole.getMaxX(), all.get(i).room().getMaxX()) + SLACK
                    && one.getMinX() > all.get(i).room().getMinX() - SLACK
                    && one.getMinY() > whole.getMinY() - SLACK
                    && one.getMaxY() < whole.getMaxY() + SLACK;
            if (!inside) {
                found.add("“" + all.get(i).text() + "” is cut: " + one + " in "
                        + all.get(i).room());
            }
            for (int j = 0; j < i; j++) {
                Bounds other = all.get(j).bounds();
                double across = Math.min(one.getMaxX(), other.getMaxX()) - Math.max(one.getMinX(), other.getMinX());
                double down = Math.min(one.getMaxY(), other.getMaxY()) - Math.max(one.getMinY(), other.getMinY());
                if (across > SLACK && down > SLACK) {
                    found.add("“" + all.get(i).text() + "” stands over “"
                            + all.get(j).text() + "”");
                }
            }
        }
    }

    private static String plainly(String text) {
        return text.replace("\n", "").strip();
    }
}
