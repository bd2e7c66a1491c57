package org.palanca.desktop.board;

import java.util.List;
import javafx.geometry.Pos;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import org.palanca.base.words.Words;
import org.palanca.desktop.command.Command;

/** The buttons under the travel pad, one a command. */
final class PadButtons extends FlowPane {
    PadButtons(List<Command> commands) {
        super(4, 4);
        setAlignment(Pos.CENTER);
        commands.forEach(command -> getChildren().add(button(command)));
    }

    private static Button button(Command command) {
        Button button = new Button();
        button.setId("pad-" + command.id());
        button.getStyleClass().add("pad-button");
        button.setOnAction(event -> command.run());
        button.setUserData(command);
        return button;
    }

    /** Takes its place in the middle under the pad, where there is room for it, in the present words. */
    void lie(BoardLayout layout, PadLayout pad, double size, Words words) {
        for (Node button : getChildren()) {
            ((Button) button).setText(words.text("pad." + ((Command) button.getUserData()).id()));
        }
        Rectangle2D area = layout.pad();
        setVisible(PadLayout.roomForButtons(area, size));
        setPrefWrapLength(area.getWidth());
        double wide = Math.min(area.getWidth(), prefWidth(-1));
        double middle = pad.square().getMinX() + (pad.square().getWidth() - wide) / 2;
        double x = Math.max(area.getMinX(), Math.min(middle, area.getMaxX() - wide));
        resizeRelocate(x, pad.buttonsTop(size), wide, prefHeight(wide));
    }
}
