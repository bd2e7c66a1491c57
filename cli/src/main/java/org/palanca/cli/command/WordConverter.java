package org.palanca.cli.command;

import java.text.MessageFormat;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;
import org.palanca.vehicle.check.NearestName;
import picocli.CommandLine;
import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.TypeConversionException;

/** One of a few words, as files and help write them: small letters with underscores, or as anyone might type them. */
public final class WordConverter<E extends Enum<E>> implements ITypeConverter<E> {
    private final Class<E> type;
    private final ResourceBundle words;

    private WordConverter(Class<E> type, ResourceBundle words) {
        this.type = type;
        this.words = words;
    }

    /** Lets a command line, its commands too, read such a word. */
    public static <E extends Enum<E>> void register(CommandLine line, Class<E> type) {
        ResourceBundle words = line.getCommandSpec().resourceBundle();
        line.registerConverter(type, new WordConverter<>(type, words));
    }

    @Override
    public E convert(String typed) {
        String word = typed.strip().toLowerCase(Locale.ROOT).replace('-', '_').replace(' ', '_');
        List<String> known = Arrays.stream(type.getEnumConstants())
                .map(one -> one.name().toLowerCase(Locale.ROOT))
                .toList();
        int at = known.indexOf(word);
        if (at < 0) {
            throw new TypeConversionException(MessageFormat.format(
                    words.getString("no_such_word"), typed, NearestName.of(word, known), String.join(", ", known)));
        }
        return type.getEnumConstants()[at];
    }
}
