package org.palanca.vehicle;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.palanca.vehicle.work.WorkOrder;
import org.palanca.vehicle.work.WorkStep;

/**
 * What somebody wrote down about one thing, with pictures of it.
 *
 * @param about what it is about
 * @param text as typed
 * @param photos picture files
 */
public record Note(Subject about, String text, List<String> photos) {
    public Note {
        photos = List.copyOf(photos);
    }

    /** What a note can be about. */
    public enum Kind {
        /** A step of the window, such as the links of an axle. */
        STEP,
        /** A numbered step of a job on the floor. */
        WORK,
        MOUNT,
        /** Something described that is in the way. */
        PART,
        /** A mark of the survey. */
        MARK;

        /** As it stands in a vehicle file. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * One thing that can be written about.
     *
     * @param axle on which it is; empty for what belongs to the whole vehicle
     * @param name of the step, the mount, the part or the mark; of a step of work its job and its id, with a space between
     */
    public record Subject(Kind kind, Optional<AxlePlace> axle, String name) {
        /** A numbered step of a job. */
        public static Subject of(WorkOrder order, WorkStep step) {
            return new Subject(Kind.WORK, Optional.empty(), order.job() + " " + step.id());
        }
    }

    /** Nothing written yet. */
    public static Note blank(Subject about) {
        return new Note(about, "", List.of());
    }

    /** Whether there is nothing to keep. */
    public boolean isBlank() {
        return text.isBlank() && photos.isEmpty();
    }

    public Note withText(String other) {
        return new Note(about, other, photos);
    }

    public Note withPhotos(List<String> other) {
        return new Note(about, text, other);
    }
}
