package org.palanca.base.words;

import java.text.MessageFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import java.util.SortedSet;
import java.util.TreeSet;
import org.palanca.base.units.MeasureFormatException;
import org.palanca.base.units.UnitStyle;
import org.palanca.base.words.Message.Measure;

/** Puts {@link Message messages} into one language and one set of units. Immutable. */
public final class Words {
    /** The bundle of everything that the core says. */
    public static final String CORE_BUNDLE = "org.palanca.base.words.core";

    private static final char NO_BREAK = '\u00a0';

    private final List<ResourceBundle> bundles;
    private final Locale locale;
    private final UnitStyle units;
    private final boolean unbroken;

    private Words(List<ResourceBundle> bundles, Locale locale, UnitStyle units, boolean unbroken) {
        this.bundles = List.copyOf(bundles);
        this.locale = locale;
        this.units = units;
        this.unbroken = unbroken;
    }

    /**
     * The core's words, and those of further bundles, which are looked in first.
     *
     * @throws MissingResourceException when a bundle is not on the class path
     */
    public static Words load(Locale locale, UnitStyle units, String... moreBundles) {
        List<ResourceBundle> bundles = new ArrayList<>();
        for (String name : moreBundles) {
            bundles.add(ResourceBundle.getBundle(name, locale));
        }
        bundles.add(ResourceBundle.getBundle(CORE_BUNDLE, locale));
        return new Words(bundles, locale, units, false);
    }

    /** The same words with other units. */
    public Words with(UnitStyle other) {
        return new Words(bundles, locale, other, unbroken);
    }

    /** The same words with amounts that never break over a line: their spaces are no-break spaces. */
    public Words unbroken() {
        return new Words(bundles, locale, units, true);
    }

    /** Every key that has words. */
    public SortedSet<String> keys() {
        SortedSet<String> keys = new TreeSet<>();
        bundles.forEach(bundle -> keys.addAll(bundle.keySet()));
        return keys;
    }

    public UnitStyle units() {
        return units;
    }

    /** Whether a key has words. */
    public boolean has(String key) {
        return bundles.stream().anyMatch(bundle -> bundle.containsKey(key));
    }

    /**
     * The words under a key, with arguments put in.
     *
     * @throws MissingResourceException when no bundle has the key
     */
    public String text(String key, Object... arguments) {
        String pattern = pattern(key);
        Object[] written = new Object[arguments.length];
        for (int i = 0; i < arguments.length; i++) {
            written[i] = write(arguments[i]);
        }
        return written.length == 0 ? pattern : new MessageFormat(pattern, locale).format(written);
    }

    /** A message in words. */
    public String text(Message message) {
        return text(message.key(), message.arguments().toArray());
    }

    /** What is wrong with a typed length or angle, in words. */
    public String text(MeasureFormatException failure) {
        String why = text("measure." + failure.reason());
        return failure.understood().isEmpty()
                ? text("measure.nothing_understood", failure.rest(), why)
                : text("measure.understood", failure.understood(), failure.rest(), why);
    }

    private String pattern(String key) {
        for (ResourceBundle bundle : bundles) {
            if (bundle.containsKey(key)) {
                return bundle.getString(key);
            }
        }
        throw new MissingResourceException("no words for " + key, CORE_BUNDLE, key);
    }

    private String write(Object argument) {
        if (argument instanceof Message message) {
            return text(message);
        }
        if (argument instanceof Measure measure) {
            return amount(units.text(measure.value(), measure.quantity()));
        }
        if (argument instanceof Message.Judged judged) {
            return amount(units.textBeside(judged.value(), judged.against(), judged.quantity()));
        }
        if (argument instanceof Message.OnTheRoad driven) {
            return amount(units.onTheRoad(driven.metres()));
        }
        if (argument instanceof Message.Fine fine) {
            return amount(units.fine(fine.metres()));
        }
        return argument.toString();
    }

    private String amount(String text) {
        return unbroken ? text.replace(' ', NO_BREAK) : text;
    }
}
