package org.eskarn.core.evaluation;

/**
 * One of the named conditions a requirement was read under.
 *
 * @param figure what the requirement judges, of this condition alone, µm
 * @param expanded its uncertainty, µm
 * @param below how far the true figure may lie below it, µm
 */
public record Condition(String name, double figure, double expanded, double below, Reduction reduction) {}
