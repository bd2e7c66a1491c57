package org.palanca.desktop.step.cutlist;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import org.palanca.base.geometry.SidedName;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.VerdictColumn;
import org.palanca.desktop.document.Settings;
import org.palanca.desktop.step.FormFields;
import org.palanca.desktop.step.Sections;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.floor.placing.BoltFit;
import org.palanca.io.FileFormatException;
import org.palanca.io.SafeFile;
import org.palanca.io.csv.HardwareCsv;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.HardwareCatalogue;
import org.palanca.vehicle.hardware.LinkMake;
import org.palanca.vehicle.hardware.LinkTube;
import org.palanca.vehicle.hardware.PlugWelds;
import org.palanca.vehicle.hardware.TapedTube;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The fields of the link that is picked: each end, the tube, and the tube as it was taped on the mock-up. */
final class LinkForm {
    private static final Logger LOG = LoggerFactory.getLogger(LinkForm.class);
    private static final String FROM = "from";
    private static final String TO = "to";
    private static final String TUBE = "tube";
    private static final String SHAPE = "shape";
    private static final String TAPED = "taped";
    private static final String STOCK = "stock";
    private static final String STRENGTH = "strength";

    /** What is told finer than a tape does: a wall, and what has to go through or between something. */
    private static final List<String> FINE = List.of("cut-wall", "cut-gap", "cut-hole", "cut-ear");

    /** The user's own lines of the catalogue, beside the settings. */
    private static final String OWN = "hardware.csv";

    private final CutListPane pane;
    private final Sections sections = new Sections("cutlist", List.of(FROM, TO, TUBE, SHAPE, TAPED, STRENGTH, STOCK));
    private final CheckBox both = new CheckBox();
    private final FormFields fields;
    private final EndForm ends;
    private final ShapeForm shapes;
    private final StockForm stock;
    private final LoadForm loads;
    private HardwareCatalogue catalogue = HardwareCsv.generic();

    LinkForm(CutListPane pane) {
        this.pane = pane;
        fields = new FormFields(pane, FINE);
        ends = new EndForm(pane, fields, this::change);
        shapes = new ShapeForm(pane, fields, this::change);
        stock = new StockForm(pane, fields);
        loads = new LoadForm(pane, fields);
        both.setId("cut-both");
        both.setSelected(true);
        sections.open(Optional.of(FROM));
        Path own = own();
        if (Files.isReadable(own)) {
            try {
                take(own);
            } catch (IOException | FileFormatException e) {
                // It was read once; whoever changed it since is told when it is read again.
                LOG.warn("{} can't be read", own, e);
            }
        }
    }

    private static Path own() {
        return Settings.load().folder().resolve(OWN);
    }

    private void take(Path file) throws IOException, FileFormatException {
        catalogue = HardwareCsv.generic().with(HardwareCsv.read(Files.readString(file, StandardCharsets.UTF_8)));
    }

    /** Ends the work beside the window. */
    void dispose() {
        shapes.dispose();
    }

    /** The fields of a link. */
    List<Node> rows(LinkCut cut) {
        Words w = pane.words();
        both.setText(w.text("cutlist.both"));
        sections.relabel(w);
        name(cut, w);
        sections.fill(FROM, ends.rows(cut, true, catalogue));
        sections.fill(TO, ends.rows(cut, false, catalogue));
        sections.fill(TUBE, tube(cut));
        sections.fill(SHAPE, shapes.rows(cut));
        sections.fill(TAPED, taped(cut));
        sections.fill(STRENGTH, loads.rows(cut));
        sections.fill(STOCK, stock.rows(cut));
        List<Node> rows = new ArrayList<>();
        rows.add(Labels.sentence(
                w.text("axle." + cut.axle().place().id()) + " · " + cut.link().name(), "form-title"));
        if (cut.axle().mirrorImage(cut.link().from()).isPresent()) {
            rows.add(both);
        }
        rows.add(sections);
        return rows;
    }

    /** Names the ends by what they are bolted to, where that tells them apart. */
    private void name(LinkCut cut, Words w) {
        BodyName one = cut.axle().mount(cut.link().from()).orElseThrow().body();
        BodyName other = cut.axle().mount(cut.link().to()).orElseThrow().body();
        if (!one.equals(other)) {
            sections.name(FROM, VerdictColumn.capital(w.text("cutlist.end_at", w.text("body." + one.id()))));
            sections.name(TO, VerdictColumn.capital(w.text("cutlist.end_at", w.text("body." + other.id()))));
        }
    }

    // --- Tube ---

    private List<Node> tube(LinkCut cut) {
        Words w = pane.words();
        LinkTube now = cut.tube();
        boolean own = cut.link().make().tube().isPresent();
        Consumer<LinkTube> take = next -> {
            if (next.wall() > next.outside() / 2 + 1e-9) {
                pane.complain(w.text("cutlist.wall", Message.fine(next.wall()), Message.fine(next.outside())));
                pane.refresh();
            } else {
                change(cut, make -> make.withTube(Optional.of(next)));
            }
        };
        List<Node> rows = new ArrayList<>();
        rows.add(Labels.sentence(w.text(own ? "cutlist.tube_own" : "cutlist.tube_usual"), "second"));
        ComboBox<HardwareCatalogue.NamedTube> sizes = new ComboBox<>();
        sizes.setId("cut-tube-size");
        sizes.getItems().setAll(catalogue.tubes());
        sizes.setConverter(Choices.named(HardwareCatalogue.NamedTube::name));
        sizes.setPromptText(w.text("cutlist.catalogue"));
        sizes.setMaxWidth(Double.MAX_VALUE);
        sizes.setOnAction(event -> take.accept(sizes.getValue().tube()));
        rows.add(sizes);
        FlowPane row = fields.row();
        fields.length(
                row, "cut-outside", "cutlist.outside", now.outside(), value -> take.accept(now.withOutside(value)));
        fields.length(row, "cut-wall", "cutlist.wall_field", now.wall(), value -> take.accept(now.withWall(value)));
        TextField material = new TextField(now.material());
        material.setId("cut-material");
        material.setPrefColumnCount(8);
        material.setOnAction(
                event -> take.accept(now.withMaterial(material.getText().strip())));
        row.getChildren().add(Labels.over(w.text("cutlist.material"), material));
        row.getChildren()
                .add(fields.field(
                        "cut-yield",
                        "cutlist.yield",
                        Quantity.STRESS,
                        now.yield(),
                        typed -> take.accept(now.withYield(typed))));
        fields.length(
                row,
                "cut-adjustment",
                "cutlist.adjustment",
                cut.from().adjustment(),
                value -> change(cut, make -> make.withAdjustment(OptionalDouble.of(value))));
        rows.add(row);
        if (own) {
            rows.add(Labels.button(
                    "cut-usual-tube",
                    w.text("cutlist.as_usual"),
                    () -> change(cut, make -> make.withTube(Optional.empty()))));
        }
        if (cut.ends().stream().anyMatch(end -> end.shank().isPresent())) {
            rows.addAll(plugs());
        }
        rows.add(Labels.button("hardware-csv-in", w.text("cutlist.csv_in"), this::readCatalogue));
        return rows;
    }

    /** The shop's school for all links: inserts plug-welded through holes, or welded round their shoulders alone. */
    private List<Node> plugs() {
        Words w = pane.words();
        Optional<PlugWelds> now = pane.vehicle().hardware().plugs();
        List<Node> rows = new ArrayList<>();
        CheckBox on = new CheckBox(w.text("cutlist.plugs"));
        on.setId("cut-plugs");
        on.setWrapText(true);
        on.setSelected(now.isPresent());
        on.setOnAction(event -> plugs(on.isSelected() ? Optional.of(PlugWelds.COMMON) : Optional.empty()));
        rows.add(on);
        now.ifPresent(holes -> {
            FlowPane row = fields.row();
            fields.length(
                    row,
                    "cut-plug-hole",
                    "cutlist.plug_hole",
                    holes.hole(),
                    typed -> plugs(Optional.of(new PlugWelds(typed, holes.first(), holes.second()))));
            fields.length(
                    row,
                    "cut-plug-first",
                    "cutlist.plug_first",
                    holes.first(),
                    typed -> plugs(Optional.of(new PlugWelds(holes.hole(), typed, holes.second()))));
            fields.length(
                    row,
                    "cut-plug-second",
                    "cutlist.plug_second",
                    holes.second(),
                    typed -> plugs(Optional.of(new PlugWelds(holes.hole(), holes.first(), typed))));
            rows.add(row);
        });
        return rows;
    }

    private void plugs(Optional<PlugWelds> next) {
        Vehicle vehicle = pane.vehicle();
        boolean done = pane.document()
                .change(vehicle.withHardware(vehicle.hardware().withPlugs(next)), Message.of("change.plugs"), "");
        if (!done) {
            pane.refresh();
        }
    }

    private void readCatalogue() {
        pane.context().files().toOpen(pane.words().text("cutlist.csv_in")).ifPresent(path -> {
            try {
                take(path);
                SafeFile.write(own(), Files.readAllBytes(path));
                pane.complain("");
                pane.refresh();
            } catch (FileFormatException e) {
                pane.complain(path.getFileName() + ": " + pane.words().text(e.told()));
            } catch (IOException e) {
                pane.complain(pane.words()
                        .text("cutlist.csv_unread", path.getFileName().toString()));
            }
        });
    }

    // --- Taped ---

    private List<Node> taped(LinkCut cut) {
        Words w = pane.words();
        Optional<TapedTube> now = cut.link().make().taped();
        List<Node> rows = new ArrayList<>();
        rows.add(Labels.sentence(w.text("cutlist.taped_why"), "second"));
        rows.add(fields.field(
                "cut-taped",
                "cutlist.taped",
                Quantity.LENGTH,
                now.map(taped -> OptionalDouble.of(taped.length())).orElse(OptionalDouble.empty()),
                // Another length is another question.
                value -> change(
                        cut,
                        make -> make.withTaped(
                                value.isPresent()
                                        ? Optional.of(new TapedTube(value.getAsDouble(), Optional.empty()))
                                        : Optional.empty()),
                        false)));
        BoltFit.of(pane.vehicle(), cut.axle().place()).stream()
                .filter(fit -> fit.link().equals(cut.link().name()))
                .findFirst()
                .ifPresent(fit -> asFound(rows, cut, fit));
        boolean far = Math.abs(cut.apart().orElse(0)) > TapedTube.AGREE + 1e-9;
        if (now.isPresent() && far) {
            TextField why = new TextField(
                    now.get().decision().map(TapedTube.Decision::why).orElse(""));
            why.setId("cut-why");
            why.setPromptText(w.text("cutlist.why"));
            FlowPane choice = new FlowPane(6, 6);
            for (boolean asTaped : new boolean[] {true, false}) {
                choice.getChildren()
                        .add(Labels.button(
                                asTaped ? "cut-as-taped" : "cut-as-computed",
                                w.text(
                                        asTaped ? "cutlist.as_taped" : "cutlist.as_computed",
                                        Message.length(
                                                asTaped
                                                        ? now.get().length()
                                                        : cut.computed().orElseThrow())),
                                () -> decide(cut, now.get(), asTaped, why.getText())));
            }
            now.get()
                    .decision()
                    .ifPresent(decision -> rows.add(Labels.sentence(
                            w.text(
                                    decision.taped() ? "cutlist.taped_counts" : "cutlist.computed_counts",
                                    decision.why()),
                            "working-why")));
            rows.add(why);
            rows.add(choice);
        }
        return rows;
    }

    /** The pins as the tape found them after tacking; where they are elsewhere the tube can be cut to them. */
    private void asFound(List<Node> rows, LinkCut cut, BoltFit fit) {
        Words w = pane.words();
        Label said = Labels.sentence(w.text(fit.said()), "working-why");
        said.setId("cut-found");
        rows.add(said);
        if (cut.computed().isEmpty() || Math.abs(fit.off()) <= TapedTube.AGREE + 1e-9) {
            return;
        }
        double planned = cut.tubeLength().orElse(cut.computed().getAsDouble());
        double length = Quantity.LENGTH.onGrid(planned + fit.off());
        rows.add(Labels.button(
                "cut-as-found",
                w.text("cutlist.as_found", Message.length(length)),
                () -> decide(cut, new TapedTube(length, Optional.empty()), true, w.text("cutlist.found_why"))));
    }

    private void decide(LinkCut cut, TapedTube taped, boolean asTaped, String why) {
        if (why.isBlank()) {
            pane.complain(pane.words().text("cutlist.why_wanted"));
            return;
        }
        change(
                cut,
                make -> make.withTaped(Optional.of(
                        new TapedTube(taped.length(), Optional.of(new TapedTube.Decision(asTaped, why.strip()))))),
                false);
    }

    private void change(LinkCut cut, UnaryOperator<LinkMake> how) {
        change(cut, how, both.isSelected());
    }

    /** Changes what a link is made of, and the one on the other side alike. */
    private void change(LinkCut cut, UnaryOperator<LinkMake> how, boolean alike) {
        Axle axle = cut.axle();
        Optional<String> mirrored = alike
                ? Optional.of(SidedName.of(cut.link().name()).mirrored())
                        .filter(name -> axle.link(name).isPresent())
                : Optional.empty();
        UnaryOperator<Link> each = link -> {
            if (link.name().equals(cut.link().name())) {
                return link.withMake(how.apply(link.make()));
            }
            return mirrored.filter(link.name()::equals).isPresent()
                    ? link.withMake(how.apply(link.make().mirrored()).mirrored())
                    : link;
        };
        boolean done = pane.document()
                .change(
                        pane.vehicle().withAxle(axle.withLinkage(axle.linkage().mapLinks(each))),
                        Message.of("change.made", cut.link().name()),
                        "");
        if (!done) {
            pane.refresh();
        }
    }
}
