package org.palanca.desktop.control;

import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import javafx.scene.Node;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import org.palanca.base.words.Words;

/** Pictures that the user took. */
public final class Photo {
    private static final double SIZE = 240;

    private Photo() {}

    /** A picture, small; of one that is gone or can't be read, a sentence that says so. */
    public static Node of(String file, Words words) {
        if (!readable(file)) {
            return Labels.sentence(words.text("photo.gone", file), "limit");
        }
        Image image = new Image(Path.of(file).toUri().toString(), SIZE, SIZE, true, true);
        if (image.isError()) {
            return Labels.sentence(words.text("photo.unreadable", file), "limit");
        }
        return new ImageView(image);
    }

    private static boolean readable(String file) {
        try {
            return Files.isReadable(Path.of(file));
        } catch (InvalidPathException e) {
            // A file from another system may name its pictures in a way that is no path here.
            return false;
        }
    }
}
