package org.palanca.floor.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.geometry.Side;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.MountMoves;

class MountTableTest {

    private static MountTable.Row row(List<MountTable.Row> rows, AxlePlace place, String name) {
        return rows.stream()
                .filter(row -> row.axle().place() == place && row.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void mountsAreGivenAsATapeMeasuresThemFromTheirOwnAxle() {
        List<MountTable.Row> rows = MountTable.of(Examples.tarn()).rows();
        assertThat(rows)
                .as("a row each pair and each single mount, shocks, stops and straps too")
                .hasSize(22);
        MountTable.Row upper = row(rows, AxlePlace.REAR, "upper frame left");
        assertThat(upper.ahead().text()).isEqualTo("34");
        assertThat(upper.out().text()).isEqualTo("15 1/2");
        assertThat(upper.up().text()).isEqualTo("24 3/4");
        assertThat(upper.mirrorName()).contains("upper frame right");
        MountTable.Row front = row(rows, AxlePlace.FRONT, "lower frame left");
        assertThat(front.ahead().text()).as("behind its axle").isEqualTo("-37");
        MountTable.Row panhard = row(rows, AxlePlace.FRONT, "panhard axle");
        assertThat(panhard.mirrorName()).isEmpty();
        assertThat(panhard.side()).isEqualTo(Side.RIGHT);
    }

    @Test
    void unlinkedSidesGetARowEach() {
        Vehicle tarn = Examples.tarn();
        MountRef right = new MountRef(AxlePlace.REAR, "upper frame right");
        Vehicle apart =
                MountMoves.moveTo(MountMoves.mirror(tarn, right, null), right, new Vector3D(-1.9, -0.4, 0.6500001));
        List<MountTable.Row> rows = MountTable.of(apart).rows();
        assertThat(rows).hasSize(23);
        MountTable.Row own = row(rows, AxlePlace.REAR, "upper frame right");
        assertThat(own.side()).isEqualTo(Side.RIGHT);
        assertThat(own.up().text()).isEqualTo("25 9/16");
        assertThat(own.largestError()).isGreaterThan(0).isLessThanOrEqualTo(0.0254 / 32);
    }
}
