package org.palanca.io.sheet;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** How wide text comes out in the fonts that ship. */
final class Letters {
    static final String FONTS = "/org/palanca/fonts/";
    static final String PLAIN = "B612-Regular.ttf";
    static final String BOLD = "B612-Bold.ttf";

    private static final TrueTypeFont PLAIN_FONT = load(PLAIN);
    private static final TrueTypeFont BOLD_FONT = load(BOLD);

    private Letters() {}

    private static TrueTypeFont load(String name) {
        try (InputStream in = Letters.class.getResourceAsStream(FONTS + name)) {
            return new TTFParser().parse(new RandomAccessReadBuffer(in));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static TrueTypeFont font(boolean bold) {
        return bold ? BOLD_FONT : PLAIN_FONT;
    }

    /** Width in points. */
    static synchronized double width(String text, double size, boolean bold) {
        try {
            TrueTypeFont font = font(bold);
            CmapLookup letters = font.getUnicodeCmapLookup();
            double sum = text.codePoints()
                    .mapToDouble(letter -> advance(font, letters.getGlyphId(letter)))
                    .sum();
            return sum / font.getUnitsPerEm() * size;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static double advance(TrueTypeFont font, int glyph) {
        try {
            return font.getAdvanceWidth(glyph);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Names come from the user: a letter that the font lacks becomes a question mark instead of a failure. */
    static synchronized String printable(String text, boolean bold) {
        try {
            CmapLookup letters = font(bold).getUnicodeCmapLookup();
            StringBuilder out = new StringBuilder();
            text.codePoints().forEach(letter -> {
                if (letters.getGlyphId(letter) == 0) {
                    out.append('?');
                } else {
                    out.appendCodePoint(letter);
                }
            });
            return out.toString();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
