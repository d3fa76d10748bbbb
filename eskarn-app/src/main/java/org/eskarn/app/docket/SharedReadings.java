package org.eskarn.app.docket;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.part.PartRequirement;

/**
 * Requirements of a part that are answered by one set of readings: the first leads, the others are judged from what it reads. All of
 * them are held to one datum, or to none.
 */
record SharedReadings(PartRequirement leader, List<PartRequirement> followers) {

    /** Every requirement is in one of them, alone where nothing is shared. */
    static List<SharedReadings> of(List<PartRequirement> requirements) {
        List<SharedReadings> all = new ArrayList<>();
        for (PartRequirement requirement : requirements) {
            all.stream()
                    .filter(shared -> shared.answers(requirement))
                    .findFirst()
                    .ifPresentOrElse(
                            shared -> shared.followers.add(requirement),
                            () -> all.add(new SharedReadings(requirement, new ArrayList<>())));
        }
        return all;
    }

    /** The requirement that each follows, by their ids. */
    static Map<Long, Long> leaders(List<SharedReadings> all) {
        Map<Long, Long> leaders = new LinkedHashMap<>();
        all.forEach(shared -> shared.followers.forEach(each -> leaders.put(each.id(), shared.leader.id())));
        return leaders;
    }

    private boolean answers(PartRequirement requirement) {
        return requirement.readLike(leader)
                && requirement.heldLike(leader)
                && followers.stream().allMatch(requirement::heldLike);
    }

    /** The one that asks most of the gauge. */
    PartRequirement finest() {
        Optional<PartRequirement> finest = followers.stream()
                .map(each -> each.readAs(leader))
                .filter(each -> each.terms().allowedMovement() > 0)
                .min(Comparator.comparingDouble(each -> each.terms().allowedMovement()));
        double own = leader.terms().allowedMovement();
        return finest.filter(each -> own <= 0 || each.terms().allowedMovement() < own)
                .orElse(leader);
    }
}
