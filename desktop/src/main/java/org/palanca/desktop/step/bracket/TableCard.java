package org.palanca.desktop.step.bracket;

import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.theme.Theme;
import org.palanca.io.plate.CutTable;

/** A file as it lies on the cut table: where the torch would go, or why it is not cut. */
final class TableCard extends VBox {
    TableCard(CutTable.Job job, Words words, Theme theme, double scale, double width, double size) {
        getStyleClass().add("link-card");
        setId("table-" + job.file().replace('.', '-').replace(' ', '-'));
        boolean cut = job.refused().isEmpty();
        Label name = Labels.of(
                words.text(cut ? "brackets.table_cut" : "brackets.table_refused", job.file(), job.mark()),
                cut ? "link-name" : "limit");
        name.setWrapText(true);
        name.setMaxWidth(width);
        setAccessibleText(name.getText());
        getChildren().add(name);
        if (!job.drawn().isEmpty()) {
            getChildren().add(PlateCanvas.of(job, theme, scale, size));
        }
        for (Message why : job.refused()) {
            Label label = Labels.sentence(words.text(why), "limit");
            label.setMaxWidth(width);
            getChildren().add(label);
        }
    }
}
