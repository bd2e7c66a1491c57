package org.palanca.io.sheet;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.palanca.io.SafeFile;

/** Writes pages to a file: all into one PDF, or each into an SVG of its own. */
public final class SheetFile {
    private SheetFile() {}

    /**
     * Writes pages; an ending of {@code .svg} makes SVG, anything else PDF. Further SVG pages get a number before the
     * ending.
     *
     * @return the files written
     * @throws IOException when one can't be written; what was there before is kept
     */
    public static List<Path> write(Path file, List<Page> pages) throws IOException {
        String name = file.getFileName().toString();
        if (!name.toLowerCase(Locale.ROOT).endsWith(".svg")) {
            SafeFile.write(file, PagePdf.bytes(pages));
            return List.of(file);
        }
        List<Path> written = new ArrayList<>();
        String stem = name.substring(0, name.length() - ".svg".length());
        for (int i = 0; i < pages.size(); i++) {
            Path one = i == 0 ? file : file.resolveSibling(stem + "-" + (i + 1) + ".svg");
            SafeFile.write(one, PageSvg.text(pages.get(i)).getBytes(StandardCharsets.UTF_8));
            written.add(one);
        }
        return written;
    }
}
