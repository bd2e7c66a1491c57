package org.palanca.desktop.guide;

import java.util.Optional;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.desktop.document.BoardState;
import org.palanca.vehicle.Vehicle;

/**
 * How things stand in the window when a task is looked at.
 *
 * @param vehicle as it is now
 * @param begun as it was when the task was set
 * @param state what is on the board
 * @param analysis of the axle on the board; empty while it is not of this vehicle
 * @param trying whether a move is shown that is neither taken nor left yet
 * @param sheets how many sheets have been looked at since the task was set
 */
record Situation(
        Vehicle vehicle, Vehicle begun, BoardState state, Optional<Analysis> analysis, boolean trying, int sheets) {}
