package org.palanca.desktop.app;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.GridPane;
import org.palanca.base.words.Words;
import org.palanca.desktop.command.Command;
import org.palanca.desktop.control.Labels;

/** The pages that say what the program can do and whose work is in it. */
final class HelpPages {
    private static final String FONTS = "/org/palanca/fonts/";

    private HelpPages() {}

    /** Every command that has a key, and what the keys do on a drawing. */
    static List<Node> keys(List<Command> commands, Words w) {
        List<Node> all = new ArrayList<>();
        all.add(Labels.of(w.text("keys.drawing"), "form-title"));
        GridPane drawing = grid();
        String[] onDrawing = {"arrows", "shift_arrows", "brackets", "escape", "scroll", "double", "tab"};
        for (int i = 0; i < onDrawing.length; i++) {
            row(drawing, i, w.text("keys." + onDrawing[i] + ".key"), w.text("keys." + onDrawing[i]));
        }
        all.add(drawing);
        all.add(Labels.of(w.text("keys.everywhere"), "form-title"));
        GridPane grid = grid();
        int row = 0;
        for (Command command : commands) {
            if (command.keys() != null) {
                row(grid, row, command.keys().getDisplayText(), w.text(command.key()));
                row++;
            }
        }
        all.add(grid);
        return all;
    }

    private static GridPane grid() {
        GridPane grid = new GridPane();
        grid.setHgap(24);
        grid.setVgap(5);
        return grid;
    }

    private static void row(GridPane grid, int row, String key, String what) {
        grid.add(Labels.of(key, "card-number"), 0, row);
        grid.add(Labels.sentence(what, "working-why"), 1, row);
    }

    /** What it is, the caution, its licence, and the licences of what others made. */
    static List<Node> about(Words w) {
        return List.of(
                Labels.sentence(w.text("about.what"), "big-sentence"),
                Labels.sentence(w.text("sheet.caution"), "working-why"),
                Labels.of(w.text("about.others"), "form-title"),
                Labels.sentence(text("/org/palanca/desktop/NOTICE.md"), "working-why"),
                Labels.of(w.text("about.licence"), "form-title"),
                Labels.sentence(text("/org/palanca/desktop/LICENSE"), "second"),
                Labels.of("Barlow", "form-title"),
                Labels.sentence(text(FONTS + "Barlow-OFL.txt"), "second"),
                Labels.of("B612", "form-title"),
                Labels.sentence(text(FONTS + "B612-OFL.txt"), "second"));
    }

    private static String text(String resource) {
        try (InputStream in = HelpPages.class.getResourceAsStream(resource)) {
            if (in == null) {
                throw new IllegalStateException("not shipped: " + resource);
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
