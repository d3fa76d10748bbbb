package org.eskarn.app.picture.engine;

import java.util.Optional;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.units.Length;

/**
 * What is drawn.
 *
 * @param name of the feature
 * @param seenFrom the end from which angles run clockwise and distances count
 * @param size of the feature, if it has one
 */
public record Subject(Requirement terms, String name, String seenFrom, Optional<Length> size) {}
