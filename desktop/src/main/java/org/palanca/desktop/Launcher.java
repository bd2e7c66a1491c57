package org.palanca.desktop;

import javafx.application.Application;
import org.palanca.desktop.app.PalancaApp;

/** Entry point. Not an {@code Application} itself, so that the toolkit may lie on the class path. */
public final class Launcher {
    private Launcher() {}

    public static void main(String[] args) {
        Application.launch(PalancaApp.class, args);
    }
}
