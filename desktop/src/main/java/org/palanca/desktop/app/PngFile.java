package org.palanca.desktop.app;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.image.Image;
import javafx.scene.image.PixelReader;
import javax.imageio.ImageIO;
import org.palanca.io.SafeFile;

/** Pictures of the window as PNG files. */
final class PngFile {
    private PngFile() {}

    /**
     * Writes a picture; what was there before is kept until it is whole.
     *
     * @throws IOException when it can't be written
     */
    static void write(Image picture, Path file) throws IOException {
        int width = (int) picture.getWidth();
        int height = (int) picture.getHeight();
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        PixelReader pixels = picture.getPixelReader();
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                image.setRGB(x, y, pixels.getArgb(x, y));
            }
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        Files.createDirectories(file.toAbsolutePath().getParent());
        SafeFile.write(file, bytes.toByteArray());
    }
}
