package org.palanca.desktop.control;

import javafx.scene.control.Label;
import org.jspecify.annotations.Nullable;

/** A label that breaks into lines, and keeps its heights while its text does not change. */
public final class WrappingLabel extends Label {
    /** Null while the label is being made: then it is already told that it changed. */
    private final @Nullable KnownHeights heights = new KnownHeights();

    public WrappingLabel() {
        setWrapText(true);
    }

    @Override
    public void requestLayout() {
        if (heights != null) {
            heights.forget();
        }
        super.requestLayout();
    }

    @Override
    protected double computePrefHeight(double width) {
        return heights == null ? super.computePrefHeight(width) : heights.at(width, super::computePrefHeight);
    }
}
