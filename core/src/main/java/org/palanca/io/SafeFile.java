package org.palanca.io;

import java.io.FileOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/**
 * Writes a file so that at every moment either the old or the new contents are whole: into a temporary file beside it,
 * forced to the disk, then renamed over it. The contents before are kept beside it under {@code .bak}.
 */
public final class SafeFile {
    /** Ending of the last good copy. */
    public static final String BACKUP_ENDING = ".bak";

    private static final String TEMPORARY_ENDING = ".tmp";

    private SafeFile() {}

    /** Opens what bytes are written to. Replaced in tests by one that fails. */
    interface Opener {
        OutputStream open(Path path) throws IOException;
    }

    /**
     * Writes the whole contents.
     *
     * @throws IOException when it could not be written; the file is then as it was
     */
    public static void write(Path file, byte[] contents) throws IOException {
        write(file, contents, path -> new FileOutputStream(path.toFile()));
    }

    static void write(Path file, byte[] contents, Opener opener) throws IOException {
        Path target = Files.isSymbolicLink(file) ? file.toRealPath() : file.toAbsolutePath();
        Path temporary = target.resolveSibling("." + target.getFileName() + TEMPORARY_ENDING);
        try {
            forced(temporary, contents, opener);
            if (Files.exists(target)) {
                keepBackup(target);
            }
            Files.move(temporary, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(temporary);
        }
        Path folder = target.toAbsolutePath().getParent();
        if (folder != null) {
            forceFolder(folder);
        }
    }

    private static void forced(Path path, byte[] contents, Opener opener) throws IOException {
        try (OutputStream out = opener.open(path)) {
            out.write(contents);
            out.flush();
            if (out instanceof FileOutputStream file) {
                file.getChannel().force(true);
            }
        }
    }

    private static void keepBackup(Path target) throws IOException {
        Path backup = target.resolveSibling(target.getFileName() + BACKUP_ENDING);
        Path temporary = target.resolveSibling("." + backup.getFileName() + TEMPORARY_ENDING);
        try {
            Files.copy(target, temporary, StandardCopyOption.REPLACE_EXISTING);
            Files.move(temporary, backup, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(temporary);
        }
    }

    /** Makes the rename itself last through a power cut, on systems that let a folder be opened. */
    private static void forceFolder(Path folder) throws IOException {
        if (System.getProperty("os.name").startsWith("Windows")) {
            return;
        }
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        }
    }
}
