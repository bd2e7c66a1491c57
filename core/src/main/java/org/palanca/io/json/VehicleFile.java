package org.palanca.io.json;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Message;
import org.palanca.io.SafeFile;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.Finding;
import org.palanca.vehicle.check.VehicleCheck;

/** Opens and saves vehicle files. */
public final class VehicleFile {
    /** The ending of vehicle files. */
    public static final String ENDING = ".palanca.json";

    /** No vehicle file is larger [bytes]; one that is was chosen by mistake. */
    private static final long LARGEST = 8L << 20;

    private VehicleFile() {}

    /**
     * A vehicle as opened.
     *
     * @param readOnly whether a newer version wrote the file, so that saving over it would lose what this one does not
     *     know
     * @param warnings what is doubtful in it
     */
    public record Opened(Vehicle vehicle, boolean readOnly, List<Finding> warnings) {
        public Opened {
            warnings = List.copyOf(warnings);
        }
    }

    /**
     * Reads a vehicle file.
     *
     * @throws VehicleFileException when there is no such file, it cannot be read, or its contents are no vehicle; every
     *     problem is named with its place
     */
    public static Opened open(Path file) throws VehicleFileException {
        return VehicleReader.read(file, bytes(file));
    }

    private static byte[] bytes(Path file) throws VehicleFileException {
        try {
            if (Files.isDirectory(file)) {
                throw failure(file, "file.is_folder", null);
            }
            if (Files.size(file) > LARGEST) {
                throw failure(file, "file.too_large", null);
            }
            return Files.readAllBytes(file);
        } catch (NoSuchFileException e) {
            throw failure(file, "file.not_found", e);
        } catch (AccessDeniedException e) {
            throw failure(file, "file.may_not_read", e);
        } catch (IOException e) {
            throw failure(file, "file.cannot_read", e);
        }
    }

    /**
     * What a file of a vehicle would be refused or doubted for, without writing one: all that {@link VehicleCheck} finds
     * and, after it because it speaks the file's language and not the trade's, numbers that no file may hold.
     */
    public static List<Finding> findings(Vehicle vehicle) {
        List<Finding> findings = new ArrayList<>(VehicleCheck.findings(vehicle));
        findings.addAll(SchemaCheck.findings(VehicleForm.tree(vehicle), JsonPlaces.none(), false));
        return findings;
    }

    /**
     * Saves a vehicle. The contents before are kept as {@code .bak}.
     *
     * @throws VehicleFileException when it could not be written; the old file is then intact
     */
    public static void save(Path file, Vehicle vehicle) throws VehicleFileException {
        if (Files.isDirectory(file)) {
            throw failure(file, "file.is_folder", null);
        }
        try {
            SafeFile.write(file, VehicleForm.bytes(vehicle));
        } catch (NoSuchFileException e) {
            throw failure(file, "file.folder_missing", e);
        } catch (AccessDeniedException e) {
            throw failure(file, "file.may_not_write", e);
        } catch (IOException e) {
            throw failure(file, writeFailure(e), e);
        }
    }

    private static String writeFailure(IOException e) {
        String system = String.valueOf(e.getMessage()).toLowerCase(Locale.ROOT);
        if (system.contains("no space") || system.contains("not enough space") || system.contains("quota")) {
            return "file.disk_full";
        }
        return system.contains("no such file") ? "file.folder_missing" : "file.cannot_write";
    }

    private static VehicleFileException failure(Path file, String key, @Nullable Throwable cause) {
        return new VehicleFileException(file, Message.of(key, file.toString()), List.of(), cause);
    }
}
