package org.palanca.floor.plate;

/** Letters of revisions: A to Z without those that are taken for figures, then AA and on (ASME Y14.35, from memory). */
public final class Revision {
    /** Without I, O, Q, S, X and Z. */
    private static final String LETTERS = "ABCDEFGHJKLMNPRTUVWY";

    private Revision() {}

    /** The one after another; A after none. */
    public static String after(String revision) {
        return letters(order(revision) + 1);
    }

    /** How many came before it, itself counted: A is 1; 0 for none, and for what is no revision. */
    public static int order(String revision) {
        int order = 0;
        for (int i = 0; i < revision.length(); i++) {
            int letter = LETTERS.indexOf(revision.charAt(i));
            if (letter < 0) {
                return 0;
            }
            order = order * LETTERS.length() + letter + 1;
        }
        return order;
    }

    private static String letters(int order) {
        StringBuilder letters = new StringBuilder();
        for (int left = order; left > 0; left = (left - 1) / LETTERS.length()) {
            letters.insert(0, LETTERS.charAt((left - 1) % LETTERS.length()));
        }
        return letters.toString();
    }
}
