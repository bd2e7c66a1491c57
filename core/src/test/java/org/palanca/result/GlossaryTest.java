package org.palanca.result;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;

/** The printed glossary is the one that the tooltips show. Written anew with {@code -Dpalanca.write=true}. */
class GlossaryTest {
    private static final Path PAGE = Path.of("..", "docs", "glossary.md");

    private final Glossary glossary = new Glossary(Examples.WORDS);

    @Test
    void thePrintedGlossaryIsWhatTheWindowSays() throws IOException {
        String page = page();
        if (Boolean.getBoolean("palanca.write")) {
            Files.writeString(PAGE, page);
        }
        assertThat(Files.readString(PAGE)).isEqualTo(page);
    }

    @Test
    void everyTermHasOneNameAndEveryNameIsOfOneTerm() {
        List<Glossary.Entry> entries = glossary.entries();
        assertThat(entries).extracting(Glossary.Entry::name).doesNotHaveDuplicates();
        assertThat(entries).allSatisfy(entry -> assertThat(entry.meaning()).endsWith("."));
        assertThat(entries).hasSizeGreaterThan(ResultKind.values().length);
    }

    /** The name of a field is understood by its terms: whole words, the longest, by what the trade says as well. */
    @Test
    void aFieldsNameIsFoundByItsTerms() {
        assertThat(names("between wheel faces")).containsExactly("Wheel face");
        assertThat(names("CG height")).containsExactly("Centre of gravity");
        assertThat(names("Toe-in at ride")).containsExactly("Toe");
        assertThat(names("Scrub radius")).containsExactly("Scrub radius");
        assertThat(names("pinion plane to left tube stop")).containsExactly("Pinion plane", "Tube stop");
        assertThat(names("Weight, as used"))
                .as("AS is no word in small letters")
                .isEmpty();
        assertThat(names("trailer hitch, in front"))
                .as("Trail is no part of another word")
                .isEmpty();
    }

    private List<String> names(String text) {
        return glossary.in(text).stream().map(Glossary.Entry::name).toList();
    }

    private String page() {
        StringBuilder page = new StringBuilder("# Glossary\n\n"
                + "What each word means here, its unit as a shop in inches reads it, which way is positive, and what the"
                + " trade also says.\nThe window shows the same beside each result. Frame and signs:"
                + " [package page](../core/src/main/java/org/palanca/package-info.java).\n\n"
                + "| Term | Meaning | Unit | Positive | Also said |\n|---|---|---|---|---|\n");
        for (Glossary.Entry entry : glossary.entries()) {
            page.append("| **%s** | %s | %s | %s | %s |%n"
                    .formatted(
                            entry.name(),
                            entry.meaning(),
                            entry.unit(),
                            entry.sign().orElse("").replace(" positive", ""),
                            entry.also().orElse(""))
                    .replace("%n", "\n"));
        }
        return page.toString();
    }
}
