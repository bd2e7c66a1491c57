package org.palanca.result;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
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
        Entry entry = result(result.kind());
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

    private Entry entry(String key, String name, String unit) {
        return new Entry(name, words.text(key + ".why"), unit, optional(key + ".sign"), optional(key + ".also"));
    }

    private Optional<String> optional(String key) {
        return words.has(key) ? Optional.of(words.text(key)) : Optional.empty();
    }
}
