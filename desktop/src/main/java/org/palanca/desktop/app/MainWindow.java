package org.palanca.desktop.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableBooleanValue;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.util.Duration;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.units.UnitStyle;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.desktop.board.BoardView;
import org.palanca.desktop.command.Command;
import org.palanca.desktop.command.CommandFinder;
import org.palanca.desktop.control.LatestTask;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.cycle.CyclePane;
import org.palanca.desktop.cycle.ShaftPane;
import org.palanca.desktop.cycle.ShocksPane;
import org.palanca.desktop.cycle.SlopePane;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.document.CrashRecovery;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.document.Settings;
import org.palanca.desktop.floor.FitPane;
import org.palanca.desktop.floor.FloorPane;
import org.palanca.desktop.floor.FloorStates;
import org.palanca.desktop.floor.HousingPane;
import org.palanca.desktop.floor.MeasurePane;
import org.palanca.desktop.floor.PlacePane;
import org.palanca.desktop.start.NewVehiclePane;
import org.palanca.desktop.steps.ComparePane;
import org.palanca.desktop.steps.CutListPane;
import org.palanca.desktop.steps.GoalsPane;
import org.palanca.desktop.steps.MountBar;
import org.palanca.desktop.steps.SteerPane;
import org.palanca.desktop.steps.Step;
import org.palanca.desktop.steps.StepList;
import org.palanca.desktop.strips.StripColumn;
import org.palanca.desktop.theme.Theme;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.io.json.VehicleFile;
import org.palanca.io.json.VehicleFileException;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.Scorecard;
import org.palanca.study.limits.LeafChange;
import org.palanca.study.steering.PickupAdvice;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.HoleMoves;
import org.palanca.vehicle.edit.LeafMoves;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterVehicle;

/** Puts the window together and keeps its parts showing the same vehicle at the same pose. */
public final class MainWindow {
    private static final String STYLE_SHEET = "/org/palanca/desktop/palanca.css";
    private static final String BUNDLE = "org.palanca.desktop.desktop";
    private static final String EXAMPLES = "/org/palanca/examples/";
    private static final String DEMO = "tarn-4.palanca.json";
    private static final List<String> PAD_COMMANDS = List.of("ride", "bump", "droop", "twist", "play");
    private static final List<String> WORST_POSES = List.of("bump", "droop", "left_up", "right_up");
    private static final double BASE_TEXT = 14;

    /** Toe that moves more than this through the travel holds the steer step [degrees]: common practice, no source. */
    private static final double TOE_WORTH_A_LOOK = 0.5;

    /** How the floor stands is worked out when the hand rests: it must not hold up a drag. */
    private static final Duration FLOOR_REST = Duration.millis(120);

    private static final int DIGITS = 9;

    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    private final Stage stage;
    private final Settings settings;
    private final Document document;
    private final BoardState state = new BoardState();
    private final CrashRecovery rescue;
    private final BorderPane root = new BorderPane();
    private final StackPane middle = new StackPane();
    private final VBox links = new VBox();
    private final BoardView board;
    private final MountBar mountBar;
    private final StripColumn strips;
    private final StepList rail;
    private final GoalsPane goals;
    private final SteerPane steer;
    private final ComparePane compare;
    private final CutListPane make;
    private final MeasurePane measure;
    private final FitPane fit;
    private final HousingPane housing;
    private final PlacePane place;
    private final CyclePane cycle;
    private final ShocksPane shocks;
    private final ShaftPane shaft;
    private final SlopePane slope;
    private final NewVehiclePane newVehicle;
    private final NoticeBar notices;
    private final StatusLine trouble;
    private final TopBar topBar;
    private final CommandFinder finder;
    private final FileActions files;
    private final Playback playback;
    private final LatestTask leafChange = new LatestTask("leaf springs", FLOOR_REST);
    private final LatestTask floorStates = new LatestTask("floor states", FLOOR_REST);
    private final List<Command> commands;
    private Words words;
    private Vehicle cardedVehicle;

    public MainWindow(Stage stage, Settings settings, FileAsker asker) {
        this.stage = stage;
        this.settings = settings;
        words = Words.load(Locale.getDefault(), new UnitStyle(settings.lengths()), BUNDLE);
        document = new Document(new StarterVehicle(
                        words.text("new.name_value"),
                        Use.TRAIL,
                        StarterVehicle.WHEELBASE,
                        StarterVehicle.tyre(Use.TRAIL),
                        Optional.of(StarterLayout.of(SuspensionType.THREE_LINK_PANHARD)),
                        StarterLayout.of(SuspensionType.TRIANGULATED_UPPERS))
                .build());
        rescue = new CrashRecovery(settings.folder(), document);
        notices = new NoticeBar(words.text("notice.dismiss"));
        trouble = new StatusLine(document, this::words, () -> board().requestFocus());
        document.setOnRefused(reason -> trouble.complain(words.text(reason)));
        playback = new Playback(document, state);
        mountBar = new MountBar(document, state, this::words, trouble::complain);
        strips = new StripColumn(document, state, this::words, settings::theme, trouble::complain);
        rail = new StepList(state, this::words);
        goals = new GoalsPane(document, this::words, settings::theme, trouble::complain);
        files = new FileActions(document, state, settings, this::words, asker, notices, this::opened);
        make = new CutListPane(document, this::words, settings::theme, files::sheet);
        steer = new SteerPane(document, state, this::words, settings::theme);
        compare = new ComparePane(document, state, this::words, settings::theme);
        FloorPane.Context floor =
                new FloorPane.Context(document, state, this::words, settings::theme, trouble::complain);
        measure = new MeasurePane(floor, asker::toOpen);
        fit = new FitPane(floor);
        housing = new HousingPane(floor, files::housingSheet);
        place = new PlacePane(floor, files::placingSheets);
        cycle = new CyclePane(floor, files::cycleSheet, asker::toOpen);
        shocks = new ShocksPane(floor, new ShocksPane.FileWindow() {
            @Override
            public Optional<Path> toOpen(String title) {
                return asker.toOpen(title);
            }

            @Override
            public Optional<Path> toSave(String title, String name) {
                return asker.toSave(title, name);
            }
        });
        shaft = new ShaftPane(floor);
        slope = new SlopePane(floor);
        newVehicle = new NewVehiclePane(this::words, settings::theme, this::started, this::leaveNew);
        commands = commands();
        board = new BoardView(
                document,
                state,
                this::words,
                settings::theme,
                commands.stream()
                        .filter(command -> PAD_COMMANDS.contains(command.id()))
                        .toList());
        finder = new CommandFinder(commands, words);
        topBar = new TopBar(document, state, settings, this::words, commands, files, this::setAxle);
        lay();
        listen();
    }

    private void lay() {
        VBox.setVgrow(board, Priority.ALWAYS);
        links.getChildren().addAll(mountBar, board);
        middle.getChildren().add(links);
        StackPane centre = new StackPane(middle, finder);
        StackPane.setAlignment(finder, Pos.TOP_CENTER);
        finder.setMaxHeight(420);
        root.setTop(new VBox(topBar, notices));
        ScrollPane steps = new ScrollPane(rail);
        steps.setFitToWidth(true);
        steps.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        steps.getStyleClass().add("rail-scroll");
        steps.setMinSize(0, 0);
        steps.setFocusTraversable(false);
        state.stepProperty()
                .addListener((o, before, now) -> steps.setVvalue((double) now.ordinal() / (Step.values().length - 1)));
        root.setLeft(steps);
        root.setCenter(centre);
        root.setRight(strips);
        root.setBottom(trouble);
        newVehicle.setVisible(false);
        for (Region pane : panes()) {
            pane.setMinSize(0, 0);
            pane.managedProperty().bind(pane.visibleProperty());
        }
        for (Region pane : List.of(middle, centre)) {
            pane.setMinSize(0, 0);
        }
        Scene scene = new Scene(root, WIDTH, HEIGHT);
        scene.getStylesheets().add(MainWindow.class.getResource(STYLE_SHEET).toExternalForm());
        for (Command command : commands) {
            if (command.keys() != null) {
                scene.getAccelerators().put(command.keys(), command::run);
            }
        }
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::undoBeforeFields);
        scene.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE && state.litProperty().get() != null) {
                state.litProperty().set(null);
                event.consume();
            }
        });
        stage.setScene(scene);
        stage.setMinWidth(960);
        stage.setMinHeight(600);
        stage.setOnCloseRequest(event -> {
            if (document.unsaved().get()) {
                event.consume();
                files.whenWorkIsSafe(this::closeForGood);
            }
        });
        applyLook();
    }

    /** A field keeps the undo keys for its own text only while something is being typed in it. */
    private void undoBeforeFields(KeyEvent event) {
        boolean typing = stage.getScene().getFocusOwner() instanceof TextInputControl field
                && !field.getText().isEmpty()
                && !(field instanceof MeasureField measure && !measure.editing());
        for (Command command : commands) {
            boolean history = command.id().equals("undo") || command.id().equals("redo");
            if (history && !typing && command.keys().match(event)) {
                command.run();
                event.consume();
            }
        }
    }

    private void closeForGood() {
        rescue.clear();
        stage.close();
    }

    private void listen() {
        document.vehicleProperty().addListener((o, before, now) -> refresh());
        document.baselineProperty().addListener((o, before, now) -> refresh());
        state.poseProperty().addListener((o, before, now) -> refresh());
        state.axleProperty().addListener((o, before, now) -> refresh());
        state.litProperty().addListener((o, before, now) -> board.draw());
        state.stepProperty().addListener((o, before, now) -> showStep());
        document.fileProperty().addListener((o, before, now) -> title());
        document.unsaved().addListener((o, before, now) -> title());
        showStep();
    }

    private List<Command> commands() {
        ObservableBooleanValue hasTwoAxles =
                Bindings.createBooleanBinding(() -> document.vehicle().axles().size() > 1, document.vehicleProperty());
        List<Command> all = new ArrayList<>();
        all.add(Command.of("new", "Shortcut+N", this::startNew));
        all.add(Command.of("open", "Shortcut+O", files::askAndOpen));
        all.add(Command.of("save", "Shortcut+S", files::save));
        all.add(Command.of("save_as", "Shortcut+Shift+S", files::saveAs));
        all.add(Command.of("sheet", "Shortcut+P", files::sheet));
        all.add(Command.of("housing_sheet", "", files::housingSheet));
        all.add(Command.of("placing_sheets", "", () -> files.placingSheets(Optional.empty())));
        all.add(Command.of("demo", "", () -> files.whenWorkIsSafe(this::openDemo)));
        all.add(Command.of("undo", "Shortcut+Z", document.undoAvailable(), document::undo));
        all.add(Command.of("redo", "Shortcut+Y", document.redoAvailable(), document::redo));
        all.add(Command.of(
                "pin", "Shortcut+B", () -> document.baselineProperty().set(document.vehicle())));
        all.add(Command.of("try", "Shortcut+Enter", trouble::attempt));
        all.add(Command.of("other_axle", "F6", hasTwoAxles, this::otherAxle));
        all.add(Command.of("ride", "F2", () -> pose(0, 0)));
        all.add(Command.of("bump", "F3", () -> pose(1, 1)));
        all.add(Command.of("droop", "F4", () -> pose(-1, -1)));
        all.add(Command.of("twist", "F5", () -> pose(1, -1)));
        all.add(Command.of("steer_left", "F7", () -> steerTo(1)));
        all.add(Command.of("steer_right", "F8", () -> steerTo(-1)));
        all.add(Command.of("steer_straight", "Shift+F2", () -> steerTo(0)));
        for (int i = 0; i < WORST_POSES.size(); i++) {
            int number = i;
            all.add(Command.of("worst_" + WORST_POSES.get(i), "Alt+" + (i + 1), () -> worstPose(number)));
        }
        all.add(Command.of("cycle_sheet", "", files::cycleSheet));
        all.add(Command.of("keep_hole", "Shortcut+H", this::keepHole));
        all.add(Command.of(
                "leaf_block", "", () -> arrangeLeaves((v, place) -> LeafMoves.block(v, place, Lengths.INCH))));
        all.add(Command.of("leaf_side", "", () -> arrangeLeaves(LeafMoves::otherSide)));
        all.add(Command.of("leaf_swap", "", () -> arrangeLeaves(LeafMoves::swapEnds)));
        all.add(Command.of("play", "F9", playback::toggle));
        all.add(Command.of("fit", "Shortcut+0", this::fit));
        for (Step step : Step.values()) {
            // The digits end at nine; the rail goes on with Shift.
            int number = step.ordinal() + 1;
            String keys = number <= DIGITS ? "Shortcut+" + number : "Shortcut+Shift+" + (number - DIGITS);
            all.add(Command.of(
                    "step_" + step.name().toLowerCase(Locale.ROOT),
                    keys,
                    () -> state.stepProperty().set(step)));
        }
        all.add(Command.of("board", "Shortcut+D", () -> board().requestFocus()));
        all.add(Command.of("units", "Shortcut+U", this::nextUnits));
        all.add(Command.of(
                "theme", "Shortcut+T", () -> setTheme(settings.theme().other())));
        all.add(Command.of("larger", "Shortcut+Equals", () -> stepText(1)));
        all.add(Command.of("smaller", "Shortcut+Minus", () -> stepText(-1)));
        all.add(Command.of("find", "Shortcut+K", () -> finder.open(words)));
        return List.copyOf(all);
    }

    private void fit() {
        board().fit();
        floors().forEach(FloorPane::fit);
    }

    // --- What is shown ---------------------------------------------------------------------------------------------

    /** Works out and draws everything for the vehicle, axle and pose of this moment. */
    private void refresh() {
        Vehicle vehicle = document.vehicle();
        AxlePlace place = state.axleProperty().get();
        if (vehicle.axle(place).isEmpty()) {
            state.axleProperty().set(vehicle.axles().get(0).place());
            return;
        }
        Vehicle baseline = document.baselineProperty().get();
        Analysis analysis = new Analysis(vehicle, place, state.poseProperty().get(), baseline);
        board.show(analysis, baseline);
        strips.show(analysis);
        trouble.show(analysis);
        topBar.refresh();
        if (vehicle != cardedVehicle) {
            cardedVehicle = vehicle;
            railStates(vehicle);
        }
    }

    private void railStates(Vehicle vehicle) {
        for (Step step : Step.values()) {
            rail.name(step);
        }
        rail.show(
                Step.GOALS,
                words.text("use." + vehicle.use().id()) + " · "
                        + words.units().text(vehicle.wheelbase(), Quantity.LENGTH),
                false);
        long out = 0;
        for (Axle axle : vehicle.axles()) {
            out += Scorecard.of(new AxleModel(vehicle, axle.place())).marks().stream()
                    .filter(mark -> mark.distance() != 0)
                    .count();
        }
        rail.show(
                Step.LINKS,
                out == 0 ? words.text("rail.in_band") : words.text("rail.out", Long.toString(out)),
                out > 0);
        railFloor(vehicle);
        railSteer(vehicle);
        int schemes = vehicle.schemes().size();
        rail.show(
                Step.COMPARE,
                schemes == 0 ? words.text("rail.compare_none") : words.text("rail.compare", Integer.toString(schemes)),
                false);
        List<LinkCut> cuts = LinkCut.list(vehicle);
        boolean breaks = cuts.stream().anyMatch(cut -> !cut.out().meetsRule() || !cut.makeable(vehicle.hardware()));
        String make = out > 0 ? "rail.make_wait" : breaks ? "rail.make_threads" : "rail.make_ready";
        rail.show(Step.MAKE, words.text(make, Integer.toString(cuts.size())), out > 0 || breaks);
    }

    /** How the steps on the floor stand, whichever axle is on the board. */
    private void railFloor(Vehicle vehicle) {
        floorStates.ask(
                goOn -> FloorStates.of(vehicle),
                all -> {
                    all.steps().forEach((step, how) -> rail.show(step, words.text(how.message()), how.held()));
                    trouble.show(all.assessment());
                },
                trouble::failed);
    }

    /** Toe through the travel of the axle that steers; of two, the one that steers more by itself. */
    private void railSteer(Vehicle vehicle) {
        List<Axle> steered = vehicle.axles().stream()
                .filter(axle -> axle.steering().isPresent())
                .toList();
        double limit = Math.toRadians(TOE_WORTH_A_LOOK);
        double toe = steered.stream()
                .mapToDouble(axle -> PickupAdvice.largestToeChange(vehicle, axle.place()))
                .max()
                .orElse(0);
        rail.show(
                Step.STEER,
                !steered.isEmpty() ? words.text("rail.steer_toe", Message.angle(toe)) : words.text("rail.steer_none"),
                toe > limit);
    }

    private List<Region> panes() {
        return List.of(
                links,
                goals,
                measure,
                fit,
                housing,
                steer,
                compare,
                place,
                cycle,
                shocks,
                shaft,
                slope,
                make,
                newVehicle);
    }

    private List<FloorPane> floors() {
        return List.of(measure, fit, housing, place, cycle, shocks, shaft, slope);
    }

    private Region pane(Step step) {
        return switch (step) {
            case GOALS -> goals;
            case MEASURE -> measure;
            case AXLE -> fit;
            case HOUSING -> housing;
            case LINKS -> links;
            case STEER -> steer;
            case COMPARE -> compare;
            case PLACE -> place;
            case CYCLE -> cycle;
            case SHOCKS -> shocks;
            case SHAFT -> shaft;
            case SLOPE -> slope;
            case MAKE -> make;
        };
    }

    private void showStep() {
        Step step = state.stepProperty().get();
        showOnly(pane(step));
        switch (step) {
            case GOALS -> goals.refresh();
            case STEER -> steer.refresh();
            case COMPARE -> compare.refresh();
            case MAKE -> make.refresh();
            case MEASURE, AXLE, HOUSING, PLACE, CYCLE, SHOCKS, SHAFT, SLOPE -> ((FloorPane) pane(step)).refresh();
            case LINKS -> board.requestFocus();
        }
        if (step != Step.LINKS) {
            rail.focus(step);
        }
    }

    /** One pane in the middle, and beside it the results, or what that pane puts there. */
    private void showOnly(Region wanted) {
        onTheBoard(wanted);
        panes().forEach(pane -> pane.setVisible(pane == wanted));
        root.setRight(wanted instanceof FloorPane floor ? floor.side() : strips);
    }

    /** Panes join the window when they are first wanted: each costs styling at the start. */
    private void onTheBoard(Node pane) {
        if (!middle.getChildren().contains(pane)) {
            middle.getChildren().add(pane);
        }
    }

    private void title() {
        String name = document.vehicle().name();
        stage.setTitle((document.unsaved().get() ? "• " : "") + name + " – Palanca");
        topBar.refresh();
    }

    private void setAxle(AxlePlace place) {
        state.selectionProperty().set(null);
        state.litProperty().set(null);
        state.poseProperty().set(WheelTravel.RIDE);
        state.axleProperty().set(place);
    }

    private void otherAxle() {
        setAxle(state.axleProperty().get() == AxlePlace.FRONT ? AxlePlace.REAR : AxlePlace.FRONT);
    }

    /** Full bump for 1, full droop for -1, each side; a twist goes as far as the shorter of the two. */
    private void pose(int left, int right) {
        playback.stop();
        Axle axle = document.vehicle().axle(state.axleProperty().get()).orElseThrow();
        double up = axle.travel().bump();
        double down = axle.travel().droop();
        state.poseProperty()
                .set(new WheelTravel(left > 0 ? up : left < 0 ? -down : 0, right > 0 ? up : right < 0 ? -down : 0));
    }

    /** One of the poses that are cycled to, on the step that shows what is near there. */
    private void worstPose(int number) {
        playback.stop();
        state.stepProperty().set(Step.CYCLE);
        cycle.goTo(number);
    }

    private void steerTo(double part) {
        playback.stop();
        state.poseProperty().set(state.poseProperty().get().withSteer(part));
    }

    /** Keeps where the mount in hand is bolted now as one of its holes. */
    private void keepHole() {
        MountRef ref = state.selectionProperty().get();
        if (ref != null) {
            document.change(
                    HoleMoves.keep(document.vehicle(), ref, words.text("compare.hole")),
                    Message.of("change.hole_kept", ref.mount()),
                    "");
        }
    }

    private void arrangeLeaves(BiFunction<Vehicle, AxlePlace, Vehicle> how) {
        AxlePlace place = state.axleProperty().get();
        boolean leaves = document.vehicle()
                .axle(place)
                .filter(axle -> !axle.linkage().leaves().isEmpty())
                .isPresent();
        if (leaves) {
            Vehicle before = document.vehicle();
            Vehicle after = how.apply(before, place);
            if (document.change(after, Message.of("change.leaf"), "")) {
                leafChange.ask(
                        goOn -> LeafChange.of(before, after, place), told -> notices.say(words.text(told.said())));
            }
        }
    }

    // --- Vehicles --------------------------------------------------------------------------------------------------

    /** Opens the demo vehicle; saving it asks for a file of the user's own. */
    public void openDemo() {
        openExample(DEMO);
    }

    /** Opens an example that ships; saving it asks for a file of the user's own. */
    void openExample(String name) {
        try {
            Path copy = Files.createTempFile("palanca-demo", VehicleFile.ENDING);
            try (var in = MainWindow.class.getResourceAsStream(EXAMPLES + name)) {
                Files.copy(in, copy, StandardCopyOption.REPLACE_EXISTING);
                document.replace(VehicleFile.open(copy).vehicle(), null, false);
            } finally {
                Files.deleteIfExists(copy);
            }
            opened();
        } catch (IOException | VehicleFileException e) {
            throw new IllegalStateException("the examples are part of the program", e);
        }
    }

    /** Shows the questions that start a new vehicle. */
    public void startNew() {
        newVehicle.build();
        showOnly(newVehicle);
    }

    void leaveNew() {
        showStep();
    }

    private void started(Vehicle vehicle) {
        files.whenWorkIsSafe(() -> {
            document.replace(vehicle, null, false);
            opened();
        });
    }

    private void opened() {
        state.selectionProperty().set(null);
        state.litProperty().set(null);
        state.poseProperty().set(WheelTravel.RIDE);
        AxlePlace shown = document.vehicle().axle(AxlePlace.REAR).isPresent() ? AxlePlace.REAR : AxlePlace.FRONT;
        state.axleProperty().set(shown);
        state.stepProperty().set(Step.LINKS);
        goals.build();
        showStep();
        refresh();
        title();
    }

    /** Offers work that a crash left behind. */
    void offerRescued(CrashRecovery.Left left) {
        notices.ask(
                words.text("notice.rescued", left.vehicle().name()),
                new NoticeBar.Choice(words.text("notice.restore"), () -> {
                    document.restore(left.vehicle(), left.original().orElse(null));
                    CrashRecovery.forget(left.copy());
                    opened();
                }),
                new NoticeBar.Choice(words.text("notice.forget"), () -> CrashRecovery.forget(left.copy())));
    }

    /** Tells of a failure nobody foresaw; the work is in memory and in the rescue copy. */
    void unexpected(Throwable failure) {
        notices.say(words.text("notice.unexpected", String.valueOf(failure.getMessage())));
    }

    // --- Looks -----------------------------------------------------------------------------------------------------

    private void applyLook() {
        root.getStyleClass().removeAll(Theme.BLUE.styleClass(), Theme.CARD.styleClass());
        root.getStyleClass().add(settings.theme().styleClass());
        double times = settings.textSize() / 100.0;
        root.setStyle("-fx-font-size: " + BASE_TEXT * times + "px;");
        board.setTextSize(times);
        strips.setTextSize(times);
        make.setTextSize(times);
        steer.setTextSize(times);
        for (FloorPane pane : floors()) {
            pane.setTextSize(times);
        }
    }

    void setTheme(Theme theme) {
        settings.setTheme(theme);
        relabel();
    }

    void setTextSize(int percent) {
        settings.setTextSize(percent);
        relabel();
    }

    private void stepText(int by) {
        int at = Settings.TEXT_SIZES.indexOf(settings.textSize()) + by;
        if (at >= 0 && at < Settings.TEXT_SIZES.size()) {
            setTextSize(Settings.TEXT_SIZES.get(at));
        }
    }

    private void nextUnits() {
        LengthStyle[] styles = LengthStyle.values();
        setUnits(styles[(settings.lengths().ordinal() + 1) % styles.length]);
    }

    /** Shows lengths in a style from now on. */
    void setUnits(LengthStyle style) {
        settings.setLengths(style);
        words = words.with(new UnitStyle(style));
        relabel();
    }

    private void relabel() {
        applyLook();
        cardedVehicle = null;
        goals.build();
        mountBar.refresh();
        refresh();
        make.refresh();
        steer.refresh();
        compare.refresh();
        for (FloorPane pane : floors()) {
            pane.relabel();
            pane.refresh();
        }
    }

    /** The pane for measuring, for what is set up before it. */
    public MeasurePane measure() {
        return measure;
    }

    CyclePane cycle() {
        return cycle;
    }

    /** The pane for slopes, for what is set up before it. */
    public SlopePane slope() {
        return slope;
    }

    /** The board, for what is set up before it. */
    public BoardView board() {
        return board;
    }

    /** The words and units of this moment. */
    public Words words() {
        return words;
    }

    /** Shows the window. */
    public void show() {
        mountBar.refresh();
        refresh();
        stage.show();
        board.requestFocus();
    }

    public Document document() {
        return document;
    }

    public BoardState state() {
        return state;
    }

    public FileActions files() {
        return files;
    }

    /** Stops what runs beside the window. */
    public void dispose() {
        playback.stop();
        trouble.dispose();
        steer.dispose();
        measure.dispose();
        cycle.dispose();
        shocks.dispose();
        slope.dispose();
        leafChange.dispose();
        floorStates.dispose();
        board.dispose();
        rescue.finish();
    }
}
