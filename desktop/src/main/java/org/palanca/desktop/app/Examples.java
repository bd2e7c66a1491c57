package org.palanca.desktop.app;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import org.palanca.io.json.VehicleFile;
import org.palanca.io.json.VehicleFileException;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterVehicle;

/** The vehicles that ship with the program. */
final class Examples {
    /** The one to look around with. */
    static final String DEMO = "tarn-4.palanca.json";

    private static final String FOLDER = "/org/palanca/examples/";

    private Examples() {}

    /** What stands there before anything is opened. */
    static Vehicle start(String name) {
        return new StarterVehicle(
                        name,
                        Use.TRAIL,
                        StarterVehicle.WHEELBASE,
                        StarterVehicle.tyre(Use.TRAIL),
                        Optional.of(StarterLayout.of(SuspensionType.THREE_LINK_PANHARD)),
                        StarterLayout.of(SuspensionType.TRIANGULATED_UPPERS))
                .build();
    }

    /**
     * An example by its file name.
     *
     * @throws IllegalStateException where it does not ship or can't be read
     */
    static Vehicle read(String name) {
        try {
            Path copy = Files.createTempFile("palanca-example", VehicleFile.ENDING);
            try (InputStream in = Examples.class.getResourceAsStream(FOLDER + name)) {
                Files.copy(in, copy, StandardCopyOption.REPLACE_EXISTING);
                return VehicleFile.open(copy).vehicle();
            } finally {
                Files.deleteIfExists(copy);
            }
        } catch (IOException | VehicleFileException e) {
            throw new IllegalStateException("the examples are part of the program", e);
        }
    }
}
