package org.palanca;

import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.ArgumentsProvider;
import org.junit.jupiter.params.support.AnnotationConsumer;
import org.junit.jupiter.params.support.ParameterDeclarations;

/** The draws of one test that is {@link Drawn}. */
final class Draws implements ArgumentsProvider, AnnotationConsumer<Drawn> {
    private int tries;

    @Override
    public void accept(Drawn drawn) {
        tries = drawn.value() * Integer.getInteger("palanca.draws", 1);
    }

    @Override
    public Stream<? extends Arguments> provideArguments(ParameterDeclarations parameters, ExtensionContext context) {
        Long seed = Long.getLong("palanca.seed");
        LongStream seeds = seed == null ? LongStream.range(0, tries) : LongStream.of(seed);
        return seeds.mapToObj(Draw::new).map(Arguments::of);
    }
}
