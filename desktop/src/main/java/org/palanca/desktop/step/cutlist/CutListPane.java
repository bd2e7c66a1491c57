package org.palanca.desktop.step.cutlist;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.LatestTask;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.floor.bill.BillOfMaterials;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.floor.cutting.PartsCount;
import org.palanca.floor.cutting.PartsWords;
import org.palanca.floor.cutting.StockPlan;
import org.palanca.floor.cutting.StockWords;
import org.palanca.io.csv.LinkCsv;
import org.palanca.io.sheet.SheetKind;
import org.palanca.study.load.LinkStrength;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.Stock;

/** Make: every link drawn as it is cut, the one that is picked with its fields beside, and what must lie on the bench. */
public final class CutListPane extends StepPane {
    /** From this width on two cards stand beside one another, at normal text [px]. */
    private static final double WIDE = 1050;

    private static final double BETWEEN = 24;

    private static final Duration REST = Duration.millis(200);

    /** What the saw plan was last worked out from, and what it says. */
    private record SawLine(String text, boolean first) {}

    /** What the optimiser is asked for. */
    private record Bench(List<SawLine> sawLines, BillOfMaterials bill) {}

    private final FlowPane cards = new FlowPane(BETWEEN, 0);
    private final ScrollPane scroll = new ScrollPane(cards);
    private final Label caution = new Label();
    private final Button sheet = new Button();
    private final Button placement = new Button();
    private final Button table = new Button();
    private final Button nextRevision = new Button();
    private final LinkForm form;
    private final BillSection bill;
    private final LatestTask sawing = LatestTask.live("saw plan", REST);
    private final VBox sawPlan = new VBox(6);
    private final VBox toBuy = new VBox(6);
    private List<SawLine> sawLines = List.of();
    private Optional<Pick> picked = Optional.empty();
    private double size = 1;

    /** A link of an axle. */
    private record Pick(AxlePlace axle, String link) {
        static Pick of(LinkCut cut) {
            return new Pick(cut.axle().place(), cut.link().name());
        }
    }

    public CutListPane(StepContext context) {
        super(context);
        setId("cutlist-pane");
        getStyleClass().add("make");
        form = new LinkForm(this);
        bill = new BillSection(this);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        sheet.setId("make-sheet");
        sheet.getStyleClass().add("main-action");
        sheet.setOnAction(event -> context().sheet(SheetKind.CUT, Optional.empty()));
        placement.setId("make-placement");
        placement.setOnAction(event -> context().sheet(SheetKind.MOUNTS, Optional.empty()));
        table.setId("make-table");
        table.setOnAction(event -> writeTable(
                "links",
                out -> LinkCsv.write(LinkCut.list(vehicle()), build().rules().paint(), out)));
        nextRevision.setId("make-revision");
        nextRevision.setOnAction(event ->
                document().change(vehicle().withRevision(vehicle().revision() + 1), Message.of("change.revision"), ""));
        caution.setWrapText(true);
        caution.getStyleClass().add("caution");
        caution.setMinHeight(USE_PREF_SIZE);
        FlowPane actions = new FlowPane(8, 8, sheet, table, placement, nextRevision);
        getChildren().addAll(scroll, actions, caution);
        widthProperty().addListener((o, before, now) -> refresh());
    }

    @Override
    public void setTextSize(double times) {
        size = times;
        refresh();
    }

    /** Shows the fields of the rear axle's link of a name, or of the front one's where only that has it. */
    public void pick(String link) {
        LinkCut.list(vehicle()).stream()
                .filter(cut -> cut.link().name().equals(link))
                .reduce((first, second) -> second)
                .ifPresent(cut -> pick(Pick.of(cut)));
    }

    private void pick(Pick next) {
        picked = Optional.of(next);
        refresh();
    }

    @Override
    protected void show() {
        if (getWidth() < 100) {
            return;
        }
        Words w = words();
        // The axle on the board first.
        List<LinkCut> cuts = LinkCut.list(vehicle()).stream()
                .sorted(Comparator.comparing(cut -> cut.axle().place() != place()))
                .toList();
        if (picked.filter(one -> cuts.stream().map(Pick::of).anyMatch(one::equals))
                .isEmpty()) {
            picked = cuts.stream()
                    .filter(cut -> cut.axle().place() == place())
                    .findFirst()
                    .or(() -> cuts.stream().findFirst())
                    .map(Pick::of);
        }
        List<LinkStrength> strengths = LinkStrength.of(vehicle(), cuts);
        double longest = cuts.stream().mapToDouble(LinkCut::pinToPin).max().orElse(1);
        double room = getWidth() - 84 * size;
        // On a wide window two stand beside one another.
        int abreast = room > WIDE * size ? 2 : 1;
        double width = (room - (abreast - 1) * BETWEEN) / abreast;
        double scrolled = scroll.getVvalue();
        cards.getChildren()
                .setAll(cuts.stream()
                        .map(cut -> new LinkCard(
                                vehicle(),
                                cut,
                                strengths.stream()
                                        .filter(one -> one.cut() == cut)
                                        .findFirst(),
                                longest,
                                w,
                                context().theme(),
                                width,
                                size,
                                picked.filter(Pick.of(cut)::equals).isPresent(),
                                () -> pick(Pick.of(cut))))
                        .toList());
        // The cards are made anew: what was looked at stays in sight.
        scroll.applyCss();
        scroll.layout();
        scroll.setVvalue(scrolled);
        inspect(cuts.stream()
                .filter(cut -> picked.filter(Pick.of(cut)::equals).isPresent())
                .findFirst()
                .map(form::rows)
                .orElse(List.of()));
        showBench(cuts, w);
        Stock stock = vehicle().build().stock();
        Vehicle shown = vehicle();
        sawing.ask(goOn -> new Bench(sawLines(cuts, stock, w), BillOfMaterials.of(shown)), found -> {
            sawLines = found.sawLines();
            showSawPlan(w);
            toBuy.getChildren().setAll(bill.rows(found.bill()));
        });
        sheet.setText(w.text("make.cut_sheet"));
        sheet.setDisable(cuts.isEmpty());
        table.setText(w.text("make.table"));
        table.setDisable(cuts.isEmpty());
        placement.setText(w.text("make.sheet"));
        nextRevision.setText(w.text("make.revision", Integer.toString(vehicle().revision())));
        caution.setText(w.text("sheet.caution"));
    }

    private void showBench(List<LinkCut> cuts, Words w) {
        List<Node> side = new ArrayList<>();
        side.add(Labels.of(w.text("make.bench"), "form-title"));
        List<String> lines =
                PartsWords.of(PartsCount.of(cuts, vehicle().build().stock().kerf()), w);
        for (int i = 0; i < lines.size(); i++) {
            Label line = Labels.sentence(lines.get(i), "working-why");
            line.setId("bench-" + i);
            side.add(line);
        }
        side.add(Labels.sentence(w.text("make.rule"), "second"));
        side.add(sawPlan);
        side.add(toBuy);
        sideColumn().getChildren().setAll(side);
    }

    private static List<SawLine> sawLines(List<LinkCut> cuts, Stock stock, Words w) {
        List<SawLine> all = new ArrayList<>();
        for (StockPlan plan : StockPlan.of(cuts, stock)) {
            List<String> lines = StockWords.of(plan, stock, w);
            for (int i = 0; i < lines.size(); i++) {
                all.add(new SawLine(lines.get(i), i == 0));
            }
        }
        return all;
    }

    /** What to buy, and what is sawn from which length. */
    private void showSawPlan(Words w) {
        sawPlan.getChildren().clear();
        if (!sawLines.isEmpty()) {
            sawPlan.getChildren().add(Labels.of(w.text("make.saw_plan"), "form-title"));
        }
        for (int i = 0; i < sawLines.size(); i++) {
            Label line = Labels.sentence(sawLines.get(i).text(), sawLines.get(i).first() ? "working-why" : "second");
            line.setId("saw-" + i);
            sawPlan.getChildren().add(line);
        }
    }

    /** Ends the work beside the window. */
    @Override
    public void dispose() {
        form.dispose();
        sawing.dispose();
    }
}
