package org.palanca.floor.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.geometry.SidedName;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.RoundedLength;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Vehicle;

/**
 * Where every mount goes, as a tape measures it from the axle line, the centreline and the floor.
 *
 * @param rows one a mount; a mount and its mirror image share one
 */
public record MountTable(List<Row> rows) {
    /** Parts of an inch on the sheet. */
    public static final int SIXTEENTHS = 16;

    /**
     * One place to weld.
     *
     * @param axle whose axle line the first measure starts at
     * @param name the mount's name
     * @param mirrorName name of the mount on the other side at the same measures, empty where there is none
     * @param body what it is welded to
     * @param side side of the centreline of the mount of that name
     * @param ahead ahead of the axle line, negative behind
     * @param out out from the centreline
     * @param up up from the floor
     */
    public record Row(
            Axle axle,
            String name,
            Optional<String> mirrorName,
            BodyName body,
            Side side,
            RoundedLength ahead,
            RoundedLength out,
            RoundedLength up) {
        /** The name without its side. */
        public String plainName() {
            SidedName sided = SidedName.of(name);
            return sided.side().equals(Optional.of(side)) ? sided.stem() : name;
        }

        /** The largest rounding error of the three measures [m]. */
        public double largestError() {
            return Math.max(
                    Math.abs(ahead.errorMetres()), Math.max(Math.abs(out.errorMetres()), Math.abs(up.errorMetres())));
        }
    }

    /** Lists the mounts of a vehicle. */
    public static MountTable of(Vehicle vehicle) {
        List<Row> rows = new ArrayList<>();
        for (Axle axle : vehicle.axles()) {
            for (Mount mount : axle.mounts()) {
                if (!mount.mirrored()) {
                    rows.add(row(vehicle, axle, mount));
                }
            }
        }
        return new MountTable(List.copyOf(rows));
    }

    private static Row row(Vehicle vehicle, Axle axle, Mount mount) {
        Vector3D at = axle.position(mount.name(), vehicle.wheelbase());
        return new Row(
                axle,
                mount.name(),
                axle.mirrorImage(mount.name()).map(Mount::name),
                mount.body(),
                Side.of(at.getY()),
                Lengths.nearest(at.getX() - axle.lineX(vehicle.wheelbase()), SIXTEENTHS),
                Lengths.nearest(Math.abs(at.getY()), SIXTEENTHS),
                Lengths.nearest(at.getZ(), SIXTEENTHS));
    }

    /** The largest rounding error of any measure [m]. */
    public double largestError() {
        return rows.stream().mapToDouble(Row::largestError).max().orElse(0);
    }

    /** All that it tells, in one line: another line, another sheet. */
    public String contents() {
        StringBuilder contents = new StringBuilder();
        for (Row row : rows) {
            contents.append(row.name())
                    .append(row.ahead().text())
                    .append(row.side())
                    .append(row.out().text())
                    .append(row.up().text());
        }
        return contents.toString();
    }
}
