package org.palanca.desktop.step.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.Photo;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.adjust.SurveyRemark;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;

/** A mark beside the board: where it is, how sure that is, its readings and its pictures. */
final class MarkCard extends VBox {
    private final MeasurePane pane;

    MarkCard(MeasurePane pane) {
        super(3);
        this.pane = pane;
        getStyleClass().add("side-card");
    }

    /**
     * Shows a mark.
     *
     * @param readings those to it that are shown, so that a wrong one can be taken away
     */
    void show(String name, Adjustment adjustment, List<Reading> readings, Words w) {
        Optional<Mark> mark = adjustment.survey().mark(name);
        if (mark.isEmpty()) {
            return;
        }
        Vector3D at = adjustment.place(name);
        getChildren().add(Labels.of(name, "form-title"));
        for (Axis axis : Axis.values()) {
            String where = w.units().text(axis.of(at), Quantity.LENGTH).replace("-", "−");
            String uncertainty = adjustment.free(name).contains(axis)
                    ? w.text("measure.not_held")
                    : mark.get().defined().contains(axis)
                            ? w.text("measure.defined")
                            : "± " + w.units().fine(adjustment.deviation(name, axis));
            Label label = Labels.of(w.text("measure.axis." + axis.id(), where, uncertainty), "card-number");
            label.setId("mark-" + axis.id() + "-" + name.replace(' ', '-'));
            getChildren().add(label);
        }
        readings.forEach(reading -> getChildren().add(readingRow(reading, w)));
        Button photo = Labels.button("photo-" + name.replace(' ', '-'), w.text("photo.add"), () -> photo(mark.get()));
        Button forget = Labels.button(
                "forget-" + name.replace(' ', '-'),
                w.text("measure.forget_mark"),
                () -> pane.change(build -> build.withSurvey(build.survey().without(mark.get())), "mark_gone", name));
        getChildren().add(new HBox(6, photo, forget));
        mark.get().photos().forEach(one -> getChildren().add(Photo.of(one, w)));
    }

    private HBox readingRow(Reading reading, Words w) {
        String text = w.text(SurveyRemark.phrase(reading))
                + (reading.values().isEmpty()
                        ? ""
                        : "  " + w.units().text(reading.value(), reading.kind().quantity()));
        Label label = Labels.sentence(text, "second");
        HBox.setHgrow(label, Priority.ALWAYS);
        label.setMaxWidth(Double.MAX_VALUE);
        int index = pane.build().survey().readings().indexOf(reading);
        Button gone = Labels.button("drop-reading-" + index, "✕", () -> pane.corrected(reading, Optional.empty()));
        gone.setAccessibleText(w.text("measure.drop", text));
        HBox row = new HBox(6, label, gone);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void photo(Mark mark) {
        pane.context().files().toOpen(pane.words().text("measure.photo_window")).ifPresent(path -> {
            List<String> photos = new ArrayList<>(mark.photos());
            photos.add(path.toString());
            pane.change(build -> build.withSurvey(build.survey().with(mark.withPhotos(photos))), "photo", mark.name());
        });
    }
}
