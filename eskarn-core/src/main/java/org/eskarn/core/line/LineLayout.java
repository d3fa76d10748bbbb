package org.eskarn.core.line;

import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.units.LengthUnit;

/**
 * The stations that a line names, as they are written in the fields of a layout.
 *
 * @param unit of its distances
 */
public record LineLayout(LayoutKind kind, String first, String second, LengthUnit unit) {}
