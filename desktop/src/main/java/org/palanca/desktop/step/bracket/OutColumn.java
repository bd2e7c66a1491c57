package org.palanca.desktop.step.bracket;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.layout.FlowPane;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.step.FormFields;
import org.palanca.floor.plate.CheckSquare;
import org.palanca.floor.plate.PlateCode;
import org.palanca.floor.plate.PlateList;
import org.palanca.floor.plate.StalePlate;
import org.palanca.io.plate.PlateCodeReader;
import org.palanca.vehicle.work.IssuedPlate;

/** What went out to be cut and whether it still holds, the square measured on the paper, and a page's code read from a picture. */
final class OutColumn {
    private final BracketsPane pane;
    private final FormFields fields;
    private OptionalDouble across = OptionalDouble.empty();
    private OptionalDouble up = OptionalDouble.empty();
    private Optional<Message> square = Optional.empty();
    private boolean squareHolds;
    private Optional<Message> code = Optional.empty();
    private boolean codeHolds;

    /** The plates that square and code were held against: of others nothing was said. */
    private List<String> heldAgainst = List.of();

    OutColumn(BracketsPane pane) {
        this.pane = pane;
        fields = new FormFields(pane, List.of("square-"));
    }

    List<Node> rows(PlateList list) {
        Words w = pane.words();
        List<String> now = list.plates().stream()
                .map(plate -> plate.mark() + " " + plate.count() + " " + plate.fingerprint())
                .toList();
        if (!now.equals(heldAgainst)) {
            heldAgainst = now;
            square = Optional.empty();
            code = Optional.empty();
        }
        List<Node> rows = new ArrayList<>();
        rows.add(Labels.of(w.text("brackets.gone_out"), "form-title"));
        List<StalePlate> stale = StalePlate.of(pane.vehicle(), list.plates());
        for (StalePlate one : stale) {
            rows.add(said("stale-" + one.issued().number(), w.text(one.said()), false));
        }
        List<IssuedPlate> issued = pane.build().issued();
        if (issued.isEmpty()) {
            rows.add(Labels.sentence(w.text("brackets.none_out"), "second"));
        } else {
            IssuedPlate last = issued.get(issued.size() - 1);
            int fresh = list.toIssue(issued, last.date()).size();
            rows.add(Labels.sentence(
                    w.text(
                            "brackets.out",
                            Integer.toString(list.plates().size() - fresh),
                            Integer.toString(list.plates().size()),
                            last.date().toString()),
                    "working-why"));
        }
        if (!list.plates().isEmpty()) {
            rows.addAll(square(list));
        }
        rows.add(Labels.of(w.text("brackets.code"), "form-title"));
        rows.add(Labels.sentence(w.text("brackets.code_why"), "second"));
        rows.add(Labels.button("brackets-code", w.text("brackets.code_read"), () -> readCode(list)));
        code.ifPresent(one -> rows.add(said("code-said", w.text(one), codeHolds)));
        return rows;
    }

    private static Node said(String id, String text, boolean good) {
        Label label = Labels.sentence(text, good ? "working-why" : "limit");
        label.setId(id);
        return label;
    }

    // --- The square on the paper ---

    private List<Node> square(PlateList list) {
        Words w = pane.words();
        List<Node> rows = new ArrayList<>();
        rows.add(Labels.of(w.text("brackets.square"), "form-title"));
        rows.add(Labels.sentence(
                w.text("brackets.square_why", Message.fine(CheckSquare.SIDE), Message.fine(CheckSquare.READ)),
                "second"));
        FlowPane row = fields.row();
        row.getChildren()
                .addAll(
                        fields.field(
                                "square-across", "brackets.across", Quantity.LENGTH, across, typed -> across = typed),
                        fields.field("square-up", "brackets.up", Quantity.LENGTH, up, typed -> up = typed));
        rows.add(row);
        rows.add(Labels.button("square-count", w.text("brackets.square_count"), () -> measured(list)));
        square.ifPresent(one -> rows.add(said("square-said", w.text(one), squareHolds)));
        return rows;
    }

    /** Only a sheet whose square is as large as it should be has gone out. */
    private void measured(PlateList list) {
        if (across.isEmpty() || up.isEmpty()) {
            pane.complain(pane.words().text("brackets.square_both"));
            return;
        }
        CheckSquare read = new CheckSquare(across.orElseThrow(), up.orElseThrow());
        square = Optional.of(read.said());
        squareHolds = read.holds();
        across = OptionalDouble.empty();
        up = OptionalDouble.empty();
        if (squareHolds) {
            pane.issue(list);
        }
        pane.refresh();
    }

    // --- The code on a page ---

    private void readCode(PlateList list) {
        Words w = pane.words();
        pane.context().files().toOpen(w.text("file_window.code")).ifPresent(path -> {
            Optional<String> text = Optional.empty();
            try {
                text = text(path);
            } catch (IOException e) {
                pane.complain(w.text("brackets.code_unread", path));
                return;
            }
            Optional<PlateCode> read = text.flatMap(PlateCode::parse);
            codeHolds =
                    read.filter(one -> one.holds(pane.vehicle(), list.plates())).isPresent();
            code = Optional.of(read.map(one -> one.said(pane.vehicle(), list.plates()))
                    .orElse(Message.of(
                            text.isPresent() ? "brackets.code_foreign" : "brackets.code_none",
                            path.getFileName().toString())));
            pane.refresh();
        });
    }

    private static Optional<String> text(Path path) throws IOException {
        try (var in = Files.newInputStream(path)) {
            Image picture = new Image(in);
            if (picture.isError()) {
                throw new IOException("no picture: " + path, picture.getException());
            }
            int width = (int) picture.getWidth();
            int height = (int) picture.getHeight();
            int[] colours = new int[width * height];
            picture.getPixelReader()
                    .getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), colours, 0, width);
            return PlateCodeReader.text(width, height, colours);
        }
    }
}
