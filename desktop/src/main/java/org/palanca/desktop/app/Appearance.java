package org.palanca.desktop.app;

import java.util.Locale;
import javafx.scene.layout.Region;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.UnitStyle;
import org.palanca.base.words.Words;
import org.palanca.desktop.document.Settings;
import org.palanca.desktop.theme.Theme;

/** How the window looks and speaks: colours, size of text, words and units. Kept in the user's settings. */
final class Appearance {
    private static final String BUNDLE = "org.palanca.desktop.desktop";
    private static final double BASE_TEXT = 14;

    private final Settings settings;
    private final Runnable changed;
    private Words words;

    /** @param changed told when everything has to be shown anew */
    Appearance(Settings settings, Runnable changed) {
        this.settings = settings;
        this.changed = changed;
        words = Words.load(Locale.getDefault(), new UnitStyle(settings.lengths()), BUNDLE)
                .unbroken();
    }

    Words words() {
        return words;
    }

    Theme theme() {
        return settings.theme();
    }

    /** How large text is, 1 for normal. */
    double textTimes() {
        return settings.textSize() / 100.0;
    }

    /** Pixels of a width that is told in sizes of the text. */
    double ems(double width) {
        return width * BASE_TEXT * textTimes();
    }

    /** Puts colours and size of text on the window's root. */
    void dress(Region root) {
        root.getStyleClass().removeAll(Theme.BLUE.styleClass(), Theme.CARD.styleClass());
        root.getStyleClass().add(theme().styleClass());
        root.setStyle("-fx-font-size: " + BASE_TEXT * textTimes() + "px;");
    }

    void otherTheme() {
        setTheme(theme().other());
    }

    void setTheme(Theme theme) {
        settings.setTheme(theme);
        changed.run();
    }

    /** @param percent one of {@link Settings#TEXT_SIZES} */
    void setTextSize(int percent) {
        settings.setTextSize(percent);
        changed.run();
    }

    /** The next size of text up for 1, down for -1, if there is one. */
    void stepText(int by) {
        int at = Settings.TEXT_SIZES.indexOf(settings.textSize()) + by;
        if (at >= 0 && at < Settings.TEXT_SIZES.size()) {
            setTextSize(Settings.TEXT_SIZES.get(at));
        }
    }

    /** Lengths in the next of the styles from now on. */
    void nextUnits() {
        LengthStyle[] styles = LengthStyle.values();
        LengthStyle next = styles[(settings.lengths().ordinal() + 1) % styles.length];
        settings.setLengths(next);
        words = words.with(new UnitStyle(next));
        changed.run();
    }
}
