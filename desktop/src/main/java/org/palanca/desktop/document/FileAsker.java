package org.palanca.desktop.document;

import java.nio.file.Path;
import java.util.Optional;

/** Asks the user for a file. */
public interface FileAsker {
    /** A vehicle file to open, or nothing when the user thinks better of it. */
    Optional<Path> toOpen(String title);

    /** Where to save, with a proposed name. */
    Optional<Path> toSave(String title, String proposed);

    /** A folder to read from or write into. */
    Optional<Path> toFolder(String title);

    /** The next question begins in a folder: that of the file that is worked on. */
    default void startIn(Path folder) {
        // Who answers for the user needs no folder.
    }
}
