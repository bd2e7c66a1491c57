package org.palanca.vehicle.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class WorkOrderTest {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
    private final WorkStep first = new WorkStep("first", false);
    private final WorkStep hold = new WorkStep("hold", true);
    private final WorkStep last = new WorkStep("last", "left tube", false);

    private WorkOrder order(List<StepEntry> log) {
        return new WorkOrder("rear.housing", List.of(first, hold, last), log);
    }

    @Test
    void aHoldKeepsWhatFollowsShutUntilItIsPassed() {
        WorkOrder start = order(List.of());
        assertThat(start.state(last)).isEqualTo(WorkOrder.State.SHUT);
        assertThat(start.holding(last)).contains(hold);
        assertThatThrownBy(() -> start.record(last, DAY, "")).isInstanceOf(IllegalStateException.class);
        WorkOrder passed = order(start.record(hold, DAY, ""));
        assertThat(passed.state(last)).isEqualTo(WorkOrder.State.OPEN);
        assertThat(passed.next()).contains(first);
    }

    @Test
    void aHoldPassedWithAReasonIsKeptAsSuch() {
        WorkOrder passed = order(order(List.of()).record(hold, DAY, " no bar here "));
        assertThat(passed.state(hold)).isEqualTo(WorkOrder.State.OVERRIDDEN);
        assertThat(passed.entry(hold).orElseThrow().reason()).isEqualTo("no bar here");
    }

    @Test
    void takingAHoldBackTakesBackWhatItLetThrough() {
        List<StepEntry> log = order(List.of()).record(hold, DAY, "");
        log = order(log).record(last, DAY, "");
        assertThat(order(order(log).takeBack(hold)).state(last)).isEqualTo(WorkOrder.State.SHUT);
        assertThat(order(log).takeBack(last)).hasSize(1);
    }
}
