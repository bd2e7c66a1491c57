package org.palanca.floor.cutting;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** What is punched into each link, so that it is not taken for another: its axle's letter, the first letters of its name. */
public final class PunchMarks {
    private PunchMarks() {}

    /** A mark for each, in their order, no two alike: "F-LL" for the front axle's lower left; a number where letters agree. */
    public static List<String> of(List<LinkCut> cuts) {
        Set<String> taken = new HashSet<>();
        List<String> marks = new ArrayList<>();
        for (LinkCut cut : cuts) {
            StringBuilder letters = new StringBuilder();
            letters.append(cut.axle().place().id().charAt(0)).append('-');
            for (String word : cut.link().name().strip().split("[\\s_-]+")) {
                letters.appendCodePoint(word.isEmpty() ? '?' : word.codePointAt(0));
            }
            String mark = letters.toString().toUpperCase(Locale.ROOT);
            String free = mark;
            for (int number = 2; !taken.add(free); number++) {
                free = mark + number;
            }
            marks.add(free);
        }
        return List.copyOf(marks);
    }
}
