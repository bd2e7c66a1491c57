package org.palanca.vehicle.springing;

/**
 * Sizes of a shock as a catalogue gives them [m].
 *
 * @param model what it is called; generic or the user's own
 * @param collapsed eye to eye, pushed home
 * @param extended eye to eye, pulled out
 * @param body outer diameter of its body
 * @param coil outer diameter over its coils or its air sleeve; the body's where there are none
 * @param eye width of its eyes
 */
public record ShockSize(String model, double collapsed, double extended, double body, double coil, double eye) {
    /** How far it goes from home to out [m]. */
    public double stroke() {
        return extended - collapsed;
    }

    /** Its widest diameter [m]. */
    public double widest() {
        return Math.max(body, coil);
    }
}
