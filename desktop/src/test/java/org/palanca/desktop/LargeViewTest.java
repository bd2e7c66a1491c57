package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.palanca.base.units.Lengths;
import org.palanca.desktop.board.BoardLayout;
import org.palanca.desktop.board.FloorBoard;
import org.palanca.drawing.Elevation;

/** One view fills the board, and is worked on there as among the others. */
class LargeViewTest extends WindowTest {
    @ParameterizedTest
    @EnumSource(Elevation.class)
    void aDoublePressLetsAViewFillTheBoardWithEveryMountInIt(Elevation elevation) {
        double before = pixelsPerMetre();
        doubleClickOn(corner(elevation));
        onFx(() -> {});
        BoardLayout layout = board().layoutNow().orElseThrow();
        Rectangle2D area = layout.area(elevation);
        assertThat(layout.alone()).isTrue();
        assertThat(layout.scale()).isGreaterThan(1.2 * before);
        assertThat(area.getWidth()).isGreaterThan(0.95 * board().getWidth());
        assertThat(area.getHeight()).isGreaterThan(0.95 * board().getHeight());
        assertThat(lookup("#pad-ride").query().getParent().isVisible())
                .as("the pad's buttons go with the pad")
                .isFalse();
        window.document()
                .vehicle()
                .axles()
                .get(1)
                .mounts()
                .forEach(mount -> assertThat(area.contains(board().screenToLocal(mount(mount.name(), elevation))))
                        .as(mount.name())
                        .isTrue());
        Vector3D from = at("upper frame left");
        drag(mount("upper frame left", elevation)).moveBy(0, -20).drop();
        settle();
        Vector3D by = at("upper frame left").subtract(from);
        double moved = elevation.up(at("upper frame left")) - elevation.up(from);
        assertThat(moved)
                .as("as far as the pointer, to the grid")
                .isCloseTo(20 / layout.scale(), within(Lengths.inches(0.5)));
        assertThat(by.getNorm()).isCloseTo(Math.abs(moved), within(Lengths.inches(0.5)));
        doubleClickOn(corner(elevation));
        onFx(() -> {});
        assertThat(board().layoutNow().orElseThrow().alone()).isFalse();
        assertThat(lookup("#pad-ride").query().getParent().isVisible()).isTrue();
    }

    @Test
    void whatStandsInAFreeQuarterGivesWayToTheLargeView() {
        step("shocks");
        Node curve = lookup("#spring-curve").query();
        assertThat(shown(curve)).isTrue();
        push(KeyCode.CONTROL, KeyCode.L);
        settle();
        assertThat(shown(curve)).isFalse();
        push(KeyCode.CONTROL, KeyCode.L);
        settle();
        assertThat(shown(curve)).isTrue();
    }

    private static boolean shown(Node node) {
        return node.isVisible() && (node.getParent() == null || shown(node.getParent()));
    }

    @Test
    void aDoublePressWhereNoMarkIsEnlargesTheSurveyToo() {
        step("measure");
        FloorBoard survey = (FloorBoard) lookup("#survey-board").query();
        double before = survey.pixelsPerMetre();
        doubleClickOn(survey.localToScreen(40, 40));
        assertThat(survey.pixelsPerMetre()).isGreaterThan(1.05 * before);
        doubleClickOn(survey.localToScreen(40, 40));
        assertThat(survey.pixelsPerMetre()).isCloseTo(before, within(1e-9));
    }

    @Test
    void keysDoTheSameInTheViewTouchedLast() {
        double before = pixelsPerMetre();
        clickOn(mount("upper frame left", Elevation.TOP));
        push(KeyCode.CONTROL, KeyCode.L);
        onFx(() -> {});
        BoardLayout layout = board().layoutNow().orElseThrow();
        assertThat(layout.alone()).isTrue();
        assertThat(layout.elevation(layout.top().getMinX() + 50, layout.top().getMinY() + 50))
                .contains(Elevation.TOP);
        push(KeyCode.ESCAPE);
        onFx(() -> {});
        assertThat(pixelsPerMetre()).isCloseTo(before, within(1e-9));
        assertThat(window.state().selectionProperty().get())
                .as("the first press leaves the large view, the next the mount")
                .isNotNull();
        push(KeyCode.ESCAPE);
        assertThat(window.state().selectionProperty().get()).isNull();
    }

    /** A place of a view where nothing is drawn. */
    private Point2D corner(Elevation elevation) {
        settle();
        Rectangle2D area = board().layoutNow().orElseThrow().area(elevation);
        return board().localToScreen(area.getMinX() + 60, area.getMinY() + 30);
    }
}
