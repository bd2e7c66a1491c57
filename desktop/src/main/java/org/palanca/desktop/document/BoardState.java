package org.palanca.desktop.document;

import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;

/** What is looked at: nothing here is saved or undone. */
public final class BoardState {
    private final ObjectProperty<AxlePlace> axle = new SimpleObjectProperty<>(AxlePlace.REAR);
    private final ObjectProperty<WheelTravel> pose = new SimpleObjectProperty<>(WheelTravel.RIDE);
    private final ObjectProperty<MountRef> selection = new SimpleObjectProperty<>();
    private final ObjectProperty<String> lit = new SimpleObjectProperty<>();

    /** The axle on the board. */
    public ObjectProperty<AxlePlace> axleProperty() {
        return axle;
    }

    /** Where the axle on the board is moved to. */
    public ObjectProperty<WheelTravel> poseProperty() {
        return pose;
    }

    /** The selected mount, or null. */
    public ObjectProperty<MountRef> selectionProperty() {
        return selection;
    }

    /** Id of the result whose working is shown, or null. */
    public ObjectProperty<String> litProperty() {
        return lit;
    }
}
