package org.palanca.desktop.app;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import org.jspecify.annotations.Nullable;
import org.palanca.desktop.document.FileAsker;

/** Asks with the system's own file window, starting where the file that is worked on is, or where the last one ended. */
final class NativeFileAsker implements FileAsker {
    private final Stage owner;
    private @Nullable File folder;

    NativeFileAsker(Stage owner) {
        this.owner = owner;
    }

    @Override
    public Optional<Path> toOpen(String title) {
        return remember(chooser(title).showOpenDialog(owner));
    }

    @Override
    public Optional<Path> toSave(String title, String proposed) {
        FileChooser chooser = chooser(title);
        chooser.setInitialFileName(proposed);
        return remember(chooser.showSaveDialog(owner));
    }

    @Override
    public Optional<Path> toFolder(String title) {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(title);
        if (folder != null && folder.isDirectory()) {
            chooser.setInitialDirectory(folder);
        }
        File chosen = chooser.showDialog(owner);
        if (chosen == null) {
            return Optional.empty();
        }
        folder = chosen;
        return Optional.of(chosen.toPath());
    }

    @Override
    public void startIn(Path next) {
        folder = next.toFile();
    }

    private FileChooser chooser(String title) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        if (folder != null && folder.isDirectory()) {
            chooser.setInitialDirectory(folder);
        }
        return chooser;
    }

    private Optional<Path> remember(File chosen) {
        if (chosen == null) {
            return Optional.empty();
        }
        folder = chosen.getParentFile();
        return Optional.of(chosen.toPath());
    }
}
