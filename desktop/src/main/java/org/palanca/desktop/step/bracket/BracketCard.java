package org.palanca.desktop.step.bracket;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.step.PickCard;
import org.palanca.desktop.theme.Theme;
import org.palanca.floor.plate.BracketPlan;
import org.palanca.floor.plate.Plate;
import org.palanca.floor.plate.PlateList;
import org.palanca.floor.plate.PlateWords;

/** One bracket, or a pair of them: its plates flat and to scale, each with its number and count, and what there is to say of it. */
final class BracketCard extends PickCard {
    private final Words words;

    /**
     * @param plans of the mount, and of the one that mirrors it
     * @param list of all plates
     * @param scale of all cards, dots on the screen by a metre
     * @param picked whether its fields are shown
     * @param pick shows them
     */
    BracketCard(
            List<BracketPlan> plans,
            PlateList list,
            Words words,
            Theme theme,
            double scale,
            double width,
            double size,
            boolean picked,
            Runnable pick) {
        super(
                "bracket-" + plans.get(0).mount().axle().id() + "-"
                        + plans.get(0).mount().mount().replace(' ', '-'),
                title(plans, words),
                picked,
                pick);
        this.words = words;
        BracketPlan first = plans.get(0);
        Label name = Labels.sentence(getAccessibleText(), "link-name");
        name.setMaxWidth(width);
        getChildren().add(name);
        Set<Plate> plates = new LinkedHashSet<>();
        plans.forEach(plan -> plates.addAll(list.plates(plan.mount())));
        if (!plates.isEmpty()) {
            FlowPane drawn = new FlowPane(18, 8);
            drawn.setRowValignment(VPos.TOP);
            drawn.setPrefWrapLength(width);
            plates.forEach(plate -> drawn.getChildren().add(plate(plate, theme, scale, size)));
            getChildren().add(drawn);
        }
        List<Message> told = new ArrayList<>();
        for (BracketPlan plan : plans) {
            // Of a pair it is said once.
            boolean again =
                    plan != first && plan.missing().size() == first.missing().size();
            if (!plan.missing().isEmpty() && !again) {
                told.add(Message.of(
                        "brackets.missing",
                        plan.missing().stream().map(words::text).collect(Collectors.joining("; "))));
            }
            told.addAll(plan.faults());
        }
        told.stream().distinct().forEach(one -> sentence(words.text(one), "limit", width));
        List<Message> notes = new ArrayList<>(PlateWords.bolt(first));
        plans.forEach(plan -> notes.addAll(plan.notes()));
        if (!notes.isEmpty()) {
            sentence(notes.stream().distinct().map(words::text).collect(Collectors.joining(" ")), "second", width);
        }
    }

    private static String title(List<BracketPlan> plans, Words words) {
        return words.text("axle." + plans.get(0).mount().axle().id()) + " · "
                + plans.stream().map(plan -> plan.mount().mount()).collect(Collectors.joining(", "));
    }

    /** Number and count big over the drawing, what it is cut from beneath. */
    private VBox plate(Plate plate, Theme theme, double scale, double size) {
        Label mark =
                Labels.of(words.text("brackets.mark", plate.mark(), Integer.toString(plate.count())), "plate-mark");
        mark.setId("plate-" + plate.fileStem());
        Label what = Labels.of(
                words.text(
                        "brackets.of_plate",
                        words.text("bracket.part." + plate.flat().what().id()),
                        Message.fine(plate.flat().thickness())),
                "second");
        return new VBox(2, mark, PlateCanvas.of(plate.flat(), words, theme, scale, size), what);
    }
}
