package org.palanca.desktop.theme;

import java.util.Locale;
import javafx.scene.paint.Color;

/** The two looks. The style sheet holds the same colours under the theme's class; keep them alike. */
public enum Theme {
    /** Layout blue: blued plate and bright scribed lines. */
    BLUE("#132347", "#0e1b38", "#e8efff", "#a9bbe2", "#5a74b0", "#31497f", "#ffc247", "#ff8a73"),
    /** Card: kraft paper, pencil, and a blue one for what is in hand, for daylight. */
    CARD("#eadcbf", "#dfcda9", "#26241f", "#574d35", "#7d6b3d", "#bba981", "#174a86", "#7d1237");

    private final Color ground;
    private final Color panel;
    private final Color line;
    private final Color second;
    private final Color edge;
    private final Color faint;
    private final Color hand;
    private final Color limit;

    Theme(
            String ground,
            String panel,
            String line,
            String second,
            String edge,
            String faint,
            String hand,
            String limit) {
        this.ground = Color.web(ground);
        this.panel = Color.web(panel);
        this.line = Color.web(line);
        this.second = Color.web(second);
        this.edge = Color.web(edge);
        this.faint = Color.web(faint);
        this.hand = Color.web(hand);
        this.limit = Color.web(limit);
    }

    /** The board itself. */
    public Color ground() {
        return ground;
    }

    /** Panels around the board. */
    public Color panel() {
        return panel;
    }

    /** Scribed lines and main text. */
    public Color line() {
        return line;
    }

    /** Second lines and lesser text; still 4.5 : 1 against ground and panel. */
    public Color second() {
        return second;
    }

    /** Edges of what can be pressed or typed in, rails, what can't be reached: 3 : 1 against ground and panel. */
    public Color edge() {
        return edge;
    }

    /** Ghosts, grids, fillings and lines between panels: never text, and nothing that has to be seen. */
    public Color faint() {
        return faint;
    }

    /** What is in hand. */
    public Color hand() {
        return hand;
    }

    /** What limits. */
    public Color limit() {
        return limit;
    }

    /** Class of the window's root in the style sheet. */
    public String styleClass() {
        return name().toLowerCase(Locale.ROOT);
    }

    public Theme other() {
        return this == BLUE ? CARD : BLUE;
    }
}
