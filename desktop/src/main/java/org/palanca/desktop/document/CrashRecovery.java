package org.palanca.desktop.document;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.util.Duration;
import org.palanca.base.words.Message;
import org.palanca.io.json.VehicleFile;
import org.palanca.io.json.VehicleFileException;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.VehicleDifference;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Keeps a copy of unsaved work in the user's folder, written a moment after each change, and finds the copy that a crash
 * left behind. The copy carries the process's number: one whose process still runs belongs to another window.
 */
public final class CrashRecovery {
    private static final Logger LOG = LoggerFactory.getLogger(CrashRecovery.class);
    private static final Duration MOMENT = Duration.millis(400);
    private static final String ORIGIN_ENDING = ".origin";

    private final Path folder;
    private final Path own;
    private final Document document;
    private final ObjectProperty<LocalTime> copiedAt = new SimpleObjectProperty<>();
    private final PauseTransition soon = new PauseTransition(MOMENT);
    private final ExecutorService writer = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "rescue");
        thread.setDaemon(true);
        return thread;
    });

    /**
     * Work left behind by a crash.
     *
     * @param original the file it was opened from, where there was one
     * @param when the copy was made
     */
    public record Left(Vehicle vehicle, Optional<Path> original, Path copy, LocalDateTime when) {
        /** What in it is not as it is in the file; empty where there is no file to hold it against. */
        public List<Message> changes() {
            try {
                return original.isEmpty() || !Files.exists(original.get())
                        ? List.of()
                        : VehicleDifference.of(VehicleFile.open(original.get()).vehicle(), vehicle);
            } catch (VehicleFileException e) {
                LOG.warn("{} could not be held against its copy", original, e);
                return List.of();
            }
        }
    }

    /** Watches a document from now on. */
    public CrashRecovery(Path home, Document document) {
        folder = home.resolve("unsaved");
        own = folder.resolve(ProcessHandle.current().pid() + VehicleFile.ENDING);
        this.document = document;
        soon.setOnFinished(event -> keep());
        document.vehicleProperty().addListener((o, before, after) -> {
            if (!writer.isShutdown()) {
                soon.playFromStart();
            }
        });
        document.unsaved().addListener((o, before, unsaved) -> {
            if (!unsaved) {
                clear();
            }
        });
    }

    /** When the last copy of unsaved work was made; null while there is none. */
    public ReadOnlyObjectProperty<LocalTime> copiedAt() {
        return copiedAt;
    }

    private void keep() {
        if (!document.unsaved().get()) {
            return;
        }
        Vehicle vehicle = document.vehicle();
        String original = document.file().map(Path::toString).orElse("");
        writer.execute(() -> write(vehicle, original));
    }

    private void write(Vehicle vehicle, String original) {
        try {
            Files.createDirectories(folder);
            // Whose copy it is first: a crash between the two must not leave a copy of nothing.
            Files.writeString(origin(own), original, StandardCharsets.UTF_8);
            VehicleFile.save(own, vehicle);
            LocalTime now = LocalTime.now(ZoneId.systemDefault());
            Platform.runLater(() -> copiedAt.set(now));
        } catch (IOException | VehicleFileException e) {
            LOG.warn("unsaved work could not be copied to {}", own, e);
        }
    }

    private static Path origin(Path copy) {
        return copy.resolveSibling(copy.getFileName() + ORIGIN_ENDING);
    }

    /** Takes the copy away: the work is saved, or was given up on purpose. */
    public void clear() {
        soon.stop();
        copiedAt.set(null);
        if (!writer.isShutdown()) {
            writer.execute(() -> forget(own));
        }
    }

    /** Takes a copy away that was looked at. */
    public static void forget(Path copy) {
        try {
            Files.deleteIfExists(copy);
            Files.deleteIfExists(origin(copy));
            Files.deleteIfExists(copy.resolveSibling(copy.getFileName() + ".bak"));
        } catch (IOException e) {
            LOG.warn("{} could not be taken away", copy, e);
        }
    }

    /** Waits for what is being written. */
    public void finish() {
        soon.stop();
        writer.shutdown();
        try {
            writer.awaitTermination(5, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Work that a crashed window left, if any. */
    public static Optional<Left> left(Path home) {
        Path folder = home.resolve("unsaved");
        if (!Files.isDirectory(folder)) {
            return Optional.empty();
        }
        try (Stream<Path> copies = Files.list(folder)) {
            return copies.filter(CrashRecovery::abandoned)
                    .sorted()
                    .flatMap(CrashRecovery::read)
                    .findFirst();
        } catch (IOException e) {
            LOG.warn("{} could not be looked at", folder, e);
            return Optional.empty();
        }
    }

    private static boolean abandoned(Path copy) {
        String name = copy.getFileName().toString();
        if (!name.matches("\\d+" + Pattern.quote(VehicleFile.ENDING))) {
            return false;
        }
        long process = Long.parseLong(name.substring(0, name.indexOf('.')));
        return ProcessHandle.of(process).isEmpty();
    }

    private static Stream<Left> read(Path copy) {
        try {
            Vehicle vehicle = VehicleFile.open(copy).vehicle();
            Path origin = origin(copy);
            String original = Files.exists(origin) ? Files.readString(origin, StandardCharsets.UTF_8) : "";
            Optional<Path> path = original.isBlank() ? Optional.empty() : Optional.of(Path.of(original));
            LocalDateTime when =
                    LocalDateTime.ofInstant(Files.getLastModifiedTime(copy).toInstant(), ZoneId.systemDefault());
            return Stream.of(new Left(vehicle, path, copy, when));
        } catch (IOException | VehicleFileException e) {
            LOG.warn("unsaved work in {} can't be read", copy, e);
            return Stream.empty();
        }
    }
}
