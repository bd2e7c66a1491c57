package org.palanca.desktop.step.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.floor.adjust.SurveyFix;
import org.palanca.floor.adjust.SurveyRemark;

/** What the survey remarks: the first as a headline, the others in a list, each with its fix as a button. */
final class RemarkList {
    private final Consumer<SurveyFix> fix;
    private final Consumer<SurveyRemark> pressed;

    /**
     * @param fix makes a fix
     * @param pressed takes up the marks that a remark is about
     */
    RemarkList(Consumer<SurveyFix> fix, Consumer<SurveyRemark> pressed) {
        this.fix = fix;
        this.pressed = pressed;
    }

    /** The first remark with its fix, or that there is none. */
    List<Node> first(boolean noMarks, List<SurveyRemark> remarks, Words w) {
        List<Node> nodes = new ArrayList<>();
        String said = noMarks
                ? w.text("measure.start")
                : remarks.isEmpty()
                        ? w.text("survey.well_held")
                        : w.text(remarks.get(0).message());
        Label headline = Labels.sentence(said, "side-headline");
        headline.setId("survey-headline");
        nodes.add(headline);
        if (!remarks.isEmpty()) {
            SurveyRemark first = remarks.get(0);
            if (first.level() != SurveyRemark.Level.ADVICE) {
                headline.getStyleClass().add("limit");
            }
            first.fix().ifPresent(one -> nodes.add(button(one, 0, w)));
        }
        return nodes;
    }

    /** All but the first. */
    VBox others(List<SurveyRemark> remarks, Words w) {
        VBox box = new VBox(7);
        for (int i = 1; i < remarks.size(); i++) {
            int number = i;
            SurveyRemark remark = remarks.get(i);
            Label label = Labels.sentence(
                    w.text(remark.message()), remark.level() == SurveyRemark.Level.ADVICE ? "second" : "working-why");
            label.setOnMouseClicked(event -> pressed.accept(remark));
            box.getChildren().add(label);
            remark.fix().ifPresent(one -> box.getChildren().add(button(one, number, w)));
        }
        return box;
    }

    private Button button(SurveyFix one, int number, Words w) {
        String what = w.text(one.said());
        Button button = Labels.button("survey-fix-" + number, what, () -> fix.accept(one));
        button.setAccessibleText(what + ": " + w.text(SurveyRemark.phrase(one.before())));
        return button;
    }
}
