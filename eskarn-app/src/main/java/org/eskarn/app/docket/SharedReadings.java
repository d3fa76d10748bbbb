package org.eskarn.app.docket;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.app.part.PartRequirement;

/** Which requirements of a part are answered by one set of readings: the first of them leads, the others are judged from what it reads. */
final class SharedReadings {

    private SharedReadings() {}

    /** The requirement each follows, by their ids; those that lead or stand alone are not in it. */
    static Map<Long, Long> leaders(List<PartRequirement> requirements) {
        Map<Long, Long> leaders = new LinkedHashMap<>();
        List<PartRequirement> leading = new ArrayList<>();
        for (PartRequirement requirement : requirements) {
            leading.stream()
                    .filter(requirement::readLike)
                    .findFirst()
                    .ifPresentOrElse(
                            leader -> leaders.put(requirement.id(), leader.id()), () -> leading.add(requirement));
        }
        return leaders;
    }

    /** Of a requirement and those judged from its readings the one that asks most of the gauge. */
    static PartRequirement finest(PartRequirement leader, List<PartRequirement> requirements) {
        Map<Long, Long> leaders = leaders(requirements);
        return requirements.stream()
                .filter(each -> Long.valueOf(leader.id()).equals(leaders.get(each.id())))
                .map(each -> each.readAs(leader))
                .filter(each -> each.terms().allowedMovement() > 0)
                .min(Comparator.comparingDouble(each -> each.terms().allowedMovement()))
                .filter(each -> leader.terms().allowedMovement() <= 0
                        || each.terms().allowedMovement() < leader.terms().allowedMovement())
                .orElse(leader);
    }
}
