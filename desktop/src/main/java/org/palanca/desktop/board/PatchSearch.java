package org.palanca.desktop.board;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.util.Duration;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.desktop.control.LatestTask;
import org.palanca.desktop.document.BoardState;
import org.palanca.result.targets.MovePatch;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;

/** Finds beside the drawing where the selected mount may go for the result that is shown. */
final class PatchSearch {
    private static final Duration REST = Duration.millis(60);

    private final BoardState state;
    private final LatestTask search = LatestTask.patient("patch", REST);

    PatchSearch(BoardState state) {
        this.state = state;
    }

    /** @param found hears it, or at once that there is none */
    void ask(Analysis analysis, Consumer<Optional<MovePatch>> found) {
        MountRef ref = state.selectionProperty().get();
        boolean here = ref != null
                && ref.axle() == analysis.model().axle().place()
                && analysis.model().axle().mount(ref.mount()).isPresent();
        if (!here) {
            search.drop();
            found.accept(Optional.empty());
            return;
        }
        Vehicle vehicle = analysis.model().vehicle();
        String result = result(analysis, ref);
        search.ask(goOn -> MovePatch.of(vehicle, ref, result, goOn), found);
    }

    /** The result whose working is open; else toe for a steering pickup; else the first strip. */
    private String result(Analysis analysis, MountRef ref) {
        boolean steers = analysis.model().axle().links(LinkRole.TIE_ROD).stream()
                .anyMatch(link -> link.from().equals(ref.mount()) || link.to().equals(ref.mount()));
        boolean toe = state.litProperty().get() == null
                && steers
                && analysis.strip("toe.left").isPresent();
        return toe
                ? "toe.left"
                : analysis.shown(state.litProperty().get()).result().id();
    }

    /** Ends the work beside the window. */
    void dispose() {
        search.dispose();
    }
}
