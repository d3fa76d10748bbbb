package org.eskarn.app.part;

import org.eskarn.core.requirement.Characteristic;

/**
 * Which requirement it is.
 *
 * @param position on its part, from 1
 */
public record RequirementHead(
        long id, long partId, long featureId, int position, String title, Characteristic characteristic) {}
