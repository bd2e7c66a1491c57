package org.palanca.cli.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.palanca.base.words.Message;
import org.palanca.io.sheet.Page;
import org.palanca.io.sheet.SheetFile;

/** Writes sheets where the command line asks for them. */
final class SheetOutput {
    private SheetOutput() {}

    /**
     * Writes pages; the file's ending says as what.
     *
     * @return the files written
     * @throws CommandFailure when the ending says nothing, or there is no such folder
     * @throws IOException when the system can't write
     */
    static List<Path> write(Path file, List<Page> pages) throws CommandFailure, IOException {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        if (!name.endsWith(".pdf") && !name.endsWith(".svg")) {
            throw new CommandFailure(ExitCodes.USAGE, Message.of("sheet_ending", file));
        }
        Path folder = file.toAbsolutePath().getParent();
        if (folder != null && !Files.isDirectory(folder)) {
            throw new CommandFailure(ExitCodes.FILE, Message.of("file.folder_missing", file));
        }
        return SheetFile.write(file, pages);
    }
}
