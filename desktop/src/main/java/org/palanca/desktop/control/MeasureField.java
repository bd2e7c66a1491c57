package org.palanca.desktop.control;

import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.Supplier;
import javafx.css.PseudoClass;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.jspecify.annotations.Nullable;
import org.palanca.base.units.Angles;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.MeasureFormatException;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;

/**
 * A field for one number, typed as the trade writes it. Takes effect on Enter or when left; Escape brings the old value
 * back. Text that is no number stays as typed and is explained.
 */
public final class MeasureField extends TextField {
    private static final PseudoClass OUTSIDE = PseudoClass.getPseudoClass("outside");
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final Quantity quantity;
    private final Supplier<Words> words;
    private final DoubleConsumer entered;
    private final Consumer<String> complain;
    private double value = Double.NaN;
    private String shown = "";
    private boolean wrong;
    private @Nullable Runnable cleared;
    private boolean decimals;
    private boolean read;

    /**
     * @param quantity what is typed
     * @param words gives the present units and language
     * @param entered told the new value [inside unit]
     * @param complain told what is wrong with the text, or the empty text when all is well again
     */
    public MeasureField(Quantity quantity, Supplier<Words> words, DoubleConsumer entered, Consumer<String> complain) {
        this.quantity = quantity;
        this.words = words;
        this.entered = entered;
        this.complain = complain;
        getStyleClass().add("measure-field");
        setOnAction(event -> commit());
        focusedProperty().addListener((o, before, focused) -> {
            if (focused) {
                selectAll();
            } else {
                commit();
            }
        });
        setOnKeyPressed(event -> {
            // What was typed is given up first; once more leaves the form.
            if (event.getCode() == KeyCode.ESCAPE && (editing() || wrong)) {
                revert();
                event.consume();
            }
        });
    }

    /** Shows a value [inside unit], unless the user is in the middle of typing another. */
    public void show(double next) {
        boolean typing = isFocused() && !getText().equals(shown);
        value = next;
        shown = written(next);
        if (!typing) {
            setText(shown);
            wrong(false);
        }
    }

    /** From now on lengths in inches are written in decimals: what a tape's fractions would round away. Returns this. */
    public MeasureField fine() {
        decimals = true;
        return this;
    }

    /** From now on lengths are written as they were read, to the sixty-fourth where it is one. Returns this. */
    public MeasureField asRead() {
        read = true;
        return this;
    }

    /** Whether what is entered lies outside its limits: it is shown so, and stays. */
    public void setOutside(boolean is) {
        pseudoClassStateChanged(OUTSIDE, is);
    }

    /** Shows that there is no value, with a hint of what it would come out as. */
    public void showNone(String hint) {
        boolean typing = isFocused() && !getText().equals(shown);
        value = Double.NaN;
        shown = "";
        setPromptText(hint);
        if (!typing) {
            setText("");
            wrong(false);
        }
    }

    /** Lets the field be emptied; without this the old value comes back. */
    public void setOnCleared(Runnable action) {
        cleared = action;
    }

    /** Whether something is typed that has not taken effect. */
    public boolean editing() {
        return !getText().equals(shown);
    }

    private String written(double number) {
        LengthStyle style = words.get().units().length();
        if (read && quantity == Quantity.LENGTH) {
            return words.get().units().asRead(number);
        }
        return switch (quantity) {
            case LENGTH -> Lengths.format(number, decimals && style.inches() ? LengthStyle.INCH_DECIMAL : style);
            case ANGLE -> Angles.format(number, 1);
            default -> words.get().units().format(number, quantity).number();
        };
    }

    private void revert() {
        setText(shown);
        selectAll();
        wrong(false);
        complain.accept("");
    }

    private void commit() {
        String text = getText().strip();
        if (text.isEmpty() && cleared != null && !shown.isEmpty()) {
            shown = "";
            value = Double.NaN;
            wrong(false);
            cleared.run();
            return;
        }
        if (text.equals(shown) || text.isEmpty()) {
            setText(shown);
            if (wrong) {
                wrong(false);
                complain.accept("");
            }
            return;
        }
        try {
            double next = quantity.onGrid(words.get().units().parse(text, quantity));
            wrong(false);
            complain.accept("");
            shown = written(next);
            setText(shown);
            if (next != value) {
                value = next;
                entered.accept(next);
            }
        } catch (MeasureFormatException e) {
            wrong(true);
            complain.accept(words.get().text(e));
        }
    }

    private void wrong(boolean is) {
        wrong = is;
        pseudoClassStateChanged(WRONG, is);
    }
}
