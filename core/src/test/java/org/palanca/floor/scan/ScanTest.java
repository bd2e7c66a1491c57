package org.palanca.floor.scan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Floors;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Survey;

class ScanTest {
    private final Random random = new Random(41);
    private final Survey survey = Floors.measured(random);
    private final Adjustment adjustment = Adjustment.of(survey);

    /** Turned and shifted by any rotation (Hipparchus) and found again. */
    @Test
    void aScanComesBackFromAnyTurn() {
        for (int run = 0; run < 50; run++) {
            Rotation turn = new Rotation(
                    random.nextGaussian(), random.nextGaussian(), random.nextGaussian(), random.nextGaussian(), true);
            Vector3D shift = new Vector3D(random.nextGaussian(), random.nextGaussian(), random.nextGaussian());
            List<ScanPoint> points = new ArrayList<>();
            for (Mark mark : Floors.frame()) {
                points.add(new ScanPoint(mark.name(), turn.applyTo(mark.near()).add(shift)));
            }
            Scan fitted = Scan.raw(points).fitted(adjustment);
            assertThat(fitted.misfit().orElseThrow()).isCloseTo(0, within(1e-9));
            for (int i = 0; i < points.size(); i++) {
                assertThat(Vector3D.distance(
                                fitted.points().get(i).place(),
                                Floors.frame().get(i).near()))
                        .isLessThan(1e-9);
            }
        }
    }

    @Test
    void twoMarksOrMarksOnALineFitNothing() {
        List<ScanPoint> two =
                List.of(new ScanPoint("cab left", Vector3D.ZERO), new ScanPoint("cab right", Vector3D.PLUS_J));
        assertThat(Scan.raw(two).fitted(adjustment).misfit()).isEmpty();
        List<Vector3D> line = List.of(Vector3D.ZERO, Vector3D.PLUS_I, Vector3D.PLUS_I.scalarMultiply(2));
        assertThat(RigidFit.of(line, line)).isEmpty();
    }

    @Test
    void aPointIsPickedAsItIsSeenAndBecomesAMark() {
        Scan scan = Scan.raw(List.of(
                new ScanPoint("", new Vector3D(-1, 0.2, 0.5)), new ScanPoint("", new Vector3D(-1.2, -0.3, 0.55))));
        ScanPoint picked = scan.nearest(new Vector3D(-1.19, 0, 0.55), Vector3D.PLUS_J, 0.02)
                .orElseThrow();
        assertThat(picked.place().getY()).isEqualTo(-0.3);
        assertThat(scan.nearest(new Vector3D(-3, 0, 0), Vector3D.PLUS_J, 0.02)).isEmpty();
        Adjustment with = Adjustment.of(Scan.marked(survey, "oil pan", picked.place()));
        assertThat(with.free("oil pan")).isEmpty();
        assertThat(with.deviation("oil pan", Axis.UP)).isCloseTo(0.0005, within(1e-9));
    }
}
