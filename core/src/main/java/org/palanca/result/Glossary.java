package org.palanca.result;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.palanca.base.words.Words;

/**
 * The words this program uses for what it measures and does: the field's standard term, what it means, its unit and sign,
 * and what the trade also says. One source for the tooltips in the window and for the printed glossary.
 */
public final class Glossary {
    private static final String TERM = "term.";

    private final Words words;

    /** The glossary in a reader's words and units. */
    public Glossary(Words words) {
        this.words = words;
    }

    /**
     * A term.
     *
     * @param name as the window writes it
     * @param meaning in a sentence or two
     * @param unit in the reader's units; empty where it has none
     * @param sign which way is positive; empty where it has only a size
     * @param also other words for it in the trade; empty where there are none
     */
    public record Entry(String name, String meaning, String unit, Optional<String> sign, Optional<String> also) {}

    /** What is to be said of a result beside its name, in one paragraph. */
    public String note(Result result) {
        return note(result(result.kind()));
    }

    /** What a term means, in one paragraph. */
    public String note(Entry entry) {
        StringBuilder note = new StringBuilder(entry.meaning());
        entry.sign().ifPresent(sign -> note.append(' ').append(words.text("glossary.sign", sign)));
        entry.also().ifPresent(also -> note.append(' ').append(words.text("glossary.also", also)));
        return note.toString();
    }

    /** A kind of result; where each axle has several of it, its name goes without whose it is. */
    public Entry result(ResultKind kind) {
        String key = "result." + kind.id();
        String name = words.text(key, "").replaceAll("[ ,]+$", "").replace(",  wheel", ", one wheel");
        return entry(key, name, words.units().unit(kind.quantity()));
    }

    /** All terms by name. */
    public List<Entry> entries() {
        List<Entry> entries = new ArrayList<>();
        for (ResultKind kind : ResultKind.values()) {
            if (words.has("result." + kind.id())) {
                entries.add(result(kind));
            }
        }
        words.keys().stream()
                .filter(key -> key.startsWith(TERM) && key.indexOf('.', TERM.length()) < 0)
                .forEach(key -> entries.add(entry(key, words.text(key), "")));
        entries.sort(Comparator.comparing(Entry::name, String.CASE_INSENSITIVE_ORDER));
        return List.copyOf(entries);
    }

    /**
     * The terms that a field's name or another short text is about: whole words of it, the longest first, none within another.
     * What the trade also says counts.
     */
    public List<Entry> in(String text) {
        List<Spoken> spoken = new ArrayList<>();
        for (Entry entry : entries()) {
            spoken.add(new Spoken(entry.name(), entry));
            entry.also().stream()
                    .flatMap(also -> Stream.of(also.split(", ")))
                    .forEach(also -> spoken.add(new Spoken(also, entry)));
        }
        spoken.sort(
                Comparator.comparingInt((Spoken one) -> one.phrase().length()).reversed());
        List<Entry> found = new ArrayList<>();
        String left = text;
        for (Spoken one : spoken) {
            // An abbreviation in capitals is none in small letters: "AS" is not "as".
            boolean letters = one.phrase().equals(one.phrase().toUpperCase(Locale.ROOT));
            Matcher matcher = Pattern.compile(
                            "(?<!\\p{L})" + Pattern.quote(one.phrase()) + "s?(?!\\p{L})",
                            letters ? 0 : Pattern.CASE_INSENSITIVE)
                    .matcher(left);
            if (matcher.find()) {
                left = matcher.replaceAll(" ");
                found.add(one.entry());
            }
        }
        return found.stream().distinct().toList();
    }

    /** A term as somebody says it. */
    private record Spoken(String phrase, Entry entry) {}

    private Entry entry(String key, String name, String unit) {
        return new Entry(name, words.text(key + ".why"), unit, optional(key + ".sign"), optional(key + ".also"));
    }

    private Optional<String> optional(String key) {
        return words.has(key) ? Optional.of(words.text(key)) : Optional.empty();
    }
}
