package org.palanca.desktop.step.bracket;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.palanca.base.geometry.SidedName;
import org.palanca.base.outline.Bounds;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.floor.plate.Bolted;
import org.palanca.floor.plate.BracketPlan;
import org.palanca.floor.plate.Plate;
import org.palanca.floor.plate.PlateList;
import org.palanca.io.SafeFile;
import org.palanca.io.csv.PlateCsv;
import org.palanca.io.plate.CutTable;
import org.palanca.io.plate.PlateDxf;
import org.palanca.io.plate.PlateUnit;
import org.palanca.io.sheet.SheetKind;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.work.IssuedPlate;

/** Brackets: the plates of each, flat and to scale, the one that is picked with its fields beside, and what went out to be cut. */
public final class BracketsPane extends StepPane {
    /** A plate is drawn no larger than it is, on a screen of 96 dots an inch [px/m]. */
    private static final double TRUE_SIZE = 96 / 0.0254;

    /** As tall as the tallest plate may be drawn, at normal text [px]. */
    private static final double TALL = 260;

    /** Room beside a plate for its sizes, at normal text [px]. */
    private static final double BESIDE = 180;

    private final VBox cards = new VBox();
    private final ScrollPane scroll = new ScrollPane(cards);
    private final FlowPane actions = new FlowPane(8, 8);
    private final Label caution = new Label();
    private final Button sheet = new Button();
    private final BracketForm form;
    private final OutColumn out;
    private Optional<MountRef> picked = Optional.empty();
    private List<CutTable.Job> onTable = List.of();

    /** What the files on the table were held against. */
    private Optional<Vehicle> readFor = Optional.empty();

    private double size = 1;

    public BracketsPane(StepContext context) {
        super(context);
        setId("brackets-pane");
        getStyleClass().add("make");
        form = new BracketForm(this);
        out = new OutColumn(this);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        sheet.setId("brackets-sheet");
        sheet.getStyleClass().add("main-action");
        sheet.setOnAction(event -> context().sheet(SheetKind.PLATES, Optional.empty()));
        caution.setWrapText(true);
        caution.getStyleClass().add("caution");
        caution.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(scroll, actions, caution);
        widthProperty().addListener((o, before, now) -> refresh());
    }

    @Override
    public void setTextSize(double times) {
        size = times;
        refresh();
    }

    /** Shows the fields of the bracket at a mount of the axle on the board. */
    public void pick(String mount) {
        pick(new MountRef(place(), mount));
    }

    private void pick(MountRef next) {
        picked = Optional.of(next);
        refresh();
    }

    @Override
    protected void show() {
        if (getWidth() < 100) {
            return;
        }
        Words w = words();
        if (readFor.filter(vehicle()::equals).isEmpty()) {
            onTable = List.of();
        }
        PlateList list = PlateList.of(vehicle());
        List<List<BracketPlan>> pairs = pairs(list);
        if (picked.flatMap(list::bracket).isEmpty()) {
            picked = pairs.stream().findFirst().map(pair -> pair.get(0).mount());
        }
        double width = getWidth() - 84 * size;
        double scrolled = scroll.getVvalue();
        cards.getChildren().setAll(onTable.isEmpty() ? brackets(pairs, list, width) : table(width));
        // The cards are made anew: what was looked at stays in sight.
        scroll.applyCss();
        scroll.layout();
        scroll.setVvalue(scrolled);
        inspect(picked.flatMap(list::bracket).map(form::rows).orElse(List.of()));
        sideColumn().getChildren().setAll(out.rows(list));
        showActions(list, w);
        caution.setText(w.text("brackets.caution"));
    }

    /** A bracket with the one that mirrors it, those of the axle on the board first. */
    private List<List<BracketPlan>> pairs(PlateList list) {
        List<List<BracketPlan>> pairs = new ArrayList<>();
        for (BracketPlan plan : list.brackets()) {
            Axle axle = vehicle().axle(plan.mount().axle()).orElseThrow();
            Optional<List<BracketPlan>> master = pairs.stream()
                    .filter(pair -> pair.get(0).mount().axle() == axle.place()
                            && axle.mirrorImage(pair.get(0).mount().mount())
                                    .filter(image ->
                                            image.name().equals(plan.mount().mount()))
                                    .isPresent())
                    .findFirst();
            if (master.isPresent()) {
                master.get().add(plan);
            } else {
                pairs.add(new ArrayList<>(List.of(plan)));
            }
        }
        pairs.sort(Comparator.comparing(pair -> pair.get(0).mount().axle() != place()));
        return pairs;
    }

    private List<Node> brackets(List<List<BracketPlan>> pairs, PlateList list, double width) {
        Words w = words();
        double scale = scale(
                list.plates().stream()
                        .map(plate -> plate.flat().outline().bounds())
                        .toList(),
                width);
        List<Node> all = new ArrayList<>();
        for (List<BracketPlan> pair : pairs) {
            MountRef mount = pair.get(0).mount();
            all.add(new BracketCard(
                    pair,
                    list,
                    w,
                    context().theme(),
                    scale,
                    width,
                    size,
                    picked.filter(mount::equals).isPresent()
                            || picked.filter(one -> pair.stream()
                                            .anyMatch(plan -> plan.mount().equals(one)))
                                    .isPresent(),
                    () -> pick(mount)));
        }
        all.add(without(pairs.isEmpty()));
        return all;
    }

    /** Mounts of the axle on the board that have no bracket yet: a press describes one. */
    private Node without(boolean none) {
        Words w = words();
        Axle axle = vehicle().axle(place()).orElseThrow();
        FlowPane mounts = new FlowPane(6, 6);
        for (Mount mount : axle.mounts()) {
            if (mount.mirrored()
                    || mount.bracket().isPresent()
                    || Bolted.at(vehicle(), axle, mount.name()).isEmpty()) {
                continue;
            }
            String stem = SidedName.of(mount.name()).stem();
            mounts.getChildren()
                    .add(Labels.button(
                            "describe-" + mount.name().replace(' ', '-'),
                            axle.mirrorImage(mount.name()).isPresent() ? stem : mount.name(),
                            () -> describe(axle, mount)));
        }
        VBox box = new VBox(
                8,
                Labels.sentence(
                        w.text(
                                mounts.getChildren().isEmpty()
                                        ? "brackets.all_described"
                                        : none ? "brackets.first" : "brackets.more",
                                w.text("axle." + place().id())),
                        none ? "link-name" : "second"),
                mounts);
        box.setId("brackets-without");
        box.getStyleClass().add("link-card");
        return box;
    }

    private void describe(Axle axle, Mount mount) {
        boolean done = document()
                .change(
                        vehicle().withAxle(axle.withBracket(mount.name(), Optional.of(Bracket.PLAIN))),
                        Message.of("change.bracket", mount.name()),
                        "");
        if (done) {
            pick(new MountRef(axle.place(), mount.name()));
        }
    }

    /** So that the tallest plate and the widest one have room. */
    private double scale(List<Bounds> drawn, double width) {
        double tall = most(drawn, Bounds::height);
        double wide = most(drawn, Bounds::width);
        return Math.min(TRUE_SIZE * size, Math.min(TALL * size / tall, Math.max(80, width - BESIDE * size) / wide));
    }

    private static double most(List<Bounds> drawn, ToDoubleFunction<Bounds> of) {
        return Math.max(0.02, drawn.stream().mapToDouble(of).max().orElse(0));
    }

    // --- The cut table ---

    private List<Node> table(double width) {
        Words w = words();
        double scale = scale(onTable.stream().map(PlateCanvas::extent).toList(), width);
        List<Node> all = new ArrayList<>();
        VBox head = new VBox(
                8,
                Labels.sentence(
                        w.text(
                                "brackets.table_head",
                                Message.length(CutTable.Bed.USUAL.width()),
                                Message.length(CutTable.Bed.USUAL.height()),
                                Message.fine(CutTable.Bed.USUAL.kerf())),
                        "second"),
                Labels.button("brackets-back", w.text("brackets.table_back"), () -> {
                    onTable = List.of();
                    refresh();
                }));
        head.getStyleClass().add("link-card");
        all.add(head);
        onTable.forEach(job -> all.add(new TableCard(job, w, context().theme(), scale, width, size)));
        return all;
    }

    private void layOnTable() {
        Words w = words();
        context().files().toFolder(w.text("file_window.cut_files")).ifPresent(folder -> {
            try {
                onTable = CutTable.look(folder, PlateList.of(vehicle()).plates(), CutTable.Bed.USUAL).stream()
                        .sorted(Comparator.comparing(job -> job.refused().isEmpty()))
                        .toList();
                readFor = Optional.of(vehicle());
                if (onTable.isEmpty()) {
                    complain(w.text("brackets.table_empty", folder));
                }
                refresh();
                scroll.setVvalue(0);
            } catch (IOException e) {
                complain(w.text("brackets.table_unread", folder));
            }
        });
    }

    // --- What goes out ---

    private void showActions(PlateList list, Words w) {
        sheet.setText(w.text("brackets.sheet"));
        Button files = Labels.button("brackets-files", w.text("brackets.files"), this::writeFiles);
        Button table = Labels.button(
                "brackets-csv",
                w.text("make.table"),
                () -> writeTable(
                        "plates", out -> PlateCsv.write(PlateList.of(vehicle()).plates(), out)));
        for (Button one : List.of(sheet, files, table)) {
            one.setDisable(list.plates().isEmpty());
        }
        actions.getChildren()
                .setAll(
                        sheet,
                        files,
                        table,
                        Labels.button("brackets-table", w.text("brackets.table"), this::layOnTable));
    }

    /** A cutting file a plate, into the folder that the user wants; from then on they have gone out. */
    private void writeFiles() {
        Words w = words();
        PlateList list = PlateList.of(vehicle());
        PlateUnit unit = w.units().length() == LengthStyle.MILLIMETRES ? PlateUnit.MM : PlateUnit.INCH;
        context().files().toFolder(w.text("file_window.cut_folder")).ifPresent(folder -> {
            try {
                for (Plate plate : list.plates()) {
                    SafeFile.write(
                            folder.resolve(plate.fileStem() + ".dxf"),
                            PlateDxf.text(plate, unit).getBytes(StandardCharsets.ISO_8859_1));
                }
                issue(list);
                context()
                        .tell(Message.of(
                                "brackets.files_written",
                                Integer.toString(list.plates().size()),
                                folder.toString()));
            } catch (IOException e) {
                complain(w.text("file.cannot_write", folder));
            }
        });
    }

    /** Writes down that the drawings of all plates have gone out today. */
    void issue(PlateList list) {
        List<IssuedPlate> more = list.toIssue(build().issued(), LocalDate.now(ZoneId.systemDefault()));
        if (!more.isEmpty()) {
            change(build -> build.withIssued(more), "issued");
        }
    }
}
