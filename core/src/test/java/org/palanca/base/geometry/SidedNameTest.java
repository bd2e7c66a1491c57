package org.palanca.base.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The side in a name as shops write it: last, first or between, and never within a word. */
class SidedNameTest {
    @ParameterizedTest
    @CsvSource({
        "upper frame left, upper frame, upper frame right",
        "left horn, horn, right horn",
        "kick right inner, kick inner, kick left inner",
        "left, '', right",
        "right of the left spring, right of the spring, right of the right spring",
        "leftover bracket, leftover bracket, leftover bracket",
        "upright bolt, upright bolt, upright bolt",
        "panhard axle, panhard axle, panhard axle"
    })
    void aSideIsAWordOfItsOwn(String name, String stem, String mirrored) {
        SidedName sided = SidedName.of(name);
        assertThat(sided.stem()).isEqualTo(stem);
        assertThat(sided.mirrored()).isEqualTo(mirrored);
        assertThat(SidedName.of(sided.mirrored()).mirrored()).isEqualTo(name);
        sided.side().ifPresent(side -> assertThat(sided.on(side)).isEqualTo(name));
    }
}
