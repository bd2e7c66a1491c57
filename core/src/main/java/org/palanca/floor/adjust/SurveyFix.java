package org.palanca.floor.adjust;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.palanca.base.words.Message;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.Survey;

/**
 * A change to one reading that would put a survey right, for the person to take or leave.
 *
 * @param said what it does, as an order
 * @param before the reading as it is
 * @param after the reading as it would be; empty where it goes
 */
public record SurveyFix(Message said, Reading before, Optional<Reading> after) {
    /** The survey with it; the same survey where the reading is not there any more. */
    public Survey in(Survey survey) {
        int at = survey.readings().indexOf(before);
        if (at < 0) {
            return survey;
        }
        List<Reading> readings = new ArrayList<>(survey.readings());
        readings.remove(at);
        after.ifPresent(next -> readings.add(at, next));
        return survey.withReadings(readings);
    }
}
