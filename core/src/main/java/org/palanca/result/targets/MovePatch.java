package org.palanca.result.targets;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;
import org.palanca.vehicle.edit.MountMoves;

/**
 * Where a mount may go, fore and aft and up and down, so that one result stays within its band wherever the band counts:
 * a patch of the side view about where the mount is now.
 *
 * @param mount which
 * @param result id of the result
 * @param centre where the mount is [m], vehicle frame
 * @param step between neighbouring places [m]
 * @param within row by row from the lowest, each from the rearmost: whether the result is in band there
 */
public record MovePatch(MountRef mount, String result, Vector3D centre, double step, boolean[][] within) {
    /** Places each way from where the mount is. */
    public static final int REACH = 7;

    private static final double STEP = Lengths.inches(0.25);

    /**
     * Tries every place.
     *
     * @param goOn asked now and then; answering false gives up with nothing
     * @return empty when given up, or the result has no band here
     */
    public static Optional<MovePatch> of(Vehicle vehicle, MountRef ref, String resultId, BooleanSupplier goOn) {
        return ofAll(vehicle, ref, List.of(resultId), goOn);
    }

    /** The same where several results have to stay within their bands at once; the first names the patch. */
    public static Optional<MovePatch> ofAll(
            Vehicle vehicle, MountRef ref, List<String> resultIds, BooleanSupplier goOn) {
        Axle axle = vehicle.axle(ref.axle()).orElseThrow();
        Scorecard now = Scorecard.of(new AxleModel(vehicle, ref.axle()));
        if (resultIds.stream().anyMatch(id -> now.mark(id).isEmpty())) {
            return Optional.empty();
        }
        Vector3D centre = axle.position(ref.mount(), vehicle.wheelbase());
        int size = 2 * REACH + 1;
        boolean[][] within = new boolean[size][size];
        for (int i = 0; i < size; i++) {
            if (!goOn.getAsBoolean()) {
                return Optional.empty();
            }
            for (int j = 0; j < size; j++) {
                Vector3D by = new Vector3D((j - REACH) * STEP, 0, (i - REACH) * STEP);
                within[i][j] = inBand(MountMoves.moveTo(vehicle, ref, centre.add(by)), ref, resultIds);
            }
        }
        return Optional.of(new MovePatch(ref, resultIds.get(0), centre, STEP, within));
    }

    private static boolean inBand(Vehicle moved, MountRef ref, List<String> resultIds) {
        if (!VehicleCheck.sound(moved, ref.axle())) {
            return false;
        }
        Scorecard there = Scorecard.of(new AxleModel(moved, ref.axle()));
        boolean within = resultIds.stream()
                .allMatch(id ->
                        there.mark(id).filter(mark -> mark.severity() == 0).isPresent());
        return within && !VehicleCheck.hasErrors(VehicleCheck.findings(moved));
    }

    /** Whether any place tried is within the band. */
    public boolean any() {
        for (boolean[] row : within) {
            for (boolean place : row) {
                if (place) {
                    return true;
                }
            }
        }
        return false;
    }
}
