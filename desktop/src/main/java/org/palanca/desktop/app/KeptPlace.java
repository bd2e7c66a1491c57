package org.palanca.desktop.app;

import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.stage.Screen;
import javafx.stage.Stage;
import org.palanca.desktop.document.Settings;
import org.palanca.desktop.document.WindowPlace;

/** Puts the window where it was when it was closed last. */
final class KeptPlace {
    private final Stage stage;
    private final Settings settings;

    /** Bounds while it was not maximised last. */
    private Rectangle2D at;

    private KeptPlace(Stage stage, Settings settings, Rectangle2D at) {
        this.stage = stage;
        this.settings = settings;
        this.at = at;
    }

    /** Puts the window there, and remembers where it is from now on. Call before it is shown. */
    static void follow(Stage stage, Settings settings) {
        Optional<WindowPlace> last = WindowPlace.of(
                settings.window(),
                Screen.getScreens().stream().map(Screen::getVisualBounds).toList());
        last.ifPresent(place -> {
            stage.setX(place.at().getMinX());
            stage.setY(place.at().getMinY());
            stage.setWidth(place.at().getWidth());
            stage.setHeight(place.at().getHeight());
            stage.setMaximized(place.maximised());
        });
        KeptPlace kept =
                new KeptPlace(stage, settings, last.map(WindowPlace::at).orElse(new Rectangle2D(0, 0, 0, 0)));
        stage.xProperty().addListener((o, before, now) -> kept.look());
        stage.yProperty().addListener((o, before, now) -> kept.look());
        stage.widthProperty().addListener((o, before, now) -> kept.look());
        stage.heightProperty().addListener((o, before, now) -> kept.look());
        stage.setOnHiding(event -> kept.keep());
    }

    private void look() {
        boolean known = !Double.isNaN(stage.getX()) && !Double.isNaN(stage.getY());
        if (known && stage.isShowing() && !stage.isMaximized() && !stage.isIconified()) {
            at = new Rectangle2D(stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight());
        }
    }

    private void keep() {
        look();
        if (at.getWidth() > 0) {
            settings.setWindow(new WindowPlace(at, stage.isMaximized()));
        }
    }
}
