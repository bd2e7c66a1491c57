package org.palanca.vehicle;

/** Names one mount of a vehicle. */
public record MountRef(AxlePlace axle, String mount) {}
