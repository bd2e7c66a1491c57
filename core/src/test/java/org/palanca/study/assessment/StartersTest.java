package org.palanca.study.assessment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.palanca.base.units.Lengths.inches;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.units.Lengths;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.Scorecard;
import org.palanca.study.clearance.ClearanceStudy;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.limits.CycleWords;
import org.palanca.study.limits.Limit;
import org.palanca.study.limits.Limits;
import org.palanca.study.limits.TravelEnd;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.layout.StarterVehicle;

/**
 * Every starting point of every type, use and steering, front and rear: it lies within its own targets, has its travel and
 * clears itself. With {@code -Dpalanca.write=true} the table of fitted starts is worked out anew from what it is now, each start
 * that is not as wanted for {@code -Dpalanca.seconds} at most.
 */
class StartersTest {
    private static final Path TABLE =
            Path.of("src", "main", "resources", "org", "palanca", "vehicle", "layout", "starts.csv");

    /** Of so many starts one is looked at pair by pair; {@code -Dpalanca.draws=3} looks at all. All ends are looked at always. */
    private static final int PAIRS_OF_EACH = 3;

    private record Start(Use use, AxlePlace place, StarterLayout layout) {
        Vehicle vehicle(double wheelbase, double tyre) {
            StarterLayout other = StarterLayout.of(SuspensionType.TRIANGULATED_UPPERS);
            boolean front = place == AxlePlace.FRONT;
            return new StarterVehicle(
                            "start", use, wheelbase, tyre, Optional.of(front ? layout : other), front ? other : layout)
                    .build();
        }

        /** At the wheelbase and tyre that the table was fitted for. */
        Vehicle vehicle() {
            return vehicle(StarterVehicle.WHEELBASE, StarterVehicle.tyre(use));
        }

        String key() {
            return use.id() + "," + place.id() + "," + layout.type().id() + ","
                    + layout.steering().id();
        }
    }

    private static List<Start> all() {
        List<Start> all = new ArrayList<>();
        for (Use use : Use.values()) {
            for (SuspensionType type : SuspensionType.values()) {
                for (AxlePlace place : AxlePlace.values()) {
                    for (StarterSteering steering : StarterSteering.values()) {
                        boolean there = steering == StarterSteering.NONE || place == AxlePlace.FRONT;
                        if (steering.suits(type) && there) {
                            all.add(new Start(use, place, new StarterLayout(type, steering)));
                        }
                    }
                }
            }
        }
        return all;
    }

    /** What is wrong with one axle of a vehicle, in words. */
    private static List<String> wrong(Vehicle vehicle, AxlePlace place) {
        return wrong(vehicle, place, true);
    }

    private static List<String> wrong(Vehicle vehicle, AxlePlace place, boolean clears) {
        List<String> wrong = new ArrayList<>();
        AxleModel model = new AxleModel(vehicle, place);
        Scorecard.of(model).marks().stream()
                .filter(mark -> mark.severity() > 0)
                .forEach(mark -> wrong.add(Examples.WORDS.text(mark.said())));
        Limits limits = new Limits(new Clearances(model));
        for (Limit limit : limits.passedAtRide()) {
            wrong.add(Examples.WORDS.text(limit.what()));
        }
        TravelEnd.all(limits).stream()
                .filter(end -> !end.reached())
                .forEach(end -> wrong.add(Examples.WORDS.text(CycleWords.end(end))));
        if (!clears) {
            return wrong;
        }
        ClearanceStudy.tooTight(new Clearances(model), limits.envelope()).stream()
                .filter(tight -> tight.missing() > inches(1.0 / 64))
                .forEach(tight -> wrong.add(Examples.WORDS.text(CycleWords.tight(tight))));
        return wrong;
    }

    @Test
    void everyStartLiesWithinItsTargetsAndClearsItself() throws IOException {
        if (Boolean.getBoolean("palanca.write")) {
            write();
            return; // What was written is read by the next run.
        }
        List<Start> all = all();
        List<String> off = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Start start = all.get(i);
            boolean clears = i % PAIRS_OF_EACH < Integer.getInteger("palanca.draws", 1);
            List<String> wrong = wrong(start.vehicle(), start.place(), clears);
            wrong.forEach(one -> off.add(start.key() + ": " + one));
        }
        assertThat(off).isEmpty();
    }

    private static void write() throws IOException {
        StringBuilder table = new StringBuilder("use,place,type,steering,mount,in,out,up\n");
        Map<Start, Vehicle> fitted = new ConcurrentHashMap<>();
        all().parallelStream().forEach(start -> {
            Vehicle before = start.vehicle();
            boolean good = wrong(before, start.place()).isEmpty();
            Vehicle after = good ? before : StartFit.of(before, start.place());
            fitted.put(start, after);
            if (!good) {
                int left = wrong(after, start.place()).size();
                System.out.printf(
                        "%s: %d faults, then %d%n",
                        start.key(), wrong(before, start.place()).size(), left);
            }
        });
        for (Start start : all()) {
            Vehicle before = start.vehicle();
            Axle was = before.axle(start.place()).orElseThrow();
            Axle is = fitted.get(start).axle(start.place()).orElseThrow();
            for (Mount mount : is.mounts()) {
                if (!mount.mirrored()) {
                    Vector3D by = is.position(mount.name(), before.wheelbase())
                            .subtract(was.position(mount.name(), before.wheelbase()));
                    row(table, start, mount.name(), by);
                }
            }
        }
        Files.writeString(TABLE, table);
    }

    /** What a mount is moved in all: what the table has for it already, and what it is moved now. */
    private static void row(StringBuilder table, Start start, String mount, Vector3D by) throws IOException {
        String head = start.key() + "," + mount + ",";
        double[] all = Files.readAllLines(TABLE).stream()
                .filter(line -> line.startsWith(head))
                .map(line -> line.substring(head.length()).split(","))
                .map(parts -> new double[] {
                    Double.parseDouble(parts[0]), Double.parseDouble(parts[1]), Double.parseDouble(parts[2])
                })
                .findFirst()
                .orElse(new double[3]);
        all[0] += -start.place().outward() * by.getX() / Lengths.INCH;
        all[1] += by.getY() / Lengths.INCH;
        all[2] += by.getZ() / Lengths.INCH;
        boolean moved = Math.abs(all[0]) + Math.abs(all[1]) + Math.abs(all[2]) > 1e-6;
        if (moved) {
            table.append(String.format(Locale.ROOT, "%s%.4f,%.4f,%.4f%n", head, all[0], all[1], all[2]));
        }
    }
}
