package org.palanca.desktop.step.cutlist;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.floor.cutting.PartsCount;
import org.palanca.io.sheet.SheetKind;
import org.palanca.vehicle.LinkHardware;

/** Make: every link drawn as it is cut, what must lie on the bench, and the sheet for the floor. */
public final class CutListPane extends StepPane {
    /** From this width on two cards stand beside one another, at normal text [px]. */
    private static final double WIDE = 1050;

    private static final double BETWEEN = 24;

    private final FlowPane cards = new FlowPane(BETWEEN, 0);
    private final ScrollPane scroll = new ScrollPane(cards);
    private final Label hardware = new Label();
    private final Label counts = new Label();
    private final Label caution = new Label();
    private final Button sheet = new Button();
    private final Button nextRevision = new Button();
    private double size = 1;

    public CutListPane(StepContext context) {
        super(context);
        setId("cutlist-pane");
        getStyleClass().add("make");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        sheet.setId("make-sheet");
        sheet.getStyleClass().add("main-action");
        sheet.setOnAction(event -> context().sheet(SheetKind.MOUNTS, Optional.empty()));
        nextRevision.setId("make-revision");
        nextRevision.setOnAction(event ->
                document().change(vehicle().withRevision(vehicle().revision() + 1), Message.of("change.revision"), ""));
        hardware.setWrapText(true);
        counts.setWrapText(true);
        counts.setId("make-counts");
        caution.setWrapText(true);
        caution.getStyleClass().add("caution");
        hardware.getStyleClass().add("second");
        for (Label label : List.of(hardware, counts, caution)) {
            label.setMinHeight(USE_PREF_SIZE);
        }
        FlowPane actions = new FlowPane(8, 8, sheet, nextRevision);
        getChildren().addAll(hardware, scroll, counts, actions, caution);
        widthProperty().addListener((o, before, now) -> refresh());
    }

    @Override
    public void setTextSize(double times) {
        size = times;
        refresh();
    }

    @Override
    public Optional<Node> side() {
        return Optional.empty();
    }

    @Override
    protected void show() {
        if (getWidth() < 100) {
            return;
        }
        Words w = words();
        LinkHardware made = vehicle().hardware();
        List<LinkCut> cuts = LinkCut.list(vehicle());
        double longest = cuts.stream().mapToDouble(LinkCut::pinToPin).max().orElse(1);
        double room = getWidth() - 84 * size;
        // On a wide window two stand beside one another.
        int abreast = room > WIDE * size ? 2 : 1;
        double width = (room - (abreast - 1) * BETWEEN) / abreast;
        cards.getChildren()
                .setAll(cuts.stream()
                        .map(cut ->
                                new LinkCard(cut, made, longest, w, context().theme(), width, size))
                        .toList());
        PartsCount parts = PartsCount.of(cuts, made);
        hardware.setText(w.text(
                "make.hardware", made.name(), Message.length(made.shank()), Message.length(made.insertThread())));
        counts.setText(w.text(
                "make.counts",
                Integer.toString(parts.links()),
                Message.length(parts.tube()),
                Integer.toString(parts.jointsEachHand()),
                Integer.toString(parts.insertsEachHand()),
                Integer.toString(parts.jamNutsEachHand() + parts.spareJamNutsEachHand())));
        sheet.setText(w.text("make.sheet"));
        nextRevision.setText(w.text("make.revision", Integer.toString(vehicle().revision())));
        caution.setText(w.text("sheet.caution"));
    }
}
