/**
 * The board: side, rear and top elevations to one scale and in line, and the travel pad in the fourth corner. {@code
 * BoardLayout} says where everything is, {@code BoardPainter} draws it, the gestures change what is drawn.
 */
package org.palanca.desktop.board;
