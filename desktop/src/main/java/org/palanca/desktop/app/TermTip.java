package org.palanca.desktop.app;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.animation.PauseTransition;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.IndexedCell;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.util.Duration;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Words;
import org.palanca.desktop.strips.StripView;
import org.palanca.result.Glossary;

/** Tells what the terms in the name of a field mean while the pointer rests on the name or on the field. */
final class TermTip {
    private static final Duration REST = Duration.millis(600);

    /** What is longer is a sentence that speaks for itself. */
    private static final int LONGEST_NAME = 48;

    /** How many terms one tip explains. */
    private static final int MOST = 2;

    /** How far up from a field its name is looked for. */
    private static final int UP = 3;

    private static final double WIDTH = 320;
    private static final double BELOW = 18;

    private final Supplier<Words> words;
    private final Tooltip tip = new Tooltip();
    private final PauseTransition rest = new PauseTransition(REST);
    private @Nullable Node over;

    private TermTip(Supplier<Words> words) {
        this.words = words;
        tip.setWrapText(true);
        tip.setMaxWidth(WIDTH);
        tip.setAutoHide(true);
    }

    /** Explains the terms of everything in a window. */
    static void on(Scene scene, Supplier<Words> words) {
        TermTip tip = new TermTip(words);
        scene.addEventFilter(MouseEvent.MOUSE_MOVED, event -> tip.moved(scene, event));
        scene.addEventFilter(MouseEvent.MOUSE_PRESSED, event -> tip.hide());
        scene.addEventFilter(KeyEvent.KEY_PRESSED, event -> tip.hide());
    }

    private void moved(Scene scene, MouseEvent event) {
        Node now = event.getTarget() instanceof Node node ? named(node).orElse(null) : null;
        if (now == over) {
            return;
        }
        hide();
        over = now;
        if (now != null) {
            rest.setOnFinished(done -> meaning(now).ifPresent(text -> {
                tip.setText(text);
                tip.show(scene.getWindow(), event.getScreenX(), event.getScreenY() + BELOW);
            }));
            rest.playFromStart();
        }
    }

    private void hide() {
        rest.stop();
        tip.hide();
    }

    /** The label or the field under the pointer; neither of a strip, which has a tip of its own, nor of a list. */
    private static Optional<Node> named(Node under) {
        Node found = null;
        for (Node node = under; node != null; node = node.getParent()) {
            if (node instanceof StripView || node instanceof IndexedCell<?>) {
                return Optional.empty();
            }
            if (found == null && (node instanceof Label || node instanceof TextField)) {
                found = node;
            }
        }
        return Optional.ofNullable(found);
    }

    private Optional<String> meaning(Node node) {
        Glossary glossary = new Glossary(words.get());
        if (node instanceof Label label) {
            return explained(label.getText(), glossary);
        }
        // A field is named by a label beside it or over it.
        Parent around = node.getParent();
        for (int i = 0; i < UP && around != null; i++) {
            for (Node beside : around.getChildrenUnmodifiable()) {
                if (beside instanceof Label label) {
                    Optional<String> text = explained(label.getText(), glossary);
                    if (text.isPresent()) {
                        return text;
                    }
                }
            }
            around = around.getParent();
        }
        return Optional.empty();
    }

    private static Optional<String> explained(String name, Glossary glossary) {
        if (name.length() > LONGEST_NAME) {
            return Optional.empty();
        }
        List<Glossary.Entry> terms = glossary.in(name);
        return terms.isEmpty()
                ? Optional.empty()
                : Optional.of(terms.stream()
                        .limit(MOST)
                        .map(term -> term.name() + ": " + glossary.note(term))
                        .collect(Collectors.joining("\n\n")));
    }
}
