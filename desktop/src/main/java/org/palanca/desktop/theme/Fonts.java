package org.palanca.desktop.theme;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import javafx.scene.text.Font;

/** The bundled fonts: one for words, one with even figures for dimensions. */
public final class Fonts {
    private static final String FOLDER = "/org/palanca/fonts/";
    private static final String TEXT = "Barlow Semi Condensed Medium";
    private static final String TEXT_STRONG = "Barlow Semi Condensed SemiBold";
    private static final String FIGURES = "B612 Regular";

    private Fonts() {}

    /** Makes the fonts known to the toolkit and the style sheet. Call once, before the first window. */
    public static void load() {
        for (String file : new String[] {
            "BarlowSemiCondensed-Medium.ttf", "BarlowSemiCondensed-SemiBold.ttf", "B612-Regular.ttf", "B612-Bold.ttf"
        }) {
            try (InputStream in = Fonts.class.getResourceAsStream(FOLDER + file)) {
                if (Font.loadFont(in, 12) == null) {
                    throw new IllegalStateException("the toolkit does not take the bundled font " + file);
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    public static Font text(double size) {
        return new Font(TEXT, size);
    }

    public static Font strong(double size) {
        return new Font(TEXT_STRONG, size);
    }

    public static Font figures(double size) {
        return new Font(FIGURES, size);
    }
}
