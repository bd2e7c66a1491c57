package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.palanca.desktop.app.MainWindow;
import org.palanca.desktop.board.BoardLayout;
import org.palanca.desktop.board.BoardView;
import org.palanca.desktop.control.FractionText;
import org.palanca.desktop.document.FileAsker;
import org.palanca.desktop.document.Settings;
import org.palanca.desktop.step.measure.MeasurePane;
import org.palanca.desktop.theme.Fonts;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.robot.Motion;
import org.testfx.service.query.NodeQuery;
import org.testfx.util.WaitForAsyncUtils;

/** Drives the real window with a robot. Files are asked for by the test in the user's place. */
abstract class WindowTest extends FxRobot {
    /** How long anything is waited for before it counts as stuck: nothing of what is tested, so as long as a loaded machine needs. */
    private static final Duration PATIENCE = Duration.ofMinutes(1);

    @TempDir
    protected Path folder;

    protected MainWindow window;
    protected Stage stage;
    protected Path tarn;
    protected Path nextAnswer;

    @BeforeEach
    void openTheWindow() throws Exception {
        System.setProperty(Settings.HOME_PROPERTY, folder.resolve("home").toString());
        tarn = folder.resolve("tarn.palanca.json");
        try (InputStream in = WindowTest.class.getResourceAsStream("/org/palanca/examples/tarn-4.palanca.json")) {
            Files.copy(in, tarn);
        }
        stage = FxToolkit.registerPrimaryStage();
        onFx(() -> {
            Fonts.load();
            window = new MainWindow(stage, Settings.load(), new Answers());
            window.files().open(tarn);
            window.show();
        });
        stageIsReady();
    }

    private void stageIsReady() {
        onFx(() -> {
            stage.setX(0);
            stage.setY(0);
            stage.toFront();
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    @AfterEach
    void closeTheWindow() throws Exception {
        release(new KeyCode[0]);
        release(new MouseButton[0]);
        onFx(() -> {
            window.dispose();
            stage.hide();
        });
        FxToolkit.cleanupStages();
    }

    private final class Answers implements FileAsker {
        @Override
        public Optional<Path> toOpen(String title) {
            return Optional.ofNullable(nextAnswer);
        }

        @Override
        public Optional<Path> toFolder(String title) {
            return Optional.ofNullable(nextAnswer);
        }

        @Override
        public Optional<Path> toSave(String title, String proposed) {
            return Optional.ofNullable(nextAnswer);
        }
    }

    protected void onFx(Runnable action) {
        WaitForAsyncUtils.waitForAsyncFx(PATIENCE.toMillis(), action);
        settle();
    }

    /** Looks on the window's own thread, which may be making the column anew that is looked through. */
    @Override
    public NodeQuery lookup(String query) {
        return Platform.isFxApplicationThread()
                ? super.lookup(query)
                : WaitForAsyncUtils.waitForAsyncFx(PATIENCE.toMillis(), () -> super.lookup(query));
    }

    @Override
    public FxRobot clickOn(String query, Motion motion, MouseButton... buttons) {
        settle();
        super.clickOn(query, motion, buttons);
        settle();
        return this;
    }

    /** Waits until what is shown is of this moment: the results are worked out beside the window. */
    protected void settle() {
        aFrame();
        eventually(() -> window == null || WaitForAsyncUtils.waitForAsyncFx(PATIENCE.toMillis(), window::upToDate));
        aFrame();
    }

    /** Waits until what has happened so far has been laid out. */
    private void aFrame() {
        CountDownLatch laidOut = new CountDownLatch(1);
        WaitForAsyncUtils.waitForAsyncFx(PATIENCE.toMillis(), () -> {
            Scene scene = stage.getScene();
            if (scene == null || !stage.isShowing()) {
                laidOut.countDown();
                return;
            }
            scene.addPostLayoutPulseListener(new Runnable() {
                @Override
                public void run() {
                    scene.removePostLayoutPulseListener(this);
                    laidOut.countDown();
                }
            });
            Platform.requestNextPulse();
        });
        eventually(() -> laidOut.getCount() == 0);
    }

    protected void eventually(BooleanSupplier condition) {
        try {
            WaitForAsyncUtils.waitFor(PATIENCE.toSeconds(), TimeUnit.SECONDS, condition::getAsBoolean);
        } catch (java.util.concurrent.TimeoutException e) {
            throw new AssertionError("it did not come about in " + PATIENCE.toSeconds() + " s", e);
        }
    }

    /** A strip's big value as a person reads it. */
    protected String strip(String resultId) {
        settle();
        return lookup("#value-" + resultId).queryAs(FractionText.class).plain();
    }

    protected String trouble() {
        settle();
        return plain(lookup("#trouble-text").queryAs(Label.class).getText());
    }

    protected String notice() {
        settle();
        Node notice = lookup("#notice").query();
        return notice.isVisible()
                ? plain(lookup("#notice-text").queryAs(Label.class).getText())
                : "";
    }

    /** Where a mount of the rear axle is at ride [m], vehicle frame. */
    protected Vector3D at(String mount) {
        Vehicle vehicle = window.document().vehicle();
        return vehicle.axle(AxlePlace.REAR).orElseThrow().position(mount, vehicle.wheelbase());
    }

    /** Where a mount is on the screen in an elevation. */
    protected Point2D mount(String name, Elevation elevation) {
        settle();
        AxleModel model = new AxleModel(
                window.document().vehicle(), window.state().axleProperty().get());
        model.moveTo(window.state().poseProperty().get());
        Vector3D at = AxleDrawing.mount(model, name);
        BoardLayout layout = board().layoutNow().orElseThrow();
        return board().localToScreen(layout.x(elevation, elevation.across(at)), layout.y(elevation, elevation.up(at)));
    }

    protected double pixelsPerMetre() {
        return board().layoutNow().orElseThrow().scale();
    }

    /** The travel pad on the screen. */
    protected Bounds pad() {
        Rectangle2D square = board().padNow().orElseThrow().square();
        return board().localToScreen(
                        new BoundingBox(square.getMinX(), square.getMinY(), square.getWidth(), square.getHeight()));
    }

    /** Types a measure into a field and takes it with Enter. */
    protected void type(String field, String text) {
        clickOn(field);
        onFx(() -> lookup(field).queryAs(TextInputControl.class).selectAll());
        write(text);
        push(KeyCode.ENTER);
        settle();
    }

    protected String fieldText(String field) {
        settle();
        return lookup(field).queryAs(TextInputControl.class).getText();
    }

    protected void copyExample(String name, Path to) throws IOException {
        try (InputStream in = WindowTest.class.getResourceAsStream("/org/palanca/examples/" + name)) {
            Files.copy(in, to);
        }
        assertThat(to).exists();
    }

    protected String label(String id) {
        onFx(() -> {});
        return plain(lookup(id).queryAs(Label.class).getText());
    }

    /** Presses a control wherever it has been scrolled to. */
    protected void press(String id) {
        onFx(() -> {
            Node node = lookup(id).query();
            node.requestFocus();
            node.fireEvent(new ActionEvent());
        });
    }

    /** Types into a field that may have to be scrolled to. */
    protected void enter(String id, String text) {
        onFx(() -> {
            TextInputControl field = lookup(id).query();
            field.requestFocus();
            field.setText(text);
        });
        push(KeyCode.ENTER);
        onFx(() -> {});
    }

    /** What every label of the window says. */
    protected List<String> texts() {
        settle();
        return lookup(".label").queryAllAs(Label.class).stream()
                .map(label -> plain(label.getText()))
                .toList();
    }

    /** Amounts do not break over a line in the window; here they are compared with ordinary spaces. */
    protected static String plain(String text) {
        return text.replace('\u00a0', ' ');
    }

    /**
     * Opens a step by pressing it in the list, its stage first where that is closed. The states that come in meanwhile can move
     * the list under the mouse, so what was missed is pressed again.
     */
    protected void step(String id) {
        Node list = lookup("#step-" + id).query().getParent();
        pressUntil("#" + list.getId().replace("steps-", "stage-"), list::isVisible);
        pressUntil("#step-" + id, () -> window.openStep().get().id().equals(id));
    }

    private void pressUntil(String button, BooleanSupplier done) {
        eventually(() -> {
            if (!done.getAsBoolean()) {
                clickOn(button);
            }
            return done.getAsBoolean();
        });
    }

    /** Opens a part of a step's fields, unless it is open. */
    protected void section(String id) {
        onFx(() -> {
            ToggleButton button = lookup("#" + id).query();
            if (!button.isSelected()) {
                button.requestFocus();
                button.fireEvent(new ActionEvent());
            }
        });
    }

    /** The ids of all steps, as the list shows them. */
    protected List<String> steps() {
        return lookup(".rail-step").queryAll().stream()
                .map(node -> node.getId().replace("step-", ""))
                .toList();
    }

    /** The board of the axle. */
    protected BoardView board() {
        return lookup("#board").queryAs(BoardView.class);
    }

    /** The step in which readings are taken. */
    protected MeasurePane measure() {
        return lookup("#measure-pane").queryAs(MeasurePane.class);
    }
}
