package org.palanca;

import static org.palanca.base.units.Lengths.inches;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.UnitStyle;
import org.palanca.base.words.Words;
import org.palanca.io.json.VehicleFile;
import org.palanca.io.json.VehicleFileException;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkHardware;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Linkage;
import org.palanca.vehicle.MassProperties;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Traction;
import org.palanca.vehicle.Travel;
import org.palanca.vehicle.Tyre;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Wheels;

/** Vehicles that tests work on. */
public final class Examples {
    /** The examples that ship. */
    public static final List<String> FILES = List.of(
            "tarn-4.palanca.json",
            "sedge.palanca.json",
            "gorse.palanca.json",
            "plover.palanca.json",
            "wain.palanca.json",
            "marram.palanca.json");

    /** Those of them whose axles are live and held by links alone. */
    public static final List<String> LIVE_AXLES_ON_LINKS = FILES.subList(0, 3);

    public static final Words WORDS = Words.load(Locale.ENGLISH, UnitStyle.SHOP);

    private Examples() {}

    /** An example that ships, opened as a file is. */
    public static Vehicle vehicle(String name) {
        try {
            Path copy = Files.createTempFile("example", VehicleFile.ENDING);
            Files.writeString(copy, text(name));
            try {
                return VehicleFile.open(copy).vehicle();
            } finally {
                Files.delete(copy);
            }
        } catch (IOException | VehicleFileException e) {
            throw new IllegalStateException(e);
        }
    }

    public static Vehicle tarn() {
        return vehicle("tarn-4.palanca.json");
    }

    /** The id of a wheel's result across the centreline; any other as it is. */
    public static String across(String id) {
        if (id.endsWith(".left")) {
            return id.substring(0, id.length() - 4) + "right";
        }
        return id.endsWith(".right") ? id.substring(0, id.length() - 5) + "left" : id;
    }

    /** Contents of an example. */
    public static String text(String name) {
        try (InputStream in = Examples.class.getResourceAsStream("/org/palanca/examples/" + name)) {
            return new String(in.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Builds a rear axle from links between points in metres, relative to the axle line on the ground. */
    public static final class RearAxle {
        private final List<Mount> mounts = new ArrayList<>();
        private final List<Link> links = new ArrayList<>();
        private double wheelbase = 2.7;
        private double height = 0.75;

        public RearAxle wheelbase(double metres, double centreOfGravity) {
            wheelbase = metres;
            height = centreOfGravity;
            return this;
        }

        public RearAxle link(String name, LinkRole role, Vector3D frame, Vector3D axle) {
            Vector3D line = new Vector3D(-wheelbase, 0, 0);
            mounts.add(new Mount(name + " frame", BodyName.FRAME, new Placement.At(frame.add(line))));
            mounts.add(new Mount(name + " axle", BodyName.AXLE, new Placement.At(axle.add(line))));
            links.add(new Link(name, role, name + " frame", name + " axle"));
            return this;
        }

        /** A link and its mirror image. */
        public RearAxle pair(String name, LinkRole role, Vector3D frame, Vector3D axle) {
            link(name + " left", role, frame, axle);
            return link(name + " right", role, across(frame), across(axle));
        }

        public static Vector3D across(Vector3D v) {
            return new Vector3D(v.getX(), -v.getY(), v.getZ());
        }

        public Vehicle build() {
            Axle axle = new Axle(
                    AxlePlace.REAR,
                    Wheels.upright(new Tyre(0.84, 0.4, 0.3), 1.5),
                    new Travel(inches(5), inches(5)),
                    Traction.byHousing(1, 0.4),
                    Math.toRadians(3),
                    OptionalDouble.empty(),
                    Linkage.ofLinks(SuspensionType.TRIANGULATED_UPPERS, mounts, links));
            return new Vehicle(
                    "test",
                    1,
                    "",
                    Use.TRAIL,
                    wheelbase,
                    new MassProperties(2000, wheelbase / 2, height),
                    LinkHardware.COMMON,
                    Optional.empty(),
                    List.of(axle),
                    List.of(),
                    List.of(),
                    Build.NONE,
                    new TreeMap<>());
        }
    }
}
