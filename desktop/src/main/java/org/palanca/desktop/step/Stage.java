package org.palanca.desktop.step;

import java.util.List;

/**
 * Steps that are done in one place and belong together in the order of work.
 *
 * @param id stable name, such as {@code floor}: its word key and its control are named after it
 * @param steps in their order
 */
public record Stage(String id, List<Step> steps) {
    public Stage {
        steps = List.copyOf(steps);
    }

    /** Key of its name in words. */
    public String key() {
        return "stage." + id;
    }
}
