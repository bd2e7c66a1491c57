package org.palanca.vehicle.survey;

/**
 * Metal that is planned to go.
 *
 * @param name what the shop calls it
 * @param scheme the scheme that wants it; empty text for the plan itself
 * @param room everything inside goes
 * @param done whether it has been made
 */
public record Cut(String name, String scheme, Box room, boolean done) {}
