package org.palanca.desktop;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Locale;
import org.palanca.base.units.UnitStyle;
import org.palanca.base.words.Words;
import org.palanca.io.json.VehicleFile;
import org.palanca.io.json.VehicleFileException;
import org.palanca.vehicle.Vehicle;

/** The demo vehicle and the window's words, for tests without a window. */
public final class Sample {
    public static final Words WORDS = Words.load(Locale.ENGLISH, UnitStyle.SHOP, "org.palanca.desktop.desktop");

    private Sample() {}

    public static Vehicle tarn() {
        return example("tarn-4.palanca.json");
    }

    /** An example that ships. */
    public static Vehicle example(String name) {
        try (InputStream in = Sample.class.getResourceAsStream("/org/palanca/examples/" + name)) {
            Path copy = Files.createTempFile("sample", VehicleFile.ENDING);
            Files.copy(in, copy, StandardCopyOption.REPLACE_EXISTING);
            Vehicle vehicle = VehicleFile.open(copy).vehicle();
            Files.delete(copy);
            return vehicle;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (VehicleFileException e) {
            throw new IllegalStateException(e);
        }
    }
}
