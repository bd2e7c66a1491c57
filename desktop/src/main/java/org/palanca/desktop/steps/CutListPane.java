package org.palanca.desktop.steps;

import java.util.List;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.theme.Theme;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.floor.cutting.PartsCount;
import org.palanca.vehicle.LinkHardware;

/** Make: every link drawn as it is cut, what must lie on the bench, and the sheet for the floor. */
public final class CutListPane extends VBox {
    private final Document document;
    private final Supplier<Words> words;
    private final Supplier<Theme> theme;
    private final VBox cards = new VBox();
    private final ScrollPane scroll = new ScrollPane(cards);
    private final Label hardware = new Label();
    private final Label counts = new Label();
    private final Label caution = new Label();
    private final Button sheet = new Button();
    private final Button nextRevision = new Button();
    private double size = 1;

    /** @param makeSheet writes the placement sheet */
    public CutListPane(Document document, Supplier<Words> words, Supplier<Theme> theme, Runnable makeSheet) {
        this.document = document;
        this.words = words;
        this.theme = theme;
        setId("make-pane");
        getStyleClass().add("make");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        sheet.setId("make-sheet");
        sheet.getStyleClass().add("main-action");
        sheet.setOnAction(event -> makeSheet.run());
        nextRevision.setId("make-revision");
        nextRevision.setOnAction(event -> document.change(
                document.vehicle().withRevision(document.vehicle().revision() + 1), Message.of("change.revision"), ""));
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
        document.vehicleProperty().addListener((o, before, now) -> refresh());
        widthProperty().addListener((o, before, now) -> refresh());
    }

    /** Sets how large text is, 1 for normal. */
    public void setTextSize(double times) {
        size = times;
        refresh();
    }

    /** Shows the vehicle's links as they are now. */
    public void refresh() {
        if (!isVisible() || getWidth() < 100) {
            return;
        }
        Words w = words.get();
        LinkHardware made = document.vehicle().hardware();
        List<LinkCut> cuts = LinkCut.list(document.vehicle());
        double longest = cuts.stream().mapToDouble(LinkCut::pinToPin).max().orElse(1);
        double width = getWidth() - 84 * size;
        cards.getChildren()
                .setAll(cuts.stream()
                        .map(cut -> new LinkCard(cut, made, longest, w, theme.get(), width, size))
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
        nextRevision.setText(
                w.text("make.revision", Integer.toString(document.vehicle().revision())));
        caution.setText(w.text("sheet.caution"));
    }
}
