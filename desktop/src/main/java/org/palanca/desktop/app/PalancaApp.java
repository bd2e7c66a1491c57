package org.palanca.desktop.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import org.palanca.desktop.document.CrashRecovery;
import org.palanca.desktop.document.Settings;
import org.palanca.desktop.theme.Fonts;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Starts the window with what the command line asks for. */
public final class PalancaApp extends Application {
    private static final Logger LOG = LoggerFactory.getLogger(PalancaApp.class);

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private MainWindow window;

    @Override
    public void start(Stage stage) {
        Fonts.load();
        List<String> arguments = getParameters().getRaw();
        Settings settings = Settings.load();
        window = new MainWindow(stage, settings, new NativeFileAsker(stage));
        Thread.currentThread().setUncaughtExceptionHandler((thread, failure) -> {
            LOG.error("unexpected failure", failure);
            window.unexpected(failure);
        });
        open(arguments);
        boolean pictures = arguments.contains("--pictures");
        if (!pictures && !arguments.contains("--quit-when-drawn")) {
            KeptPlace.follow(stage, settings);
        }
        if (!pictures) {
            CrashRecovery.left(settings.folder()).ifPresent(window::offerRecovered);
        }
        window.show();
        if (pictures) {
            Path folder = Path.of(arguments.get(arguments.indexOf("--pictures") + 1));
            new Pictures(window, stage).take(folder, Platform::exit);
        } else if (arguments.contains("--quit-when-drawn")) {
            StartClock.untilSeen(stage, window.open(Steps.BOARD.id()), Platform::exit);
        }
    }

    private void open(List<String> arguments) {
        Optional<String> file = arguments.stream()
                .filter(argument -> !argument.startsWith("--"))
                .filter(argument -> arguments.indexOf(argument) == 0
                        || !arguments.get(arguments.indexOf(argument) - 1).equals("--pictures"))
                .findFirst();
        if (arguments.contains("--demo")) {
            window.openDemo();
        } else if (file.isPresent()) {
            window.files().open(Path.of(file.get()));
        } else {
            window.startNew();
        }
    }

    @Override
    public void stop() {
        window.dispose();
    }
}
