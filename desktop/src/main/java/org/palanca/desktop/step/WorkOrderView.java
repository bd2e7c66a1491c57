package org.palanca.desktop.step;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.vehicle.Note;
import org.palanca.vehicle.work.StepEntry;
import org.palanca.vehicle.work.WorkOrder;
import org.palanca.vehicle.work.WorkStep;

/** Numbered steps to tick. A hold keeps what follows shut until it is checked, or passed with a reason in writing. */
public final class WorkOrderView extends VBox {
    private final Consumer<List<StepEntry>> changed;
    private final Consumer<String> complain;
    private final Function<WorkStep, Optional<Message>> objection;
    private final Consumer<Note.Subject> note;
    private @Nullable WorkStep passing;

    /**
     * @param changed takes the record after a tick
     * @param complain says why a step can't be ticked
     * @param objection what the numbers have against ticking a hold; empty where nothing is known against it
     * @param note opens what is written about a step
     */
    public WorkOrderView(
            Consumer<List<StepEntry>> changed,
            Consumer<String> complain,
            Function<WorkStep, Optional<Message>> objection,
            Consumer<Note.Subject> note) {
        this.changed = changed;
        this.complain = complain;
        this.objection = objection;
        this.note = note;
        getStyleClass().add("work-order");
    }

    /** Shows an order as it stands. */
    public void show(WorkOrder order, Words words) {
        getChildren().clear();
        Optional<WorkStep> next = order.next();
        int number = 1;
        for (WorkStep step : order.steps()) {
            getChildren()
                    .add(row(order, step, number++, next.filter(step::equals).isPresent(), words));
            if (step.equals(passing)) {
                getChildren().add(reason(order, step, words));
            }
        }
    }

    private VBox row(WorkOrder order, WorkStep step, int number, boolean next, Words words) {
        WorkOrder.State state = order.state(step);
        Label name = Labels.sentence(number + "  " + words.text("step." + step.name(), step.subject()), "step-name");
        Label stands =
                Labels.sentence(stands(order, step, words), state == WorkOrder.State.OVERRIDDEN ? "limit" : "second");
        String id = step.id().replaceAll("[^a-z0-9]+", "-");
        HBox row = new HBox(8, stands);
        row.getChildren()
                .add(Labels.button(
                        "note-" + id, words.text("notes.button"), () -> note.accept(Note.Subject.of(order, step))));
        row.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(stands, Priority.ALWAYS);
        stands.setMaxWidth(Double.MAX_VALUE);
        VBox whole = new VBox(1, name, row);
        whole.getStyleClass().add("work-step");
        if (next) {
            whole.getStyleClass().add("work-next");
        }
        switch (state) {
            case DONE, OVERRIDDEN ->
                row.getChildren().add(Labels.button("undo-" + id, words.text("work.take_back"), () -> {
                    passing = null;
                    changed.accept(order.takeBack(step));
                }));
            case OPEN -> {
                row.getChildren()
                        .add(Labels.button("done-" + id, words.text("work.tick"), () -> tick(order, step, words)));
                if (step.hold()) {
                    row.getChildren().add(Labels.button("pass-" + id, words.text("work.pass"), () -> {
                        passing = step;
                        show(order, words);
                        lookup("#reason").requestFocus();
                    }));
                }
            }
            case SHUT -> {
                // Nothing to press: the hold before it comes first.
            }
        }
        return whole;
    }

    private static String stands(WorkOrder order, WorkStep step, Words words) {
        return switch (order.state(step)) {
            case DONE ->
                words.text("work.done", order.entry(step).orElseThrow().date().toString());
            case OVERRIDDEN ->
                words.text("work.passed", order.entry(step).orElseThrow().reason());
            case SHUT ->
                words.text(
                        "work.shut",
                        Integer.toString(
                                1 + order.steps().indexOf(order.holding(step).orElseThrow())));
            case OPEN -> words.text(step.hold() ? "work.hold" : "work.open");
        };
    }

    private void tick(WorkOrder order, WorkStep step, Words words) {
        Optional<Message> against = step.hold() ? objection.apply(step) : Optional.empty();
        if (against.isPresent()) {
            complain.accept(words.text(against.get()));
            return;
        }
        complain.accept("");
        changed.accept(order.record(step, LocalDate.now(ZoneId.systemDefault()), ""));
    }

    private HBox reason(WorkOrder order, WorkStep step, Words words) {
        TextField reason = new TextField();
        reason.setId("reason");
        reason.setPromptText(words.text("work.reason"));
        HBox.setHgrow(reason, Priority.ALWAYS);
        Runnable pass = () -> {
            if (reason.getText().isBlank()) {
                complain.accept(words.text("work.reason_wanted"));
                return;
            }
            complain.accept("");
            passing = null;
            changed.accept(order.record(step, LocalDate.now(ZoneId.systemDefault()), reason.getText()));
        };
        reason.setOnAction(event -> pass.run());
        return new HBox(6, reason, Labels.button("reason-ok", words.text("work.pass_ok"), pass));
    }
}
