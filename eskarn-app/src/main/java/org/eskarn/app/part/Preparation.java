package org.eskarn.app.part;

/**
 * A thing to do, or to be aware of, before the sweep.
 *
 * @param caution whether somebody can be hurt; cautions stand before the steps
 */
public record Preparation(long id, long requirementId, int position, boolean caution, String text) {}
