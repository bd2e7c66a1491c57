package org.palanca.vehicle.edit;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Obstacle;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.PartRef;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;

/**
 * Something the user described around an axle, whether it stands among the boxes on the frame or among the parts with shapes:
 * one way to find it and to move it.
 *
 * @param place the axle it was described for
 * @param obstacle whether it is one of the boxes on the frame
 * @param part what it is
 */
public record DescribedPart(AxlePlace place, boolean obstacle, Part part) {
    /** Everything described around an axle, parts first. */
    public static List<DescribedPart> all(Vehicle vehicle, AxlePlace place) {
        Surroundings around = vehicle.build().surroundings(place);
        return Stream.concat(
                        around.parts().stream().map(part -> new DescribedPart(place, false, part)),
                        around.obstacles().stream().map(box -> new DescribedPart(place, true, box.part())))
                .toList();
    }

    /** The one that is meant; empty where there is none of that name. */
    public static Optional<DescribedPart> find(Vehicle vehicle, AxlePlace place, PartRef ref) {
        return all(vehicle, place).stream().filter(one -> one.ref().equals(ref)).findFirst();
    }

    /** Which it is. */
    public PartRef ref() {
        return new PartRef(obstacle, part.name());
    }

    /**
     * The vehicle with it somewhere else.
     *
     * @param by how far it is moved at ride [m], vehicle frame
     */
    public Vehicle moved(Vehicle vehicle, Vector3D by) {
        Surroundings around = vehicle.build().surroundings(place);
        Surroundings next = obstacle && part.form() instanceof Part.BoxForm box
                ? around.withObstacle(new Obstacle(part.name(), box.box().moved(by)))
                : around.withPart(part.withForm(part.form().moved(by)));
        return vehicle.withBuild(vehicle.build().with(place, next));
    }
}
