package org.palanca.desktop.strips;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.theme.Theme;
import org.palanca.words.Words;

/** The strips of the axle on the board, or the working of one of them. */
public final class StripColumn extends StackPane {
    private final BoardState state;
    private final Supplier<Words> words;
    private final Supplier<Theme> theme;
    private final VBox list = new VBox();
    private final ScrollPane scroll = new ScrollPane(list);
    private final WorkingPane working;
    private final Map<String, StripView> strips = new HashMap<>();
    private List<String> order = List.of();
    private Analysis analysis;
    private double size = 1;

    public StripColumn(
            Document document,
            BoardState state,
            Supplier<Words> words,
            Supplier<Theme> theme,
            Consumer<String> complain) {
        this.state = state;
        this.words = words;
        this.theme = theme;
        getStyleClass().add("strips");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setId("strip-scroll");
        working = new WorkingPane(document, state, words, theme, complain);
        working.setVisible(false);
        getChildren().addAll(scroll, working);
        state.litProperty().addListener((o, before, now) -> showWorking());
        widthProperty().addListener((o, before, now) -> refresh());
    }

    /** Shows an analysis. */
    public void show(Analysis next) {
        analysis = next;
        refresh();
    }

    /** Sets how large text is, 1 for normal. */
    public void setTextSize(double times) {
        size = times;
        refresh();
    }

    private void refresh() {
        if (analysis == null) {
            return;
        }
        List<String> wanted =
                analysis.strips().stream().map(strip -> strip.result().id()).toList();
        if (!wanted.equals(order)) {
            order = wanted;
            strips.clear();
            list.getChildren().clear();
            for (String id : order) {
                StripView view = new StripView(id, () -> state.litProperty().set(id));
                strips.put(id, view);
                list.getChildren().add(view);
            }
        }
        double width = getWidth() - 44 * size;
        for (Analysis.StripValue strip : analysis.strips()) {
            strips.get(strip.result().id())
                    .show(
                            strip,
                            analysis.pose(),
                            analysis.model().axle().travel(),
                            words.get(),
                            theme.get(),
                            size,
                            width);
        }
        showWorking();
    }

    private void showWorking() {
        String lit = state.litProperty().get();
        boolean open = lit != null && analysis != null && analysis.strip(lit).isPresent();
        working.setVisible(open);
        scroll.setVisible(!open);
        if (open) {
            working.show(analysis, lit, size, getWidth());
        }
    }
}
