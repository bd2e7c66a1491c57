package org.palanca.io.json;

import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Message;
import org.palanca.vehicle.check.Finding;

/** A vehicle file that could not be read or written. The file itself was not changed. */
public final class VehicleFileException extends Exception {
    private static final long serialVersionUID = 1L;

    private final transient Path file;
    private final transient Message message;
    private final transient List<Finding> findings;

    VehicleFileException(Path file, Message message, List<Finding> findings, @Nullable Throwable cause) {
        super(message.key() + " " + file, cause);
        this.file = file;
        this.message = message;
        this.findings = List.copyOf(findings);
    }

    public Path file() {
        return file;
    }

    /** What is wrong as a whole. */
    public Message summary() {
        return message;
    }

    /** Every single problem with its place; empty when the file could not be read at all. */
    public List<Finding> findings() {
        return findings;
    }
}
