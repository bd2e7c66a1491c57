package org.palanca.floor.placing;

import org.palanca.base.words.Message;

/** Says how a bracket stands, for whoever holds an angle finder to it. */
public final class FaceWords {
    /** An angle finder shows a tenth of a degree; half of that is nothing [rad]. */
    private static final double NOTHING = Math.toRadians(0.05);

    private FaceWords() {}

    /** One sentence for a bracket's link. */
    public static Message of(PlacingSheet.Face face) {
        return Message.of(
                "placing.face",
                face.link(),
                tilt(face.tilt()),
                turn(face.turn()),
                slope(face.slope()),
                Message.angle(face.allowed()));
    }

    private static Message tilt(double tilt) {
        return Math.abs(tilt) < NOTHING
                ? Message.of("placing.bolt_level")
                : Message.of(
                        tilt > 0 ? "placing.bolt_left_up" : "placing.bolt_left_down", Message.angle(Math.abs(tilt)));
    }

    private static Message turn(double turn) {
        return Math.abs(turn) < NOTHING
                ? Message.of("placing.turn_straight")
                : Message.of(
                        turn > 0 ? "placing.turn_left_forward" : "placing.turn_right_forward",
                        Message.angle(Math.abs(turn)));
    }

    private static Message slope(double slope) {
        return Message.of(slope < 0 ? "placing.down" : "placing.up", Message.angle(Math.abs(slope)));
    }
}
