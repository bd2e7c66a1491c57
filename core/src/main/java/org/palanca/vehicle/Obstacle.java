package org.palanca.vehicle;

import org.palanca.vehicle.survey.Box;

/** Something that is in the way: a frame rail, an oil pan, a firewall. Stands still with the chassis. */
public record Obstacle(String name, Box room) {
    /** The same as a part with a shape. */
    public Part part() {
        return new Part(name, BodyName.FRAME, Part.Kind.FIXED, new Part.BoxForm(room));
    }
}
