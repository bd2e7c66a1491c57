package org.palanca.desktop.step.links;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.desktop.board.BoardView;
import org.palanca.desktop.board.MeasuringTool;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.vehicle.Note;

/** Links: the board, and above it the selected mount with its measures to be typed. */
public final class LinksPane extends StepPane {
    private final MountBar mountBar;
    private final BoardView board;

    public LinksPane(StepContext context) {
        super(context);
        setId("links-pane");
        mountBar = new MountBar(document(), state(), wordsSupplier(), complaints());
        board = new BoardView(document(), state(), wordsSupplier(), themeSupplier(), context.poseCommands());
        VBox.setVgrow(board, Priority.ALWAYS);
        getChildren().addAll(mountBar, board);
        mountBar.refresh();
        context.analysis().addListener((o, before, now) -> show(now));
        if (context.analysis().getValue() != null) {
            show(context.analysis().getValue());
        }
        state().litProperty().addListener((o, before, now) -> board.draw());
    }

    private void show(Analysis analysis) {
        board.show(analysis, document().baselineProperty().get());
    }

    @Override
    public Optional<Node> side() {
        return Optional.empty();
    }

    @Override
    protected void show() {
        // The board is drawn when the analysis arrives, the mount by its own bar.
    }

    @Override
    public Optional<Note.Subject> subject() {
        return Optional.ofNullable(state().selectionProperty().get())
                .map(ref -> new Note.Subject(Note.Kind.MOUNT, Optional.of(ref.axle()), ref.mount()));
    }

    @Override
    public boolean takeFocus() {
        board.requestFocus();
        return true;
    }

    @Override
    public void fit() {
        board.fit();
    }

    @Override
    public void enlarge() {
        board.enlarge();
    }

    @Override
    public void turn() {
        board.turn();
    }

    @Override
    public void measure(Consumer<MeasuringTool> how) {
        how.accept(board.tool());
    }

    @Override
    public void relabel() {
        mountBar.refresh();
        board.requestLayout();
    }

    @Override
    public void setTextSize(double times) {
        board.setTextSize(times);
    }

    @Override
    public void dispose() {
        board.dispose();
    }
}
