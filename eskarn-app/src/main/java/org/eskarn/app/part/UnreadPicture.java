package org.eskarn.app.part;

import java.util.List;
import org.eskarn.app.page.Display;
import org.eskarn.app.picture.Pictures;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;

/** A requirement drawn before anything is read, on a dial that stands for any. */
public final class UnreadPicture {

    private UnreadPicture() {}

    public static Picture of(PartRequirement requirement) {
        Length one = Length.of("1", LengthUnit.MICROMETRE);
        Assessment unread = Assessment.of(
                requirement.terms(),
                new Dial(one, one, Length.of("1", LengthUnit.MILLIMETRE)),
                new Sweep(requirement.terms().layout(), List.of(), null),
                Corrections.NONE);
        LengthUnit small = requirement.layout().layoutUnit().metric() ? LengthUnit.MICROMETRE : LengthUnit.TENTH;
        return Pictures.of(requirement.subject(), unread, new Display(requirement.figureUnit(small)));
    }
}
