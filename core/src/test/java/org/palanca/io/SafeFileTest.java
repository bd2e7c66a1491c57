package org.palanca.io;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.FileOutputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SafeFileTest {
    @TempDir
    private Path folder;

    /** A disk that takes ten bytes and is then full. */
    private static FilterOutputStream fullDisk(Path path) throws IOException {
        return new FilterOutputStream(new FileOutputStream(path.toFile())) {
            @Override
            public void write(byte[] bytes) throws IOException {
                out.write(bytes, 0, 10);
                throw new IOException("No space left on device");
            }
        };
    }

    @Test
    void aFullDiskLeavesTheOldFileWholeAndNoLitter() throws IOException {
        Path file = Files.writeString(folder.resolve("v.json"), "the old contents");
        assertThatThrownBy(() -> SafeFile.write(file, "the new contents".getBytes(), SafeFileTest::fullDisk))
                .hasMessageContaining("No space left");
        assertThat(file).hasContent("the old contents");
        try (var files = Files.list(folder)) {
            assertThat(files).containsExactly(file);
        }
    }

    @Test
    void aLinkToAFileStaysALink() throws IOException {
        Path real = Files.writeString(folder.resolve("real.json"), "old");
        Path link = Files.createSymbolicLink(folder.resolve("link.json"), real);
        SafeFile.write(link, "new".getBytes());
        assertThat(Files.isSymbolicLink(link)).isTrue();
        assertThat(real).hasContent("new");
    }
}
