package org.palanca.desktop.control;

import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.ComboBox;
import org.palanca.base.words.Words;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;

/** The bodies that are there on an axle, to choose what something is fixed to. */
public final class BodyChooser extends ComboBox<BodyName> {
    private boolean showing;

    public BodyChooser(String id, Supplier<Words> words, Consumer<BodyName> take) {
        setId(id);
        setConverter(Choices.names(words, one -> "body." + one.id()));
        setOnAction(event -> {
            if (!showing && getValue() != null) {
                take.accept(getValue());
            }
        });
    }

    /** Offers the frame and the bodies of an axle; the one that it is fixed to now is chosen. */
    public BodyChooser show(Axle axle, BodyName now) {
        List<BodyName> there = axle.bodies();
        showing = true;
        getItems()
                .setAll(Arrays.stream(BodyName.values())
                        .filter(one -> one == BodyName.FRAME || there.contains(one))
                        .toList());
        setValue(now);
        showing = false;
        return this;
    }
}
