package org.eskarn.app.docket;

import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Units;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.app.picture.Pictures;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.app.picture.engine.View;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.LengthUnit;

/** The units a set-up is shown in, on the screen and on paper, and what it comes to in them. */
public final class SetUpDisplay {

    private SetUpDisplay() {}

    /** Readings are said in the unit the gauge is read in; of one read in divisions, in that of its graduation. */
    public static Display readings(SetUp setUp, Units units) {
        return new Display(units.shown(dialUnit(setUp)));
    }

    /** The same as it stands on paper. */
    public static Display readings(SetUp setUp) {
        return readings(setUp, Units.AS_DRAWN);
    }

    private static LengthUnit dialUnit(SetUp setUp) {
        Gauge gauge = setUp.sweep().nextGauge();
        return gauge.readingUnit().length().orElse(gauge.graduationUnit());
    }

    /** The unit of the dial, or what matches it in the system of the drawing. */
    private static LengthUnit drawnUnit(SetUp setUp) {
        LengthUnit dial = dialUnit(setUp);
        return dial.metric() == setUp.requirement().metric() ? dial : dial.companion();
    }

    /** Sizes are said in the unit of the drawing, angles in degrees, other figures like readings, but in its system. */
    public static Display figures(SetUp setUp, Units units) {
        PartRequirement requirement = setUp.requirement();
        LengthUnit unit = units.shown(requirement.figureUnit(drawnUnit(setUp)));
        boolean angular = requirement.characteristic().angular();
        double radius =
                requirement.terms().basis().radius().map(r -> r.micrometres()).orElse(0.0);
        return new Display(unit, angular ? radius : 0);
    }

    public static Display figures(SetUp setUp) {
        return figures(setUp, Units.AS_DRAWN);
    }

    /** The picture as it stands on paper. */
    public static Picture picture(SetUp setUp) {
        return picture(setUp, readings(setUp), View.AS_READ);
    }

    public static Picture picture(SetUp setUp, Display display, View view) {
        PartRequirement requirement = setUp.requirement();
        Display said = requirement.characteristic().sized()
                ? new Display(requirement
                        .limit()
                        .unit()
                        .length()
                        .map(unit -> unit.metric() == display.unit().metric() ? unit : unit.companion())
                        .orElse(display.unit()))
                : display;
        return Pictures.of(requirement.subject(), setUp.assessment(), said, view);
    }

    public static DetailsView said(SetUp setUp, Display figures, Display display) {
        Details told = setUp.assessment().told(setUp.requirement().terms());
        boolean onSlide = setUp.circumstance()
                .map(said -> Boolean.TRUE.equals(said.onSlide()))
                .orElse(false);
        // Of an angle the verdict is in degrees; what stands beside it is the length.
        return DetailsView.of(
                onSlide && setUp.requirement().asksSlide()
                        ? told.with(Note.of("docket.carried-by-its-own-slide"))
                        : told,
                new Display(figures.unit()),
                display);
    }

    /** The same as it stands on paper. */
    public static DetailsView said(SetUp setUp) {
        return said(setUp, figures(setUp), readings(setUp));
    }
}
