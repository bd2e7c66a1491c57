package org.palanca.io.json;

import java.util.Arrays;
import java.util.Optional;
import org.palanca.result.ResultKind;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.check.NearestName;

/** Keys of target bands: {@code axle.result}, a side or a link's name after a further dot. */
final class TargetKeys {
    private TargetKeys() {}

    /** Which result a key is about; empty where there is no such axle or result. */
    static Optional<ResultKind> kind(String key) {
        String[] parts = key.split("\\.", 3);
        boolean placed =
                Arrays.stream(AxlePlace.values()).anyMatch(place -> place.id().equals(parts[0]));
        return placed && parts.length > 1 ? ResultKind.of(parts[1]) : Optional.empty();
    }

    /** The key there is that reads most like one that is not. */
    static String nearest(String key) {
        String[] parts = key.split("\\.", 3);
        String result = NearestName.of(
                parts.length > 1 ? parts[1] : key,
                Arrays.stream(ResultKind.values()).map(ResultKind::id).toList());
        String place = NearestName.of(
                parts[0], Arrays.stream(AxlePlace.values()).map(AxlePlace::id).toList());
        return place + "." + result;
    }
}
