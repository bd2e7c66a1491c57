package org.palanca.desktop.step.cycle;

import java.util.Arrays;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.ComboBox;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Choices;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.BodyName;

/** The bodies that are there on an axle, to choose what something is fixed to. */
final class BodyChooser extends ComboBox<BodyName> {
    BodyChooser(String id, AxleModel model, BodyName now, Supplier<Words> words, Consumer<BodyName> take) {
        setId(id);
        getItems()
                .setAll(Arrays.stream(BodyName.values())
                        .filter(one -> model.bodyIndex(one).isPresent())
                        .toList());
        setConverter(Choices.names(words, one -> "body." + one.id()));
        setValue(now);
        setOnAction(event -> take.accept(getValue()));
    }
}
