package org.palanca.floor.placing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.adjust.BestThree;
import org.palanca.floor.adjust.DatumLife;
import org.palanca.floor.placing.JointReadings.Ray;
import org.palanca.mechanism.axle.JointBolts;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.PlacingLimits;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Instrument;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.ReadingKind;

/**
 * What puts one mount where the board says, with a tape: three distances from marks that will still be there, the height,
 * the bracket's angles, and two diagonals that check it.
 *
 * <p>The tapes are chosen by the survey's arithmetic run backwards: a reading of standard deviation s along the direction u
 * adds u u' / s^2 to the normal matrix N of the mount's place, and the three are taken whose inverse has the least trace,
 * the height being there in any case. Off the floor, on a rotisserie or upside down, there is no height: a fourth tape takes its
 * place and all start at marks of the vehicle itself, so that they read the same whichever way it lies. A tape's s holds the tape's own spread and the uncertainty of the mark it starts at.
 *
 * <p>What a reading may be off is one figure for all: with every reading off by it at once, in the senses that do the most
 * harm, the mount still is within its tolerance, less the slop of the bolt and one standard deviation of the marks' own uncertainty.
 *
 * @param mount which
 * @param target where its bolt's middle must come [m], vehicle frame at ride
 * @param limits how far off it may come, and how far the set-up bolt can sit off the middle of its hole
 * @param uncertainty standard deviation of the place by the uncertainty about the marks alone, which no care in reading takes away [m]
 * @param tapes three distances, then the height, or off the floor a fourth distance
 * @param checks two distances more, across the vehicle where there are marks for it
 * @param faces angles of the bracket, one a link
 * @param deviation standard deviation of the place that these readings give [m], the marks' own uncertainty included
 * @param level what is set up off the floor for the bracket's angles to be read on; empty on the floor
 */
public record PlacingSheet(
        MountRef mount,
        Vector3D target,
        PlacingLimits limits,
        double uncertainty,
        List<Tape> tapes,
        List<Tape> checks,
        List<Face> faces,
        double deviation,
        Optional<Message> level) {
    /** How far a bracket may be turned where nothing else is said [rad]: a degree, common practice, no source. */
    public static final double USUAL_TURN = Math.toRadians(1);

    private static final int TAPES = 3;
    private static final int CHECKS = 2;

    /** A tape is not hooked nearer than this [m] and not pulled farther than that. */
    private static final double SHORTEST = Lengths.inches(4);

    private static final double LONGEST = Lengths.inches(240);

    /**
     * One reading that the mount must have.
     *
     * @param reading from a mark to the mount, with the value it must show [m]
     * @param allowed how far the reading may be off, all others off as much, while the mount stays within its tolerance [m]; 0
     *     where the marks are not known well enough to promise that
     * @param deviation standard deviation of the reading, the mark's uncertainty along it included [m]
     */
    public record Tape(Reading reading, double allowed, double deviation) {}

    /**
     * How a bracket stands for one link.
     *
     * @param link its name
     * @param tilt of the bracket's face against plumb; 0 for a bolt that lies level [rad]
     * @param turn of the bolt in plan against straight across the vehicle, its left end forward positive [rad]
     * @param slope of the link from this mount to its other end, upward positive [rad]
     * @param allowed how far each may be off [rad]
     */
    public record Face(String link, double tilt, double turn, double slope, double allowed) {}

    public PlacingSheet {
        tapes = List.copyOf(tapes);
        checks = List.copyOf(checks);
        faces = List.copyOf(faces);
    }

    /**
     * The sheet of a mount; empty where no three lasting marks are known that hold its place in all directions.
     *
     * @throws IllegalArgumentException when there is no such mount, or the slop alone is more than the tolerance
     */
    public static Optional<PlacingSheet> of(
            Vehicle vehicle, Adjustment adjustment, MountRef mount, PlacingLimits limits) {
        if (limits.left() <= 0) {
            throw new IllegalArgumentException("the slop leaves nothing of the tolerance: " + limits);
        }
        Axle axle = vehicle.axle(mount.axle()).orElseThrow(() -> new IllegalArgumentException("no such axle"));
        Vector3D target = axle.position(mount.mount(), vehicle.wheelbase());
        List<Ray> rays = rays(vehicle, adjustment, target, limits);
        if (rays.size() < TAPES) {
            return Optional.empty();
        }
        List<Ray> chosen = limits.offFloor() ? bestFour(adjustment, rays) : withHeight(adjustment, rays, target);
        if (chosen.isEmpty()) {
            return Optional.empty();
        }
        List<Ray> checks = checks(adjustment, rays, chosen, target);
        Optional<JointReadings> held = JointReadings.of(adjustment, chosen);
        if (held.isEmpty()) {
            return Optional.empty();
        }
        double uncertainty = held.get().uncertaintyOfMarks();
        double allowed = Math.max(0, limits.left() - uncertainty) * perWorst(adjustment, chosen, checks);
        return Optional.of(new PlacingSheet(
                mount,
                target,
                limits,
                uncertainty,
                tapes(adjustment, mount, chosen, allowed),
                tapes(adjustment, mount, checks, allowed),
                faces(vehicle, axle, mount),
                held.get().deviation(),
                OwnLevel.told(vehicle.build(), adjustment, limits)));
    }

    /** The three tapes that help most beside the height over the floor, and that; none where they do not hold the place. */
    private static List<Ray> withHeight(Adjustment adjustment, List<Ray> rays, Vector3D target) {
        Ray height = new Ray("", Vector3D.PLUS_K, target.getZ(), Instrument.TAPE.spread());
        List<Ray> chosen = new ArrayList<>(best(adjustment, rays, normal(adjustment, height)));
        if (!chosen.isEmpty()) {
            chosen.add(height);
        }
        return chosen;
    }

    /** Four tapes where there is no floor: the three that hold the place best by themselves, and the one that adds most. */
    private static List<Ray> bestFour(Adjustment adjustment, List<Ray> rays) {
        List<Ray> chosen = new ArrayList<>(best(adjustment, rays, MatrixUtils.createRealMatrix(3, 3)));
        if (chosen.isEmpty()) {
            return chosen;
        }
        RealMatrix three = chosen.stream()
                .map(ray -> normal(adjustment, ray))
                .reduce(RealMatrix::add)
                .orElseThrow();
        rays.stream()
                .filter(ray -> !chosen.contains(ray))
                .min(Comparator.comparingDouble(ray -> BestThree.variance(three.add(normal(adjustment, ray)))))
                .ifPresent(chosen::add);
        return chosen;
    }

    /** How far every reading may be off at once for each metre that the mount may, with and without the checks read [m per m]. */
    private static double perWorst(Adjustment adjustment, List<Ray> tapes, List<Ray> checks) {
        List<Ray> read = new ArrayList<>(tapes);
        double worst = JointReadings.of(adjustment, read).orElseThrow().worst();
        for (Ray check : checks) {
            read.add(check);
            worst = Math.max(
                    worst, JointReadings.of(adjustment, read).orElseThrow().worst());
        }
        return 1 / worst;
    }

    private static List<Tape> tapes(Adjustment adjustment, MountRef mount, List<Ray> rays, double allowed) {
        return rays.stream()
                .map(ray -> {
                    Reading reading = ray.mark().isEmpty()
                            ? Reading.of(ReadingKind.HEIGHT, mount.mount(), "", ray.metres())
                            : Reading.distance(ray.mark(), mount.mount(), ray.metres());
                    return new Tape(reading, allowed, ray.deviation(adjustment));
                })
                .toList();
    }

    private static List<Ray> rays(Vehicle vehicle, Adjustment adjustment, Vector3D target, PlacingLimits limits) {
        List<Ray> rays = new ArrayList<>();
        List<Mark> marks =
                limits.offFloor() ? OwnLevel.marks(vehicle.build(), adjustment) : DatumLife.lasting(adjustment);
        for (Mark mark : marks) {
            Vector3D along = target.subtract(adjustment.place(mark.name()));
            double metres = along.getNorm();
            if (metres >= SHORTEST && metres <= LONGEST) {
                rays.add(new Ray(mark.name(), along.normalize(), metres, Instrument.TAPE.spread()));
            }
        }
        return rays;
    }

    /** The three that leave least uncertainty; none where no three hold the place, as when all lie on one line with it. */
    private static List<Ray> best(Adjustment adjustment, List<Ray> rays, RealMatrix given) {
        List<RealMatrix> normals =
                rays.stream().map(ray -> normal(adjustment, ray)).toList();
        return BestThree.of(normals, given).stream().map(rays::get).toList();
    }

    private static RealMatrix normal(Adjustment adjustment, Ray ray) {
        RealVector u = MatrixUtils.createRealVector(ray.direction().toArray());
        double deviation = ray.deviation(adjustment);
        return u.outerProduct(u).scalarMultiply(1 / (deviation * deviation));
    }

    /** Marks on the other side of the vehicle first, the longest reach first: a diagonal shows most. */
    private static List<Ray> checks(Adjustment adjustment, List<Ray> rays, List<Ray> chosen, Vector3D target) {
        return rays.stream()
                .filter(ray -> !chosen.contains(ray))
                .sorted(Comparator.comparing(
                                (Ray ray) -> adjustment.place(ray.mark()).getY() * target.getY() >= 0)
                        .thenComparing(ray -> -ray.metres()))
                .limit(CHECKS)
                .toList();
    }

    private static List<Face> faces(Vehicle vehicle, Axle axle, MountRef mount) {
        List<Face> faces = new ArrayList<>();
        int index = axle.mountIndex(mount.mount());
        for (JointBolts.End end : JointBolts.of(axle, vehicle.wheelbase()).ends()) {
            if (end.mount() == index) {
                Vector3D along = axle.position(axle.mounts().get(end.other()).name(), vehicle.wheelbase())
                        .subtract(axle.position(mount.mount(), vehicle.wheelbase()));
                Vector3D bolt = end.direction().getY() < 0 ? end.direction().negate() : end.direction();
                faces.add(new Face(
                        end.link(),
                        Math.asin(Math.max(-1, Math.min(1, bolt.getZ()))),
                        Math.atan2(bolt.getX(), bolt.getY()),
                        ReadingKind.SLOPE.value(0, Vector3D.ZERO, along),
                        USUAL_TURN));
            }
        }
        return faces;
    }

    /** Whether readings within what is allowed promise the tolerance: not where the slop and the marks' uncertainty use it up. */
    public boolean promises() {
        return tapes.get(0).allowed() > 0;
    }

    /** What readings within the limits promise, or why none can. */
    public Message promise() {
        return promises()
                ? Message.of("placing.promise", Message.fine(limits.tolerance()), Message.fine(uncertainty))
                : Message.of("placing.no_promise", Message.fine(uncertainty), Message.fine(mayBeOff()));
    }

    /** How far the mount may be found off [m]: the tolerance less the slop. */
    public double mayBeOff() {
        return limits.left();
    }

    /** All readings with the values they must show, tapes before checks. */
    public List<Reading> readings() {
        List<Reading> all = new ArrayList<>();
        tapes.forEach(tape -> all.add(tape.reading()));
        checks.forEach(tape -> all.add(tape.reading()));
        return all;
    }
}
