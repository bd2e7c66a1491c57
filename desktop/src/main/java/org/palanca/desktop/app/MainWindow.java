package org.palanca.desktop.app;

import java.io.File;
import java.nio.file.Path;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.util.Duration;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.AnalysisWorker;
import org.palanca.desktop.board.MeasuringTool;
import org.palanca.desktop.command.Command;
import org.palanca.desktop.command.CommandFinder;
import org.palanca.desktop.control.Hand;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.document.CrashRecovery;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.document.FileAsker;
import org.palanca.desktop.document.Settings;
import org.palanca.desktop.document.WindowPlace;
import org.palanca.desktop.guide.GuideBar;
import org.palanca.desktop.start.NewVehiclePane;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.StepList;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.strips.StripColumn;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Note;
import org.palanca.vehicle.Vehicle;

/** Arranges the window: whose vehicle at the top, the steps at the left, the open step, its results, one sentence below. */
public final class MainWindow {
    /** What is worked out beside the window begins when the hand rests: it must not hold up a drag. */
    static final Duration REST = Duration.millis(120);

    private static final PseudoClass NARROW = PseudoClass.getPseudoClass("narrow");

    /** Width of a window under which its columns are narrow [em]. */
    private static final double NARROWEST = 58;

    private static final String STYLE_SHEET = "/org/palanca/desktop/palanca.css";

    private final Stage stage;
    private final Settings settings;
    private final Appearance appearance;
    private final FileAsker asker;
    private final Document document;
    private final BoardState state = new BoardState();
    private final ObjectProperty<Step> openStep = new SimpleObjectProperty<>(Steps.BOARD);
    private final AnalysisWorker analyses = new AnalysisWorker();
    private final CrashRecovery recovery;
    private final BorderPane root = new BorderPane();
    private final OpenPage page = new OpenPage();
    private final NotesPage notes;
    private final Copies copies = new Copies(this::words);
    private final StackPane middle = new StackPane();
    private final Map<Step, StepPane> panes = new HashMap<>();

    /** Panes that were not shown when words, units or looks were changed. */
    private final Set<StepPane> stale = new HashSet<>();

    private final StripColumn strips;
    private final StepList steps;
    private final StepStates states;
    private final NewVehiclePane newVehicle;
    private final NoticeBar notices;
    private final GuideBar guide;
    private final PrintPreview preview;
    private final StatusLine status;
    private final TopBar topBar;
    private final CommandFinder finder;
    private final FileActions files;
    private final WindowCommands commands;

    public MainWindow(Stage stage, Settings settings, FileAsker asker) {
        this.stage = stage;
        this.settings = settings;
        this.asker = asker;
        appearance = new Appearance(settings, this::relabel);
        document = new Document(Examples.start(words().text("new.name_value")));
        recovery = new CrashRecovery(settings.folder(), document);
        notices = new NoticeBar(words().text("notice.dismiss"));
        status = new StatusLine(document, openStep, this::words, this::focusBoard);
        document.setOnRefused(reason -> status.complain(words().text(reason)));
        strips = new StripColumn(document, state, this::words, appearance::theme, status::complain);
        steps = new StepList(Steps.STAGES, openStep, this::words);
        states = new StepStates(steps, status::show, status::failed);
        guide = new GuideBar(
                document,
                state,
                analyses.analysis(),
                () -> document.tryout().shown().isPresent(),
                this::words,
                this::open);
        preview = new PrintPreview(page, this::words, notices, guide::sheetSeen, this::focusBoard);
        files = new FileActions(document, state, settings, this::words, asker, notices, preview, this::opened);
        notes = new NotesPage(page, document, asker, this::words, this::focusBoard);
        newVehicle = new NewVehiclePane(this::words, appearance::theme, this::started, this::showStep);
        commands = new WindowCommands(this);
        finder = new CommandFinder(commands.all(), words());
        topBar = new TopBar(document, recovery, state, settings, this::words, commands.all(), files, this::workOn);
        arrange();
        stage.setScene(scene());
        Hand.follow(stage, stage.getScene());
        stage.setMinWidth(960);
        stage.setMinHeight(600);
        stage.setOnCloseRequest(event -> {
            event.consume();
            files.whenWorkIsSafe(this::closeForGood);
        });
        applyLook();
        stage.getScene().widthProperty().addListener((o, before, now) -> narrow());
        topBar.relabel();
        listen();
    }

    private void arrange() {
        StackPane centre = new StackPane(middle, page, finder);
        middle.setMinSize(0, 0);
        centre.setMinSize(0, 0);
        StackPane.setAlignment(finder, Pos.TOP_CENTER);
        finder.setMaxHeight(420);
        ScrollPane left = new ScrollPane(steps);
        left.setFitToWidth(true);
        left.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        left.getStyleClass().add("rail-scroll");
        left.setMinSize(0, 0);
        left.setFocusTraversable(false);
        openStep.addListener((o, before, now) -> {
            left.layout();
            left.setVvalue(steps.place(now));
        });
        newVehicle.setVisible(false);
        newVehicle.setMinSize(0, 0);
        newVehicle.managedProperty().bind(newVehicle.visibleProperty());
        root.setTop(new VBox(topBar, guide, notices));
        VBox.setVgrow(left, Priority.ALWAYS);
        root.setLeft(new VBox(left, notes.button(this::note)));
        root.setCenter(centre);
        root.setRight(strips);
        root.setBottom(status);
    }

    private Scene scene() {
        Scene scene = new Scene(root, WindowPlace.WIDTH, WindowPlace.HEIGHT);
        scene.getStylesheets().add(MainWindow.class.getResource(STYLE_SHEET).toExternalForm());
        for (Command command : commands.all()) {
            if (command.keys() != null) {
                scene.getAccelerators().put(command.keys(), command::run);
            }
        }
        TermTip.on(scene, this::words);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::undoBeforeFields);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::enterTakes);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::arrowsMove);
        scene.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                escape(scene.getFocusOwner());
                event.consume();
            }
        });
        return scene;
    }

    /** Leaves what was opened last: a page, the form of a new vehicle, a working, a field. */
    private void escape(Node focused) {
        if (page.isVisible()) {
            page.close();
        } else if (newVehicle.isVisible()) {
            showStep();
        } else if (state.litProperty().get() != null) {
            state.litProperty().set(null);
        } else {
            leaveForm(focused);
        }
    }

    /** Enter takes what is focused, as the space bar does. */
    private void enterTakes(KeyEvent event) {
        Node focused = stage.getScene().getFocusOwner();
        boolean plain = event.getCode() == KeyCode.ENTER && !event.isShortcutDown();
        if (plain && focused instanceof ButtonBase button && !(focused instanceof MenuButton)) {
            button.fire();
            event.consume();
        }
    }

    /** Arrows move the selected mount wherever the keyboard is, but where they have a meaning of their own. */
    private void arrowsMove(KeyEvent event) {
        Node focused = stage.getScene().getFocusOwner();
        boolean own = focused instanceof TextInputControl
                || focused instanceof ComboBoxBase<?>
                || focused instanceof MenuButton
                || focused instanceof ListView<?>
                || inside(focused, steps)
                || inside(focused, pane(openStep.get()));
        if (event.getCode().isArrowKey()
                && !own
                && openStep.get() == Steps.BOARD
                && state.selectionProperty().get() != null) {
            Node board = pane(Steps.BOARD).lookup("#board");
            if (event.getTarget() == board) {
                // Handed on already.
                return;
            }
            board.fireEvent(event.copyFor(board, board));
            event.consume();
        }
    }

    private static boolean inside(Node node, Node parent) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at == parent) {
                return true;
            }
        }
        return false;
    }

    /** Esc in a field gives the keyboard back to the drawing of the open step. */
    private void leaveForm(Node focused) {
        Node board = pane(openStep.get()).lookup(".board");
        if (focused instanceof TextInputControl && board != null) {
            board.requestFocus();
            if (!board.isFocused()) {
                steps.focus(openStep.get());
            }
        }
    }

    /** A field keeps the undo keys for its own text only while something is being typed in it. */
    private void undoBeforeFields(KeyEvent event) {
        boolean typing = stage.getScene().getFocusOwner() instanceof TextInputControl field
                && !field.getText().isEmpty()
                && !(field instanceof MeasureField measure && !measure.editing());
        for (Command command : commands.all()) {
            boolean history = command.id().equals("undo") || command.id().equals("redo");
            KeyCombination keys = command.keys();
            if (history && !typing && keys != null && keys.match(event)) {
                command.run();
                event.consume();
            }
        }
    }

    private void closeForGood() {
        recovery.clear();
        stage.close();
    }

    private void listen() {
        document.replacements().addListener((o, before, now) -> analyses.forget());
        document.vehicleProperty().addListener((o, before, now) -> refresh());
        document.baselineProperty().addListener((o, before, now) -> refresh());
        state.poseProperty().addListener((o, before, now) -> {
            analyse();
            topBar.refresh();
        });
        state.axleProperty().addListener((o, before, now) -> refresh());
        state.litProperty().addListener((o, before, now) -> analyse());
        openStep.addListener((o, before, now) -> showStep());
        document.fileProperty().addListener((o, before, now) -> title());
        document.unsaved().addListener((o, before, now) -> title());
        document.savedAt().addListener((o, before, now) -> topBar.refresh());
        recovery.copiedAt().addListener((o, before, now) -> topBar.refresh());
        stage.getScene().setOnDragOver(event -> {
            if (event.getDragboard().hasFiles()) {
                event.acceptTransferModes(TransferMode.COPY);
            }
        });
        stage.getScene().setOnDragDropped(event -> {
            List<Path> dropped =
                    event.getDragboard().getFiles().stream().map(File::toPath).toList();
            event.setDropCompleted(true);
            files.dropped(dropped);
        });
        analyses.analysis().addListener((o, before, now) -> {
            strips.show(now);
            status.show(now);
        });
        showStep();
    }

    // --- What is shown ---------------------------------------------------------------------------------------------

    /** Asks for everything that is shown of the vehicle, axle and pose of this moment. */
    private void refresh() {
        Vehicle vehicle = document.vehicle();
        if (vehicle.axle(state.axleProperty().get()).isEmpty()) {
            state.axleProperty().set(vehicle.axles().get(0).place());
            return;
        }
        analyse();
        topBar.refresh();
        states.show(vehicle);
    }

    private void analyse() {
        Vehicle vehicle = document.vehicle();
        AxlePlace place = state.axleProperty().get();
        if (vehicle.axle(place).isPresent()) {
            analyses.ask(
                    vehicle,
                    place,
                    state.poseProperty().get(),
                    document.baselineProperty().get(),
                    state.litProperty().get());
        }
    }

    /** The pane of a step. It joins the window when it is first wanted: each costs styling at the start. */
    StepPane pane(Step step) {
        return panes.computeIfAbsent(step, one -> {
            StepPane pane = one.pane(new WindowContext(this, asker, analyses.analysis(), commands));
            pane.setTextSize(appearance.textTimes());
            middle.getChildren().add(pane);
            return pane;
        });
    }

    private void showStep() {
        Step step = openStep.get();
        StepPane pane = pane(step);
        showOnly(pane);
        root.setRight(pane.side().orElse(strips));
        status.setVisible(true);
        sayAnew(pane);
        pane.refresh();
        if (!pane.takeFocus()) {
            steps.focus(step);
        }
    }

    private void showOnly(Node wanted) {
        middle.getChildren().forEach(node -> node.setVisible(node == wanted));
    }

    private void title() {
        String name = document.vehicle().name();
        stage.setTitle((document.unsaved().get() ? "• " : "") + name + " – Palanca");
        topBar.refresh();
    }

    /** Shows another axle, and opens files on it from now on. */
    void workOn(AxlePlace place) {
        showAxle(place);
        settings.setAxle(place);
    }

    void showAxle(AxlePlace place) {
        state.selectionProperty().set(null);
        state.litProperty().set(null);
        state.poseProperty().set(WheelTravel.RIDE);
        state.axleProperty().set(place);
    }

    void focusBoard() {
        pane(Steps.BOARD).takeFocus();
    }

    void fit() {
        panes.values().forEach(StepPane::fit);
    }

    /** Lets one view of the open step fill its board, or shows all again. */
    void enlarge() {
        pane(openStep.get()).enlarge();
    }

    /** Shows the vehicle from any side on the open step's board. */
    void turn() {
        pane(openStep.get()).turn();
    }

    /** Does something with the tape and the rulers of the open step's boards. */
    void measure(Consumer<MeasuringTool> how) {
        pane(openStep.get()).measure(how);
    }

    void find() {
        finder.open(words());
    }

    /** Puts the results of the axle on the clipboard. */
    void copyResults() {
        if (analyses.analysis().get() != null) {
            copies.copyTable(analyses.analysis().get());
            notices.say(words().text("notice.copied_results"));
        }
    }

    /** Puts what the open step draws on the clipboard. */
    void copyPicture() {
        copies.copyPicture(pane(openStep.get()));
        notices.say(words().text("notice.copied_picture"));
    }

    /** Opens a page to be read. */
    public void read(String page) {
        Words w = words();
        this.page.open(
                w.text("command." + page),
                w.text("page.close"),
                page.equals("keys") ? HelpPages.keys(commands.all(), w) : HelpPages.about(w),
                this::focusBoard);
    }

    /** Opens what is written about what is in hand, or else about the open step of the axle. */
    void note() {
        note(pane(openStep.get())
                .subject()
                .orElse(new Note.Subject(
                        Note.Kind.STEP,
                        Optional.of(state.axleProperty().get()),
                        openStep.get().id())));
    }

    /** Opens what is written about something. */
    void note(Note.Subject about) {
        notes.open(about);
    }

    /** Takes the next mount in hand, or the one before, as its key does on the board. */
    public void nextMount(KeyCode key) {
        Node board = pane(openStep.get()).lookup(".board");
        if (board != null) {
            board.requestFocus();
            board.fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, false, false, false, false));
        }
    }

    /** Does what the sentence at the foot proposes. */
    void attempt() {
        status.attempt();
    }

    /** Says what is wrong with something typed, until the next change. */
    void complain(String text) {
        status.complain(text);
    }

    /** Says something above the board until it is dismissed. */
    void tell(Message message) {
        notices.say(words().text(message));
    }

    // --- Vehicles --------------------------------------------------------------------------------------------------

    /** Opens the demo vehicle; saving it asks for a file of the user's own. */
    public void openDemo() {
        openExample(Examples.DEMO);
    }

    /** Opens the demo vehicle and sets the first of a few small tasks on it. */
    void startGuide() {
        openDemo();
        guide.start();
    }

    /** Opens an example that ships; saving it asks for a file of the user's own. */
    void openExample(String name) {
        document.replace(Examples.read(name), null, false);
        opened(AxlePlace.REAR);
    }

    /** Shows the questions that start a new vehicle. */
    public void startNew() {
        newVehicle.build();
        if (!middle.getChildren().contains(newVehicle)) {
            middle.getChildren().add(newVehicle);
        }
        showOnly(newVehicle);
        // What is known of the vehicle that was open says nothing of the one that is asked for.
        root.setRight(null);
        status.setVisible(false);
    }

    /** Goes on with a vehicle that has no file yet, once the work that is open is safe. */
    void started(Vehicle vehicle) {
        files.whenWorkIsSafe(() -> {
            document.replace(vehicle, null, false);
            opened(AxlePlace.REAR);
        });
    }

    /** A file goes on where the work was. */
    private void opened() {
        opened(settings.axle());
    }

    private void opened(AxlePlace wanted) {
        Vehicle vehicle = document.vehicle();
        showAxle(
                vehicle.axle(wanted).isPresent()
                        ? wanted
                        : vehicle.axles().get(0).place());
        openStep.set(Steps.BOARD);
        showStep();
        refresh();
        title();
    }

    /** Tells of work that a crash left: which, from when, what of it is in no file; asks what to do with it. */
    public void offerRecovered(CrashRecovery.Left left) {
        Words w = words();
        String from = left.original()
                .map(path -> w.text("notice.rescued_from", path.getFileName()))
                .orElse(w.text("notice.rescued_new"));
        String when = DateTimeFormatter.ofLocalizedDateTime(FormatStyle.MEDIUM, FormatStyle.SHORT)
                .format(left.when());
        String changes = left.changes().stream().map(w::text).collect(Collectors.joining("; "));
        String said = w.text("notice.rescued", left.vehicle().name(), from, when);
        notices.ask(
                changes.isEmpty() ? said : said + " " + w.text("notice.rescued_changes", changes),
                new NoticeBar.Choice(w.text("notice.restore"), () -> {
                    document.restore(left.vehicle(), left.original().orElse(null));
                    CrashRecovery.forget(left.copy());
                    opened();
                }),
                new NoticeBar.Choice(w.text("notice.forget"), () -> askToForget(left)),
                new NoticeBar.Choice(w.text("notice.later"), () -> {}));
    }

    /** What is deleted can't be brought back. */
    private void askToForget(CrashRecovery.Left left) {
        notices.ask(
                words().text("notice.forget_sure", left.vehicle().name()),
                new NoticeBar.Choice(words().text("notice.forget"), () -> CrashRecovery.forget(left.copy())),
                new NoticeBar.Choice(words().text("notice.keep_copy"), () -> {}));
    }

    /** Tells of a failure nobody foresaw; the work is in memory and in the recovery copy. */
    void unexpected(Throwable failure) {
        notices.say(words().text("notice.unexpected", String.valueOf(failure.getMessage())));
    }

    // --- Looks -----------------------------------------------------------------------------------------------------

    private void applyLook() {
        appearance.dress(root);
        narrow();
        strips.setTextSize(appearance.textTimes());
    }

    /** A window that is small for its text gives the drawing its room and takes it from the columns beside it. */
    private void narrow() {
        double width = stage.getScene().getWidth();
        root.pseudoClassStateChanged(NARROW, width > 0 && width < appearance.ems(NARROWEST));
    }

    /** Colours, text, words and units. */
    Appearance appearance() {
        return appearance;
    }

    private void relabel() {
        applyLook();
        topBar.relabel();
        guide.relabel();
        notes.relabel();
        states.relabel();
        refresh();
        // What is not shown is said anew when it is: all at once would hold the window up.
        stale.addAll(panes.values());
        sayAnew(pane(openStep.get()));
    }

    private void sayAnew(StepPane pane) {
        if (stale.remove(pane)) {
            pane.setTextSize(appearance.textTimes());
            pane.relabel();
            pane.refresh();
        }
    }

    // --- For whoever shows it --------------------------------------------------------------------------------------

    /** The words and units of this moment. */
    public Words words() {
        return appearance.words();
    }

    /** The step that is open; setting it opens another. */
    public ObjectProperty<Step> openStep() {
        return openStep;
    }

    /** Opens a step by its id and gives what it shows. */
    public StepPane open(String step) {
        openStep.set(Steps.step(step));
        return pane(openStep.get());
    }

    /** Whether the results that are shown are those of this moment. */
    public boolean upToDate() {
        return analyses.upToDate();
    }

    /** Whether nothing that the list of steps or the foot says is still being worked out. */
    boolean settled() {
        return upToDate() && states.settled() && status.settled();
    }

    /** Shows the window. */
    public void show() {
        refresh();
        stage.show();
        pane(openStep.get()).refresh();
        focusBoard();
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
        commands.dispose();
        preview.dispose();
        status.dispose();
        states.dispose();
        analyses.dispose();
        panes.values().forEach(StepPane::dispose);
        recovery.finish();
    }
}
