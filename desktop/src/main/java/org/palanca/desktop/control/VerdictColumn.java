package org.palanca.desktop.control;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import org.palanca.base.words.Verdict;
import org.palanca.base.words.Words;

/** Sentences down a pane's column: the first that is not as wanted large, then the others that are not, then the good ones. */
public final class VerdictColumn {
    private VerdictColumn() {}

    /**
     * The sentences.
     *
     * @param id of the headline
     * @param nothing key of what is said where there are none
     * @param good key of the headline where all is as wanted
     */
    public static List<Node> of(List<Verdict> said, Words words, String id, String nothing, String good) {
        Optional<Verdict> worst = Verdict.worst(said);
        String text = said.isEmpty()
                ? words.text(nothing)
                : worst.map(one -> words.text(one.message())).orElse(words.text(good));
        List<Node> column = new ArrayList<>();
        column.add(headline(text, id, worst.isPresent()));
        said.stream()
                .filter(one -> worst.isEmpty() || one != worst.get())
                .sorted((a, b) -> Boolean.compare(a.good(), b.good()))
                .forEach(one -> column.add(sentence(one, words)));
        return column;
    }

    /** What is not as wanted carries a mark, for those who can't tell its colour. */
    private static Label sentence(Verdict said, Words words) {
        String text = capital(words.text(said.message()));
        return said.good()
                ? Labels.sentence(text, "working-why")
                : Labels.sentence(words.text("fit.mark") + " " + text, "limit");
    }

    /** A headline, in the colour of a limit where something is not as wanted. */
    public static Label headline(String text, String id, boolean limit) {
        Label label = Labels.sentence(capital(text), "side-headline");
        label.setId(id);
        if (limit) {
            label.getStyleClass().add("limit");
        }
        return label;
    }

    /** A sentence with a capital at its beginning, whatever name it begins with. */
    public static String capital(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
