package org.palanca.study.travel;

import org.palanca.base.words.Message;

/** Worst poses in words. */
public final class WorstPoseWords {
    private WorstPoseWords() {}

    /** Its name: full bump, or left on its stop, right hanging, and so on. */
    public static Message of(WorstPose pose) {
        return Message.of("cycle.worst." + pose.id());
    }
}
