package org.palanca;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ArgumentsSource;

/**
 * A test of what must hold whatever is drawn: it runs so many times, each with a {@link Draw} of its own. The seeds are the same
 * from run to run; one that failed is in the name of the test.
 *
 * <ul>
 *   <li>{@code -Dpalanca.seed=42} runs that seed alone;
 *   <li>{@code -Dpalanca.draws=20} draws twenty times as often, for a long search.
 * </ul>
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@ParameterizedTest(name = "{0}")
@ArgumentsSource(Draws.class)
public @interface Drawn {
    /** How often. */
    int value();
}
