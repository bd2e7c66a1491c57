package org.palanca.desktop.strips;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.theme.Theme;

/** The strips of the axle on the board, or the working of one of them. */
public final class StripColumn extends StackPane {
    private static final int IN_SIGHT = 8;

    private final BoardState state;
    private final Supplier<Words> words;
    private final Supplier<Theme> theme;
    private final VBox list = new VBox();
    private final ScrollPane scroll = new ScrollPane(list);
    private final WorkingPane working;
    private final Map<String, StripView> strips = new HashMap<>();
    private List<String> order = List.of();

    @SuppressWarnings("NullAway.Init") // Null until something is shown.
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
        scroll.vvalueProperty().addListener((o, before, now) -> refresh());
        scroll.viewportBoundsProperty().addListener((o, before, now) -> refresh());
    }

    /** Shows an analysis. */
    public void show(Analysis next) {
        analysis = next;
        refresh();
    }

    /** Sets how large text is, 1 for normal. */
    public void setTextSize(double times) {
        size = times;
        strips.values().forEach(view -> view.size(size, curveWidth()));
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
            add(order.subList(0, Math.min(IN_SIGHT, order.size())));
            // What is below the edge of the window may come a moment after the first picture.
            List<String> made = order;
            Platform.runLater(() -> {
                if (made == order && strips.size() < order.size()) {
                    add(order.subList(strips.size(), order.size()));
                    showValues();
                }
            });
        }
        showValues();
        showWorking();
    }

    private void add(List<String> ids) {
        for (String id : ids) {
            StripView view = new StripView(id, () -> state.litProperty().set(id));
            strips.put(id, view);
            list.getChildren().add(view);
        }
    }

    private double curveWidth() {
        return getWidth() - 44 * size;
    }

    private void showValues() {
        double width = curveWidth();
        for (Analysis.StripValue strip : analysis.strips()) {
            StripView view = strips.get(strip.result().id());
            if (view == null || !inSight(view)) {
                continue;
            }
            view.show(strip, analysis.pose(), analysis.model().axle().travel(), words.get(), theme.get(), size, width);
        }
    }

    /** Whether a strip is within the window's edge or a strip's height of it; the others are drawn when scrolled to. */
    private boolean inSight(StripView view) {
        double shown = scroll.getViewportBounds().getHeight();
        double whole = list.getHeight();
        if (shown <= 0 || whole <= shown || view.getHeight() <= 0) {
            return true;
        }
        double top = scroll.getVvalue() * (whole - shown);
        double above = view.getBoundsInParent().getMinY() - view.getHeight();
        double below = view.getBoundsInParent().getMaxY() + view.getHeight();
        return below > top && above < top + shown;
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
