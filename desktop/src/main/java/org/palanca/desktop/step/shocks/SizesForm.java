package org.palanca.desktop.step.shocks;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.document.FileAsker;
import org.palanca.io.FileFormatException;
import org.palanca.io.SafeFile;
import org.palanca.io.csv.ShockCsv;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.ShockCatalogue;
import org.palanca.vehicle.springing.ShockSize;

/** What is bought of a shock: from a catalogue that can be read and written as CSV, or typed. */
final class SizesForm {
    private final ShocksPane pane;
    private final FileAsker files;
    private List<ShockSize> catalogue = ShockCatalogue.generic();

    SizesForm(ShocksPane pane, FileAsker files) {
        this.pane = pane;
        this.files = files;
    }

    /** An ordinary one to begin with. */
    ShockSize usual() {
        return catalogue.get(3);
    }

    Node row(Words w, Shock first) {
        FlowPane row = ShocksPane.row();
        ComboBox<String> models = new ComboBox<>();
        models.setId("shock-model");
        models.getItems().setAll(catalogue.stream().map(ShockSize::model).toList());
        first.size().ifPresent(size -> models.setValue(size.model()));
        models.setOnAction(event -> catalogue.stream()
                .filter(size -> size.model().equals(models.getValue()))
                .findFirst()
                .ifPresent(size -> sizes(any -> size)));
        row.getChildren().add(Labels.over(w.text("shocks.catalogue"), models));
        first.size().ifPresent(size -> {
            size(row, "collapsed", size.collapsed(), (s, v) -> sized(s, v, s.extended(), s.body(), s.coil()));
            size(row, "extended", size.extended(), (s, v) -> sized(s, s.collapsed(), v, s.body(), s.coil()));
            size(row, "body", size.body(), (s, v) -> sized(s, s.collapsed(), s.extended(), v, s.coil()));
            size(row, "coil", size.coil(), (s, v) -> sized(s, s.collapsed(), s.extended(), s.body(), v));
        });
        return row;
    }

    /** Reads a catalogue, and writes the one at hand. */
    List<Node> files(Words w) {
        return List.of(
                Labels.button("shock-csv-in", w.text("shocks.csv_in"), this::readCatalogue),
                Labels.button("shock-csv-out", w.text("shocks.csv_out"), this::writeCatalogue));
    }

    private static ShockSize sized(ShockSize s, double collapsed, double extended, double body, double coil) {
        return new ShockSize(s.model(), collapsed, extended, body, coil, s.eye());
    }

    private void size(FlowPane row, String name, double value, BiFunction<ShockSize, Double, ShockSize> with) {
        pane.field(
                row,
                "shock-" + name,
                "shocks.size." + name,
                Quantity.LENGTH,
                value,
                v -> sizes(size -> with.apply(size, v)));
    }

    private void sizes(UnaryOperator<ShockSize> how) {
        pane.spring(
                "shocks.shock",
                s -> s.mapShocks(shock -> shock.withSize(shock.size().map(how))));
    }

    private void readCatalogue() {
        files.toOpen(pane.words().text("shocks.csv_in")).ifPresent(path -> {
            try {
                List<ShockSize> own = ShockCsv.read(Files.readString(path, StandardCharsets.UTF_8));
                catalogue = ShockCatalogue.with(catalogue, own);
                pane.refresh();
            } catch (FileFormatException e) {
                pane.complain(pane.words().text(e.told()));
            } catch (IOException e) {
                pane.complain(pane.words().text("file.cannot_read", path.toString()));
            }
        });
    }

    private void writeCatalogue() {
        files.toSave(pane.words().text("shocks.csv_out"), "shocks.csv").ifPresent(path -> {
            try {
                SafeFile.write(path, ShockCsv.text(catalogue).getBytes(StandardCharsets.UTF_8));
            } catch (IOException e) {
                pane.complain(pane.words().text("file.cannot_write", path.toString()));
            }
        });
    }
}
