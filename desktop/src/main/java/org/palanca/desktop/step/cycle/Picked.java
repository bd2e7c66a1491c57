package org.palanca.desktop.step.cycle;

import org.palanca.base.words.Words;
import org.palanca.desktop.board.Grip;

/** What the fields beside the drawing are those of. */
sealed interface Picked {
    /** What it is called in the list of what can be picked. */
    String name(Words words);

    /** Something that is drawn. */
    record Thing(Grip grip) implements Picked {
        @Override
        public String name(Words words) {
            return grip.name();
        }
    }

    /**
     * A hose or a cable, by its place in their list.
     *
     * @param called its name
     */
    record Hanging(int index, String called) implements Picked {
        @Override
        public String name(Words words) {
            return words.text("cycle.hose_named", called);
        }
    }

    /** What is no thing of the vehicle. */
    enum Other implements Picked {
        /** Describing one more part or hose. */
        ADD,
        /** The clearances wanted. */
        RULES;

        @Override
        public String name(Words words) {
            return words.text(this == ADD ? "cycle.add" : "cycle.rules");
        }
    }
}
